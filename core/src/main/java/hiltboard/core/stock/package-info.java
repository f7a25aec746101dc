/**
 * What lies on the rack, what a piece takes of it, and what has to be bought? Start at {@link Lot} and {@link Need}.
 * Cutting bars is in {@code stock.cutting}.
 */
@NullMarked
package hiltboard.core.stock;

import org.jspecify.annotations.NullMarked;
