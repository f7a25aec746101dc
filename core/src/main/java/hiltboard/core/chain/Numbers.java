package hiltboard.core.chain;

import hiltboard.core.chain.Dimension.Known;
import hiltboard.core.chain.Dimension.Plausible;
import hiltboard.core.chain.Dimension.Rule;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The numbers of one piece while they are written down, with what makes a reading questionable. */
final class Numbers {
    static final Length CLOSE = Length.ofInches("0.002");
    static final Length FAIR = Length.ofInches("0.005");
    static final Length LOOSE = Length.ofInches("0.030");
    static final Length TIGHT = Length.ofInches("0.001");
    /** A reading this many times off what was expected is questioned: a slipped decimal, or the wrong unit. */
    private static final double SUSPICIOUS_RATIO = 1.6;

    private final List<Dimension> dimensions = new ArrayList<>();

    List<Dimension> all() {
        return List.copyOf(dimensions);
    }

    void add(Dimension dimension) {
        dimensions.add(dimension);
    }

    void designed(String key, String label, Quantity value, Quantity tolerance) {
        add(new Dimension(key, label, List.of(), (known, units) -> Worked.of(value, "As specified"), tolerance, Numbers::near));
    }

    /** A usual value that is no part of the specification. */
    void usual(String key, String label, Quantity value, Quantity tolerance, String why) {
        add(new Dimension(key, label, List.of(), (known, units) -> Worked.of(value, why), tolerance, Numbers::anything));
    }

    void byRule(String key, String label, List<String> from, Quantity tolerance, Rule rule) {
        byRule(key, label, from, tolerance, rule, Numbers::near);
    }

    void byRule(String key, String label, List<String> from, Quantity tolerance, Rule rule, Plausible plausible) {
        add(new Dimension(key, label, from, rule, tolerance, plausible));
    }

    static Length length(Known known, String key) {
        return (Length) known.value(key);
    }

    static Temperature temperature(Known known, String key) {
        return (Temperature) known.value(key);
    }

    static Span span(Known known, String key) {
        return (Span) known.value(key);
    }

    static Optional<String> anything(Quantity reading, Quantity expected, Units units) {
        return Optional.empty();
    }

    static Optional<String> near(Quantity reading, Quantity expected, Units units) {
        double low = Math.min(reading.magnitude(), expected.magnitude());
        double high = Math.max(reading.magnitude(), expected.magnitude());
        return low > 0 && high / low <= SUSPICIOUS_RATIO ? Optional.empty()
                : Optional.of(reading.in(units) + " is far from the " + expected.in(units) + " that was expected. Is the decimal point right, and the unit?");
    }

    static Optional<String> notOverStock(Quantity reading, Quantity expected, Units units) {
        return reading.magnitude() > expected.magnitude() + CLOSE.magnitude()
                ? Optional.of(reading.in(units) + " is thicker than the " + expected.in(units) + " it was ground from. Measure again?")
                : near(reading, expected, units);
    }

    /** For a hole that another one has to match. */
    static Plausible matches(String other) {
        return (reading, expected, units) -> reading.isWithin(CLOSE, expected) ? Optional.empty()
                : Optional.of(reading.in(units) + " does not match the " + expected.in(units) + " of " + other + ": the same pin must not meet two sizes of hole. Is the right drill in?");
    }
}
