package hiltboard.core.measure;

import java.time.Duration;

/** A stretch of time on the shop's clock, not negative. */
public record Span(Duration duration) implements Quantity {
    /** From two days on nobody counts hours. */
    private static final int DAYS_FROM_HOURS = 48;

    /** @throws ImpossibleQuantity if negative */
    public Span {
        if (duration.isNegative()) {
            throw new ImpossibleQuantity("time", duration.toString(), "zero or more");
        }
    }

    public static Span ofMinutes(long minutes) {
        return new Span(Duration.ofMinutes(minutes));
    }

    @Override
    public String in(Units units) {
        return words(duration);
    }

    @Override
    public String symbol(Units units) {
        return "min";
    }

    @Override
    public double magnitude() {
        return duration.toSeconds() / 60d;
    }

    /** To the nearest second or minute: {@code 45 s}, {@code 20 min}, {@code 2 h}, {@code 3 h 30 min}. */
    public static String words(Duration time) {
        return said(time.plusMillis(time.toSeconds() < 60 ? 500 : 30_000));
    }

    /** Of what lies by itself, which is said in days from two days on: {@code 2 days 16 h}. */
    public static String wordsOfRest(Duration time) {
        long hours = time.plusMinutes(59).toHours();
        return hours < DAYS_FROM_HOURS
                ? wordsUp(time)
                : hours / 24 + " days" + (hours % 24 == 0 ? "" : " " + hours % 24 + " h");
    }

    /** Of what keeps somebody waiting: never less than it is. */
    public static String wordsUp(Duration time) {
        return said(up(time, Duration.ofSeconds(time.compareTo(Duration.ofSeconds(59)) <= 0 ? 1 : 60)));
    }

    /** Of what must not be missed: never more than it is. */
    public static String wordsDown(Duration time) {
        return said(time);
    }

    /** To the next whole step, upwards. */
    public static Duration up(Duration time, Duration step) {
        return down(time.plus(step).minusMillis(1), step);
    }

    /** To the last whole step, downwards. */
    public static Duration down(Duration time, Duration step) {
        return step.multipliedBy(time.toMillis() / step.toMillis());
    }

    private static String said(Duration time) {
        if (time.toSeconds() < 60) {
            return time.toSeconds() + " s";
        }
        long hours = time.toMinutes() / 60;
        long minutes = time.toMinutes() % 60;
        if (hours == 0) {
            return minutes + " min";
        }
        return minutes == 0 ? hours + " h" : hours + " h " + minutes + " min";
    }
}
