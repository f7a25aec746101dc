package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The square corners of the edge, broken at 45° with a worn belt down to the scribed land, so that they do not tear the
 * grit off a new belt. Plane geometry.
 *
 * @param land that is left between the scribed lines, zero to the stock's thickness
 */
public record CornerBreak(Length stock, Length land) {
    /** @throws ImpossibleQuantity if the land is wider than the stock */
    public CornerBreak {
        if (land.nanometres() < 0 || land.compareTo(stock) > 0) {
            throw new ImpossibleQuantity("land", land, units -> "zero to the stock's " + stock.downIn(units));
        }
    }

    /** How far the corner is taken back, on the face as on the edge. */
    public Worked<Length> depth(Units units) {
        Length depth = stock.minus(land).half();
        Working line = new Working(units);
        return Worked.of(
                depth, "(" + line.of(stock) + " − " + line.of(land) + ") ÷ 2" + line.comesTo(depth) + ", at 45°");
    }

    /** How wide the flat is that the worn belt leaves. */
    public Worked<Length> flat(Units units) {
        Length depth = stock.minus(land).half();
        Length flat = depth.times(Math.sqrt(2));
        Working line = new Working(units);
        return Worked.of(flat, line.of(depth) + " × √2" + line.comesTo(flat));
    }
}
