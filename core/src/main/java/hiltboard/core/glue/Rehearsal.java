package hiltboard.core.glue;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Span;
import java.time.Duration;

/**
 * A dry run by the clock: every part in its order, clamps on, without adhesive. With adhesive it takes longer, so half
 * of the working time is the limit. Common practice of the trade.
 *
 * @param took from the first part to the last clamp
 * @param parts how many go through hands that will be wet
 */
public record Rehearsal(Duration took, int parts) {
    /** Wet hands, wiping and a clamp that slips: with adhesive it takes about twice as long. */
    private static final int WET = 2;

    /** @throws ImpossibleQuantity if it took no time or had no parts */
    public Rehearsal {
        if (took.isNegative() || took.isZero()) {
            throw new ImpossibleQuantity("dry run", Span.words(took), "more than nothing");
        }
        if (parts < 1) {
            throw new ImpossibleQuantity("parts", String.valueOf(parts), "one or more");
        }
    }

    /** @param working the least that it can be worked for */
    public boolean isTooLong(Duration working) {
        return took.multipliedBy(WET).compareTo(working) > 0;
    }

    /** How many parts go through before it gels, wet. */
    public int partsBeforeItGels(Duration working) {
        return (int) (working.toSeconds() * parts / (took.toSeconds() * WET));
    }

    public String words(Duration working) {
        int through = partsBeforeItGels(working);
        String ran = Span.words(took) + " dry, about " + Span.words(took.multipliedBy(WET)) + " wet, of "
                + Span.words(working) + " that it can be worked for";
        return isTooLong(working)
                ? ran + ": too long. "
                        + (through == 0 ? "Not one part" : through == 1 ? "One part" : through + " parts")
                        + " of " + parts
                        + " would go through before it gels. A slower adhesive, a cooler shop, a second"
                        + " pair of hands, or one joint at a time."
                : ran + ": all " + parts + " parts go through.";
    }
}
