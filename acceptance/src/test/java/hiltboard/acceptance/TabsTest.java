package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * A browser keeps six connections to one server (RFC 9112, section 9.4, leaves the number to it); makers open more
 * pages.
 */
class TabsTest {
    private static final int TABS = 9;
    /** More than the stream says again one by one. */
    private static final int MISSED = 520;

    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static void see(Page page, String state) {
        page.evaluate(
                "state => { Object.defineProperty(document, 'visibilityState', { value: state, configurable: true });"
                        + "document.dispatchEvent(new Event('visibilitychange')); }",
                state);
    }

    @Test
    void nine_pages_of_one_browser_work_and_the_first_catches_up_with_all_that_it_missed() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            long piece = Work.take(shop.owner(), 1, Map.of());
            Page first = BROWSER.signedIn(shop, "bram").page();
            List<Page> tabs = new ArrayList<>(List.of(first));
            for (int tab = 1; tab < TABS; tab++) {
                tabs.add(first.context().newPage());
            }
            for (Page tab : tabs) {
                tab.navigate("/pieces/" + piece);
                assertThat(tab.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                        .isVisible();
                see(tab, "hidden");
                tab.waitForTimeout(700);
            }
            first.waitForTimeout(6_000);
            for (int i = 0; i < MISSED; i++) {
                note(shop, piece, "number " + i);
            }
            shop.restart();
            note(shop, piece, "the last of many");
            see(first, "visible");
            assertThat(noted(first, "the last of many")).isVisible();
            note(shop, piece, "and one that is heard at once");
            assertThat(noted(first, "and one that is heard at once")).isVisible();
        }
    }

    private static Locator noted(Page page, String words) {
        return page.getByText(words, new Page.GetByTextOptions().setExact(true));
    }

    private static void note(RunningShop shop, long piece, String words) {
        shop.owner()
                .post("/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", words, "isLesson", false))
                .isOk();
    }
}
