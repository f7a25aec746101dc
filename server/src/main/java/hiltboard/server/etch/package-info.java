/**
 * The tank: baths, recipes, and the clock of every blade in them. Start at
 * {@link hiltboard.server.etch.TankController}.
 */
@NullMarked
package hiltboard.server.etch;

import org.jspecify.annotations.NullMarked;
