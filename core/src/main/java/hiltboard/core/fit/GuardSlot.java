package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;

/**
 * The slot of a driven-on guard, from the tang and guard as they were measured. Common practice of the trade:
 * 0.007 in wider than the tang is thick, the last 0.020 in at the front left tight; the cutter's centre runs to both
 * edges of the tang, so that its round ends clear the corners.
 */
public record GuardSlot(Length tangWidth, Length tangThickness, Length guardThickness) {
    /** Room for the adhesive and the drive. */
    public static final Length CLEARANCE = Length.ofInches("0.007");
    /** The lip at the front that closes on the ricasso. */
    public static final Length LIP = Length.ofInches("0.020");
    /** Stock end-mill sizes of a small shop: sixteenths, and half an inch. */
    private static final List<Length> CUTTERS = List.of(
            Length.ofInchFraction(1, 16), Length.ofInchFraction(1, 8), Length.ofInchFraction(3, 16),
            Length.ofInchFraction(1, 4), Length.ofInchFraction(5, 16), Length.ofInchFraction(3, 8), Length.ofInchFraction(1, 2));

    /** @throws ImpossibleQuantity if the guard is not thicker than its lip or no stock cutter goes into the slot */
    public GuardSlot {
        if (guardThickness.compareTo(LIP) <= 0) {
            throw new ImpossibleQuantity("guard thickness", guardThickness.toString(), "more than the lip of " + LIP);
        }
        Length thinnest = CUTTERS.get(0).minus(CLEARANCE);
        if (tangThickness.compareTo(thinnest) <= 0) {
            throw new ImpossibleQuantity("tang thickness", tangThickness.toString(),
                    "more than " + thinnest + ", so that the smallest stock cutter goes into the slot");
        }
        if (tangWidth.compareTo(tangThickness) < 0) {
            throw new ImpossibleQuantity("tang width", tangWidth.toString(), "at least its thickness of " + tangThickness);
        }
    }

    public Worked<Length> width(Units units) {
        Length width = tangThickness.plus(CLEARANCE);
        return Worked.of(width, tangThickness.in(units) + " + " + CLEARANCE.in(units) + " = " + width.in(units));
    }

    /** The largest stock cutter that is smaller than the slot is wide. */
    public Worked<Length> cutter(Units units) {
        Length slot = width(units).value();
        Length largest = CUTTERS.stream().filter(size -> size.compareTo(slot) < 0).reduce((smaller, larger) -> larger).orElseThrow();
        return Worked.of(largest, "The largest stock cutter under " + slot.in(units) + " is " + largest.in(units));
    }

    /** Overall, over the round ends that this cutter leaves. */
    public Worked<Length> length(Length cutter, Units units) {
        Length overall = tangWidth.plus(cutter);
        return Worked.of(overall, "Cutter centre runs " + tangWidth.in(units) + "; overall "
                + tangWidth.in(units) + " + " + cutter.in(units) + " = " + overall.in(units));
    }

    /** From the back, leaving the lip. */
    public Worked<Length> pocketDepth(Units units) {
        Length depth = guardThickness.minus(LIP);
        return Worked.of(depth, guardThickness.in(units) + " − " + LIP.in(units) + " = " + depth.in(units));
    }
}
