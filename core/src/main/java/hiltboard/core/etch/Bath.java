package hiltboard.core.etch;

import hiltboard.core.field.Answer;
import hiltboard.core.field.Answers;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Form;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A bath of the tank, as its form was answered.
 *
 * @param answers a field that is not there was left empty; they grow while the form is read
 */
public record Bath(Map<BathField, Answer<?>> answers) {
    /** Nothing is answered yet. */
    public static final Bath EMPTY = new Bath(Map.of());

    /** What was understood, and what was not; the bath is whole only where nothing was found. */
    public record Read(Bath bath, List<Finding> findings) {
        public Read {
            findings = List.copyOf(findings);
        }
    }

    /** @param entries by the fields' keys, as they were typed */
    public static Read read(Map<String, String> entries, Units units) {
        Form<BathField> form = Form.read(BathField.all(), entries, units, Bath::new);
        return new Read(new Bath(Map.copyOf(form.answers())), form.findings());
    }

    /** As {@link #kept} wrote it. @throws RuntimeException if it did not */
    public static Bath ofKept(Map<String, String> kept) {
        return new Bath(Answers.restored(BathField.all(), kept, EMPTY));
    }

    /** The answers as they stand in the data, by the fields' keys. */
    public Map<String, String> kept() {
        return Answers.kept(answers);
    }

    /** An answer as the reader would type it; empty where there is none. */
    public String entry(BathField field, Units units) {
        return Answers.entry(answers, field, units);
    }

    public boolean has(BathField field) {
        return answers.containsKey(field);
    }

    public String name() {
        return words(BathField.NAME);
    }

    /** @throws IllegalStateException if it is not answered yet */
    public Liquid liquid() {
        return value(BathField.LIQUID, String.class)
                .map(Liquid::valueOf)
                .orElseThrow(() -> new IllegalStateException("What the bath is was not answered"));
    }

    public LiquidVolume volume() {
        return value(BathField.VOLUME, LiquidVolume.class).orElseThrow();
    }

    /** Empty where it was left empty. */
    public String words(BathField field) {
        return value(field, String.class).orElse("");
    }

    public Optional<Temperature> temperature() {
        return value(BathField.TEMPERATURE, Temperature.class);
    }

    public Optional<PartsByVolume> parts() {
        return value(BathField.FIRST_PARTS, BigDecimal.class)
                .flatMap(first -> value(BathField.SECOND_PARTS, BigDecimal.class)
                        .map(second -> new PartsByVolume(first.doubleValue(), second.doubleValue())));
    }

    public Optional<Strength> stock() {
        return value(BathField.STOCK, Strength.class);
    }

    /** What it came to when it was mixed: as its stock where no water was added; empty where nobody said. */
    public Optional<Strength> strength() {
        return stock().map(stock -> parts().map(parts -> parts.of(stock)).orElse(stock));
    }

    /** What it stands in; empty where nobody measured it. */
    public Optional<Vessel> vessel() {
        return value(BathField.ACROSS, Length.class)
                .flatMap(across -> value(BathField.HEIGHT, Length.class)
                        .map(height -> new Vessel(across, value(BathField.ALONG, Length.class), height)));
    }

    private <T> Optional<T> value(BathField field, Class<T> type) {
        return Answers.value(answers, field, type);
    }
}
