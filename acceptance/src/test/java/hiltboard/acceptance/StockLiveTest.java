package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What one maker does at the racks is on every other page at once, and the talk at the table knows what is missing. */
class StockLiveTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client bram;
    private static Maker olwen;
    private static Maker cato;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        bram = shop.signedIn("bram");
        olwen = BROWSER.signedIn(shop, "olwen");
        cato = BROWSER.signedIn(shop, "cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Locator part(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void an_empty_store_says_what_to_do_first_and_fills_before_the_eyes() {
        try (RunningShop empty = RunningShop.withTwoMakers()) {
            Client maker = empty.signedIn("bram");
            Page page = BROWSER.signedIn(empty, "cato").page();
            page.navigate("/stock");
            assertThat(page.getByText("The racks are empty.")).isVisible();
            long lot = Store.receive(maker, "GAUGE", "1", "1", "what=GAUGE; name=Centre scribe; place=Bench 2");
            assertThat(part(page, "Gauges")).containsText("Centre scribe");
            assertThat(part(page, "Gauges")).containsText("Bench 2");
            maker.post("/api/stock/lots/" + lot + "/take", Map.of("amount", "", "words", "the carver"))
                    .isOk();
            assertThat(part(page, "Gauges")).containsText("used 1 time");
            page.getByLabel("Find").fill("no such thing");
            assertThat(page.getByText("Nothing of that kind lies here.")).isVisible();
            page.getByLabel("Find").fill("SCRIBE bench");
            assertThat(part(page, "Gauges")).isVisible();
        }
    }

    @Test
    void the_talk_says_what_is_missing_and_stops_saying_so_when_it_has_come() {
        long piece = Work.take(
                shop.signedIn("olwen"), 1, Map.of("steel", "W2", "stockThickness", "5/32", "handleMaterial", "HORN"));
        long job = Work.piece(bram, piece).path("job").path("id").asLong();
        Store.receive(bram, "BAR", "2 in", "1", "what=W2; thickness=5/32; width=2; supplier=Steelyard; leadDays=40");
        Page page = olwen.page();
        page.navigate("/jobs/" + job + "/consult");
        Locator missing = page.getByText(Pattern.compile("^Not on the racks:"));
        assertThat(missing).containsText("W2 bar for the blade, from Steelyard, 40 days");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Weight and cost"))
                .click();
        assertThat(part(page, "Cost")).containsText("W2 bar for the blade");
        Store.receive(bram, "BAR", "30 in", "1", "what=W2; thickness=5/32; width=2");
        page.reload();
        assertThat(missing).not().containsText("W2 bar");
    }

    @Test
    void a_promise_made_elsewhere_shows_on_the_piece_and_is_released_from_the_lot() {
        long bar = Store.bar(bram, "30 in");
        long piece = Work.take(shop.signedIn("olwen"), 1, Map.of("steel", "1084", "stockThickness", "5/32"));
        cato.page().navigate("/pieces/" + piece);
        Locator steel = part(cato.page(), "From the racks").locator("li").first();
        assertThat(steel).containsText("There, not promised yet");
        Store.promise(bram, piece, "steel", bar).isOk();
        assertThat(steel).containsText("Promised:");
        olwen.page().navigate("/stock/lots/" + bar);
        assertThat(part(olwen.page(), "What is there")).containsText("by Bram Holt");
        olwen.press("Release it");
        assertThat(steel).containsText("There, not promised yet");
        List<String> journal = Work.piece(bram, piece)
                .path("past")
                .path("journal")
                .valueStream()
                .map(JsonNode::toString)
                .toList();
        assertThat(journal)
                .anyMatch(entry -> entry.contains("is promised to it"))
                .anyMatch(entry -> entry.contains("is free again"));
    }
}
