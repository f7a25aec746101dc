package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Map;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Pieces for several people, and a dark knife whose client changes their mind, on the real screens. */
class BelongingScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client reader;
    private Maker olwen;
    private Maker bram;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        reader = shop.signedIn("cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @BeforeEach
    void windows() {
        olwen = BROWSER.signedIn(shop, "olwen");
        bram = BROWSER.signedIn(shop, "bram");
    }

    @Test
    @DisplayName("[trade] three ordered and four made for three clients: one is lost, the spare takes its place, and "
            + "each goes to whom it is promised")
    void three_clients_and_a_spare() {
        Page page = olwen.page();
        page.navigate("/new");
        page.getByLabel("Client", new Page.GetByLabelOptions().setExact(true)).fill("Weir Farm");
        page.getByLabel("What is it for").fill("Leeks and onions");
        page.getByLabel("Called in the shop").fill("Field knives");
        page.locator("input[name='promisedOn']")
                .fill(LocalDate.now().plusDays(40).toString());
        page.locator("input[name='pieces']").fill("4");
        page.locator("input[name='ordered']").fill("5");
        olwen.press("Take the job");
        assertThat(page.getByText("More are ordered than are made").first()).isVisible();
        page.locator("input[name='ordered']").fill("3");
        olwen.press("Take the job");
        Locator own = page.getByLabel("This piece of the batch", new Page.GetByLabelOptions().setExact(true));
        assertThat(own).containsText("Piece 1 of 4");
        assertThat(own).containsText("3 ordered, 4 made");
        long first = Long.parseLong(page.url().replaceAll(".*/", ""));
        String[] people = {"Ada Weir", "Ben Weir", "Cora Weir"};
        for (int i = 0; i < 3; i++) {
            page.navigate("/pieces/" + (first + i));
            olwen.press("Say whose it is");
            page.locator("input[name='forWhom']").fill(people[i]);
            olwen.press("Keep it");
            assertThat(own).containsText("Promised to " + people[i]);
        }
        page.navigate("/pieces/" + (first + 3));
        assertThat(own).containsText("The spare, of the shop");

        olwen.leave();
        Work.workUpTo(shop, reader, first, "harden");
        Work.workUpTo(shop, reader, first + 1, "harden");
        bram.openStep(first + 1, "harden");
        bram.start();
        bram.press("Went wrong");
        bram.press("Cracked in the quench");
        bram.page().getByText("Use the spare").click();
        bram.page().getByRole(AriaRole.DIALOG).getByText("Write it down").click();
        page.navigate("/pieces/" + (first + 3));
        assertThat(own).containsText("Promised to Ben Weir");
        bram.openStep(first + 3, "read-brief");
        assertThat(bram.page().getByLabel("The brief")).containsText("For Ben Weir: Leeks and onions");

        bram.leave();
        olwen.leave();
        for (long piece : new long[] {first, first + 2, first + 3}) {
            Work.workUpTo(shop, reader, piece, "nothing comes after hand-over");
            Assertions.assertThat(Work.piece(reader, piece)
                            .path("now")
                            .path("standing")
                            .asString())
                    .isEqualTo("HANDED_OVER");
        }
        page.navigate("/pieces/" + first);
        assertThat(own).containsText("Ada Weir has");
        assertThat(own).containsText("Ben Weir has");
        assertThat(own).containsText("Cora Weir has");
    }

    @Test
    @DisplayName("[trade] a dark etched full tang from steel to hand-over, with two late changes: another handle on "
            + "the glued knife, and the dark taken back after it")
    void a_dark_knife_with_two_late_changes() {
        long piece = Work.take(shop.owner(), 1, Map.of("finish", "ETCHED_DARK_TUMBLED", "handleMaterial", "WALNUT"));
        Work.workUpTo(shop, reader, piece, "glue-handle");
        shop.clock().putForward(Duration.ofMinutes(90));
        bram.openStep(piece, "glue-handle");
        assertThat(bram.page().getByLabel("The gate is shut"))
                .containsText("Faces are roughened and degreased right before the glue.");
        bram.press("Do “Roughen and degrease” again");
        assertThat(bram.page()
                        .getByRole(
                                AriaRole.HEADING,
                                new Page.GetByRoleOptions()
                                        .setName("Roughen and degrease")
                                        .setExact(true)))
                .isVisible();
        bram.start();
        bram.press("Put down until later");
        assertThat(bram.standing()).containsText("Put down since");
        bram.press("Pick it up again");
        assertThat(bram.standing()).containsText("You are at it");
        bram.tickAll();
        bram.press("Done");
        assertThat(bram.standing()).containsText("Done");
        bram.leave();
        Work.workUpTo(shop, reader, piece, "shape-handle");

        change(piece, "Black walnut Handle material", "Cast resin");
        assertThat(olwen.page().getByRole(AriaRole.DIALOG)).containsText("Take the handle off");
        agree();
        JsonNode resin = Work.piece(reader, piece);
        Assertions.assertThat(
                        Work.step(resin, "take-handle-off").path("standing").asString())
                .isEqualTo("READY");
        Assertions.assertThat(Work.step(resin, "etch").path("standing").asString())
                .isEqualTo("DONE");
        bram.openStep(piece, "take-handle-off");
        assertThat(bram.page().getByLabel("Cautions")).containsText("no open flame");
        bram.leave();
        olwen.leave();
        Work.workUpTo(shop, reader, piece, "sharpen");

        change(piece, "Etched dark and tumbled Finish", "Hand satin");
        agree();
        Assertions.assertThat(Work.step(Work.piece(reader, piece), "hand-sand")
                        .path("standing")
                        .asString())
                .isIn("READY", "WAITING");
        bram.openStep(piece, "sharpen");
        assertThat(bram.page().getByLabel("The brief")).containsText("Onions and herbs");
        assertThat(bram.page().getByLabel("The brief")).containsText("Blade length");
        Work.workUpTo(shop, reader, piece, "nothing comes after hand-over");
        JsonNode done = Work.piece(reader, piece);
        Assertions.assertThat(done.path("now").path("standing").asString()).isEqualTo("HANDED_OVER");
        Assertions.assertThat(done.path("now").path("conditions").toString())
                .contains("handle on it", "sharp")
                .doesNotContain("acid");
        Assertions.assertThat(done.path("past").path("decisions")).hasSize(2);
    }

    private void change(long piece, String from, String to) {
        olwen.page().navigate("/pieces/" + piece);
        olwen.press("Change the specification");
        olwen.page()
                .getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(from))
                .click();
        olwen.page()
                .getByRole(
                        AriaRole.OPTION, new Page.GetByRoleOptions().setName(to).setExact(true))
                .click();
        olwen.press("Show what it does");
        olwen.page().getByText("Take the change").waitFor();
    }

    private void agree() {
        Page page = olwen.page();
        page.locator("input[name='reason']").fill("The client asked for it");
        page.getByRole(AriaRole.DIALOG).getByText("The client agrees").click();
        olwen.press("Take the change");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
}
