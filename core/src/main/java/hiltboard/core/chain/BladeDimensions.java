package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.CLOSE;
import static hiltboard.core.chain.Numbers.FAIR;
import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.chain.Dimension.Known;
import hiltboard.core.design.BarThickness;
import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.Grind;
import hiltboard.core.design.Hardening;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.grind.Bevel;
import hiltboard.core.grind.CentreLine;
import hiltboard.core.grind.EdgeLeft;
import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TemperatureDifference;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.math.BigDecimal;
import java.util.List;

/** Stock, edge by stage, heat and the ground blade. */
final class BladeDimensions {
    /** What a heat may be off: 15 °F, as shop kilns are led; common practice. */
    static final TemperatureDifference HEAT_WITHIN = TemperatureDifference.ofFahrenheit(15);
    /** More at the edge does no harm in the fire, it is only ground off; common practice. */
    private static final Allowed EDGE_LEFT = new Allowed(FAIR, Length.ofInches("0.015"));

    private static final Allowed STOCK = new Allowed(BarThickness.MILL_TOLERANCE, BarThickness.USUALLY_THICKER);
    /**
     * A forging is left thick until it is ground: 5/16 in for a blade of 5/32 is usual for a clad one. Common practice,
     * from memory.
     */
    private static final Allowed FORGED = new Allowed(LOOSE, Length.ofInchFraction(3, 16));

    private static final Allowed GROUND_FROM_A_FORGING = Allowed.eitherWay(Length.ofInches("0.015"));
    /** An axe's cheek is as hammer and belt leave it. Common practice, from memory. */
    private static final Allowed CHEEK = Allowed.eitherWay(Length.ofInchFraction(1, 16));

    private final Specification spec;
    private final Numbers numbers;
    /** What the bevel is ground from: the bar, or an axe's cheek where the bevel begins. */
    private final String body;

