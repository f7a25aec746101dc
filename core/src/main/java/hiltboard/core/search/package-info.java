/**
 * How is something looked for that takes long? A {@link hiltboard.core.search.LongSearch} is run, watched, ended early,
 * and asked for the best that it has; {@link hiltboard.core.search.Solver} is the one way to the solver for whole
 * numbers and its native code, {@link hiltboard.core.search.ConstraintSolver} to that for orders in time.
 */
@NullMarked
package hiltboard.core.search;

import org.jspecify.annotations.NullMarked;
