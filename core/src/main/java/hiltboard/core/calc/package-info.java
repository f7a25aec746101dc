/** Which calculations can be asked for by name? Start at {@link Calculators}. */
@NullMarked
package hiltboard.core.calc;

import org.jspecify.annotations.NullMarked;
