/**
 * What is done in which order, and why? Start at {@link RoutePlanner}.
 *
 * <p>The order is computed from {@link OrderRules}; nothing in it is a list for one construction.
 */
@NullMarked
package hiltboard.core.route;

import org.jspecify.annotations.NullMarked;
