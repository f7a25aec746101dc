package hiltboard.core.grind;

import hiltboard.core.design.BevelTiming;
import hiltboard.core.material.Quench;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;

/**
 * The edge thickness that goes into the quench. Common practice: 0.020–0.025 in for thin oil-quenched work,
 * about 1 mm for stainless between plates; the full thickness where bevels come after hardening.
 */
public record EdgeLeft(Length thickness, BevelTiming bevels, Quench quench) {
    private static final Length THIN_OIL = Length.ofInches("0.025");
    private static final Length PLATES = Length.ofMillimetres("1");

    public Worked<Length> beforeHardening(Units units) {
        if (bevels == BevelTiming.AFTER_HARDENING) {
            return Worked.of(thickness, "Bevels come after hardening: the full thickness stays, " + thickness.in(units));
        }
        Length usual = quench.isLiquid() ? THIN_OIL : PLATES;
        if (usual.compareTo(thickness) >= 0) {
            return Worked.of(thickness, "The stock is thinner than the usual " + usual.in(units) + ": it stays, " + thickness.in(units));
        }
        return Worked.of(usual, "Usual for " + quench.words() + ": " + usual.in(units)
                + (quench.isLiquid() ? " (" + Length.ofInches("0.020").in(units) + " at the thinnest)" : ""));
    }
}
