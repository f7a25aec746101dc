/**
 * What does a billet become, what is seen of it, and may a flawed one go on? A {@link Recipe} carries a {@link Billet}
 * from the bars to the blades; {@link PatternView} shows it; {@link CladBlade} and {@link LaminateFlaw} answer for clad
 * blades. Volume is kept but for scale, saw and grinder; common practice of the trade.
 */
@NullMarked
package hiltboard.core.forge;

import org.jspecify.annotations.NullMarked;
