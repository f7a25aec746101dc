package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The tank over HTTP: baths, recipes, clocks, masks, marks, and ferric chloride by portions. */
class TankTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client maker;
    private static Tank tank;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        signIn();
    }

    private static void signIn() {
        owner = shop.signedIn("olwen");
        maker = shop.signedIn("bram");
        tank = new Tank(maker);
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static long readyForTheBath(String... answers) {
        Map<String, String> entries = new HashMap<>();
        for (int i = 0; i < answers.length; i += 2) {
            entries.put(answers[i], answers[i + 1]);
        }
        long piece = Work.take(owner, 1, entries);
        Work.workUpTo(shop, maker, piece, "etch");
        return piece;
    }

    private static double seconds(JsonNode millis) {
        return millis.asLong() / 1000.0;
    }

    @Test
    void a_clock_runs_on_through_a_restart_and_a_shop_clock_that_is_put_forward() {
        long piece = readyForTheBath("finish", "ETCHED_DARK_TUMBLED", "steel", "1095");
        long run = tank.begun(List.of(piece), tank.bath(), "usual:dark");
        assertThat(Work.step(Work.piece(maker, piece), "etch").path("standing").asString())
                .as("the step begins with it")
                .isEqualTo("RUNNING");
        tank.note(run, "IN").isOk();
        assertThat(tank.run(piece).path("firstLookMillis").asLong()).isPositive();
        shop.clock().putForward(Duration.ofSeconds(40));
        tank.note(run, "LOOKED").isOk();
        shop.restart();
        signIn();
        shop.clock().putForward(Duration.ofSeconds(60));
        JsonNode clock = tank.run(piece);
        assertThat(clock.path("where").asString()).isEqualTo("IN");
        double now = shop.clock().millis() / 1000.0;
        assertThat(now - seconds(clock.path("sinceMillis"))).isBetween(99.0, 400.0);
        assertThat(clock.path("firstLookMillis").asLong())
                .as("it was looked at")
                .isZero();
        tank.note(run, "OUT").isOk();
        double out = seconds(tank.run(piece).path("inMillis"));
        shop.clock().putForward(Duration.ofMinutes(10));
        assertThat(seconds(tank.run(piece).path("inMillis")))
                .as("out, it stands")
                .isEqualTo(out);
        tank.note(run, "IN").isOk();
        shop.clock().putForward(Duration.ofSeconds(30));
        tank.note(run, "OUT").isOk();
        assertThat(seconds(tank.run(piece).path("inMillis"))).isBetween(out + 29.9, out + 200);
    }

    @Test
    void the_step_is_over_when_its_cycles_are_and_what_came_of_it_is_kept_for_the_next() {
        long piece = readyForTheBath("finish", "VALLEY_AND_PEAK", "steel", "1095");
        long bath = tank.bath("name", "Second tube", "volume", "50 L", "across", "", "height", "");
        long run = tank.begun(List.of(piece), bath, "usual:valleys");
        Work.done(maker, piece, "etch").isRefused(409, "out-of-turn");
        tank.over(run, "EVEN").isRefused(409, "out-of-turn");
        int cycle = 0;
        for (int minutes : new int[] {8, 12, 15, 15}) {
            tank.note(run, "IN").isOk();
            shop.clock().putForward(Duration.ofMinutes(minutes));
            tank.note(run, "OUT").isOk();
            assertThat(Work.done(maker, piece, "etch")
                            .isRefused(409, "out-of-turn")
                            .detail())
                    .contains("cycle " + ++cycle + " of 4");
            tank.over(run, "EVEN").isOk();
        }
        Work.done(maker, piece, "etch").isOk();
        tank.rate(run, "GOOD", "black").isOk();
        JsonNode line = tank.look(bath).path("line");
        assertThat(line.path("longer").asString())
                .as("50 min against 33 fresh")
                .startsWith("1.5 times as long as fresh")
                .contains("one trial in this bath");
        long next = readyForTheBath("finish", "VALLEY_AND_PEAK", "steel", "1095");
        JsonNode choices = maker.get("/api/tank/pieces/" + next).isOk().json();
        String name = Work.piece(maker, piece).path("name").asString();
        JsonNode asThere = choices.path("recipes")
                .valueStream()
                .filter(each -> each.path("name").asString().equals("As on " + name))
                .findFirst()
                .orElseThrow();
        long again = tank.begun(List.of(next), bath, asThere.path("key").asString());
        assertThat(tank.run(next).path("recipeName").asString()).isEqualTo("Valley and peak");
        assertThat(tank.run(next).path("wanted").asString())
                .as("5 min become 1.2 × 5 to 1.8 × 5, coarsely")
                .startsWith("6 min to 9 min");
        maker.post("/api/tank/runs/" + again + "/take-back", Map.of()).isOk();
        assertThat(tank.run(next).isMissingNode() || tank.run(next).isNull()).isTrue();
    }

    @Test
    void what_cannot_be_done_again_wants_a_coupon_first() {
        long piece = readyForTheBath("finish", "PATTERN", "steelForm", "PATTERN_WELDED", "steel", "1084");
        long bath = tank.bath("name", "Pattern tube");
        assertThat(tank.begin(List.of(piece), bath, "usual:pattern", "")
                        .isRefused(422, "entries")
                        .detail())
                .contains("no coupon of 1084");
        tank.coupon(bath, "1084", "5 min", "7 min 30 s").isOk();
        tank.begin(List.of(piece), bath, "usual:pattern", "").isOk();
        assertThat(tank.look(bath).path("coupons")).hasSize(1);
        long coupon = tank.look(bath).path("coupons").get(0).path("id").asLong();
        maker.post("/api/tank/baths/" + bath + "/coupons/" + coupon + "/strike", Map.of())
                .isOk();
        assertThat(tank.look(bath).path("line").path("longer").asString()).startsWith("fresh");
        tank.coupon(bath, "1084", "soon", "later").isRefused(422, "entries");
    }

    @Test
    void the_same_moment_by_two_makers_counts_once_and_can_be_taken_back() {
        long piece = readyForTheBath("finish", "ETCHED_GREY", "steel", "1084");
        long run = tank.begun(List.of(piece), tank.bath("name", "Grey tube"), "usual:grey");
        Tank cato = new Tank(shop.signedIn("cato"));
        tank.note(run, "IN").isOk();
        cato.note(run, "IN").isRefused(409, "out-of-turn");
        cato.note(run, "OUT").isOk();
        tank.note(run, "OUT").isRefused(409, "out-of-turn");
        cato.over(run, "PATCHY").isOk();
        JsonNode clock = tank.run(piece);
        assertThat(clock.path("cycles").get(0).path("advice").asString()).contains("white rag");
        maker.post("/api/tank/runs/" + run + "/take-back", Map.of()).isOk();
        assertThat(tank.run(piece).path("where").asString()).isEqualTo("OUT");
        tank.note(run, "JUMPED").isRefused(422, "entries");
        tank.note(9999, "IN").isRefused(404, "not-there");
    }

    @Test
    void wrong_order_is_a_shut_gate() {
        long early = Work.take(owner, 1, Map.of("finish", "ETCHED_GREY", "steel", "1084"));
        long bath = tank.bath("name", "Early tube");
        assertThat(tank.begin(List.of(early), bath, "usual:grey", "")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("gate");
        long satin = Work.take(owner, 1, Map.of("finish", "HAND_SATIN"));
        assertThat(tank.begin(List.of(satin), bath, "usual:grey", "")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("is not etched");
        tank.begin(List.of(early), bath, "own:77", "").isRefused(422, "entries");
        long coffee = tank.bath("name", "Jug", "liquid", "COFFEE", "stock", "");
        tank.begin(List.of(early), coffee, "usual:grey", "").isRefused(422, "entries");
        tank.begin(List.of(), bath, "usual:grey", "").isRefused(422, "entries");
    }

    @Test
    void a_blade_that_is_etched_again_begins_a_clock_of_its_own_and_the_bath_has_eaten_both() {
        long piece = readyForTheBath("finish", "ETCHED_GREY", "steel", "1084");
        long bath = tank.bath("name", "Twice tube");
        long run = tank.begun(List.of(piece), bath, "usual:grey");
        tank.note(run, "IN").isOk();
        shop.clock().putForward(Duration.ofSeconds(25));
        tank.note(run, "OUT").isOk();
        tank.over(run, "SPOTS").isOk();
        Work.done(maker, piece, "etch").isOk();
        maker.post(
                        Work.address(piece, "etch") + "/went-wrong",
                        Map.of(
                                "kind",
                                "ETCH_SPOTS",
                                "words",
                                "a fingerprint",
                                "wayBack",
                                "REDO",
                                "measured",
                                "",
                                "from",
                                "sand-for-etch",
                                "sure",
                                false))
                .isOk();
        assertThat(tank.run(piece).isMissingNode() || tank.run(piece).isNull()).isTrue();
        assertThat(tank.look(bath).path("uses")).hasSize(1);
    }

    @Test
    void a_bath_is_described_anew_by_one_at_a_time_and_thrown_away_when_nothing_is_in_it() {
        long bath = tank.bath("name", "Trough", "across", "90 mm", "along", "400 mm", "height", "80 mm");
        Map<String, String> anew = new HashMap<>(Tank.TALL_TUBE);
        anew.put("temperature", "68 F");
        maker.post("/api/tank/baths/" + bath, Map.of("entries", anew, "basedOn", 1))
                .isOk();
        maker.post("/api/tank/baths/" + bath, Map.of("entries", anew, "basedOn", 1))
                .isRefused(409, "both-changed");
        assertThat(tank.mixed("volume", "", "stock", "90 %", "height", "")
                        .isRefused(422, "entries")
                        .json()
                        .path("findings")
                        .valueStream()
                        .map(finding -> finding.path("field").asString()))
                .containsExactlyInAnyOrder("volume", "stock", "height");
        long piece = readyForTheBath("finish", "ETCHED_GREY", "steel", "1084");
        tank.begun(List.of(piece), bath, "usual:grey");
        maker.post("/api/tank/baths/" + bath + "/gone", Map.of("to", "the yard"))
                .isRefused(409, "out-of-turn");
        long other = tank.bath("name", "Old tube");
        maker.post("/api/tank/baths/" + other + "/cares", Map.of("care", "TOPPED_UP", "words", "200 mL"))
                .isOk();
        maker.post("/api/tank/baths/" + other + "/gone", Map.of("to", "")).isRefused(422, "entries");
        maker.post("/api/tank/baths/" + other + "/gone", Map.of("to", "Hazardous waste, council yard"))
                .isOk();
        assertThat(tank.look(other).path("goneTo").asString()).contains("council yard");
        tank.coupon(other, "1084", "5 min", "6 min").isRefused(409, "out-of-turn");
        maker.post("/api/tank/baths/" + other + "/stands", Map.of()).isOk();
        long care = tank.look(other).path("cares").get(0).path("id").asLong();
        maker.post("/api/tank/baths/" + other + "/cares/" + care + "/strike", Map.of())
                .isOk();
        assertThat(tank.look(other).path("cares")).isEmpty();
    }

    @Test
    void a_recipe_goes_out_as_json_and_comes_in_again_as_it_was() {
        for (JsonNode recipe : maker.get("/api/tank/recipes").isOk().json().path("recipes")) {
            String key = recipe.path("key").asString();
            if (key.startsWith("usual:")) {
                String file = maker.get("/api/tank/recipes/" + key + "/files/recipe.json")
                        .isOk()
                        .text();
                long id = maker.post("/api/tank/recipes/file", Map.of("text", file))
                        .isOk()
                        .json()
                        .path("about")
                        .asLong();
                assertThat(maker.get("/api/tank/recipes/own:" + id + "/files/recipe.json")
                                .isOk()
                                .json())
                        .as(key)
                        .isEqualTo(maker.get("/api/tank/recipes/" + key + "/files/recipe.json")
                                .isOk()
                                .json());
                maker.post("/api/tank/recipes/" + id + "/drop", Map.of()).isOk();
            }
        }
        String grey = maker.get("/api/tank/recipes/usual:grey/files/recipe.json")
                .isOk()
                .text();
        for (String endless : List.of("9000000000000000000", "-5", "0")) {
            String odd = grey.replaceAll("\"leastSeconds\"\\s*:\\s*20", "\"leastSeconds\":" + endless);
            assertThat(odd).isNotEqualTo(grey);
            maker.post("/api/tank/recipes/file", Map.of("text", odd)).isRefused(422, "entries");
        }
        for (String broken :
                List.of("", "{}", "[1]", "no recipe", "{\"format\":\"etch-recipe-1\",\"name\":\"half\"}")) {
            maker.post("/api/tank/recipes/file", Map.of("text", broken)).isRefused(422, "entries");
        }
    }

    @Test
    void a_copy_is_changed_in_versions_and_what_is_wrong_in_it_is_said_at_its_field() {
        JsonNode dark = maker.get("/api/tank/recipes")
                .isOk()
                .json()
                .path("recipes")
                .valueStream()
                .filter(each -> each.path("key").asString().equals("usual:dark"))
                .findFirst()
                .orElseThrow();
        ObjectNode entries = ((ObjectNode) dark.path("entries").deepCopy()).put("name", "Dark, ours");
        long id = maker.post("/api/tank/recipes", entries)
                .isOk()
                .json()
                .path("about")
                .asLong();
        ((ObjectNode) entries.path("cycles").get(0)).put("bath", "4 min");
        maker.post("/api/tank/recipes/" + id, entries.deepCopy().put("basedOn", 1))
                .isOk();
        maker.post("/api/tank/recipes/" + id, entries.deepCopy().put("basedOn", 1))
                .isRefused(409, "both-changed");
        ((ObjectNode) entries.path("cycles").get(1)).put("bath", "soon");
        assertThat(maker.post(
                                "/api/tank/recipes/" + id,
                                entries.deepCopy().put("basedOn", 2).put("grit", "7"))
                        .isRefused(422, "entries")
                        .json()
                        .path("findings")
                        .valueStream()
                        .map(finding -> finding.path("field").asString()))
                .containsExactlyInAnyOrder("cycles.1.bath", "grit");
        JsonNode own = maker.get("/api/tank/recipes")
                .isOk()
                .json()
                .path("recipes")
                .valueStream()
                .filter(each -> each.path("key").asString().equals("own:" + id))
                .findFirst()
                .orElseThrow();
        assertThat(own.path("version").asInt()).isEqualTo(2);
        assertThat(own.path("versions")).hasSize(2);
        assertThat(own.path("cycles").asString()).startsWith("4 min");
        maker.post("/api/tank/recipes/" + id + "/drop", Map.of()).isOk();
    }

    private static Map<String, Object> zone(String name, String from, String to, String wanted) {
        return Map.of(
                "name", name, "corners", List.of(), "from", from, "to", to, "low", "0", "high", "100", "wanted",
                wanted);
    }

    @Test
    @DisplayName("[worked] 210 s and 30 s: open the first for 180 s, then both for 30 s; the other way round cannot be")
    void two_tones_by_mask() {
        long piece = readyForTheBath("finish", "TWO_TONE_MASKED", "steel", "1084");
        String address = "/api/tank/pieces/" + piece + "/mask";
        assertThat(maker.post(
                                address,
                                Map.of(
                                        "zones",
                                        List.of(zone("leaves", "1", "2", "30 s"), zone("ground", "2", "3", "210 s")),
                                        "basedOn",
                                        0))
                        .isRefused(422, "entries")
                        .json()
                        .path("findings")
                        .get(0)
                        .path("accepted")
                        .asString())
                .contains("leaves is opened before it");
        maker.post(
                        address,
                        Map.of(
                                "zones",
                                List.of(zone("ground", "2", "3", "210 s"), zone("leaves", "1", "2", "30 s")),
                                "basedOn",
                                0))
                .isOk();
        JsonNode mask = maker.get(address).isOk().json();
        assertThat(mask.path("working").get(0).asString()).isEqualTo("ground: 180 s + 30 s = 210 s");
        assertThat(mask.path("acts").get(0).asString()).isEqualTo("Open: ground");
        assertThat(mask.path("zones").get(0).path("area").asString()).endsWith("cm²");
        maker.post(address, Map.of("zones", List.of(), "basedOn", 0)).isRefused(409, "both-changed");
        Map<String, Object> vast = new HashMap<>(zone("vast", "", "", "30 s"));
        vast.put("corners", List.of(0, 0, 1e300, 0, 1, 1));
        maker.post(
                        address,
                        Map.of(
                                "zones",
                                List.of(vast),
                                "basedOn",
                                mask.path("basedOn").asLong()))
                .isRefused(422, "entries");
        long run = tank.begun(List.of(piece), tank.bath("name", "Mask tube"), "mask:" + piece);
        JsonNode clock = tank.run(piece);
        assertThat(clock.path("of").asInt()).isEqualTo(2);
        assertThat(clock.path("wanted").asString()).isEqualTo("3 min");
        tank.note(run, "IN").isOk();
        tank.note(run, "OUT").isOk();
        tank.over(run, "EVEN").isOk();
        assertThat(tank.run(piece).path("next").asString()).contains("lift the mask");
        assertThat(tank.run(piece).path("wanted").asString()).isEqualTo("30 s");
    }

    @Test
    void a_mark_has_its_clock_its_stencil_and_its_pause() {
        long piece = Work.take(owner, 1, Map.of("mark", "ELECTRO_ETCHED", "steel", "440C"));
        Work.workUpTo(shop, maker, piece, "electro-mark");
        long stencil = maker.post(
                        "/api/tank/stencils",
                        Map.of("name", "Crossed edges", "words", "", "marks", "2", "askedOf", "Cato", "wantedOn", ""))
                .isOk()
                .json()
                .path("about")
                .asLong();
        maker.postPhoto(
                        "/api/tank/stencils/" + stencil + "/file",
                        "mark.svg",
                        "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                .isOk();
        Map<String, Object> mark = new HashMap<>(Map.of(
                "stencil", stencil,
                "place", "left of the ricasso",
                "electrolyte", "SALT_WATER",
                "current", "DIRECT",
                "volts", "12",
                "amperes", "2",
                "area", "20",
                "efficiency", "100",
                "goal", "3 min"));
        String address = "/api/tank/pieces/" + piece + "/marks";
        assertThat(maker.post(address, mark).isRefused(409, "out-of-turn").detail())
                .contains("Start");
        Work.start(maker, piece, "electro-mark").isOk();
        assertThat(maker.post(address, mark).isRefused(422, "entries").detail()).contains("not here yet");
        maker.post("/api/tank/stencils/" + stencil + "/here", Map.of()).isOk();
        mark.put("amperes", "0");
        maker.post(address, mark).isRefused(422, "entries");
        mark.put("amperes", "2");
        long id = maker.post(address, mark).isOk().json().path("about").asLong();
        JsonNode view = maker.get(address).isOk().json();
        assertThat(view.path("marks")
                        .get(0)
                        .path("depth")
                        .path("working")
                        .get(1)
                        .asString())
                .as("[worked] 2 A over 20 cm² for 180 s are 6.6 µm")
                .contains("6.6 µm");
        assertThat(view.path("marks").get(0).path("cautions").toString()).contains("chlorine", "chromium");
        assertThat(view.path("stencils").get(0).path("left").asInt()).isEqualTo(1);
        String moments = "/api/tank/marks/" + id + "/moments";
        maker.post(moments, Map.of("moment", "ON")).isOk();
        shop.clock().putForward(Duration.ofSeconds(61));
        maker.post("/api/tank/marks/" + id + "/result", Map.of("result", "SHARP", "words", ""))
                .isRefused(409, "out-of-turn");
        maker.post(moments, Map.of("moment", "OFF")).isOk();
        assertThat(maker.post(moments, Map.of("moment", "ON"))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("cool it in water");
        maker.post(moments, Map.of("moment", "COOLED")).isOk();
        maker.post(moments, Map.of("moment", "ON")).isOk();
        maker.post(moments, Map.of("moment", "OFF")).isOk();
        maker.post("/api/tank/marks/" + id + "/result", Map.of("result", "SHARP", "words", ""))
                .isOk();
    }

    @Test
    @DisplayName(
            "[trade] peroxide only when no bubble rises, in portions, never into a hot vessel, never before the last has worked")
    void ferric_chloride_by_portions() {
        Map<String, String> made = Map.of(
                "acid", "300 mL",
                "acidStrength", "20 °Bé",
                "iron", "55 g",
                "peroxide", "560 mL",
                "peroxideStrength", "3 %");
        Map<String, String> without = new HashMap<>(made);
        without.put("acid", "");
        assertThat(maker.post("/api/tank/ferric/worked", without)
                        .isRefused(422, "entries")
                        .json()
                        .path("findings")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("acid");
        JsonNode worked = maker.post("/api/tank/ferric/worked", made).isOk().json();
        int portions = worked.path("portions").asInt();
        assertThat(portions).isBetween(6, 9);
        long id =
                maker.post("/api/tank/ferric", made).isOk().json().path("about").asLong();
        maker.post("/api/tank/ferric", made).isRefused(409, "out-of-turn");
        String address = "/api/tank/ferric/" + id;
        assertThat(maker.post(address + "/portions", Map.of("temperature", "70 F"))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("boils over");
        maker.post(address + "/bubbles", Map.of("areGone", true)).isOk();
        maker.post(address + "/portions", Map.of("temperature", "130 F")).isRefused(422, "entries");
        maker.post(address + "/portions", Map.of("temperature", "75 F")).isOk();
        assertThat(maker.post(address + "/portions", Map.of("temperature", "75 F"))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("wait another");
        for (int i = 1; i < portions; i++) {
            shop.clock().putForward(Duration.ofMinutes(6));
            maker.post(address + "/portions", Map.of("temperature", "80 F")).isOk();
        }
        shop.clock().putForward(Duration.ofMinutes(6));
        maker.post(address + "/portions", Map.of("temperature", "80 F")).isRefused(409, "out-of-turn");
        maker.post(address + "/end", Map.of()).isOk();
        assertThat(maker.get("/api/tank/ferric").isOk().json().path("making").isMissingNode()
                        || maker.get("/api/tank/ferric")
                                .isOk()
                                .json()
                                .path("making")
                                .isNull())
                .isTrue();
    }

    @Test
    void the_order_of_a_batch_is_found_and_says_what_it_takes() throws InterruptedException {
        long first = Work.take(owner, 3, Map.of("finish", "ETCHED_GREY", "steel", "1084"));
        List<Long> pieces = new ArrayList<>();
        LongStream.range(first, first + 3).forEach(pieces::add);
        long bath = tank.bath("name", "Batch tube");
        maker.post("/api/tank/plans", Map.of("pieces", pieces, "bath", bath, "recipe", "usual:grey", "atOnce", 0))
                .isRefused(422, "entries");
        JsonNode run = maker.post(
                        "/api/tank/plans", Map.of("pieces", pieces, "bath", bath, "recipe", "usual:grey", "atOnce", 2))
                .isOk()
                .json();
        long id = run.path("id").asLong();
        for (int i = 0; i < 1000 && !run.path("isOver").asBoolean(); i++) {
            Thread.sleep(100);
            run = maker.get("/api/tank/plans/" + id).isOk().json();
        }
        assertThat(run.path("isOver").asBoolean()).isTrue();
        assertThat(run.path("plan").path("isShortest").asBoolean()).isTrue();
        assertThat(run.path("plan")
                        .path("acts")
                        .valueStream()
                        .filter(act -> act.path("words").asString().startsWith("put in")))
                .hasSize(3);
        assertThat(run.path("labour").asString()).isEqualTo("14 min");
    }
}
