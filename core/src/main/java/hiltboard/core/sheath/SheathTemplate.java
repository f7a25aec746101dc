package hiltboard.core.sheath;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A sheath's template: the knife's outline with half its thickness all round, the welt and the stitch margin. Common
 * practice.
 *
 * @param thickness of what goes into the sheath
 * @param leatherOunces weight of the leather; 1 oz is 1/64 in
 */
public record SheathTemplate(Length thickness, int leatherOunces) {
    private static final Length STITCH_MARGIN = Length.ofInchFraction(3, 16);
    /** As near as leather is cut. */
    static final Length CUT_WITHIN = Length.ofInches("0.030");

    private static final int FOLDER_OUNCES = 5;
    private static final int BELT_OUNCES = 8;

    /**
     * The weight of leather that is usual: 4 to 6 oz for a folder's slip, 7 to 9 oz for a sheath on the belt; common
     * practice, from memory.
     */
    public static int usualOunces(boolean isForFolder) {
        return isForFolder ? FOLDER_OUNCES : BELT_OUNCES;
    }

    /** @throws ImpossibleQuantity if there is no thickness or no leather of that weight */
    public SheathTemplate {
        if (!thickness.isPositive()) {
            throw new ImpossibleQuantity("thickness", thickness, "more than nothing");
        }
        if (leatherOunces < 2 || leatherOunces > 16) {
            throw new ImpossibleQuantity("leather", leatherOunces + " oz", "2 to 16 oz");
        }
    }

    /** Front, welt and back of the same leather. */
    public static Length layers(int ounces) {
        return Length.ofInchFraction(3 * ounces, 64);
    }

    public Length leather() {
        return Length.ofInchFraction(leatherOunces, 64);
    }

    /** From half of what goes in to the cut edge; the welt is as thick as the leather. */
    Length beyond() {
        return leather().plus(STITCH_MARGIN);
    }

    /** What is added to the outline all round; the welt is as thick as the leather. */
    public Worked<Length> margin(Units units) {
        Length margin = thickness.half().plus(beyond());
        Working line = new Working(units);
        return Worked.of(
                margin,
                line.of(thickness) + " ÷ 2 + welt " + line.of(leather()) + " (" + leatherOunces + " oz) + "
                        + line.of(STITCH_MARGIN) + " to the stitches" + line.comesTo(margin, CUT_WITHIN));
    }
}
