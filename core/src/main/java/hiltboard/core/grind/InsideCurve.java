package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * An inside curve is ground on a wheel, or sanded over a form, that is smaller by the belt or paper on it: form radius
 * + paper = radius of the curve. Common practice of the trade.
 */
public record InsideCurve(Length radius, Length paper) {
    /** @throws ImpossibleQuantity if the paper leaves no form */
    public InsideCurve {
        if (paper.nanometres() < 0 || paper.compareTo(radius) >= 0) {
            throw new ImpossibleQuantity(
                    "belt or paper", paper, units -> "less than the curve's radius of " + radius.downIn(units));
        }
    }

    /** Its diameter. */
    public Worked<Length> wheel(Units units) {
        Length wheel = radius.minus(paper).times(2);
        Working line = new Working(units);
        return Worked.of(wheel, "2 × (" + line.of(radius) + " − " + line.of(paper) + ")" + line.comesTo(wheel));
    }
}
