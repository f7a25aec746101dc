package hiltboard.core.forge;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A flaw found while grinding a laminated blade. Ground out it thins the blade, evenly on both sides so that the core
 * stays in the middle, and a thin blade warps in the quench; left, the quench opens it. Common practice of the trade.
 *
 * @param depth of the flaw under the surface
 * @param thickness of the blade there now
 * @param wanted thickness of the finished blade
 */
public record LaminateFlaw(Length depth, Length thickness, Length wanted) {

    /** @throws ImpossibleQuantity if the flaw is not inside the blade */
    public LaminateFlaw {
        if (!depth.isPositive() || depth.compareTo(thickness) >= 0) {
            throw new ImpossibleQuantity(
                    "depth of the flaw",
                    depth,
                    units -> "more than nothing and less than the blade's " + thickness.downIn(units));
        }
    }

    /** What is left once it is ground out on both sides alike; nothing where it reaches the middle. */
    public Worked<Length> leftGroundOut(Units units) {
        Length left = thickness.minus(depth.times(2));
        Length kept = left.isPositive() ? left : Length.ZERO;
        Working line = new Working(units);
        Worked<Length> answer =
                Worked.of(kept, line.of(thickness) + " − 2 × " + line.of(depth) + line.comesToOrNothing(left));
        if (!left.isPositive()) {
            return answer.withCaution("It reaches the middle: nothing is left when it is ground out.");
        }
        return left.compareTo(wanted) < 0
                ? answer.withCaution("Thinner than the " + wanted.in(units) + " wanted by "
                        + wanted.minus(left).in(units) + ": it warps in the quench.")
                : answer;
    }

    /**
     * What is left to grind before the flaw would show on the finished blade, where it is left; nothing where it lies
     * deeper.
     */
    public Worked<Length> staysInside(Units units) {
        Length takenEachSide = thickness.minus(wanted).half();
        Length inside = depth.minus(takenEachSide);
        Length kept = inside.isPositive() ? inside : Length.ZERO;
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                kept,
                line.of(depth) + " − " + line.of(takenEachSide) + " still to be ground a side"
                        + (inside.isPositive() ? line.comesTo(kept) : ": nothing is left"));
        return inside.isPositive()
                ? answer.withCaution("It stays " + kept.in(units) + " deep in the finished blade: the quench opens it.")
                : answer;
    }
}
