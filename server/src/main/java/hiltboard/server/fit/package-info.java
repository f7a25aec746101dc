/**
 * The fitting bench: a tang in guard, spacers and block, as they were measured. Start at
 * {@link hiltboard.server.fit.FitController}.
 */
@NullMarked
package hiltboard.server.fit;

import org.jspecify.annotations.NullMarked;
