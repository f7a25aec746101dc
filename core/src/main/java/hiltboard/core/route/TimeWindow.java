package hiltboard.core.route;

import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;

/**
 * How soon later work has to begin once the earlier is done and its rest is up.
 *
 * @param usual where the piece has no number for it
 * @param number key of the piece's number that says it; empty where it is always the usual time
 */
public record TimeWindow(Duration usual, String number) {
    static TimeWindow of(Duration usual) {
        return new TimeWindow(usual, "");
    }

    /** The time as it is for one piece. */
    Duration length(Function<String, Optional<Quantity>> numbers) {
        return number.isEmpty()
                ? usual
                : numbers.apply(number)
                        .filter(Span.class::isInstance)
                        .map(span -> ((Span) span).duration())
                        .orElse(usual);
    }
}
