package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.CLOSE;
import static hiltboard.core.chain.Numbers.FAIR;
import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.TIGHT;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.chain.Dimension.Judge;
import hiltboard.core.chain.Dimension.Known;
import hiltboard.core.design.ScaleRelief;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fit.Counterbore;
import hiltboard.core.fit.ScalesMeasured;
import hiltboard.core.machine.Bore;
import hiltboard.core.machine.HoleCheck;
import hiltboard.core.machine.PinHole;
import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.List;

/** Pins, holes, scales and the tang of a full tang. */
final class ScaleDimensions {
    /** What drawn rod may be off its name; common practice. */
    private static final Allowed AS_DRAWN = Allowed.eitherWay(Length.ofInches("0.003"));

    /** So much of a pin stands proud at each end to be peened; common practice, from memory. */
    private static final Length TO_PEEN = Length.ofInchFraction(1, 8);

    private final Specification spec;
    private final Numbers numbers;
    /** What a pin goes through on each side. */
    private final String onTang;

    private ScaleDimensions(Specification spec, Numbers numbers) {
        this.spec = spec;
        this.numbers = numbers;
        this.onTang = spec.hasLinedScales() ? LINED_SCALE : SCALE_THICKNESS;
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
        if (spec.hasScaleBolsters()) {
            scales.bolsters();
        }
    }

    private void bolsters() {
        Length pin = spec.length(SpecificationField.BOLSTER_PIN);
        numbers.byRule(
                BOLSTER_DRILL,
                "Drill for the bolsters’ pins",
                List.of(),
                TIGHT,
                (known, units) -> new PinHole(pin).drill(units));
        numbers.byRule(
                BOLSTER_PIN_LENGTH,
                "Bolsters’ pins, sawn to",
                List.of(onTang, BLADE_THICKNESS),
                LOOSE,
                (known, units) -> {
                    Length scale = length(known, onTang);
                    Length tang = length(known, BLADE_THICKNESS);
                    Length sawn = tang.plus(scale.times(2)).plus(TO_PEEN.times(2));
                    Working line = new Working(units);
                    return Worked.of(
                            sawn,
                            line.of(tang) + " + 2 × " + line.of(scale) + " + 2 × " + line.of(TO_PEEN) + " to peen"
                                    + line.comesTo(sawn));
                });
        if (spec.isDovetailed()) {
            numbers.byRule(
                    DOVETAIL_UNDERCUT,
                    "Scale goes under the bolster by",
                    List.of(onTang),
                    CLOSE,
                    (known, units) -> ScalesMeasured.dovetail(length(known, onTang), spec.dovetail(), units));
        }
    }

    private void holes() {
        numbers.followed(PIN_DIAMETER, "Pin diameter", spec.length(SpecificationField.PIN_DIAMETER), TIGHT, AS_DRAWN);
        numbers.byRule(
                PIN_DRILL,
                "Drill for the pins",
                List.of(PIN_DIAMETER),
                TIGHT,
                (known, units) -> Bore.pinDrill(length(known, PIN_DIAMETER), spec, units));
        numbers.byRule(
                TANG_HOLE,
                "Hole in the tang",
                List.of(PIN_DRILL),
                CLOSE,
                (known, units) -> Worked.of(length(known, PIN_DRILL), "As drilled"),
                matches("the drill for the pins"));
        numbers.byRule(
                SCALE_DRILL,
                "Drill for the scales",
                List.of(PIN_DIAMETER),
                TIGHT,
                (known, units) -> Bore.pinDrill(length(known, PIN_DIAMETER), spec, units));
        numbers.byRule(
                SCALE_HOLE,
                "Hole in the scale",
                List.of(TANG_HOLE),
                CLOSE,
                (known, units) -> Worked.of(length(known, TANG_HOLE), "The same as in the tang"),
                matches("the hole in the tang"));
    }

    /** A hole that something has to go through: a hole only grows, so too large is another matter than too small. */
    private static Judge matches(String other) {
        return (reading, expected, known, units) -> {
            Judgement judged = Judgement.of(reading, expected, HoleCheck.DRILLED, units);
            if (!judged.isOut()) {
                return judged;
            }
            String differs = reading.in(units) + " does not match the " + expected.in(units) + " of " + other
                    + ": the same pin must not meet two sizes of hole. ";
            return Judgement.out(differs
                    + (reading.magnitude() < expected.magnitude()
                            ? "Is the right drill in? It can still be drilled out."
                            : "A hole only grows: sleeve it, plug it and drill again, or take a bigger pin."));
        };
    }

