package hiltboard.core.calc;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Kind;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.fit.GuardSlot;
import hiltboard.core.grind.Bevel;
import hiltboard.core.grind.CentreLine;
import hiltboard.core.grind.HollowDepth;
import hiltboard.core.machine.PinHole;
import hiltboard.core.measure.DrillSize;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Every calculation that can be asked for by name. */
public final class Calculators {
    private static final String TRADE = "Common practice of the trade, no published source";
    private static final String GEOMETRY = "Plane geometry";

    private static final List<Calculator> ALL = List.of(
            new Calculator("length", "Read a length in shop notation", "1 in = 25.4 mm exactly (NIST SP 811)", lengths("length", "Length"),
                    (in, units) -> List.of(new Result("length", "Length", Worked.of(length(in, "length"), bothUnits(length(in, "length")))))),
            new Calculator("drill", "The drill for a hole", "ASME B94.11M, from memory", lengths("least", "Smallest hole"), Calculators::drill),
            new Calculator("centre-line", "Centre line of a blank", GEOMETRY, lengths("thickness", "Measured thickness"),
                    (in, units) -> List.of(new Result("height", "Height above the plate", new CentreLine(length(in, "thickness")).height(units)))),
            new Calculator("pin-hole", "Drill for a glued pin", TRADE, lengths("pin", "Pin diameter"),
                    (in, units) -> List.of(new Result("drill", "Drill", new PinHole(length(in, "pin")).drill(units)))),
            new Calculator("guard-slot", "Slot of a driven-on guard", TRADE,
                    lengths("tangWidth", "Tang width", "tangThickness", "Tang thickness", "guardThickness", "Guard thickness"), Calculators::guardSlot),
            new Calculator("bevel-angle", "Angle of a flat bevel, each side", GEOMETRY,
                    lengths("stock", "Thickness at the spine", "edge", "Thickness at the edge", "height", "Bevel height"),
                    (in, units) -> List.of(new Result("angle", "Angle a side",
                            new Bevel(length(in, "stock"), length(in, "edge"), length(in, "height")).anglePerSide(units)))),
            new Calculator("hollow-depth", "Depth of a hollow from a wheel", GEOMETRY, lengths("wheel", "Wheel diameter", "width", "Width of the hollow"),
                    (in, units) -> List.of(new Result("depth", "Depth", new HollowDepth(length(in, "wheel"), length(in, "width")).depth(units)))));

    private Calculators() {}

    public static List<Calculator> all() {
        return ALL;
    }

    public static Optional<Calculator> named(String name) {
        return ALL.stream().filter(calculator -> calculator.name().equals(name)).findFirst();
    }

    private static List<Result> guardSlot(Map<String, Quantity> in, Units units) {
        GuardSlot slot = new GuardSlot(length(in, "tangWidth"), length(in, "tangThickness"), length(in, "guardThickness"));
        return List.of(
                new Result("width", "Slot width", slot.width(units)),
                new Result("cutter", "Cutter", slot.cutter(units)),
                new Result("length", "Slot length, overall", slot.length(slot.cutter(units).value(), units)),
                new Result("pocketDepth", "Pocket depth from the back", slot.pocketDepth(units)));
    }

    private static List<Result> drill(Map<String, Quantity> in, Units units) {
        Length least = length(in, "least");
        return DrillSize.smallestOver(least)
                .map(size -> List.of(new Result("drill", "Drill", Worked.of(size.diameter(),
                        "The smallest drill that is not under " + least.in(units) + " is " + size.name()).called(size.name()))))
                .orElseThrow(() -> new ImpossibleQuantity("smallest hole", least.toString(), "at most 1 in, where the table ends"));
    }

    private static String bothUnits(Length length) {
        return length.in(Units.INCH_FAHRENHEIT) + " = " + length.in(Units.MILLIMETRE_CELSIUS);
    }

    private static Length length(Map<String, Quantity> inputs, String name) {
        return (Length) inputs.get(name);
    }

    /** Names and labels by turns. */
    private static List<Input> lengths(String... namesAndLabels) {
        return Stream.iterate(0, i -> i < namesAndLabels.length, i -> i + 2)
                .map(i -> new Input(namesAndLabels[i], namesAndLabels[i + 1], Kind.LENGTH)).toList();
    }
}
