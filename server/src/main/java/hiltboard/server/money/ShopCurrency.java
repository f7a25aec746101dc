package hiltboard.server.money;

import hiltboard.core.measure.Money;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Remembered;
import java.util.Currency;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The currency that the shop buys and sells in; unnamed until an owner has named it. */
@Service
public class ShopCurrency {
    private final Remembered<Currency> known;

    ShopCurrency(PriceRepository prices, Changes changes) {
        this.known = changes.remember(
                () -> prices.currency().map(Currency::getInstance).orElse(Money.UNNAMED),
                Entry.Kind.SHOP_SETTING_CHOSEN);
    }

    @Transactional(readOnly = true)
    public Currency get() {
        return known.get();
    }
}
