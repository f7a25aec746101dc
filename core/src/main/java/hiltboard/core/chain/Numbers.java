package hiltboard.core.chain;

import hiltboard.core.chain.Dimension.Judge;
import hiltboard.core.chain.Dimension.Known;
import hiltboard.core.chain.Dimension.Rule;
import hiltboard.core.design.BarThickness;
import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.List;

/** The numbers of one piece while they are written down, with what makes a reading questionable. */
final class Numbers {
    static final Length CLOSE = Length.ofInches("0.002");
    static final Length FAIR = Length.ofInches("0.005");
    static final Length LOOSE = Length.ofInches("0.030");
    static final Length TIGHT = Length.ofInches("0.001");
    /**
     * What a file, a forging or a sheet of stock may be off where everything else is cut to what is measured; common
     * practice, from memory.
     */
    static final Allowed AS_IT_CAME = Allowed.eitherWay(LOOSE);
    /** More than this is not taken off a blade's faces after its stock was chosen; common practice, from memory. */
    private static final Length GROUND_AWAY = BarThickness.USUALLY_THICKER;

    private final List<Dimension> dimensions = new ArrayList<>();

    List<Dimension> all() {
        return List.copyOf(dimensions);
    }

    void add(Dimension dimension) {
        dimensions.add(dimension);
    }

    void designed(String key, String label, Quantity value, Quantity tolerance) {
        add(new Dimension(key, label, List.of(), as(value, "As specified"), tolerance));
    }

    /** One that is measured so that others follow it: a reading may be off by more than a part. */
    void followed(String key, String label, Quantity value, Quantity tolerance, Allowed allowed) {
        add(new Dimension(key, label, List.of(), as(value, "As specified"), tolerance, Dimension.within(allowed)));
    }

    /** A usual value that is no part of the specification. */
    void usual(String key, String label, Quantity value, Quantity tolerance, String why) {
        add(new Dimension(key, label, List.of(), as(value, why), tolerance));
    }

    void byRule(String key, String label, List<String> from, Quantity tolerance, Rule rule) {
        add(new Dimension(key, label, from, rule, tolerance));
    }

    void byRule(String key, String label, List<String> from, Quantity tolerance, Rule rule, Judge judge) {
        add(new Dimension(key, label, from, rule, tolerance, judge));
    }

    private static Rule as(Quantity value, String why) {
        return (known, units) -> Worked.of(value, why);
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

    /** Never thicker than what it was ground from, and not ground away. */
    static Judgement ground(Quantity reading, Quantity expected, Known known, Units units) {
        return reading.magnitude() > expected.magnitude() + CLOSE.magnitude()
                ? Judgement.out(reading.in(units) + " is thicker than the " + expected.in(units)
                        + " it was ground from. Measure again?")
                : Judgement.of(reading, expected, new Allowed(GROUND_AWAY, CLOSE), units);
    }
}
