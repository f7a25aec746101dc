package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * The forge on the real screens: a recipe that is refused and mended, two smiths at one recipe, a flaw, a machine, a
 * trip.
 */
class ForgeScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client smith;
    private static Maker bram;
    private static Maker cato;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        smith = shop.signedIn("bram");
        bram = BROWSER.signedIn(shop, "bram");
        cato = BROWSER.signedIn(shop, "cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static long begun(String name) {
        JsonNode questions = smith.get("/api/forge/questions").isOk().json();
        List<Map<String, Object>> steps = List.of(
                ForgeTest.step(questions, "STACK", "pieces", "7"),
                ForgeTest.step(questions, "WELD"),
                ForgeTest.step(questions, "CROP"),
                ForgeTest.step(questions, "DRAW", "toThickness", "7/8", "toWidth", "7/8"));
        return smith.post(
                        "/api/forge/billets",
                        Map.of(
                                "name",
                                name,
                                "steps",
                                steps,
                                "blades",
                                "1",
                                "thickness",
                                "1/4",
                                "width",
                                "1",
                                "length",
                                "6",
                                "pieceId",
                                0,
                                "paid",
                                ""))
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    private static void choose(Page page, String label, String option) {
        Maker.choose(
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(label))
                        .first(),
                option);
    }

    private static Locator step(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    @DisplayName(
            "[trade] a twist in a flat bar is refused; drawn square it is taken, and sharp corners are warned of until they are off")
    void a_recipe_is_refused_and_mended() {
        Page page = bram.page();
        page.navigate("/forge/new");
        page.locator("input[name='name']").fill("Twisted");
        choose(page, "And then", "Twist");
        bram.press("Add this work");
        assertThat(step(page, "5. Twist")).containsText("neither square nor round");
        Locator draw = step(page, "4. Draw out");
        draw.locator("input[name='toThickness']").fill("7/8");
        draw.locator("input[name='toWidth']").fill("7/8");
        assertThat(step(page, "5. Twist")).containsText("Its corners tear");
        choose(page, "And then", "Knock the corners off");
        bram.press("Add this work");
        step(page, "5. Twist")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Later"))
                .click();
        assertThat(step(page, "6. Twist")).containsText("6 turns in");
        assertThat(step(page, "6. Twist")).not().containsText("tear");
        step(page, "5. Knock the corners off")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leave it out"))
                .click();
        assertThat(step(page, "5. Twist")).containsText("Its corners tear");
        page.locator("input[name='pieces']").fill("many");
        assertThat(page.getByText("“many” was not understood")).isVisible();
        assertThat(step(page, "5. Twist").locator("strong")).hasCount(0);
    }

    @Test
    void two_smiths_at_one_recipe_see_each_other_and_choose() {
        long id = begun("Two at once");
        for (Maker maker : new Maker[] {bram, cato}) {
            maker.page().navigate("/forge/" + id);
            maker.press("Change the recipe");
            maker.page().locator("input[name='name']").fill(maker == bram ? "Bram’s way" : "Cato’s way");
        }
        bram.press("Keep the changed recipe");
        assertThat(bram.page().locator("main h1")).hasText("Bram’s way");
        cato.press("Keep the changed recipe");
        assertThat(cato.page().getByRole(AriaRole.DIALOG)).containsText("Bram Holt kept another recipe");
        cato.press("Use mine");
        assertThat(cato.page().locator("main h1")).hasText("Cato’s way");
        assertThat(bram.page().locator("main h1")).hasText("Cato’s way");
    }

    @Test
    @DisplayName("[worked] a flaw 0.030 in deep in 0.250 in leaves 0.190 in, thinner than the 0.200 in wanted; a "
            + "no-go stops the work for everybody until somebody lets it go on")
    void a_flaw_is_weighed_and_decided() {
        long id = begun("Flawed");
        Store.receive(smith, "BAR", "60 in", "1", "what=1084; thickness=1/8; width=1-1/2");
        Store.receive(smith, "BAR", "60 in", "1", "what=75Ni8; thickness=1/16; width=1-1/2");
        Page page = bram.page();
        page.navigate("/forge/" + id);
        bram.press("Cut the bars from the racks");
        assertThat(bram.button("Cut the bars from the racks")).hasCount(0);
        decide(bram, "It does not go on");
        cato.page().navigate("/forge/" + id);
        cato.press("Done");
        assertThat(cato.page().getByText("Bram Holt said that it does not go on so"))
                .isVisible();
        decide(bram, "It goes on");
        cato.press("Done");
        assertThat(page.locator("li[data-standing='DONE']")).hasCount(1);
        cato.press("Take it back");
        assertThat(page.locator("li[data-standing='DONE']")).hasCount(0);
    }

    private static void decide(Maker maker, String decision) {
        Page page = maker.page();
        maker.press("A flaw was found");
        Locator flaws = step(page, "Flaws");
        flaws.locator("input[name='depth']").fill(".030");
        flaws.locator("input[name='thickness']").fill(".250");
        flaws.locator("input[name='wanted']").fill(".200");
        maker.press("What does it leave?");
        assertThat(flaws).containsText("= 0.190 in");
        assertThat(flaws).containsText("Thinner than the 0.200 in wanted");
        maker.press(decision);
        assertThat(flaws).containsText(decision.equals("It goes on") ? "Goes on" : "Does not go on");
    }

    @Test
    void a_borrowed_press_has_its_day_and_its_list_which_both_makers_tick() {
        begun("For the press");
        Page page = bram.page();
        page.navigate("/forge");
        bram.press("Another one");
        page.locator("input[name='name']").fill("Big press");
        bram.press("Write it down");
        assertThat(page.getByText("How hard it presses is not understood")).isVisible();
        for (Map.Entry<String, String> entry : Map.of(
                        "tons", "60", "die", "3 in", "longest", "30 in", "thickest", "5 in", "owner", "the farrier")
                .entrySet()) {
            page.locator("input[name='" + entry.getKey() + "']").fill(entry.getValue());
        }
        bram.press("Write it down");
        assertThat(step(page, "Machines and fires")).containsText("borrowed from the farrier");
        page.locator("input[name='day']").fill(LocalDate.now().plusDays(9).toString());
        bram.press("Make the carry list");
        Locator trip = step(page, "Trip to Big press");
        assertThat(trip).containsText("Fuel for the welding heat");
        cato.page().navigate("/forge");
        step(cato.page(), "Trip to Big press").getByText("Wire brush").click();
        assertThat(trip).containsText("1 of");
        bram.press("It is over");
        assertThat(trip).hasCount(0);
    }
}
