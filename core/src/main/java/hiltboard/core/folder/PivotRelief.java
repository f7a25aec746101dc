package hiltboard.core.folder;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The relief milled into the inside of each side of a slip joint, from spring seat to kick, leaving a ring around the
 * pivot like a washer. Common practice of the trade: 0.008 to 0.010 in deep.
 */
public record PivotRelief(Length pivotDiameter) {
    private static final Length DEPTH = Length.ofInches("0.009");
    /** Width of the ring that stays around the pivot. */
    private static final Length RING = Length.ofInchFraction(3, 32);

    private static final Length CUTTER = Length.ofInchFraction(1, 8);

    /** @throws ImpossibleQuantity if the pivot is not positive */
    public PivotRelief {
        if (!pivotDiameter.isPositive()) {
            throw new ImpossibleQuantity("pivot diameter", pivotDiameter, "more than nothing");
        }
    }

    public Worked<Length> depth(Units units) {
        return Worked.of(
                DEPTH,
                "Usual " + Length.ofInches("0.008").in(units) + " to "
                        + Length.ofInches("0.010").in(units) + ", both sides alike");
    }

    /** From the pivot's centre to the cutter's: ring radius + cutter radius. */
    public Worked<Length> cutterOffset(Units units) {
        Length ringRadius = pivotDiameter.half().plus(RING);
        Length offset = ringRadius.plus(CUTTER.half());
        Working line = new Working(units);
        return Worked.of(
                offset,
                "Ring radius " + line.of(ringRadius) + " + cutter radius " + line.of(CUTTER.half())
                        + line.comesTo(offset));
    }
}
