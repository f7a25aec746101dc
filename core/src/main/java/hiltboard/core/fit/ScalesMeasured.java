package hiltboard.core.fit;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/** A pair of scales as it was measured before it is glued. Common practice, from memory. */
public final class ScalesMeasured {
    /** A pair is of one thickness within this, or the handle leans. */
    private static final Length ALIKE = Length.ofInches("0.005");
    /** A finger feels no more between scale and tang; more goes to the belt again. */
    private static final Length CLOSED = Length.ofInches("0.002");
    /** Two fronts at another angle are seen at once. */
    private static final double SAME_DEGREES = 0.5;

    private ScalesMeasured() {}

    /** Left and right against each other. */
    public static Judgement alike(Length left, Length right, Units units) {
        Length off = left.minus(right).absolute();
        return off.compareTo(ALIKE) <= 0
                ? Judgement.in()
                : Judgement.out("The " + (left.compareTo(right) > 0 ? "left" : "right") + " one is "
                        + off.asRead(units).in(units) + " thicker: rub it down, or the handle leans");
    }

    /** What a feeler gauge goes under, the scale on granite or on its tang. */
    public static Judgement flat(Length gap, Units units) {
        return gap.compareTo(CLOSED) <= 0
                ? Judgement.in()
                : Judgement.out("Open by " + gap.asRead(units).in(units) + ": to the belt again, then granite");
    }

    /** Both fronts are finished as one, pinned together. */
    public static Judgement fronts(Angle left, Angle right) {
        double off = Math.abs(left.degrees() - right.degrees());
        return off <= SAME_DEGREES
                ? Judgement.in()
                : Judgement.out(String.format(
                        Locale.ROOT,
                        "%.1f° apart: pin both together and finish the fronts as one, before anything is glued",
                        off));
    }

    /**
     * How far a bolster's back undercuts its scale: the scale's front leans under it and is held down.
     *
     * @param thick of bolster and scale
     * @param off from square; 10 to 20° are usual
     */
    public static Worked<Length> dovetail(Length thick, Angle off, Units units) {
        Length under = thick.times(Math.tan(Math.toRadians(off.degrees())));
        Working line = new Working(units);
        return Worked.of(
                under, line.of(thick) + " × tan " + off.in(units) + line.comesTo(under, Length.ofInches("0.001")));
    }
}
