package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The drawn knife over HTTP: what a page asks while somebody pulls, speaks and types. */
class DrawnKnifeTest {
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

    @Test
    @DisplayName("[worked] the point pulled 25.4 mm back and said lower: an inch shorter, a sixteenth lower, and the "
            + "words say what it weighs less")
    void pulled_and_said() {
        Map<String, String> entries = Map.of("bladeLength", "5", "pointDrop", "1/4");
        JsonNode pulled = owner.post(
                        "/api/design/pull", Map.of("entries", entries, "grip", "point", "along", -25.4, "across", 0))
                .isOk()
                .json();
        assertThat(pulled.path("changed").path("bladeLength").asString()).isEqualTo("4.000 in");
        assertThat(pulled.path("changed").has("pointDrop")).isFalse();
        assertThat(pulled.path("figures").path("since").asString())
                .startsWith("−")
                .contains("balance");
        assertThat(pulled.path("drawing").path("pointX").asDouble()).isCloseTo(101.6, within(0.01));
        JsonNode said = owner.post("/api/design/say", Map.of("entries", entries, "word", "POINT_LOWER", "much", "MORE"))
                .isOk()
                .json();
        assertThat(said.path("changed").path("pointDrop").asString()).isEqualTo("0.3125 in");
    }

    @Test
    void what_cannot_be_pulled_or_said_is_refused_in_words() {
        assertThat(owner.post("/api/design/pull", Map.of("entries", Map.of(), "grip", "nose", "along", 1, "across", 1))
                        .isRefused(422, "entries")
                        .detail())
                .contains("no such grip");
        assertThat(owner.post(
                                "/api/design/pull",
                                Map.of("entries", Map.of(), "grip", "point", "along", 1e9, "across", 1))
                        .isRefused(422, "entries")
                        .detail())
                .contains("pulled so far");
        assertThat(owner.post("/api/design/say", Map.of("entries", Map.of(), "word", "PRETTIER", "much", "MORE"))
                        .isRefused(422, "entries")
                        .detail())
                .contains("moves nothing");
        assertThat(owner.post("/api/design/say", Map.of("entries", Map.of(), "word", "MORE_BELLY", "much", "ENDLESS"))
                        .isRefused(422, "entries")
                        .detail())
                .contains("no measure");
        JsonNode tooFar = owner.post(
                        "/api/design/pull", Map.of("entries", Map.of(), "grip", "belly", "along", 0, "across", -40))
                .isOk()
                .json();
        assertThat(tooFar.has("drawing")).isFalse();
        assertThat(tooFar.path("findings").get(0).path("field").asString()).isEqualTo("bellyBow");
        JsonNode axe = owner.post(
                        "/api/design/say",
                        Map.of("entries", Map.of("construction", "HATCHET"), "word", "MORE_BELLY", "much", "MORE"))
                .isOk()
                .json();
        assertThat(axe.path("changed")).isEmpty();
        assertThat(axe.path("grips")).isEmpty();
    }

    @Test
    void every_grip_that_is_offered_can_be_pulled_a_little_and_every_word_can_be_said() {
        Map<String, String> entries = Map.of("bladeLength", "5", "bellyDepth", "1/8", "grooveDepth", "0");
        JsonNode still = owner.post("/api/design/read", Map.of("entries", entries, "before", entries, "useWords", ""))
                .isOk()
                .json();
        assertThat(still.path("figures").path("since").asString()).isEmpty();
        still.path("grips").forEach(grip -> {
            JsonNode moved = owner.post(
                            "/api/design/pull",
                            Map.of(
                                    "entries",
                                    entries,
                                    "grip",
                                    grip.path("key").asString(),
                                    "along",
                                    grip.path("movesAlong").asBoolean() ? -0.6 : 0,
                                    "across",
                                    grip.path("movesAcross").asBoolean() ? 0.6 : 0))
                    .isOk()
                    .json();
            assertThat(moved.path("changed").isEmpty()).as(grip.toString()).isFalse();
            assertThat(moved.has("drawing")).as(grip.toString()).isTrue();
        });
        owner.get("/api/design/questions")
                .isOk()
                .json()
                .path("words")
                .forEach(word -> assertThat(owner.post(
                                        "/api/design/say",
                                        Map.of(
                                                "entries",
                                                entries,
                                                "word",
                                                word.path("value").asString(),
                                                "much",
                                                "A_LITTLE"))
                                .isOk()
                                .json()
                                .has("drawing"))
                        .as(word.toString())
                        .isTrue());
    }

