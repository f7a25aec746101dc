package hiltboard.core.chain;

import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.design.Specification;
import hiltboard.core.glue.Adhesive;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.TemperatureDifference;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.List;

/** The warmth at the gluing bench and the times that hang on it, for whatever is glued. */
final class AdhesiveDimensions {
    private static final Span MINUTES = Span.ofMinutes(5);

    private AdhesiveDimensions() {}

    static void write(Specification spec, Numbers numbers) {
        numbers.add(new Dimension(
                SHOP_TEMPERATURE,
                "Warmth at the gluing bench",
                List.of(),
                (known, units) -> Worked.of(Adhesive.USUAL_SHOP, "Usual, until the thermometer is read"),
                TemperatureDifference.ofKelvin(2),
                AdhesiveDimensions::warmth));
        List<String> warmth = List.of(SHOP_TEMPERATURE);
        numbers.byRule(
                ADHESIVE_WORKING,
                "Adhesive can be worked for",
                warmth,
                MINUTES,
                (known, units) -> spec.adhesive().working(Numbers.temperature(known, SHOP_TEMPERATURE), units),
                AdhesiveDimensions::asMixed);
        numbers.byRule(
                ADHESIVE_CURES,
                "Adhesive bears load after",
                warmth,
                MINUTES,
                (known, units) -> spec.adhesive().cures(Numbers.temperature(known, SHOP_TEMPERATURE), units),
                AdhesiveDimensions::asMixed);
        if (spec.isBedded()) {
            numbers.byRule(
                    ADHESIVE_GRIPS,
                    "Adhesive grips after",
                    warmth,
                    MINUTES,
                    (known, units) -> spec.adhesive().grips(Numbers.temperature(known, SHOP_TEMPERATURE), units),
                    AdhesiveDimensions::asMixed);
            numbers.byRule(
                    ADHESIVE_SETS,
                    "Adhesive has set after",
                    warmth,
                    MINUTES,
                    (known, units) -> spec.adhesive().sets(Numbers.temperature(known, SHOP_TEMPERATURE), units),
                    AdhesiveDimensions::asMixed);
            numbers.byRule(
                    PULL_WINDOW,
                    "Time to pull, once it grips",
                    List.of(ADHESIVE_GRIPS, ADHESIVE_SETS),
                    MINUTES,
                    (known, units) -> {
                        Span grips = Numbers.span(known, ADHESIVE_GRIPS);
                        Span sets = Numbers.span(known, ADHESIVE_SETS);
                        Span window = new Span(sets.duration().minus(grips.duration()));
                        Working line = new Working(units);
                        return Worked.of(window, line.of(sets) + " − " + line.of(grips) + line.comesTo(window));
                    });
        }
    }

    /** What was mixed has the times that its own data sheet gives it. */
    private static Judgement asMixed(Quantity reading, Quantity expected, Dimension.Known known, Units units) {
        return Judgement.in();
    }

    private static Judgement warmth(Quantity reading, Quantity expected, Dimension.Known known, Units units) {
        return reading.magnitude() < 10 || reading.magnitude() > 40
                ? Judgement.out("At " + reading.in(units)
                        + " the adhesive's stated times no longer hold. Are the thermometer and the unit right?")
                : Judgement.in();
    }
}
