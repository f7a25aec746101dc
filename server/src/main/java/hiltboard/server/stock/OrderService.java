package hiltboard.server.stock;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.OrderRepository.Order;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What of the buying list is ordered, and what became of it. */
@Service
class OrderService {
    private static final int LONGEST_WORDS = 500;
    private static final int LONGEST_AMOUNT = 100;

    private final OrderRepository orders;
    private final Changes changes;
    private final ShopClock clock;

    OrderService(OrderRepository orders, Changes changes, ShopClock clock) {
        this.orders = orders;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * @param words of the line
     * @param amount how much, in the buyer's words; empty as much as the line says
     * @param leadDays until it comes; empty if nobody knows
     */
    record NewOrder(String words, String amount, String supplier, String leadDays) {}

    Receipt order(NewOrder wanted, Person person, Command command) {
        String words = wanted.words().strip();
        String amount = wanted.amount().strip();
        if (words.isEmpty() || words.length() > LONGEST_WORDS) {
            throw Refusal.entry("words", words, "Nothing says what is ordered", "a line of the buying list");
        }
        if (amount.length() > LONGEST_AMOUNT) {
            throw Refusal.entry(
                    "amount", amount, "The amount is too long", "how much, up to " + LONGEST_AMOUNT + " characters");
        }
        Optional<LocalDate> expected = days(wanted.leadDays()).map(clock.today()::plusDays);
        return changes.make(command, () -> {
            if (orders.open().stream().anyMatch(order -> order.words().equals(words))) {
                throw Refusal.outOfTurn("“" + words + "” is ordered already.");
            }
            long id = orders.add(words, amount, wanted.supplier().strip(), expected, person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.STOCK_ORDERED,
                    words + (amount.isEmpty() ? "" : ", " + amount) + ", is ordered"
                            + expected.map(day -> ", expected on " + day).orElse(""),
                    id);
        });
    }

    private static Optional<Long> days(String entry) {
        if (entry.isBlank()) {
            return Optional.empty();
        }
        if (!entry.strip().matches("\\d{1,3}")) {
            throw Refusal.entry(
                    "leadDays", entry, "These are no days", "a whole number of days, up to 999, or nothing");
        }
        return Optional.of(Long.valueOf(entry.strip()));
    }

    /** @param hasCome otherwise it was not ordered after all */
    Receipt close(long id, boolean hasCome, Command command) {
        return changes.make(command, () -> {
            Order order = orders.open().stream()
                    .filter(each -> each.id() == id)
                    .findFirst()
                    .orElseThrow(() -> Refusal.outOfTurn("Somebody has said already what became of it."));
            orders.close(id, hasCome, clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.STOCK_ORDERED,
                    order.words() + (hasCome ? " has come" : " was not ordered after all"),
                    id);
        });
    }
}