    @Test
    @DisplayName(
            "a late change of the blade's length takes the belly along where nobody chose it, and spoils what was cut to the outline")
    void a_late_change_of_the_outline() {
        long piece = Work.take(owner, 1, Map.of("bladeLength", "4"));
        Work.workUpTo(shop, owner, piece, "harden");
        JsonNode look = owner.post(
                        "/api/pieces/" + piece + "/specification/look",
                        Work.decided("bladeLength", "101.6 mm", "3-1/2"))
                .isOk()
                .json()
                .get(0);
        assertThat(look.path("again")
                        .valueStream()
                        .map(step -> step.path("operation").asString()))
                .contains("lay-out", "profile")
                .doesNotContain("choose-stock");
        assertThat(look.path("change").asString())
                .contains("Blade length was 4 in, is 3.5 in")
                .contains("Belly begins, from the point");
        assertThat(look.path("needsClient").asBoolean()).isTrue();
        JsonNode belly = owner.post(
                        "/api/pieces/" + piece + "/specification/look", Work.decided("bellyBow", "", "6 mm"))
                .json();
        assertThat(belly.path("type").asString()).isEqualTo("urn:hilt:both-changed");
    }

    @Test
    @DisplayName("the earliest day comes later when more work is promised")
    void the_earliest_day_counts_the_open_work() {
        String before = earliest();
        for (int i = 0; i < 6; i++) {
            long piece = Work.take(owner, 12, Map.of("construction", "HIDDEN_TANG"));
            for (long each = piece; each < piece + 12; each++) {
                Work.doStep(shop, owner, each, "approve-outline");
            }
        }
        assertThat(earliest()).isGreaterThan(before);
    }

    @Test
    void talks_are_listed_until_their_outline_is_approved_with_the_clients_last_wish() {
        long job = Work.piece(owner, Work.take(owner, 1, Map.of()))
                .path("job")
                .path("id")
                .asLong();
        assertThat(talk(job).path("revision").asInt()).isEqualTo(1);
        assertThat(talk(job).path("waitsFor").path("isClient").asBoolean()).isFalse();
        owner.post(
                        "/api/jobs/" + job + "/revisions",
                        Map.of("entries", new HashMap<>(Map.of("bladeLength", "thick")), "words", ""))
                .isRefused(422, "entries");
        owner.post("/api/jobs/" + job + "/revisions", Map.of("entries", Map.of("bladeLength", "5"), "words", "longer"))
                .isOk();
        owner.post(
                        "/api/jobs/" + job + "/links",
                        Map.of("revision", 2, "message", "", "price", "", "shown", List.of(), "days", 400))
                .isRefused(422, "entries");
        owner.post(
                        "/api/jobs/" + job + "/links",
                        Map.of("revision", 7, "message", "", "price", "", "shown", List.of(), "days", 4))
                .isRefused(404, "not-there");
        owner.post(
                        "/api/jobs/" + job + "/links",
                        Map.of("revision", 2, "message", "", "price", "", "shown", List.of(), "days", 4))
                .isOk();
        assertThat(talk(job).path("revision").asInt()).isEqualTo(2);
        assertThat(talk(job).path("waitsFor").path("isClient").asBoolean()).isTrue();
        JsonNode beside =
                owner.get("/api/jobs/" + job + "/revisions/1/beside/2").isOk().json();
        assertThat(beside.path("differences")
                        .valueStream()
                        .map(each -> each.path("field").asString()))
                .contains("bladeLength");
        assertThat(beside.path("since").asString()).startsWith("+");
        owner.post("/api/jobs/" + job + "/revisions/2/approve", Map.of("name", "Greta Moss"))
                .isOk();
        assertThat(owner.get("/api/consult")
                        .json()
                        .valueStream()
                        .filter(each -> each.path("jobId").asLong() == job))
                .isEmpty();
    }

    private static JsonNode talk(long job) {
        return owner.get("/api/consult")
                .isOk()
                .json()
                .valueStream()
                .filter(each -> each.path("jobId").asLong() == job)
                .findFirst()
                .orElseThrow();
    }

    private static String earliest() {
        return owner.post("/api/design/read", Map.of("entries", Map.of(), "before", Map.of(), "useWords", ""))
                .isOk()
                .json()
                .path("earliestDay")
                .asString();
    }
}
