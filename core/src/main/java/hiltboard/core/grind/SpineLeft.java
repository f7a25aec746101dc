package hiltboard.core.grind;

import hiltboard.core.material.Quench;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * How thick the spine goes into the quench, so that scale and the layer that lost its carbon can be ground off both
 * faces: 0.003 in a side between plates, where foil keeps the air away, 0.005 in oil, 0.008 under clay or in water.
 * Common practice, from memory. Stock that is ground to no such thickness stays as it is.
 *
 * @param stock as it is there
 * @param wanted at the end
 * @param isClayed whether clay lies on the spine
 */
public record SpineLeft(Length stock, Length wanted, Quench quench, boolean isClayed) {
    private static final Length IN_FOIL = Length.ofInches("0.003");
    private static final Length IN_OIL = Length.ofInches("0.005");
    private static final Length CLAY_OR_WATER = Length.ofInches("0.008");

    private Length aSide() {
        if (isClayed || quench == Quench.WATER_THEN_OIL) {
            return CLAY_OR_WATER;
        }
        return quench.isLiquid() ? IN_OIL : IN_FOIL;
    }

    public Worked<Length> beforeHardening(Units units) {
        Length left = wanted.plus(aSide().times(2));
        if (left.compareTo(stock) >= 0) {
            Worked<Length> answer = Worked.of(stock, "The stock as it is: " + stock.in(units));
            return stock.compareTo(left) < 0
                    ? answer.withCaution(
                            "Only " + stock.minus(wanted).asRead(units).in(units)
                                    + " are there to clean both faces up; usual are "
                                    + aSide().times(2).in(units) + ".")
                    : answer;
        }
        Working line = new Working(units);
        return Worked.of(left, line.of(wanted) + " + 2 × " + line.of(aSide()) + " to clean up" + line.comesTo(left));
    }
}
