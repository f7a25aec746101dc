package hiltboard.core.etch;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Tones by a mask that is lifted piece by piece: what is opened first goes on etching through all later openings, so
 * that its exposure is its own time plus all that come after.
 *
 * @param zones in the order in which they are opened
 */
public record MaskSchedule(List<Zone> zones) {
    /** Longer than this without a pause heats the blade under the stencil. Common practice: 20 to 30 seconds. */
    private static final int LONGEST_BURST = 30;
    /** After so many seconds it is cooled in water. Common practice: a minute at most. */
    private static final int COOLED_AFTER = 60;

    private static final int MOST_ZONES = 12;

    /**
     * One part of the picture.
     *
     * @param wanted its exposure in all, in whole seconds, more than nothing
     */
    public record Zone(String name, Duration wanted) {
        /** @throws ImpossibleQuantity if it is nothing */
        public Zone {
            if (wanted.toSeconds() < 1) {
                throw new ImpossibleQuantity("exposure of " + name, Span.words(wanted), "a second or more");
            }
        }
    }

    /** What is done, one after another. */
    public sealed interface Act {
        /** The mask comes off these zones. */
        record Open(List<String> zones) implements Act {}

        /** Etched for so long without a pause. */
        record Burst(Duration time) implements Act {}

        /** Cooled in water, dried. */
        record Dip() implements Act {}
    }

    /**
     * @throws ImpossibleQuantity if there is no zone, or one that is opened later is to be darker than one that was
     *     opened before it
     */
    public MaskSchedule {
        zones = List.copyOf(zones);
        if (zones.isEmpty() || zones.size() > MOST_ZONES) {
            throw new ImpossibleQuantity("number of zones", String.valueOf(zones.size()), "1 to " + MOST_ZONES);
        }
        for (int i = 1; i < zones.size(); i++) {
            Zone before = zones.get(i - 1);
            Zone later = zones.get(i);
            if (later.wanted().compareTo(before.wanted()) > 0) {
                throw new ImpossibleQuantity(
                        "exposure of " + later.name(),
                        words(later.wanted()),
                        "up to " + words(before.wanted()) + ", since " + before.name()
                                + " is opened before it and goes on etching: what is to be darker is opened first");
            }
        }
    }

    /** The time of each opening of its own: what lies between it and the next. */
    public List<Duration> own() {
        List<Duration> own = new ArrayList<>();
        for (int i = 0; i < zones.size(); i++) {
            Duration next = i + 1 < zones.size() ? zones.get(i + 1).wanted() : Duration.ZERO;
            own.add(zones.get(i).wanted().minus(next));
        }
        return own;
    }

    /** What each zone gets in all when the openings have these times of their own: each its own plus all later ones. */
    public static List<Duration> exposures(List<Duration> own) {
        List<Duration> exposures = new ArrayList<>();
        Duration later = Duration.ZERO;
        for (int i = own.size() - 1; i >= 0; i--) {
            later = later.plus(own.get(i));
            exposures.add(0, later);
        }
        return exposures;
    }

    /**
     * Zones of equal exposure are opened together; no burst is longer than 30 s, and none begins that would be over a
     * minute from the last cooling.
     */
    public List<Act> acts() {
        List<Act> acts = new ArrayList<>();
        List<Duration> own = own();
        List<String> opened = new ArrayList<>();
        for (int i = 0; i < zones.size(); i++) {
            opened.add(zones.get(i).name());
            if (own.get(i).isZero()) {
                continue;
            }
            if (!acts.isEmpty()) {
                acts.add(new Act.Dip());
            }
            acts.add(new Act.Open(List.copyOf(opened)));
            opened.clear();
            etch((int) own.get(i).toSeconds(), acts);
        }
        return acts;
    }

    private static void etch(int seconds, List<Act> acts) {
        int bursts = (seconds + LONGEST_BURST - 1) / LONGEST_BURST;
        int sinceCooled = 0;
        for (int i = 0; i < bursts; i++) {
            int burst = seconds / bursts + (i < seconds % bursts ? 1 : 0);
            if (sinceCooled + burst > COOLED_AFTER) {
                acts.add(new Act.Dip());
                sinceCooled = 0;
            }
            acts.add(new Act.Burst(Duration.ofSeconds(burst)));
            sinceCooled += burst;
        }
    }

    /** The arithmetic: {@code blade flats: 180 s + 30 s = 210 s}. */
    public List<String> working() {
        List<Duration> own = own();
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < zones.size(); i++) {
            StringBuilder sum = new StringBuilder(zones.get(i).name()).append(": ");
            for (int j = i; j < zones.size(); j++) {
                sum.append(j == i ? "" : " + ").append(own.get(j).toSeconds()).append(" s");
            }
            lines.add(
                    i + 1 == zones.size()
                            ? sum.toString()
                            : sum.append(" = ")
                                    .append(zones.get(i).wanted().toSeconds())
                                    .append(" s")
                                    .toString());
        }
        return lines;
    }

    private static String words(Duration time) {
        return time.toSeconds() + " s";
    }
}
