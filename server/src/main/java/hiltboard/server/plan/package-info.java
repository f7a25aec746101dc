/** When does the shop work? Start at {@link ClosedDays}. */
@NullMarked
package hiltboard.server.plan;

import org.jspecify.annotations.NullMarked;
