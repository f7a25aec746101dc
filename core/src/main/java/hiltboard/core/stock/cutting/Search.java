package hiltboard.core.stock.cutting;

import com.google.ortools.linearsolver.MPSolver;
import hiltboard.core.stock.cutting.CuttingSolver.Settings;
import java.util.Optional;

/** Runs the solver on one model after another within the caller's patience, and stops when it is told to. */
final class Search {
    private static final long LEAST_MILLIS = 50;

    private final Settings settings;
    private final long began = System.nanoTime();
    private volatile boolean isCancelled;
    private volatile Optional<MPSolver> running = Optional.empty();

    Search(Settings settings) {
        this.settings = settings;
    }

    void cancel() {
        isCancelled = true;
        running.ifPresent(MPSolver::interruptSolve);
    }

    boolean isCancelled() {
        return isCancelled;
    }

    /** What is left of the caller's patience, in seconds; may be less than nothing. */
    double left() {
        return settings.patience().toMillis() / 1000.0 - (System.nanoTime() - began) / 1e9;
    }

    /** A model without anything in it: mixed whole numbers, to be minimised. */
    static MPSolver model() {
        return Optional.ofNullable(MPSolver.createSolver("SCIP"))
                .orElseThrow(() -> new IllegalStateException("The solver's own code is not there for this machine"));
    }

    /** Whether an answer was found in the time. */
    boolean solve(MPSolver model, double seconds) {
        model.setTimeLimit(Math.max(LEAST_MILLIS, Math.round(seconds * 1000)));
        running = Optional.of(model);
        MPSolver.ResultStatus status = isCancelled ? MPSolver.ResultStatus.NOT_SOLVED : model.solve();
        running = Optional.empty();
        return status == MPSolver.ResultStatus.OPTIMAL || status == MPSolver.ResultStatus.FEASIBLE;
    }
}
