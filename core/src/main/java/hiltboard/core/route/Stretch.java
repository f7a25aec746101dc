package hiltboard.core.route;

import hiltboard.core.measure.ImpossibleQuantity;
import java.time.Duration;

/** Work that is left of a piece: hands-on time of one maker, and the rest that follows it by itself. */
public record Stretch(int attendedMinutes, Duration rest) {
    /** @throws ImpossibleQuantity if either is less than nothing */
    public Stretch {
        if (attendedMinutes < 0 || rest.isNegative()) {
            throw new ImpossibleQuantity("work left", attendedMinutes + " min", "zero or more");
        }
    }
}
