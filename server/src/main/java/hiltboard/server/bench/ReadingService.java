package hiltboard.server.bench;

import hiltboard.core.chain.Link;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Route.Step;
import hiltboard.server.Refusal.Both;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.chain.ReadingRepository.Reading;
import hiltboard.server.chain.ReadingRepository;
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
     * @param sure whether the maker has confirmed an unlikely value
     */
    public record NewReading(String dimension, String entry, long basedOn, boolean sure) {}

    /** A reading of one of several pieces. */
    public record OfPiece(long piece, NewReading reading) {}

    /** Takes readings of one piece or of several in one go: all or none, and every question is asked at once. */
    public Receipt read(List<OfPiece> taken, String operation, Person person, Command command) {
        return changes.makeAll(command, () -> {
            List<String> questions = taken.stream().flatMap(each -> question(each, operation, person, taken.size() > 1).stream()).toList();
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
            throw Refusal.entry(reading.dimension(), reading.entry(), "This number is not read at “" + step.operation().title() + "”", String.join(", ", step.operation().readings()));
        }
        mustStillBe(file, reading, person);
        Link link = file.chain(person.units()).link(reading.dimension()).orElseThrow();
        Quantity value = understood(link, reading, person.units());
        mustBePossible(file, reading, value, person.units());
        return reading.sure() ? Optional.empty()
                : link.dimension().plausible().question(value, link.expected().value(), person.units()).map(words -> isNamed ? file.name() + ": " + words : words);
    }

    /** Takes a reading that an instrument gave, whatever it is, in place of an earlier one; part of a change of the caller. */
    public Entry takeFrom(long piece, String operation, String dimension, String entry, Person person) {
        return take(new OfPiece(piece, new NewReading(dimension, entry, 0, true)), operation, person);
    }

    private Entry take(OfPiece of, String operation, Person person) {
        PieceFile file = files.openAlive(of.piece());
        NewReading reading = of.reading();
        Link link = file.chain(person.units()).link(reading.dimension()).orElseThrow();
        Quantity value = understood(link, reading, person.units());
        readings.take(of.piece(), operation, reading.dimension(), value, reading.entry().strip(), person.id(), clock.nowMillis());
        return file.entry(Entry.Kind.READING_TAKEN, file.step(operation), link.dimension().label().toLowerCase(Locale.ROOT) + " reads " + value.in(person.units()));
    }

    public Receipt strike(long piece, String operation, String dimension, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Step step = file.step(operation);
            Reading reading = Optional.ofNullable(file.readingsByDimension().get(dimension)).orElseThrow(() -> Refusal.notThere("There is no such reading."));
            Map<String, Quantity> without = new HashMap<>(file.readingValues());
            without.remove(dimension);
            compute(file, without, reading.typed(), dimension, person.units());
            readings.strike(piece, dimension, clock.nowMillis());
            return file.entry(Entry.Kind.READING_STRUCK, step, "reading " + reading.value().in(person.units()) + " was struck out");
        });
    }

    private void mustStillBe(PieceFile file, NewReading reading, Person person) {
        Optional<Reading> current = Optional.ofNullable(file.readingsByDimension().get(reading.dimension()));
        long currentId = current.map(Reading::id).orElse(0L);
        if (currentId != reading.basedOn()) {
            String label = file.chain(person.units()).link(reading.dimension()).orElseThrow().dimension().label();
            throw Refusal.bothChanged(List.of(new Both(reading.dimension(), label, reading.entry(),
                    current.map(each -> each.value().in(person.units())).orElse("struck out"), current.map(Reading::takenBy).orElse("somebody"), String.valueOf(currentId))));
        }
    }

    private static Quantity understood(Link link, NewReading reading, Units units) {
        Understood<? extends Quantity> read = link.current() instanceof Hardness ? ShopNotation.hardness(reading.entry())
                : link.current() instanceof Temperature ? ShopNotation.temperature(reading.entry(), units) : ShopNotation.length(reading.entry(), units);
        if (read instanceof Understood.Value<?> value) {
            if (value.quantity().magnitude() > 0) {
                return value.quantity();
            }
            throw Refusal.entry(reading.dimension(), reading.entry(), "A reading of nothing cannot be", "more than nothing");
        }
        Understood.Refused<?> refused = (Understood.Refused<?>) read;
        throw Refusal.entry(reading.dimension(), reading.entry(), refused.problem(), refused.accepted());
    }

    private static void mustBePossible(PieceFile file, NewReading reading, Quantity value, Units units) {
        Map<String, Quantity> with = new HashMap<>(file.readingValues());
        with.put(reading.dimension(), value);
        compute(file, with, reading.entry(), reading.dimension(), units);
    }

    private static void compute(PieceFile file, Map<String, Quantity> values, String entry, String dimension, Units units) {
        try {
            file.chainWith(units, values);
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible(dimension, entry, impossible);
        }
    }
}
