package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.CLOSE;
import static hiltboard.core.chain.Numbers.FAIR;
import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.Grind;
import hiltboard.core.design.Hardening;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.grind.Bevel;
import hiltboard.core.grind.CentreLine;
import hiltboard.core.grind.EdgeLeft;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Stock, edge by stage, heat and the ground blade. */
final class BladeDimensions {
    /** A kiln this far from its set point has not recovered, or has not come down yet. */
    private static final double KILN_NEAR_CELSIUS = 14;

    private final Specification spec;
    private final Numbers numbers;
    /** What the bevel is ground from: the bar, or the head of an axe. */
    private final String body;

    private BladeDimensions(Specification spec, Numbers numbers) {
        this.spec = spec;
        this.numbers = numbers;
        this.body = spec.isAxe() ? HEAD_THICKNESS : STOCK_THICKNESS;
    }

    static void write(Specification spec, Numbers numbers) {
        BladeDimensions blade = new BladeDimensions(spec, numbers);
        blade.outline();
        blade.soft();
        blade.heat();
        blade.ground();
    }

    private void outline() {
        if (spec.isAxe()) {
            numbers.designed(BLADE_LENGTH, "Head, poll to edge", spec.length(SpecificationField.HEAD_LENGTH), LOOSE);
            numbers.designed(HANDLE_LENGTH, "Haft length", spec.length(SpecificationField.HAFT_LENGTH), LOOSE);
            numbers.designed(BEVEL_HEIGHT, "Bevel height", spec.bevelHeight(), LOOSE);
            return;
        }
        numbers.designed(BLADE_LENGTH, "Blade length", spec.length(SpecificationField.BLADE_LENGTH), LOOSE);
        numbers.designed(HEEL_WIDTH, "Width at the heel", spec.length(SpecificationField.HEEL_WIDTH), LOOSE);
        numbers.designed(HANDLE_LENGTH, "Handle length", spec.length(SpecificationField.HANDLE_LENGTH), LOOSE);
        if (spec.grind() == Grind.FULL_FLAT) {
            numbers.byRule(BEVEL_HEIGHT, "Bevel height", List.of(HEEL_WIDTH), LOOSE, (known, units) -> Worked.of(length(known, HEEL_WIDTH), "Full flat: the whole width"));
        } else {
            numbers.designed(BEVEL_HEIGHT, "Bevel height", spec.bevelHeight(), LOOSE);
        }
    }

    private void soft() {
        if (spec.isAxe()) {
            numbers.designed(HEAD_THICKNESS, "Head thickness at the eye", spec.length(SpecificationField.HEAD_THICKNESS), FAIR);
        } else {
            numbers.designed(STOCK_THICKNESS, "Stock thickness", spec.length(SpecificationField.STOCK_THICKNESS), CLOSE);
        }
        numbers.byRule(CENTRE_LINE, "Centre line above the plate", List.of(body), CLOSE, (known, units) -> new CentreLine(length(known, body)).height(units));
        numbers.byRule(EDGE_BEFORE_HARDENING, "Edge left before hardening", List.of(body), FAIR,
                (known, units) -> new EdgeLeft(length(known, body), spec.bevels(), spec.quench()).beforeHardening(units));
        numbers.byRule(LAND_LINE, "Lower line, where a land is left", List.of(body, EDGE_BEFORE_HARDENING), CLOSE, this::landLine);
    }

    private Worked<Length> landLine(Dimension.Known known, Units units) {
        Length thickness = length(known, body);
        if (spec.bevels() == BevelTiming.AFTER_HARDENING) {
            Length half = thickness.half();
            return Worked.of(half, "One line: no land is left before hardening, " + half.in(units));
        }
        Length land = length(known, EDGE_BEFORE_HARDENING);
        Length low = thickness.minus(land).half();
        Length shown = low.nanometres() < 0 ? Length.ZERO : low;
        return Worked.of(shown, "(" + thickness.in(units) + " − " + land.in(units) + ") ÷ 2 = " + shown.in(units));
    }

