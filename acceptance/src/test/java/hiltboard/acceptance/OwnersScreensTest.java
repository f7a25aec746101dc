package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** First start, people, units, calculators and promises on the real screens. */
class OwnersScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    @Test
    void an_empty_shop_says_what_to_do_first_and_is_opened_from_the_page() {
        try (RunningShop shop = RunningShop.empty()) {
            Page page = BROWSER.window(shop.address(), 1280, 800);
            page.navigate("/");
            assertThat(page.getByText("The code was printed where the server was started"))
                    .isVisible();
            page.getByLabel("One-time code").fill("AAAA2222");
            page.getByLabel("Name of the shop").fill("Long Meadow Forge");
            page.getByLabel("Your name").fill("Runa Beck");
            page.getByLabel("Sign-in name").fill("runa");
            page.getByLabel("Password").fill(RunningShop.OWNER_PASSWORD);
            press(page, "Open the shop");
            assertThat(page.getByText("This is not the one-time code")).isVisible();
            assertThat(page.getByLabel("Name of the shop")).hasValue("Long Meadow Forge");
            page.getByLabel("One-time code").fill(shop.setupCode());
            press(page, "Open the shop");
            assertThat(page.getByText("Nothing hangs here yet")).isVisible();
            assertThat(page.getByText("Long Meadow Forge")).isVisible();

            addAMaker(page);
            Browser.more(page, "Sign out");
            assertThat(page.getByText("Sign in with a password")).isVisible();
            page.getByLabel("Sign-in name").fill("ida");
            page.getByLabel("Password").fill("wrong wrong wrong");
            press(page, "Sign in");
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("Name or password is not right");
            page.getByLabel("Password").fill(RunningShop.OWNER_PASSWORD);
            press(page, "Sign in");
            assertThat(page.getByRole(AriaRole.BANNER)).containsText("Ida Fell");
            assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Consult")))
                    .not()
                    .isVisible();
        }
    }

    @Test
    void units_calculators_and_promises() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            long piece = Work.take(shop.signedIn("olwen"), 1, Map.of("stockThickness", "3/16"));
            Page page = BROWSER.signedIn(shop, "olwen").page();
            page.navigate("/pieces/" + piece);
            assertThat(page.getByLabel("Specification")).containsText("0.1875 in");
            readMillimetres(page);
            page.navigate("/pieces/" + piece);
            assertThat(page.getByLabel("Specification")).containsText("4.763 mm");

            page.navigate("/calculate");
            Locator slot = page.getByLabel("Slot of a driven-on guard");
            slot.getByRole(AriaRole.BUTTON).click();
            slot.getByLabel("Tang width").fill(".690");
            slot.getByLabel("Tang thickness").fill("thin");
            slot.getByLabel("Guard thickness").fill(".366");
            slot.getByText("Compute").click();
            assertThat(slot.getByText("“thin” was not understood")).isVisible();
            slot.getByLabel("Tang thickness").fill("163 thou");
            slot.getByText("Compute").click();
            assertThat(slot).containsText("4.318 mm");
            assertThat(slot).containsText("8.788 mm");

            page.navigate("/pieces/" + piece);
            press(page, "Move the promise");
            String day = LocalDate.now().plusDays(9).toString();
            page.getByLabel("Promised for").fill(day);
            press(page, "Promise it");
            assertThat(page.getByLabel("Journal")).containsText("promised for " + day);
        }
    }

    @Test
    void numbers_of_the_guard_follow_the_readings_on_the_screen() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client owner = shop.signedIn("olwen");
            long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "stockThickness", ".165"));
            Work.workUpTo(shop, owner, piece, "measure-for-guard");
            Maker bram = BROWSER.signedIn(shop, "bram");
            bram.openStep(piece, "measure-for-guard");
            bram.start();
            bram.enterAndSee("tang.width", ".690", "0.690 in");
            bram.enterAndSee("tang.thickness", "163 thou", "0.163 in");
            bram.enterAndSee("tang.thickness-behind", "162 thou", "0.162 in");
            bram.enterAndSee("tang.thickness-end", ".156", "0.156 in");
            bram.enterAndSee("tang.length", "3-3/4", "3.750 in");
            bram.enterAndSee("guard.thickness", "9.2964 mm", "0.366 in");
            bram.tickAll();
            bram.press("Done");
            assertThat(bram.standing()).containsText("Done");
            bram.openStep(piece, "mill-guard-slot");
            assertThat(bram.page().getByText("0.163 in + 0.007 in = 0.170 in")).isVisible();
            assertThat(bram.page().getByText("0.366 in − 0.020 in = 0.346 in")).isVisible();
            assertThat(bram.page().getByText("0.690 in + 0.125 in = 0.815 in")).isVisible();
        }
    }

    private static void addAMaker(Page page) {
        Browser.more(page, "People");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Ida Fell");
        page.getByLabel("Sign-in name").fill("ida");
        page.getByLabel("First password").fill("short");
        press(page, "Add");
        assertThat(page.getByText("The password is too short")).isVisible();
        page.getByLabel("First password").fill(RunningShop.OWNER_PASSWORD);
        press(page, "Add");
        assertThat(page.getByText("Ida Fell").first()).isVisible();
    }

    private static void readMillimetres(Page page) {
        page.navigate("/people");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Lengths$")))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Millimetres"))
                .click();
        assertThat(page.getByText("Olwen Tarr, owner, reads millimetres")).isVisible();
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }
}
