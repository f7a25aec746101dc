package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** An owner's first hour: the way to the first knife, and the demo shop beside the new one. */
class FirstHourTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    @Test
    void the_empty_wall_is_a_way_and_the_demo_is_one_touch_away_and_never_mixed() {
        try (RunningShop shop = RunningShop.empty()) {
            Client owner = Client.at(shop.address());
            int port = owner.post("/api/setup/demo", Map.of())
                    .isOk()
                    .json()
                    .path("port")
                    .asInt();
            Client looking = Client.atDemo("http://localhost:" + port, 1);
            assertThat(looking.get("/api/wall").isOk().json().path("rails")).isNotEmpty();
            assertThat(shop.folder().resolve("demo").resolve("shop.db")).exists();

            owner.openShop(shop.setupCode(), "Fenwick Bridge Knives", "Olwen Tarr", "olwen");
            owner.post("/api/setup/demo", Map.of()).isRefused(409, "out-of-turn");
            assertThat(owner.post("/api/demo", Map.of())
                            .isOk()
                            .json()
                            .path("port")
                            .asInt())
                    .as("it is opened once")
                    .isEqualTo(port);
            assertThat(owner.get("/api/wall").isOk().json().path("rails")).isEmpty();

            Page page = BROWSER.signedIn(shop, "olwen").page();
            Locator way = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The first hour"));
            assertThat(way).containsText("1");
            assertThat(way.getByText("The shop’s currency")).isVisible();
            owner.post("/api/prices/currency", Map.of("currency", "EUR")).isOk();
            assertThat(way.locator("li").first()).containsText("done");
            Page demo = page.waitForPopup(() ->
                    way.getByRole(AriaRole.BUTTON).getByText("Look around").click());
            demo.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Rufus Penhale"))
                    .click();
            assertThat(demo.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The wall")))
                    .isVisible();
            page.reload();
            assertThat(way).isVisible();
        }
    }

    @Test
    void only_an_owner_opens_the_demo_and_it_opens_no_other() {
        try (RunningShop shop = RunningShop.withTwoMakers();
                RunningShop demo = RunningShop.demo()) {
            shop.signedIn("bram").post("/api/demo", Map.of()).isRefused(403, "not-allowed");
            demo.owner().post("/api/demo", Map.of()).isRefused(409, "out-of-turn");
            assertThat(Files.exists(demo.folder().resolve("demo"))).isFalse();
        }
    }
}
