package hiltboard.core.stock;

import hiltboard.core.measure.Length;
import java.util.List;

/**
 * What is left of a plank that is sold by its thickness before planing. Hardwood planed on two sides, as the trade
 * grades it in North America, from memory; for what lies between two steps, the next lower one. Measure before you
 * count on it.
 */
public final class Plank {
    private record Step(Length nominal, Length planed) {}

    private static final List<Step> STEPS = List.of(
            step(2, 1, 7, 4),
            step(3, 2, 21, 16),
            step(5, 4, 17, 16),
            step(1, 1, 13, 16),
            step(3, 4, 9, 16),
            step(5, 8, 7, 16),
            step(1, 2, 5, 16),
            step(3, 8, 3, 16));
    private static final Length OFTEN_LOST = Length.ofInchFraction(1, 4);

    private Plank() {}

    private static Step step(int over, int under, int planedOver, int planedUnder) {
        return new Step(Length.ofInchFraction(over, under), Length.ofInchFraction(planedOver, planedUnder));
    }

    /** @param nominal the thickness by which it is sold */
    public static Length planed(Length nominal) {
        if (nominal.compareTo(STEPS.get(0).nominal()) > 0) {
            return nominal.minus(OFTEN_LOST);
        }
        return STEPS.stream()
                .filter(step -> step.nominal().compareTo(nominal) <= 0)
                .findFirst()
                .map(Step::planed)
                .orElse(nominal.half());
    }
}
