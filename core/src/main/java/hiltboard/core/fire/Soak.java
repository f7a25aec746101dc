package hiltboard.core.fire;

import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TemperatureDifference;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;

/**
 * How long the work in a kiln has really soaked: not from the door, but from when the kiln has recovered and the blade
 * itself, as far as that can be reckoned, is at heat; and not while the kiln stands below. A shop may count from
 * recovery alone, as many do.
 *
 * @param inAt when the work went in, in seconds of the kiln's clock
 * @param counts from when it counts
 * @param shown what the thermocouple has shown
 * @param blade how hot the slowest blade likely is
 * @param recoveredAt when the kiln had come back to heat; empty until then
 * @param throughAt when the blade was at heat after that, by estimate; empty until then
 * @param sinceRecovery seconds that the kiln has been at heat since
 * @param soaked seconds that count
 */
public record Soak(
        Temperature heat,
        double inAt,
        Counts counts,
        Shown shown,
        BladeHeat blade,
        Optional<Double> recoveredAt,
        Optional<Double> throughAt,
        double sinceRecovery,
        double soaked) {
    /** As near as a shop kiln is led; what is hotter soaks too, and is warned of. */
    private static final double BELOW = KilnState.NEAR_KELVIN;
    /**
     * Where little work drops a kiln by nothing that it shows, it is through after this; from memory. Before, the
     * thermocouple has not felt the door yet.
     */
    private static final double SETTLES_SECONDS = 120;

    /** From when a shop counts its soaks. */
    public enum Counts {
        BLADE("from when the kiln has recovered and the blade is at heat, by estimate"),
        RECOVERY("from the kiln’s recovery alone");

        private final String words;

        Counts(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public static Optional<Counts> named(String name) {
            return Arrays.stream(values())
                    .filter(each -> each.name().equals(name))
                    .findFirst();
        }
    }

    /**
     * What the thermocouple has shown since the work went in.
     *
     * @param coldest and {@code hottest} reading, °C
     * @param interruptions how often it fell below heat since it was there
     * @param last reading and when it was, in seconds of the kiln's clock
     */
    public record Shown(
            double coldest, double hottest, int interruptions, double last, double lastAt, boolean isAtHeat) {
        private static Shown nothingYet(double second) {
            return new Shown(Double.MAX_VALUE, -Double.MAX_VALUE, 0, Double.NaN, second, false);
        }

        private Shown with(double second, Optional<Double> celsius, boolean isThere) {
            return new Shown(
                    celsius.map(now -> Math.min(coldest, now)).orElse(coldest),
                    celsius.map(now -> Math.max(hottest, now)).orElse(hottest),
                    interruptions + (isAtHeat && !isThere ? 1 : 0),
                    celsius.orElse(last),
                    second,
                    isThere);
        }
    }

    /**
     * @param slowest the body that takes longest to come to heat; {@link HeatBody#NOTHING} where only the kiln is
     *     looked at
     */
    public static Soak from(Temperature heat, double second, HeatBody slowest, Counts counts) {
        return new Soak(
                heat,
                second,
                counts,
                Shown.nothingYet(second),
                BladeHeat.cold(slowest),
                Optional.empty(),
                Optional.empty(),
                0,
                0);
    }

    /** With one more reading; empty where the kiln showed none, which counts for nothing. */
    public Soak with(double second, Optional<Double> celsius) {
        double passed = second - shown.lastAt();
        BladeHeat hotter = celsius.map(now -> blade.after(passed, Double.isNaN(shown.last()) ? now : shown.last(), now))
                .orElse(blade);
        boolean hasFelt = shown.coldest() < heat.celsius() - BELOW || second - inAt >= SETTLES_SECONDS;
        boolean isThere = celsius.filter(now -> now >= heat.celsius() - BELOW).isPresent() && hasFelt;
        boolean isThrough = isThere && (counts == Counts.RECOVERY || hotter.isAt(heat.celsius()));
        double more = isThere && shown.isAtHeat() ? passed : 0;
        return new Soak(
                heat,
                inAt,
                counts,
                shown.with(second, celsius, isThere),
                hotter,
                recoveredAt.or(() -> Optional.of(second).filter(now -> isThere)),
                throughAt.or(() -> Optional.of(second).filter(now -> isThere && hotter.isAt(heat.celsius()))),
                sinceRecovery + more,
                soaked + (isThrough && isCounting() ? more : 0));
    }

    /** Whether it counts: the kiln has recovered, and the blade is at heat where the shop waits for it. */
    public boolean isCounting() {
        return shown.isAtHeat() && (counts == Counts.RECOVERY || throughAt.isPresent());
    }

    public int interruptions() {
        return shown.interruptions();
    }

    /** How far the kiln fell when the work went in. */
    public TemperatureDifference drop() {
        return new TemperatureDifference(
                shown.coldest() == Double.MAX_VALUE ? 0 : Math.max(0, heat.celsius() - shown.coldest()));
    }

    /** A soak as it is said: with seconds while it is short, never more than it is. */
    public static String words(Duration soak) {
        long seconds = soak.toSeconds() % 60;
        return soak.toMinutes() < 1 || soak.toMinutes() >= 30 || seconds == 0
                ? Span.wordsDown(soak)
                : soak.toMinutes() + " min " + seconds + " s";
    }
}