    private BladeDimensions(Specification spec, Numbers numbers) {
        this.spec = spec;
        this.numbers = numbers;
        this.body = spec.isAxe() ? CHEEK_THICKNESS : STOCK_THICKNESS;
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
            numbers.byRule(
                    BEVEL_HEIGHT,
                    "Bevel height",
                    List.of(HEEL_WIDTH),
                    LOOSE,
                    (known, units) -> Worked.of(length(known, HEEL_WIDTH), "Full flat: the whole width"));
        } else {
            numbers.designed(BEVEL_HEIGHT, "Bevel height", spec.bevelHeight(), LOOSE);
        }
    }

    private void soft() {
        if (spec.isAxe()) {
            numbers.designed(
                    HEAD_THICKNESS, "Head thickness at the eye", spec.length(SpecificationField.HEAD_THICKNESS), FAIR);
            numbers.followed(
                    CHEEK_THICKNESS,
                    "Cheek where the bevel begins",
                    spec.length(SpecificationField.CHEEK_THICKNESS),
                    FAIR,
                    CHEEK);
        } else {
            numbers.followed(
                    STOCK_THICKNESS,
                    "Stock thickness",
                    spec.length(SpecificationField.STOCK_THICKNESS),
                    CLOSE,
                    spec.isForged() ? FORGED : STOCK);
        }
        numbers.byRule(
                CENTRE_LINE,
                "Centre line above the plate",
                List.of(body),
                CLOSE,
                (known, units) -> new CentreLine(length(known, body)).height(units));
        numbers.byRule(
                EDGE_BEFORE_HARDENING,
                "Edge left before hardening",
                List.of(body),
                FAIR,
                (known, units) -> edgeLeft(length(known, body)).beforeHardening(units),
                Dimension.within(EDGE_LEFT));
        numbers.byRule(
                LAND_LINE,
                "Lower line, where a land is left",
                List.of(body, EDGE_BEFORE_HARDENING),
                CLOSE,
                this::landLine);
    }

    private EdgeLeft edgeLeft(Length thickness) {
        return new EdgeLeft(
                thickness,
                spec.length(SpecificationField.EDGE_THICKNESS),
                spec.length(spec.isAxe() ? SpecificationField.EDGE_LENGTH : SpecificationField.BLADE_LENGTH),
                spec.bevels(),
                spec.quench(),
                spec.isClayCoated(),
                spec.isSentOut());
    }

    private Worked<Length> landLine(Known known, Units units) {
        Length thickness = length(known, body);
        if (spec.bevels() == BevelTiming.AFTER_HARDENING) {
            Length half = thickness.half();
            return Worked.of(half, "One line: no land is left before hardening, " + half.in(units));
        }
        Length land = length(known, EDGE_BEFORE_HARDENING);
        Length low = thickness.minus(land).half();
        Length shown = low.nanometres() < 0 ? Length.ZERO : low;
        Working line = new Working(units);
        return Worked.of(
                shown, "(" + line.of(thickness) + " − " + line.of(land) + ") ÷ 2" + line.comesToOrNothing(low));
    }

    private void heat() {
        Steel steel = spec.steel();
        String why = "Usual for " + steel.designation() + "; the steel's own data sheet comes first";
        numbers.usual(HARDENING_TEMPERATURE, "Hardening heat", steel.hardening(), HEAT_WITHIN, why);
        numbers.usual(
                SOAK,
                isByEye() ? "Soak, once it is at heat" : "Soak, from the kiln's recovery",
                new Span(steel.soak()),
                Span.ofMinutes(1),
                why);
        boolean isUsualTemper = spec.temperHeat().equals(steel.tempering());
        numbers.usual(
                TEMPERING_TEMPERATURE,
                "Tempering heat",
                spec.temperHeat(),
                HEAT_WITHIN,
                isUsualTemper ? why : "As specified; usual for " + steel.designation() + " is another heat");
        if (!spec.isSentOut()) {
            kiln();
        }
        long tempered = Math.round(steel.curve().at(spec.temperHeat()).orElse((double) steel.temperedHrc()));
        numbers.usual(
                HARDNESS,
                "Hardness",
                new Hardness(BigDecimal.valueOf(tempered)),
                HARDNESS_WITHIN,
                isUsualTemper
                        ? why
                        : "On the curve of " + steel.designation() + " for this heat, drawn for a temper "
                                + TemperingCurve.AS_DRAWN);
    }

    private void kiln() {
        if (!isByEye()) {
            numbers.byRule(
                    KILN_AT_SOAK,
                    "Kiln shows when the soak is started",
                    List.of(HARDENING_TEMPERATURE),
                    HEAT_WITHIN,
                    (known, units) -> as(known, HARDENING_TEMPERATURE, "Back at hardening heat"),
                    BladeDimensions::recovered);
        }
        numbers.byRule(
                KILN_AT_TEMPER,
                isByEye()
                        ? "Oven shows when the blade goes in to temper"
                        : "Kiln shows when the blade goes in to temper",
                List.of(TEMPERING_TEMPERATURE),
                HEAT_WITHIN,
                (known, units) -> as(
                        known,
                        TEMPERING_TEMPERATURE,
                        isByEye() ? "Settled at tempering heat" : "Come down to tempering heat"),
                this::comeDown);
    }

    /** Whether no kiln is used: colour and magnet at the forge, and an oven for the temper. */
    private boolean isByEye() {
        return spec.hardening() == Hardening.BY_EYE;
    }

    private static Worked<Temperature> as(Known known, String key, String why) {
        return Worked.of(Numbers.temperature(known, key), why);
    }

    private static Judgement recovered(Quantity reading, Quantity expected, Known known, Units units) {
        double off = reading.magnitude() - expected.magnitude();
        if (off < -HEAT_WITHIN.kelvin()) {
            return Judgement.out("At " + reading.in(units) + " the kiln has not recovered to " + expected.in(units)
                    + ". The soak counts from recovery, not from the door: the steel is under-soaked.");
        }
        return off > HEAT_WITHIN.kelvin()
                ? Judgement.out(reading.in(units) + " is hotter than the " + expected.in(units)
                        + " of this steel: its grain grows.")
                : Judgement.of(reading, expected, Allowed.eitherWay(HEAT_WITHIN), units);
    }

    private Judgement comeDown(Quantity reading, Quantity expected, Known known, Units units) {
        double off = reading.magnitude() - expected.magnitude();
        if (off > HEAT_WITHIN.kelvin()) {
            String still = isByEye()
                    ? " the oven is hotter than " + expected.in(units)
                    : " the kiln has not come down to " + expected.in(units) + " from hardening heat";
            return Judgement.out("At " + reading.in(units) + still + ": the temper, or the hardness itself, is gone.");
        }
        return off < -HEAT_WITHIN.kelvin()
                ? Judgement.out(
                        reading.in(units) + " is colder than " + expected.in(units) + ": the blade stays brittle.")
                : Judgement.of(reading, expected, Allowed.eitherWay(HEAT_WITHIN), units);
    }

    private void ground() {
        numbers.designed(
                EDGE_THICKNESS, "Edge before sharpening", spec.length(SpecificationField.EDGE_THICKNESS), FAIR);
        if (spec.isAxe()) {
            bevelFrom(CHEEK_THICKNESS);
            return;
        }
        if (spec.isForged()) {
            numbers.byRule(
                    BLADE_THICKNESS,
                    "Blade thickness, finished",
                    List.of(STOCK_THICKNESS),
                    FAIR,
                    this::groundFromForging,
                    BladeDimensions::asAgreed);
        } else {
            numbers.byRule(
                    BLADE_THICKNESS,
                    "Blade thickness, finished",
                    List.of(STOCK_THICKNESS),
                    CLOSE,
                    (known, units) -> Worked.of(
                            length(known, STOCK_THICKNESS),
                            "The stock as measured, until the last grinding pass is measured"),
                    Numbers::ground);
        }
        if (spec.hasDistalTaper()) {
            numbers.designed(
                    TIP_THICKNESS, "Thickness near the point", spec.length(SpecificationField.TIP_THICKNESS), FAIR);
        }
        bevelFrom(BLADE_THICKNESS);
    }

    /** A forging is left thick and ground to what was agreed; where it came out thinner, it stays so. */
    private Worked<Length> groundFromForging(Known known, Units units) {
        Length agreed = spec.length(SpecificationField.STOCK_THICKNESS);
        Length forged = length(known, STOCK_THICKNESS);
        return forged.compareTo(agreed) < 0
                ? Worked.of(
                        forged,
                        "The forging as measured is thinner than the " + agreed.in(units) + " agreed: it stays, "
                                + forged.in(units))
                : Worked.of(agreed, "As agreed: ground from the forging of " + forged.in(units));
    }

    private static Judgement asAgreed(Quantity reading, Quantity expected, Known known, Units units) {
        return reading.magnitude() > length(known, STOCK_THICKNESS).magnitude() + CLOSE.magnitude()
                ? Numbers.ground(reading, length(known, STOCK_THICKNESS), known, units)
                : Judgement.of(reading, expected, GROUND_FROM_A_FORGING, units);
    }

    private void bevelFrom(String thickness) {
        numbers.byRule(
                BEVEL_ANGLE,
                "Bevel angle",
                List.of(thickness, EDGE_THICKNESS, BEVEL_HEIGHT),
                new Angle(0.3),
                (known, units) -> new Bevel(
                                length(known, thickness), length(known, EDGE_THICKNESS), length(known, BEVEL_HEIGHT))
                        .anglePerSide(units));
    }
}
