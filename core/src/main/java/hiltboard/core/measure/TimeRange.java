package hiltboard.core.measure;

import java.time.Duration;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * From one time to another, as a recipe says it: {@code 20–30 s}, {@code 5 min}.
 *
 * @param least more than nothing, no more than {@code most}
 */
public record TimeRange(Duration least, Duration most) {
    public static final String ACCEPTED = "a time such as 5 min, 20–30 s or 60–90 min";
    private static final Pattern BETWEEN = Pattern.compile("\\s*(?:-|–|—|\\bto\\b)\\s*");
    private static final Pattern UNIT = Pattern.compile("[a-z]+\\.?$");

    /** @throws ImpossibleQuantity if it begins with nothing or ends before it begins */
    public TimeRange {
        if (least.isNegative() || least.isZero() || most.compareTo(least) < 0) {
            throw new ImpossibleQuantity(
                    "time", Span.words(least) + " to " + Span.words(most), "more than nothing, the shorter time first");
        }
    }

    public static TimeRange of(Duration time) {
        return new TimeRange(time, time);
    }

    public static TimeRange ofSeconds(long least, long most) {
        return new TimeRange(Duration.ofSeconds(least), Duration.ofSeconds(most));
    }

    public static TimeRange ofMinutes(long least, long most) {
        return new TimeRange(Duration.ofMinutes(least), Duration.ofMinutes(most));
    }

    /** Both ends, or one time; a first one without a unit has that of the last, and a bare number is minutes. */
    public static Understood<TimeRange> read(String entry) {
        String[] ends = BETWEEN.split(entry.strip().toLowerCase(Locale.ROOT), 2);
        String last = ends[ends.length - 1];
        Matcher unit = UNIT.matcher(last);
        String first = ends[0].matches("[\\d.]+") && unit.find() ? ends[0] + " " + unit.group() : ends[0];
        if (ShopNotation.time(first) instanceof Understood.Value<Span> least
                && ShopNotation.time(last) instanceof Understood.Value<Span> most
                && !least.value().duration().isZero()
                && least.value().duration().compareTo(most.value().duration()) <= 0) {
            return new Understood.Value<>(
                    new TimeRange(least.value().duration(), most.value().duration()));
        }
        return Understood.unread(entry, ACCEPTED);
    }

    public TimeRange times(double factor) {
        return new TimeRange(times(least, factor), times(most, factor));
    }

    private static Duration times(Duration time, double factor) {
        return Duration.ofMillis(Math.max(1, Math.round(time.toMillis() * factor)));
    }

    /** As much longer as another. */
    public TimeRange plus(TimeRange other) {
        return new TimeRange(least.plus(other.least), most.plus(other.most));
    }

    public Duration middle() {
        return least.plus(most).dividedBy(2);
    }

    public String words() {
        String to = exactly(most);
        if (least.equals(most)) {
            return to;
        }
        String from = exactly(least);
        String unit = to.replaceFirst("^[\\d.]+", "");
        return from.endsWith(unit) && to.matches("[\\d.]+ [a-z]+") && from.matches("[\\d.]+ [a-z]+")
                ? from.substring(0, from.length() - unit.length()) + "–" + to
                : from + " to " + to;
    }

    /** Seconds are said where whole minutes would hide them. */
    private static String exactly(Duration time) {
        long seconds = (time.toMillis() + 500) / 1000;
        if (seconds < 60 || seconds % 60 == 0 || seconds >= 1800) {
            return Span.words(Duration.ofSeconds(seconds));
        }
        return seconds / 60 + " min " + seconds % 60 + " s";
    }
}
