package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A station's page on the real screen. */
class StationScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client owner;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Locator part(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void the_bench_leads_to_the_station_where_the_piece_lies_with_its_picture_and_its_tools() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "drill-tang-holes");
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/bench");
        bram.press("Drill press 1");
        link(page, "To the station: Drill press").click();
        assertThat(part(page, "Can be started here")).containsText("Drill the pin holes");
        assertThat(part(page, "At hand").locator("svg[aria-label^='Drawing of']"))
                .isVisible();
        assertThat(part(page, "At hand")).containsText("F");
        assertThat(part(page, "Drill for a glued pin")).containsText("0.257 in");
        part(page, "Drill for a glued pin").getByRole(AriaRole.BUTTON).click();
        assertThat(part(page, "Drill for a glued pin").locator("input")).hasValue("0.250 in");
        page.navigate("/bench/" + piece + "/drill-tang-holes");
        bram.press("Tools of this station");
        assertThat(part(page, "Drill for a glued pin")).containsText("0.257 in");
        page.navigate("/stations/GRINDER");
        assertThat(part(page, "Comes here next")).containsText("Drill press");

        Maker olwen = BROWSER.signedIn(shop, "olwen");
        olwen.page().navigate("/stations/GRINDER");
        olwen.press("Write down what is here");
        olwen.page().locator("input[name='longest']").fill("thick");
        olwen.press("Add it");
        assertThat(olwen.page().getByText("“thick” was not understood")).isVisible();
        olwen.page().locator("input[name='name']").fill("By the window");
        olwen.page().locator("input[name='longest']").fill("20 in");
        olwen.press("Add it");
        assertThat(part(page, "What is here")).containsText("By the window, up to 20 in long");
        olwen.press("Write down what is here");
        olwen.press("By the window is gone");
        assertThat(part(page, "What is here")).containsText("has not been written down");

        Work.start(shop.signedIn("cato"), piece, "drill-tang-holes").isOk();
        link(page, "Bench").click();
        bram.press("Drill press 1");
        link(page, "To the station: Drill press").click();
        assertThat(part(page, "Lies here")).containsText("Drill the pin holes");
        page.navigate("/stations/MOON");
        assertThat(page.getByText("The shop has no such station.")).isVisible();
    }
}
