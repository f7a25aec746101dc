package hiltboard.server.bench;

import hiltboard.server.ShopClock;
import hiltboard.server.data.Reading;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.route.StepRepository;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.List;
import java.util.Optional;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Tells everyone when a rest is up. The clocks stand in the data file, so they run on through a restart. */
@Component
class RestClock {
    private final StepRepository steps;
    private final PieceFiles files;
    private final Changes changes;
    private final ShopClock clock;
    private final Reading reading;

    RestClock(StepRepository steps, PieceFiles files, Changes changes, ShopClock clock, Reading reading) {
        this.steps = steps;
        this.files = files;
        this.changes = changes;
        this.clock = clock;
        this.reading = reading;
    }

    @Scheduled(initialDelay = 1_000, fixedDelay = 500)
    void look() {
        List<StepRow> up = reading.of(() -> steps.restsUp(clock.nowMillis()));
        up.forEach(this::announce);
    }

    private void announce(StepRow row) {
        String id = "rest-" + row.piece() + "-" + row.operation() + "-" + row.restUntilMillis();
        changes.make(new Command(id, Optional.empty(), "clock"), () -> {
            steps.announced(row.piece(), row.operation());
            PieceFile file = files.open(row.piece());
            String title = file.route()
                    .step(row.operation())
                    .map(step -> step.operation().title())
                    .orElse(row.operation());
            return Entry.ofPiece(
                    Entry.Kind.REST_UP, file.jobId(), file.id(), file.name() + ": " + title + ": the rest is up");
        });
    }
}
