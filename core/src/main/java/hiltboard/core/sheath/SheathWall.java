package hiltboard.core.sheath;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * What a sheath is made of, and how much of it stands around what goes in. Common practice.
 *
 * @param thickness of one side
 * @param beyond from half of what goes in to the cut edge
 * @param toEdge from the stitches, or from the middle of the eyelets, to the cut edge
 */
public record SheathWall(Length thickness, Length beyond, Length toEdge) {
    private static final Length FROM_STITCHES = Length.ofInchFraction(1, 8);
    private static final Length AROUND_EYELET = Length.ofInchFraction(1, 16);
    /** The flange of an eyelet is half as wide again as its hole; from memory. */
    private static final double FLANGE = 1.5;

    /** @throws ImpossibleQuantity if there is no wall, or the seam would lie in what goes in */
    public SheathWall {
        if (!thickness.isPositive()) {
            throw new ImpossibleQuantity("wall", thickness, "more than nothing");
        }
        if (beyond.nanometres() <= toEdge.nanometres()) {
            throw new ImpossibleQuantity("margin", beyond, "more than from the seam to the edge");
        }
    }

    /** Leather with a welt of the same leather. */
    public static SheathWall ofLeather(int ounces) {
        SheathTemplate template = new SheathTemplate(Length.ofInchFraction(1, 64), ounces);
        return new SheathWall(template.leather(), template.beyond(), FROM_STITCHES);
    }

    /** A plastic sheet pressed over the knife, with eyelets through its flange. @param hole of an eyelet */
    public static SheathWall ofSheet(Length sheet, Length hole) {
        Length toEdge = flange(hole).half().plus(AROUND_EYELET);
        return new SheathWall(sheet, sheet.plus(toEdge.times(2)), toEdge);
    }

    /** How wide an eyelet's flange is. */
    public static Length flange(Length hole) {
        return hole.times(FLANGE);
    }

    /** What is added to the outline of a part of this thickness. */
    public Length margin(Length inside) {
        return inside.half().plus(beyond);
    }

    /** What is added to the outline of a plastic sheath, with its arithmetic. */
    public Worked<Length> flanged(Length inside, Units units) {
        Length margin = margin(inside);
        Working line = new Working(units);
        return Worked.of(
                margin,
                line.of(inside) + " ÷ 2 + sheet " + line.of(thickness) + " + 2 × " + line.of(toEdge)
                        + " from the eyelets to the edge and to the knife"
                        + line.comesTo(margin, SheathTemplate.CUT_WITHIN));
    }
}
