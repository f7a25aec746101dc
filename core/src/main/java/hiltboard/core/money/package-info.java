/** What does it cost? Start at {@link MaterialCost}. Amounts are whole cents of the shop's own currency. */
@NullMarked
package hiltboard.core.money;

import org.jspecify.annotations.NullMarked;
