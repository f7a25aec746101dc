package hiltboard.server.bench;

import hiltboard.core.measure.Units;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Progress.Window;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Station;
import hiltboard.core.route.Trait;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.Gates;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.ShopDays;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench: what can be started now. */
@RestController
class BenchController {
    private static final int SHOWN_OF_A_PIECE = 3;

    private final PieceFiles files;
    private final ShopDays days;
    private final ShopClock clock;

    BenchController(PieceFiles files, ShopDays days, ShopClock clock) {
        this.files = files;
        this.days = days;
        this.clock = clock;
    }

    /** A step that can be picked up. */
    record BenchStep(
            long pieceId,
            String pieceName,
            String jobTitle,
            String operation,
            String title,
            Station station,
            int attendedMinutes,
            String standing,
            String startedBy,
            long starterId,
            long restUntilMillis,
            String restWords,
            int daysInHand,
            String promisedOn,
            long windowClosesAtMillis,
            boolean isPutDown) {}

    /** What lies on the bench: mine, other people's, resting, and what I can start now, most urgent first. */
    record Bench(
            List<BenchStep> mine,
            List<BenchStep> resting,
            List<BenchStep> canStart,
            List<BenchStep> others,
            long nowMillis) {}

    @GetMapping("/api/bench")
    @Transactional(readOnly = true)
    Bench bench(Person person) {
        Function<PieceFile, DaysInHand> inHand = days.ofEach();
        List<BenchStep> all = files.openAllOfLivingJobs().stream()
                .filter(file -> file.isAlive() && file.heldReason().isEmpty())
                .flatMap(file -> steps(file, inHand.apply(file), person))
                .sorted(Comparator.comparingLong(BenchController::urgency)
                        .thenComparingInt(BenchStep::daysInHand)
                        .thenComparing(BenchStep::promisedOn)
                        .thenComparingLong(BenchStep::pieceId))
                .toList();
        return new Bench(
                all.stream()
                        .filter(step -> step.standing().equals("RUNNING") && step.starterId() == person.id())
                        .toList(),
                all.stream()
                        .filter(step -> step.standing().equals("RESTING"))
                        .sorted(Comparator.comparingLong(BenchStep::restUntilMillis))
                        .toList(),
                all.stream().filter(step -> step.standing().equals("READY")).toList(),
                all.stream()
                        .filter(step -> step.standing().equals("RUNNING") && step.starterId() != person.id())
                        .toList(),
                clock.nowMillis());
    }

    /** Steps with a closing window come before all others. */
    private static long urgency(BenchStep step) {
        return step.windowClosesAtMillis() == 0 ? Long.MAX_VALUE : step.windowClosesAtMillis();
    }

    private static Stream<BenchStep> steps(PieceFile file, DaysInHand inHand, Person person) {
        Progress progress = file.progress();
        Gates gates = new Gates(file, progress, Units.INCH_FAHRENHEIT);
        List<Window> windows = file.windows(progress);
        List<BenchStep> picked = new ArrayList<>();
        int ready = 0;
        for (Step step : file.route().steps()) {
            Standing standing = file.row(step).map(StepRow::standing).orElse(Standing.OPEN);
            if (standing == Standing.RUNNING || standing == Standing.RESTING) {
                picked.add(benchStep(file, step, standing.name(), inHand, windows));
            } else if (standing == Standing.OPEN
                    && ready < SHOWN_OF_A_PIECE
                    && isFor(person, step)
                    && gates.isItsTurn(step)) {
                picked.add(benchStep(file, step, "READY", inHand, windows));
                ready++;
            }
        }
        return picked.stream();
    }

    /** The client's yes lies on nobody's bench but the owner's. */
    private static boolean isFor(Person person, Step step) {
        return person.isOwner() || !step.operation().is(Trait.APPROVES);
    }

    private static BenchStep benchStep(
            PieceFile file, Step step, String standing, DaysInHand days, List<Window> windows) {
        Operation operation = step.operation();
        Optional<StepRow> row = file.row(step);
        long closes = windows.stream()
                .filter(window -> window.step().operation().key().equals(operation.key()))
                .mapToLong(window -> window.closes().toEpochMilli())
                .min()
                .orElse(0);
        return new BenchStep(
                file.id(),
                file.name(),
                file.jobTitle(),
                operation.key(),
                operation.title(),
                operation.station(),
                operation.attendedMinutes(),
                standing,
                row.map(StepRow::startedBy).orElse(""),
                row.map(StepRow::starterId).orElse(0L),
                row.map(StepRow::restUntilMillis).orElse(0L),
                operation.restWords(),
                days.inHand(),
                file.promisedOn().toString(),
                closes,
                row.filter(StepRow::isPutDown).isPresent());
    }
}
