package hiltboard.core.machine;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A pocket in a face that is skimmed or lapped later is cut deeper by what the face will lose: 0.025 in for 0.020 in.
 *
 * @param wanted depth at the end
 * @param taken from the face afterwards
 */
public record FinishingAllowance(Length wanted, Length taken) {
    /** @throws ImpossibleQuantity if there is no pocket, or less than nothing is taken */
    public FinishingAllowance {
        if (!wanted.isPositive()) {
            throw new ImpossibleQuantity("wanted depth", wanted, "more than nothing");
        }
        if (taken.nanometres() < 0) {
            throw new ImpossibleQuantity("taken from the face", taken, "nothing or more");
        }
    }

    public Worked<Length> cut(Units units) {
        Length cut = wanted.plus(taken);
        Working line = new Working(units);
        return Worked.of(cut, line.of(wanted) + " + " + line.of(taken) + line.comesTo(cut));
    }
}
