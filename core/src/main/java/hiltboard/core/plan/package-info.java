/**
 * Does the work that is left fit before the promised day? Start at {@link DaysInHand}.
 */
@NullMarked
package hiltboard.core.plan;

import org.jspecify.annotations.NullMarked;
