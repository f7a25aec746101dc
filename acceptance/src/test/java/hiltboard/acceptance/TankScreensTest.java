package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The tank on the real screen. */
class TankScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client owner;
    private static Tank tank;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        tank = new Tank(shop.signedIn("bram"));
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static long ready(String until, Map<String, String> answers) {
        long piece = Work.take(owner, 1, answers);
        Work.workUpTo(shop, owner, piece, until);
        return piece;
    }

    private static String name(long piece) {
        return Work.piece(owner, piece).path("name").asString();
    }

    private static Locator clock(Page page, String piece) {
        return page.getByLabel("Clock of " + piece, new Page.GetByLabelOptions().setExact(true));
    }

    private static void press(Locator in, String words) {
        Locator button = in.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(words).setExact(true));
        assertThat(in.page().locator("main[aria-busy='true']")).hasCount(0);
        button.click();
    }

    private static void list(Page page, String label, String option) {
        Maker.choose(
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(label)))
                        .last(),
                option);
    }

    @Test
    void five_pattern_blades_go_through_three_cycles_by_one_maker() {
        long first = Work.take(
                owner,
                5,
                Map.of("finish", "PATTERN", "steelForm", "PATTERN_WELDED", "steel", "1084", "bladeLength", "4"));
        List<Long> pieces = List.of(first, first + 1, first + 2, first + 3, first + 4);
        pieces.forEach(piece -> Work.workUpTo(shop, owner, piece, "degrease-for-etch"));
        pieces.forEach(piece -> Work.doStep(shop, owner, piece, "degrease-for-etch"));
        tank.bath();
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/tank");
        for (long piece : pieces) {
            page.getByLabel("Can go in now").getByText(name(piece) + ",").click();
        }
        page.getByLabel("Or why it goes in without one").fill("a scrap of the billet came out right yesterday");
        bram.press("All 5 on the tank’s clock");
        for (int cycle = 1; cycle <= 3; cycle++) {
            for (long piece : pieces) {
                Locator clock = clock(page, name(piece));
                assertThat(clock).containsText("cycle " + cycle + " of 3");
                press(clock, cycle == 1 ? "In" : "In, cycle " + cycle);
                assertThat(clock).containsText("in the bath");
            }
            shop.clock().putForward(Duration.ofSeconds(310));
            for (long piece : pieces) {
                Locator clock = clock(page, name(piece));
                press(clock, "Out");
                assertThat(clock).containsText("clock stands");
                press(clock, "even");
                assertThat(clock.getByLabel("Cycles")).containsText("even");
                assertThat(clock).containsText(cycle < 3 ? "sand with 3000" : "Coffee");
            }
        }
        Locator last = clock(page, name(first));
        press(last, "Into: Coffee");
        assertThat(last).containsText("in the after-bath");
        shop.clock().putForward(Duration.ofMinutes(61));
        page.reload();
        assertThat(last.getByRole(AriaRole.ALERT)).containsText("Its time is up");
        press(last, "Out of: Coffee");
        Locator result = page.getByLabel("Result of " + name(first));
        assertThat(result).containsText("polish back with 2500");
        Maker.choose(result.getByRole(AriaRole.BUTTON).first(), "As wished");
        result.getByLabel("In words").fill("stands out, even");
        press(result, "Keep the result");
        assertThat(result).hasCount(0);
        page.navigate("/bench/" + first + "/etch");
        assertThat(bram.standing()).containsText("The rest is up");
        bram.tickAll();
        bram.press("Done");
        assertThat(bram.standing()).containsText("Done");
    }

    @Test
    void the_first_look_finds_a_fingerprint() {
        long piece = ready("etch", Map.of("finish", "ETCHED_DARK_TUMBLED", "steel", "1095"));
        tank.bath("name", "Tube of the first look");
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/bench/" + piece + "/etch");
        list(page, "In which bath", "Tube of the first look");
        bram.press("On the tank’s clock");
        Locator clock = clock(page, name(piece));
        press(clock, "In");
        assertThat(clock).containsText("in the bath");
        shop.clock().putForward(Duration.ofSeconds(6));
        page.reload();
        assertThat(clock.getByRole(AriaRole.ALERT)).containsText("First look");
        press(clock, "Out");
        assertThat(clock).containsText("clock stands");
        press(clock, "spots");
        assertThat(clock.getByLabel("Cycles")).containsText("spots");
        assertThat(clock).containsText("wipe it, solvent");
        clock.getByText("It went wrong…").click();
        assertThat(page.getByText("Do it again from “Etch”")).isVisible();
    }

    @Test
    void a_bath_that_has_aged_takes_longer_and_says_so() {
        long piece = ready("etch", Map.of("finish", "ETCHED_DARK_TUMBLED", "steel", "1095"));
        long bath = tank.bath("name", "Old tube");
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/tank/baths/" + bath);
        assertThat(page.getByLabel("Its age")).containsText("fresh: the recipe’s own time");
        page.getByLabel("Steel of the coupon").fill("1095");
        page.getByLabel("In a fresh bath it takes").fill("1 h");
        page.getByLabel("Today it took").fill("an hour and a half");
        bram.press("Keep the coupon");
        assertThat(page.getByText("was not understood").first()).isVisible();
        page.getByLabel("Today it took").fill("1 h 30 min");
        bram.press("Keep the coupon");
        assertThat(page.getByLabel("Its age"))
                .containsText("1.5 times as long as fresh (1.2–1.8), one trial in this bath");
        page.navigate("/bench/" + piece + "/etch");
        list(page, "In which bath", "Old tube");
        assertThat(page.getByText("Old tube: 1.5 times as long")).isVisible();
        bram.press("On the tank’s clock");
        assertThat(clock(page, name(piece))).containsText("of 2 min to 5 min 30 s");
    }

    @Test
    void two_tones_by_mask_with_a_wish_that_cannot_be() {
        long piece = ready("mask", Map.of("finish", "TWO_TONE_MASKED", "steel", "1084"));
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/bench/" + piece + "/mask");
        bram.press("A band along the blade");
        bram.press("A band along the blade");
        page.locator("input[name='zone 0 name']").fill("leaves");
        page.locator("input[name='zone 0 to']").fill("1 in");
        page.locator("input[name='zone 0 wanted']").fill("30 s");
        page.locator("input[name='zone 1 name']").fill("ground");
        page.locator("input[name='zone 1 from']").fill("1 in");
        page.locator("input[name='zone 1 to']").fill("2 in");
        page.locator("input[name='zone 1 wanted']").fill("210 s");
        bram.press("Work out the openings");
        assertThat(page.getByText("leaves is opened before it and goes on etching"))
                .isVisible();
        bram.press("Open it earlier");
        bram.press("Work out the openings");
        assertThat(page.getByText("ground: 180 s + 30 s = 210 s")).isVisible();
        assertThat(page.getByText("Open: ground")).isVisible();
        assertThat(page.locator("[data-zone]")).hasCount(2);
    }

    @Test
    void a_zone_is_drawn_on_the_blade_with_a_finger() {
        long piece = ready("mask", Map.of("finish", "TWO_TONE_MASKED", "steel", "1084"));
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/bench/" + piece + "/mask");
        Locator blade = page.getByLabel("The blade with the zones of its mask");
        blade.scrollIntoViewIfNeeded();
        var box = blade.boundingBox();
        double x = box.x + box.width * 0.4;
        double y = box.y + box.height * 0.5;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 80, y - 12);
        page.mouse().move(x + 120, y + 12);
        page.mouse().move(x + 40, y + 14);
        page.mouse().up();
        page.locator("input[name='zone 0 wanted']").fill("2 min");
        bram.press("Work out the openings");
        assertThat(page.locator("[data-zone]")).hasCount(1);
        assertThat(page.getByLabel("Opening 1")).containsText("cm² a face");
    }

    @Test
    void a_mark_is_made_with_its_pause_and_its_stencil_counts_down() {
        long piece = ready("electro-mark", Map.of("mark", "ELECTRO_ETCHED"));
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/tank/stencils");
        page.getByLabel("What it shows").fill("Crossed edges");
        bram.press("Write it down");
        assertThat(page.getByLabel("Crossed edges")).containsText("12 of 12 marks left");
        page.navigate("/bench/" + piece + "/electro-mark");
        bram.start();
        page.locator("input[name='mark amperes']").fill("2");
        page.locator("input[name='mark area']").fill("2");
        bram.press("Stencil is on");
        Locator mark = page.getByLabel("Mark of " + name(piece));
        assertThat(mark).containsText("an estimate");
        press(mark, "Current on");
        assertThat(mark).containsText("Off");
        shop.clock().putForward(Duration.ofSeconds(61));
        page.reload();
        assertThat(mark.getByRole(AriaRole.ALERT)).containsText("A minute of current");
        press(mark, "Off");
        assertThat(mark.getByRole(AriaRole.ALERT)).containsText("Cool it in water");
        press(mark, "Cooled in water");
        press(mark, "Current on");
        press(mark, "Off");
        press(mark, "Sharp");
        assertThat(page.getByText("At the left of the ricasso, Crossed edges")).isVisible();
        page.navigate("/tank/stencils");
        assertThat(page.getByLabel("Crossed edges")).containsText("11 of 12 marks left");
    }

    @Test
    void a_recipe_is_copied_changed_and_used() {
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/tank/recipes");
        Locator grey = page.getByLabel("Even grey", new Page.GetByLabelOptions().setExact(true));
        grey.getByRole(AriaRole.BUTTON).first().click();
        press(grey, "Copy it");
        grey.getByLabel("Cycle 1, in the bath").fill("soon");
        press(grey, "Keep the recipe");
        assertThat(grey.getByText("was not understood").first()).isVisible();
        grey.getByLabel("Cycle 1, in the bath").fill("40-50 s");
        press(grey, "Keep the recipe");
        Locator ours = page.getByLabel("Even grey, ours", new Page.GetByLabelOptions().setExact(true));
        assertThat(ours).containsText("40–50 s");
        long piece = ready("etch", Map.of("finish", "ETCHED_GREY", "steel", "1084"));
        tank.bath("name", "Grey tube");
        page.navigate("/bench/" + piece + "/etch");
        list(page, "By which recipe", "Even grey, ours");
        list(page, "In which bath", "Grey tube");
        bram.press("On the tank’s clock");
        assertThat(clock(page, name(piece))).containsText("of 40–50 s");
    }

    @Test
    void ferric_chloride_waits_for_the_bubbles_and_for_the_heat() {
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/tank/making");
        bram.press("Work it out");
        assertThat(page.getByText("Nothing was entered").first()).isVisible();
        page.getByLabel("Hydrochloric acid, how much").fill("300 mL");
        page.getByLabel("Iron, clean and degreased").fill("55 g");
        page.getByLabel("Peroxide, how much").fill("560 mL");
        bram.press("Work it out");
        assertThat(page.getByText("portions of")).isVisible();
        bram.press("Begin, outdoors");
        bram.press("No bubble rises from fresh iron");
        page.getByLabel("How warm the vessel is now").fill("60 C");
        bram.press("A portion goes in");
        assertThat(page.getByText("Too hot for the next portion")).isVisible();
        page.getByLabel("How warm the vessel is now").fill("25 C");
        bram.press("A portion goes in");
        assertThat(page.getByText("The last one still works")).isVisible();
        bram.press("End it here");
        assertThat(bram.button("Work it out")).isVisible();
    }
}
