/**
 * Where does the grinding line lie, how thick is the edge left, what angle follows? Start at {@link CentreLine},
 * {@link Bevel} and {@link EdgeLeft}. Plane geometry of a symmetrical blade.
 */
@NullMarked
package hiltboard.core.grind;

import org.jspecify.annotations.NullMarked;
