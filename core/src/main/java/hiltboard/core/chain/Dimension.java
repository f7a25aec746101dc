package hiltboard.core.chain;

import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Optional;

/**
 * One number of a piece: what it is before anybody has measured it, and what it is computed from.
 *
 * @param from keys of the numbers it is computed from; empty for a designed number
 * @param tolerance how far a part may differ from it and still do
 * @param plausible the readings that are taken without a question
 * @param staysAsMade whether it counts as it was made once a part is made to it, as the cutter that a slot was cut with does
 */
public record Dimension(String key, String label, List<String> from, Rule rule, Quantity tolerance, Plausible plausible, boolean staysAsMade) {
    public Dimension {
        from = List.copyOf(from);
    }

    public Dimension(String key, String label, List<String> from, Rule rule, Quantity tolerance, Plausible plausible) {
        this(key, label, from, rule, tolerance, plausible, false);
    }

    Dimension stayingAsMade() {
        return new Dimension(key, label, from, rule, tolerance, plausible, true);
    }

    /** Computes the number from those it hangs on, in the reader's units. */
    @FunctionalInterface
    public interface Rule {
        Worked<? extends Quantity> compute(Known known, Units units);
    }

    /** The values of the numbers upstream. */
    @FunctionalInterface
    public interface Known {
        Quantity value(String key);
    }

    /** Judges a reading against the value that was expected: the question to ask, or nothing. */
    @FunctionalInterface
    public interface Plausible {
        Optional<String> question(Quantity reading, Quantity expected, Units units);
    }

    public Source sourceUnmeasured() {
        return from.isEmpty() ? Source.DESIGNED : Source.BY_RULE;
    }
}
