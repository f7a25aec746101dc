package hiltboard.server.bench;

import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Progress;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.StepViews;
import hiltboard.server.job.StepViews.StepView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench: what can be started now. */
@RestController
class BenchController {
    private static final int SHOWN_OF_A_PIECE = 3;

    private final PieceFiles files;
    private final ShopClock clock;

    BenchController(PieceFiles files, ShopClock clock) {
        this.files = files;
        this.clock = clock;
    }

    /** A step that can be picked up. */
    record BenchStep(
            long pieceId, String pieceName, String jobTitle, String operation, String title, String station, int attendedMinutes, String standing,
            String startedBy, long starterId, long restUntilMillis, String restWords, int daysInHand, String promisedOn, long windowClosesAtMillis) {}

    /** What lies on the bench: mine, other people's, resting, and what I can start now, most urgent first. */
    record Bench(List<BenchStep> mine, List<BenchStep> resting, List<BenchStep> canStart, List<BenchStep> others, long nowMillis) {}

    @GetMapping("/api/bench")
    @Transactional(readOnly = true)
    Bench bench(Person person) {
        List<BenchStep> all = files.openAllOfLivingJobs().stream().filter(file -> file.isAlive() && file.heldReason().isEmpty()).flatMap(this::steps)
                .sorted(Comparator.comparingLong(BenchController::urgency).thenComparingInt(BenchStep::daysInHand).thenComparing(BenchStep::promisedOn).thenComparingLong(BenchStep::pieceId))
                .toList();
        return new Bench(
                all.stream().filter(step -> step.standing().equals("RUNNING") && step.starterId() == person.id()).toList(),
                all.stream().filter(step -> step.standing().equals("RESTING")).sorted(Comparator.comparingLong(BenchStep::restUntilMillis)).toList(),
                all.stream().filter(step -> step.standing().equals("READY")).toList(),
                all.stream().filter(step -> step.standing().equals("RUNNING") && step.starterId() != person.id()).toList(), clock.nowMillis());
    }

    /** Steps with a closing window come before all others. */
    private static long urgency(BenchStep step) {
        return step.windowClosesAtMillis() == 0 ? Long.MAX_VALUE : step.windowClosesAtMillis();
    }

    private Stream<BenchStep> steps(PieceFile file) {
        Progress progress = file.progress();
        DaysInHand days = file.daysInHand(clock.today());
        List<BenchStep> picked = new ArrayList<>();
        int ready = 0;
        for (StepView view : StepViews.steps(file)) {
            boolean underWay = view.standing().equals("RUNNING") || view.standing().equals("RESTING");
            boolean canStart = view.standing().equals("READY") && view.isItsTurn() && ready++ < SHOWN_OF_A_PIECE;
            if (underWay || canStart) {
                long closes = progress.windows().stream().filter(window -> window.step().operation().key().equals(view.operation())).mapToLong(window -> window.closes().toEpochMilli()).min().orElse(0);
                picked.add(new BenchStep(file.id(), file.name(), file.jobTitle(), view.operation(), view.title(), view.station(), view.attendedMinutes(), view.standing(),
                        view.startedBy(), view.starterId(), view.restUntilMillis(), view.restWords(), days.inHand(), file.promisedOn().toString(), closes));
            }
        }
        return picked.stream();
    }
}
