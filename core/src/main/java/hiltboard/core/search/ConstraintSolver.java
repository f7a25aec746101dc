package hiltboard.core.search;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Runs the solver for orders in time on one model, on one core, within the caller's patience, and stops when it is told
 * to. Used once.
 */
public final class ConstraintSolver {
    private final Duration patience;
    private final CpSolver solver;
    private volatile boolean isCancelled;
    private volatile Optional<Told> telling = Optional.empty();

    /** @throws IllegalStateException if the solver's own code is not there for this machine */
    public ConstraintSolver(Duration patience) {
        this.patience = patience;
        Solver.mustBeThere();
        this.solver = new CpSolver();
    }

    /**
     * What was found.
     *
     * @param values of the variables that were asked for
     * @param bound that nothing better than this exists
     */
    public record Found(long[] values, double bound, boolean isBest) {}

    /** Hears of each better answer, on the solver's own thread. */
    private static final class Told extends CpSolverSolutionCallback {
        private final IntVar[] shown;
        private final Consumer<long[]> better;

        private Told(IntVar[] shown, Consumer<long[]> better) {
            this.shown = shown;
            this.better = better;
        }

        @Override
        public void onSolutionCallback() {
            better.accept(Arrays.stream(shown).mapToLong(this::value).toArray());
        }
    }

    public void cancel() {
        isCancelled = true;
        telling.ifPresent(Told::stopSearch);
    }

    /** Empty where nothing was found in the time, or nothing can be. */
    public Optional<Found> solve(CpModel model, IntVar[] shown, Consumer<long[]> better) {
        Told told = new Told(shown, better);
        telling = Optional.of(told);
        solver.getParameters()
                .setMaxTimeInSeconds(Math.max(0.05, patience.toMillis() / 1000.0))
                .setNumWorkers(1);
        CpSolverStatus status = isCancelled ? CpSolverStatus.UNKNOWN : solver.solve(model, told);
        telling = Optional.empty();
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE
                ? Optional.of(new Found(
                        Arrays.stream(shown).mapToLong(solver::value).toArray(),
                        solver.bestObjectiveBound(),
                        status == CpSolverStatus.OPTIMAL))
                : Optional.empty();
    }
}
