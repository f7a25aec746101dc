package hiltboard.core.stock;

import hiltboard.core.design.Finding;
import hiltboard.core.design.Option;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads what somebody writes down of stock; every entry that is not understood is found before anything is kept. */
public final class LotReader {
    private static final int LONGEST = 200;
    private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);
    private static final LocalDate LATEST = LocalDate.of(2100, 1, 1);

    private final StockKind kind;
    private final Units units;
    private final Currency currency;
    private final Map<StockField, String> values = new EnumMap<>(StockField.class);
    private final List<Finding> findings = new ArrayList<>();

    private LotReader(StockKind kind, Units units, Currency currency) {
        this.kind = kind;
        this.units = units;
        this.currency = currency;
    }

    /** What was understood, and what was not. The lot is only whole where nothing was found. */
    public record Read(Lot lot, List<Finding> findings) {
        public Read {
            findings = List.copyOf(findings);
        }
    }

    /** @param entries by the fields' keys, as they were typed; one that is not there is empty */
    public static Read read(StockKind kind, Map<String, String> entries, Units units, Currency currency) {
        LotReader reader = new LotReader(kind, units, currency);
        StockField.of(kind)
                .forEach(field ->
                        reader.take(field, entries.getOrDefault(field.key(), "").strip()));
        StockField.of(kind).stream()
                .filter(field -> !reader.values.containsKey(field)
                        && field.isNeeded(kind, reader.values::containsValue)
                        && reader.findings.stream()
                                .noneMatch(finding -> finding.field().equals(field.key())))
                .forEach(field -> reader.find(field, "", "Nothing was entered"));
        return new Read(new Lot(kind, reader.values), reader.findings);
    }

    private void take(StockField field, String entry) {
        if (entry.isEmpty()) {
            return;
        }
        switch (field.type()) {
            case CHOICE ->
                field.choices(kind).stream()
                        .filter(option -> option.value().equalsIgnoreCase(entry)
                                || option.words().equalsIgnoreCase(entry))
                        .findFirst()
                        .ifPresentOrElse(
                                option -> values.put(field, option.value()),
                                () -> find(field, entry, "“" + entry + "” is not one of the choices"));
            case WORDS -> keep(field, entry, entry.length() <= LONGEST ? Optional.of(entry) : Optional.empty());
            case LENGTH -> takeLength(field, entry);
            case NUMBER ->
                keep(
                        field,
                        entry,
                        entry.matches("\\d{1,4}")
                                ? Optional.of(String.valueOf(Integer.parseInt(entry)))
                                : Optional.empty());
            case DAY -> keep(field, entry, day(entry));
            case MONEY -> keep(field, entry, Money.read(entry, currency).map(Money::kept));
            case AMOUNT -> keep(field, entry, kind.counted().read(entry, units).map(String::valueOf));
        }
    }

    private void takeLength(StockField field, String entry) {
        Understood<Length> read = field.likely(kind).read(entry, units);
        if (read instanceof Understood.Value<Length> value) {
            values.put(field, String.valueOf(value.quantity().nanometres()));
        } else if (read instanceof Understood.Refused<Length> refused) {
            findings.add(new Finding(field.key(), entry, refused.problem(), refused.accepted()));
        }
    }

    private static Optional<String> day(String entry) {
        try {
            LocalDate day = LocalDate.parse(entry);
            return day.isBefore(EARLIEST) || day.isAfter(LATEST) ? Optional.empty() : Optional.of(day.toString());
        } catch (DateTimeParseException notADay) {
            return Optional.empty();
        }
    }

    private void keep(StockField field, String entry, Optional<String> value) {
        value.ifPresentOrElse(
                kept -> values.put(field, kept),
                () -> find(
                        field,
                        entry,
                        "“" + (entry.length() > 40 ? entry.substring(0, 40) + "…" : entry) + "” was not understood"));
    }

    private void find(StockField field, String entry, String problem) {
        findings.add(new Finding(field.key(), entry, problem, accepted(field, kind, units, currency)));
    }

    /** What a field takes, in words. */
    public static String accepted(StockField field, StockKind kind, Units units, Currency currency) {
        return switch (field.type()) {
            case CHOICE ->
                String.join(
                        "; ", field.choices(kind).stream().map(Option::words).toList());
            case WORDS -> "up to " + LONGEST + " letters";
            case LENGTH ->
                "a length such as 3/16, .156 or 4 mm, " + field.likely(kind).words(units);
            case NUMBER -> "a whole number up to 9999";
            case DAY -> "a day such as 2026-11-24";
            case MONEY -> Money.accepted(currency);
            case AMOUNT -> kind.counted().accepted();
        };
    }
}