    private void scales() {
        numbers.designed(SCALE_THICKNESS, "Scale thickness", spec.length(SpecificationField.SCALE_THICKNESS), LOOSE);
        if (spec.hasScaleRelief()) {
            numbers.usual(
                    SCALE_RELIEF_DEPTH,
                    "Depth of the pocket inside",
                    ScaleRelief.DEPTH,
                    FAIR,
                    "Usual: deep enough that only the rim bears");
            numbers.usual(
                    SCALE_RELIEF_RIM,
                    "Rim left around the pocket",
                    ScaleRelief.RIM,
                    LOOSE,
                    "Usual: pressure rises by whole area over rim area");
        }
        if (spec.hasLinedScales()) {
            liners();
        }
        numbers.byRule(PIN_LENGTH, "Pin length", List.of(BLADE_THICKNESS, onTang), LOOSE, this::pinLength);
    }

    private void liners() {
        numbers.designed(SCALE_LINER, "Liner", spec.length(SpecificationField.SCALE_LINER_THICKNESS), FAIR);
        numbers.byRule(
                LINED_SCALE, "Scale with its liner", List.of(SCALE_THICKNESS, SCALE_LINER), LOOSE, (known, units) -> {
                    Length scale = length(known, SCALE_THICKNESS);
                    Length liner = length(known, SCALE_LINER);
                    Working line = new Working(units);
                    return Worked.of(
                            scale.plus(liner),
                            line.of(scale) + " + " + line.of(liner) + line.comesTo(scale.plus(liner)));
                });
    }

    private Worked<Length> pinLength(Known known, Units units) {
        Length proud = Length.ofInchFraction(1, 8);
        Length scale = length(known, onTang);
        Length blade = length(known, BLADE_THICKNESS);
        Length whole = blade.plus(scale.times(2)).plus(proud);
        Working line = new Working(units);
        return Worked.of(
                whole,
                line.of(blade) + " + 2 × " + line.of(scale) + " + " + line.of(proud) + " to file back"
                        + line.comesTo(whole, LOOSE));
    }

    private void taper() {
        numbers.byRule(
                TANG_FRONT,
                "Tang thickness, front",
                List.of(STOCK_THICKNESS),
                CLOSE,
                (known, units) -> Worked.of(length(known, STOCK_THICKNESS), "As thick as the stock"),
                Numbers::ground);
        numbers.designed(TANG_BUTT, "Tang thickness, butt", spec.length(SpecificationField.BUTT_THICKNESS), FAIR);
        numbers.byRule(TANG_MIDDLE, "Tang thickness, middle", List.of(TANG_FRONT, TANG_BUTT), FAIR, (known, units) -> {
            Length front = length(known, TANG_FRONT);
            Length butt = length(known, TANG_BUTT);
            Length middle = front.plus(butt).half();
            Working line = new Working(units);
            return Worked.of(middle, "(" + line.of(front) + " + " + line.of(butt) + ") ÷ 2" + line.comesTo(middle));
        });
    }

    private void counterbore() {
        numbers.designed(
                HANDLE_HOLLOW,
                "Deepest hollow of the finished handle",
                spec.length(SpecificationField.HANDLE_HOLLOW),
                FAIR);
        numbers.byRule(
                COUNTERBORE_DEPTH,
                "Counterbore from the outside face, depth of the shoulder",
                List.of(onTang, HANDLE_HOLLOW),
                FAIR,
                (known, units) -> bore(known).depth(units),
                this::deeperThanTheHollow);
        numbers.byRule(
                COUNTERBORE_LEFT,
                "Left under the head",
                List.of(onTang, HANDLE_HOLLOW, COUNTERBORE_DEPTH),
                FAIR,
                (known, units) -> bore(known).left(length(known, COUNTERBORE_DEPTH), units));
    }

    private Counterbore bore(Known known) {
        return new Counterbore(length(known, onTang), length(known, HANDLE_HOLLOW));
    }

    private Judgement deeperThanTheHollow(Quantity reading, Quantity expected, Known known, Units units) {
        Length hollow = length(known, HANDLE_HOLLOW);
        return reading.magnitude() <= hollow.magnitude()
                ? Judgement.out(
                        reading.in(units) + " is shallower than the handle's deepest hollow of " + hollow.in(units)
                                + ": the grinder cuts through to the head's seat. Bore to " + expected.in(units) + ".")
                : Judgement.of(reading, expected, Allowed.eitherWay(FAIR), units);
    }
}
