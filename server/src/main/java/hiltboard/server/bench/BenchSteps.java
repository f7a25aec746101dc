package hiltboard.server.bench;

import hiltboard.core.measure.Units;
import hiltboard.core.plan.Ability;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.plan.NextUp.Hold;
import hiltboard.core.plan.Urgency;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Progress.Window;
import hiltboard.core.route.Station;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.route.WorkLeft.Stage;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchRow.BenchClock;
import hiltboard.server.bench.BenchRow.BenchHands;
import hiltboard.server.bench.BenchRow.BenchPiece;
import hiltboard.server.bench.BenchRow.BenchPromise;
import hiltboard.server.job.Gates;
import hiltboard.server.job.Hands;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.ShopDays;
import hiltboard.server.job.WorkedOut;
import hiltboard.server.plan.Abilities;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * The steps that somebody is at, that rest, or that can be started, the most urgent first; a batch's equal steps are
 * one row. Belongs into a transaction of the caller.
 */
@Component
class BenchSteps {
    private static final Units ANY = Units.INCH_FAHRENHEIT;

    private final PieceFiles files;
    private final ShopDays days;
    private final PutOnRepository putOn;
    private final Abilities abilities;
    private final ShopClock clock;
    private final WorkedOut<Lying> lying = new WorkedOut<>(Lying::of);

    BenchSteps(PieceFiles files, ShopDays days, PutOnRepository putOn, Abilities abilities, ShopClock clock) {
        this.files = files;
        this.days = days;
        this.putOn = putOn;
        this.abilities = abilities;
        this.clock = clock;
    }

    /**
     * A piece that somebody can work on.
     *
     * @param left in the order of its route
     * @param doable of that, what is under way, rests or can be started
     */
    record Lying(PieceFile file, List<WorkLeft> left, List<WorkLeft> doable) {
        static Lying of(PieceFile file) {
            Progress progress = file.progress();
            List<WorkLeft> left = file.workLeft(progress);
            Gates gates = new Gates(file, progress, ANY);
            return new Lying(
                    file,
                    left,
                    left.stream()
                            .filter(work -> work.isAt(Stage.UNDER_WAY, Stage.RESTS) || gates.isItsTurn(work.step()))
                            .toList());
        }
    }

    /** Every piece that lives and is not held. Most have not changed since they were looked at last. */
    List<Lying> lying() {
        return lying.ofAll(files.openAllOfLivingJobs().stream()
                .filter(file -> file.isAlive() && file.heldReason().isEmpty())
                .toList());
    }

    /** @param most of each piece that can be started and that nobody has on them */
    List<BenchRow> rows(List<Lying> lying, Person person, int most) {
        Looking looking =
                new Looking(person, new Hands(putOn.all()), abilities.of(person.id()), days.ofEach(), clock.today());
        return folded(lying.stream()
                .flatMap(piece -> looking.at(piece, most))
                .sorted(Comparator.comparing(Doing::urgency)
                        .thenComparingLong(each -> each.file().id()))
                .toList());
    }

    /** One step of one piece as somebody sees it. */
    private record Doing(PieceFile file, WorkLeft work, BenchHands hands, BenchClock clock, Urgency urgency) {

        boolean isBegun() {
            return work.isAt(Stage.UNDER_WAY, Stage.RESTS);
        }

        boolean isHeld() {
            return hands.holder().id() != 0;
        }

        /** Rows alike in this are one: the same hands do the same to pieces of the same job. */
        List<Object> fold() {
            return List.of(
                    file.jobId(),
                    work.operation().key(),
                    clock.standing(),
                    clock.restUntilMillis(),
                    clock.windowClosesAtMillis() == 0,
                    hands);
        }
    }

    /** What decides how somebody sees the shop's work, read once. */
    private record Looking(
            Person person,
            Hands hands,
            Function<Station, Ability> can,
            Function<PieceFile, DaysInHand> inHand,
            LocalDate today) {

        Stream<Doing> at(Lying piece, int most) {
            DaysInHand days = inHand.apply(piece.file());
            Map<Boolean, List<Doing>> byHeld = piece.doable().stream()
                    .filter(work -> person.isOwner() || work.operation().hands() == Operation.Hands.ANYBODY)
                    .map(work -> doing(piece.file(), work, days))
                    .collect(Collectors.partitioningBy(each -> each.isBegun() || each.isHeld()));
            return Stream.concat(
                    byHeld.get(true).stream(), byHeld.get(false).stream().limit(most));
        }

        private Doing doing(PieceFile file, WorkLeft work, DaysInHand days) {
            Optional<Instant> closes =
                    work.windows().stream().map(Window::closes).min(Comparator.naturalOrder());
            Optional<StepRow> row = file.row(work.step()).filter(StepRow::isUnderWay);
            return new Doing(
                    file,
                    work,
                    hands(file, work.operation(), row),
                    BenchClock.of(work, row, closes),
                    Urgency.of(closes, days.inHand(), file.promisedOn(), today));
        }

        private BenchHands hands(PieceFile file, Operation operation, Optional<StepRow> row) {
            Hands.Holder holder = hands.of(file, operation);
            Ability ability = can.apply(operation.station());
            return new BenchHands(
                    holder,
                    row.map(StepRow::startedBy).orElse(""),
                    row.filter(StepRow::isPutDown).isPresent(),
                    hold(holder, ability),
                    ability);
        }

        private Hold hold(Hands.Holder holder, Ability ability) {
            if (holder.id() == person.id()) {
                return Hold.MINE;
            }
            return holder.id() == 0 && ability != Ability.NOT ? Hold.ANYBODYS : Hold.OTHERS;
        }
    }

    private static List<BenchRow> folded(List<Doing> all) {
        return all.stream()
                .collect(Collectors.groupingBy(Doing::fold, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(BenchSteps::row)
                .toList();
    }

    private static BenchRow row(Collection<Doing> alike) {
        Doing first = alike.iterator().next();
        Operation operation = first.work().operation();
        return new BenchRow(
                operation.key(),
                operation.title(),
                operation.station(),
                first.file().jobId(),
                first.file().jobTitle(),
                alike.stream()
                        .map(each -> new BenchPiece(
                                each.file().id(),
                                each.file().name(),
                                each.file().rackSlot()))
                        .sorted(Comparator.comparingLong(BenchPiece::id))
                        .toList(),
                first.clock(),
                new BenchPromise(
                        first.file().promisedOn().toString(),
                        first.urgency().inHand(),
                        first.urgency().isThisWeeks()),
                first.hands());
    }
}
