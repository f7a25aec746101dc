package hiltboard.core.forge;

import hiltboard.core.field.Answer;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Form;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * One work of a recipe with its answers.
 *
 * @param answers a field that is not there was left empty
 */
public record RecipeStep(ForgeWork work, Map<StepField, Answer<?>> answers) {
    public RecipeStep {
        answers = Map.copyOf(answers);
    }

    /** What was understood, and what was not; the step is whole only where nothing was found. */
    public record Read(RecipeStep step, List<Finding> findings) {
        public Read {
            findings = List.copyOf(findings);
        }
    }

    /** @param entries by the fields' keys, as they were typed */
    public static Read read(ForgeWork work, Map<String, String> entries, Units units, SteelLibrary steels) {
        StepForm known = new StepForm(work, steels);
        Form<StepField> form = Form.read(work.fields(), entries, units, growing -> known);
        return new Read(new RecipeStep(work, form.answers()), form.findings());
    }

    /** As {@link #kept} wrote it. @throws RuntimeException if it did not, or a steel is in no library any more */
    public static RecipeStep ofKept(ForgeWork work, Map<String, String> kept, SteelLibrary steels) {
        StepForm known = new StepForm(work, steels);
        Map<StepField, Answer<?>> answers = new EnumMap<>(StepField.class);
        kept.forEach((key, value) -> StepField.withKey(key)
                .ifPresent(field -> answers.put(field, field.kind(known).ofKept(value))));
        return new RecipeStep(work, answers);
    }

    /** The answers as they stand in the data, by the fields' keys. */
    public Map<String, String> kept() {
        Map<String, String> kept = new TreeMap<>();
        answers.forEach((field, answer) -> kept.put(field.key(), answer.kept()));
        return kept;
    }

    /** An answer as the reader would type it; empty where there is none. */
    public String entry(StepField field, Units units) {
        return Optional.ofNullable(answers.get(field))
                .map(answer -> answer.entry(units))
                .orElse("");
    }

    RecipeStep with(StepField field, Length length) {
        Map<StepField, Answer<?>> changed = new EnumMap<>(StepField.class);
        changed.putAll(answers);
        changed.put(field, new Answer<>((LengthWithin) field.kind(new StepForm(work, SteelLibrary.KNOWN)), length));
        return new RecipeStep(work, changed);
    }

    public boolean has(StepField field) {
        return answers.containsKey(field);
    }

    /** @throws IllegalStateException if it was not answered */
    public Length length(StepField field) {
        return (Length) value(field);
    }

    Mass mass(StepField field) {
        return (Mass) value(field);
    }

    ForgeSteel steel(StepField field) {
        return (ForgeSteel) value(field);
    }

    int count(StepField field) {
        return (Integer) value(field);
    }

    double decimal(StepField field) {
        return ((BigDecimal) value(field)).doubleValue();
    }

    boolean chose(StepField field, String option) {
        return has(field) && value(field).equals(option);
    }

    private Object value(StepField field) {
        return Optional.ofNullable(answers.get(field))
                .map(Answer::value)
                .orElseThrow(() -> new IllegalStateException(field + " was not answered"));
    }
}
