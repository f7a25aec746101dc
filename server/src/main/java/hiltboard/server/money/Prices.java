package hiltboard.server.money;

import hiltboard.core.money.PriceItem;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.material.Steels;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The price list: what materials and an hour's work cost the shop. */
@Service
public class Prices {
    private static final String ACCEPTED = "an amount such as 12 or 12.50, up to 100 000";
    private static final BigDecimal MOST = new BigDecimal(100_000);

    private final PriceRepository prices;
    private final Changes changes;
    private final ShopClock clock;
    private final Steels steels;
    /** Asked at every picture of a drag, so it is not read from the file of data each time. */
    private volatile Map<String, Long> known = Map.of();

    private volatile boolean isKnown;

    Prices(PriceRepository prices, Changes changes, ShopClock clock, Steels steels) {
        this.prices = prices;
        this.changes = changes;
        this.clock = clock;
        this.steels = steels;
    }

    /** Cents by item's key. */
    @Transactional(readOnly = true)
    public Map<String, Long> all() {
        if (!isKnown) {
            known = prices.all();
            isKnown = true;
        }
        return known;
    }

    /** Sets one price; the amount in the shop's currency, with up to two decimals. */
    public Receipt put(String item, String amount, Person person, Command command) {
        person.mustBeOwner("set a price");
        PriceItem known = PriceItem.all(steels.library()).stream()
                .filter(each -> each.key().equals(item))
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is nothing called “" + item + "” in the price list."));
        long cents = cents(item, amount);
        Receipt receipt = changes.make(command, () -> {
            prices.put(item, cents, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.PRICE_SET, known.words() + " costs " + words(cents) + " " + known.per(), 0);
        });
        isKnown = false;
        return receipt;
    }

    /** An amount of cents as it is written: {@code 1 250.00}. */
    public static String words(long cents) {
        return String.format(Locale.ROOT, "%,.2f", cents / 100.0).replace(",", "\u00a0");
    }

    private static long cents(String item, String amount) {
        String text = amount.strip().replace(',', '.');
        if (!text.matches("\\d{1,6}(\\.\\d{1,2})?") || new BigDecimal(text).compareTo(MOST) > 0) {
            throw Refusal.entry(
                    item, amount, text.isEmpty() ? "Nothing was entered" : "“" + text + "” is not an amount", ACCEPTED);
        }
        return new BigDecimal(text).movePointRight(2).longValueExact();
    }

    List<PriceItem> items() {
        return PriceItem.all(steels.library());
    }
}
