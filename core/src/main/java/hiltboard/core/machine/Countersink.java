package hiltboard.core.machine;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * How deep a countersink goes below the face: (rim − hole) ÷ 2 ÷ tan(half its angle). Plane geometry.
 *
 * @param hole nothing for a blind divot, which a drill's point cuts into the full
 * @param whole angle of the cone, more than 0° and less than 180°
 */
public record Countersink(Length hole, Length rim, Angle whole) {
    /** @throws ImpossibleQuantity if the rim is smaller than the hole, or the cone is none */
    public Countersink {
        if (rim.compareTo(hole) < 0) {
            throw new ImpossibleQuantity("rim", rim, units -> "at least the hole's " + hole.upIn(units));
        }
        if (!(whole.degrees() > 0 && whole.degrees() < 180)) {
            throw new ImpossibleQuantity("angle of the cone", whole, "more than 0° and less than 180°");
        }
    }

    public Worked<Length> depth(Units units) {
        Length depth = rim.minus(hole).times(1 / (2 * Math.tan(Math.toRadians(whole.degrees() / 2))));
        Working line = new Working(units);
        return Worked.of(
                depth,
                "(" + line.of(rim) + " − " + line.of(hole) + ") ÷ 2 ÷ tan(" + line.of(whole) + " ÷ 2)"
                        + line.comesTo(depth));
    }
}
