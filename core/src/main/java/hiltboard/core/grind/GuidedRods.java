package hiltboard.core.grind;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A blade lies in a clamp, and a rod that carries the stone runs through an eye above the clamp: the stone's face lies
 * at the wanted angle where the eye stands high enough. height = distance · tan(angle) + offset ÷ cos(angle). Plane
 * geometry.
 *
 * @param perSide more than 0° and less than 60°
 * @param distance from the edge back to the eye, along the blade's centre plane
 * @param offset from the middle of the rod to the stone's face
 */
public record GuidedRods(Angle perSide, Length distance, Length offset) {
    private static final double STEEPEST = 60;

    /** @throws ImpossibleQuantity if no rod lies so */
    public GuidedRods {
        if (!(perSide.degrees() > 0 && perSide.degrees() < STEEPEST)) {
            throw new ImpossibleQuantity("angle a side", perSide, "more than 0° and less than 60°");
        }
        if (!distance.isPositive()) {
            throw new ImpossibleQuantity("distance from edge to eye", distance, "more than nothing");
        }
    }

    /** How high the eye stands above the blade's centre plane; as far below it for the other side. */
    public Worked<Length> height(Units units) {
        double angle = Math.toRadians(perSide.degrees());
        Length height = distance.times(Math.tan(angle)).plus(offset.times(1 / Math.cos(angle)));
        Working line = new Working(units);
        return Worked.of(
                height,
                line.of(distance) + " × tan " + line.of(perSide) + " + " + line.of(offset) + " ÷ cos "
                        + line.of(perSide) + line.comesTo(height));
    }
}
