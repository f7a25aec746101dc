package hiltboard.core.glue;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.Locale;

/**
 * Two parts that are weighed together.
 *
 * @param first grams of the first part for each gram of the second
 * @param off by how much the ratio may be off, as a share of it
 */
public record MixRatio(double first, double off) {
    private static final double PER_CENT = 100;

    /** @throws ImpossibleQuantity if there is no such ratio */
    public MixRatio {
        if (!(first > 0 && first < 1000)) {
            throw new ImpossibleQuantity("ratio", first + " : 1", "more than nothing");
        }
        if (!(off > 0 && off < 1)) {
            throw new ImpossibleQuantity("tolerance", off * PER_CENT + " %", "more than nothing, less than 100 %");
        }
    }

    /** Parts by volume, weighed by their densities in grams a millilitre. */
    public static MixRatio byVolume(
            double first, double second, double firstDensity, double secondDensity, double off) {
        return new MixRatio(first * firstDensity / (second * secondDensity), off);
    }

    /**
     * What is weighed.
     *
     * @param worst how far the ratio may be off by the scale's step alone, as a share
     */
    public record Weighed(Mass first, Mass second, double worst) {}

    /**
     * As much as is wanted or a little more, to the scale's step: the second part follows the first as it was weighed.
     *
     * @throws ImpossibleQuantity if the scale is too coarse for so little
     */
    public Weighed weighed(Mass wanted, Mass step) {
        Mass least = smallest(step);
        if (wanted.milligrams() < least.milligrams()) {
            throw new ImpossibleQuantity(
                    "mix",
                    wanted,
                    units -> least.in(units)
                            + " or more: with a scale of " + step.in(units) + " a smaller one is off by more than "
                            + percent(off));
        }
        double share = first / (1 + first);
        long one = up(wanted.milligrams() * share, step.milligrams());
        long other = Math.max(step.milligrams(), nearest(one / first, step.milligrams()));
        double half = step.milligrams() / 2d;
        double most = (one + half) / (other - half) / first - 1;
        double fewest = 1 - (one - half) / (other + half) / first;
        return new Weighed(new Mass(one), new Mass(other), Math.max(most, fewest));
    }

    private static long up(double milligrams, long step) {
        return (long) Math.ceil(milligrams / step - 1e-9) * step;
    }

    private static long nearest(double milligrams, long step) {
        return Math.round(milligrams / step) * step;
    }

    /**
     * The smallest mix that a scale weighs well enough, both parts together: each may be read half a step wrong, and
     * the second is rounded to a step.
     */
    public Mass smallest(Mass step) {
        double half = step.milligrams() / 2d;
        // Both are read wrong by h, and the second was rounded by h: (A + h) ÷ (A ÷ r − 2h) = r · (1 + off).
        double one = half * (1 + 2 * first * (1 + off)) / off;
        long both = (long) Math.ceil(one * (1 + 1 / first) / step.milligrams()) * step.milligrams();
        return new Mass(both);
    }

    /**
     * How far the ratio of what was really weighed is off, as a share: more than nothing where the first is too much.
     */
    public double offBy(Mass one, Mass other) {
        return (double) one.milligrams() / other.milligrams() / first - 1;
    }

    public boolean holds(Mass one, Mass other) {
        return Math.abs(offBy(one, other)) <= off + 1e-9;
    }

    /** What is added to put a mix right: of the first part, or of the second. */
    public record Added(boolean isFirst, Mass more) {}

    public Added puttingRight(Mass one, Mass other) {
        double missing = other.milligrams() * first - one.milligrams();
        return missing > 0
                ? new Added(true, new Mass(Math.round(missing)))
                : new Added(false, new Mass(Math.round(one.milligrams() / first - other.milligrams())));
    }

    /** In words, by weight. */
    public Worked<Figure> byWeight(String working, Units units) {
        Figure ratio = new Figure(first, 3, ": 1");
        return Worked.of(ratio, working + " ≈ " + ratio.in(units) + " by weight");
    }

    static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", share * PER_CENT);
    }
}
