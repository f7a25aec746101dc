package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.CLOSE;
import static hiltboard.core.chain.Numbers.FAIR;
import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.TIGHT;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fit.Counterbore;
import hiltboard.core.machine.PinHole;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Optional;

/** Pins, holes, scales and the tang of a full tang. */
final class ScaleDimensions {
    private static final Length RELIEF_DEPTH = Length.ofInches("0.020");
    private static final Length RELIEF_RIM = Length.ofInches("0.150");

    private final Specification spec;
    private final Numbers numbers;

    private ScaleDimensions(Specification spec, Numbers numbers) {
        this.spec = spec;
        this.numbers = numbers;
    }

    static void write(Specification spec, Numbers numbers) {
        ScaleDimensions scales = new ScaleDimensions(spec, numbers);
        scales.holes();
        scales.scales();
        if (spec.hasTaperedTang()) {
            scales.taper();
        }
        if (spec.hasCounterbores()) {
            scales.counterbore();
        }
    }

    private void holes() {
        numbers.designed(PIN_DIAMETER, "Pin diameter", spec.length(SpecificationField.PIN_DIAMETER), TIGHT);
        numbers.byRule(PIN_DRILL, "Drill for the pins", List.of(PIN_DIAMETER), TIGHT, (known, units) -> new PinHole(length(known, PIN_DIAMETER)).drill(units));
        numbers.byRule(TANG_HOLE, "Hole in the tang", List.of(PIN_DRILL), CLOSE,
                (known, units) -> Worked.of(length(known, PIN_DRILL), "As drilled"), Numbers.matches("the pins' drill"));
        numbers.byRule(SCALE_DRILL, "Drill for the scales", List.of(PIN_DIAMETER), TIGHT, (known, units) -> new PinHole(length(known, PIN_DIAMETER)).drill(units));
        numbers.byRule(SCALE_HOLE, "Hole in the scale", List.of(TANG_HOLE), CLOSE,
                (known, units) -> Worked.of(length(known, TANG_HOLE), "The same as in the tang"), Numbers.matches("the hole in the tang"));
    }

    private void scales() {
        numbers.designed(SCALE_THICKNESS, "Scale thickness", spec.length(SpecificationField.SCALE_THICKNESS), LOOSE);
        if (spec.hasScaleRelief()) {
            numbers.usual(SCALE_RELIEF_DEPTH, "Depth of the pocket inside", RELIEF_DEPTH, FAIR, "Usual: deep enough that only the rim bears");
            numbers.usual(SCALE_RELIEF_RIM, "Rim left around the pocket", RELIEF_RIM, LOOSE, "Usual: pressure rises by whole area over rim area");
        }
        numbers.byRule(PIN_LENGTH, "Pin length", List.of(BLADE_THICKNESS, SCALE_THICKNESS), LOOSE, ScaleDimensions::pinLength);
    }

    private static Worked<Length> pinLength(Dimension.Known known, Units units) {
        Length proud = Length.ofInchFraction(1, 8);
        Length scale = length(known, SCALE_THICKNESS);
        Length blade = length(known, BLADE_THICKNESS);
        Length whole = blade.plus(scale.times(2)).plus(proud);
        return Worked.of(whole, blade.in(units) + " + 2 × " + scale.in(units) + " + " + proud.in(units) + " to file back = " + whole.in(units));
    }

    private void taper() {
        numbers.byRule(TANG_FRONT, "Tang thickness, front", List.of(STOCK_THICKNESS), CLOSE,
                (known, units) -> Worked.of(length(known, STOCK_THICKNESS), "As thick as the stock"), Numbers::notOverStock);
        numbers.designed(TANG_BUTT, "Tang thickness, butt", spec.length(SpecificationField.BUTT_THICKNESS), FAIR);
        numbers.byRule(TANG_MIDDLE, "Tang thickness, middle", List.of(TANG_FRONT, TANG_BUTT), FAIR, (known, units) -> {
            Length front = length(known, TANG_FRONT);
            Length butt = length(known, TANG_BUTT);
            Length middle = front.plus(butt).half();
            return Worked.of(middle, "(" + front.in(units) + " + " + butt.in(units) + ") ÷ 2 = " + middle.in(units));
        });
    }

    private void counterbore() {
        numbers.designed(HANDLE_HOLLOW, "Deepest hollow of the finished handle", spec.length(SpecificationField.HANDLE_HOLLOW), FAIR);
        numbers.byRule(COUNTERBORE_DEPTH, "Counterbore, depth of the shoulder", List.of(SCALE_THICKNESS, HANDLE_HOLLOW), FAIR,
                (known, units) -> bore(known).depth(units), this::deeperThanTheHollow);
        numbers.byRule(COUNTERBORE_LEFT, "Left under the head", List.of(SCALE_THICKNESS, HANDLE_HOLLOW, COUNTERBORE_DEPTH), FAIR,
                (known, units) -> bore(known).left(length(known, COUNTERBORE_DEPTH), units));
    }

    private static Counterbore bore(Dimension.Known known) {
        return new Counterbore(length(known, SCALE_THICKNESS), length(known, HANDLE_HOLLOW));
    }

    private Optional<String> deeperThanTheHollow(Quantity reading, Quantity expected, Units units) {
        Length hollow = spec.length(SpecificationField.HANDLE_HOLLOW);
        return reading.magnitude() <= hollow.magnitude()
                ? Optional.of(reading.in(units) + " is shallower than the handle's deepest hollow of " + hollow.in(units) + ": the grinder cuts through to the head's seat. Bore to " + expected.in(units) + "?")
                : Numbers.near(reading, expected, units);
    }
}
