package hiltboard.core.grind;

import hiltboard.core.design.BevelTiming;
import hiltboard.core.material.Quench;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The edge thickness that goes into the quench. Common practice, from memory: 0.020–0.025 in for thin oil-quenched
 * work, 0.040–0.060 in under clay and for water, about 1 mm for stainless between plates, and never less than the
 * agreed edge with 0.010 in to clean up; the full thickness where bevels come after hardening.
 *
 * @param edge as it was agreed, before sharpening
 * @param isClayed whether clay lies on the spine
 */
public record EdgeLeft(Length thickness, Length edge, BevelTiming bevels, Quench quench, boolean isClayed) {
    private static final Length THIN_OIL = Length.ofInches("0.025");
    private static final Length CLAY_OR_WATER = Length.ofInches("0.050");
    private static final Length PLATES = Length.ofMillimetres("1");
    private static final Length TO_CLEAN_UP = Length.ofInches("0.010");

    public Worked<Length> beforeHardening(Units units) {
        if (bevels == BevelTiming.AFTER_HARDENING) {
            return Worked.of(
                    thickness, "Bevels come after hardening: the full thickness stays, " + thickness.in(units));
        }
        Length usual =
                isClayed || quench == Quench.WATER_THEN_OIL ? CLAY_OR_WATER : quench.isLiquid() ? THIN_OIL : PLATES;
        Length least = edge.plus(TO_CLEAN_UP);
        Working line = new Working(units);
        String sum =
                "Agreed edge " + line.of(edge) + " + " + line.of(TO_CLEAN_UP) + " to clean up" + line.comesTo(least);
        Length left = usual.compareTo(least) > 0 ? usual : least;
        if (left.compareTo(thickness) >= 0) {
            return Worked.of(
                    thickness,
                    "The stock is thinner than the " + left.in(units) + " that would be left: it stays, "
                            + thickness.in(units));
        }
        return Worked.of(left, sum + "; usual " + usualWords(usual, units) + ", and the larger counts");
    }

    private String usualWords(Length usual, Units units) {
        return isClayed
                ? "under clay " + usual.in(units) + " ("
                        + Length.ofInches("0.040").in(units) + " to "
                        + Length.ofInches("0.060").in(units) + ")"
                : "for " + quench.words() + " " + usual.in(units);
    }
}