    private void heat() {
        Steel steel = spec.steel();
        String why = "Usual for " + steel.designation() + "; the steel's own data sheet comes first";
        numbers.usual(HARDENING_TEMPERATURE, "Hardening heat", steel.hardening(), Temperature.ofCelsius(8), why);
        numbers.usual(SOAK, "Soak, from the kiln's recovery", new Span(steel.soak()), Span.ofMinutes(1), why);
        numbers.usual(TEMPERING_TEMPERATURE, "Tempering heat", steel.tempering(), Temperature.ofCelsius(8), why);
        if (!spec.isSentOut()) {
            kiln();
        }
        numbers.usual(HARDNESS, "Hardness", new Hardness(BigDecimal.valueOf(steel.temperedHrc())), new Hardness(BigDecimal.valueOf(20)), why);
    }

    private void kiln() {
        if (spec.hardening() != Hardening.BY_EYE) {
            numbers.byRule(KILN_AT_SOAK, "Kiln shows when the soak is started", List.of(HARDENING_TEMPERATURE), Temperature.ofCelsius(8),
                    (known, units) -> as(known, HARDENING_TEMPERATURE, "Back at hardening heat"), BladeDimensions::recovered);
        }
        numbers.byRule(KILN_AT_TEMPER, "Kiln shows when the blade goes in to temper", List.of(TEMPERING_TEMPERATURE), Temperature.ofCelsius(8),
                (known, units) -> as(known, TEMPERING_TEMPERATURE, "Come down to tempering heat"), BladeDimensions::comeDown);
    }

    private static Worked<Temperature> as(Dimension.Known known, String key, String why) {
        return Worked.of(Numbers.temperature(known, key), why);
    }

    private static Optional<String> recovered(Quantity reading, Quantity expected, Units units) {
        double off = reading.magnitude() - expected.magnitude();
        if (off < -KILN_NEAR_CELSIUS) {
            return Optional.of("At " + reading.in(units) + " the kiln has not recovered to " + expected.in(units)
                    + ". The soak counts from recovery, not from the door: the steel is under-soaked. Start the clock anyway?");
        }
        return off > KILN_NEAR_CELSIUS ? Optional.of(reading.in(units) + " is hotter than the " + expected.in(units) + " of this steel: its grain grows. Is it right?") : Optional.empty();
    }

    private static Optional<String> comeDown(Quantity reading, Quantity expected, Units units) {
        double off = reading.magnitude() - expected.magnitude();
        if (off > KILN_NEAR_CELSIUS) {
            return Optional.of("At " + reading.in(units) + " the kiln has not come down to " + expected.in(units)
                    + " from hardening heat: the temper, or the hardness itself, is gone. Put the blade in anyway?");
        }
        return off < -KILN_NEAR_CELSIUS ? Optional.of(reading.in(units) + " is colder than " + expected.in(units) + ": the blade stays brittle. Is it right?") : Optional.empty();
    }

    private void ground() {
        numbers.designed(EDGE_THICKNESS, "Edge before sharpening", spec.length(SpecificationField.EDGE_THICKNESS), FAIR);
        if (spec.isAxe()) {
            bevelFrom(HEAD_THICKNESS);
            return;
        }
        numbers.byRule(BLADE_THICKNESS, "Blade thickness, finished", List.of(STOCK_THICKNESS), CLOSE,
                (known, units) -> Worked.of(length(known, STOCK_THICKNESS), "The stock as measured, until the last grinding pass is measured"), Numbers::notOverStock);
        if (spec.hasDistalTaper()) {
            numbers.designed(TIP_THICKNESS, "Thickness near the point", spec.length(SpecificationField.TIP_THICKNESS), FAIR);
        }
        bevelFrom(BLADE_THICKNESS);
    }

    private void bevelFrom(String thickness) {
        numbers.byRule(BEVEL_ANGLE, "Bevel angle", List.of(thickness, EDGE_THICKNESS, BEVEL_HEIGHT), new Angle(0.3),
                (known, units) -> new Bevel(length(known, thickness), length(known, EDGE_THICKNESS), length(known, BEVEL_HEIGHT)).anglePerSide(units));
    }
}
