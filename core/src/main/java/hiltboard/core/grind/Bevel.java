package hiltboard.core.grind;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.Locale;

/**
 * A flat bevel on both sides of a blade: angle per side = atan((stock − edge) / 2 / height).
 *
 * @param stock thickness where the bevel begins
 * @param edge thickness left at the edge, not more than the stock
 * @param height of the bevel, more than nothing
 */
public record Bevel(Length stock, Length edge, Length height) {
    /** @throws ImpossibleQuantity if the edge is thicker than the stock or the bevel has no height */
    public Bevel {
        if (edge.compareTo(stock) > 0 || edge.nanometres() < 0) {
            throw new ImpossibleQuantity("edge thickness", edge, units -> "zero to the stock's " + stock.downIn(units));
        }
        if (!height.isPositive()) {
            throw new ImpossibleQuantity("bevel height", height, "more than nothing");
        }
    }

    public Worked<Angle> anglePerSide(Units units) {
        double slope = stock.minus(edge).magnitude() / 2 / height.magnitude();
        Angle angle = new Angle(Math.toDegrees(Math.atan(slope)));
        String shown = String.format(Locale.ROOT, "%.4f", slope);
        return Worked.of(
                angle,
                "(" + stock.in(units) + " − " + edge.in(units) + ") ÷ 2 ÷ " + height.in(units) + " ≈ " + shown,
                "atan(" + shown + ") ≈ " + angle.in(units) + " a side");
    }
}
