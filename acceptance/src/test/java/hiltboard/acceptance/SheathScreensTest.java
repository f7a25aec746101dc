package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The leather bench on the real screen. */
class SheathScreensTest {
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

    private static Locator hung(Page page, String name) {
        return page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + " sheath, ")));
    }

    private static void enter(Page page, String label, String entry) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(entry);
    }

    @Test
    void one_works_on_the_knife_and_another_tries_its_sheath_too_tight() {
        long piece = Work.take(owner, 1, Map.of("sheath", "LEATHER", "sheathRetention", "STRAP"));
        Work.workUpTo(shop, owner, piece, "trial-fit-sheath");
        String name = Work.piece(owner, piece).path("name").asString();
        Maker bram = BROWSER.signedIn(shop, "bram");
        Maker cato = BROWSER.signedIn(shop, "cato");
        assertThat(hung(bram.page(), name)).hasAttribute("aria-label", name + " sheath, cut");
        cato.page().navigate("/sheath?piece=" + piece);
        assertThat(cato.page().getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(name + " in its sheath")))
                .isVisible();
        cato.press("I take it");
        assertThat(cato.page().getByLabel("Whose work the sheath is")).containsText("Cato Lind");
        cato.openStep(piece, "trial-fit-sheath");
        cato.start();
        enter(cato.page(), "What was felt, and where", "binds at the scales");
        cato.press("Too tight");
        assertThat(cato.page().getByText("Nothing is glued yet").first()).isVisible();
        cato.tickAll();
        cato.press("Done");
        assertThat(cato.page().getByText("Put it right and try it again").first())
                .isVisible();
        bram.openStep(piece, "read-brief");
        bram.start();
        assertThat(bram.page()
                        .getByText("Bram Holt is at it")
                        .or(bram.page().getByText("You are at it"))
                        .first())
                .isVisible();
        cato.press("It goes in, holds, and comes out");
        assertThat(cato.page().getByText("binds at the scales")).isVisible();
        cato.press("Done");
        bram.page().navigate("/");
        assertThat(hung(bram.page(), name)).hasAttribute("aria-label", name + " sheath, tried with its knife");
        cato.leave();
        bram.leave();
    }

    @Test
    void a_brand_is_marked_on_the_side_and_the_parts_lie_around_it() {
        Work.take(owner, 1, Map.of("sheath", "LEATHER"));
        Store.receive(owner, "LEATHER", "6 sq ft", "1", "what=VEGETABLE; thickness=1/8");
        Maker cato = BROWSER.signedIn(shop, "cato");
        Page page = cato.page();
        page.navigate("/sheath");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Vegetable-tanned")))
                .click();
        assertThat(page.getByText("Not measured yet")).isVisible();
        enter(page, "Length", "36 in");
        enter(page, "Width", "20 in");
        cato.press("Keep its size");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Measured 36 in × 20 in")))
                .isVisible();
        enter(page, "From the left end", "40 in");
        enter(page, "Up from the lower edge", "4 in");
        enter(page, "Reaches around it by", "2 in");
        cato.press("Mark it");
        assertThat(page.getByText(Pattern.compile("beyond the side")).first()).isVisible();
        enter(page, "From the left end", "4 in");
        cato.press("Mark it");
        assertThat(page.getByText(Pattern.compile("Hole, 4 in from the left"))).isVisible();
        assertThat(page.getByText(Pattern.compile("Cut from the left, they take")))
                .isVisible();
        cato.leave();
    }
}
