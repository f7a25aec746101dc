/** What does it cost? Start at {@link MaterialCost}. Amounts are {@link hiltboard.core.measure.Money}. */
@NullMarked
package hiltboard.core.money;

import org.jspecify.annotations.NullMarked;
