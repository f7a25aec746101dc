package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Usual sizes stay exact, a bar that the form names fits, and days are honest: over HTTP. */
class ExactSizesTest {
    private static RunningShop shop;
    private static Client olwen;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        olwen = shop.signedIn("olwen");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    @DisplayName(
            "[worked] a job on usual answers keeps 5/32 in as 3.96875 mm, whoever takes it and whether the form sends its answers or not")
    void the_usual_answer_is_exact() {
        Map<String, Object> job = Work.commission(olwen, 1, Map.of());
        long piece = take(job);
        assertThat(kept(piece, "stockThickness")).isEqualTo("3.96875 mm");
        assertThat(answer(piece, "stockThickness", "entry"))
                .as("as an inch reader would type it")
                .isEqualTo("5/32 in");
        job.put("specification", Map.of());
        assertThat(kept(take(job), "stockThickness"))
                .as("only what was typed is sent")
                .isEqualTo("3.96875 mm");
        Work.reads(olwen, "MILLIMETRE", "CELSIUS");
        try {
            assertThat(kept(take(Work.commission(olwen, 1, Map.of())), "stockThickness"))
                    .isEqualTo("3.96875 mm");
            assertThat(kept(take(job), "handleHollow")).isEmpty();
        } finally {
            // Each by itself: what is not said stays as it is.
            Work.reads(olwen, "FAHRENHEIT");
            assertThat(olwen.get("/api/session")
                            .json()
                            .path("person")
                            .path("lengthUnit")
                            .asString())
                    .isEqualTo("MILLIMETRE");
            Work.reads(olwen, "INCH");
        }
    }

    @Test
    @DisplayName(
            "[trade] a bar of 0.1547 in is the 5/32 that was wanted, at the bench and in cutting; 1/8 is refused by both with one reason")
    void needs_and_cutting_have_one_rule() {
        long piece = take(Work.commission(olwen, 1, Map.of()));
        Work.doStep(shop, olwen, piece, "approve-outline");
        long good = Store.receive(olwen, "BAR", "36", "1", "what=1084; thickness=.1547; width=2");
        assertThat(Store.need(olwen, piece, "steel").path("choices").toString()).contains("\"lotId\":" + good);
        assertThat(olwen.get("/api/stock/lots/" + good + "/yield?piece=" + piece)
                        .isOk()
                        .json()
                        .path("count")
                        .asInt())
                .isPositive();
        long thin = Store.receive(olwen, "BAR", "36", "1", "what=1084; thickness=1/8; width=2");
        String why = olwen.get("/api/stock/lots/" + thin + "/yield?piece=" + piece)
                .isOk()
                .json()
                .path("why")
                .asString();
        assertThat(why).isEqualTo("It is thinner than the 5/32 in wanted.");
        assertThat(Store.need(olwen, piece, "steel").path("notServing").toString())
                .contains(why);
        assertThat(olwen.get("/api/stock/cutting")
                        .isOk()
                        .json()
                        .path("usual")
                        .path("kerf")
                        .asString())
                .isEqualTo("0.0625 in");
    }

    @Test
    void a_blank_that_finds_no_bar_says_why() throws InterruptedException {
        long piece = take(Work.commission(olwen, 1, Map.of("steel", "W2")));
        Work.doStep(shop, olwen, piece, "approve-outline");
        Store.receive(olwen, "BAR", "36", "1", "what=W2; thickness=1/8; width=2");
        JsonNode run = olwen.post(
                        "/api/stock/cutting",
                        Map.of(
                                "kerf", "1/16", "edge", "1/32", "clamp", "1", "useful", "6", "thicker", "1/32",
                                "seconds", 5))
                .isOk()
                .json();
        for (int i = 0; i < 200 && !run.has("plan"); i++) {
            Thread.sleep(100);
            run = olwen.get("/api/stock/cutting/" + run.path("id").asLong())
                    .isOk()
                    .json();
        }
        assertThat(run.path("plan").path("notPlaced").toString()).contains("It is thinner than the 5/32 in wanted.");
    }

