package hiltboard.core.fire;

import hiltboard.core.material.Steel;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A colour that the wheel left on hardened steel: it was as hot there as its colour says. How soft it became is read
 * from the steel's tempering curve, which is drawn for hours: the wheel's seconds soften less, so it is the worst case.
 *
 * @param heat at which such a colour shows
 * @param tempered at which the blade was tempered
 */
public record WheelHeat(Steel steel, Temperature heat, Temperature tempered) {
    /** Beyond what is seen it was nearly as hot. Common practice, from memory. */
    private static final Length BEYOND = Length.ofMillimetres("1");

    /** When to dip, in words for a stage. Common practice of the trade. */
    public static String dips(boolean isHard) {
        return isHard
                ? "Hardened: dip at every pass, no gloves; when the fingers feel it, it is hot."
                : "Soft: dip before it burns the hand; colour does no harm yet, but it hides what the belt left.";
    }

    /** What each temper colour left of a blade of this steel, in a line, and what a colour tells at all. */
    public static List<String> byColour(Steel steel, Temperature tempered, Units units) {
        String colours = HeatColour.all().stream()
                .filter(colour -> colour.kind() == HeatColour.Kind.TEMPER)
                .map(colour -> colour.words() + " " + new WheelHeat(steel, colour.from(), tempered).said(units))
                .collect(Collectors.joining(", "));
        return List.of(
                "Left there by its colour, at worst, of a blade tempered at " + tempered.in(units) + ": " + colours
                        + ".",
                HeatColour.TIME_SHIFTS);
    }

    private String said(Units units) {
        return isHarmless()
                ? "no harm"
                : left(units).map(left -> left.value().in(units)).orElse("soft");
    }

    /** Whether the temper is left as it was: the place was no hotter than the temper itself. */
    public boolean isHarmless() {
        return heat.celsius() <= tempered.celsius();
    }

    /** How hard it is still, at worst; empty where the curve does not reach so far. */
    public Optional<Worked<Hardness>> left(Units units) {
        Optional<Double> before = steel.curve().at(tempered);
        Optional<Double> now = isHarmless() ? before : steel.curve().at(heat);
        return now.map(hrc -> {
            Hardness hardness = rounded(hrc);
            return Worked.of(
                    hardness,
                    "On the curve of " + steel.designation() + ": " + heat.in(units) + " tempers to about "
                            + hardness.in(units)
                            + before.map(was -> ", from " + rounded(was).in(units) + " after " + tempered.in(units))
                                    .orElse(""),
                    "Drawn for hours: seconds at the wheel soften less, nobody knows how much less");
        });
    }

    private static Hardness rounded(double hrc) {
        return new Hardness(BigDecimal.valueOf(hrc).setScale(0, RoundingMode.HALF_UP));
    }

    /** How far the edge has to be ground back where only the colour's height is lost. */
    public Worked<Length> grindBack(Length height, Units units) {
        return isHarmless()
                ? Worked.of(
                        Length.ZERO,
                        "No hotter than the temper of " + tempered.in(units) + ": polish the colour off and go on")
                : beyond(height, units);
    }

    /** How far the edge is ground back for a colour of this height that has softened it. */
    public static Worked<Length> beyond(Length height, Units units) {
        Length back = height.plus(BEYOND);
        Working line = new Working(units);
        return Worked.of(back, line.of(height) + " of colour + " + line.of(BEYOND) + " beyond it" + line.comesTo(back))
                .withCaution(
                        "Where the blade cannot lose so much, or the colour runs on into it: harden and temper again.");
    }
}
