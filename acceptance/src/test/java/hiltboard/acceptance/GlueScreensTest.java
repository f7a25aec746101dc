package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The gluing bench on the real screen. */
class GlueScreensTest {
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

    private static void enter(Page page, String label, String entry) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(entry);
    }

    private static Locator clock(Page page, String piece) {
        return page.getByLabel("Adhesive of " + piece, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void one_mixes_at_the_bench_and_another_sees_its_window_come_at_his() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "bedding", "BEDDED", "spacer", "NONE"));
        Work.workUpTo(shop, owner, piece, "bed-handle");
        String name = Work.piece(owner, piece).path("name").asString();
        Maker bram = BROWSER.signedIn(shop, "bram");
        Maker cato = BROWSER.signedIn(shop, "cato");
        copyTheSheet(bram);
        cato.page().navigate("/glue");
        bram.openStep(piece, "bed-handle");
        bram.start();
        bram.press("Run it dry by the clock");
        assertThat(bram.page().getByLabel("Dry run by the clock")).isVisible();
        shop.clock().putForward(Duration.ofMinutes(30));
        bram.press("Last clamp on");
        assertThat(bram.page().getByText(Pattern.compile("30 min dry.*too long")))
                .isVisible();
        enter(bram.page(), "Thermometer at the bench", "30 C");
        assertThat(bram.page().getByText("1 h 40 min").first()).isVisible();
        enter(bram.page(), "Resin, as weighed", "6.6 g");
        enter(bram.page(), "Hardener, as weighed", "3.6 g");
        bram.press("Mixed: the clock runs");
        assertThat(bram.page().getByText("add 0.6 g of the resin")).isVisible();
        enter(bram.page(), "Resin, as weighed", "7.2 g");
        bram.press("Mixed: the clock runs");
        assertThat(clock(bram.page(), name)).containsText("can be worked");
        assertThat(clock(cato.page(), name)).containsText("can be worked");
        Page wall = BROWSER.signedIn(shop, "olwen").page();
        wall.navigate("/");
        assertThat(wall.getByText(Pattern.compile("adhesive can be worked, .* left")))
                .isVisible();
        shop.clock().putForward(Duration.ofMinutes(103));
        cato.page().reload();
        assertThat(clock(cato.page(), name)).containsText("grips: pull it now");
    }

    private static void copyTheSheet(Maker maker) {
        Page page = maker.page();
        page.navigate("/glue");
        maker.press("Copy one down");
        enter(page, "Called", "Slow one");
        Maker.choose(
                page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Its maker states the parts"))),
                "by weight");
        enter(page, "Parts of resin", "2");
        enter(page, "Parts of hardener", "1");
        enter(page, "Times are stated at", "20 C");
        enter(page, "Worked for", "40 min");
        enter(page, "Grips after", "200 min");
        maker.press("Keep the sheet");
        assertThat(page.getByText(Pattern.compile("Accepted: a time")).first()).isVisible();
        enter(page, "Set after", "240 min");
        enter(page, "Full strength after", "20 h");
        maker.press("Keep the sheet");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Slow one")))
                .isVisible();
    }
}
