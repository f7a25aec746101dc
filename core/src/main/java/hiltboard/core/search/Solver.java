package hiltboard.core.search;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPSolver;
import java.time.Duration;
import java.util.Optional;

/**
 * Runs the solver for whole numbers on one model after another within the caller's patience, and stops when it is told
 * to. Several threads may solve at once; only the model that was begun last is interrupted in its midst, the others end
 * with their time.
 */
public final class Solver {
    private static final long LEAST_MILLIS = 50;

    private final Duration patience;
    private volatile long began = System.nanoTime();
    private volatile boolean isCancelled;
    private volatile Optional<MPSolver> running = Optional.empty();

    public Solver(Duration patience) {
        this.patience = patience;
    }

    /** From now on patience is used up. */
    public void begin() {
        began = System.nanoTime();
    }

    public void cancel() {
        isCancelled = true;
        running.ifPresent(MPSolver::interruptSolve);
    }

    public boolean isCancelled() {
        return isCancelled;
    }

    /** What is left of the caller's patience, in seconds; may be less than nothing. */
    public double left() {
        return patience.toMillis() / 1000.0 - (System.nanoTime() - began) / 1e9;
    }

    /**
     * A model without anything in it: mixed whole numbers, to be minimised.
     *
     * @throws IllegalStateException if the solver's own code is not there for this machine
     */
    public static MPSolver model() {
        return Optional.ofNullable(Native.IS_LOADED ? MPSolver.createSolver("SCIP") : null)
                .orElseThrow(() -> new IllegalStateException("The solver's own code is not there for this machine"));
    }

    /** @throws IllegalStateException if the solver's own code is not there for this machine */
    static void mustBeThere() {
        if (!Native.IS_LOADED) {
            throw new IllegalStateException("The solver's own code is not there for this machine");
        }
    }

    /** Whether an answer was found in the time. */
    public boolean solve(MPSolver model, double seconds) {
        model.setTimeLimit(Math.max(LEAST_MILLIS, Math.round(seconds * 1000)));
        running = Optional.of(model);
        MPSolver.ResultStatus status = isCancelled ? MPSolver.ResultStatus.NOT_SOLVED : model.solve();
        running = Optional.empty();
        return status == MPSolver.ResultStatus.OPTIMAL || status == MPSolver.ResultStatus.FEASIBLE;
    }

    /** Loaded once, when the first model is asked for: it takes most of a second. */
    private static final class Native {
        static final boolean IS_LOADED = isLoaded();

        private static boolean isLoaded() {
            Loader.loadNativeLibraries();
            return true;
        }
    }
}
