package hiltboard.core.grind;

import hiltboard.core.design.BevelTiming;
import hiltboard.core.material.Quench;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The edge thickness that goes into the quench. Common practice, from memory: 0.020–0.025 in for thin oil-quenched
 * work, 0.040–0.060 in under clay and for water, about 1 mm for stainless between plates, for whatever is sent out and
 * for long thin blades, and never less than the agreed edge with 0.010 in to clean up; the full thickness where bevels
 * come after hardening.
 *
 * @param edge as it was agreed, before sharpening
 * @param bladeLength of a blade; an axe's is its edge
 * @param isClayed whether clay lies on the spine
 * @param isSentOut whether somebody else hardens it
 */
public record EdgeLeft(
        Length thickness,
        Length edge,
        Length bladeLength,
        BevelTiming bevels,
        Quench quench,
        boolean isClayed,
        boolean isSentOut) {
    private static final Length THIN_OIL = Length.ofInches("0.025");
    private static final Length CLAY_OR_WATER = Length.ofInches("0.050");
    private static final Length ABOUT_A_MILLIMETRE = Length.ofMillimetres("1");
    private static final Length TO_CLEAN_UP = Length.ofInches("0.010");
    /** This many times as long as thick, a blade is long and thin: 10 in of 1/8. From memory. */
    private static final double LONG_AND_THIN = 80;

    /** Which habit decides how much is left. */
    private enum Habit {
        CLAY(CLAY_OR_WATER),
        WATER(CLAY_OR_WATER),
        OUTSIDE(ABOUT_A_MILLIMETRE),
        PLATES(ABOUT_A_MILLIMETRE),
        LONG(ABOUT_A_MILLIMETRE),
        OIL(THIN_OIL);

        private final Length usual;

        Habit(Length usual) {
            this.usual = usual;
        }
    }

    private Habit habit() {
        if (isClayed) {
            return Habit.CLAY;
        }
        if (quench == Quench.WATER_THEN_OIL) {
            return Habit.WATER;
        }
        if (isSentOut) {
            return Habit.OUTSIDE;
        }
        if (!quench.isLiquid()) {
            return Habit.PLATES;
        }
        return bladeLength.millimetres() >= LONG_AND_THIN * thickness.millimetres() ? Habit.LONG : Habit.OIL;
    }

    public Worked<Length> beforeHardening(Units units) {
        if (bevels == BevelTiming.AFTER_HARDENING) {
            return Worked.of(
                    thickness, "Bevels come after hardening: the full thickness stays, " + thickness.in(units));
        }
        Length usual = habit().usual;
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
        return switch (habit()) {
            case CLAY ->
                "under clay " + usual.in(units) + " ("
                        + Length.ofInches("0.040").in(units) + " to "
                        + Length.ofInches("0.060").in(units) + ")";
            case OUTSIDE -> "for what is sent out " + usual.in(units);
            case LONG -> "for a long thin blade " + usual.in(units);
            case WATER, PLATES, OIL -> "for " + quench.words() + " " + usual.in(units);
        };
    }
}
