package hiltboard.core.grind;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/** How much steel the bevels take off, and how long that is at the belt. */
public final class Removal {
    /**
     * What a two-inch belt takes off in a minute, in mm³: soft steel and hardened. Common practice of small shops, from
     * memory.
     */
    private static final double SOFT = 300;

    private static final double HARD = 150;
    /** A belt is put on, both sides are brought over, measured, and dipped all the while. From memory. */
    private static final double MINUTES_A_BELT = 6;

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

    /** Work at the belt. @param belts how many one after the other */
    public record Work(Volume volume, int belts, boolean isHard) {
        private double usualMinutes() {
            return belts * MINUTES_A_BELT + volume.cubicMillimetres() / (isHard ? HARD : SOFT);
        }
    }

    /** Such work on a blade that was ground, and how long somebody was at it. */
    public record Done(Work work, Duration attended) {
        double times() {
            return attended.toSeconds() / 60d / work.usualMinutes();
        }
    }

    /**
     * How many times the usual the shop takes; once, until it has three blades of its own.
     *
     * @param of how many blades it stands on, none where it is the usual
     * @param low and high: between which half of the shop's blades lie
     */
    public record Pace(double times, int of, double low, double high) {

        public static Pace of(List<Done> done) {
            double[] times = done.stream()
                    .filter(each ->
                            each.attended().toSeconds() > 0 && each.work().usualMinutes() > 0)
                    .mapToDouble(Done::times)
                    .sorted()
                    .toArray();
            return times.length < ENOUGH
                    ? new Pace(1, 0, 1, 1)
                    : new Pace(quantile(times, 0.5), times.length, quantile(times, 0.25), quantile(times, 0.75));
        }

        /** By straight lines between the ordered values. */
        private static double quantile(double[] ordered, double share) {
            double at = share * (ordered.length - 1);
            int low = (int) Math.floor(at);
            int high = (int) Math.ceil(at);
            return ordered[low] + (at - low) * (ordered[high] - ordered[low]);
        }

        /** How long this takes; of no time where no belt is left. */
        public Worked<Span> time(Work work) {
            Span span = new Span(Duration.ofMinutes(Math.round(work.usualMinutes() * times)));
            return Worked.of(
                    span,
                    String.format(
                            Locale.ROOT,
                            "(%d × %.0f min + %.0f mm³ ÷ %.0f mm³/min) × %.2f ≈ %s",
                            work.belts(),
                            MINUTES_A_BELT,
                            work.volume().cubicMillimetres(),
                            work.isHard() ? HARD : SOFT,
                            times,
                            Span.words(span.duration())),
                    words());
        }

        private String words() {
            return of == 0
                    ? "Usual for a small shop, from memory; the shop's own pace counts from " + ENOUGH + " blades on"
                    : String.format(
                            Locale.ROOT,
                            "%.2f times the usual: the middle of the last %d blades of the shop; half lie between %.2f and %.2f",
                            times,
                            of,
                            low,
                            high);
        }
    }
}
