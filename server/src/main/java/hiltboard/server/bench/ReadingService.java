package hiltboard.server.bench;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Unsettled;
import hiltboard.server.Refusal;
import hiltboard.server.Refusal.Both;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.chain.ReadingRepository;
import hiltboard.server.chain.ReadingRepository.Kind;
import hiltboard.server.chain.ReadingRepository.Reading;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What is measured at a bench: readings are understood, questioned, and never overwritten silently. */
@Service
public class ReadingService {
    private static final int LONGEST_REASON = 500;
    /** A reading this many times off is a slip, not a reading. */
    private static final double SLIPPED = 10;

    private static final Length NEVER_TOO_FAR = Length.ofInchFraction(1, 4);

    private final PieceFiles files;
    private final ReadingRepository readings;
    private final Changes changes;
    private final ShopClock clock;

    ReadingService(PieceFiles files, ReadingRepository readings, Changes changes, ShopClock clock) {
        this.files = files;
        this.readings = readings;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * A reading as it was typed.
     *
     * @param basedOn id of the reading that the page saw, zero if none
     * @param sure whether the maker has confirmed a value that is out
     * @param reason why it is taken as it is, where it is out; where it is empty it is asked for before the step is
     *     done
     */
    public record NewReading(String dimension, String entry, long basedOn, boolean sure, String reason) {
        private String why() {
            return reason.strip();
        }
    }

    /** A reading of one of several pieces. */
    public record OfPiece(long piece, NewReading reading) {}

    /** Takes readings of one piece or of several in one go: all or none, and every question is asked at once. */
    public Receipt read(List<OfPiece> taken, String operation, Person person, Command command) {
        return changes.makeAll(command, () -> {
            List<String> questions = taken.stream()
                    .flatMap(each -> question(each, operation, person, taken.size() > 1).stream())
                    .toList();
            if (!questions.isEmpty()) {
                throw Refusal.question(String.join(" ", questions));
            }
            return taken.stream().map(each -> take(each, operation, person)).toList();
        });
    }

    private Optional<String> question(OfPiece of, String operation, Person person, boolean isNamed) {
        PieceFile file = files.openAlive(of.piece());
        NewReading reading = of.reading();
        Step step = file.step(operation);
        if (!step.operation().readings().contains(reading.dimension())) {
            throw Refusal.entry(
                    reading.dimension(),
                    reading.entry(),
                    "This number is not read at “" + step.operation().title() + "”",
                    String.join(", ", step.operation().readings()));
        }
        mustStillBe(file, reading, person);
        Link link = file.chain(person.units()).link(reading.dimension()).orElseThrow();
        Quantity value = understood(link, reading, person.units());
        DimensionChain with = possible(file, reading, value, person.units());
        Judgement judged = with.judge(reading.dimension(), value);
        return reading.sure() || !reading.why().isEmpty() || !judged.isOut()
                ? Optional.empty()
                : Optional.of(isNamed ? file.name() + ": " + judged.words() : judged.words());
    }

    /**
     * Takes a reading that an instrument gave, whatever it is, in place of an earlier one; part of a change of the
     * caller.
     *
     * @param reason why it may be out; empty where that is for the maker to say
     */
    public Entry takeFrom(long piece, String operation, String dimension, String entry, String reason, Person person) {
        return take(new OfPiece(piece, new NewReading(dimension, entry, 0, true, reason)), operation, person);
    }

    private Entry take(OfPiece of, String operation, Person person) {
        PieceFile file = files.openAlive(of.piece());
        NewReading reading = of.reading();
        Link link = file.chain(person.units()).link(reading.dimension()).orElseThrow();
        Quantity value = understood(link, reading, person.units());
        Judgement judged = possible(file, reading, value, person.units()).judge(reading.dimension(), value);
        readings.take(
                of.piece(),
                operation,
                reading.dimension(),
                value,
                reading.entry().strip(),
                person.id(),
                clock.nowMillis());
        boolean isTaken = judged.isOut() && !reading.why().isEmpty();
        if (isTaken) {
            readings.takeAsItIs(
                    Kind.READING,
                    of.piece(),
                    reading.dimension(),
                    reason(reading.why()),
                    link.expected().value(),
                    person.id(),
                    clock.nowMillis());
        }
        return file.entry(
                Entry.Kind.READING_TAKEN,
                file.step(operation),
                link.dimension().label().toLowerCase(Locale.ROOT) + " reads " + value.in(person.units())
                        + (judged.isOut() ? ", " + judged.verdict().words() : "")
                        + (isTaken ? "; taken as it is because: " + reading.why() : ""));
    }

    /**
     * Takes a reading that is out, or a part that was made to a number which has moved, as it is.
     *
     * @throws Refusal without a reason, or where there is nothing to take
     */
    public Receipt takeAsItIs(long piece, String dimension, String why, Person person, Command command) {
        String reason = reason(why);
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            DimensionChain chain = file.chain(person.units());
            Link link = chain.link(dimension).orElseThrow(() -> Refusal.notThere("There is no such number."));
            boolean isStale = link.stale().isPresent() && !Unsettled.isTaken(link, file.accepted());
            boolean isOut =
                    file.readingsByDimension().containsKey(dimension) && Unsettled.isOut(link, chain, file.accepted());
            if (!isStale && !isOut) {
                throw Refusal.outOfTurn(link.dimension().label()
                        + " needs no reason: it is not out, or somebody has taken it already.");
            }
            readings.takeAsItIs(
                    isStale ? Kind.PART : Kind.READING,
                    piece,
                    dimension,
                    reason,
                    link.expected().value(),
                    person.id(),
                    clock.nowMillis());
            String what = isStale
                    ? "made to " + link.madeTo().orElseThrow().in(person.units())
                    : link.current().in(person.units());
            return Entry.ofPiece(
                    Entry.Kind.TAKEN_AS_IT_IS,
                    file.jobId(),
                    piece,
                    file.name() + ": " + link.dimension().label().toLowerCase(Locale.ROOT) + ", " + what + " where "
                            + link.expectedIn(person.units()) + " was wanted, is taken as it is because: " + reason);
        });
    }

    private static String reason(String why) {
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw Refusal.entry(
                    "reason",
                    why,
                    why.isBlank() ? "A reason is needed" : "The reason is too long",
                    "why it may stay as it is, up to " + LONGEST_REASON + " characters");
        }
        return why.strip();
    }

    public Receipt strike(long piece, String operation, String dimension, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Step step = file.step(operation);
            Reading reading = Optional.ofNullable(file.readingsByDimension().get(dimension))
                    .orElseThrow(() -> Refusal.notThere("There is no such reading."));
            Map<String, Quantity> without = new HashMap<>(file.readingValues());
            without.remove(dimension);
            compute(file, without, reading.typed(), dimension, person.units());
            readings.strike(piece, dimension, clock.nowMillis());
            return file.entry(
                    Entry.Kind.READING_STRUCK,
                    step,
                    "reading " + reading.value().in(person.units()) + " was struck out");
        });
    }

    private void mustStillBe(PieceFile file, NewReading reading, Person person) {
        Optional<Reading> current =
                Optional.ofNullable(file.readingsByDimension().get(reading.dimension()));
        long currentId = current.map(Reading::id).orElse(0L);
        if (currentId != reading.basedOn()) {
            String label = file.chain(person.units())
                    .link(reading.dimension())
                    .orElseThrow()
                    .dimension()
                    .label();
            throw Refusal.bothChanged(List.of(new Both(
                    reading.dimension(),
                    label,
                    reading.entry(),
                    current.map(each -> each.value().in(person.units())).orElse("struck out"),
                    current.map(Reading::takenBy).orElse("somebody"),
                    String.valueOf(currentId))));
        }
    }

    private static Quantity understood(Link link, NewReading reading, Units units) {
        Understood<? extends Quantity> read = link.current() instanceof Hardness
                ? ShopNotation.hardness(reading.entry())
                : link.current() instanceof Temperature
                        ? ShopNotation.temperature(reading.entry(), units)
                        : length(link, reading.entry(), units);
        if (read instanceof Understood.Value<? extends Quantity> value) {
            if (value.value().magnitude() > 0) {
                return value.value();
            }
            throw Refusal.entry(
                    reading.dimension(), reading.entry(), "A reading of nothing cannot be", "more than nothing");
        }
        Understood.Refused<?> refused = (Understood.Refused<?>) read;
        throw Refusal.entry(reading.dimension(), reading.entry(), refused.problem(), refused.accepted());
    }

    /** A length somewhere near what was expected; what cannot be meant is asked back with a guess. */
    private static Understood<Length> length(Link link, String entry, Units units) {
        Length expected = (Length) link.expected().value();
        Understood<Length> read = ShopNotation.reading(entry, expected, units);
        Length most = expected.times(SLIPPED).compareTo(expected.plus(NEVER_TOO_FAR)) > 0
                ? expected.times(SLIPPED)
                : expected.plus(NEVER_TOO_FAR);
        LengthRange likely = new LengthRange(expected.times(1 / SLIPPED / SLIPPED), most);
        return read instanceof Understood.Value<Length> value
                        && value.value().isPositive()
                        && !likely.holds(value.value())
                ? new Understood.Refused<>(
                        value.value().in(units) + " cannot be “"
                                + link.dimension().label() + "”" + likely.meant(value.value(), units),
                        "about " + link.expectedIn(units))
                : read;
    }

    /** The chain with this reading in it. */
    private static DimensionChain possible(PieceFile file, NewReading reading, Quantity value, Units units) {
        Map<String, Quantity> with = new HashMap<>(file.readingValues());
        with.put(reading.dimension(), value);
        return compute(file, with, reading.entry(), reading.dimension(), units);
    }

    private static DimensionChain compute(
            PieceFile file, Map<String, Quantity> values, String entry, String dimension, Units units) {
        try {
            return file.chainWith(units, values);
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible(dimension, entry, impossible, units);
        }
    }
}
