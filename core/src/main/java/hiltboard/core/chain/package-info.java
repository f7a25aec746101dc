/**
 * Where did this number come from and what hangs on it? Start at {@link DimensionChain}.
 *
 * <p>A reading replaces the designed value for everything downstream. A part that was made to a number which has moved
 * since by more than its tolerance is stale.
 */
@NullMarked
package hiltboard.core.chain;

import org.jspecify.annotations.NullMarked;
