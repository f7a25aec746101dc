package hiltboard.core.stock;

import hiltboard.core.field.Answer;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something on the rack as it is written down.
 *
 * @param values by field, as they are kept: lengths in nanometres, days as ISO dates, amounts and money in their
 *     smallest units
 */
public record Lot(StockKind kind, Map<StockField, String> values) {

    public Lot {
        values = Map.copyOf(values);
    }

    /** What was written down; empty where nothing was. */
    public Optional<String> value(StockField field) {
        return Optional.ofNullable(values.get(field));
    }

    public boolean is(StockField field, String choice) {
        return choice.equals(values.get(field));
    }

    /** Whether it is neither a client's own nor a gift with a promise. */
    public boolean isShopsOwn() {
        return is(StockField.OWNER, StockField.SHOPS_OWN);
    }

    /** Whether the shop may saw it for whatever is wanted: a flat bar of its own that is not hard. */
    public boolean isBarToSaw() {
        return kind == StockKind.BAR
                && isShopsOwn()
                && is(StockField.SECTION, StockField.FLAT)
                && !is(StockField.CONDITION, "HARD");
    }

    public Optional<Length> length(StockField field) {
        return value(field).map(nanometres -> new Length(Long.parseLong(nanometres)));
    }

    public Optional<LocalDate> day(StockField field) {
        return value(field).map(LocalDate::parse);
    }

    public Optional<Long> number(StockField field) {
        return value(field).map(Long::parseLong);
    }

    /** Only what is about these: what is bought, the lot itself, or how it is bought. */
    public Lot only(StockField.Of what) {
        return new Lot(
                kind,
                values.entrySet().stream()
                        .filter(each -> each.getKey().of() == what)
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    /** With other answers on top of these. */
    public Lot with(Lot other) {
        Map<StockField, String> both = new EnumMap<>(StockField.class);
        both.putAll(values);
        both.putAll(other.values);
        return new Lot(kind, both);
    }

    /** The thickness that can be counted on: a plank is sold by what it measured before it was planed. */
    public Optional<Length> thickness() {
        return length(StockField.THICKNESS)
                .map(thickness ->
                        is(StockField.THICKNESS_IS, StockField.NOMINAL) ? Plank.planed(thickness) : thickness);
    }

    /** What it is in one line: {@code 1084, carbon steel, flat, 0.156 × 1-1/2 in}. */
    public String words(Units units) {
        String what = value(StockField.WHAT)
                .filter(each -> !each.equals(StockField.OTHER))
                .map(each -> words(StockField.WHAT, units))
                .orElse("");
        String name = value(StockField.NAME).orElse("");
        String grit = value(StockField.GRIT).map(each -> each + " grit").orElse("");
        String section = kind.isSawn() && values.containsKey(StockField.SECTION)
                ? words(StockField.SECTION, units).toLowerCase(Locale.ROOT)
                : "";
        String sizes = Stream.of(StockField.THICKNESS, StockField.WIDTH, StockField.LENGTH_EACH)
                .flatMap(field -> length(field).stream())
                .map(length -> length.brieflyIn(units))
                .collect(Collectors.joining(" × "));
        String diameter = length(StockField.DIAMETER)
                .map(length -> "⌀ " + length.brieflyIn(units))
                .orElse("");
        return Stream.of(what, name, grit, section, sizes, diameter)
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** An answer as the reader would read it. */
    public String words(StockField field, Units units) {
        return answer(field).map(answer -> answer.words(units)).orElse("");
    }

    /** An answer as the reader would type it, or the choice that was made. */
    public String entry(StockField field, Units units) {
        return answer(field).map(answer -> answer.entry(units)).orElse("");
    }

    private Optional<Answer<?>> answer(StockField field) {
        return value(field).map(kept -> field.kind(LotForm.kept(kind)).ofKept(kept));
    }

    /** What was paid, where it is known. */
    public Optional<Money> cost() {
        return value(StockField.COST).flatMap(Money::ofKept);
    }

    /** An answer so that it reads back as exactly the same, whoever reads it. */
    public String exactly(StockField field) {
        return answer(field).map(Answer::exactly).orElse("");
    }
}
