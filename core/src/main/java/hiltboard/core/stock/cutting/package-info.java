/**
 * Which blanks come out of which bar, and where? Start at {@link CuttingProblem} and {@link CuttingSolver}.
 *
 * <p>Blanks lie along a bar one after another, each as it was drawn, turned end for end, or with its other face up,
 * against either edge of the bar. How near two neighbours may lie is worked out from their true outlines
 * ({@link Nest}); the shortest row of some blanks from that ({@link Rows}); and which rows to cut from which bars by a
 * solver, which also proves how much less could be used at most.
 */
@NullMarked
package hiltboard.core.stock.cutting;

import org.jspecify.annotations.NullMarked;
