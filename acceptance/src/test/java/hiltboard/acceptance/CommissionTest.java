package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** One commission from talk to hand-over on the real screens, by an owner and two makers in windows of their own. */
class CommissionTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    @Test
    void from_talk_to_hand_over() throws IOException {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Maker olwen = BROWSER.signedIn(shop, "olwen");
            Maker bram = BROWSER.signedIn(shop, "bram");
            Maker cato = BROWSER.signedIn(shop, "cato");
            long piece = takeTheJob(olwen.page());
            assertThat(cato.page().getByText("Herb knife")).isVisible();

            Client reader = shop.signedIn("bram");
            int turn = 0;
            for (JsonNode step : Work.piece(reader, piece).path("steps")) {
                Maker maker = turn++ % 2 == 0 ? bram : cato;
                (step.path("isOwners").asBoolean() ? olwen : maker)
                        .doStep(shop, piece, Work.piece(reader, piece), step);
            }
            assertThat(Work.piece(reader, piece).path("now").path("standing").asString())
                    .isEqualTo("HANDED_OVER");
            photographIsKeptWhole(olwen.page(), reader, piece);
            recordIsOneSheet(olwen.page(), piece);
        }
    }

    private static long takeTheJob(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Consult"))
                .click();
        page.getByRole(AriaRole.BANNER)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("New commission"))
                .click();
        page.getByLabel("Client", new Page.GetByLabelOptions().setExact(true)).fill("Petra Vale");
        page.getByLabel("What is it for").fill("Herbs and onions, every day, left-handed");
        page.getByLabel("Called in the shop").fill("Herb knife");
        page.locator("input[name='promisedOn']")
                .fill(LocalDate.now().plusDays(40).toString());
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a wish"))
                .click();
        page.getByLabel("Wish", new Page.GetByLabelOptions().setExact(true)).fill("Blade length");
        page.getByLabel("Asked").fill("7 in");
        page.getByLabel("Agreed").fill("6 in");

        page.locator("input[name='stockThickness']").fill("thick");
        assertThat(page.getByText("“thick” was not understood")).isVisible();
        assertThat(page.locator("input[name='stockThickness']")).hasValue("thick");
        page.locator("input[name='stockThickness']").fill("163 thou");
        assertThat(page.getByText("= 0.163 in")).isVisible();
        page.locator("input[name='bladeLength']").fill("152.4 mm");
        assertThat(page.getByText("= 6.000 in")).isVisible();
        page.locator("input[name='heelWidth']").fill("1-1/2 in");
        choose(page, "Finish", "Etched dark and tumbled");
        choose(page, "Sheath", "Stitched leather sheath");
        assertThat(page.getByLabel("Steps")).containsText("Degrease for the bath");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take the job"))
                .click();
        page.waitForURL(Pattern.compile(".*/pieces/\\d+"));
        assertThat(page.getByText("Herbs and onions, every day, left-handed").first())
                .isVisible();
        assertThat(page.getByText("7 in", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        return Long.parseLong(page.url().replaceAll(".*/", ""));
    }

    private static void choose(Page page, String label, String option) {
        Maker.choose(
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(label + "$"))),
                option);
    }

    private static void photographIsKeptWhole(Page page, Client reader, long piece) throws IOException {
        BufferedImage image = new BufferedImage(1600, 900, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", bytes);
        page.navigate("/pieces/" + piece);
        page.locator("input[type='file']")
                .setInputFiles(new FilePayload("finished.jpg", "image/jpeg", bytes.toByteArray()));
        assertThat(page.getByAltText(Pattern.compile("finished.jpg"))).isVisible();
        long photo = Work.piece(reader, piece)
                .path("past")
                .path("photos")
                .get(0)
                .path("id")
                .asLong();
        byte[] original =
                page.request().get("/api/photos/" + photo + "/original").body();
        assertThat(original).isEqualTo(bytes.toByteArray());
        BufferedImage thumbnail = ImageIO.read(new java.io.ByteArrayInputStream(
                page.request().get("/api/photos/" + photo + "/thumbnail").body()));
        assertThat(thumbnail.getWidth()).isEqualTo(480);
        page.locator("input[type='file']")
                .setInputFiles(
                        new FilePayload("virus.jpg", "image/jpeg", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not a picture");
    }

    private static void recordIsOneSheet(Page page, long piece) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Record and care card"))
                .click();
        assertThat(page.getByText("The blade is carbon steel")).isVisible();
        assertThat(page.getByText("no metal polish")).isVisible();
        assertThat(page.getByText("Petra Vale")).isVisible();
        assertThat(page.getByText("not complete")).not().isVisible();
        for (String paper : new String[] {"A4", "Letter"}) {
            String pdf = new String(page.pdf(new Page.PdfOptions().setFormat(paper)), StandardCharsets.ISO_8859_1);
            assertThat(Pattern.compile("/Type\\s*/Page[^s]")
                            .matcher(pdf)
                            .results()
                            .count())
                    .as(paper)
                    .isEqualTo(1);
        }
    }
}
