package hiltboard.core.stock;

import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import java.util.LinkedHashMap;
import java.util.Map;

/** Lots to test with: the usual answers, and what is said on top of them. */
final class Lots {
    private Lots() {}

    static Lot of(StockKind kind, String... keysAndValues) {
        LotForm.Read read = Lots.form(kind).read(entries(kind, keysAndValues), Units.INCH_FAHRENHEIT);
        if (!read.findings().isEmpty()) {
            throw new AssertionError(read.findings());
        }
        return read.lot();
    }

    /** A form of a shop that has named no currency and describes no steel. */
    static LotForm form(StockKind kind) {
        return LotForm.empty(kind, Money.UNNAMED, SteelLibrary.KNOWN);
    }

    static Map<String, String> entries(StockKind kind, String... keysAndValues) {
        Map<String, String> entries = new LinkedHashMap<>();
        StockField.of(kind).stream()
                .filter(field -> field.isRequired() && !field.choices(kind).isEmpty())
                .forEach(field ->
                        entries.put(field.key(), field.choices(kind).get(0).value()));
        for (int i = 0; i < keysAndValues.length; i += 2) {
            entries.put(keysAndValues[i], keysAndValues[i + 1]);
        }
        return entries;
    }
}
