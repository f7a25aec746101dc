package hiltboard.core.grind;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * Thickness behind the edge and width of the edge's bevel belong together: thickness = 2 · width · sin(angle a side).
 * Plane geometry.
 *
 * @param perSide more than 0° and less than 90°
 */
public record TrialBevel(Angle perSide) {
    /** @throws ImpossibleQuantity if the angle is none that an edge has */
    public TrialBevel {
        if (!(perSide.degrees() > 0 && perSide.degrees() < 90)) {
            throw new ImpossibleQuantity("angle a side", perSide, "more than 0° and less than 90°");
        }
    }

    private double sine() {
        return Math.sin(Math.toRadians(perSide.degrees()));
    }

    /** How thick the blade is where a bevel of this width begins. */
    public Worked<Length> thickness(Length width, Units units) {
        Length thickness = width.times(2 * sine());
        Working line = new Working(units);
        return Worked.of(thickness, "2 × " + line.of(width) + " × sin " + line.of(perSide) + line.comesTo(thickness));
    }

    /** How wide a bevel shows on a blade of this thickness behind the edge. */
    public Worked<Length> width(Length thickness, Units units) {
        Length width = thickness.times(1 / (2 * sine()));
        Working line = new Working(units);
        return Worked.of(width, line.of(thickness) + " ÷ (2 × sin " + line.of(perSide) + ")" + line.comesTo(width));
    }
}
