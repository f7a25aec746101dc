package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The chain of numbers and the batch, on the real screens. */
class ChainScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client reader;
    private static Maker bram;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        reader = shop.signedIn("bram");
        bram = BROWSER.signedIn(shop, "bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    void a_number_is_followed_up_to_its_bar_and_down_to_the_part_that_no_longer_fits() {
        long piece =
                Work.take(shop.signedIn("olwen"), 1, Map.of("construction", "FRAME_LOCK", "stockThickness", ".170"));
        Work.workUpTo(shop, reader, piece, "cut-lock-bar");
        Work.read(reader, piece, "finish-grind", "blade.thickness", "0.167").isOk();
        Page page = bram.page();
        page.navigate("/pieces/" + piece);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Follow them in the chain"))
                .click();
        Locator detail = page.getByLabel("The number", new Page.GetByLabelOptions().setExact(true));
        assertThat(detail).containsText("Back spacer was made to 0.210 in and is 0.207 in now");
        assertThat(detail).containsText("0.167 in + 2 × 0.020 in = 0.207 in");
        assertThat(detail).containsText("On it hang: Handle thickness at the spacer");
        Locator chain = page.getByLabel("The chain", new Page.GetByLabelOptions().setExact(true));
        chain.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Blade thickness, finished"))
                .click();
        assertThat(detail).containsText("Measured at Finish the grind");
        assertThat(detail).containsText("Bram Holt");
        chain.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Stock thickness"))
                .click();
        assertThat(detail).containsText("Stock thickness: 0.170 in");
        assertThat(chain.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText("Back spacer")))
                .isVisible();
    }

    @Test
    void one_step_for_three_at_once_with_three_readings_and_those_left_behind_named() {
        long first = Work.take(shop.signedIn("olwen"), 4, Map.of());
        List.of(first, first + 1, first + 2)
                .forEach(piece -> List.of("approve-outline", "number-piece")
                        .forEach(step -> Work.doStep(shop, reader, piece, step)));
        String job = Work.piece(reader, first).path("name").asString().replace("-1", "");
        Page page = bram.page();
        bram.openStep(first, "choose-stock");
        Locator batch = page.getByLabel("The batch", new Page.GetByLabelOptions().setExact(true));
        assertThat(batch).containsText(job + "-4 stays behind: Pieces of a batch are numbered");
        bram.press("All that can");
        bram.press("Start, all 3");
        assertThat(bram.standing()).containsText("You are at it");
        for (int i = 1; i <= 3; i++) {
            page.locator("input[name='stock.thickness " + job + "-" + i + "']").fill(i == 2 ? ".63" : ".15" + (4 + i));
        }
        bram.press("Enter all");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText(job + "-2: ");
        bram.press("Measure again");
        page.locator("input[name='stock.thickness " + job + "-2']").fill(".156");
        bram.press("Enter all");
        assertThat(page.getByText("Reads 0.157 in")).isVisible();
        bram.tickAll();
        bram.press("Done, all 3");
        assertThat(bram.standing()).containsText("Done");
        assertThat(List.of(first, first + 1, first + 2))
                .allSatisfy(piece -> assertThat(Work.step(Work.piece(reader, piece), "choose-stock")
                                .path("standing")
                                .asString())
                        .isEqualTo("DONE"));
        assertThat(Work.step(Work.piece(reader, first + 3), "choose-stock")
                        .path("standing")
                        .asString())
                .isEqualTo("WAITING");
    }

    @Test
    void a_piece_of_a_batch_has_a_slot_and_art_of_its_own_and_whose_it_is_no_maker_says() {
        long first = Work.take(shop.signedIn("olwen"), 2, Map.of());
        Page page = bram.page();
        page.navigate("/pieces/" + (first + 1));
        Locator own = page.getByLabel("This piece of the batch", new Page.GetByLabelOptions().setExact(true));
        assertThat(own.getByText("Say whose it is")).hasCount(0);
        own.getByText("Change slot, art or set").click();
        page.locator("input[name='rackSlot']").fill("C2");
        page.locator("input[name='art']").fill("A fern on the spine");
        bram.press("Keep it");
        assertThat(own).containsText("Slot C2. Art: A fern on the spine.");
        assertThat(own).containsText("Promised to Greta Moss.");
    }
}
