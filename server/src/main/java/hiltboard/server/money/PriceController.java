package hiltboard.server.money;

import hiltboard.core.measure.Money;
import hiltboard.core.money.PriceItem;
import hiltboard.core.money.PriceList;
import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.money.PriceRepository.PriceRow;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The shop's price list. */
@RestController
class PriceController {
    private final Prices prices;
    private final ShopCurrency currency;

    PriceController(Prices prices, ShopCurrency currency) {
        this.prices = prices;
        this.currency = currency;
    }

    /** What an item cost from a day on. */
    record PriceFrom(String from, String amount, String by) {}

    /**
     * One price.
     *
     * @param group heading under which it is looked for
     * @param amount as it is typed; empty while there is none
     * @param history the latest day first; what is still to come among it
     */
    record PriceView(String item, String words, String group, String per, String amount, List<PriceFrom> history) {}

    /** @param currency its ISO 4217 code; empty until an owner has named it */
    record PricesView(String currency, List<PriceView> prices) {}

    /** @param from the first day on which it holds; empty for today */
    record NewPrice(String item, String amount, String from) {}

    record NamedCurrency(String currency) {}

    @GetMapping("/api/prices")
    PricesView prices() {
        PriceList today = prices.today();
        Map<String, List<PriceRow>> history = prices.history().stream().collect(Collectors.groupingBy(PriceRow::item));
        return new PricesView(
                currency.get().equals(Money.UNNAMED) ? "" : currency.get().getCurrencyCode(),
                prices.items().stream()
                        .map(item -> view(item, today, history.getOrDefault(item.key(), List.of())))
                        .toList());
    }

    private static PriceView view(PriceItem item, PriceList today, List<PriceRow> rows) {
        List<PriceFrom> history = new ArrayList<>(rows.stream()
                .map(row -> new PriceFrom(
                        row.from().toString(), new Money(row.amount().minor(), today.currency()).words(), row.by()))
                .toList());
        Collections.reverse(history);
        return new PriceView(
                item.key(),
                item.words(),
                item.group(),
                item.per(),
                today.of(item).map(Money::typed).orElse(""),
                history);
    }

    @PostMapping("/api/prices")
    Receipt put(@RequestBody NewPrice price, Person person, Command command) {
        return prices.put(price.item(), price.amount(), price.from(), person, command);
    }

    @PostMapping("/api/prices/currency")
    Receipt name(@RequestBody NamedCurrency named, Person person, Command command) {
        return prices.name(named.currency(), person, command);
    }
}
