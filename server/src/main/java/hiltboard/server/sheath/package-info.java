/** The leather bench: sheaths from their knives' own outlines. Start at {@link SheathController}. */
@NullMarked
package hiltboard.server.sheath;

import org.jspecify.annotations.NullMarked;
