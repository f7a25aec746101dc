package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Billets over HTTP. */
class ForgeTest {
    private static RunningShop shop;
    private static Client bram;
    private static Client cato;
    private static JsonNode questions;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        bram = shop.signedIn("bram");
        cato = shop.signedIn("cato");
        questions = bram.get("/api/forge/questions").isOk().json();
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    static Map<String, Object> step(JsonNode questions, String work, String... keysAndValues) {
        Map<String, String> entries = new LinkedHashMap<>();
        questions
                .path("works")
                .valueStream()
                .filter(each -> each.path("work").asString().equals(work))
                .findFirst()
                .orElseThrow()
                .path("fields")
                .forEach(field -> entries.put(
                        field.path("key").asString(), field.path("usual").asString()));
        for (int i = 0; i < keysAndValues.length; i += 2) {
            entries.put(keysAndValues[i], keysAndValues[i + 1]);
        }
        return Map.of("work", work, "entries", entries);
    }

    private static Map<String, Object> billet(String blades, String paid, List<Map<String, Object>> steps) {
        return new LinkedHashMap<>(Map.of(
                "name",
                "Straight",
                "steps",
                steps,
                "blades",
                blades,
                "thickness",
                "1/4",
                "width",
                "1-1/2",
                "length",
                "10",
                "pieceId",
                0,
                "paid",
                paid));
    }

    private static List<Map<String, Object>> straight(String length) {
        return new ArrayList<>(List.of(
                step(questions, "STACK", "pieces", "7", "length", length),
                step(questions, "WELD"),
                step(questions, "CROP"),
                step(questions, "DRAW", "toThickness", "3/8", "toWidth", "1-1/2")));
    }

