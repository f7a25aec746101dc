package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TemperatureDifference;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;

/**
 * How a kiln was found beside a second thermocouple, with a coupon quenched from that heat and broken. A kiln is
 * checked at three heats before a blade goes in, since each thermocouple reads off by a few degrees and ages. Common
 * practice, from memory.
 *
 * @param checks the latest last
 */
public record KilnCheck(List<Once> checks) {
    private static final int WANTED = 3;
    /** Heats that are nearer than this are one and the same. */
    private static final double APART_KELVIN = 14;

    /**
     * One heat. @param shown what the kiln's own controller showed @param second what the second thermocouple read
     * beside the work
     */
    public record Once(Temperature shown, Temperature second, Grain grain) {}

    /** What the broken coupon looked like. */
    public enum Grain {
        FINE("Fine and grey", "right for this steel"),
        COARSE("Coarse, it sparkles", "too hot, or too long"),
        UNHARDENED("It bent before it broke", "not hot enough, or too slow a quench"),
        NONE("No coupon, it only tempers", "the second thermocouple is enough for an oven");

        private final String words;
        private final String means;

        Grain(String words, String means) {
            this.words = words;
            this.means = means;
        }

        public String words() {
            return words;
        }

        public String means() {
            return means;
        }
    }

    public KilnCheck {
        checks = List.copyOf(checks);
    }

    /** How much too high the kiln shows, in kelvin: the mean of the last three checks; nothing where there is none. */
    public double offsetKelvin() {
        return last().stream()
                .mapToDouble(once -> once.shown().celsius() - once.second().celsius())
                .average()
                .orElse(0);
    }

    private List<Once> last() {
        return checks.subList(Math.max(0, checks.size() - WANTED), checks.size());
    }

    /** Whether it was looked at at three heats. */
    public boolean isDone() {
        return heatsChecked() >= WANTED;
    }

    private int heatsChecked() {
        List<Double> heats = new ArrayList<>();
        for (Once once : checks) {
            if (heats.stream().allMatch(heat -> Math.abs(heat - once.second().celsius()) > APART_KELVIN)) {
                heats.add(once.second().celsius());
            }
        }
        return heats.size();
    }

    /** What is said of the kiln where it is used. */
    public String words(Units units) {
        if (checks.isEmpty()) {
            return "Not checked yet: a second thermocouple beside the work and a coupon of the steel at three heats, quenched and broken "
                    + "for its grain, before a blade goes in.";
        }
        double off = offsetKelvin();
        String offset = Math.abs(off) < 0.5
                ? "It shows what the second thermocouple reads."
                : "It shows " + TemperatureDifference.ofKelvin(Math.abs(off)).in(units)
                        + (off > 0 ? " too much" : " too little") + "; it is told so much "
                        + (off > 0 ? "more" : "less")
                        + ", and every heat here is the true one.";
        int heats = heatsChecked();
        return isDone()
                ? offset
                : offset + " " + heats + " of " + WANTED + " heats " + (heats == 1 ? "is" : "are") + " checked.";
    }
}
