package hiltboard.server.money;

import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The shop's price list. */
@RestController
class PriceController {
    private final Prices prices;

    PriceController(Prices prices) {
        this.prices = prices;
    }

    /** One price; the amount is empty while there is none. */
    record PriceView(String item, String words, String per, String amount) {}

    record NewPrice(String item, String amount) {}

    @GetMapping("/api/prices")
    List<PriceView> prices() {
        return prices.items().stream()
                .map(item -> new PriceView(
                        item.key(),
                        item.words(),
                        item.per(),
                        Optional.ofNullable(prices.all().get(item.key()))
                                .map(Prices::words)
                                .orElse("")))
                .toList();
    }

    @PostMapping("/api/prices")
    Receipt put(@RequestBody NewPrice price, Person person, Command command) {
        return prices.put(price.item(), price.amount(), person, command);
    }
}
