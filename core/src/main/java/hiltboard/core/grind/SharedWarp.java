package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A warp that is left after the fire and is ground out: half from the hump, half from the ends of the other face. A
 * bowed plate holds a flat one that is thinner by its bow. Plane geometry.
 *
 * @param warp the largest gap to a straight edge
 */
public record SharedWarp(Length now, Length wanted, Length warp) {
    /** @throws ImpossibleQuantity if there is less than what is wanted, or the warp is less than nothing */
    public SharedWarp {
        if (wanted.compareTo(now) > 0) {
            throw new ImpossibleQuantity(
                    "wanted thickness", wanted, units -> "at most the " + now.in(units) + " there is");
        }
        if (warp.nanometres() < 0) {
            throw new ImpossibleQuantity("warp", warp, "nothing or more");
        }
    }

    /** What each face loses. */
    public Worked<Length> side(Units units) {
        Length each = warp.half();
        Working line = new Working(units);
        return Worked.of(
                each,
                line.of(warp) + " ÷ 2" + line.comesTo(each)
                        + ": from the middle of the hump, and from both ends of the other face");
    }

    /** How thick it is when it is flat. */
    public Worked<Length> left(Units units) {
        Length left = now.minus(warp);
        Length shown = left.isPositive() ? left : Length.ZERO;
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(shown, line.of(now) + " − " + line.of(warp) + line.comesToOrNothing(left));
        return left.compareTo(wanted) < 0
                ? answer.withCaution("Thinner than the " + wanted.in(units) + " wanted: at most "
                        + now.minus(wanted).in(units)
                        + " can be ground out. Straighten it first, clamped in a temper, and measure again.")
                : answer;
    }
}
