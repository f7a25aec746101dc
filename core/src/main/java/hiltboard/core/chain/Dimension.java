package hiltboard.core.chain;

import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;

/**
 * One number of a piece: what it is before anybody has measured it, and what it is computed from.
 *
 * @param from keys of the numbers it is computed from; empty for a designed number
 * @param tolerance how far a part may differ from it and still do
 * @param judge what a reading of it is
 * @param staysAsMade whether it counts as it was made once a part is made to it, as the cutter that a slot was cut with
 *     does
 */
public record Dimension(
        String key, String label, List<String> from, Rule rule, Quantity tolerance, Judge judge, boolean staysAsMade) {
    public Dimension {
        from = List.copyOf(from);
    }

    public Dimension(String key, String label, List<String> from, Rule rule, Quantity tolerance, Judge judge) {
        this(key, label, from, rule, tolerance, judge, false);
    }

    /** A number whose readings may be off as much as a part that is made to it. */
    public Dimension(String key, String label, List<String> from, Rule rule, Quantity tolerance) {
        this(key, label, from, rule, tolerance, within(Allowed.eitherWay(tolerance)));
    }

    static Judge within(Allowed allowed) {
        return (reading, expected, known, units) -> Judgement.of(reading, expected, allowed, units);
    }

    Dimension stayingAsMade() {
        return new Dimension(key, label, from, rule, tolerance, judge, true);
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

    /** Holds a reading against what was expected, and against the other numbers of the piece where they decide. */
    @FunctionalInterface
    public interface Judge {
        Judgement of(Quantity reading, Quantity expected, Known known, Units units);
    }

    public Source sourceUnmeasured() {
        return from.isEmpty() ? Source.DESIGNED : Source.BY_RULE;
    }
}
