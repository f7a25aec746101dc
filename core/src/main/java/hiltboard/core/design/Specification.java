package hiltboard.core.design;

import hiltboard.core.design.SpecificationField.Choice;
import hiltboard.core.design.SpecificationField.Count;
import hiltboard.core.design.SpecificationField.LengthWithin;
import hiltboard.core.design.SpecificationField.Option;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;

/**
 * The agreed knife: one value for each question that is asked for its construction. Made by {@link SpecificationReader},
 * so that it is complete and its values agree with each other.
 */
public final class Specification {
    private final Map<SpecificationField, Object> values;

    Specification(Map<SpecificationField, Object> values) {
        this.values = new EnumMap<>(values);
    }

    public Construction construction() {
        return choice(SpecificationField.CONSTRUCTION, Construction.class);
    }

    public Steel steel() {
        return Steel.named((String) value(SpecificationField.STEEL)).orElseThrow();
    }

    public Grind grind() {
        return choice(SpecificationField.GRIND, Grind.class);
    }

    public BevelTiming bevels() {
        return choice(SpecificationField.BEVELS, BevelTiming.class);
    }

    public Notches notches() {
        return choice(SpecificationField.NOTCHES, Notches.class);
    }

    public Finish finish() {
        return choice(SpecificationField.FINISH, Finish.class);
    }

    public Mark mark() {
        return choice(SpecificationField.MARK, Mark.class);
    }

    public HandleMaterial handleMaterial() {
        return choice(SpecificationField.HANDLE_MATERIAL, HandleMaterial.class);
    }

    public SheathKind sheath() {
        return choice(SpecificationField.SHEATH, SheathKind.class);
    }

    public boolean isFullTang() {
        return construction() == Construction.FULL_TANG;
    }

    public boolean isHiddenTang() {
        return construction() == Construction.HIDDEN_TANG;
    }

    public boolean hasSpacer() {
        return isHiddenTang() && choice(SpecificationField.SPACER, Spacing.class) == Spacing.ONE;
    }

    public boolean hasAlignmentPins() {
        return isHiddenTang() && choice(SpecificationField.ALIGNMENT_PINS, AlignmentPins.class) == AlignmentPins.TWO;
    }

    public boolean isBedded() {
        return isHiddenTang() && choice(SpecificationField.BEDDING, Bedding.class) == Bedding.BEDDED;
    }

    /** How high the bevel reaches from the edge: the whole width for a full flat grind. */
    public Length bevelHeight() {
        return length(grind() == Grind.FULL_FLAT ? SpecificationField.HEEL_WIDTH : SpecificationField.BEVEL_HEIGHT);
    }

    /** @throws IllegalStateException if the field is not asked for this construction */
    public Length length(SpecificationField field) {
        return (Length) value(field);
    }

    /** @throws IllegalStateException if the field is not asked for this construction */
    public int count(SpecificationField field) {
        return (Integer) value(field);
    }

    /** Every answer as it is kept: lengths as exact millimetres, choices by name. Reading it again gives this specification. */
    public Map<String, String> entries() {
        Map<String, String> entries = new LinkedHashMap<>();
        values.forEach((field, value) -> entries.put(field.key(), value instanceof Length length
                ? BigDecimal.valueOf(length.nanometres(), 6).stripTrailingZeros().toPlainString() + " mm"
                : value.toString()));
        return entries;
    }

    /** One answer in a maker's words; empty if the question is not asked for this construction. */
    public String words(SpecificationField field, Units units) {
        Object value = values.get(field);
        if (value == null) {
            return "";
        }
        if (field.accepts() instanceof LengthWithin) {
            return ((Length) value).brieflyIn(units);
        }
        if (field.accepts() instanceof Count) {
            return value.toString();
        }
        return ((Choice) field.accepts()).options().stream()
                .filter(option -> option.value().equals(value)).map(Option::words).findFirst().orElseThrow();
    }

    boolean answers(SpecificationField field) {
        return values.containsKey(field);
    }

    private <E extends Enum<E>> E choice(SpecificationField field, Class<E> type) {
        return Enum.valueOf(type, (String) value(field));
    }

    private Object value(SpecificationField field) {
        Object value = values.get(field);
        if (value == null) {
            throw new IllegalStateException(field.label() + " is not part of this specification");
        }
        return value;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Specification that && values.equals(that.values);
    }

    @Override
    public int hashCode() {
        return Objects.hash(values);
    }

    @Override
    public String toString() {
        return entries().toString();
    }
}
