package hiltboard.core.calc;

import static hiltboard.core.route.Station.*;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.OneNamed;
import hiltboard.core.fit.GuardSlot;
import hiltboard.core.grind.Bevel;
import hiltboard.core.grind.CentreLine;
import hiltboard.core.grind.HollowDepth;
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

/** Every calculation that can be asked for by name. */
public final class Calculators {
    private static final String TRADE = "Common practice of the trade, no published source";
    private static final String GEOMETRY = "Plane geometry";

    private static final OneNamed<ThreadSize> THREAD = new OneNamed<>(
            ThreadSize.class,
            ThreadSize::named,
            ThreadSize::name,
            "a thread such as 6-32, 1/4-20, M5 or M2.5×0.45",
            List.of());

    private static final List<Calculator> ALL = List.of(
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
                            new Input("thread", "Thread, such as 6-32 or M5", THREAD, "", ""),
                            new Input("percent", "Percent of thread, 75 is usual", new Percent(30, 100), "", "75")),
                    Calculators::thread),
            new Calculator(
                    "centre-line",
                    "Centre line of a blank",
                    GEOMETRY,
                    Set.of(LAYOUT, GRINDER),
                    List.of(length("thickness", "Measured thickness", "1/64", "2", PieceDimensions.STOCK_THICKNESS)),
                    (in, units) -> List.of(new Result(
                            "height", "Height above the plate", new CentreLine(in.length("thickness")).height(units)))),
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
                    Calculators::guardSlot),
            new Calculator(
                    "bevel-angle",
                    "Angle of a flat bevel, each side",
                    GEOMETRY,
                    Set.of(GRINDER),
                    List.of(
                            length("stock", "Thickness at the spine", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("edge", "Thickness at the edge", "0", "2", PieceDimensions.EDGE_THICKNESS),
                            length("height", "Bevel height", "0", "8", PieceDimensions.BEVEL_HEIGHT)),
                    (in, units) -> List.of(new Result(
                            "angle",
                            "Angle a side",
                            new Bevel(in.length("stock"), in.length("edge"), in.length("height"))
                                    .anglePerSide(units)))),
            new Calculator(
                    "hollow-depth",
                    "Depth of a hollow from a wheel",
                    GEOMETRY,
                    Set.of(GRINDER),
                    List.of(
                            length("wheel", "Wheel diameter", "1/2", "100", SpecificationField.WHEEL_DIAMETER.key()),
                            length("width", "Width of the hollow", "0", "100", PieceDimensions.BEVEL_HEIGHT)),
                    (in, units) -> List.of(new Result(
                            "depth", "Depth", new HollowDepth(in.length("wheel"), in.length("width")).depth(units)))));

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

    public static Optional<Calculator> named(String name) {
        return ALL.stream().filter(calculator -> calculator.name().equals(name)).findFirst();
    }

    private static List<Result> guardSlot(Inputs in, Units units) {
        GuardSlot slot = new GuardSlot(in.length("tangWidth"), in.length("tangThickness"), in.length("guardThickness"));
        return List.of(
                new Result("width", "Slot width", slot.width(units)),
                new Result("cutter", "Cutter", slot.cutter(units)),
                new Result(
                        "length",
                        "Slot length, overall",
                        slot.length(slot.cutter(units).value(), units)),
                new Result("pocketDepth", "Pocket depth from the back", slot.pocketDepth(units)));
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
        ThreadSize thread = in.thread("thread");
        return List.of(
                new Result("tap", "Tap drill", thread.tapDrill(in.percent("percent"), units)),
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

    private static Input hole(String key, String label, String least, String most, String from) {
        return new Input(key, label, LengthWithin.ofHole(least, most), from, "");
    }

    private static Input length(String key, String label, String least, String most, String from) {
        return new Input(key, label, LengthWithin.of(least, most), from, "");
    }
}
