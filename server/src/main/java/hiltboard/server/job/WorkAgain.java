package hiltboard.server.job;

import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.core.route.Operation;
import hiltboard.server.ShopClock;
import hiltboard.server.chain.ReadingRepository;
import hiltboard.server.route.StepRepository;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Opens finished work again, part of the change that says why: what was measured and made there is measured and made
 * anew.
 */
@Component
public class WorkAgain {
    private final StepRepository steps;
    private final ReadingRepository readings;
    private final List<FollowsWork> rooms;
    private final ShopClock clock;

    WorkAgain(StepRepository steps, ReadingRepository readings, List<FollowsWork> rooms, ShopClock clock) {
        this.rooms = rooms;
        this.steps = steps;
        this.readings = readings;
        this.clock = clock;
    }

    public void open(PieceFile file, List<Operation> again) {
        if (again.isEmpty()) {
            return;
        }
        steps.reopen(file.id(), again.stream().map(Operation::key).toList());
        for (Operation operation : again) {
            operation.readings().forEach(dimension -> readings.strike(file.id(), dimension, clock.nowMillis()));
            readings.strikeMade(file.id(), operation.makes(), clock.nowMillis());
        }
        Anew anew = Anew.of(again);
        if (anew.has(Fresh.STEEL)) {
            steps.strikeOverrides(file.id(), clock.nowMillis());
        }
        rooms.forEach(room -> room.begunAnew(file.id(), anew, clock.nowMillis()));
    }
}
