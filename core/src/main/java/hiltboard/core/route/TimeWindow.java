package hiltboard.core.route;

import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;

/**
 * How soon later work has to begin once the earlier is done and its rest is up: always the same time, or what one of
 * the piece's own numbers says.
 *
 * @param time empty where a number says it
 * @param number key of the piece's number; empty where the time is always the same
 */
public record TimeWindow(Optional<Duration> time, String number) {
    static TimeWindow of(Duration time) {
        return new TimeWindow(Optional.of(time), "");
    }

    static TimeWindow of(String number) {
        return new TimeWindow(Optional.empty(), number);
    }

    /** The time as it is for one piece; empty where the piece does not have the number. */
    Optional<Duration> length(Function<String, Optional<Quantity>> numbers) {
        return time.or(
                () -> numbers.apply(number).filter(Span.class::isInstance).map(span -> ((Span) span).duration()));
    }
}
