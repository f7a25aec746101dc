package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The talk at the table on the real screens, and the client's page in a window that is not signed in. */
class ConsultTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private RunningShop shop;
    private Client owner;

    @BeforeEach
    void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
    }

    @AfterEach
    void close() {
        shop.close();
    }

    @Test
    void from_a_blank_consult_to_the_clients_yes_and_the_benches_get_what_was_approved() {
        Page table = BROWSER.signedIn(shop, "olwen").page();
        table.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Consult"))
                .click();
        table.getByRole(AriaRole.BANNER)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("New commission"))
                .click();
        table.getByLabel("Client", new Page.GetByLabelOptions().setExact(true)).fill("Petra Vale");
        table.getByLabel("What is it for").fill("Herbs and onions, every day");
        table.getByLabel("Called in the shop").fill("Herb knife");
        table.locator("input[name='promisedOn']")
                .fill(LocalDate.now().plusDays(40).toString());
        button(table, "Take the job").click();
        table.waitForURL(Pattern.compile(".*/pieces/\\d+"));
        long piece = Long.parseLong(table.url().replaceAll(".*/", ""));
        table.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Consult"))
                .click();

        button(table, "Longer").click();
        assertThat(table.getByText("Last change: +")).isVisible();
        tab(table, "Revisions");
        table.getByLabel("What we changed, and why").fill("A quarter inch longer, for the onions.");
        button(table, "Keep as revision 2").click();
        assertThat(table.getByText("Blade length was 4 in, is 4.25 in", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        button(table, "Lay over revision 1").click();
        assertThat(table.getByLabel("Both outlines")).isVisible();
        button(table, "Close").click();

        button(table, "Send to the client").first().click();
        table.getByLabel("A few words to go with it").fill("As we spoke about it.");
        table.getByLabel("Price, if you want to name it").fill("280");
        button(table, "Make the link").click();
        String link = table.locator("a[href^='/k/']").getAttribute("href");

        Page client = BROWSER.window(shop.address(), 800, 1100);
        client.navigate(link);
        assertThat(client.getByLabel("Drawing of Herb knife, revision 2")).isVisible();
        assertThat(client.getByText("As we spoke about it.")).isVisible();
        assertThat(client.getByText("280")).isVisible();
        assertThat(client.getByText("Balance")).hasCount(0);
        assertThat(client.getByRole(AriaRole.NAVIGATION)).hasCount(0);
        client.getByLabel("Your name").fill("Petra Vale");
        button(client, "Yes, this is my knife").click();
        assertThat(client.getByText("The drawing is approved")).isVisible();
        assertThat(client.getByRole(AriaRole.STATUS)).containsText("Thank you");

        assertThat(table.getByText("Approved by Petra Vale")).isVisible();
        JsonNode file = Work.piece(owner, piece);
        assertThat(Work.step(file, "approve-outline").path("standing").asString())
                .isEqualTo("DONE");
        assertThat(Work.number(file, "blade.length").path("expected").asString())
                .isEqualTo("4.250 in");
        client.reload();
        assertThat(client.getByText("The drawing is approved")).isVisible();
    }

    @Test
    void dragging_typing_and_saying_agree_by_finger_and_by_key() {
        long piece = Work.take(owner, 1, Map.of());
        Page table = BROWSER.signedIn(shop, "olwen").page();
        table.navigate(
                "/jobs/" + Work.piece(owner, piece).path("job").path("id").asLong() + "/consult");
        Locator belly = table.locator("[data-grip='belly']");
        belly.waitFor();
        assertThat(table.locator("dd").first()).isVisible();

        BoundingBox box = belly.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        table.mouse().move(x, y);
        table.mouse().down();
        for (int i = 1; i <= 6; i++) {
            table.mouse().move(x, y + 2 * i);
        }
        table.mouse().up();
        assertThat(table.getByText("Last change: +")).isVisible();
        tab(table, "Sizes");
        Locator bow = table.locator("input[name='bellyBow']");
        assertThat(bow).hasValue(Pattern.compile("0\\.\\d{3} in"));
        String shown = bow.inputValue();
        double dragged = Double.parseDouble(shown.replace(" in", ""));

        tab(table, "What is said");
        button(table, "Less belly").click();
        tab(table, "Sizes");
        assertThat(bow).not().hasValue(shown);
        assertThat(Double.parseDouble(bow.inputValue().replace(" in", "")))
                .isCloseTo(dragged - 1 / 32d, within(0.0006));

        String said = bow.inputValue();
        finger(belly, "pointerdown", 0);
        for (int i = 1; i <= 5; i++) {
            finger(belly, "pointermove", -2 * i);
        }
        finger(belly, "pointerup", -10);
        assertThat(bow).not().hasValue(said);
        bow.fill("2 in");
        assertThat(table.getByRole(AriaRole.STATUS).first()).containsText("runs past the point");
        assertThat(bow).hasValue("2 in");
        bow.fill(".15");
        assertThat(table.getByText("= 0.150 in")).isVisible();
        belly.focus();
        for (int i = 0; i < 4; i++) {
            table.keyboard().press("ArrowDown");
        }
        assertThat(bow).not().hasValue(".15");
        button(table, "Take back").click();
        assertThat(table.locator("[data-grip]")).not().hasCount(0);
        table.reload();
        tab(table, "Sizes");
        assertThat(bow).not().hasValue("");
    }

    @Test
    void a_link_cannot_be_guessed_used_after_withdrawal_or_expiry_or_lead_further() {
        long job = Work.piece(owner, Work.take(owner, 1, Map.of()))
                .path("job")
                .path("id")
                .asLong();
        String token = link(job, 2);
        Client stranger = Client.at(shop.address());
        JsonNode seen = stranger.get("/api/client/" + token).isOk().json();
        assertThat(seen.path("figures")
                        .valueStream()
                        .map(each -> each.path("key").asString()))
                .containsExactly("weight");
        assertThat(seen.toString())
                .doesNotContain("Greta Moss lives")
                .doesNotContain("\"cost\"")
                .doesNotContain("route")
                .doesNotContain("journal");
        for (String path : List.of(
                "/api/wall",
                "/api/jobs/" + job + "/consult",
                "/api/pieces/1",
                "/api/pieces/1/files/template.svg",
                "/api/prices",
                "/api/live",
                "/api/design/questions",
                "/api/consult")) {
            assertThat(stranger.get(path).status()).as(path).isEqualTo(401);
        }
        assertThat(stranger.post("/api/jobs/" + job + "/revisions", Map.of("entries", Map.of(), "words", ""))
                        .status())
                .isEqualTo(401);
        String other = (token.charAt(0) == 'A' ? "B" : "A") + token.substring(1);
        stranger.get("/api/client/" + other).isRefused(404, "not-there");
        stranger.post("/api/client/" + token + "/approve", Map.of("name", " ", "words", ""))
                .isRefused(422, "entries");
        stranger.post("/api/client/" + token + "/wish", Map.of("name", "Greta Moss", "words", "A darker handle"))
                .isOk();
        assertThat(owner.get("/api/jobs/" + job + "/consult")
                        .json()
                        .path("revisions")
                        .get(0)
                        .path("wishes")
                        .get(0)
                        .path("words")
                        .asString())
                .isEqualTo("A darker handle");

        for (int wishes = 1; wishes < 20; wishes++) {
            stranger.post("/api/client/" + token + "/wish", Map.of("name", "Greta Moss", "words", "and " + wishes))
                    .isOk();
        }
        stranger.post("/api/client/" + token + "/wish", Map.of("name", "Greta Moss", "words", "one more"))
                .isRefused(409, "out-of-turn");

        long id = owner.get("/api/jobs/" + job + "/consult")
                .json()
                .path("links")
                .get(0)
                .path("id")
                .asLong();
        owner.post("/api/jobs/" + job + "/links/" + id + "/withdraw", Map.of()).isOk();
        stranger.get("/api/client/" + token).isRefused(404, "not-there");
        stranger.post("/api/client/" + token + "/approve", Map.of("name", "Greta Moss", "words", ""))
                .isRefused(404, "not-there");

        String shortLived = link(job, 2);
        stranger.get("/api/client/" + shortLived).isOk();
        shop.clock().putForward(Duration.ofDays(2).plusMinutes(1));
        stranger.post("/api/client/" + shortLived + "/approve", Map.of("name", "Greta Moss", "words", ""))
                .isRefused(404, "not-there");
        assertThat(shop.signedIn("bram")
                        .post(
                                "/api/jobs/" + job + "/links",
                                Map.of("revision", 1, "message", "", "price", "", "shown", List.of(), "days", 3))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void an_approval_does_not_change_a_piece_that_was_begun_to_another_drawing() {
        long piece = Work.take(owner, 2, Map.of());
        long job = Work.piece(owner, piece).path("job").path("id").asLong();
        owner.post("/api/jobs/" + job + "/revisions", Map.of("entries", Map.of("bladeLength", "5"), "words", "longer"))
                .isOk();
        Work.doStep(shop, owner, piece, "approve-outline");
        owner.post("/api/jobs/" + job + "/revisions/2/approve", Map.of("name", "Greta Moss"))
                .isOk();
        assertThat(Work.number(Work.piece(owner, piece), "blade.length")
                        .path("expected")
                        .asString())
                .isEqualTo("4.000 in");
        assertThat(Work.number(Work.piece(owner, piece + 1), "blade.length")
                        .path("expected")
                        .asString())
                .isEqualTo("5.000 in");
        owner.post("/api/jobs/" + job + "/revisions/2/approve", Map.of("name", "Greta Moss"))
                .isRefused(409, "out-of-turn");
    }

    @Test
    void prices_make_the_materials_cost_what_they_cost() {
        owner.post("/api/prices", Map.of("item", "pin", "amount", "1.50", "from", ""))
                .isOk();
        owner.post("/api/prices", Map.of("item", "hour", "amount", "40", "from", ""))
                .isOk();
        owner.post("/api/prices", Map.of("item", "pin", "amount", "a lot", "from", ""))
                .isRefused(422, "entries");
        assertThat(shop.signedIn("bram")
                        .post("/api/prices", Map.of("item", "pin", "amount", "9", "from", ""))
                        .status())
                .isEqualTo(403);
        JsonNode figures = owner.post(
                        "/api/design/read",
                        Map.of("entries", Map.of("pinCount", "3"), "before", Map.of(), "useWords", ""))
                .isOk()
                .json()
                .path("figures");
        assertThat(figures.path("materialCost").asString()).isEqualTo("4.50");
        assertThat(figures.path("missingPrices").valueStream().map(JsonNode::asString))
                .contains("1084, carbon steel", "Black walnut")
                .doesNotContain("Pin or fastener");
    }

    @Test
    void proposals_stand_side_by_side_and_the_reason_for_one_stays() {
        long job = Work.piece(owner, Work.take(owner, 1, Map.of()))
                .path("job")
                .path("id")
                .asLong();
        for (String material : List.of("WALNUT", "BONE", "GLASS_EPOXY")) {
            owner.post(
                            "/api/jobs/" + job + "/proposals",
                            Map.of("name", material, "entries", Map.of("handleMaterial", material)))
                    .isOk();
        }
        Page table = BROWSER.signedIn(shop, "olwen").page();
        table.navigate("/jobs/" + job + "/consult");
        tab(table, "Proposals");
        assertThat(table.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Drawing of")))
                .hasCount(3);
        table.getByLabel("BONE", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Choose this one"))
                .click();
        table.getByLabel("Why this one?").fill("Warm in the hand");
        button(table, "Choose it").click();
        assertThat(table.getByText("Chosen: Warm in the hand")).isVisible();
        assertThat(table.getByRole(AriaRole.STATUS).first()).containsText("Last change: +");
        JsonNode bone = owner.get("/api/jobs/" + job + "/consult")
                .json()
                .path("proposals")
                .get(1);
        assertThat(bone.path("isTaken").asBoolean()).isTrue();
        owner.post("/api/jobs/" + job + "/proposals/" + bone.path("id").asLong() + "/choose", Map.of("reason", " "))
                .isRefused(422, "entries");
    }

    @Test
    void a_sketch_stands_beside_the_drawing_and_goes_to_the_client_only_when_the_owner_shows_it() {
        long job = Work.piece(owner, Work.take(owner, 1, Map.of()))
                .path("job")
                .path("id")
                .asLong();
        Page table = BROWSER.signedIn(shop, "olwen").page();
        table.navigate("/jobs/" + job + "/consult");
        tab(table, "The talk");
        table.locator("input[type='file']").setInputFiles(new FilePayload("napkin.png", "image/png", Pictures.png()));
        assertThat(table.getByAltText("napkin.png")).isVisible();
        table.locator("input[type='file']")
                .setInputFiles(new FilePayload(
                        "script.svg", "image/svg+xml", "<svg onload='x'/>".getBytes(StandardCharsets.UTF_8)));
        assertThat(table.getByRole(AriaRole.ALERT)).containsText("not a picture");
        Client stranger = Client.at(shop.address());
        stranger.get("/api/client/" + link(job, 3) + "/sketch").isRefused(404, "not-there");
        assertThat(stranger.get("/api/jobs/" + job + "/sketches/1").status()).isEqualTo(401);
        owner.post(
                        "/api/jobs/" + job + "/links",
                        Map.of("revision", 1, "message", "", "price", "", "shown", List.of("sketch"), "days", 3))
                .isOk();
        JsonNode links = owner.get("/api/jobs/" + job + "/consult").json().path("links");
        assertThat(stranger.bytes(
                        "/api/client/" + links.get(1).path("path").asString().replace("/k/", "") + "/sketch"))
                .startsWith(0xff, 0xd8);
    }

    @Test
    void a_step_that_was_chosen_prepares_a_letter_which_leaves_as_an_internet_message() throws Exception {
        long piece = Work.take(owner, 1, Map.of());
        long job = Work.piece(owner, piece).path("job").path("id").asLong();
        owner.post("/api/jobs/" + job + "/updates", Map.of("operation", "profile", "isChosen", true))
                .isOk();
        owner.post("/api/jobs/" + job + "/updates", Map.of("operation", "number-pieces", "isChosen", true))
                .isRefused(404, "not-there");
        Work.workUpTo(shop, owner, piece, "profile");
        assertThat(owner.get("/api/outbox").json().path("due")).isEmpty();
        Work.doStep(shop, owner, piece, "profile");
        JsonNode due = owner.get("/api/outbox").json().path("due").get(0);
        assertThat(due.path("words").asString()).contains("Dear Greta Moss").contains("Kitchen knife");
        Map<String, Object> letter = new HashMap<>(Map.of(
                "pieceId",
                piece,
                "operation",
                "profile",
                "recipient",
                "greta@example.org",
                "subject",
                due.path("subject").asString(),
                "words",
                "Grüße from the shop",
                "photoId",
                0));
        owner.post(
                        "/api/outbox",
                        Map.of(
                                "pieceId",
                                piece,
                                "operation",
                                "profile",
                                "recipient",
                                "nobody",
                                "subject",
                                "a\nBcc: b@example.org",
                                "words",
                                "",
                                "photoId",
                                0))
                .isRefused(422, "entries");
        long id = owner.post("/api/outbox", letter).isOk().json().path("about").asLong();
        assertThat(owner.get("/api/outbox").json().path("due")).isEmpty();
        MimeMessage message =
                new MimeMessage(null, new ByteArrayInputStream(owner.bytes("/api/outbox/" + id + "/letter.eml")));
        assertThat(message.getAllRecipients()[0]).hasToString("greta@example.org");
        assertThat(message.getHeader("X-Unsent")).as("it opens as a draft").containsExactly("1");
        assertThat(message.getSubject()).isEqualTo(due.path("subject").asString());
        assertThat(((MimeMultipart) message.getContent()).getCount()).isPositive();
        assertThat(owner.get("/api/outbox")
                        .json()
                        .path("letters")
                        .get(0)
                        .path("isSent")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void the_consult_sheet_prints_on_one_page() {
        long job = Work.piece(owner, Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "lightening", "HOLES")))
                .path("job")
                .path("id")
                .asLong();
        Page table = BROWSER.signedIn(shop, "olwen").page();
        table.navigate("/jobs/" + job + "/sheet");
        assertThat(table.getByText("Approved, name and date")).isVisible();
        for (String paper : new String[] {"A4", "Letter"}) {
            String pdf = new String(table.pdf(new Page.PdfOptions().setFormat(paper)), StandardCharsets.ISO_8859_1);
            assertThat(Pattern.compile("/Type\\s*/Page[^s]")
                            .matcher(pdf)
                            .results()
                            .count())
                    .as(paper)
                    .isEqualTo(1);
        }
    }

    /** What a touch screen sends; only a mouse can be moved by the browser's own driver. */
    private static void finger(Locator grip, String event, int down) {
        BoundingBox box = grip.boundingBox();
        grip.dispatchEvent(
                event,
                Map.of(
                        "pointerId",
                        7,
                        "pointerType",
                        "touch",
                        "isPrimary",
                        true,
                        "button",
                        0,
                        "bubbles",
                        true,
                        "pageX",
                        (int) box.x + 20,
                        "pageY",
                        (int) box.y + 20 + down,
                        "clientX",
                        (int) box.x + 20,
                        "clientY",
                        (int) box.y + 20 + down));
    }

    private String link(long job, int days) {
        owner.post(
                        "/api/jobs/" + job + "/links",
                        Map.of("revision", 1, "message", "", "price", "", "shown", List.of("weight"), "days", days))
                .isOk();
        JsonNode links = owner.get("/api/jobs/" + job + "/consult").json().path("links");
        return links.get(links.size() - 1).path("path").asString().replace("/k/", "");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }
}
