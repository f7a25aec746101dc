package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The gluing bench: data sheets, the dry run, what is weighed, and the clock. */
class GlueTest {
    private static final Map<String, String> SLOW = Map.ofEntries(
            Map.entry("name", "Slow one"),
            Map.entry("kind", "SLOW_EPOXY"),
            Map.entry("measured", "WEIGHT"),
            Map.entry("firstParts", "2"),
            Map.entry("secondParts", "1"),
            Map.entry("off", "5"),
            Map.entry("statedAt", "20 C"),
            Map.entry("working", "40 min"),
            Map.entry("grips", "200 min"),
            Map.entry("sets", "240 min"),
            Map.entry("cured", "20 h"),
            Map.entry("keeps", "12"));

    private static RunningShop shop;
    private static Client owner;
    private static Client bram;
    private static Client cato;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        bram = shop.signedIn("bram");
        cato = shop.signedIn("cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static long sheet(String... changes) {
        Map<String, String> entries = new HashMap<>(SLOW);
        for (int i = 0; i < changes.length; i += 2) {
            entries.put(changes[i], changes[i + 1]);
        }
        return bram.post("/api/glue/sheets", Map.of("entries", entries, "basedOn", 0))
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    private static long bedded(String until) {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "bedding", "BEDDED", "spacer", "NONE"));
        Work.workUpTo(shop, owner, piece, until);
        return piece;
    }

    private static Client.Answer mix(long piece, long sheet, String first, String second, String temperature) {
        return mix(piece, sheet, 0, first, second, temperature, false);
    }

    private static Client.Answer mix(
            long piece, long sheet, long lot, String first, String second, String temperature, boolean sure) {
        return bram.post(
                "/api/glue/pieces/" + piece + "/mixes",
                Map.of(
                        "sheet", sheet,
                        "lot", lot,
                        "first", first,
                        "second", second,
                        "temperature", temperature,
                        "sure", sure));
    }

    private static JsonNode look(long piece, String asked) {
        return bram.get("/api/glue/pieces/" + piece + asked).isOk().json();
    }

    private static String number(long piece, String key) {
        return Work.number(Work.piece(bram, piece), key).path("value").asString();
    }

    @Test
    @DisplayName(
            "[trade] bedded on a warm day: the window comes sooner by the sheet's own times, and counts down on every bench")
    void a_bed_on_a_warm_day() {
        long sheet = sheet();
        long piece = bedded("bed-handle");
        Work.start(bram, piece, "bed-handle").isOk();
        mix(piece, sheet, "20 g", "10 g", "30 C").isOk();
        // 200 and 240 min at 20 °C are 100 and 120 min at 30 °C.
        assertThat(number(piece, "adhesive.grips")).isEqualTo("1 h 40 min");
        assertThat(number(piece, "adhesive.pull-window")).isEqualTo("20 min");
        JsonNode mixed = look(piece, "").path("mixes").get(0);
        assertThat(mixed.path("phase").asString()).isEqualTo("WORKED");
        assertThat(onTheWall(piece)).containsExactly("WORKED", "GELLING", "PULLED", "SETTING", "CURED");
        bram.post(Work.address(piece, "bed-handle") + "/rest", Map.of()).isOk();
        shop.clock().putForward(Duration.ofMinutes(105));
        assertThat(look(piece, "").path("mixes").get(0).path("phase").asString())
                .isEqualTo("PULLED");
        Work.done(bram, piece, "bed-handle").isOk();
        JsonNode window = Work.piece(cato, piece).path("days").path("windows").get(0);
        long left = window.path("closesAtMillis").asLong()
                - cato.get("/api/session").shopTimeMillis();
        assertThat(Duration.ofMillis(left))
                .as("every bench and the wall count the same window down")
                .isBetween(Duration.ofMinutes(14), Duration.ofMinutes(15));
        shop.clock().putForward(Duration.ofMinutes(60));
        assertThat(look(piece, "").path("mixes").get(0).path("phase").asString())
                .isEqualTo("SETTING");
        shop.clock().putForward(Duration.ofHours(21));
        assertThat(onTheWall(piece)).as("cured: nothing more to watch").isEmpty();
    }

    /** What the wall counts for a piece's adhesive, in its order. */
    private static List<String> onTheWall(long piece) {
        return cato.get("/api/wall").isOk().json().path("setting").values().stream()
                .filter(each -> each.path("piece").asLong() == piece)
                .flatMap(each -> each.path("phases").values().stream())
                .map(phase -> phase.path("phase").asString())
                .toList();
    }

    @Test
    @DisplayName(
            "[trade] liners are a glue-up of their own: less adhesive, other things ready, and cured before a hole is drilled")
    void liners_are_glued_on_first() {
        long sheet = sheet();
        long piece = Work.take(owner, 1, Map.of("construction", "FULL_TANG", "scaleLiner", "LINED"));
        Work.workUpTo(shop, owner, piece, "line-scales");
        JsonNode lining = look(piece, "?sheet=" + sheet);
        assertThat(lining.path("step").asString()).isEqualTo("line-scales");
        assertThat(lining.path("parts").values().stream().map(JsonNode::asString))
                .containsExactly("Left scale and liner", "Right scale and liner", "Weight on");
        Work.start(bram, piece, "line-scales").isOk();
        mix(piece, sheet, "20 g", "10 g", "20 C").isOk();
        Work.read(bram, piece, "line-scales", "scale.lined", "0.401").isOk();
        bram.post(Work.address(piece, "line-scales") + "/rest", Map.of()).isOk();
        Work.start(bram, piece, "drill-scales").isRefused(409, "out-of-turn");
        shop.clock().putForward(Duration.ofHours(20));
        Work.done(bram, piece, "line-scales").isOk();
        Work.start(bram, piece, "drill-scales").isOk();
        // Tang 5/32 and twice .401, an eighth proud.
        assertThat(number(piece, "pin.length")).startsWith("1.08");
        assertThat(look(piece, "?sheet=" + sheet).path("step").asString()).isEqualTo("glue-handle");
    }

    @Test
    @DisplayName("[worked] a mix that is 8.3 % off is refused with what puts it right: 0.6 g of resin more")
    void a_mix_out_of_ratio() {
        long sheet = sheet();
        long piece = bedded("bed-handle");
        assertThat(mix(piece, sheet, "6.6 g", "3.6 g", "20 C")
                        .isRefused(422, "entries")
                        .detail())
                .contains("out of ratio by 8.3 %", "add 0.6 g");
        mix(piece, sheet, "7.2 g", "3.6 g", "20 C").isOk();
        mix(piece, sheet, "0", "3.6 g", "20 C").isRefused(422, "entries");
        mix(piece, sheet, "7.2 g", "3.6 g", "80 C").isRefused(422, "entries");
        mix(piece, 999, "7.2 g", "3.6 g", "20 C").isRefused(404, "not-there");
    }

    @Test
    @DisplayName(
            "[worked] 2 : 1 by weight, 5 %, a scale of 0.1 g: less than 8 g is not weighed well enough, and that is said")
    void what_is_weighed() {
        long sheet = sheet();
        long piece = Work.take(owner, 1, Map.of());
        JsonNode glue = look(piece, "?sheet=" + sheet + "&scaleStep=0.1 g".replace(" ", "%20"));
        assertThat(glue.path("notWeighed").asString()).contains("More than the handle takes");
        JsonNode fine = look(piece, "?sheet=" + sheet + "&scaleStep=0.01%20g");
        assertThat(fine.path("notWeighed").asString()).isEmpty();
        double first =
                Double.parseDouble(fine.path("weighed").path("first").asString().replace(" g", ""));
        double second = Double.parseDouble(
                fine.path("weighed").path("second").asString().replace(" g", ""));
        assertThat(first / second).isBetween(1.9, 2.1);
        long byVolume = sheet("measured", "VOLUME", "firstDensity", "", "secondDensity", "");
        assertThat(look(piece, "?sheet=" + byVolume).path("notWeighed").asString())
                .contains("by volume");
    }

    @Test
    @DisplayName("[trade] a dry fit that took longer than half the working time is said before anything is mixed")
    void the_dry_run_by_the_clock() {
        sheet();
        long piece = Work.take(owner, 1, Map.of());
        bram.post("/api/glue/pieces/" + piece + "/dry-run", Map.of()).isOk();
        cato.post("/api/glue/pieces/" + piece + "/dry-run", Map.of()).isRefused(409, "out-of-turn");
        shop.clock().putForward(Duration.ofMinutes(25));
        cato.post("/api/glue/pieces/" + piece + "/dry-run/over", Map.of("parts", "0"))
                .isRefused(422, "entries");
        cato.post("/api/glue/pieces/" + piece + "/dry-run/over", Map.of("parts", "7"))
                .isOk();
        JsonNode run = look(piece, "?temperature=20%20C").path("dryRun");
        assertThat(run.path("isTooLong").asBoolean()).isTrue();
        assertThat(run.path("says").asString()).contains("25 min dry", "too long", "5 parts of 7");
        bram.post("/api/glue/pieces/" + piece + "/dry-run/forget", Map.of()).isOk();
        assertThat(look(piece, "").path("dryRun").isNull()).isTrue();
    }

    @Test
    @DisplayName("[trade] mixed at four in the afternoon in a cool shop it is pulled at night: said before it is mixed")
    void pulled_at_night() {
        long sheet = sheet();
        long piece = bedded("bed-handle");
        JsonNode cold = look(piece, "?sheet=" + sheet + "&temperature=12%20C").path("pull");
        // 200 min at 20 °C are about 348 min at 12 °C.
        long minutes = (cold.path("fromMillis").asLong() - shop.clock().millis()) / 60_000;
        assertThat(minutes).isBetween(346L, 349L);
        assertThat(cold.path("toMillis").asLong())
                .isGreaterThan(cold.path("fromMillis").asLong());
    }

    @Test
    void an_adhesive_past_its_day_is_asked_about() {
        long sheet = sheet();
        long piece = bedded("bed-handle");
        long lot = Store.receive(owner, "ADHESIVE", "200 g", "1", "what=SLOW_EPOXY; openedOn=2020-01-05");
        assertThat(mix(piece, sheet, lot, "8 g", "4 g", "20 C", false)
                        .isRefused(422, "question")
                        .detail())
                .contains("opened on 2020-01-05", "Mix it all the same?");
        mix(piece, sheet, lot, "8 g", "4 g", "20 C", true).isOk();
        assertThat(look(piece, "").path("mixes").get(0).path("weighed").asString())
                .contains("8 g and 4 g");
    }

    @Test
    void a_sheet_that_two_change_is_changed_by_one_and_what_was_mixed_keeps_its_times() {
        long sheet = sheet();
        long piece = bedded("bed-handle");
        mix(piece, sheet, "8 g", "4 g", "20 C").isOk();
        Map<String, String> other = new HashMap<>(SLOW);
        other.put("grips", "100 min");
        bram.post("/api/glue/sheets/" + sheet, Map.of("entries", other, "basedOn", 1))
                .isOk();
        cato.post("/api/glue/sheets/" + sheet, Map.of("entries", SLOW, "basedOn", 1))
                .isRefused(409, "both-changed");
        assertThat(number(piece, "adhesive.grips")).isEqualTo("3 h 20 min");
        long mix = look(piece, "").path("mixes").get(0).path("id").asLong();
        bram.post("/api/glue/mixes/" + mix + "/strike", Map.of()).isOk();
        assertThat(number(piece, "adhesive.grips")).as("the trade's again").isNotEqualTo("3 h 20 min");
        bram.post("/api/glue/mixes/" + mix + "/strike", Map.of()).isRefused(404, "not-there");
        bram.post("/api/glue/sheets/" + sheet + "/drop", Map.of()).isOk();
        assertThat(bram.get("/api/glue/sheets/" + sheet)
                        .isOk()
                        .json()
                        .path("isDropped")
                        .asBoolean())
                .isTrue();
        bram.post("/api/glue/sheets/" + sheet + "/back", Map.of()).isOk();
        bram.post("/api/glue/sheets", Map.of("entries", Map.of("name", "Half"), "basedOn", 0))
                .isRefused(422, "entries");
    }
}
