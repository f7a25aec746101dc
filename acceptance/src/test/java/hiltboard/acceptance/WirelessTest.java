package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A tablet at the grinder whose wireless goes away in the middle of a batch, and comes back. */
class WirelessTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static final String STEP = "choose-stock";
    private static final String THICKNESS = "Stock thickness";
    private static final int PIECES = 6;

    private static RunningShop shop;
    private static Client owner;
    private static Page tablet;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.owner();
        tablet = tabletOf("bram");
    }

    /** Of whoever has this sign-in name, once the service worker keeps its pages. */
    private static Page tabletOf(String signInName) {
        Page page = BROWSER.tablet(shop.address());
        page.navigate("/");
        page.getByLabel("Sign-in name").fill(signInName);
        page.getByLabel("Password").fill(RunningShop.OWNER_PASSWORD);
        page.getByLabel("Password").press("Enter");
        page.getByRole(AriaRole.NAVIGATION).waitFor();
        page.waitForFunction("() => navigator.serviceWorker.controller !== null");
        return page;
    }

    @AfterEach
    void is_there_again() {
        tablet.unrouteAll();
        tablet.context().setOffline(false);
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Locator press(String name) {
        return tablet.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator strip() {
        return tablet.getByRole(AriaRole.STATUS).last();
    }

    private static void to(long piece) {
        tablet.navigate("/bench/" + piece + "/" + STEP);
        field().waitFor();
    }

    private static Locator field() {
        return tablet.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(THICKNESS).setExact(true));
    }

    private static void read(String entry) {
        field().fill(entry);
        field().press("Enter");
    }

    private static void write(String words) {
        tablet.getByLabel("New note").fill(words);
        press("Write it down").click();
    }

    private static long batch() {
        long first = Work.take(owner, PIECES, Map.of());
        for (long piece = first; piece < first + PIECES; piece++) {
            Work.doStep(shop, owner, piece, "approve-outline");
        }
        return first;
    }

    private static String thickness(long piece) {
        return Work.number(Work.piece(owner, piece), "stock.thickness")
                .path("reading")
                .path("value")
                .asString("");
    }

    @Test
    void twelve_changes_without_the_network_arrive_in_order_and_what_others_changed_too_is_asked() {
        long first = batch();
        IntStream.range(0, PIECES).forEach(i -> to(first + i));
        tablet.context().setOffline(true);
        for (int i = 0; i < PIECES; i++) {
            to(first + i);
            read(i == 3 ? "0.157" : "0.156");
            assertThat(strip()).containsText(Pattern.compile("(One thing|%d things) kept".formatted(2 * i + 1)));
            if (i == 5) {
                tablet.locator("[aria-label='Notes and photographs'] input[type='file']")
                        .setInputFiles(new FilePayload("bar.png", "image/png", Pictures.png()));
            } else {
                write("Bar " + i + " lay under the bench");
            }
            assertThat(strip()).containsText(2 * i + 2 + " things kept");
        }
        Client cato = shop.signedIn("cato");
        Work.read(cato, first, STEP, "stock.thickness", "0.155").isOk();
        Work.read(cato, first + 1, STEP, "stock.thickness", "0.154").isOk();
        tablet.reload();
        assertThat(strip()).containsText("12 things kept");

        tablet.context().setOffline(false);
        assertThat(strip()).containsText("2 things that were kept could not be taken");
        press("Look").click();
        Locator asked = tablet.getByRole(AriaRole.DIALOG);
        Locator mine = asked.locator("section").first();
        assertThat(mine).containsText("Cato Lind entered 0.155 in, you entered 0.156");
        mine.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use mine"))
                .click();
        assertThat(asked.locator("section")).hasCount(1);
        assertThat(asked).containsText("Cato Lind entered 0.154 in");
        asked.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep theirs"))
                .click();
        assertThat(asked).isHidden();
        assertThat(IntStream.range(0, PIECES).mapToObj(i -> thickness(first + i)))
                .containsExactly("0.156 in", "0.154 in", "0.156 in", "0.157 in", "0.156 in", "0.156 in");
        for (int i = 0; i < PIECES - 1; i++) {
            JsonNode notes = Work.piece(owner, first + i).path("past").path("notes");
            assertThat(notes).hasSize(1);
            assertThat(notes.get(0).path("words").asString()).isEqualTo("Bar " + i + " lay under the bench");
        }
        assertThat(Work.piece(owner, first + 5).path("past").path("photos")).hasSize(1);
    }

    @Test
    void what_is_pressed_in_the_list_stays_under_the_finger_while_the_rest_is_sent() {
        long first = batch();
        IntStream.range(0, PIECES).forEach(i -> to(first + i));
        tablet.context().setOffline(true);
        to(first);
        read("0.156");
        for (int i = 0; i < PIECES; i++) {
            write("Bar " + i + " lay under the bench");
            assertThat(strip()).containsText(i + 2 + " things kept");
        }
        Work.read(shop.signedIn("cato"), first, STEP, "stock.thickness", "0.155")
                .isOk();
        tablet.route("**/notes", each -> {
            tablet.waitForTimeout(1_000);
            each.resume();
        });
        tablet.context().setOffline(false);
        assertThat(strip()).containsText("One thing that was kept could not be taken");
        press("Look").click();
        Locator mine = press("Use mine");
        mine.waitFor();
        double before = mine.boundingBox().y;
        assertThat(tablet.getByRole(AriaRole.DIALOG).locator("section")).hasCount(1);
        assertThat(mine.boundingBox().y).isEqualTo(before);
        mine.click();
        assertThat(tablet.getByRole(AriaRole.DIALOG)).isHidden();
    }

    @Test
    void a_slip_that_was_not_sent_yet_is_put_right_and_a_page_opens_without_the_network() {
        long piece = batch();
        to(piece);
        tablet.navigate("/bench");
        tablet.locator("main h1").waitFor();
        tablet.context().setOffline(true);
        to(piece);
        read("0.56");
        assertThat(strip()).containsText("One thing kept");
        assertThat(tablet.getByText("0.56 is kept here and not sent yet")).isVisible();
        read("0.156");
        assertThat(tablet.getByText("0.156 is kept here and not sent yet")).isVisible();
        assertThat(strip()).containsText("One thing kept");
        tablet.navigate("/bench");
        assertThat(tablet.locator("main h1")).isVisible();
        tablet.context().setOffline(false);
        Patience.until(() -> thickness(piece).equals("0.156 in"));
        assertThat(strip()).not().containsText("kept on this device");
    }

    @Test
    void what_is_out_of_limits_goes_back_into_its_field() {
        long piece = batch();
        to(piece);
        tablet.context().setOffline(true);
        read("9 in");
        assertThat(strip()).containsText("One thing kept");
        tablet.context().setOffline(false);
        assertThat(strip()).containsText("One thing that was kept could not be taken");
        press("Look").click();
        press("Back into its field").click();
        assertThat(field()).hasValue("9 in");
        assertThat(strip()).not().containsText("please decide");
    }

    @Test
    void a_tick_outlives_a_reload_without_the_network() {
        long piece = Work.take(owner, 1, Map.of());
        Work.start(owner, piece, "approve-outline").isOk();
        String address = "/bench/" + piece + "/approve-outline";
        tablet.navigate(address);
        Locator check = tablet.locator("label:has(input[type='checkbox'])").first();
        check.waitFor();
        tablet.context().setOffline(true);
        check.click();
        tablet.navigate(address);
        assertThat(check.locator("input")).isChecked();
    }

    @Test
    void signing_out_throws_away_what_the_browser_keeps_of_the_shop() {
        Page other = tabletOf("cato");
        other.reload();
        String kept =
                "caches.open('day').then((day) => day.keys()).then((all) => all.map((each) => each.url).join(' '))";
        Patience.until(() -> String.valueOf(other.evaluate(kept)).contains("/api/wall"));
        Browser.more(other, "Sign out Cato Lind");
        other.getByLabel("Password").waitFor();
        assertThat(String.valueOf(other.evaluate(kept))).doesNotContain("/api/wall");
        other.close();
    }
}
