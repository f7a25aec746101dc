package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** What an owner takes along, brings, and has forgotten, on the page. */
class AlongScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    @TempDir
    Path places;

    @Test
    void an_owner_takes_a_job_to_another_shop_and_has_its_client_forgotten() {
        try (RunningShop from = RunningShop.withTwoMakers();
                RunningShop to = RunningShop.withTwoMakers()) {
            Map<String, Object> wanted = new TreeMap<>(Work.commission(from.owner(), 1, Map.of()));
            wanted.put("clientName", "Ottilie Quarmby");
            long piece = from.owner()
                    .post("/api/jobs", wanted)
                    .isOk()
                    .json()
                    .path("about")
                    .asLong();
            Maker owner = BROWSER.signedIn(from, "olwen");
            Page page = owner.page();
            page.navigate("/along");
            choose(page, "Job", "001 Kitchen knife, Ottilie Quarmby");
            owner.press("Write this job");
            Locator archive = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("001-Kitchen-knife"));
            assertThat(archive).isVisible();
            Download download = page.waitForDownload(archive::click);
            Path file = places.resolve(download.suggestedFilename());
            download.saveAs(file);

            Maker other = BROWSER.signedIn(to, "olwen");
            other.page().navigate("/along");
            other.page()
                    .waitForFileChooser(() -> other.press("Bring a job from another shop…"))
                    .setFiles(file);
            Locator dialog = other.page().getByRole(AriaRole.DIALOG);
            assertThat(dialog).containsText("001 Kitchen knife, 1 piece, 0 photographs");
            other.press("Take it in");
            assertThat(dialog).hasCount(0);
            Assertions.assertThat(Work.piece(to.owner(), 1).path("name").asString())
                    .isEqualTo("001");

            choose(page, "Client", "Ottilie Quarmby (001)");
            owner.press("Forget them…");
            Locator asked = page.getByRole(AriaRole.DIALOG);
            assertThat(asked).containsText("One piece of theirs is still being made");
            page.keyboard().press("Escape");
            Work.scrap(from.owner(), piece, "choose-stock", "cracked");
            owner.press("Forget them…");
            owner.press("Forget them for good");
            assertThat(asked).hasCount(0);
            Assertions.assertThat(from.owner().get("/api/along").text()).doesNotContain("Quarmby");
        }
    }

    private static void choose(Page page, String label, String option) {
        Maker.choose(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Choose… " + label)), option);
    }
}
