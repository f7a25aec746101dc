package hiltboard.core.calc;

import static hiltboard.core.calc.Ask.hole;
import static hiltboard.core.calc.Ask.length;
import static hiltboard.core.route.Station.*;

import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.fit.GuardSlot;
import hiltboard.core.fit.TangSlot;
import hiltboard.core.machine.Cutting.Mill;
import hiltboard.core.machine.PinHole;
import hiltboard.core.measure.DrillSeries;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import hiltboard.core.route.Station;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Every calculation that can be asked for by name. */
public final class Calculators {
    static final String TRADE = "Common practice of the trade, no published source";
    static final String GEOMETRY = "Plane geometry";

    private static final List<Calculator> BENCH = List.of(
            new Calculator(
                    "length",
                    "Read a length in shop notation",
                    "1 in = 25.4 mm exactly (NIST SP 811)",
                    Set.of(),
                    List.of(length("length", "Length", "0", "1000", "")),
                    (in, units) -> List.of(new Result(
                            "length", "Length", Worked.of(in.length("length"), bothUnits(in.length("length")))))),
            new Calculator(
                    "drill",
                    "The drill for a hole",
                    "ASME B94.11M and ISO 235, from memory",
                    Set.of(DRILL, MILL),
                    List.of(hole("least", "Smallest hole", "1/64", "1", "")),
                    Calculators::drill),
            new Calculator(
                    "thread",
                    "Holes for a screw",
                    "ASME B1.1, ISO 261, 262 and 273; clearance of inch screws by the usual charts, from memory",
                    Set.of(DRILL, MILL),
                    List.of(
                            Ask.thread("thread"),
                            Ask.percent("percent", "Percent of thread, 75 is usual", 30, 100, 75)),
                    Calculators::thread),
            new Calculator(
                    "pin-hole",
                    "Drill for a glued pin",
                    TRADE,
                    Set.of(DRILL, FITTING),
                    List.of(hole("pin", "Pin diameter", "1/64", "1", PieceDimensions.PIN_DIAMETER)),
                    (in, units) ->
                            List.of(new Result("drill", "Drill", new PinHole(in.length("pin")).drillByHabit(units)))),
            new Calculator(
                    "guard-slot",
                    "Slot of a driven-on guard",
                    TRADE,
                    Set.of(MILL, FITTING),
                    List.of(
                            length("tangWidth", "Tang width", "1/8", "3", PieceDimensions.TANG_WIDTH),
                            length("tangThickness", "Tang thickness", "1/32", "3/4", PieceDimensions.TANG_THICKNESS),
                            length("guardThickness", "Guard thickness", ".005", "2", PieceDimensions.GUARD_THICKNESS)),
                    Calculators::guardSlot));

    private static final List<Calculator> ALL = Stream.of(
                    BENCH,
                    GrindCalculators.ALL,
                    SharpeningCalculators.ALL,
                    MachineCalculators.ALL,
                    TankCalculators.ALL,
                    FitCalculators.ALL)
            .flatMap(List::stream)
            .toList();

    private Calculators() {}

    public static List<Calculator> all() {
        return ALL;
    }

    /** The tools of a station that have to do with a piece; all of them where none is at hand. */
    public static List<Calculator> at(Station station, Calculator.Piece piece) {
        return ALL.stream()
                .filter(calculator -> calculator.stations().contains(station)
                        && (piece == Calculator.Piece.NONE || calculator.isFor(piece)))
                .toList();
    }

    /** What an input that asks after the shop's mill is fed with; empty for any other. @param from as the input says */
    public static Optional<String> ofMill(String from, Mill mill) {
        return MachineCalculators.ofMill(from, mill);
    }

    public static Optional<Calculator> named(String name) {
        return ALL.stream().filter(calculator -> calculator.name().equals(name)).findFirst();
    }

    private static List<Result> guardSlot(Inputs in, Units units) {
        TangSlot slot = new TangSlot(in.length("tangWidth"), in.length("tangThickness"));
        GuardSlot guard = new GuardSlot(slot, in.length("guardThickness"));
        return List.of(
                new Result("width", "Slot width", slot.width(units)),
                new Result("cutter", "Cutter", slot.cutter(units)),
                new Result(
                        "length",
                        "Slot length, overall",
                        slot.length(slot.cutter(units).value(), units)),
                new Result("pocketDepth", "Pocket depth from the back", guard.pocketDepth(units)));
    }

    private static List<Result> drill(Inputs in, Units units) {
        Length least = in.length("least");
        return DrillSeries.usualFor(units)
                .smallestOver(least)
                .or(() -> DrillSeries.INCH.smallestOver(least))
                .map(size -> List.of(new Result(
                        "drill",
                        "Drill",
                        Worked.of(
                                        size.diameter(),
                                        "The smallest drill that is not under " + least.in(units) + " is "
                                                + size.name())
                                .called(size.name()))))
                .orElseThrow(
                        () -> new ImpossibleQuantity("smallest hole", least, "at most 1 in, where the table ends"));
    }

    private static String bothUnits(Length length) {
        boolean isWhole = length.isShownWhole(Units.INCH_FAHRENHEIT) && length.isShownWhole(Units.MILLIMETRE_CELSIUS);
        return length.in(Units.INCH_FAHRENHEIT) + (isWhole ? " = " : " ≈ ") + length.in(Units.MILLIMETRE_CELSIUS);
    }

    private static List<Result> thread(Inputs in, Units units) {
        ThreadSize thread = in.of("thread", ThreadSize.class);
        return List.of(
                new Result("tap", "Tap drill", thread.tapDrill(in.count("percent"), units)),
                new Result("close", "Clearance, close", clearance(thread, thread.close(), units)),
                new Result("free", "Clearance, free", clearance(thread, thread.free(), units)));
    }

    private static Worked<Length> clearance(ThreadSize thread, Length hole, Units units) {
        Working line = new Working(units);
        return Worked.of(
                        hole,
                        line.of(thread.major()) + " screw + " + line.of(hole.minus(thread.major()))
                                + line.comesTo(hole))
                .called(thread.series().nearest(hole).name() + " drill");
    }
}
