package hiltboard.core.fire;

/**
 * How hot the slowest blade in a kiln likely is, reckoned from what the thermocouple has shown since it went in: an
 * estimate of bare steel. Clay and foil take longer.
 *
 * @param body of the blade, or of one that takes as long
 * @param celsius its own heat
 */
public record BladeHeat(HeatBody body, double celsius) {
    /** The chamber is taken to be the same for so long. */
    private static final double STEP_SECONDS = 1;

    /** As it came in from the shop. */
    static BladeHeat cold(HeatBody body) {
        return new BladeHeat(body, Kiln.SHOP.celsius());
    }

    /**
     * So much later, while what the thermocouple shows went evenly from one reading to the next. In each step the blade
     * nears the chamber as a body does whose transfer stays as it is half way: it never runs past it.
     */
    BladeHeat after(double seconds, double from, double to) {
        if (body.joulesPerKelvin() <= 0 || !(seconds > 0)) {
            return this;
        }
        int steps = (int) Math.ceil(seconds / STEP_SECONDS);
        double now = celsius;
        for (int i = 0; i < steps; i++) {
            double chamber = from + (to - from) * (i + 0.5) / steps;
            double half = nearer(chamber, now, now, seconds / steps / 2);
            now = nearer(chamber, now, half, seconds / steps);
        }
        return new BladeHeat(body, now);
    }

    /** @param as the heat at which the transfer is taken */
    private double nearer(double chamber, double from, double as, double seconds) {
        return chamber
                + (from - chamber) * Math.exp(-body.wattsPerKelvin(chamber, as) / body.joulesPerKelvin() * seconds);
    }

    /** Whether it is as hot as this, as near as a shop kiln is led. */
    boolean isAt(double wanted) {
        return body.joulesPerKelvin() <= 0 || celsius >= wanted - KilnState.NEAR_KELVIN;
    }
}
