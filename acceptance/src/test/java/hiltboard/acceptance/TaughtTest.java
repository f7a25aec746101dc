package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What a master says before something is made, in the running program: in the talk, at the fire, at the step. */
class TaughtTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client owner;
    private static Client bram;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.owner();
        bram = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    @DisplayName("[trade] O1 in water is refused where it is chosen, and in a late change; what it takes is named")
    void quench_against_steel() {
        Map<String, Object> wet = Work.commission(owner, 1, Map.of("steel", "O1", "quench", "WATER_THEN_OIL"));
        assertThat(owner.post("/api/jobs", wet).isRefused(422, "entries").text())
                .contains("Water cracks O1", "fast oil or medium oil");
        long piece = Work.take(owner, 1, Map.of("steel", "O1"));
        assertThat(owner.post(
                                "/api/pieces/" + piece + "/specification",
                                Work.decided("quench", "BY_STEEL", "WATER_THEN_OIL"))
                        .text())
                .contains("Water cracks O1");
    }

    @Test
    @DisplayName(
            "[trade] what is worth saying is said until the client's word is there; the word is the owner's to write, and stands on "
                    + "the record")
    void the_clients_word() {
        long piece = Work.take(owner, 1, Map.of("care", "SALT", "finish", "MIRROR"));
        JsonNode advice = Work.piece(bram, piece).path("knife").path("advice");
        assertThat(advice.valueStream().map(each -> each.path("matter").asString()))
                .contains("RUST", "WET_HANDLE", "MIRROR");
        String job =
                "/api/jobs/" + Work.piece(bram, piece).path("job").path("id").asLong() + "/client-word";
        bram.post(job, Map.of("matter", "RUST", "words", "I oil it")).isRefused(403, "not-allowed");
        assertThat(owner.post(job, Map.of("matter", "RUST", "words", " "))
                        .isRefused(422, "entries")
                        .text())
                .contains("\"words\"");
        owner.post(job, Map.of("matter", "DRAGONS", "words", "Yes")).isRefused(422, "entries");
        owner.post(job, Map.of("matter", "RUST", "words", "I oil it every evening"))
                .isOk();
        owner.post(job, Map.of("matter", "RUST", "words", "I oil it every morning"))
                .isOk();
        JsonNode rust = Work.piece(bram, piece)
                .path("knife")
                .path("advice")
                .valueStream()
                .filter(each -> each.path("matter").asString().equals("RUST"))
                .findFirst()
                .orElseThrow();
        assertThat(rust.path("said").asString()).isEqualTo("I oil it every morning");
        assertThat(Work.piece(bram, piece).path("past").path("journal").toString())
                .contains("on rust: I oil it every evening");
        assertThat(Work.piece(bram, piece).path("knife").path("careCard").toString())
                .contains("dried and oiled every time", "mirror polish scratches");
    }

    @Test
    @DisplayName("[trade] on the page: the point is made, the owner writes the client's word, and it is said no more")
    void the_clients_word_on_the_page() {
        long piece = Work.take(owner, 1, Map.of("hand", "LEFT"));
        Maker olwen = BROWSER.signedIn(shop, "olwen");
        Page page = olwen.page();
        page.navigate("/pieces/" + piece);
        Seen.assertThat(page.getByLabel("Worth saying")).containsText("A left hand");
        olwen.press("The client has been told");
        page.locator("input[name='clientWord']").fill("She held the cut-out in her left hand");
        olwen.press("Keep the client’s word");
        Seen.assertThat(page.getByLabel("Worth saying"))
                .containsText("The client said: She held the cut-out in her left hand");
        Seen.assertThat(olwen.button("The client has been told")).hasCount(0);
        page.navigate("/jobs/" + Work.piece(bram, piece).path("job").path("id").asLong() + "/consult");
        page.getByText("Worth saying", new Page.GetByTextOptions().setExact(true))
                .click();
        Seen.assertThat(page.getByLabel("Worth saying").last()).containsText("left hand");
        page.navigate("/pieces/" + piece + "/hand-over");
        Seen.assertThat(page.getByText("She held the cut-out")).isVisible();
    }

    @Test
    @DisplayName(
            "[worked] a kiln that shows 20 °F too much is told 20 °F more, and what it shows is taken for the true heat")
    void a_checked_kiln() {
        Fires fires = new Fires(shop, bram);
        long kiln = fires.kiln(owner, "Kiln with a lie");
        assertThat(kiln(kiln).path("isChecked").asBoolean()).isFalse();
        String checks = "/api/fire/kilns/" + kiln + "/checks";
        assertThat(bram.post(checks, Map.of("shown", "1500 F", "second", "1200 F", "grain", "FINE"))
                        .isRefused(422, "entries")
                        .text())
                .contains("broken");
        assertThat(bram.post(checks, Map.of("shown", "hot", "second", "1480 F", "grain", "FINE"))
                        .isRefused(422, "entries")
                        .text())
                .contains("\"shown\"");
        bram.post(checks, Map.of("shown", "1500 F", "second", "1480 F", "grain", "PRETTY"))
                .isRefused(422, "entries");
        for (int heat : new int[] {1450, 1500, 1550}) {
            bram.post(
                            checks,
                            Map.of(
                                    "shown",
                                    heat + 20 + " F",
                                    "second",
                                    heat + " F",
                                    "grain",
                                    heat > 1500 ? "COARSE" : "FINE"))
                    .isOk();
        }
        assertThat(bram.get(checks).json().path("words").asString()).contains("20 °F too much");
        assertThat(kiln(kiln).path("isChecked").asBoolean()).isTrue();
        long piece = fires.ready(owner, Map.of(), "harden");
        long load = fires.plan(kiln, "HARDEN", piece);
        fires.lightAndHeat(load, Duration.ofMinutes(90));
        assertThat(kiln(kiln).path("setPoint").asString())
                .as("as the programme wants it")
                .isEqualTo("1500 °F");
        assertThat(degrees(kiln(kiln).path("displays")) - degrees(kiln(kiln).path("shows")))
                .isEqualTo(20);
        assertThat(degrees(kiln(kiln).path("displays"))).as("its own display").isBetween(1516, 1524);
        assertThat(bram.post(checks, Map.of("shown", "1500 F", "second", "1490 F", "grain", "FINE"))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("when it is over");
        fires.in(kiln, load);
        fires.soak(load);
        fires.out(load, piece).isOk();
        fires.tell(load, "file-test", Map.of("piece", piece, "skates", true)).isOk();
        fires.tell(load, "end", Map.of()).isOk();
        assertThat(degrees(Work.number(Work.piece(bram, piece), "kiln.at-soak").path("value")))
                .as("the true heat at the soak")
                .isBetween(1488, 1512);
    }

    private static int degrees(JsonNode words) {
        return Integer.parseInt(words.asString().replaceAll("\\D", ""));
    }

    private static JsonNode kiln(long id) {
        return bram.get("/api/fire")
                .json()
                .path("kilns")
                .valueStream()
                .filter(kiln -> kiln.path("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName(
            "[trade] a blade that warped twice: what to look at before the next quench, and that a new blade is the better way")
    void warped_twice() {
        Fires fires = new Fires(shop, bram);
        long piece = fires.ready(owner, Map.of(), "straighten");
        assertThat(bram.get("/api/fire/pieces/" + piece).json().path("lookAtFirst"))
                .isEmpty();
        for (String amount : List.of("1/8", "3/32")) {
            bram.post(
                            "/api/fire/pieces/" + piece + "/warps",
                            Map.of("place", "WHOLE", "direction", "LEFT", "amount", amount))
                    .isOk();
        }
        assertThat(bram.get("/api/fire/pieces/" + piece)
                        .json()
                        .path("lookAtFirst")
                        .toString())
                .contains("warped 2 times", "bevels", "quench");
    }

    @Test
    @DisplayName("[trade] a cold bench: the adhesive's rest is longer by the thermometer")
    void the_cure_rests_by_the_thermometer() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "glue-handle");
        long usual = Work.step(Work.piece(bram, piece), "cure-handle")
                .path("time")
                .path("restMinutes")
                .asLong();
        Work.start(bram, piece, "glue-handle").isOk();
        Work.read(bram, piece, "glue-handle", "shop.temperature", "14 C").isOk();
        assertThat(Work.step(Work.piece(bram, piece), "cure-handle")
                        .path("time")
                        .path("restMinutes")
                        .asLong())
                .isEqualTo(32 * 60)
                .isGreaterThan(usual);
    }
}
