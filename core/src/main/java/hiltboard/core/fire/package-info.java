/**
 * How is a blade hardened and tempered, in which fire, and how hard and straight is it then? Start at {@link Programme}
 * for what the steel asks, at {@link Load} for pieces that share a fire, at {@link Kiln} for how a kiln behaves, and at
 * {@link Tempering} for what a temper makes of a hardness. Metallurgy is from published equations inside their validity
 * (Hollomon and Jaffe 1945, Andrews 1965, ASTM E140); everything else is common practice or arithmetic, and says so.
 * Outside what is known nothing is answered.
 */
@NullMarked
package hiltboard.core.fire;

import org.jspecify.annotations.NullMarked;
