package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which of the shop's wheels and tubes makes an inside curve: form radius + paper or belt = radius. A smaller one is
 * led along the curve, a larger one cannot make it. Common practice.
 */
public record FormForCurve(Length radius, Length paper) {
    /** Nobody sees that a curve is larger by this. From memory. */
    private static final Length UNSEEN = Length.ofInches("0.010");

    /** @throws ImpossibleQuantity if there is no curve, or the paper fills it */
    public FormForCurve {
        if (!radius.isPositive() || paper.nanometres() < 0 || paper.compareTo(radius) >= 0) {
            throw new ImpossibleQuantity("curve", radius, "more than the paper on its form");
        }
    }

    /** What a form of this diameter makes. */
    public Length makes(Length diameter) {
        return diameter.half().plus(paper);
    }

    /** The largest that fits in; empty where all are too large. */
    public Optional<Length> best(List<Length> diameters) {
        return diameters.stream()
                .filter(diameter -> makes(diameter).compareTo(radius.plus(UNSEEN)) <= 0)
                .max(Comparator.naturalOrder());
    }

    /** The curve that the best one makes, with its arithmetic; empty as {@link #best}. */
    public Optional<Worked<Length>> made(List<Length> diameters, Units units) {
        return best(diameters).map(diameter -> {
            Working line = new Working(units);
            Length made = makes(diameter);
            return Worked.of(
                            made,
                            line.of(diameter) + " ÷ 2 + " + line.of(paper) + " on it" + line.comesTo(made) + ", asked "
                                    + line.of(radius))
                    .called(diameter.in(units));
        });
    }
}
