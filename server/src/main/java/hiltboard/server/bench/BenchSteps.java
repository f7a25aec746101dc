package hiltboard.server.bench;

import hiltboard.core.measure.Units;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operation.Hands;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Station;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.route.WorkLeft.Stage;
import hiltboard.server.access.Person;
import hiltboard.server.job.Gates;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.ShopDays;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * The steps that somebody is at, that rest, or that can be started, the most urgent first. Belongs into a transaction
 * of the caller.
 */
@Component
class BenchSteps {
    private final PieceFiles files;
    private final ShopDays days;

    BenchSteps(PieceFiles files, ShopDays days) {
        this.files = files;
        this.days = days;
    }

    /**
     * A step that can be picked up.
     *
     * @param standing RUNNING, RESTING or READY
     * @param windowClosesAtMillis zero where no window closes
     */
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

    /** A piece that somebody can work on, with what is left of it and how urgent it is. */
    record Lying(PieceFile file, Progress progress, List<WorkLeft> left, DaysInHand inHand) {}

    /** Every piece that lives and is not held. */
    List<Lying> lying() {
        Function<PieceFile, DaysInHand> inHand = days.ofEach();
        return files.openAllOfLivingJobs().stream()
                .filter(file -> file.isAlive() && file.heldReason().isEmpty())
                .map(file -> {
                    Progress progress = file.progress();
                    return new Lying(file, progress, file.workLeft(progress), inHand.apply(file));
                })
                .toList();
    }

    /** Of one piece, as somebody of this shop may pick them up. @param most that can be started are listed */
    static Stream<BenchStep> of(Lying piece, Person person, int most) {
        Gates gates = new Gates(piece.file(), piece.progress(), Units.INCH_FAHRENHEIT);
        Stream<BenchStep> begun = piece.left().stream()
                .filter(work -> work.isAt(Stage.UNDER_WAY, Stage.RESTS))
                .map(work -> step(piece, work, work.isAt(Stage.RESTS) ? "RESTING" : "RUNNING"));
        Stream<BenchStep> ready = piece.left().stream()
                .filter(work -> work.isAt(Stage.WAITS, Stage.NEXT)
                        && mayDo(person, work.operation())
                        && gates.isItsTurn(work.step()))
                .limit(most)
                .map(work -> step(piece, work, "READY"));
        return Stream.concat(begun, ready);
    }

    /** What closes first comes first, then what has the fewest days in hand. */
    static Comparator<BenchStep> byUrgency() {
        return Comparator.comparingLong(BenchSteps::closing)
                .thenComparingInt(BenchStep::daysInHand)
                .thenComparing(BenchStep::promisedOn)
                .thenComparingLong(BenchStep::pieceId);
    }

    private static long closing(BenchStep step) {
        return step.windowClosesAtMillis() == 0 ? Long.MAX_VALUE : step.windowClosesAtMillis();
    }

    private static boolean mayDo(Person person, Operation operation) {
        return person.isOwner() || operation.hands() == Hands.ANYBODY;
    }

    private static BenchStep step(Lying piece, WorkLeft work, String standing) {
        Operation operation = work.operation();
        Optional<StepRow> row = piece.file().row(work.step());
        return new BenchStep(
                piece.file().id(),
                piece.file().name(),
                piece.file().jobTitle(),
                operation.key(),
                operation.title(),
                operation.station(),
                operation.attendedMinutes(),
                standing,
                row.map(StepRow::startedBy).orElse(""),
                row.map(StepRow::starterId).orElse(0L),
                row.map(StepRow::restUntilMillis).orElse(0L),
                operation.restWords(),
                piece.inHand().inHand(),
                piece.file().promisedOn().toString(),
                work.windows().stream()
                        .mapToLong(window -> window.closes().toEpochMilli())
                        .min()
                        .orElse(0),
                row.filter(StepRow::isPutDown).isPresent());
    }
}