    private static long begun(List<Map<String, Object>> steps) {
        return bram.post("/api/forge/billets", billet("1", "", steps))
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    @Test
    @DisplayName("[trade] bars for 110 in money, five knives: 22 each, the lost ends and the scale with them")
    void bars_for_five_knives_cost_each_a_fifth() {
        JsonNode reading = bram.post("/api/forge/read", billet("5", "110", straight("30")))
                .isOk()
                .json();
        assertThat(reading.path("cost").path("perBlade").asString()).isEqualTo("22.00");
        assertThat(reading.path("bars").get(0).path("words").asString())
                .isEqualTo("4 × 1084, 0.125 in × 1.5 in, 30 in long");
        assertThat(reading.path("section").path("url").asString()).startsWith("data:image/png;base64,");
    }

    @Test
    void works_backwards_to_the_bars_and_says_where_a_recipe_breaks_off() {
        JsonNode reading = bram.post("/api/forge/read", billet("5", "", straight("5")))
                .isOk()
                .json();
        assertThat(reading.path("result").path("isEnough").asBoolean()).isFalse();
        String fitted = reading.path("fittedLength").asString();
        JsonNode enough = bram.post("/api/forge/read", billet("5", "", straight(fitted)))
                .isOk()
                .json();
        assertThat(enough.path("result").path("blades").asInt()).isEqualTo(5);
        List<Map<String, Object>> broken = straight("5");
        broken.add(step(questions, "TWIST"));
        broken.add(step(questions, "CROP"));
        JsonNode stages = bram.post("/api/forge/read", billet("1", "", broken))
                .isOk()
                .json()
                .path("stages");
        assertThat(stages.get(4).path("standing").asString()).isEqualTo("REFUSED");
        assertThat(stages.get(4).path("why").asString()).contains("neither square nor round");
        assertThat(stages.get(5).path("standing").asString()).isEqualTo("WAITS");
        bram.post("/api/forge/billets", billet("1", "", broken)).isRefused(409, "out-of-turn");
        bram.post("/api/forge/billets", billet("none", "a lot", straight("long")))
                .isRefused(422, "entries");
    }

    @Test
    void bars_that_are_not_there_are_named_and_nothing_is_taken() {
        long id = begun(new ArrayList<>(List.of(
                step(questions, "STACK", "firstSteel", "O1", "secondSteel", "D2", "pieces", "7"),
                step(questions, "WELD"))));
        long bar = Store.receive(bram, "BAR", "60 in", "1", "what=O1; thickness=1/8; width=1-1/2");
        assertThat(bram.post("/api/forge/billets/" + id + "/bars", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("3 × D2")
                .contains("(0 there)")
                .doesNotContain("O1");
        assertThat(Store.lot(bram, bar).path("lot").path("amount").asString()).isEqualTo("60 in");
        bram.post("/api/forge/billets/" + id + "/steps/0/done", Map.of("thickness", "", "width", "", "length", ""))
                .isRefused(409, "out-of-turn");
    }

    @Test
    void a_steel_of_the_shops_own_lies_on_the_rack_and_goes_into_a_billet_with_its_price() {
        Client owner = shop.signedIn("olwen");
        Map<String, Object> both = billet("1", "", List.of(step(questions, "STACK", "secondSteel", "Shop 4")));
        assertThat(bram.post("/api/forge/read", both).isOk().text()).contains("“Shop 4” was not understood");
        owner.post("/api/steels", FireTest.mill("Shop 4")).isOk();
        for (String item : List.of("steel:Shop 4", "steel:1084")) {
            owner.post("/api/prices", Map.of("item", item, "amount", "40", "from", ""))
                    .isOk();
        }
        assertThat(bram.get("/api/forge/questions").isOk().text()).contains("\"value\":\"Shop 4\"");
        JsonNode cost = bram.post("/api/forge/read", both).isOk().json().path("cost");
        assertThat(cost.path("missing")).isEmpty();
        assertThat(cost.path("cost").asString()).isNotBlank();
        List<Map<String, Object>> stack = List.of(
                step(
                        questions,
                        "STACK",
                        "firstSteel",
                        "shop 4",
                        "firstThickness",
                        "1/8",
                        "secondSteel",
                        "mild steel",
                        "secondThickness",
                        "1/8",
                        "pieces",
                        "3"),
                step(questions, "WELD"));
        long id = begun(stack);
        Store.receive(bram, "BAR", "60 in", "1", "what=Shop 4; thickness=1/8; width=1-1/2");
        Store.receive(bram, "BAR", "60 in", "1", "what=MILD_STEEL; thickness=1/8; width=1-1/2");
        bram.post("/api/forge/billets/" + id + "/bars", Map.of()).isOk();
        assertThat(bram.get("/api/forge/billets/" + id).isOk().text()).contains("Shop 4");
    }

    @Test
    @DisplayName("[worked] four bars and three of 6 in with a kerf of 1/16 in want 42.4 in: a bar of 30 in has "
            + "enough for the four or for the three, not for both; with 19 in more, 5.75 in of it are left")
    void bars_of_one_recipe_are_not_cut_twice_from_the_same_steel() {
        long id = begun(new ArrayList<>(List.of(
                step(
                        questions,
                        "STACK",
                        "firstSteel",
                        "5160",
                        "firstThickness",
                        "1/8",
                        "secondSteel",
                        "5160",
                        "secondThickness",
                        "1/8",
                        "pieces",
                        "7",
                        "length",
                        "6"),
                step(questions, "WELD"))));
        long bar = Store.receive(bram, "BAR", "30 in", "1", "what=5160; thickness=1/8; width=1-1/2");
        assertThat(bram.post("/api/forge/billets/" + id + "/bars", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("when the recipe's other bars are cut");
        assertThat(Store.lot(bram, bar).path("lot").path("amount").asString()).isEqualTo("30 in");
        Store.receive(bram, "BAR", "19 in", "1", "what=5160; thickness=1/8; width=1-1/2");
        bram.post("/api/forge/billets/" + id + "/bars", Map.of()).isOk();
        assertThat(Store.lot(bram, bar).path("lot").path("amount").asString()).isEqualTo("5.75 in");
    }

    @Test
    void two_makers_never_do_the_same_step_twice_nor_overwrite_each_others_recipe() {
        long id = begun(straight("6"));
        JsonNode page = bram.get("/api/forge/billets/" + id).isOk().json();
        int version = page.path("version").asInt();
        Map<String, Object> changed = Map.of("billet", billet("1", "", straight("7")), "basedOn", version);
        bram.post("/api/forge/billets/" + id + "/change", changed).isOk();
        JsonNode both = cato.post("/api/forge/billets/" + id + "/change", changed)
                .isRefused(409, "both-changed")
                .json()
                .path("both")
                .get(0);
        assertThat(both.path("theirsBy").asString()).isEqualTo("Bram Holt");
        assertThat(both.path("theirsIs").asString()).isEqualTo(String.valueOf(version + 1));

        Store.receive(bram, "BAR", "60 in", "1", "what=1084; thickness=1/8; width=1-1/2");
        Store.receive(bram, "BAR", "60 in", "1", "what=75Ni8; thickness=1/16; width=1-1/2");
        bram.post("/api/forge/billets/" + id + "/bars", Map.of()).isOk();
        bram.post("/api/forge/billets/" + id + "/bars", Map.of()).isRefused(409, "out-of-turn");
        Map<String, String> nothing = Map.of("thickness", "", "width", "", "length", "");
        bram.post("/api/forge/billets/" + id + "/steps/0/done", nothing).isOk();
        assertThat(cato.post("/api/forge/billets/" + id + "/steps/0/done", nothing)
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("Bram Holt has done this step");
        cato.post(
                        "/api/forge/billets/" + id + "/change",
                        Map.of("billet", billet("1", "", straight("9")), "basedOn", version + 1))
                .isRefused(409, "out-of-turn");
        cato.post("/api/forge/billets/" + id + "/steps/0/reopen", Map.of()).isOk();
        bram.post("/api/forge/billets/" + id + "/steps/0/done", nothing).isOk();
    }

    @Test
    @DisplayName(
            "[worked] a flaw 0.012 in deep in 0.200 in leaves 0.176 in ground out on both sides; a no-go stops the next step")
    void a_flaw_that_does_not_go_on_stops_the_billet() {
        long id = begun(straight("6"));
        Map<String, Object> flaw = new LinkedHashMap<>(Map.of(
                "depth", ".012", "thickness", ".200", "wanted", ".160", "goesOn", false, "words", "an open weld"));
        assertThat(bram.post("/api/forge/flaw", flaw)
                        .isOk()
                        .json()
                        .path("leftGroundOut")
                        .asString())
                .isEqualTo("0.176 in");
        bram.post("/api/forge/billets/" + id + "/flaws", flaw).isOk();
        Store.receive(bram, "BAR", "60 in", "1", "what=1084; thickness=1/8; width=1-1/2");
        Store.receive(bram, "BAR", "60 in", "1", "what=75Ni8; thickness=1/16; width=1-1/2");
        bram.post("/api/forge/billets/" + id + "/bars", Map.of()).isOk();
        Map<String, String> nothing = Map.of("thickness", "", "width", "", "length", "");
        assertThat(bram.post("/api/forge/billets/" + id + "/steps/0/done", nothing)
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("does not go on");
        flaw.put("goesOn", true);
        bram.post("/api/forge/billets/" + id + "/flaws", flaw).isOk();
        bram.post("/api/forge/billets/" + id + "/steps/0/done", nothing).isOk();
        flaw.put("depth", "3");
        bram.post("/api/forge/flaw", flaw).isRefused(422, "entries");
    }

    @Test
    void a_machine_that_is_too_weak_or_too_short_is_named_at_the_step_and_a_trip_has_its_list() {
        Map<String, String> press = new LinkedHashMap<>(Map.of(
                "name",
                "Small press",
                "kind",
                "PRESS",
                "tons",
                "6",
                "die",
                "2 in",
                "longest",
                "40 in",
                "thickest",
                "6 in",
                "owner",
                "the farrier"));
        long machine = bram.post("/api/forge/machines", press)
                .isOk()
                .json()
                .path("about")
                .asLong();
        JsonNode stages = bram.post("/api/forge/read", billet("1", "", straight("6")))
                .isOk()
                .json()
                .path("stages");
        assertThat(stages.get(3).path("cautions").valueStream().map(JsonNode::asString))
                .anyMatch(caution -> caution.contains("Small press: about"));
        long id = begun(straight("6"));
        bram.post("/api/forge/trips", Map.of("machine", machine, "billet", id, "day", "yesterday"))
                .isRefused(422, "entries");
        long trip = bram.post(
                        "/api/forge/trips",
                        Map.of(
                                "machine",
                                machine,
                                "billet",
                                id,
                                "day",
                                LocalDate.now().plusDays(5).toString()))
                .isOk()
                .json()
                .path("about")
                .asLong();
        bram.post("/api/forge/trips/" + trip + "/pack", Map.of("line", "Fuel for the welding heat", "isPacked", true))
                .isOk();
        JsonNode packed = bram.get("/api/forge").isOk().json().path("trips").get(0);
        assertThat(packed.path("carry")
                        .valueStream()
                        .filter(each -> each.path("isPacked").asBoolean())
                        .map(each -> each.path("line").asString()))
                .containsExactly("Fuel for the welding heat");
        bram.post("/api/forge/trips/" + trip + "/over", Map.of()).isOk();
        bram.post("/api/forge/machines/" + machine + "/drop", Map.of()).isOk();
        press.put("tons", "strong");
        bram.post("/api/forge/machines", press).isRefused(422, "entries");
    }
}
