package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A handle's block and scales before they are shaped: grain, voids, left against right, spare pairs, wheels, facets.
 */
class HandleTest {
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

    private static String of(long piece, String what) {
        return "/api/fit/pieces/" + piece + "/" + what;
    }

    private static JsonNode look(long piece, String what) {
        return cato.get(of(piece, what)).isOk().json();
    }

    @Test
    @DisplayName("lines that stand at 45° on the end come out as much higher on the right as the handle is thick")
    void grain() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "handleThickness", "1"));
        Map<String, Object> read =
                Map.of("side", "6", "isRising", true, "end", "45", "isRight", true, "apart", "1/8 in");
        assertThat(look(piece, "grain").path("read").asString()).isEmpty();
        bram.post(of(piece, "grain"), read).isOk();
        JsonNode grain = look(piece, "grain");
        assertThat(grain.path("says").get(0).asString()).contains("comes out 1.000 in higher on the right");
        assertThat(grain.path("sides").get(0).path("lines").asString()).startsWith("M");
        bram.post(of(piece, "grain"), Map.of("side", "85", "isRising", true, "end", "x", "isRight", true, "apart", ""))
                .isRefused(422, "entries");
        bram.post(
                        of(piece, "grain"),
                        Map.of("side", "30", "isRising", false, "end", "90", "isRight", true, "apart", "1/8 in"))
                .isOk();
        assertThat(look(piece, "grain").path("says").toString())
                .contains("breaks along its lines", "stand along the sides");
        long axe = Work.take(
                owner, 1, Map.of("construction", "HATCHET", "handleMaterial", "HICKORY", "steelForm", "FORGED"));
        bram.post(of(axe, "grain"), read).isRefused(404, "not-there");
        cato.get(of(axe, "grain")).isRefused(404, "not-there");
    }

    @Test
    @DisplayName(
            "a void in the tang's way takes adhesive, one at the surface is filled first, and both are gone with another block")
    void voids() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "spacer", "NONE"));
        mark(piece, "1 in", "0", "0").isOk();
        mark(piece, "2 in", "0", "0.43 in").isOk();
        mark(piece, "", "9 in", "0").isRefused(422, "entries");
        JsonNode voids = look(piece, "grain").path("voids");
        assertThat(voids.get(0).path("fate").asString()).contains("cavity");
        assertThat(voids.get(1).path("isTrouble").asBoolean()).isTrue();
        bram.post("/api/fit/voids/" + voids.get(1).path("id").asLong() + "/strike", Map.of())
                .isOk();
        assertThat(look(piece, "grain").path("voids")).hasSize(1);
        Work.workUpTo(shop, owner, piece, "open-cavity");
        Work.start(bram, piece, "open-cavity").isOk();
        bram.post(
                        Work.address(piece, "open-cavity") + "/went-wrong",
                        Map.of(
                                "kind",
                                "OTHER",
                                "words",
                                "split",
                                "wayBack",
                                "REDO",
                                "from",
                                "open-cavity",
                                "measured",
                                "",
                                "sure",
                                false))
                .isOk();
        assertThat(look(piece, "grain").path("voids"))
                .as("the block that was split")
                .isEmpty();
    }

    private static Client.Answer mark(long piece, String behind, String off, String across) {
        return bram.post(
                of(piece, "voids"),
                Map.of(
                        "behind", behind, "off", off, "isAbove", true, "across", across, "isRight", true, "reach",
                        "1/16 in"));
    }

    @Test
    @DisplayName("[trade] three thousandths between scale and granite go to the belt again; a pair is of one thickness")
    void scales() {
        long piece = Work.take(owner, 1, Map.of("fastening", "SCREWS", "handleMaterial", "GLASS_EPOXY"));
        bram.post(
                        of(piece, "scales"),
                        Map.of(
                                "entries",
                                Map.of(
                                        "THICKNESS_LEFT",
                                        ".384 in",
                                        "THICKNESS_RIGHT",
                                        ".372 in",
                                        "GAP_LEFT",
                                        ".003 in")))
                .isOk();
        JsonNode scales = look(piece, "scales");
        assertThat(scales.path("lines").get(0).path("says").asString()).contains("The left one is 0.012 in thicker");
        assertThat(scales.path("lines").get(1).path("says").asString()).contains("to the belt again");
        bram.post(of(piece, "scales"), Map.of("entries", Map.of("THICKNESS_RIGHT", ".383 in", "GAP_LEFT", "0")))
                .isOk();
        assertThat(look(piece, "scales").path("lines").findValues("isOut")).noneMatch(JsonNode::asBoolean);
        bram.post(of(piece, "scales"), Map.of("entries", Map.of())).isRefused(422, "entries");
        bram.post(of(piece, "scales"), Map.of("entries", Map.of("FRONT_LEFT", "60")))
                .isRefused(422, "entries");
        String apart = scales.path("spacing").asString();
        pair(piece, "S-1", apart, ".266 in").isOk();
        pair(piece, "S-2", "1 in", ".266 in").isOk();
        pair(piece, "", apart, ".266 in").isRefused(422, "entries");
        JsonNode spares = look(piece, "scales").path("spares");
        assertThat(spares.get(0).path("goesOn").asBoolean()).isTrue();
        assertThat(spares.get(1).path("goesOn").asBoolean()).isFalse();
        bram.post("/api/fit/spare-pairs/" + spares.get(1).path("id").asLong() + "/strike", Map.of())
                .isOk();
        assertThat(look(piece, "scales").path("spares")).hasSize(1);
        long block = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG"));
        cato.get(of(block, "scales")).isRefused(404, "not-there");
    }

    private static Client.Answer pair(long piece, String serial, String spacing, String hole) {
        return bram.post(of(piece, "spare-pairs"), Map.of("serial", serial, "spacing", spacing, "hole", hole));
    }

    @Test
    @DisplayName(
            "[trade] crisp facets take twice the time, said in hours; the groove is made over the largest wheel that fits")
    void shaping() {
        Map<String, String> groove = Map.of("grooveDepth", "0.08", "grooveRadius", "1/2");
        long plain = Work.take(owner, 1, groove);
        long crisp =
                Work.take(owner, 1, Map.of("grooveDepth", "0.08", "grooveRadius", "1/2", "handleEdges", "FACETED"));
        assertThat(look(plain, "shaping").path("facets").asString()).isEmpty();
        assertThat(look(crisp, "shaping").path("facets").asString()).contains("twice the time", " h");
        int before = minutes(plain, "shape-handle");
        assertThat(minutes(crisp, "shape-handle")).isBetween(2 * before - 5, 2 * before + 5);
        bram.post("/api/fit/wheels", Map.of("sizes", "1/2 in; 7/8 in; 3 in")).isOk();
        JsonNode curve = look(plain, "shaping").path("curves").get(0);
        assertThat(curve.path("says").asString()).contains("0.875 in");
        bram.post("/api/fit/wheels", Map.of("sizes", "1/2 in; round")).isRefused(422, "entries");
        bram.post("/api/fit/wheels", Map.of("sizes", "8 in; 10 in")).isOk();
        assertThat(look(plain, "shaping").path("curves").get(0).path("says").asString())
                .contains("none of the shop’s wheels");
    }

    private static int minutes(long piece, String step) {
        return Work.step(Work.piece(bram, piece), step)
                .path("time")
                .path("attendedMinutes")
                .asInt();
    }

    @Test
    @DisplayName("what lies ready for the glue is ticked for every bench, and looked for again after the mix")
    void ready() {
        long piece = Work.take(owner, 1, Map.of());
        String address = "/api/glue/pieces/" + piece;
        String first = cato.get(address).isOk().json().path("lies").get(0).asString();
        bram.post(address + "/ready", Map.of("words", first, "isThere", true)).isOk();
        bram.post(address + "/ready", Map.of("words", first, "isThere", true)).isOk();
        assertThat(cato.get(address).isOk().json().path("seen").toString()).isEqualTo("[\"" + first + "\"]");
        bram.post(address + "/ready", Map.of("words", "a sledge", "isThere", true))
                .isRefused(404, "not-there");
        cato.post(address + "/ready", Map.of("words", first, "isThere", false)).isOk();
        assertThat(bram.get(address).isOk().json().path("seen")).isEmpty();
    }
}
