package hiltboard.server.money;

import hiltboard.core.measure.Money;
import hiltboard.core.money.PriceItem;
import hiltboard.core.money.PriceList;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.live.Remembered;
import hiltboard.server.material.Steels;
import hiltboard.server.money.PriceRepository.PriceRow;
import java.time.LocalDate;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The price list: what materials and an hour's work cost the shop, from which day on. */
@Service
public class Prices {
    private static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);
    private static final int YEARS_AHEAD = 2;

    private final PriceRepository prices;
    private final ShopCurrency currency;
    private final Changes changes;
    private final ShopClock clock;
    private final Steels steels;
    private final Remembered<List<PriceRow>> rows;
    private volatile @Nullable Held held;

    Prices(PriceRepository prices, ShopCurrency currency, Changes changes, ShopClock clock, Steels steels) {
        this.prices = prices;
        this.currency = currency;
        this.changes = changes;
        this.clock = clock;
        this.steels = steels;
        this.rows = changes.remember(prices::all, Entry.Kind.PRICE_SET);
    }

    /** What holds today; worked out once a day, since it is asked at every picture of a drag. */
    @Transactional(readOnly = true)
    public PriceList today() {
        LocalDate day = clock.today();
        List<PriceRow> written = rows.get();
        Currency named = currency.get();
        Held known = held;
        if (known == null || !known.isOf(day, named, written)) {
            known = new Held(day, named, written, on(day, written, named));
            held = known;
        }
        return known.prices();
    }

    private record Held(LocalDate day, Currency currency, List<PriceRow> written, PriceList prices) {
        boolean isOf(LocalDate today, Currency named, List<PriceRow> now) {
            return day.equals(today) && currency.equals(named) && written == now;
        }
    }

    /** What held on a day, or will. Amounts that were written before the shop named its currency are of it. */
    private static PriceList on(LocalDate day, List<PriceRow> written, Currency named) {
        Map<String, Money> amounts = new HashMap<>();
        written.stream()
                .filter(row -> !row.from().isAfter(day))
                .forEach(row -> amounts.put(row.item(), new Money(row.amount().minor(), named)));
        return new PriceList(named, amounts);
    }

    /** Every price that was ever written down, by item and day. */
    @Transactional(readOnly = true)
    List<PriceRow> history() {
        return prices.all();
    }

    /**
     * Sets one price.
     *
     * @param amount in the shop's currency
     * @param from the first day on which it holds, as an ISO date; empty for today
     */
    public Receipt put(String item, String amount, String from, Person person, Command command) {
        PriceItem priced = items().stream()
                .filter(each -> each.key().equals(item))
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is nothing called “" + item + "” in the price list."));
        Typed typed = new Typed(person.units());
        Money price = typed.money(item, amount, currency.get());
        LocalDate day = from.isBlank()
                ? clock.today()
                : typed.day("from", from, EARLIEST, clock.today().plusYears(YEARS_AHEAD));
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            prices.put(item, price, day, person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.PRICE_SET,
                    priced.words() + " costs " + price.words() + " " + priced.per()
                            + (day.equals(clock.today()) ? "" : " from " + day),
                    0);
        });
    }

    /** Names the currency by its ISO 4217 code. Amounts stay as they are written: nothing is converted. */
    public Receipt name(String code, Person person, Command command) {
        Currency named = Currency.getAvailableCurrencies().stream()
                .filter(each -> each.getCurrencyCode().equals(code.strip().toUpperCase(Locale.ROOT)))
                .filter(each -> each.getDefaultFractionDigits() >= 0)
                .findFirst()
                .orElseThrow(() -> Refusal.entry(
                        "currency",
                        code,
                        "No currency has this code",
                        "three letters by ISO 4217, such as EUR, USD, GBP or CAD"));
        if (!history().isEmpty() && Money.places(named) != Money.places(currency.get())) {
            throw Refusal.entry(
                    "currency",
                    code,
                    "There are prices already, and " + named.getCurrencyCode() + " has other places behind the point",
                    "a currency whose amounts are written like those that are there");
        }
        return changes.make(command, () -> {
            prices.name(named.getCurrencyCode(), person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.SHOP_SETTING_CHOSEN, "The shop’s currency is " + named.getCurrencyCode(), 0);
        });
    }

    List<PriceItem> items() {
        return PriceItem.all(steels.library());
    }
}
