/**
 * In which order several blades go through one bath: a {@link hiltboard.core.etch.stagger.TankBatch} is looked through
 * by {@link hiltboard.core.etch.stagger.TankPlanSearch} for its {@link hiltboard.core.etch.stagger.TankPlan}.
 */
@NullMarked
package hiltboard.core.etch.stagger;

import org.jspecify.annotations.NullMarked;
