package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * Mishaps on the real screens: the program speaks up before the damage, shows what a way back costs, and turns the
 * route.
 */
class MishapScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client reader;
    private static Maker olwen;
    private static Maker bram;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        reader = shop.signedIn("bram");
        olwen = BROWSER.signedIn(shop, "olwen");
        bram = BROWSER.signedIn(shop, "bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    void a_soak_that_is_counted_from_the_door_is_questioned_and_the_temper_window_is_announced_to_all() {
        long piece = Work.take(shop.signedIn("olwen"), 1, Map.of("steel", "W2"));
        Maker.workUpTo(shop, reader, piece, "harden", olwen, bram);
        bram.openStep(piece, "harden");
        bram.start();
        bram.enter("kiln.at-soak", "1400 F");
        assertThat(bram.page().getByRole(AriaRole.DIALOG)).containsText("not recovered");
        bram.press("Measure again");
        bram.page().locator("input[name='kiln.at-soak']").fill("");
        bram.enterAndSee("kiln.at-soak", "1475 F", "1475 °F");
        bram.tickAll();
        bram.press("Done");
        assertThat(bram.standing()).containsText("Done");
        olwen.page().navigate("/");
        assertThat(olwen.page().getByText("First temper within").first()).isVisible();
        shop.clock().putForward(Duration.ofMinutes(106));
        assertThat(olwen.page()
                        .getByRole(AriaRole.STATUS)
                        .getByText("First temper: only")
                        .first())
                .isVisible();
    }

    @Test
    void a_spacer_decided_after_the_pins_were_drilled_shows_what_it_spoils_and_is_dropped_or_taken() {
        long piece = Work.take(
                shop.signedIn("olwen"),
                1,
                Map.of("construction", "HIDDEN_TANG", "spacer", "NONE", "alignmentPins", "TWO"));
        Maker.workUpTo(shop, reader, piece, "dry-fit", olwen, bram);
        Page page = olwen.page();
        wantASpacer(page, piece);
        Locator sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("cannot be lined up");
        assertThat(sheet).containsText("Comes in: Make the spacer");
        page.locator("input[name='reason']").fill("Too late for it");
        olwen.press("Drop it");
        assertThat(page.getByText("dropped a change: Spacer was No spacer, is One spacer")
                        .first())
                .isVisible();
        assertThat(Work.piece(reader, piece)
                        .path("steps")
                        .valueStream()
                        .map(step -> step.path("operation").asString()))
                .doesNotContain("make-spacer");

        wantASpacer(page, piece);
        page.locator("input[name='reason']").fill("The client insists");
        olwen.press("Take the change");
        assertThat(sheet).containsText("The client has to agree");
        sheet.getByText("The client agrees").click();
        olwen.press("Take the change");
        assertThat(page.getByText("took a change: Spacer was No spacer, is One spacer")
                        .first())
                .isVisible();
        JsonNode changed = Work.piece(reader, piece);
        assertThat(Work.step(changed, "drill-alignment-pins").path("standing").asString())
                .isEqualTo("WAITING");
        assertThat(Work.step(changed, "make-spacer").path("standing").asString())
                .isEqualTo("READY");
        assertThat(Work.step(changed, "fit-guard").path("standing").asString()).isEqualTo("DONE");
    }

    private static void wantASpacer(Page page, long piece) {
        page.navigate("/pieces/" + piece);
        olwen.press("Change the specification");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("No spacer Spacer"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("One spacer"))
                .click();
        olwen.press("Show what it does");
        page.getByText("Take the change").waitFor();
    }

    @Test
    void a_blade_that_is_not_hard_is_heated_again_with_its_photograph_and_its_cost() {
        long piece = Work.take(shop.signedIn("olwen"), 1, Map.of());
        Maker.workUpTo(shop, reader, piece, "test-hardness", olwen, bram);
        Page page = bram.page();
        bram.openStep(piece, "test-hardness");
        bram.start();
        bram.press("Went wrong");
        bram.press("Not hard");
        page.getByLabel("In your words").fill("The file bites at the heel");
        page.getByRole(AriaRole.DIALOG)
                .locator("input[type='file']")
                .setInputFiles(new FilePayload("heel.png", "image/png", Pictures.png()));
        assertThat(page.getByText("1 photographed; one more")).isVisible();
        Locator way = page.getByRole(AriaRole.RADIOGROUP).getByText("Normalise and harden once more");
        assertThat(page.getByRole(AriaRole.RADIOGROUP)).containsText("each one costs carbon and grain");
        way.click();
        page.getByRole(AriaRole.DIALOG).getByText("Write it down").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        page.navigate("/pieces/" + piece);
        assertThat(page.getByText("Normalise and harden once more").first()).isVisible();
        JsonNode again = Work.piece(reader, piece);
        assertThat(Work.step(again, "normalise").path("standing").asString()).isEqualTo("READY");
        assertThat(Work.step(again, "profile").path("standing").asString()).isEqualTo("DONE");
        assertThat(again.path("now").path("heats").asInt()).isEqualTo(2);
        assertThat(again.path("past").path("photos")).hasSize(1);
        page.navigate("/ledger");
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Test the hardness")))
                .containsText("Not hard");
    }
}
