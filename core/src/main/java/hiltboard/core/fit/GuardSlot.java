package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The slot of a driven-on guard: of its tang, with the last 0.020 in at the front left tight. Common practice of the
 * trade.
 */
public record GuardSlot(TangSlot tang, Length guardThickness) {
    /** The lip at the front that closes on the ricasso. */
    public static final Length LIP = Length.ofInches("0.020");

    /** @throws ImpossibleQuantity if the guard is not thicker than its lip */
    public GuardSlot {
        if (guardThickness.compareTo(LIP) <= 0) {
            throw new ImpossibleQuantity(
                    "guard thickness", guardThickness, units -> "more than the lip of " + LIP.upIn(units));
        }
    }

    /** From the back, leaving the lip. */
    public Worked<Length> pocketDepth(Units units) {
        Length depth = guardThickness.minus(LIP);
        Working line = new Working(units);
        return Worked.of(depth, line.of(guardThickness) + " − " + line.of(LIP) + line.comesTo(depth));
    }
}
