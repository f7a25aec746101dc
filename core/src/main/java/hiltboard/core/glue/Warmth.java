package hiltboard.core.glue;

import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TimeRange;
import java.time.Duration;

/**
 * How warmth changes the times of a two-part adhesive: half for every 10 °C warmer, twice for every 10 °C colder
 * (common practice of the trade, no published source). What a certain one does lies between 1.7 and 2.5 times for 10
 * °C, from memory: the further from the stated warmth, the less is known. Valid for 10 to 40 °C.
 *
 * @param stated at which the times are stated
 * @param shop as it is now
 */
public record Warmth(Temperature stated, Temperature shop) {
    private static final double EVERY_KELVIN = 10;
    private static final double USUAL = 2;
    private static final double LEAST = 1.7;
    private static final double MOST = 2.5;
    private static final double COLDEST = 10;
    private static final double WARMEST = 40;

    /** A stated time is multiplied by this. */
    public double factor() {
        return factor(USUAL);
    }

    private double factor(double forTenKelvin) {
        return Math.pow(forTenKelvin, (stated.celsius() - shop.celsius()) / EVERY_KELVIN);
    }

    /**
     * What a stated time becomes.
     *
     * @param usual by the habit of the trade
     * @param range within which it lies, at the least and at the most
     */
    public record InTheShop(Duration usual, TimeRange range) {
        InTheShop times(double factor) {
            return new InTheShop(new TimeRange(usual, usual).times(factor).least(), range.times(factor));
        }
    }

    public InTheShop of(Duration stated) {
        return of(TimeRange.of(stated));
    }

    /** The usual one is the least that is stated: nobody relies on more. */
    public InTheShop of(TimeRange stated) {
        double some = factor(LEAST);
        double much = factor(MOST);
        return new InTheShop(
                times(stated.least(), factor()),
                new TimeRange(times(stated.least(), Math.min(some, much)), times(stated.most(), Math.max(some, much))));
    }

    private static Duration times(Duration time, double factor) {
        return Duration.ofSeconds(Math.max(1, Math.round(time.toSeconds() * factor)));
    }

    /** Outside nobody's stated times hold. */
    public boolean isKnown() {
        return shop.celsius() >= COLDEST && shop.celsius() <= WARMEST;
    }
}
