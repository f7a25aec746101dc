package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every view of the demo shop under axe (WCAG 2.2 A and AA), and without an error in the browser's console. */
class AccessibilityTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Page page;
    private static final List<String> CONSOLE = new ArrayList<>();
    /** What passes is not written down, which takes most of the time. */
    private static final AxeRunOptions ONLY_VIOLATIONS = new AxeRunOptions();

    /** The narrowest phone, and what 400 % makes of a desk (WCAG 2.2, 1.4.10). */
    private static final int NARROW = 320;

    private static final int LOOKS = 20;
    private static final int BETWEEN_LOOKS_MS = 100;

    private static final int WIDE = 1280;
    private static final int HIGH = 800;
    private static final List<String> WCAG = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    static {
        ONLY_VIOLATIONS.setResultTypes(List.of("violations"));
    }

    @BeforeAll
    static void open() {
        shop = RunningShop.demo();
        page = BROWSER.window(shop.address(), WIDE, HIGH);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")) {
                CONSOLE.add(message.text());
            }
        });
        page.navigate("/");
        page.getByText("Who is at the bench?").waitFor();
        check("sign-in");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ines Aldermoor"))
                .click();
        page.getByRole(AriaRole.NAVIGATION).waitFor();
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/bench",
                "/stations/GRINDER",
                "/stations/MILL",
                "/stations/KILN",
                "/edges",
                "/bench/1/sharpen",
                "/pieces/14/readout",
                "/new",
                "/consult",
                "/jobs/8/consult",
                "/jobs/8/sheet",
                "/prices",
                "/outbox",
                "/calculate",
                "/people",
                "/jobs/2",
                "/clients",
                "/clients/1",
                "/delivered",
                "/backup",
                "/along",
                "/ledger",
                "/pieces/14/chain",
                "/bench/28/scribe-centre-line",
                "/pieces/1",
                "/pieces/14",
                "/bench/1/shape-handle",
                "/bench/14/glue-handle",
                "/bench/14/mill-guard-slot",
                "/pieces/17/hand-over",
                "/stock",
                "/stock/receive",
                "/stock/cutting",
                "/stock/buying",
                "/stock/claims",
                "/stock/table",
                "/stock/lots/28",
                "/forge",
                "/forge/new",
                "/forge/2",
                "/forge/1",
                "/stations/TANK",
                "/tank",
                "/tank/baths/1",
                "/tank/recipes",
                "/tank/stencils",
                "/tank/making",
                "/bench/40/etch",
                "/fit",
                "/bench/43/fit-guard",
                "/glue",
                "/sheath",
                "/sheath/sides/52",
                "/fit?piece=39",
                "/glue/sheets/1",
                "/bench/33/bed-handle",
                "/fire",
                "/fire/loads/1",
                "/fire/loads/3",
                "/fire/pieces/36",
                "/fire/steels",
                "/fire/treater",
                "/fire/treater/1"
            })
    void no_serious_findings(String view) {
        page.navigate(view);
        page.locator("main h1").first().waitFor();
        check(view);
        page.setViewportSize(NARROW, HIGH);
        // What is drawn to a scale is drawn anew a moment after the window has become narrow.
        for (int looks = 0; looks < LOOKS && !beyond().isEmpty(); looks++) {
            page.waitForTimeout(BETWEEN_LOOKS_MS);
        }
        List<?> beyond = beyond();
        page.setViewportSize(WIDE, HIGH);
        assertThat(beyond).as("%s reaches beyond %d px", view, NARROW).isEmpty();
    }

    private static List<?> beyond() {
        return (List<?>) page.evaluate("""
                () => document.documentElement.scrollWidth <= innerWidth ? [] : [...document.querySelectorAll('main *')]
                    .filter((part) => part.getBoundingClientRect().right > innerWidth + 1)
                    .slice(0, 3).map((part) => part.outerHTML.slice(0, 160))""");
    }

    @Test
    void dialogs_have_no_serious_findings() {
        page.navigate("/bench/1/shape-handle");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Went wrong"))
                .click();
        page.getByRole(AriaRole.DIALOG).waitFor();
        check("went wrong");
        page.navigate("/bench");
        page.locator("main h1").first().waitFor();
        page.keyboard().press("/");
        page.keyboard().type("camp");
        page.getByRole(AriaRole.OPTION).first().waitFor();
        check("find");
    }

    @Test
    void a_view_says_what_it_is_and_is_reached_by_keyboard() {
        page.navigate("/stock");
        page.locator("main h1").first().waitFor();
        page.keyboard().press("Tab");
        Seen.assertThat(page.getByText("To what is on the page")).isFocused();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench"))
                .click();
        Seen.assertThat(page.locator("main h1")).isFocused();
        Seen.assertThat(page).hasTitle(Pattern.compile("^Bench · .+"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Sizes", "Make", "Weight and cost", "Proposals", "The talk", "Revisions"})
    void leaves_of_the_talk_have_no_serious_findings(String leaf) {
        page.navigate("/jobs/8/consult");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(leaf)).click();
        page.getByRole(AriaRole.TABPANEL).waitFor();
        check(leaf);
    }

    private static void check(String view) {
        List<String> serious = new AxeBuilder(page)
                .options(ONLY_VIOLATIONS).withTags(WCAG).setLegacyMode(true).analyze().getViolations().stream()
                        .filter(violation -> List.of("serious", "critical").contains(violation.getImpact()))
                        .map(violation -> view + ": " + violation.getId() + " at "
                                + violation.getNodes().get(0).getHtml() + " "
                                + violation.getNodes().get(0).getFailureSummary())
                        .toList();
        assertThat(serious).isEmpty();
        assertThat(CONSOLE.stream().filter(message -> !message.contains("401"))).isEmpty();
    }
}
