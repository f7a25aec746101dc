/**
 * Does the work that is left fit before the promised day? Start at {@link ShopPass}: a simple forward pass over the
 * whole shop.
 */
@NullMarked
package hiltboard.core.plan;

import org.jspecify.annotations.NullMarked;
