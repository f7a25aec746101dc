package hiltboard.core.fire;

import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.Optional;

/**
 * How long the work in a kiln has really soaked: counted from when the kiln has recovered, not from the door, and not while it stands below.
 *
 * @param inAt when the work went in, in seconds of the kiln's clock
 * @param recoveredAt when the kiln had come back to heat; empty until then
 * @param soaked seconds at heat
 * @param interruptions how often it fell below since
 * @param coldest and {@code hottest} reading since the work went in, °C
 */
public record Soak(Temperature heat, double inAt, Optional<Double> recoveredAt, double soaked, int interruptions, double coldest, double hottest, double lastAt, boolean isAtHeat) {
    /** As near as a shop kiln is led; what is hotter soaks too, and is warned of. */
    private static final double BELOW = KilnState.NEAR_KELVIN;
    /** Where little work drops a kiln by nothing that it shows, it is through after this; from memory. Before, the thermocouple has not felt the door yet. */
    private static final double SETTLES_SECONDS = 120;

    public static Soak from(Temperature heat, double second) {
        return new Soak(heat, second, Optional.empty(), 0, 0, Double.MAX_VALUE, -Double.MAX_VALUE, second, false);
    }

    /** With one more reading; empty where the kiln showed none, which counts for nothing. */
    public Soak with(double second, Optional<Double> celsius) {
        boolean hasFelt = coldest < heat.celsius() - BELOW || second - inAt >= SETTLES_SECONDS;
        boolean isThere = celsius.filter(shown -> shown >= heat.celsius() - BELOW).isPresent() && hasFelt;
        double more = isThere && isAtHeat ? second - lastAt : 0;
        boolean isFirst = isThere && recoveredAt.isEmpty();
        return new Soak(heat, inAt, isFirst ? Optional.of(second) : recoveredAt, soaked + more, interruptions + (isAtHeat && !isThere ? 1 : 0),
                celsius.map(shown -> Math.min(coldest, shown)).orElse(coldest), celsius.map(shown -> Math.max(hottest, shown)).orElse(hottest), second, isThere);
    }

    /** How far the kiln fell when the work went in, in kelvin. */
    public double drop() {
        return coldest == Double.MAX_VALUE ? 0 : Math.max(0, heat.celsius() - coldest);
    }

    /** A soak as it is said: with seconds while it is short. */
    public static String words(Duration soak) {
        long seconds = soak.toSeconds() % 60;
        return soak.toMinutes() < 1 || soak.toMinutes() >= 30 || seconds == 0 ? Span.words(soak) : soak.toMinutes() + " min " + seconds + " s";
    }
}
