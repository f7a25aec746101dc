package hiltboard.core.grind;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A surface grinder's work on both faces.
 *
 * @param downfeed of one pass
 * @param cleanUp that each face takes at least before it is clean all over
 */
public record SurfacePasses(Length now, Length wanted, Length downfeed, Length cleanUp) {
    /** @throws ImpossibleQuantity if it is to become thicker, or the downfeed is nothing */
    public SurfacePasses {
        if (wanted.compareTo(now) > 0) {
            throw new ImpossibleQuantity(
                    "wanted thickness", wanted, units -> "at most the " + now.in(units) + " there is");
        }
        if (!downfeed.isPositive()) {
            throw new ImpossibleQuantity("downfeed", downfeed, "more than nothing");
        }
    }

    /** What each face loses. */
    public Worked<Length> side(Units units) {
        Length each = now.minus(wanted).half();
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                each, "(" + line.of(now) + " − " + line.of(wanted) + ") ÷ 2" + line.comesTo(each) + " a side");
        return each.compareTo(cleanUp) < 0
                ? answer.withCaution("A face takes " + cleanUp.in(units)
                        + " before it is clean all over: it will not come clean on both sides at "
                        + wanted.in(units) + ".")
                : answer;
    }

    /** Passes over one face; the same over the other. */
    public Worked<Figure> passes(Units units) {
        Length each = now.minus(wanted).half();
        long passes = (each.nanometres() + downfeed.nanometres() - 1) / downfeed.nanometres();
        Working line = new Working(units);
        return Worked.of(
                Figure.count(passes, passes == 1 ? "pass a side" : "passes a side"),
                line.of(each) + " ÷ " + line.of(downfeed) + ", rounded up: " + passes
                        + "; then one without downfeed, to spark out");
    }

    /** Strokes over the width in one pass. @throws ImpossibleQuantity if the crossfeed is nothing */
    public static Worked<Figure> strokes(Length width, Length crossfeed, Units units) {
        if (!crossfeed.isPositive()) {
            throw new ImpossibleQuantity("crossfeed", crossfeed, "more than nothing");
        }
        long strokes = (width.nanometres() + crossfeed.nanometres() - 1) / crossfeed.nanometres() + 1;
        Working line = new Working(units);
        return Worked.of(
                Figure.count(strokes, "strokes a pass"),
                line.of(width) + " ÷ " + line.of(crossfeed) + ", rounded up, and one to run off: " + strokes);
    }
}
