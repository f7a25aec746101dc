package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What the shop pays: from which day on, in which currency, and what it was before. */
class PricesTest {
    private RunningShop shop;
    private Client owner;

    @BeforeEach
    void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.owner();
    }

    @AfterEach
    void close() {
        shop.close();
    }

    @Test
    void a_price_holds_from_its_day_and_what_it_was_before_stays_known() {
        LocalDate today = LocalDate.now();
        put("pin", "1.50", "").isOk();
        put("pin", "2", today.plusDays(10).toString()).isOk();
        assertThat(priceOf("pin").path("amount").asString()).isEqualTo("1.50");
        assertThat(materials()).isEqualTo("3.00");
        shop.clock().putForward(Duration.ofDays(11));
        assertThat(priceOf("pin").path("amount").asString()).isEqualTo("2.00");
        assertThat(materials()).as("two pins").isEqualTo("4.00");
        assertThat(priceOf("pin")
                        .path("history")
                        .valueStream()
                        .map(each -> each.path("from").asString()))
                .containsExactly(today.plusDays(10).toString(), today.toString());
        put("pin", "2.20", "soon").isRefused(422, "entries");
        put("pin", "2.20", "1999-01-01").isRefused(422, "entries");
    }

    @Test
    void amounts_bear_the_currency_once_it_has_a_name_and_nothing_is_converted() {
        put("pin", "1.50", "").isOk();
        assertThat(prices().path("currency").asString()).isEmpty();
        assertThat(materials()).isEqualTo("3.00");
        name("gbp").isOk();
        assertThat(prices().path("currency").asString()).isEqualTo("GBP");
        assertThat(materials()).isEqualTo("3.00\u00a0GBP");
        assertThat(priceOf("pin").path("history").path(0).path("amount").asString())
                .isEqualTo("1.50\u00a0GBP");
        name("groats").isRefused(422, "entries");
        assertThat(name("JPY").isRefused(422, "entries").text())
                .as("1.50 is no amount of yen")
                .contains("other places behind the point");
        shop.signedIn("bram")
                .post("/api/prices/currency", Map.of("currency", "EUR"))
                .isRefused(403, "not-allowed");
        shop.restart();
        assertThat(shop.owner().get("/api/prices").json().path("currency").asString())
                .isEqualTo("GBP");
    }

    @Test
    void one_limit_and_one_wording_wherever_an_amount_is_typed() {
        name("JPY").isOk();
        String accepted = "an amount such as 12, up to 1\u00a0000\u00a0000";
        assertThat(put("pin", "12.50", "").isRefused(422, "entries").text()).contains(accepted);
        assertThat(owner.get("/api/stock/kinds").isOk().text()).contains(accepted);
        put("pin", "1000001", "").isRefused(422, "entries");
        put("pin", "180", "").isOk();
        assertThat(materials()).isEqualTo("360\u00a0JPY");
    }

    private Client.Answer put(String item, String amount, String from) {
        return owner.post("/api/prices", Map.of("item", item, "amount", amount, "from", from));
    }

    private Client.Answer name(String currency) {
        return owner.post("/api/prices/currency", Map.of("currency", currency));
    }

    private JsonNode prices() {
        return owner.get("/api/prices").isOk().json();
    }

    private JsonNode priceOf(String item) {
        return prices().path("prices")
                .valueStream()
                .filter(each -> each.path("item").asString().equals(item))
                .findFirst()
                .orElseThrow();
    }

    /** Of a knife with two pins, in a shop where nothing else has a price. */
    private String materials() {
        return owner.post(
                        "/api/design/read",
                        Map.of("entries", Map.of("pinCount", "2"), "before", Map.of(), "useWords", ""))
                .isOk()
                .json()
                .path("figures")
                .path("materialCost")
                .asString();
    }
}
