package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The line scribed along the edge of a blank before bevels are ground: half of the measured thickness above the plate.
 * Common practice: a drill lying on a plate is right only if its diameter is the thickness.
 */
public record CentreLine(Length measuredThickness) {
    /** @throws ImpossibleQuantity if the thickness is not positive */
    public CentreLine {
        if (!measuredThickness.isPositive()) {
            throw new ImpossibleQuantity("thickness", measuredThickness, "more than nothing");
        }
    }

    public Worked<Length> height(Units units) {
        Length half = measuredThickness.half();
        Working line = new Working(units);
        return Worked.of(half, line.of(measuredThickness) + " ÷ 2" + line.comesTo(half));
    }
}
