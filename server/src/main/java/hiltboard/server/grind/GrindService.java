package hiltboard.server.grind;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Use;
import hiltboard.core.grind.BladePlace;
import hiltboard.core.grind.EdgeByUse;
import hiltboard.core.grind.EdgeTrial;
import hiltboard.core.grind.Grit;
import hiltboard.core.grind.RemovalSheet.Stage;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Station;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.bench.ReadingService;
import hiltboard.server.grind.GroundRepository.TrialRow;
import hiltboard.server.grind.GroundRepository.UseRow;
import hiltboard.server.grind.GroundRepository.What;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.AbrasiveStock;
import hiltboard.server.stock.AbrasiveStock.Belts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** What is written down at the grinder. */
@Service
public class GrindService {
    private static final LengthRange EDGES = LengthRange.of("0", "2");
    private static final int LONGEST = 80;
    private static final LengthRange HEIGHTS = LengthRange.of("0", "8");

    private final GroundRepository ground;
    private final PieceFiles files;
    private final ReadingService readings;
    private final AbrasiveStock stock;
    private final Changes changes;
    private final ShopClock clock;

    GrindService(
            GroundRepository ground,
            PieceFiles files,
            ReadingService readings,
            AbrasiveStock stock,
            Changes changes,
            ShopClock clock) {
        this.ground = ground;
        this.files = files;
        this.readings = readings;
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    /** By which a page names an entry: {@code HEEL.EDGE}. */
    static String key(BladePlace place, What what) {
        return place.name() + "." + what.name();
    }

    /**
     * Readings as they were typed.
     *
     * @param stage key of the belt that it comes from
     * @param entries by place and what is measured; an empty one is none
     */
    public record AskedReadings(String stage, Map<String, String> entries) {}

    private record Place(BladePlace place, What what) {}

    /** Keeps what was measured; where a step of the bench asks for the same number, it is read there too. */
    public Receipt measured(long piece, AskedReadings asked, Person person, Command command) {
        Map<Place, Length> read = read(asked, person.units());
        return changes.makeAll(command, () -> {
            PieceFile file = files.openAlive(piece);
            GroundPiece before = new GroundPiece(file, ground.readings(piece), person.units());
            Stage stage = before.stage(asked.stage())
                    .orElseThrow(() ->
                            Refusal.notThere(file.name() + " has no such belt in its sheet; look at the page again."));
            if (stage.isHard() != before.isHard()
                    && before.last(before.isHard()).isPresent()) {
                throw Refusal.entry(
                        "stage",
                        asked.stage(),
                        file.name()
                                + (stage.isHard()
                                        ? " is not hardened yet"
                                        : " is hardened: no belt before the fire is next"),
                        "a belt of the heat that it is in");
            }
            mustBePossible(before, read, asked.entries(), person.units());
            read.forEach((at, length) ->
                    ground.take(piece, stage.key(), at.place(), at.what(), length, person.id(), clock.nowMillis()));
            List<Entry> entries = new ArrayList<>();
            entries.add(Entry.ofPiece(
                    Entry.Kind.GROUND_MEASURED,
                    file.jobId(),
                    piece,
                    file.name() + ": measured after " + stage.grit().name() + ", "
                            + (read.size() == 1 ? "one reading" : read.size() + " readings")));
            read.forEach((at, length) -> dimension(at, stage, before)
                    .flatMap(dimension -> underWay(file, dimension)
                            .map(step -> readings.takeFrom(piece, step.key(), dimension, length.exactly(), "", person)))
                    .ifPresent(entries::add));
            return entries;
        });
    }

    private static Map<Place, Length> read(AskedReadings asked, Units units) {
        Typed typed = new Typed(units);
        Map<Place, Length> read = new LinkedHashMap<>();
        for (BladePlace place : BladePlace.values()) {
            for (What what : What.values()) {
                String entry = asked.entries().getOrDefault(key(place, what), "");
                if (!entry.isBlank()) {
                    read.put(
                            new Place(place, what),
                            typed.length(key(place, what), entry, what.isThickness() ? EDGES : HEIGHTS));
                }
            }
        }
        typed.mustBeUnderstood();
        if (read.isEmpty()) {
            throw Refusal.entry(
                    key(BladePlace.HEEL, What.EDGE), "", "Nothing was measured", "at least one size at one place");
        }
        return read;
    }

    /** An edge is never thicker than its spine, a bevel never higher than the blade is wide. */
    private static void mustBePossible(
            GroundPiece piece, Map<Place, Length> read, Map<String, String> entries, Units units) {
        Typed typed = new Typed(units);
        read.forEach((at, length) -> {
            String field = key(at.place(), at.what());
            if (at.what() == What.EDGE) {
                Length spine = Optional.ofNullable(read.get(new Place(at.place(), What.SPINE)))
                        .or(() -> piece.measured(at.place(), What.SPINE))
                        .orElse(piece.body());
                if (length.compareTo(spine) > 0) {
                    typed.find(
                            field,
                            entries.get(field),
                            "The edge would be thicker than the blade",
                            "at most " + spine.downIn(units));
                }
            }
            piece.blade().ifPresent(blade -> {
                Length width = at.what() == What.PLUNGE_LEFT || at.what() == What.PLUNGE_RIGHT
                        ? blade.profile().length()
                        : blade.station(at.place().share()).width();
                boolean isHeight = at.what() != What.EDGE && at.what() != What.SPINE;
                if (isHeight && length.compareTo(width) > 0) {
                    typed.find(
                            field,
                            entries.get(field),
                            "The blade is not so large there",
                            "at most " + width.downIn(units));
                }
            });
        });
        typed.mustBeUnderstood();
    }

    /** The number of the piece that such a reading is. */
    private static Optional<String> dimension(Place at, Stage stage, GroundPiece piece) {
        if (!piece.isLast(stage)) {
            return Optional.empty();
        }
        if (at.place() == BladePlace.HEEL && at.what() == What.EDGE) {
            return Optional.of(stage.isHard() ? PieceDimensions.EDGE_THICKNESS : PieceDimensions.EDGE_BEFORE_HARDENING);
        }
        if (at.place() == BladePlace.HEEL && at.what() == What.SPINE && stage.isHard()) {
            return Optional.of(PieceDimensions.BLADE_THICKNESS);
        }
        return at.place() == BladePlace.POINT && at.what() == What.SPINE && stage.isHard()
                ? Optional.of(PieceDimensions.TIP_THICKNESS)
                : Optional.empty();
    }

    /** The step at the grinder that asks for this number, while somebody is at it. */
    private static Optional<Operation> underWay(PieceFile file, String dimension) {
        return file.route().steps().stream()
                .filter(step -> step.operation().station() == Station.GRINDER
                        && step.operation().readings().contains(dimension))
                .filter(step -> file.row(step).filter(row -> row.isUnderWay()).isPresent())
                .map(step -> step.operation())
                .findFirst();
    }

    /**
     * A belt, paper or stone that was used, as it was typed.
     *
     * @param lot of the rack, zero where it hung at the machine already
     * @param isNew whether one was taken new from that lot
     */
    public record AskedUse(String grit, String tool, long lot, boolean isNew) {}

    /** What abrasives are. */
    enum Tool {
        BELT("Belt"),
        PAPER("Paper by hand"),
        STONE("Stone"),
        WHEEL("Wheel");

        private final String words;

        Tool(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    public Receipt used(long piece, AskedUse asked, Person person, Command command) {
        Tool tool = Typed.choice(Tool.class, "tool", asked.tool(), "What it was is not said", "one of the choices");
        return changes.makeAll(command, () -> {
            PieceFile file = files.openAlive(piece);
            Optional<Belts> lot =
                    asked.lot() == 0 ? Optional.empty() : Optional.of(stock.known(asked.lot(), person.units()));
            Grit grit = lot.flatMap(Belts::grit)
                    .or(() -> Grit.named(asked.grit()))
                    .orElseThrow(() -> Refusal.entry(
                            "grit",
                            asked.grit(),
                            "No table has such a grit",
                            "a grit such as P120, 120, stone 1000 or 45 µm"));
            ground.used(
                    piece,
                    new UseRow(
                            grit.name(),
                            tool.name(),
                            lot.map(Belts::words).orElse(""),
                            asked.isNew() && lot.isPresent(),
                            person.name(),
                            clock.nowMillis()),
                    person.id());
            Entry entry = Entry.ofPiece(
                    Entry.Kind.ABRASIVE_USED,
                    file.jobId(),
                    piece,
                    file.name() + ": " + tool.words().toLowerCase(Locale.ROOT) + " " + grit.name() + " used");
            Stream<Entry> taken = asked.isNew() && lot.isPresent()
                    ? Stream.of(stock.takeOne(asked.lot(), file.name(), person))
                    : Stream.empty();
            return Stream.concat(Stream.of(entry), taken).toList();
        });
    }

    /** What an edge was tried on, as it was typed, and what came of it. */
    record AskedTrial(String triedOn, String result) {}

    Receipt tried(long piece, AskedTrial asked, Person person, Command command) {
        EdgeTrial result = Typed.choice(
                EdgeTrial.class, "result", asked.result(), "What came of it is not said", "one of the choices");
        Typed typed = new Typed(person.units());
        String triedOn = typed.name("triedOn", asked.triedOn(), LONGEST);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            if (!file.progress().conditions().contains(Condition.SHARP)) {
                throw Refusal.outOfTurn(file.name() + " has not been sharpened yet.");
            }
            ground.tried(piece, new TrialRow(triedOn, result, person.name(), clock.nowMillis()), person.id());
            return Entry.ofPiece(
                    Entry.Kind.EDGE_TRIED,
                    file.jobId(),
                    piece,
                    file.name() + ": tried on " + triedOn + ": " + result.words());
        });
    }

    /** The shop's own edge for a use, as it was typed; thickness empty where it is no number of its own. */
    record AskedHabit(String least, String most, String leastDegrees, String mostDegrees) {}

    Receipt setHabit(String use, AskedHabit asked, Person person, Command command) {
        Use of = Typed.choice(Use.class, "use", use, "There is no such use", "one of the table");
        EdgeByUse habit = habit(of, asked, person.units());
        return changes.make(command, () -> {
            ground.setHabit(habit, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.EDGE_HABIT_SET, "The shop's edge for " + of.words() + " is set", 0);
        });
    }

    private static EdgeByUse habit(Use use, AskedHabit asked, Units units) {
        Typed typed = new Typed(units);
        LengthRange likely = LengthRange.of("0", "0.1");
        Optional<Length> least = typed.maybeLength("least", asked.least(), likely);
        Optional<Length> most = typed.maybeLength("most", asked.most(), likely);
        int leastDegrees = typed.whole("leastDegrees", asked.leastDegrees(), 5, 45);
        int mostDegrees = typed.whole("mostDegrees", asked.mostDegrees(), 5, 45);
        if (least.isPresent() != most.isPresent()) {
            typed.find("most", asked.most(), "One end alone is no range", "both ends, or neither");
        }
        if (least.isPresent() && most.isPresent() && least.get().compareTo(most.get()) > 0) {
            typed.find(
                    "most",
                    asked.most(),
                    "It ends below where it begins",
                    "at least " + least.get().in(units));
        }
        if (leastDegrees > mostDegrees) {
            typed.find("mostDegrees", asked.mostDegrees(), "It ends below where it begins", "at least " + leastDegrees);
        }
        typed.mustBeUnderstood();
        return new EdgeByUse(
                use, least.flatMap(from -> most.map(to -> new LengthRange(from, to))), leastDegrees, mostDegrees, "");
    }

    /** Back to what is usual. */
    Receipt dropHabit(String use, Person person, Command command) {
        Use of = Typed.choice(Use.class, "use", use, "There is no such use", "one of the table");
        return changes.make(command, () -> {
            ground.dropHabit(of);
            return Entry.ofShop(Entry.Kind.EDGE_HABIT_SET, "The edge for " + of.words() + " is the usual again", 0);
        });
    }
}
