package hiltboard.core.field;

import hiltboard.core.measure.Money;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.Currency;

/** An amount of money of the shop; kept in minor units with its currency. */
public record AmountOfMoney(Currency currency) implements Kind<Money> {

    @Override
    public Class<Money> type() {
        return Money.class;
    }

    @Override
    public Understood<Money> read(String entry, Units units) {
        return Money.read(entry, currency)
                .<Understood<Money>>map(Understood.Value::new)
                .orElseGet(() -> Understood.unread(entry, accepted(units)));
    }

    @Override
    public String accepted(Units units) {
        return Money.accepted(currency);
    }

    @Override
    public String words(Money money, Units units) {
        return money.words();
    }

    @Override
    public String kept(Money money) {
        return money.kept();
    }

    @Override
    public Money restored(String kept) {
        return Money.ofKept(kept).orElseThrow();
    }

    @Override
    public String exactly(Money money) {
        return money.typed();
    }
}
