package hiltboard.server.etch;

import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Trait;
import hiltboard.server.ShopClock;
import hiltboard.server.bench.HoldsStep;
import hiltboard.server.etch.TankRunRepository.RunRow;
import hiltboard.server.job.FollowsWork;
import hiltboard.server.job.PieceFile;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * The step is not over while its blade is on the tank's clock; a blade that is etched again begins a clock of its own.
 */
@Component
class AtTheTank implements HoldsStep, FollowsWork {
    private final TankRunRepository runs;
    private final MarkRepository marks;
    private final ShopClock clock;

    AtTheTank(TankRunRepository runs, MarkRepository marks, ShopClock clock) {
        this.runs = runs;
        this.marks = marks;
        this.clock = clock;
    }

    @Override
    public Optional<String> notYet(PieceFile file, Operation operation) {
        return operation.is(Trait.ETCHES)
                ? runs.latest(file.id()).filter(RunRow::isAtTheTank).map(run -> words(file, run))
                : Optional.empty();
    }

    private String words(PieceFile file, RunRow run) {
        int cycle = run.clock().standing(clock.now()).cycle();
        return file.name() + " is still at the tank, cycle " + cycle + " of "
                + run.run().recipe().cycleCount() + ": say there what its cycles did, or take it off its clock.";
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.ETCH)) {
            runs.strikeAll(piece, atMillis);
        }
        if (anew.has(Fresh.MARK)) {
            marks.strikeAll(piece, atMillis);
        }
    }
}
