package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * What is written down at the grinder and the drill press, over HTTP: readings, belts of the rack, the shop's edges.
 */
class GrindTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client maker;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        maker = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Client.Answer measured(long piece, String stage, Map<String, String> entries) {
        return maker.post("/api/grind/pieces/" + piece + "/readings", Map.of("stage", stage, "entries", entries));
    }

    private static JsonNode room(long piece) {
        return maker.get("/api/grind/pieces/" + piece).isOk().json();
    }

    private static JsonNode size(JsonNode room, String key) {
        return room.path("places")
                .valueStream()
                .flatMap(place -> place.path("sizes").valueStream())
                .filter(size -> size.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void readings_say_how_far_it_is_to_go_survive_a_restart_and_the_last_one_counts() {
        long piece = Work.take(owner, 1, Map.of("stockThickness", "5/32"));
        measured(piece, "soft P36", Map.of("HEEL.EDGE", ".060", "HEEL.LEFT", ".900", "HEEL.RIGHT", ".905"))
                .isOk();
        assertThat(size(room(piece), "HEEL.EDGE").path("standing").asString()).isEqualTo("to go");
        assertThat(room(piece).path("touch")).as("0.005 in is alike").isEmpty();
        measured(piece, "soft P120", Map.of("HEEL.EDGE", ".020")).isOk();
        shop.restart();
        owner = shop.signedIn("olwen");
        maker = shop.signedIn("bram");
        JsonNode edge = size(room(piece), "HEEL.EDGE");
        assertThat(edge.path("measured").asString()).isEqualTo("0.020 in");
        assertThat(edge.path("standing").asString())
                .as("less than the 0.030 that goes into the quench")
                .isEqualTo("past");
        assertThat(size(room(piece), "HEEL.LEFT").path("measured").asString()).isEqualTo("0.900 in");
    }

    @Test
    void what_cannot_be_is_refused_at_its_field_and_nothing_of_it_is_kept() {
        long piece = Work.take(owner, 1, Map.of("stockThickness", "5/32"));
        measured(piece, "soft P36", Map.of("HEEL.EDGE", ".200", "MIDDLE.LEFT", ".5"))
                .isRefused(422, "entries");
        measured(piece, "soft P36", Map.of("HEEL.LEFT", "7")).isRefused(422, "entries");
        measured(piece, "soft P36", Map.of("HEEL.EDGE", "thin")).isRefused(422, "entries");
        measured(piece, "soft P36", Map.of()).isRefused(422, "entries");
        measured(piece, "soft P7", Map.of("HEEL.EDGE", ".060")).isRefused(404, "not-there");
        assertThat(size(room(piece), "MIDDLE.LEFT").path("measured").asString()).isEmpty();
        maker.get("/api/grind/pieces/" + piece + "/section?at=1.2").isRefused(422, "entries");
        maker.get("/api/grind/pieces/" + piece + "/section?at=NaN").isRefused(422, "entries");
    }

    @Test
    void a_belt_of_the_other_heat_is_refused_and_an_edge_that_grew_is_doubted() {
        long piece = Work.take(owner, 1, Map.of("stockThickness", "5/32"));
        assertThat(measured(piece, "hard P220", Map.of("HEEL.EDGE", ".022"))
                        .isRefused(422, "entries")
                        .detail())
                .contains("is not hardened yet");
        measured(piece, "soft P36", Map.of("HEEL.EDGE", ".050")).isOk();
        measured(piece, "soft P36", Map.of("HEEL.EDGE", ".051")).isOk();
        assertThat(size(room(piece), "HEEL.EDGE").path("doubt").asString())
                .as("as close as a calliper reads")
                .isEmpty();
        measured(piece, "soft P36", Map.of("HEEL.EDGE", ".061")).isOk();
        assertThat(size(room(piece), "HEEL.EDGE").path("doubt").asString())
                .isEqualTo("0.051 in was read before: steel does not come back. Measure again.");
    }

    @Test
    void what_was_measured_of_a_blade_goes_with_it() {
        long piece = Work.take(owner, 1, Map.of("stockThickness", "5/32"));
        Work.workUpTo(shop, owner, piece, "harden");
        measured(piece, "soft P36", Map.of("HEEL.EDGE", ".050")).isOk();
        hole(piece, "1", "-.4").isOk();
        owner.post(Work.address(piece, "harden") + "/override", Map.of("rule", "hole-off", "reason", "It is for a pin"))
                .isOk();
        maker.post(
                        "/api/grind/pieces/" + piece + "/abrasives",
                        Map.of("grit", "P36", "tool", "BELT", "lot", 0, "isNew", false))
                .isOk();
        Work.remakeBlade(maker, piece, "harden");
        JsonNode room = room(piece);
        assertThat(size(room, "HEEL.EDGE").path("measured").asString()).isEmpty();
        assertThat(room.path("belt").path("used")).isEmpty();
        assertThat(firstHole(piece).path("measured").path("verdict").asString()).isEmpty();
        assertThat(Work.step(Work.piece(maker, piece), "harden").path("order").path("overrides"))
                .as("what was allowed for the old blade")
                .isEmpty();
    }

    @Test
    void the_last_belts_edge_is_the_benchs_reading_while_the_step_is_under_way() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "rough-bevels");
        Work.start(maker, piece, "rough-bevels").isOk();
        measured(piece, "soft P80", Map.of("HEEL.EDGE", ".037")).isOk();
        assertThat(Work.number(Work.piece(owner, piece), "edge.before-hardening")
                        .path("source")
                        .asString())
                .doesNotContain("measured");
        measured(piece, "soft P120", Map.of("HEEL.EDGE", ".031")).isOk();
        JsonNode number = Work.number(Work.piece(owner, piece), "edge.before-hardening");
        assertThat(number.path("value").asString()).isEqualTo("0.031 in");
    }

    @Test
    void belts_count_down_on_the_rack_and_stainless_ones_are_kept_apart() {
        long piece = Work.take(owner, 1, Map.of());
        receive(Map.of("what", "BELT", "grit", "120", "wear", "FRESH", "owner", "SHOP"), "2");
        receive(Map.of("what", "BELT", "grit", "120", "wear", "STAINLESS_ONLY", "owner", "SHOP"), "2");
        List<JsonNode> belts =
                room(piece).path("belt").path("belts").valueStream().toList();
        JsonNode fresh = belts.stream()
                .filter(each -> each.path("why").asString().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(belts.stream().map(each -> each.path("why").asString())).contains("kept for stainless");
        long lot = fresh.path("lot").asLong();
        Map<String, Object> used = Map.of("grit", "", "tool", "BELT", "lot", lot, "isNew", true);
        maker.post("/api/grind/pieces/" + piece + "/abrasives", used).isOk();
        assertThat(room(piece).path("belt").path("used").get(0).path("grit").asString())
                .isEqualTo("P120");
        assertThat(owner.get("/api/stock/lots/" + lot).isOk().text()).contains("1 piece");
        maker.post("/api/grind/pieces/" + piece + "/abrasives", used).isOk();
        maker.post("/api/grind/pieces/" + piece + "/abrasives", used).isRefused(409, "out-of-turn");
        maker.post(
                        "/api/grind/pieces/" + piece + "/abrasives",
                        Map.of("grit", "P121", "tool", "BELT", "lot", 0, "isNew", false))
                .isRefused(422, "entries");
        assertThat(room(piece).path("belt").path("ladder").path("cautions").toString())
                .as("the next belt is coarser than what was reached")
                .contains("coarser than the P120 that was reached");
    }

    private static void receive(Map<String, String> entries, String amount) {
        owner.post(
                        "/api/stock/lots",
                        Map.of(
                                "kind", "ABRASIVE",
                                "entries", entries,
                                "amount", amount,
                                "pieces", "1",
                                "orderedThickness", "",
                                "claimed", "",
                                "claim", "",
                                "isSure", true))
                .isOk();
    }

    @Test
    void the_shops_own_edge_is_the_owners_to_set_and_is_used_at_once() {
        long piece = Work.take(owner, 1, Map.of("use", "MEAT"));
        Map<String, String> habit = Map.of("least", ".020", "most", ".020", "leastDegrees", "17", "mostDegrees", "17");
        maker.post("/api/grind/edges/MEAT", habit).isRefused(403, "not-allowed");
        owner.post(
                        "/api/grind/edges/MEAT",
                        Map.of("least", ".030", "most", ".020", "leastDegrees", "17", "mostDegrees", "9"))
                .isRefused(422, "entries");
        owner.post("/api/grind/edges/MEAT", habit).isOk();
        JsonNode edge = room(piece).path("edge");
        assertThat(edge.path("thickness").path("value").asString()).isEqualTo("0.020 in");
        assertThat(edge.path("angle").path("value").asString()).isEqualTo("17°");
        owner.post("/api/grind/edges/MEAT/usual", Map.of()).isOk();
        assertThat(room(piece).path("edge").path("origin").asString()).isEqualTo("Common practice, from memory");
    }

    @Test
    void two_people_measure_at_once_and_both_readings_stand_in_the_journal() {
        long piece = Work.take(owner, 1, Map.of());
        measured(piece, "soft P36", Map.of("HEEL.EDGE", ".061")).isOk();
        owner.post(
                        "/api/grind/pieces/" + piece + "/readings",
                        Map.of("stage", "soft P36", "entries", Map.of("HEEL.EDGE", ".062")))
                .isOk();
        assertThat(size(room(piece), "HEEL.EDGE").path("measured").asString()).isEqualTo("0.062 in");
        assertThat(Work.piece(owner, piece).toString()).contains("measured after P36, one reading");
    }

    @Test
    void an_axe_has_no_cuts_and_all_the_rest() {
        long axe = Work.take(
                owner, 1, Map.of("construction", "HATCHET", "steelForm", "FORGED", "handleMaterial", "HICKORY"));
        JsonNode room = room(axe);
        assertThat(room.path("stages")).isNotEmpty();
        assertThat(room.path("places").get(0).path("section").isObject()).isFalse();
        maker.get("/api/grind/pieces/" + axe + "/section?at=0.5").isRefused(404, "not-there");
        assertThat(maker.get("/api/machine/pieces/" + axe + "/holes")
                        .isOk()
                        .json()
                        .path("parts"))
                .isEmpty();
        assertThat(maker.get("/api/machine/pieces/" + axe + "/readout").isOk().json())
                .isEmpty();
    }

    @Test
    void a_hole_is_held_against_the_table_and_a_likely_slip_is_named() {
        long piece = Work.take(owner, 1, Map.of());
        JsonNode holes = holes(piece);
        String x = holes.get(0).path("x").asString();
        String y = holes.get(0).path("y").asString();
        assertThat(why(piece, y, x)).contains("x and y were changed about");
        assertThat(why(
                        piece,
                        holes.get(1).path("x").asString(),
                        holes.get(1).path("y").asString()))
                .contains("that is the place of hole 2");
        assertThat(why(piece, x.replace(" in", " mm"), y.replace(" in", " mm")))
                .contains("millimetres were taken for inches");
        assertThat(why(piece, x, y)).isEmpty();
        maker.post(
                        "/api/machine/pieces/" + piece + "/holes",
                        Map.of("part", "Blade and tang", "hole", 99, "x", "1", "y", "1", "size", ""))
                .isRefused(404, "not-there");
    }

    @Test
    void a_first_piece_with_a_hole_off_is_not_proved_until_it_is_right_or_the_owner_lets_it_be() {
        long first = Work.take(owner, 2, Map.of());
        Work.workUpTo(shop, owner, first, "prove-first-piece");
        hole(first, "1", "-.4").isOk();
        assertThat(Work.start(maker, first, "prove-first-piece")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("Hole 1", "off its place");
        JsonNode right = firstHole(first);
        hole(first, right.path("x").asString(), right.path("y").asString()).isOk();
        Work.start(maker, first, "prove-first-piece").isOk();
    }

    @Test
    void what_the_owner_lets_be_of_a_hole_is_asked_once_and_again_when_it_is_measured_anew() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "harden");
        hole(piece, "1", "-.4").isOk();
        Work.start(maker, piece, "harden").isRefused(409, "out-of-turn");
        owner.post(
                        Work.address(piece, "harden") + "/override",
                        Map.of("rule", "hole-off", "reason", "The scales are drilled through it"))
                .isOk();
        Work.workUpTo(shop, owner, piece, "drill-scales");
        shop.restart();
        owner = shop.signedIn("olwen");
        maker = shop.signedIn("bram");
        hole(piece, "1.1", "-.4").isOk();
        Work.start(maker, piece, "drill-scales").isRefused(409, "out-of-turn");
    }

    private static Client.Answer hole(long piece, String x, String y) {
        return maker.post(
                "/api/machine/pieces/" + piece + "/holes",
                Map.of("part", "Blade and tang", "hole", 1, "x", x, "y", y, "size", ""));
    }

    private static JsonNode firstHole(long piece) {
        return holes(piece).get(0);
    }

    private static JsonNode holes(long piece) {
        return maker.get("/api/machine/pieces/" + piece + "/holes")
                .isOk()
                .json()
                .path("parts")
                .get(0)
                .path("holes");
    }

    @Test
    void a_spacer_has_its_own_slot_on_the_readout_which_comes_first_once_the_guards_is_cut() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "spacer", "ONE"));
        assertThat(parts(piece)).containsExactly("Guard", "Spacer");
        Work.workUpTo(shop, owner, piece, "make-spacer");
        assertThat(parts(piece)).containsExactly("Spacer", "Guard");
    }

    private static List<String> parts(long piece) {
        return maker.get("/api/machine/pieces/" + piece + "/readout")
                .isOk()
                .json()
                .valueStream()
                .map(sheet -> sheet.path("part").asString())
                .toList();
    }

    private static String why(long piece, String x, String y) {
        hole(piece, x, y).isOk();
        return firstHole(piece).path("measured").path("why").asString();
    }
}
