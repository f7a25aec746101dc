package hiltboard.core.design;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Said;
import java.util.Optional;

/**
 * Whether a bar is as thick as a blade wants it. Cold rolled and ground flat stock lies under its nominal size as often
 * as over it: a “5/32” bar of 0.154 to 0.158 in is a 5/32 bar. Common practice of the trade, no published source.
 *
 * @param wanted as specified
 * @param thicker how much more may still be ground down
 */
public record BarThickness(Length wanted, Length thicker) {
    /** How much thicker than wanted a bar may usually be and still be ground down; common practice, from memory. */
    public static final Length USUALLY_THICKER = Length.ofInchFraction(1, 32);
    /** What the mill's size may be off. */
    public static final Length MILL_TOLERANCE = Length.ofInches("0.003");

    /** Why a bar of this thickness does not serve, empty where it does. */
    public Optional<Said> whyNot(Length bar) {
        if (bar.compareTo(wanted.minus(MILL_TOLERANCE)) < 0) {
            return Optional.of(units -> "It is thinner than the " + wanted.entryIn(units) + " wanted.");
        }
        return bar.compareTo(wanted.plus(thicker)) <= 0
                ? Optional.empty()
                : Optional.of(units -> "It is so much thicker than the " + wanted.entryIn(units)
                        + " wanted that grinding it down is a waste.");
    }
}
