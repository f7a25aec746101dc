package hiltboard.core.chain;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Optional;

/**
 * A number in its place in the chain.
 *
 * @param current what counts now: the reading if there is one, else what it was made to if that stays, else as designed
 *     or by rule
 * @param expected what it is without its own reading
 * @param hangsOnIt keys of the numbers that are computed from it directly
 * @param madeTo the value that a part was made to
 * @param stale what moved since the part was made
 */
public record Link(
        Dimension dimension,
        Source source,
        Quantity current,
        Worked<? extends Quantity> expected,
        List<String> hangsOnIt,
        Optional<Quantity> madeTo,
        Optional<Stale> stale) {

    /** What counts now, in words: a computed length is shown no finer than a part made to it needs. */
    public String currentIn(Units units) {
        return source == Source.BY_RULE ? asFineAsItMatters(current, units) : current.in(units);
    }

    /** As {@link #currentIn}, what it is without its own reading. */
    public String expectedIn(Units units) {
        return dimension.from().isEmpty() ? expected.value().in(units) : asFineAsItMatters(expected.value(), units);
    }

    private String asFineAsItMatters(Quantity computed, Units units) {
        return computed instanceof Length length && dimension.tolerance() instanceof Length tolerance
                ? length.tightIn(tolerance, units)
                : computed.in(units);
    }

    /** A part that was made to a number which has moved by more than its tolerance. */
    public record Stale(Quantity madeTo, Quantity now, Quantity tolerance) {}
}
