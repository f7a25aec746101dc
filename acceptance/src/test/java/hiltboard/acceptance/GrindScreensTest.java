package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Grinder, drill press and mill on the real screen. */
class GrindScreensTest {
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

    private static Locator alert(Page page, String words) {
        return page.getByText(words, new Page.GetByTextOptions().setExact(false))
                .first();
    }

    private static String bench(long piece, String operation) {
        return "/bench/" + piece + "/" + operation;
    }

    private static void enter(Page page, long piece, String what, String size) {
        page.locator("input[name='" + piece + " " + what + "']").fill(size);
    }

    @Test
    void a_blade_is_ground_belt_by_belt_with_one_side_wrong_and_put_right() {
        long piece = Work.take(owner, 1, Map.of("grind", "PARTIAL_FLAT", "bevelHeight", ".6"));
        Work.workUpTo(shop, owner, piece, "rough-bevels");
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate(bench(piece, "rough-bevels"));
        bram.start();
        assertThat(part(page, "The blade in section").locator("svg")).hasCount(3);
        List<JsonNode> soft = stages(piece, false);
        for (int i = 0; i < soft.size(); i++) {
            assertThat(page.locator("tr[aria-current='step']"))
                    .containsText(soft.get(i).path("words").asString());
            enter(
                    page,
                    piece,
                    "HEEL.EDGE",
                    soft.get(i).path("edge").path("value").asString());
            if (i == 1) {
                enter(page, piece, "HEEL.LEFT", ".600");
                enter(page, piece, "HEEL.RIGHT", ".560");
                bram.press("Keep the readings");
                assertThat(alert(page, "Right 0.040 in lower at the heel: touch the right there"))
                        .isVisible();
                assertThat(part(page, "The blade in section").locator("[data-touch]"))
                        .hasCount(1);
                enter(page, piece, "HEEL.RIGHT", ".598");
            }
            bram.press("Keep the readings");
            assertThat(page.locator("input[name='" + piece + " HEEL.EDGE']")).hasValue("");
            assertThat(part(page, "The blade in section").locator("[data-touch]"))
                    .hasCount(0);
        }
        assertThat(page.getByText("Reads "
                        + soft.get(soft.size() - 1).path("edge").path("value").asString()))
                .isVisible();
        part(page, "From the rack");
        page.locator("input[name='" + piece + " grit']").fill("P80");
        bram.press("Note what was used");
        assertThat(part(page, "Belts")).containsText("belt P80");
        page.locator("input[name='" + piece + " grit']").fill("coarse");
        bram.press("Note what was used");
        assertThat(page.getByText("No table has such a grit")).isVisible();
    }