    @Test
    @DisplayName(
            "[table] the hole table gives the hole that is drilled, its drill, and the pin's own size: #11, 0.191 for 3/16")
    void the_hole_table_gives_the_hole() {
        long piece = take(Work.commission(olwen, 1, Map.of("pinDiameter", "3/16")));
        String table =
                olwen.get("/api/pieces/" + piece + "/files/holes.csv").isOk().text();
        assertThat(table).startsWith("part,hole,for,size_mm,size_in,drill,");
        assertThat(table).contains("pin,4.763,0.1875,#11,").contains(",4.851,").contains(",0.191");
    }

    @Test
    @DisplayName(
            "a weld that loses all of the bar is answered at its field, and a stack that is restacked into 8 has numbers and a picture")
    void recipes_at_their_limits() {
        JsonNode questions = olwen.get("/api/forge/questions").isOk().json();
        Map<String, Object> stack = ForgeTest.step(questions, "STACK", "pieces", "31", "length", "10");
        JsonNode burnt = billet(List.of(stack, ForgeTest.step(questions, "WELD", "loss", "100")));
        assertThat(burnt.path("stages")
                        .get(1)
                        .path("findings")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("loss");
        JsonNode restacked = billet(List.of(
                stack, ForgeTest.step(questions, "WELD"), ForgeTest.step(questions, "RESTACK", "cutInto", "8")));
        assertThat(restacked.path("stages").get(2).path("standing").asString())
                .as(restacked.path("stages").get(2).toString())
                .isEqualTo("COMPUTED");
        assertThat(restacked.path("section").path("url").asString()).startsWith("data:image/png");
    }

    @Test
    @DisplayName("[trade] the earliest day knows closed days and the rest of the shop's work")
    void days_are_honest() {
        LocalDate before = earliest();
        LocalDate monday = LocalDate.now().plusDays(7).with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        take(Work.commission(olwen, 24, Map.of()));
        LocalDate behindABatch = earliest();
        assertThat(behindABatch)
                .as("twenty-four knives for three makers come first")
                .isAfter(before.plusDays(7));
        for (int day = 0; day < 5; day++) {
            olwen.post("/api/closed-days", Map.of("day", monday.plusDays(day).toString(), "words", "Shop holiday"))
                    .isOk();
        }
        assertThat(earliest()).isAfterOrEqualTo(behindABatch.plusDays(5));
        assertThat(olwen.get("/api/closed-days").isOk().json().toString()).contains(monday.toString(), "Shop holiday");
        olwen.post("/api/closed-days/open", Map.of("day", monday.toString())).isOk();
        assertThat(olwen.post("/api/closed-days/open", Map.of("day", monday.toString()))
                        .status())
                .isEqualTo(422);
        assertThat(olwen.post("/api/closed-days", Map.of("day", "2001-01-01", "words", ""))
                        .status())
                .isEqualTo(422);
        assertThat(shop.signedIn("bram")
                        .post("/api/closed-days", Map.of("day", monday.toString(), "words", ""))
                        .status())
                .isEqualTo(403);
    }

    private static LocalDate earliest() {
        return LocalDate.parse(
                olwen.post("/api/design/read", Map.of("entries", Map.of(), "before", Map.of(), "useWords", ""))
                        .isOk()
                        .json()
                        .path("earliestDay")
                        .asString());
    }

    private static JsonNode billet(List<Map<String, Object>> steps) {
        return olwen.post(
                        "/api/forge/read",
                        Map.of(
                                "name",
                                "Tall",
                                "steps",
                                steps,
                                "blades",
                                "1",
                                "thickness",
                                "1/4",
                                "width",
                                "1-1/2",
                                "length",
                                "10",
                                "pieceId",
                                0,
                                "paid",
                                ""))
                .isOk()
                .json();
    }

    private static long take(Map<String, Object> job) {
        return olwen.post("/api/jobs", job).isOk().json().path("about").asLong();
    }

    private static String kept(long piece, String field) {
        return answer(piece, field, "kept");
    }

    private static String answer(long piece, String field, String as) {
        return Work.piece(olwen, piece)
                .path("knife")
                .path("specification")
                .valueStream()
                .filter(line -> line.path("field").asString().equals(field))
                .findFirst()
                .map(line -> line.path(as).asString())
                .orElse("");
    }
}
