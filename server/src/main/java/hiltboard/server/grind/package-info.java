/** The grinder's room over HTTP: readings of a blade while it is ground, belts that were used, the shop's edges. */
@NullMarked
package hiltboard.server.grind;

import org.jspecify.annotations.NullMarked;
