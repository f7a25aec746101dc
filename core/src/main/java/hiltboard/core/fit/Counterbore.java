package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The counterbore that a fastener's head sits in, from the outside of the scale as it is before shaping. Its shoulder
 * lies deeper than the deepest hollow of the finished handle, or the grinder cuts through to the head's seat. Common
 * practice.
 *
 * @param scale thickness with its liner before shaping
 * @param hollow the deepest that shaping goes below the outside face
 */
public record Counterbore(Length scale, Length hollow) {
    private static final Length UNDER_THE_HOLLOW = Length.ofInches("0.030");
    private static final Length HOLDS = Length.ofInches("0.060");

    /** @throws ImpossibleQuantity if the hollow goes through the scale */
    public Counterbore {
        if (hollow.compareTo(scale) >= 0) {
            throw new ImpossibleQuantity(
                    "deepest hollow", hollow, units -> "less than the scale's " + scale.downIn(units));
        }
    }

    public Worked<Length> depth(Units units) {
        Length depth = hollow.plus(UNDER_THE_HOLLOW);
        Working line = new Working(units);
        return Worked.of(
                depth, "Deepest hollow " + line.of(hollow) + " + " + line.of(UNDER_THE_HOLLOW) + line.comesTo(depth));
    }

    /** What is left under the shoulder of a counterbore of this depth. */
    public Worked<Length> left(Length depth, Units units) {
        Length left = scale.minus(depth);
        Length kept = left.isPositive() ? left : Length.ZERO;
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(kept, line.of(scale) + " − " + line.of(depth) + line.comesToOrNothing(left));
        return left.compareTo(HOLDS) < 0
                ? answer.withCaution("Less than " + HOLDS.in(units)
                        + " under the head: it pulls through. Thicker scales, or a shallower hollow.")
                : answer;
    }
}
