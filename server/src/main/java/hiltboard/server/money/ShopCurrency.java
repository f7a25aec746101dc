package hiltboard.server.money;

import hiltboard.core.measure.Money;
import java.util.Currency;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The currency that the shop buys and sells in; unnamed until an owner has named it. */
@Service
public class ShopCurrency {
    private final PriceRepository prices;
    /** Asked with every amount, so it is not read from the file of data each time. */
    private volatile Currency known = Money.UNNAMED;

    private volatile boolean isKnown;

    ShopCurrency(PriceRepository prices) {
        this.prices = prices;
    }

    @Transactional(readOnly = true)
    public Currency get() {
        if (!isKnown) {
            known = prices.currency().map(Currency::getInstance).orElse(Money.UNNAMED);
            isKnown = true;
        }
        return known;
    }

    void isNamedAnew() {
        isKnown = false;
    }
}
