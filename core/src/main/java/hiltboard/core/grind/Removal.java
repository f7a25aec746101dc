package hiltboard.core.grind;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/** How much steel the bevels take off, and how long that is at the belt. */
public final class Removal {
    /**
     * What a two-inch belt takes off in a minute of the whole work, looking and dipping included, in mm³: soft steel
     * and hardened. Common practice of small shops, from memory.
     */
    private static final double SOFT = 300;

    private static final double HARD = 150;
    private static final int ENOUGH = 3;

    private Removal() {}

    /** Steel between two states of a blade: between the bar and its bevels, or between two stages of them. */
    public static Volume between(BladeSection before, BladeSection after) {
        return new Volume(Math.max(0, before.volume().amount() - after.volume().amount()));
    }

    /** The same blade before a bevel is on it. */
    public static BladeSection unground(BladeSection blade) {
        return new BladeSection(
                blade.profile(),
                blade.stock(),
                blade.stock(),
                blade.stock(),
                blade.bevelHeight(),
                new BladeSection.Flat(),
                Length.ZERO);
    }

    /** One piece that was ground: what came off, and the minutes somebody was at it. */
    public record Done(Volume volume, Duration attended) {
        double perMinute() {
            return volume.cubicMillimetres() / (attended.toSeconds() / 60d);
        }
    }

    /**
     * The shop's own pace, or what is usual until it has three blades of its own.
     *
     * @param perMinute mm³
     * @param of how many blades it stands on, none where it is the usual
     * @param low and high: between which half of the shop's blades lie
     */
    public record Pace(double perMinute, int of, double low, double high) {

        public static Pace of(List<Done> done, boolean isHard) {
            double[] paces = done.stream()
                    .filter(each ->
                            each.attended().toSeconds() > 0 && each.volume().cubicMillimetres() > 0)
                    .mapToDouble(Done::perMinute)
                    .sorted()
                    .toArray();
            double usual = isHard ? HARD : SOFT;
            return paces.length < ENOUGH
                    ? new Pace(usual, 0, usual, usual)
                    : new Pace(quantile(paces, 0.5), paces.length, quantile(paces, 0.25), quantile(paces, 0.75));
        }

        /** By straight lines between the ordered values. */
        private static double quantile(double[] ordered, double share) {
            double at = share * (ordered.length - 1);
            int low = (int) Math.floor(at);
            int high = (int) Math.ceil(at);
            return ordered[low] + (at - low) * (ordered[high] - ordered[low]);
        }

        public Worked<Figure> worked() {
            Figure pace = new Figure(perMinute, 0, "mm³/min");
            return of == 0
                    ? Worked.of(
                            pace,
                            "Usual for a small shop, from memory; the shop's own takes its place from " + ENOUGH
                                    + " blades on")
                    : Worked.of(
                            pace,
                            String.format(
                                    Locale.ROOT,
                                    "The middle of %d of the shop's own blades; half of them lie between %.0f and %.0f",
                                    of,
                                    low,
                                    high));
        }

        /** How long this much takes. */
        public Worked<Span> time(Volume volume, Units units) {
            Span span = new Span(Duration.ofSeconds(Math.round(volume.cubicMillimetres() / perMinute * 60)));
            return Worked.of(
                    span,
                    String.format(
                            Locale.ROOT,
                            "%.0f mm³ ÷ %.0f mm³/min ≈ %s",
                            volume.cubicMillimetres(),
                            perMinute,
                            span.in(units)));
        }
    }
}
