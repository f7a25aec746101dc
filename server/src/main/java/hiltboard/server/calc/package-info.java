/** How are calculators asked over HTTP? Start at {@link hiltboard.server.calc.CalcController}. */
@NullMarked
package hiltboard.server.calc;

import org.jspecify.annotations.NullMarked;
