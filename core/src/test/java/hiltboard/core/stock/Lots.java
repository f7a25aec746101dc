package hiltboard.core.stock;

import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import java.util.LinkedHashMap;
import java.util.Map;

/** Lots to test with: the usual answers, and what is said on top of them as {@code key=value; key=value}. */
final class Lots {
    private Lots() {}

    static Lot of(StockKind kind, String answers) {
        LotForm.Read read = Lots.form(kind).read(entries(kind, answers), Units.INCH_FAHRENHEIT);
        if (!read.findings().isEmpty()) {
            throw new AssertionError(read.findings());
        }
        return read.lot();
    }

    /** A form of a shop that has named no currency and describes no steel. */
    static LotForm form(StockKind kind) {
        return LotForm.empty(kind, Money.UNNAMED, SteelLibrary.KNOWN);
    }

    static Map<String, String> entries(StockKind kind, String answers) {
        Map<String, String> entries = new LinkedHashMap<>();
        StockField.of(kind).stream()
                .filter(field -> field.isRequired() && !field.choices(kind).isEmpty())
                .forEach(field ->
                        entries.put(field.key(), field.choices(kind).get(0).value()));
        for (String answer : answers.split("; ")) {
            entries.put(answer.substring(0, answer.indexOf('=')), answer.substring(answer.indexOf('=') + 1));
        }
        return entries;
    }
}
