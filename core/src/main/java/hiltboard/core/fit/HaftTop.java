package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The top of a haft for an eye as it was measured: a tenon driven in from below and wedged, or a taper that swells past
 * the eye so that the head seats from above. Common practice of the trade; the allowances are from memory.
 */
public record HaftTop(Length eye, boolean isDrivenFromBelow) {
    private static final Length DRIVE = Length.ofInchFraction(1, 64);
    private static final Length SWELL = Length.ofInchFraction(1, 16);

    /** @throws ImpossibleQuantity if the eye is not positive */
    public HaftTop {
        if (!eye.isPositive()) {
            throw new ImpossibleQuantity("eye", eye, "more than nothing");
        }
    }

    public Worked<Length> size(Units units) {
        Length over = isDrivenFromBelow ? DRIVE : SWELL;
        Length size = eye.plus(over);
        Working line = new Working(units);
        return Worked.of(
                size,
                "Eye " + line.of(eye) + " + " + line.of(over) + (isDrivenFromBelow ? " to drive" : " of swell")
                        + line.comesTo(size));
    }

    /** How deep the kerf is sawn into a tenon through an eye of this depth. */
    public static Worked<Length> kerf(Length eyeDepth, Units units) {
        Length kerf = eyeDepth.times(2d / 3);
        Working line = new Working(units);
        return Worked.of(kerf, "⅔ × " + line.of(eyeDepth) + line.comesTo(kerf));
    }
}
