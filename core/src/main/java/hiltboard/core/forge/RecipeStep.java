package hiltboard.core.forge;

import hiltboard.core.design.Finding;
import hiltboard.core.design.Option;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One work of a recipe with its answers.
 *
 * @param values as they are kept: lengths in nanometres, steels and choices by their keys; a field that is not there
 *     was left empty
 */
public record RecipeStep(ForgeWork work, Map<StepField, String> values) {
    private static final int MOST_PIECES = 200;
    private static final Set<StepField> MAY_BE_EMPTY = EnumSet.of(
            StepField.BETWEEN, StepField.BETWEEN_THICKNESS, StepField.TO_WIDTH, StepField.LENGTH, StepField.WEIGHT);

    public RecipeStep {
        values = Map.copyOf(values);
    }

    /** What was understood, and what was not; the step is whole only where nothing was found. */
    public record Read(RecipeStep step, List<Finding> findings) {
        public Read {
            findings = List.copyOf(findings);
        }
    }

    /** @param entries by the fields' keys, as they were typed */
    public static Read read(ForgeWork work, Map<String, String> entries, Units units) {
        Map<StepField, String> values = new EnumMap<>(StepField.class);
        List<Finding> findings = new ArrayList<>();
        for (StepField field : work.fields()) {
            String entry = entries.getOrDefault(field.key(), "").strip();
            Optional<String> value = value(field, entry, units);
            if (value.isPresent()) {
                values.put(field, value.get());
            } else if (!entry.isEmpty() || !mayBeEmpty(field)) {
                findings.add(finding(field, entry, units));
            }
        }
        return new Read(new RecipeStep(work, values), findings);
    }

    private static Finding finding(StepField field, String entry, Units units) {
        if (!entry.isEmpty()
                && field.type() == StepField.Type.LENGTH
                && field.likely().read(entry, units) instanceof Understood.Refused<Length> refused) {
            return new Finding(field.key(), entry, refused.problem(), refused.accepted());
        }
        return new Finding(
                field.key(),
                entry,
                entry.isEmpty()
                        ? "Nothing was entered"
                        : "“" + (entry.length() > 40 ? entry.substring(0, 40) + "…" : entry) + "” was not understood",
                accepted(field, units));
    }

    /** Sizes that only some answers ask for are missed when the step is worked out, where it can be said why. */
    private static boolean mayBeEmpty(StepField field) {
        return MAY_BE_EMPTY.contains(field);
    }

    private static Optional<String> value(StepField field, String entry, Units units) {
        return switch (field.type()) {
            case STEEL, MAYBE_STEEL -> ForgeSteel.named(entry).map(ForgeSteel::key);
            case CHOICE ->
                field.options().stream()
                        .map(Option::value)
                        .filter(entry::equalsIgnoreCase)
                        .findFirst();
            case COUNT ->
                entry.matches("\\d{1,3}") && Integer.parseInt(entry) >= 1 && Integer.parseInt(entry) <= MOST_PIECES
                        ? Optional.of(String.valueOf(Integer.parseInt(entry)))
                        : Optional.empty();
            case DECIMAL ->
                entry.replace(',', '.').matches("\\d{1,3}(\\.\\d{1,3})?")
                                && new BigDecimal(entry.replace(',', '.')).compareTo(BigDecimal.valueOf(field.most()))
                                        <= 0
                        ? Optional.of(new BigDecimal(entry.replace(',', '.')).toPlainString())
                        : Optional.empty();
            case MASS ->
                ShopNotation.mass(entry, units) instanceof Understood.Value<Mass> mass
                                && mass.quantity().milligrams() > 0
                        ? Optional.of(String.valueOf(mass.quantity().milligrams()))
                        : Optional.empty();
            case LENGTH ->
                field.likely().read(entry, units) instanceof Understood.Value<Length> length
                        ? Optional.of(String.valueOf(length.quantity().nanometres()))
                        : Optional.empty();
        };
    }

    private static String accepted(StepField field, Units units) {
        return switch (field.type()) {
            case STEEL, MAYBE_STEEL -> "a steel that is known here, such as 1084, 75Ni8 or mild steel";
            case CHOICE ->
                String.join("; ", field.options().stream().map(Option::words).toList());
            case COUNT -> "a whole number from 1 to " + MOST_PIECES;
            case DECIMAL -> "a number such as 6 or 2.5, up to " + field.most();
            case MASS -> "a weight such as 2 kg, 40 oz or 5 lb";
            case LENGTH ->
                "a length such as 3/16, .156 or 4 mm, " + field.likely().words(units);
        };
    }

    /** An answer as the reader would type it; empty where there is none. */
    public String entry(StepField field, Units units) {
        return Optional.ofNullable(values.get(field))
                .map(value -> switch (field.type()) {
                    case LENGTH -> length(field).entryIn(units);
                    case MASS ->
                        BigDecimal.valueOf(Long.parseLong(value), 3)
                                        .stripTrailingZeros()
                                        .toPlainString() + " g";
                    default -> value;
                })
                .orElse("");
    }

    public RecipeStep with(StepField field, Length length) {
        Map<StepField, String> changed = new EnumMap<>(StepField.class);
        changed.putAll(values);
        changed.put(field, String.valueOf(length.nanometres()));
        return new RecipeStep(work, changed);
    }

    public boolean has(StepField field) {
        return values.containsKey(field);
    }

    /** @throws IllegalStateException if it was not answered */
    public Length length(StepField field) {
        return new Length(Long.parseLong(value(field)));
    }

    Mass mass(StepField field) {
        return new Mass(Long.parseLong(value(field)));
    }

    ForgeSteel steel(StepField field) {
        return ForgeSteel.named(value(field)).orElseThrow();
    }

    int count(StepField field) {
        return Integer.parseInt(value(field));
    }

    double decimal(StepField field) {
        return Double.parseDouble(value(field));
    }

    boolean chose(StepField field, String option) {
        return option.equals(values.get(field));
    }

    private String value(StepField field) {
        return Optional.ofNullable(values.get(field))
                .orElseThrow(() -> new IllegalStateException(field + " was not answered"));
    }
}
