package hiltboard.core.sheath;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/**
 * A seam in which one thread with a needle at each end goes through every hole twice. For each stitch both ends pass
 * the pitch and the thickness, so the thread is 2 · (1 + thickness ÷ pitch) seams, a tenth more for the pull, and two
 * tails to hold: four to six seams for thin leather, ten for thick. The sum is arithmetic; tenth and tails are common
 * practice, from memory.
 *
 * @param thickness of all layers together
 */
public record SaddleStitch(Length seam, Length thickness, Length pitch) {
    private static final Length TAIL = Length.ofMillimetres("200");
    private static final double PULLED = 1.1;

    /** @throws ImpossibleQuantity if seam, leather or pitch is nothing */
    public SaddleStitch {
        if (!seam.isPositive()) {
            throw new ImpossibleQuantity("seam", seam, "more than nothing");
        }
        if (!thickness.isPositive()) {
            throw new ImpossibleQuantity("thickness", thickness, "more than nothing");
        }
        if (!pitch.isPositive()) {
            throw new ImpossibleQuantity("pitch", pitch, "more than nothing");
        }
    }

    public Worked<Length> thread(Units units) {
        double seams = 2 * (1 + thickness.millimetres() / pitch.millimetres()) * PULLED;
        Length thread = seam.times(seams).plus(TAIL.times(2)).asTaped(units);
        Working line = new Working(units);
        String times = String.format(Locale.ROOT, "%.1f", seams);
        return Worked.of(
                thread,
                "Seam " + line.taped(seam) + " × " + times + " through " + line.of(thickness) + " of leather + 2 × "
                        + line.taped(TAIL) + " to hold" + line.comesTo(thread, Length.ofInchFraction(1, 1)));
    }
}
