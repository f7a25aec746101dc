package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What makers and owner see and press: gates, live changes, clocks, wrong entries, the keyboard. */
class ScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client owner;
    private static Maker bram;
    private static Maker cato;
    private static Maker olwen;
    private long piece;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        bram = BROWSER.signedIn(shop, "bram");
        cato = BROWSER.signedIn(shop, "cato");
        olwen = BROWSER.signedIn(shop, "olwen");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @BeforeEach
    void takeAJob() {
        piece = Work.take(owner, 1, Map.of("stockThickness", ".165"));
    }

    @Test
    void a_shut_gate_says_what_is_missing_and_the_owners_reason_stays() {
        cato.page().navigate("/");
        bram.openStep(piece, "harden");
        assertThat(bram.page().getByLabel("The gate is shut")).containsText("Drill the pin holes");
        assertThat(bram.page().getByLabel("The gate is shut")).containsText("Hard steel cannot be drilled or filed");
        assertThat(bram.button("Start")).not().isVisible();
        assertThat(bram.button("Override this gate")).not().isVisible();

        Work.workUpTo(shop, owner, piece, "dry-fit");
        olwen.openStep(piece, "glue-handle");
        assertThat(olwen.page().getByLabel("The gate is shut")).containsText("dry before adhesive is mixed");
        olwen.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Override this gate"))
                .first()
                .click();
        olwen.press("Override");
        assertThat(olwen.page().getByText("A reason is needed")).isVisible();
        olwen.page().getByLabel("Why is it right this time?").fill("Fitted dry last week");
        olwen.press("Override");
        assertThat(olwen.page().getByText("Fitted dry last week")).isVisible();
        assertThat(cato.page().getByRole(AriaRole.STATUS)).containsText("gate overridden");
        assertThat(olwen.page().getByRole(AriaRole.STATUS)).not().containsText("gate overridden");
        bram.page().navigate("/pieces/" + piece);
        assertThat(bram.page().getByLabel("Journal")).containsText("Fitted dry last week");
    }

    @Test
    void a_change_at_one_bench_is_on_the_other_pages_without_a_reload_also_after_the_connection_was_lost()
            throws IOException {
        try (Cable cable = Cable.to(shop.address())) {
            Maker far = BROWSER.signedIn(cable.address(), "bram");
            cato.openStep(piece, "read-brief");
            far.openStep(piece, "read-brief");
            far.page().evaluate("() => { window.notReloaded = true }");
            cato.start();
            assertThat(far.standing()).containsText("Cato Lind is at it");
            assertThat(far.button("Start")).not().isVisible();

            cable.pull();
            assertThat(far.page().getByText("connection to the shop’s server is lost"))
                    .isVisible();
            cato.tickAll();
            cato.press("Done");
            assertThat(cato.standing()).containsText("Done");
            cable.plugIn();
            assertThat(far.standing()).containsText("Done");
            assertThat(far.page().getByText("connection to the shop’s server is lost"))
                    .not()
                    .isVisible();
            Assertions.assertThat(far.page().evaluate("() => window.notReloaded"))
                    .isEqualTo(true);
        }
    }

    @Test
    void a_rest_runs_on_through_a_restart_and_everyone_hears_when_it_is_up() {
        Work.workUpTo(shop, owner, piece, "temper-first");
        bram.openStep(piece, "temper-first");
        bram.start();
        bram.enterAndSee("kiln.at-temper", "400 F", "400 °F");
        bram.tickAll();
        bram.press("Rest 2 h");
        assertThat(bram.standing()).containsText("left");
        cato.page().navigate("/");
        assertThat(cato.page().getByText("tempering, ").first()).isVisible();

        shop.restart();
        shop.clock().putForward(Duration.ofMinutes(60));
        bram.page().reload();
        assertThat(bram.standing()).containsText("left");
        assertThat(bram.button("Done")).not().isVisible();
        shop.clock().putForward(Duration.ofMinutes(61));
        assertThat(bram.standing()).containsText("The rest is up");
        assertThat(cato.page().getByText("the rest is up").first()).isVisible();
        // What was ticked before the restart is ticked still.
        bram.press("Done");
        assertThat(bram.standing()).containsText("Done");
    }

    @Test
    void wrong_readings_are_answered_at_the_field_and_kept_and_unlikely_ones_are_questioned() {
        Work.workUpTo(shop, owner, piece, "choose-stock");
        bram.openStep(piece, "choose-stock");
        bram.start();
        bram.enter("stock.thickness", "3/0");
        assertThat(bram.page().getByText("“3/0” was not understood")).isVisible();
        assertThat(bram.page().locator("input[name='stock.thickness']")).hasValue("3/0");
        bram.enter("stock.thickness", ".63");
        assertThat(bram.page()
                        .getByText("is over: 0.165 in is wanted, at most 0.0313 in more. So far off: are the point and "
                                + "the unit right?"))
                .isVisible();
        bram.press("Measure again");
        bram.enterAndSee("stock.thickness", "4.14 mm", "0.163 in");
        bram.press("Done");
        assertThat(bram.page().getByRole(AriaRole.ALERT)).containsText("Not checked yet");
    }

    @Test
    void two_makers_entering_the_same_number_both_see_both_and_choose() {
        Work.workUpTo(shop, owner, piece, "choose-stock");
        bram.openStep(piece, "choose-stock");
        bram.start();
        cato.openStep(piece, "choose-stock");
        cato.page().locator("input[name='stock.thickness']").fill(".163");
        bram.enterAndSee("stock.thickness", ".164", "0.164 in");
        assertThat(cato.page().getByText("Reads 0.164 in, by Bram Holt")).isVisible();
        cato.press("Enter");
        assertThat(cato.page().getByRole(AriaRole.DIALOG)).containsText("Bram Holt entered 0.164 in, you entered .163");
        cato.press("Use mine");
        assertThat(cato.page().getByText("Reads 0.163 in, by Cato Lind")).isVisible();
        assertThat(bram.page().getByText("Reads 0.163 in, by Cato Lind")).isVisible();
    }

    @Test
    void a_step_is_done_with_the_keyboard_alone() {
        Page page = bram.page();
        bram.openStep(piece, "read-brief");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Went wrong");
        page.keyboard().press("Escape");
        page.keyboard().press("s");
        assertThat(bram.standing()).containsText("You are at it");
        for (int i = 0;
                i < 40 && !Boolean.TRUE.equals(page.evaluate("() => document.activeElement.type === 'checkbox'"));
                i++) {
            page.keyboard().press("Tab");
        }
        page.keyboard().press("Space");
        page.keyboard().press("d");
        assertThat(bram.standing()).containsText("Done");
        page.keyboard().press("w");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("What went wrong");
        page.keyboard().press("Escape");
        page.keyboard().press("b");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Bench").setExact(true)))
                .isVisible();
    }

    @Test
    void what_went_wrong_is_said_in_one_press_and_the_piece_is_held() {
        bram.openStep(piece, "read-brief");
        bram.start();
        bram.press("Went wrong");
        bram.press("Client changes mind");
        bram.page().getByLabel("In your words").fill("Wants to think it over");
        bram.page().getByText("Hold the piece until it is decided").click();
        bram.page().getByRole(AriaRole.DIALOG).getByText("Write it down").click();
        assertThat(bram.page()
                        .getByText("Held: Client changes mind: Wants to think it over")
                        .first())
                .isVisible();
        cato.page().navigate("/pieces/" + piece);
        cato.press("Release it");
        assertThat(bram.page().getByText("Held: Client changes mind")).hasCount(0);
    }

    @Test
    void the_owner_changes_the_specification_and_the_route_follows() {
        olwen.page().navigate("/pieces/" + piece);
        olwen.press("Change the specification");
        olwen.page()
                .getByRole(AriaRole.DIALOG)
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Hand satin Finish"))
                .click();
        olwen.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Etched dark and tumbled"))
                .click();
        olwen.press("Show what it does");
        assertThat(olwen.page().getByRole(AriaRole.DIALOG)).containsText("Comes in: ");
        olwen.press("Take the change");
        assertThat(olwen.page().getByLabel("Route")).containsText("Degrease for the bath");
    }

    @Test
    void a_view_that_cannot_be_fetched_says_so_and_comes_when_it_is_tried_again() {
        Page page = BROWSER.signedIn(shop, "cato").page();
        page.route("**/assets/Ledger*", Route::abort);
        Browser.more(page, "Ledger");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("could not be fetched");
        page.unroute("**/assets/Ledger*");
        page.getByText("Try again").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ledger")))
                .isVisible();
    }
}
