package hiltboard.core.money;

import hiltboard.core.measure.Money;
import java.util.Currency;
import java.util.Map;
import java.util.Optional;

/**
 * What the shop pays on a day.
 *
 * @param prices by the item's key, all of this currency; an item that is not there has no price yet
 */
public record PriceList(Currency currency, Map<String, Money> prices) {
    public PriceList {
        prices = Map.copyOf(prices);
    }

    public Optional<Money> of(PriceItem item) {
        return Optional.ofNullable(prices.get(item.key()));
    }

    public Money nothing() {
        return Money.nothing(currency);
    }
}
