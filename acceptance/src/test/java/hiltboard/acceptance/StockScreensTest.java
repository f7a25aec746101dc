package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The store and the forge on the real screens. */
class StockScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client owner;
    private static Maker bram;
    private static Maker cato;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        bram = BROWSER.signedIn(shop, "bram");
        cato = BROWSER.signedIn(shop, "cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static void choose(Page page, String label, String option) {
        Maker.choose(
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(label))
                        .first(),
                option);
    }

    private static void fill(Page page, String name, String entry) {
        page.locator("input[name='" + name + "']").first().fill(entry);
    }

    private static Locator part(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void a_delivery_is_looked_at_claimed_with_a_photograph_and_lies_on_the_rack() {
        Page page = bram.page();
        page.navigate("/stock/receive");
        choose(page, "What it is", "52100, bearing steel");
        fill(page, "thickness", ".118");
        fill(page, "width", "2");
        fill(page, "amount", "3 ft");
        fill(page, "pieces", "2");
        fill(page, "orderedThickness", "1/8");
        fill(page, "claimed", "1");
        fill(page, "claim", "rusted through the paper");
        page.locator("input[type='file']")
                .setInputFiles(new FilePayload("rust.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        bram.press("Put it on the rack");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("0.007 in thinner");
        bram.press("Leave it off the rack");
        fill(page, "orderedThickness", ".122");
        bram.press("Put it on the rack");
        assertThat(page.getByText("only the photograph was not kept")).isVisible();
        page.locator("input[type='file']").setInputFiles(new FilePayload("rust.png", "image/png", Pictures.png()));
        bram.press("Send the photograph");
        assertThat(page.locator("main h1")).hasText("52100, bearing steel, flat, 0.118 in × 2 in");
        assertThat(part(page, "Claims")).containsText("rusted through the paper");
        assertThat(page.getByAltText("rust.png")).isVisible();
        cato.page().navigate("/stock");
        assertThat(part(cato.page(), "Bars")).containsText("52100");
    }

    @Test
    void a_mill_sheet_is_kept_as_the_pdf_that_came_and_seen_small() throws IOException {
        long bar = Store.bar(owner, "30 in");
        Page page = bram.page();
        page.navigate("/stock/lots/" + bar);
        byte[] sheet = page.pdf();
        choose(page, "What it shows", "A mill sheet");
        Locator file = part(page, "Pictures and papers").locator("input[type='file']");
        file.setInputFiles(new FilePayload(
                "heat 4711.pdf", "application/pdf", "%PDF-1.7 and nothing more".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("damaged or locked");
        file.setInputFiles(new FilePayload("heat 4711.pdf", "application/pdf", sheet));
        assertThat(page.getByAltText("heat 4711.pdf")).isVisible();
        long kept = Store.lot(owner, bar).path("files").get(0).path("id").asLong();
        assertThat(page.request().get("/api/stock/files/" + kept + "/original").body())
                .isEqualTo(sheet);
        BufferedImage small = ImageIO.read(new ByteArrayInputStream(
                page.request().get("/api/stock/files/" + kept + "/thumbnail").body()));
        assertThat(Math.max(small.getWidth(), small.getHeight())).isEqualTo(480);
    }

    @Test
    void a_size_that_the_section_does_not_have_is_not_asked_and_not_kept() {
        Page page = bram.page();
        page.navigate("/stock/receive");
        choose(page, "Section", "Round");
        fill(page, "diameter", "3/4");
        assertThat(page.locator("input[name='thickness']")).hasCount(0);
        choose(page, "Section", "Flat");
        assertThat(page.locator("input[name='diameter']")).hasCount(0);
        choose(page, "What it is", "O1, oil-hardening tool steel");
        fill(page, "thickness", "1/8");
        fill(page, "width", "2");
        fill(page, "amount", "3 ft");
        bram.press("Put it on the rack");
        assertThat(page.locator("main h1")).hasText("O1, oil-hardening tool steel, flat, 0.125 in × 2 in");
        long lot = Long.parseLong(page.url().replaceAll(".*/", ""));
        assertThat(Store.lot(owner, lot).path("entries").path("diameter").asString())
                .isEmpty();
    }

    @Test
    @DisplayName("two makers reach for the last pair of scales: the first gets it, the second is told who has it")
    void the_last_pair_taken_twice() {
        Store.receive(owner, "SCALES", "1", "1", "what=WALNUT; thickness=3/8; width=1-3/4; lengthEach=5-1/2");
        long first = Work.take(owner, 1, Map.of("handleMaterial", "WALNUT"));
        long second = Work.take(owner, 1, Map.of("handleMaterial", "WALNUT"));
        for (Maker maker : new Maker[] {bram, cato}) {
            maker.page().navigate("/pieces/" + (maker == bram ? first : second));
            Locator need = part(maker.page(), "From the racks")
                    .locator("li")
                    .filter(new Locator.FilterOptions().setHasText("Black walnut scales"));
            need.getByRole(AriaRole.BUTTON).click();
            maker.button("This one").waitFor();
        }
        bram.press("This one");
        assertThat(part(bram.page(), "From the racks")).containsText("Promised: 1 pair");
        // The other page has heard of it meanwhile and no longer offers the pair; where it had not, the server refuses.
        Client late = shop.signedIn("cato");
        String told = Store.promise(late, second, "handle", lotOf(first))
                .isRefused(409, "out-of-turn")
                .detail();
        assertThat(told).contains("Bram Holt has promised it to");
        cato.page().reload();
        assertThat(part(cato.page(), "From the racks")
                        .locator("li")
                        .filter(new Locator.FilterOptions().setHasText("Black walnut scales")))
                .containsText("Missing");
    }

    private static long lotOf(long piece) {
        for (JsonNode rack : owner.get("/api/stock").isOk().json().path("racks")) {
            for (JsonNode lot : rack.path("lots")) {
                if (lot.path("promises")
                        .valueStream()
                        .anyMatch(promise -> promise.path("pieceId").asLong() == piece)) {
                    return lot.path("id").asLong();
                }
            }
        }
        throw new AssertionError("Nothing is promised to " + piece);
    }

    @Test
    void a_bar_is_laid_out_on_the_screen_and_cut() {
        Store.receive(owner, "BAR", "40 in", "1", "what=1095; thickness=5/32; width=1-3/4");
        long first = Work.take(owner, 2, Map.of("steel", "1095", "stockThickness", "5/32"));
        Work.doStep(shop, owner, first, "approve-outline");
        Work.doStep(shop, owner, first + 1, "approve-outline");
        Page page = bram.page();
        page.navigate("/stock/cutting");
        assertThat(part(page, "Look for a way to cut")).containsText("2 blanks wait");
        bram.press("Look for the best way");
        assertThat(page.getByText("No plan can use less steel.")).isVisible();
        bram.press("Cut it so");
        Locator planned = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("To cut: 1095"));
        assertThat(planned).isVisible();
        cato.page().navigate("/stock");
        assertThat(part(cato.page(), "Bars"))
                .containsText(" for " + Work.piece(owner, first).path("name").asString());
        bram.press("It is cut");
        assertThat(planned).hasCount(0);
        assertThat(Store.need(owner, first + 1, "steel").path("standing").asString())
                .isEqualTo("TAKEN");
    }

    @Test
    void a_table_is_looked_at_before_it_is_taken() {
        Page page = bram.page();
        page.navigate("/stock/table");
        String table = "kind,amount,what,diameter,owner\nROD,12 in,COPPER,3/16,SHOP\nROD,12 in,COPPER,round,SHOP\n";
        page.locator("input[type='file']")
                .setInputFiles(new FilePayload("rods.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)));
        assertThat(part(page, "In")).containsText("diameter: “round” was not understood");
        bram.press("Take the good 1 line");
        assertThat(part(page, "In")).containsText("1 line is on the racks");
        page.navigate("/stock");
        assertThat(part(page, "Rods")).containsText("Copper");
    }

    @Test
    @DisplayName("at the bench a maker uses a lot for the step, and when the step is done it is off the rack")
    void a_step_at_the_bench_takes_what_it_used() {
        long glue = Store.receive(owner, "ADHESIVE", "90", "1", "what=SLOW_EPOXY; place=Cupboard");
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, shop.signedIn("bram"), piece, "glue-handle");
        bram.openStep(piece, "glue-handle");
        Locator takes = part(bram.page(), "From the racks")
                .locator("li")
                .filter(new Locator.FilterOptions().setHasText("Slow epoxy"));
        takes.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use…"))
                .click();
        bram.page()
                .getByRole(AriaRole.DIALOG)
                .locator("div")
                .filter(new Locator.FilterOptions().setHasText("Cupboard"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("This one"))
                .first()
                .click();
        assertThat(takes).containsText("Promised: 15 g");
        bram.start();
        Work.step(Work.piece(owner, piece), "glue-handle")
                .path("numbers")
                .path("readings")
                .forEach(key -> {
                    String expected = Work.number(Work.piece(owner, piece), key.asString())
                            .path("expected")
                            .asString();
                    bram.enterAndSee(key.asString(), expected, expected);
                });
        bram.tickAll();
        bram.press("Done");
        assertThat(bram.standing()).containsText("Done");
        assertThat(takes).containsText("Taken: 15 g");
        assertThat(Store.lot(owner, glue).path("lot").path("amount").asString()).isEqualTo("75 g");
    }

    @Test
    void a_lot_is_counted_claimed_settled_and_described_by_two() {
        long screws = Store.receive(owner, "FASTENER", "20", "1", "what=SCREW; diameter=3/16");
        Page page = bram.page();
        page.navigate("/stock/lots/" + screws);
        bram.press("Counted anew");
        fill(page, "amount", "a few");
        bram.press("Write it down");
        assertThat(page.getByText("“a few” was not understood")).isVisible();
        page.getByRole(AriaRole.DIALOG).locator("input[name='amount']").fill("17");
        bram.press("Write it down");
        assertThat(part(page, "What is there")).containsText("17 pieces");
        bram.press("Broken or wrong");
        page.getByRole(AriaRole.DIALOG).locator("input[name='amount']").fill("2");
        page.getByRole(AriaRole.DIALOG).locator("input[name='words']").fill("no thread");
        bram.press("Write it down");
        assertThat(part(page, "Claims")).containsText("no thread");
        page.getByLabel("What came of it").fill("refunded");
        bram.press("Settle it");
        assertThat(part(page, "Claims")).containsText("Settled: refunded");
        assertThat(part(page, "What became of it")).containsText("Counted");

        for (Maker maker : new Maker[] {bram, cato}) {
            maker.page().navigate("/stock/lots/" + screws);
            maker.press("Change what is written down");
            fill(maker.page(), "place", maker == bram ? "Drawer 1" : "Drawer 2");
        }
        bram.press("Keep it");
        assertThat(part(page, "What is there")).containsText("Drawer 1");
        cato.press("Keep it");
        assertThat(cato.page().getByRole(AriaRole.DIALOG)).containsText("Drawer 1");
        cato.press("Use mine");
        assertThat(part(page, "What is there")).containsText("Drawer 2");
    }

    @Test
    @DisplayName(
            "[worked] a block of 1 in gives one bookmatched pair of 3/8 in scales, said with its arithmetic before the saw")
    void a_block_is_sawn_on_the_screen() {
        long block = Store.receive(owner, "BLOCK", "1", "1", "what=BURL; thickness=1; width=2; lengthEach=5-1/2");
        Page page = bram.page();
        page.navigate("/stock/lots/" + block);
        bram.press("Saw one into scales");
        for (Map.Entry<String, String> size :
                Map.of("thickness", "3/8", "width", "1-3/4", "length", "5").entrySet()) {
            fill(page, size.getKey(), size.getValue());
        }
        bram.press("What comes of it?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("1 pair, 1 of them bookmatched");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("(1.000 in + 0.0625 in) / (0.375 in + 0.0625 in) → 2");
        bram.press("It is sawn");
        assertThat(page.locator("main h1")).containsText("Burl, 0.375 in");
    }

    @Test
    @DisplayName("a billet on the screen: from bars on the rack to five blades that are promised their steel")
    void from_bars_to_five_blades() {
        Store.receive(owner, "BAR", "8 ft", "2", "what=1084; thickness=1/8; width=1-1/2");
        Store.receive(owner, "BAR", "8 ft", "1", "what=75Ni8; thickness=1/16; width=1-1/2");
        long first = Work.take(
                owner,
                5,
                Map.of("steelForm", "PATTERN_WELDED", "steel", "1084", "bladeLength", "4", "finish", "PATTERN"));
        Page page = bram.page();
        page.navigate("/forge/new");
        fill(page, "name", "Five for the kitchen");
        fill(page, "blades", "5");
        choose(
                page,
                "Looked at on the blade of",
                Work.piece(owner, first).path("name").asString() + " Kitchen knife");
        fill(page, "pieces", "7");
        bram.press("Cut them to that");
        assertThat(part(page, "The finished billet")).containsText("5, 5 wanted");
        assertThat(page.getByLabel("Pattern on the blade")).isVisible();
        bram.press("Keep this recipe");
        assertThat(page.locator("main h1")).hasText("Five for the kitchen");
        bram.press("Cut the bars from the racks");
        for (int step = 1; step <= 4; step++) {
            Locator here = page.locator("li[data-standing='NEXT']");
            assertThat(here.getByRole(AriaRole.HEADING).first()).containsText(step + ".");
            if (step == 4) {
                here.locator("input[name='thickness']").fill(".365");
            }
            here.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done"))
                    .click();
            assertThat(page.locator("li[data-standing='DONE']")).hasCount(step);
        }
        assertThat(page.getByText("measured: 0.365 in × 1.5 in")).isVisible();
        bram.press("Put the billet on the rack");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pattern-welded"))
                .waitFor();
        for (long piece = first; piece < first + 5; piece++) {
            JsonNode need = Store.need(owner, piece, "steel");
            assertThat(need.path("standing").asString())
                    .as("blade " + (piece - first + 1))
                    .isEqualTo("HERE");
            Store.promise(
                            owner,
                            piece,
                            "steel",
                            need.path("choices").get(0).path("lotId").asLong())
                    .isOk();
        }
    }
}
