package hiltboard.core.stock;

import hiltboard.core.field.Answer;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Form;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import java.util.Currency;
import java.util.List;
import java.util.Map;

/**
 * What the fields of stock look at.
 *
 * @param currency in which the shop pays
 * @param steels from which its bars may be
 * @param answers so far
 */
public record LotForm(StockKind of, Currency currency, SteelLibrary steels, Map<StockField, Answer<?>> answers) {

    /** One that nobody has begun. */
    public static LotForm empty(StockKind of, Currency currency, SteelLibrary steels) {
        return new LotForm(of, currency, steels, Map.of());
    }

    /** For what is in the data already: it says itself in which currency it was paid and what steel it is. */
    static LotForm kept(StockKind of) {
        return empty(of, Money.UNNAMED, SteelLibrary.KNOWN);
    }

    /** What was understood, and what was not. The lot is only whole where nothing was found. */
    public record Read(Lot lot, List<Finding> findings) {
        public Read {
            findings = List.copyOf(findings);
        }
    }

    /** @param entries by the fields' keys, as they were typed; one that is not there is empty */
    public Read read(Map<String, String> entries, Units units) {
        Form<StockField> form =
                Form.read(StockField.of(of), entries, units, growing -> new LotForm(of, currency, steels, growing));
        return new Read(new Lot(of, form.kept()), form.findings());
    }

    boolean chose(String option) {
        return answers.values().stream().anyMatch(answer -> answer.value().equals(option));
    }
}
