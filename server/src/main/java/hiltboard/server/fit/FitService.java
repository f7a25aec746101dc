package hiltboard.server.fit;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.fit.Cavity;
import hiltboard.core.fit.CavityMethod;
import hiltboard.core.fit.DrivenGuard.Level;
import hiltboard.core.fit.HandleStack;
import hiltboard.core.fit.Print;
import hiltboard.core.fit.StackPart;
import hiltboard.core.fit.StackPart.Kind;
import hiltboard.core.fit.StackPins;
import hiltboard.core.fit.StackPins.Pin;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.bench.ReadingService;
import hiltboard.server.fit.FitRepository.CavityRow;
import hiltboard.server.fit.FitRepository.LevelRow;
import hiltboard.server.fit.FitRepository.PinRow;
import hiltboard.server.fit.FitRepository.StackRow;
import hiltboard.server.fit.FitRepository.State;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What is written down at the fitting bench. */
@Service
public class FitService {
    private static final LengthRange GAPS = LengthRange.of("0", "4");
    private static final LengthRange PARTS = LengthRange.of("1/64", "12");
    private static final LengthRange DRILLS = LengthRange.of("1/32", "1");
    private static final LengthRange PINS = LengthRange.of("1/32", "1/4");
    private static final LengthRange PLACES = LengthRange.of("-2", "2");
    private static final LengthRange SPACERS = LengthRange.of("1/64", "1");
    private static final int MOST_BLOWS = 500;

    private final FitRepository fits;
    private final PieceFiles files;
    private final ReadingService readings;
    private final Changes changes;
    private final ShopClock clock;

    FitService(FitRepository fits, PieceFiles files, ReadingService readings, Changes changes, ShopClock clock) {
        this.fits = fits;
        this.files = files;
        this.readings = readings;
        this.changes = changes;
        this.clock = clock;
    }

    /** How thick a spacer is that is thought of. @param entry empty for the usual */
    static Length spacer(String entry, Length usual, Units units) {
        Typed typed = new Typed(units);
        Length thickness = typed.maybeLength("spacer", entry, SPACERS).orElse(usual);
        typed.mustBeUnderstood();
        return thickness;
    }

    private PieceFile open(long piece) {
        PieceFile file = files.openAlive(piece);
        if (!FittedPiece.isOne(file)) {
            throw Refusal.notThere(file.name() + " has no hidden tang: there is nothing to fit here.");
        }
        return file;
    }

    private FittedPiece fitted(PieceFile file, Units units) {
        return new FittedPiece(file, fits.of(file.id()), units);
    }

    /** As it was typed: blows since it was set on, and what stands open. */
    public record AskedLevel(String blows, String left, String right) {}

