package hiltboard.core.sheath;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;

/**
 * A sheath's template: the knife's outline with half its thickness all round, the welt and the stitch margin. Common practice.
 *
 * @param thickness of what goes into the sheath
 * @param leatherOunces weight of the leather; 1 oz is 1/64 in
 */
public record SheathTemplate(Length thickness, int leatherOunces) {
    private static final Length STITCH_MARGIN = Length.ofInchFraction(3, 16);

    /** @throws ImpossibleQuantity if there is no thickness or no leather of that weight */
    public SheathTemplate {
        if (!thickness.isPositive()) {
            throw new ImpossibleQuantity("thickness", thickness.toString(), "more than nothing");
        }
        if (leatherOunces < 2 || leatherOunces > 16) {
            throw new ImpossibleQuantity("leather", leatherOunces + " oz", "2 to 16 oz");
        }
    }

    public Length leather() {
        return Length.ofInchFraction(leatherOunces, 64);
    }

    /** What is added to the outline all round; the welt is as thick as the leather. */
    public Worked<Length> margin(Units units) {
        Length margin = thickness.half().plus(leather()).plus(STITCH_MARGIN);
        return Worked.of(margin, thickness.in(units) + " ÷ 2 + welt " + leather().in(units) + " (" + leatherOunces + " oz) + " + STITCH_MARGIN.in(units) + " to the stitches = " + margin.in(units));
    }
}
