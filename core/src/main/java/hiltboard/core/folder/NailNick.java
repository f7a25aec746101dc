package hiltboard.core.folder;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Optional;

/**
 * The nick that a nail opens a blade with: cut while the steel is soft and square, deeper than what the bevel takes off
 * there plus what a nail needs, shallower than what breaks through. Plane geometry; the nick lies a quarter of the
 * width under the spine.
 *
 * @param stock thickness that the nick is cut into
 * @param edge left at the end of the bevel
 * @param width of the blade, from spine to edge
 * @param bevelHeight from the edge
 */
public record NailNick(Length stock, Length edge, Length width, Length bevelHeight) {
    /** What a nail needs; common practice, from memory. */
    private static final Length NAIL = Length.ofInches("0.012");
    /** What has to stay behind it; common practice, from memory. */
    private static final Length LEFT_BEHIND = Length.ofInches("0.020");

    private static final double PLACE_UNDER_SPINE = 0.25;

    /** @throws ImpossibleQuantity if the bevel is higher than the blade or the edge thicker than the stock */
    public NailNick {
        if (!bevelHeight.isPositive() || bevelHeight.compareTo(width) > 0) {
            throw new ImpossibleQuantity(
                    "bevel height",
                    bevelHeight,
                    units -> "more than nothing, at most the width of " + width.downIn(units));
        }
        if (edge.compareTo(stock) > 0) {
            throw new ImpossibleQuantity("edge thickness", edge, units -> "at most the stock's " + stock.downIn(units));
        }
    }

    /** What the bevel takes off each side at the nick. */
    public Length takenOff() {
        Length underBevelTop = width.times(PLACE_UNDER_SPINE).minus(width.minus(bevelHeight));
        return underBevelTop.isPositive()
                ? stock.minus(edge).half().times(underBevelTop.magnitude() / bevelHeight.magnitude())
                : Length.ZERO;
    }

    /** The shallowest nick that a nail still finds after the bevel. */
    public Worked<Length> least(Units units) {
        Length least = takenOff().plus(NAIL);
        Working line = new Working(units);
        return Worked.of(
                least,
                "The bevel takes " + line.of(takenOff()) + " + a nail needs " + line.of(NAIL) + line.comesTo(least));
    }

    /** The deepest nick that does not break through after the bevel; nothing where the blade is too thin for one. */
    public Worked<Length> most(Units units) {
        Length most = stock.minus(takenOff()).minus(LEFT_BEHIND);
        Length kept = most.isPositive() ? most : Length.ZERO;
        Working line = new Working(units);
        return Worked.of(
                kept,
                line.of(stock) + " − " + line.of(takenOff()) + " off the far side − " + line.of(LEFT_BEHIND)
                        + " left behind it" + line.comesToOrNothing(most));
    }

    /** What is wrong with a nick of this depth; empty where it holds a nail and does not break through. */
    public Optional<String> doubt(Length depth, Units units) {
        Length least = takenOff().plus(NAIL);
        Length most = most(units).value();
        if (depth.compareTo(least) < 0) {
            return Optional.of(depth.in(units) + " is too shallow: the bevel takes "
                    + takenOff().in(units) + " of it and no nail holds. At least " + least.upIn(units) + ".");
        }
        return depth.compareTo(most) > 0
                ? Optional.of(depth.in(units) + " breaks through once the bevel is ground. At most "
                        + most.downIn(units) + ".")
                : Optional.empty();
    }

    /** What the nail finds once the bevel is ground. */
    public Worked<Length> left(Length depth, Units units) {
        Length left = depth.minus(takenOff());
        Length kept = left.isPositive() ? left : Length.ZERO;
        Working line = new Working(units);
        Worked<Length> answer =
                Worked.of(kept, line.of(depth) + " − " + line.of(takenOff()) + line.comesToOrNothing(left));
        if (left.compareTo(NAIL) < 0) {
            return answer.withCaution("Too shallow for the bevel that follows: a nail needs " + NAIL.in(units) + ".");
        }
        return depth.compareTo(most(units).value()) > 0
                ? answer.withCaution("So deep that it breaks through: at most "
                        + most(units).value().in(units) + ".")
                : answer;
    }
}
