package hiltboard.server.demo;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operation.Hands;
import hiltboard.core.route.Route.Step;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchService;
import hiltboard.server.bench.ReadingService;
import hiltboard.server.bench.ReadingService.NewReading;
import hiltboard.server.bench.ReadingService.OfPiece;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Command.Actor;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;

/** Plays the past of the demo shop through the same services that the benches use. */
@Component
class Diary {
    /** What a drill makes is as large as the drill. */
    private static final Set<String> DRILLED = Set.of(
            PieceDimensions.PIN_DIAMETER,
            PieceDimensions.TANG_HOLE,
            PieceDimensions.SCALE_HOLE,
            PieceDimensions.SLOT_WIDTH,
            PieceDimensions.LIP_WIDTH);

    private static final LocalTime OPENS = LocalTime.of(8, 0);
    private static final LocalTime CLOSES = LocalTime.of(17, 0);

    private final BenchService bench;
    private final ReadingService readings;
    private final PieceFiles files;
    private final AccessService access;
    private final ShopClock clock;

    Diary(BenchService bench, ReadingService readings, PieceFiles files, AccessService access, ShopClock clock) {
        this.access = access;
        this.bench = bench;
        this.readings = readings;
        this.files = files;
        this.clock = clock;
    }

    static Command command(Person person) {
        return new Command(UUID.randomUUID().toString(), Optional.of(new Actor(person.id(), person.name())), "demo");
    }

    /**
     * Does every step before {@code until}, each maker by turns, in working hours, with readings a little off what was
     * designed; the last one ends at {@code end}.
     */
    void work(long piece, String until, Instant end, List<Person> makers) {
        Random chance = new Random(piece);
        List<Step> steps = files.open(piece).route().steps().stream()
                .takeWhile(step -> !step.operation().key().equals(until))
                .filter(step -> !isDone(piece, step))
                .toList();
        Instant at = beginning(steps, end);
        for (Step step : steps) {
            Operation operation = step.operation();
            Instant latest = end.minus(Duration.ofMinutes(operation.attendedMinutes() + 4))
                    .minus(files.open(piece).rest(operation));
            at = step == steps.get(steps.size() - 1) && latest.isAfter(at) ? latest : inWorkingHours(at);
            Person maker = makers.get(Math.floorMod(operation.station().ordinal() + (int) piece, makers.size()));
            at = doStep(piece, operation, at, maker, chance);
        }
    }

    /** Starts a step and, where it rests, its rest. */
    void begin(long piece, String operation, Instant then, Person maker) {
        clock.at(then, () -> {
            bench.start(List.of(piece), operation, maker, command(maker));
            if (files.open(piece)
                    .route()
                    .step(operation)
                    .orElseThrow()
                    .operation()
                    .rests()) {
                bench.rest(List.of(piece), operation, command(maker));
            }
        });
    }

    void read(long piece, String operation, String dimension, String entry, Instant then, Person maker) {
        long basedOn = Optional.ofNullable(
                        files.open(piece).readingsByDimension().get(dimension))
                .map(reading -> reading.id())
                .orElse(0L);
        clock.at(
                then,
                () -> readings.read(
                        List.of(new OfPiece(piece, new NewReading(dimension, entry, basedOn, true, ""))),
                        operation,
                        maker,
                        command(maker)));
    }

    private Instant doStep(long piece, Operation operation, Instant started, Person whoever, Random chance) {
        Person maker = operation.hands() == Hands.OWNER ? owner() : whoever;
        Optional<Operation> again = workDoneAgain(piece, operation, started, maker);
        if (again.isPresent()) {
            return doStep(piece, operation, doStep(piece, again.get(), started, maker, chance), maker, chance);
        }
        Instant handsOff =
                started.plus(Duration.ofMinutes(Math.max(2, operation.attendedMinutes() - 3 + chance.nextInt(7))));
        clock.at(started, () -> bench.start(List.of(piece), operation.key(), maker, command(maker)));
        operation
                .readings()
                .forEach(dimension -> read(
                        piece, operation.key(), dimension, nearly(piece, dimension, maker, chance), handsOff, maker));
        Instant ended = handsOff.plus(files.open(piece).rest(operation));
        if (operation.rests()) {
            clock.at(handsOff, () -> bench.rest(List.of(piece), operation.key(), command(maker)));
        }
        clock.at(ended, () -> bench.done(List.of(piece), operation.key(), operation.checks(), maker, command(maker)));
        return ended;
    }

    private Person owner() {
        return access.people().stream().filter(Person::isOwner).findFirst().orElseThrow();
    }

    /** A night lay between: what was clean is done again before work goes on. */
    private Optional<Operation> workDoneAgain(long piece, Operation before, Instant then, Person maker) {
        AtomicReference<Optional<Operation>> again = new AtomicReference<>(Optional.empty());
        clock.at(then, () -> {
            PieceFile file = files.open(piece);
            again.set(file.gate(file.step(before.key())).closedBy().stream()
                    .flatMap(obstacle -> obstacle.again().stream())
                    .findFirst());
            again.get().ifPresent(work -> bench.again(piece, work.key(), command(maker)));
        });
        return again.get();
    }

    private String nearly(long piece, String dimension, Person maker, Random chance) {
        PieceFile file = files.open(piece);
        Quantity expected = file.chain(maker.units())
                .link(dimension)
                .orElseThrow()
                .expected()
                .value();
        if (!DRILLED.contains(dimension)
                && expected instanceof Length length
                && length.compareTo(Length.ofInches("0.050")) > 0) {
            return length.minus(Length.ofInches("0.001").times(chance.nextInt(3)))
                    .in(maker.units());
        }
        return expected.in(maker.units());
    }

    private boolean isDone(long piece, Step step) {
        return files.open(piece)
                .progress()
                .doneAt()
                .containsKey(step.operation().key());
    }

    /** Early enough that everything fits into working hours before the end. */
    private Instant beginning(List<Step> steps, Instant end) {
        Duration handsOn = Duration.ofMinutes(steps.stream()
                .mapToLong(step -> step.operation().attendedMinutes() + 4)
                .sum());
        Duration rests = steps.stream().map(step -> step.operation().rest()).reduce(Duration.ZERO, Duration::plus);
        return end.minus(handsOn.multipliedBy(4)).minus(rests.multipliedBy(3)).minus(Duration.ofDays(4));
    }

    private Instant inWorkingHours(Instant at) {
        ZoneId zone = clock.zone();
        ZonedDateTime local = at.atZone(zone);
        if (local.toLocalTime().isBefore(OPENS)) {
            local = local.with(OPENS);
        } else if (local.toLocalTime().isAfter(CLOSES)) {
            local = local.plusDays(1).with(OPENS);
        }
        while (local.getDayOfWeek().getValue() > 5) {
            local = local.plusDays(1).with(OPENS);
        }
        return local.toInstant();
    }
}