    @Test
    void under_the_finger_the_blade_is_seen_in_section_anywhere() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "rough-bevels");
        Page page = BROWSER.signedIn(shop, "bram").page();
        page.navigate(bench(piece, "rough-bevels"));
        Locator along = part(page, "Anywhere along the blade");
        assertThat(along).containsText("from the heel");
        String before = along.locator("figcaption").innerText();
        along.getByRole(AriaRole.SLIDER).focus();
        for (int i = 0; i < 20; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(along.locator("figcaption"))
                .not()
                .containsText(before.lines().skip(1).findFirst().orElseThrow());
    }

    @Test
    void a_batch_is_drilled_with_one_hole_off_and_the_next_piece_says_so() {
        long first = Work.take(owner, 2, Map.of());
        long second = first + 1;
        Work.workUpTo(shop, owner, first, "drill-tang-holes");
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate(bench(second, "drill-tang-holes"));
        assertThat(alert(page, "the first of the batch, have not been measured yet"))
                .isVisible();
        page.navigate(bench(first, "drill-tang-holes"));
        JsonNode hole = owner.get("/api/machine/pieces/" + first + "/holes")
                .json()
                .path("parts")
                .get(0)
                .path("holes")
                .get(0);
        String part = "Blade and tang";
        enter(page, first, part + " x", hole.path("x").asString().replace("-", ""));
        enter(page, first, part + " y", hole.path("y").asString());
        bram.press("Keep the hole");
        assertThat(alert(page, "the sign of x was turned")).isVisible();
        page.navigate(bench(second, "drill-tang-holes"));
        assertThat(alert(page, "Put it right before this one is drilled")).isVisible();
        page.navigate(bench(first, "drill-tang-holes"));
        enter(page, first, part + " x", hole.path("x").asString());
        enter(page, first, part + " y", hole.path("y").asString());
        enter(page, first, part + " size", hole.path("diameter").asString());
        bram.press("Keep the hole");
        assertThat(page.locator("[data-off]")).hasCount(0);
        page.navigate(bench(second, "drill-tang-holes"));
        assertThat(part(page, "Measure a hole")).isVisible();
        assertThat(page.getByText("Put it right before")).hasCount(0);
    }

    @Test
    void the_mill_reads_its_moves_and_wears_its_cutters() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG"));
        owner.post(
                        "/api/stock/lots",
                        Map.of(
                                "kind", "CUTTER",
                                "entries",
                                        Map.of(
                                                "what",
                                                "END_MILL",
                                                "diameter",
                                                "1/8",
                                                "sharpness",
                                                "SHARP",
                                                "owner",
                                                "SHOP"),
                                "amount", "1",
                                "pieces", "1",
                                "orderedThickness", "",
                                "claimed", "",
                                "claim", "",
                                "isSure", true))
                .isOk();
        Work.workUpTo(shop, owner, piece, "mill-guard-slot");
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/stations/MILL");
        assertThat(part(page, "Readout sheet")).containsText("Slot, to the right end");
        page.locator("input[name='cutter length']").fill("60 in");
        bram.press("It has cut that");
        assertThat(part(page, "Cutters")).containsText("Carbon steel, annealed: 60 in of about");
        bram.press("A fresh one is in");
        assertThat(part(page, "Cutters")).containsText("It has cut nothing that was noted");
    }

    @Test
    void an_edge_for_vegetables_that_is_asked_as_coarse_is_asked_back_then_put_on_and_tried() {
        long piece = Work.take(
                owner,
                1,
                Map.of("edgeAngle", "22", "edgeTooth", "COARSE", "sharpenedWith", "GUIDED_RODS", "notches", "NONE"));
        Work.workUpTo(shop, owner, piece, "sharpen");
        Maker olwen = BROWSER.signedIn(shop, "olwen");
        Page page = olwen.page();
        page.navigate(bench(piece, "sharpen"));
        assertThat(part(page, "Sharpening")).containsText("The client said: “Onions and herbs”");
        assertThat(page.getByText("Usually vegetables, thin kitchen work want 12 to 15° a side, fine")
                        .first())
                .isVisible();
        assertThat(part(page, "Height of the eye over a clamp")).containsText("22");
        owner.post(
                        Work.address(piece, "sharpen") + "/override",
                        Map.of("rule", "edge-for-use", "reason", "She saws bread with it"))
                .isOk();
        page.locator("input[name='" + piece + " tried on']").fill("tomato");
        olwen.press("Write the trial down");
        assertThat(page.getByText("has not been sharpened yet")).isVisible();
        Work.doStep(shop, owner, piece, "sharpen");
        page.navigate(bench(piece, "cutting-test"));
        page.locator("input[name='" + piece + " tried on']").fill("tomato");
        olwen.press("Write the trial down");
        assertThat(part(page, "Tried on")).containsText("tomato: It cuts along the whole edge");
    }

    @Test
    void the_owner_sets_the_shops_edges_and_goes_back_to_the_usual() {
        Maker olwen = BROWSER.signedIn(shop, "olwen");
        Page page = olwen.page();
        page.navigate("/edges");
        Locator meat = part(page, "Meat, slicing, fish");
        meat.locator("input[name='MEAT least']").fill(".012");
        meat.getByText("Keep", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(part(page, "Meat, slicing, fish")).containsText("The shop's own, by");
        part(page, "Meat, slicing, fish").getByText("Back to the usual").click();
        assertThat(part(page, "Meat, slicing, fish")).containsText("Common practice");
    }

    private static List<JsonNode> stages(long piece, boolean isHard) {
        return owner.get("/api/grind/pieces/" + piece)
                .json()
                .path("stages")
                .valueStream()
                .filter(stage -> stage.path("isHard").asBoolean() == isHard)
                .toList();
    }
}
