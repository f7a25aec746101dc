package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The fitting bench on the real screen. */
class FitScreensTest {
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

    private static long ready(String until, Map<String, String> answers) {
        Map<String, String> hidden = new HashMap<>(answers);
        hidden.put("construction", "HIDDEN_TANG");
        long piece = Work.take(owner, 1, hidden);
        Work.workUpTo(shop, owner, piece, until);
        return piece;
    }

    private static void enter(Page page, String label, String entry) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(entry);
    }

    private static void unfold(Page page, String title) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + title)))
                .click();
    }

    private static void level(Maker maker, String blows, String left, String right) {
        enter(maker.page(), "Blows, all together", blows);
        enter(maker.page(), "Open on the left", left);
        enter(maker.page(), "Open on the right", right);
        maker.press("Keep the level");
    }

    private static Locator now(Page page) {
        return page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("blow|Askew|Level")));
    }

    @Test
    void one_drives_the_guard_on_at_the_vice_and_another_follows_it_on_the_wall_tablet() {
        long piece = ready("fit-guard", Map.of());
        Maker bram = BROWSER.signedIn(shop, "bram");
        Maker cato = BROWSER.signedIn(shop, "cato");
        cato.page().navigate("/fit?piece=" + piece);
        bram.openStep(piece, "fit-guard");
        bram.start();
        level(bram, "3", ".220", ".219");
        assertThat(now(bram.page())).containsText("to go: a few more blows");
        level(bram, "6", ".120", ".112");
        assertThat(now(bram.page())).containsText("the next blow on the left");
        assertThat(now(cato.page())).containsText("the next blow on the left");
        bram.tickAll();
        bram.press("Done");
        assertThat(bram.page().getByText("not level and home by its last reading"))
                .isVisible();
        level(bram, "9", ".001", ".002");
        assertThat(now(bram.page())).containsText("one firm blow to print");
        Maker.choose(
                cato.page()
                        .getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName(Pattern.compile("The print reads"))),
                "Only at a corner");
        assertThat(bram.page().getByText("One corner of a shoulder stands proud"))
                .isVisible();
        Maker.choose(
                bram.page()
                        .getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName(Pattern.compile("The print reads"))),
                "Even all round");
        assertThat(cato.page().getByText("It bears everywhere")).isVisible();
        bram.press("Done");
        assertThat(bram.standing()).containsText("Done");
        bram.leave();
        cato.leave();
    }

    @Test
    void the_tang_is_seen_in_section_wherever_a_finger_lies() {
        long piece = ready("mill-guard-slot", Map.of());
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/fit?piece=" + piece);
        Locator field = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Tang in its parts"));
        assertThat(field).containsText("Slot of the guard");
        Locator rail = field.getByRole(AriaRole.SLIDER);
        rail.focus();
        rail.press("Home");
        assertThat(field).containsText("Handle block");
        assertThat(field).containsText("around the tang");
        assertThat(page.getByLabel("How the parts go on")).containsText("Lip of the guard: tight by");
        bram.leave();
    }

    @Test
    void a_pin_that_would_break_out_and_a_cavity_that_breaks_through_are_refused_where_they_are_typed() {
        long piece = ready("open-cavity", Map.of("alignmentPins", "TWO", "handleThickness", "1", "guardWidth", "1"));
        Maker bram = BROWSER.signedIn(shop, "bram");
        bram.openStep(piece, "open-cavity");
        enter(bram.page(), "Long drill", "1");
        bram.press("Open it so");
        assertThat(bram.page()
                        .getByText(Pattern.compile("breaks through the finished handle"))
                        .first())
                .isVisible();
        enter(bram.page(), "Long drill", "");
        bram.press("Open it so");
        assertThat(bram.page().getByText("nobody has chosen yet")).hasCount(0);
        unfold(bram.page(), "Alignment pins");
        enter(bram.page(), "First, across", ".48");
        enter(bram.page(), "Other, across", "-.48");
        bram.press("Lay the pins down so");
        assertThat(bram.page().getByText(Pattern.compile("outline")).first()).isVisible();
        bram.press("Where most stays");
        assertThat(bram.page().getByText("As they were laid down")).isVisible();
        bram.leave();
    }

    @Test
    void a_spacer_is_measured_faced_and_thought_of_once_more() {
        long piece = ready("make-spacer", Map.of());
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        bram.openStep(piece, "make-spacer");
        bram.start();
        Locator stack = page.getByLabel("The stack", new Page.GetByLabelOptions().setExact(true));
        stack.getByLabel("Spacer", new Locator.GetByLabelOptions().setExact(true))
                .fill(".131");
        bram.press("Keep the thickness");
        assertThat(stack).containsText("0.131 in");
        assertThat(page.getByText("Reads 0.131 in")).isVisible();
        unfold(page, "One more spacer");
        stack.getByLabel("Thickness of the spacer").fill("1/8");
        assertThat(stack).containsText("+ 0.125 in");
    }
}