    public Receipt level(long piece, AskedLevel asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        int blows = typed.whole("blows", asked.blows(), 0, MOST_BLOWS);
        Length left = typed.lengthOrNothing("left", asked.left(), GAPS);
        Length right = typed.lengthOrNothing("right", asked.right(), GAPS);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = withGuard(piece);
            fits.levels(piece).stream()
                    .reduce((before, after) -> after)
                    .filter(last -> last.level().blows() > blows)
                    .ifPresent(last -> {
                        throw Refusal.entry(
                                "blows",
                                asked.blows(),
                                "Blows are counted on: " + last.level().blows() + " were struck already",
                                "at least " + last.level().blows());
                    });
            fits.level(piece, new Level(blows, left, right), person.id(), clock.nowMillis());
            return entry(
                    file,
                    "guard after " + blows + " blows stands open " + left.in(person.units()) + " left, "
                            + right.in(person.units()) + " right");
        });
    }

    private PieceFile withGuard(long piece) {
        PieceFile file = open(piece);
        if (!file.specification().isHiddenTang()) {
            throw Refusal.notThere(file.name() + " has no guard: its bolster is one with the blade.");
        }
        return file;
    }

    private static Entry entry(PieceFile file, String words) {
        return Entry.ofPiece(Entry.Kind.FITTED, file.jobId(), file.id(), file.name() + ": " + words);
    }

    /** The last reading of a guard did not count. */
    public Receipt takeBackLevel(long piece, Command command) {
        return changes.make(command, () -> {
            PieceFile file = withGuard(piece);
            LevelRow last = fits.levels(piece).stream()
                    .reduce((before, after) -> after)
                    .orElseThrow(() -> Refusal.notThere("There is no reading to take back."));
            fits.strikeLevel(last.id(), clock.nowMillis());
            return entry(file, "the guard’s reading after " + last.level().blows() + " blows was taken back");
        });
    }

    public record AskedPrint(String print) {}

    public Receipt print(long piece, AskedPrint asked, Person person, Command command) {
        Print print = Typed.choice(
                Print.class, "print", asked.print(), "How it has printed is not said", "one of the choices");
        return changes.make(command, () -> {
            PieceFile file = withGuard(piece);
            FittedPiece fitted = fitted(file, person.units());
            if (print.isGood()
                    && !fitted.rows().levels().isEmpty()
                    && !fitted.driven().mayPrint(person.units())) {
                throw Refusal.outOfTurn(
                        "By its last reading the guard is not level and home: such a print is not true. "
                                + fitted.driven().next(person.units()).words());
            }
            fits.print(piece, print, person.id(), clock.nowMillis());
            return entry(file, "the guard’s print: " + print.words().toLowerCase(Locale.ROOT));
        });
    }

    /**
     * Thickness of parts as it was typed, by the part's key; an empty one is none.
     *
     * @param state AS_MADE or FACED
     */
    public record AskedStack(String state, Map<String, String> entries) {}

    /** Keeps what was measured, and carries it on to the number of the piece that it is. */
    public Receipt stack(long piece, AskedStack asked, Person person, Command command) {
        State state = Typed.choice(
                State.class,
                "state",
                asked.state(),
                "At which stage it was measured is not said",
                "one of the choices");
        return changes.makeAll(command, () -> {
            PieceFile file = open(piece);
            Map<StackPart, Length> read = read(fitted(file, person.units()).stack(), asked, person.units());
            read.forEach((part, length) -> fits.stack(
                    piece, new StackRow(part.key(), state, length, person.name()), person.id(), clock.nowMillis()));
            List<Entry> entries = new ArrayList<>();
            read.forEach((part, length) -> entries.add(entry(
                    file,
                    part.words().toLowerCase(Locale.ROOT)
                            + (state == State.FACED ? " faced to " : " measured ")
                            + length.in(person.units()))));
            entries.addAll(carriedOn(file, read, person));
            return entries;
        });
    }

    private static Map<StackPart, Length> read(HandleStack stack, AskedStack asked, Units units) {
        Typed typed = new Typed(units);
        Map<StackPart, Length> read = new LinkedHashMap<>();
        for (StackPart part : stack.parts()) {
            String entry = asked.entries().getOrDefault(part.key(), "");
            if (!entry.isBlank()) {
                read.put(part, typed.length(part.key(), entry, PARTS));
            }
        }
        typed.mustBeUnderstood();
        if (read.isEmpty()) {
            throw Refusal.entry(stack.parts().get(0).key(), "", "Nothing was measured", "at least one part");
        }
        return read;
    }

    private List<Entry> carriedOn(PieceFile before, Map<StackPart, Length> read, Person person) {
        List<Entry> entries = new ArrayList<>();
        HandleStack stack = fitted(before, person.units()).stack();
        read.keySet().stream()
                .map(StackPart::kind)
                .distinct()
                .forEach(kind -> dimension(kind)
                        .flatMap(key -> taking(before, key).map(step -> Map.entry(step, key)))
                        .ifPresent(at -> sum(stack, kind)
                                .ifPresent(sum -> entries.add(readings.takeFrom(
                                        before.id(), at.getKey(), at.getValue(), sum.exactly(), "", person)))));
        return entries;
    }

    /** All parts of a kind, once all of them were measured. */
    private static Optional<Length> sum(HandleStack stack, Kind kind) {
        List<StackPart> parts =
                stack.parts().stream().filter(part -> part.kind() == kind).toList();
        return parts.stream().allMatch(StackPart::isMeasured)
                ? parts.stream().map(StackPart::now).reduce(Length::plus)
                : Optional.empty();
    }

    private static Optional<String> dimension(Kind kind) {
        return switch (kind) {
            case GUARD -> Optional.of(PieceDimensions.GUARD_THICKNESS);
            case SPACER -> Optional.of(PieceDimensions.SPACER_THICKNESS);
            case BLOCK -> Optional.of(PieceDimensions.BLOCK_LENGTH);
            case CAP -> Optional.of(PieceDimensions.CAP_THICKNESS);
            case BOLSTER, NUT -> Optional.empty();
        };
    }

    /** The step that such a number belongs to. */
    private static Optional<String> taking(PieceFile file, String dimension) {
        return file.route().steps().stream()
                .map(step -> step.operation())
                .filter(operation -> operation.readings().contains(dimension)
                        || operation.targets().contains(dimension))
                .map(operation -> operation.key())
                .findFirst();
    }

    /** Drills empty for the usual. */
    public record AskedCavity(String method, String drill, String longDrill) {}

    public Receipt cavity(long piece, AskedCavity asked, Person person, Command command) {
        Units units = person.units();
        CavityMethod method = Typed.choice(
                CavityMethod.class, "method", asked.method(), "How it is opened is not said", "one of the choices");
        Typed typed = new Typed(units);
        Optional<Length> drill = typed.maybeLength("drill", asked.drill(), DRILLS);
        Optional<Length> longDrill = typed.maybeLength("longDrill", asked.longDrill(), DRILLS);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = open(piece);
            Cavity cavity = cavity(fitted(file, units), method, drill, longDrill, asked, units);
            Judgement judged = cavity.judged(units);
            if (judged.isOut()) {
                throw Refusal.entry(
                        "method",
                        asked.method(),
                        judged.words(),
                        "thinner drills, a straighter handle, or a shorter tang");
            }
            fits.cavity(
                    piece,
                    new CavityRow(
                            0,
                            method,
                            cavity.drill().diameter(),
                            cavity.longDrill().diameter(),
                            person.name()),
                    person.id(),
                    clock.nowMillis());
            return entry(file, "cavity: " + method.words().toLowerCase(Locale.ROOT));
        });
    }

    private static Cavity cavity(
            FittedPiece piece,
            CavityMethod method,
            Optional<Length> drill,
            Optional<Length> longDrill,
            AskedCavity asked,
            Units units) {
        try {
            Cavity usual = Cavity.usual(piece.wanted(), method);
            return Cavity.of(
                    piece.wanted(),
                    method,
                    drill.orElse(usual.drill().diameter()),
                    longDrill.orElse(usual.longDrill().diameter()));
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("drill", asked.drill(), impossible, units);
        }
    }

    /** Places from the tang's middle; all empty for the best that there are. */
    public record AskedPins(String pin, String firstAcross, String firstAlong, String otherAcross, String otherAlong) {
        private boolean isBest() {
            return firstAcross.isBlank() && firstAlong.isBlank() && otherAcross.isBlank() && otherAlong.isBlank();
        }
    }

    public Receipt pins(long piece, AskedPins asked, Person person, Command command) {
        Units units = person.units();
        Typed typed = new Typed(units);
        Length pin = typed.maybeLength("pin", asked.pin(), PINS).orElse(FittedPiece.USUAL_PIN);
        Optional<List<Pin>> typedPlaces = asked.isBest() ? Optional.empty() : Optional.of(places(asked, typed));
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = open(piece);
            if (!file.specification().hasAlignmentPins()) {
                throw Refusal.notThere(file.name() + " has no alignment pins.");
            }
            StackPins pins = fitted(file, units).pins(pin);
            List<Pin> places = typedPlaces.orElseGet(pins::best);
            List<String> out = places.stream()
                    .flatMap(place -> pins.rooms(place, units).stream())
                    .filter(room -> room.judged().isOut())
                    .map(room -> room.judged().words())
                    .distinct()
                    .toList();
            if (!out.isEmpty()) {
                throw Refusal.entry(
                        "firstAcross",
                        asked.firstAcross(),
                        String.join(" ", out),
                        "a place between the tang’s opening and every outline, or a thinner pin");
            }
            fits.pins(piece, new PinRow(0, pin, places, person.name()), person.id(), clock.nowMillis());
            return entry(file, "alignment pins of " + pin.entryIn(units) + " laid down");
        });
    }

    private static List<Pin> places(AskedPins asked, Typed typed) {
        return List.of(
                new Pin(
                        typed.lengthOrNothing("firstAcross", asked.firstAcross(), PLACES)
                                .millimetres(),
                        typed.lengthOrNothing("firstAlong", asked.firstAlong(), PLACES)
                                .millimetres()),
                new Pin(
                        typed.lengthOrNothing("otherAcross", asked.otherAcross(), PLACES)
                                .millimetres(),
                        typed.lengthOrNothing("otherAlong", asked.otherAlong(), PLACES)
                                .millimetres()));
    }
}
