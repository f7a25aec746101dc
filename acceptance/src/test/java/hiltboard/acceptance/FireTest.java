package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The fire over HTTP: loads, kilns, records, hardness, the treater, the shop's own steels. */
class FireTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client maker;
    private static Fires fires;
    private static long kiln;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        maker = shop.signedIn("bram");
        fires = new Fires(shop, maker);
        kiln = fires.kiln(owner, "Long kiln");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    @DisplayName("[trade] a kiln loaded with cold work drops by up to about 100 °F; the soak counts from recovery; "
            + "the last out has soaked longest; every piece has its record")
    void a_hardening_load_of_two_jobs() {
        long first = fires.ready(owner, Map.of(), "harden");
        long second = fires.ready(owner, Map.of("steel", "1095", "bladeLength", "5"), "harden");
        long load = fires.plan(kiln, "HARDEN", first);
        assertThat(fires.tell(load, "join", Map.of("piece", second))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("1475 °F")
                .contains("1500 °F");
        long third = fires.ready(owner, Map.of("bladeLength", "5"), "harden");
        fires.tell(load, "join", Map.of("piece", third)).isOk();
        JsonNode planned = fires.load(load);
        assertThat(planned.path("temper").path("isInTime").asBoolean())
                .as("said before the fire is lit")
                .isFalse();
        assertThat(planned.path("temper").path("offers")).isNotEmpty();
        assertThat(fires.tell(load, "in", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("not lit");

        fires.tell(load, "light", Map.of()).isOk();
        assertThat(fires.tell(load, "in", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("Not ready yet")
                .contains("extinguisher");
        fires.prepare(load);
        fires.pass(Duration.ofMinutes(80));
        fires.in(kiln, load);
        assertThat(fires.standing(first, "harden")).isEqualTo("RUNNING");
        assertThat(fires.out(load, first).isRefused(422, "question").detail())
                .contains("0 s of", "the kiln has recovered and the blade is at heat, by estimate");
        fires.soak(load);
        JsonNode soaking = fires.load(load).path("soaking");
        assertThat(Integer.parseInt(soaking.path("drop").asString().replaceAll("\\D", "")))
                .isBetween(20, 110);
        assertThat(Work.number(Work.piece(maker, first), "kiln.at-soak")
                        .path("source")
                        .asString())
                .as("read by the program, from recovery")
                .isEqualTo("measured");

        fires.door(kiln, true);
        fires.out(load, first).isOk();
        fires.door(kiln, false);
        assertThat(fires.tell(load, "end", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("No record yet");
        fires.pass(Duration.ofSeconds(60));
        fires.out(load, third).isOk();
        assertThat(fires.inLoad(load, first).path("soaked").asString())
                .isNotEqualTo(fires.inLoad(load, third).path("soaked").asString());
        fires.tell(load, "file-test", Map.of("piece", first, "skates", true)).isOk();
        assertThat(fires.standing(first, "harden")).isEqualTo("DONE");
        assertThat(Work.piece(maker, first).path("days").path("windows").toString())
                .as("its temper's clock runs")
                .contains("temper-first");
        fires.tell(load, "file-test", Map.of("piece", third, "skates", true)).isOk();
        fires.tell(load, "end", Map.of()).isOk();
        assertThat(maker.get("/api/fire/pieces/" + first)
                        .json()
                        .path("fires")
                        .get(0)
                        .path("left")
                        .asString())
                .isEqualTo("the file skates");

        long temper = fires.plan(kiln, "FIRST_TEMPER", first, third);
        fires.prepare(temper);
        fires.tell(temper, "light", Map.of()).isOk();
        assertThat(fires.tell(temper, "in", Map.of())
                        .isRefused(409, "out-of-turn")
                        .detail())
                .as("the kiln is still at hardening heat")
                .contains("has not come down");
        fires.tell(temper, "give-up", Map.of("words", "Too slow; the oven takes them"))
                .isOk();
        assertThat(fires.standing(first, "temper-first")).isEqualTo("READY");
    }

    @Test
    @DisplayName("property: whatever is pressed in whatever order, no fire is over while a piece of it has no record")
    void no_piece_leaves_a_load_without_its_record() {
        long own = fires.kiln(owner, "Kiln for anything");
        long[] pieces = {
            fires.ready(owner, Map.of("steel", "80CrV2"), "harden"),
            fires.ready(owner, Map.of("steel", "80CrV2"), "harden"),
            fires.ready(owner, Map.of("steel", "80CrV2"), "harden")
        };
        long load = fires.burn(own, "HARDEN", Duration.ofMinutes(85), pieces);
        Random chance = new Random(3);
        for (int i = 0; i < 60; i++) {
            long which = pieces[chance.nextInt(3)];
            switch (chance.nextInt(3)) {
                case 0 -> fires.tell(load, "out", Map.of("piece", which, "sure", chance.nextBoolean()));
                case 1 -> fires.tell(load, "file-test", Map.of("piece", which, "skates", chance.nextInt(3) > 0));
                default -> fires.tell(load, "end", Map.of());
            }
            JsonNode now = fires.load(load);
            boolean isComplete = now.path("pieces")
                    .valueStream()
                    .allMatch(piece -> !piece.path("leftAs").asString().isEmpty()
                            && !piece.path("fileTest").asString().isEmpty());
            assertThat(now.path("standing").asString().equals("OVER") && !isComplete)
                    .as(now.toString())
                    .isFalse();
        }
        assertThat(fires.load(load).path("standing").asString())
                .as("and in the end it was")
                .isEqualTo("OVER");
    }

    @Test
    void a_temper_rests_as_long_as_the_kiln_soaks_and_is_done_when_all_are_out() {
        long oven = fires.kiln(owner, "Oven");
        long piece = fires.ready(owner, Map.of(), "temper-first");
        long load = fires.burn(oven, "FIRST_TEMPER", Duration.ofMinutes(25), piece);
        fires.soak(load);
        assertThat(fires.standing(piece, "temper-first")).isEqualTo("RESTING");
        fires.out(load, piece).isOk();
        assertThat(fires.standing(piece, "temper-first")).isEqualTo("DONE");
        fires.tell(load, "end", Map.of()).isOk();
        long past = fires.load(load).path("clock").path("litAtMillis").asLong();
        JsonNode curve = maker.get("/api/fire/kilns/" + oven + "/curve?from=" + past)
                .isOk()
                .json();
        assertThat(curve.path("points").size()).isBetween(200, 1001);
        assertThat(curve.path("unit").asString()).isEqualTo("°F");
        assertThat(curve.path("points")
                        .valueStream()
                        .mapToDouble(point -> point.path("degrees").asDouble())
                        .max()
                        .orElseThrow())
                .isBetween(398.0, 406.0);
        assertThat(curve.path("events")
                        .valueStream()
                        .map(event -> event.path("words").asString()))
                .contains("Work in", "Recovered", "Fire over");
    }

    @Test
    void three_heats_of_normalising_are_each_soaked_from_recovery() {
        long hearth = fires.kiln(owner, "Forge kiln");
        long piece = fires.ready(owner, Map.of("steelForm", "FORGED"), "normalise");
        long load = fires.burn(hearth, "NORMALISE", Duration.ofMinutes(100), piece);
        assertThat(fires.tell(load, "next-heat", Map.of())
                        .isRefused(422, "question")
                        .detail())
                .contains("0 s of", "the kiln has recovered and the blade is at heat, by estimate");
        for (String heat : List.of("1525 °F", "1450 °F")) {
            fires.soak(load);
            assertThat(fires.out(load, piece).isRefused(409, "out-of-turn").detail())
                    .contains("more heats");
            fires.tell(load, "next-heat", Map.of()).isOk();
            assertThat(fires.load(load).path("treatment").path("heat").asString())
                    .isEqualTo(heat);
        }
        fires.soak(load);
        fires.out(load, piece).isOk();
        assertThat(fires.standing(piece, "normalise")).isEqualTo("DONE");
    }

    @Test
    void a_power_cut_is_an_alarm_that_stays_until_somebody_has_it_and_the_soak_counts_again_from_recovery() {
        long own = fires.kiln(owner, "Kiln on the old cable");
        long piece = fires.ready(owner, Map.of("steel", "O1"), "harden");
        long load = fires.burn(own, "HARDEN", Duration.ofMinutes(80), piece);
        fires.pass(Duration.ofMinutes(6));
        long before = fires.load(load).path("soaking").path("soakedSeconds").asLong();
        assertThat(before).isPositive().isLessThan(600);
        maker.post("/api/fire/kilns/" + own + "/fault", Map.of("fault", "POWER_CUT"))
                .isOk();
        fires.pass(Duration.ofMinutes(5));
        JsonNode alarm = alarm("Kiln on the old cable");
        assertThat(alarm.path("words").asString()).contains("power is gone");
        assertThat(alarm.path("toDo").get(0).asString()).contains("door shut");
        assertThat(fires.load(load).path("soaking").path("soakedSeconds").asLong())
                .as("what is below heat does not count")
                .isLessThan(before + 150);
        assertThat(fires.load(load).path("soaking").path("interruptions").asInt())
                .isEqualTo(1);
        maker.post("/api/fire/kilns/" + own + "/fault", Map.of("fault", "")).isOk();
        fires.pass(Duration.ofMinutes(2));
        assertThat(alarm("Kiln on the old cable").path("id").asLong())
                .as("it stays when the power is back")
                .isEqualTo(alarm.path("id").asLong());
        owner.post("/api/alarms/" + alarm.path("id").asLong() + "/answer", Map.of("words", ""))
                .isOk();
        assertThat(maker.get("/api/alarms").json().toString()).doesNotContain("old cable: The power");
        owner.post("/api/alarms/" + alarm.path("id").asLong() + "/answer", Map.of("words", ""))
                .isRefused(409, "out-of-turn");
        fires.soak(load);
        assertThat(fires.out(load, piece).isOk().json()).isNotNull();
    }

    private static JsonNode alarm(String of) {
        return maker.get("/api/alarms")
                .json()
                .valueStream()
                .filter(alarm -> alarm.path("words").asString().startsWith(of))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void an_open_thermocouple_stops_the_elements_and_what_is_given_up_is_written_down_as_not_treated() {
        long own = fires.kiln(owner, "Kiln with the worn probe");
        long piece = fires.ready(owner, Map.of("steel", "O1"), "harden");
        long load = fires.burn(own, "HARDEN", Duration.ofMinutes(80), piece);
        maker.post("/api/fire/kilns/" + own + "/fault", Map.of("fault", "THERMOCOUPLE_OPEN"))
                .isOk();
        fires.pass(Duration.ofMinutes(1));
        JsonNode face = maker.get("/api/fire")
                .json()
                .path("kilns")
                .valueStream()
                .filter(each -> each.path("id").asLong() == own)
                .findFirst()
                .orElseThrow();
        assertThat(face.path("shows").asString()).isEmpty();
        assertThat(face.path("isHeating").asBoolean()).isFalse();
        assertThat(alarm("Kiln with the worn probe").path("toDo").toString()).contains("at the wall");
        fires.tell(load, "give-up", Map.of("words", "")).isRefused(422, "entries");
        fires.tell(load, "give-up", Map.of("words", "Probe broken")).isOk();
        assertThat(fires.standing(piece, "harden")).isEqualTo("READY");
        assertThat(maker.get("/api/fire/pieces/" + piece)
                        .json()
                        .path("fires")
                        .get(0)
                        .path("left")
                        .asString())
                .isEqualTo("not treated");
        maker.post("/api/fire/kilns/" + own + "/fault", Map.of("fault", "LIGHTNING"))
                .isRefused(422, "entries");
    }

    @Test
    void a_kiln_its_log_and_a_steel_that_the_shop_describes_in_place_of_a_known_grade_last_through_a_restart() {
        RunningShop own = RunningShop.withTwoMakers();
        try {
            Client keeper = own.signedIn("olwen");
            Fires at = new Fires(own, keeper);
            long hot = at.kiln(keeper, "Kiln");
            long piece = Work.take(keeper, 1, Map.of());
            Work.workUpTo(own, keeper, piece, "harden");
            long load = at.plan(hot, "HARDEN", piece);
            at.lightAndHeat(load, Duration.ofMinutes(40));
            long lit = at.load(load).path("clock").path("litAtMillis").asLong();
            int points = keeper.get("/api/fire/kilns/" + hot + "/curve?from=" + lit)
                    .json()
                    .path("points")
                    .size();
            long airHardened = Work.take(keeper, 1, Map.of("steel", "A2"));
            assertThat(Work.number(Work.piece(keeper, airHardened), "hardening.temperature")
                            .path("value")
                            .asString())
                    .isEqualTo("1775 °F");
            keeper.post("/api/steels", mill("A2")).isOk();
            own.restart();
            Client again = own.signedIn("olwen");
            assertThat(Work.number(Work.piece(again, airHardened), "hardening.temperature")
                            .path("value")
                            .asString())
                    .as("what the shop says counts")
                    .isEqualTo("1950 °F");
            String shows = again.get("/api/fire")
                    .json()
                    .path("kilns")
                    .get(0)
                    .path("shows")
                    .asString();
            assertThat(Integer.parseInt(shows.replaceAll("\\D", "")))
                    .as("still hot: " + shows)
                    .isBetween(700, 1200);
            assertThat(again.get("/api/fire")
                            .json()
                            .path("kilns")
                            .get(0)
                            .path("isLit")
                            .asBoolean())
                    .as("a real kiln would have gone on")
                    .isTrue();
            assertThat(again.get("/api/fire/kilns/" + hot + "/curve?from=" + lit)
                            .json()
                            .path("points")
                            .size())
                    .isGreaterThanOrEqualTo(points);
        } finally {
            own.close();
        }
    }

    @Test
    void kilns_are_read_with_every_mistake_at_its_field() {
        Map<String, String> bad = new LinkedHashMap<>(Fires.form(""));
        bad.putAll(Map.of("watts", "a lot", "heatsIn", "soon", "slots", "0", "most", "9000 F"));
        String refused =
                owner.post("/api/fire/kilns", bad).isRefused(422, "entries").text();
        assertThat(refused).contains("\"name\"", "\"watts\"", "\"heatsIn\"", "\"slots\"", "\"most\"");
        Map<String, String> weak = new LinkedHashMap<>(Fires.form("Weak"));
        weak.put("heatsIn", "20 h");
        assertThat(owner.post("/api/fire/kilns", weak).isRefused(422, "entries").text())
                .contains("enough power");
        assertThat(maker.post("/api/fire/kilns", Fires.form("Mine")).status()).isEqualTo(403);
    }

    @Test
    void hardness_is_averaged_judged_and_read_at_the_step_and_a_warp_is_measured_and_mended() {
        long piece = fires.ready(owner, Map.of(), "test-hardness");
        Work.start(maker, piece, "test-hardness").isOk();
        String address = "/api/fire/pieces/" + piece;
        double pressed = Double.parseDouble(
                maker.get(address + "/tester").isOk().json().path("reading").asString());
        assertThat(pressed).as("what 1084 at 400 °F likely shows, with scatter").isBetween(57.0, 63.0);
        maker.post(address + "/hardness", Map.of("readings", List.of("60"), "skates", true))
                .isRefused(422, "entries");
        maker.post(address + "/hardness", Map.of("readings", List.of("60", "soft"), "skates", true))
                .isRefused(422, "entries");
        maker.post(address + "/hardness", Map.of("readings", List.of("60", "60.5", "61"), "skates", true))
                .isOk();
        JsonNode test = maker.get(address).json().path("tests").get(0);
        assertThat(test.path("mean").asString()).isEqualTo("60.5 HRC");
        assertThat(test.path("isAsWanted").asBoolean()).isTrue();
        assertThat(Work.number(Work.piece(maker, piece), "hardness")
                        .path("value")
                        .asString())
                .isEqualTo("60.5 HRC");
        maker.post(address + "/warps", Map.of("place", "BELLY", "direction", "LEFT", "amount", "nothing much"))
                .isRefused(422, "entries");
        maker.post(address + "/warps", Map.of("place", "BELLY", "direction", "LEFT", "amount", ".012"))
                .isOk();
        JsonNode warp = maker.get(address).json().path("warps").get(0);
        assertThat(warp.path("passes").asBoolean()).as("4 in ÷ 1000 = 0.004 in").isFalse();
        assertThat(warp.path("remedies").get(0).path("value").asString()).isEqualTo("CLAMPED_TEMPER");
        maker.post(
                        address + "/warps/" + warp.path("id").asLong() + "/remedy",
                        Map.of("remedy", "CLAMPED_TEMPER", "left", ".002"))
                .isOk();
        assertThat(maker.get(address)
                        .json()
                        .path("warps")
                        .get(0)
                        .path("leftPasses")
                        .asBoolean())
                .isTrue();
        maker.post(
                        address + "/warps/" + warp.path("id").asLong() + "/remedy",
                        Map.of("remedy", "GROUND_OUT", "left", "0"))
                .isRefused(409, "out-of-turn");
        Work.remakeBlade(maker, piece, "test-hardness");
        assertThat(maker.get(address).json().path("warps"))
                .as("the new blade is another one")
                .isEmpty();
        assertThat(maker.get(address).json().path("tests")).isEmpty();
        long soft = Work.take(owner, 1, Map.of());
        assertThat(maker.post(
                                "/api/fire/pieces/" + soft + "/hardness",
                                Map.of("readings", List.of("60", "60"), "skates", true))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("not been hardened");
    }

    @Test
    void blades_go_to_the_treater_with_a_sheet_and_are_looked_at_when_they_come_back() throws Exception {
        Map<String, String> outside = Map.of("steel", "X46Cr13", "hardening", "OUTSIDE");
        long right = fires.ready(owner, outside, "send-out");
        long different = fires.ready(owner, outside, "send-out");
        long missing = fires.ready(owner, outside, "send-out");
        assertThat(maker.get("/api/fire/treater").json().path("waiting").size()).isEqualTo(3);
        String back = LocalDate.ofInstant(shop.clock().instant(), shop.clock().getZone())
                .plusDays(12)
                .toString();
        Map<String, Object> sheet = new LinkedHashMap<>(Map.of(
                "treater",
                "The vacuum furnace in town",
                "straightness",
                "0.2 mm",
                "isCold",
                true,
                "words",
                "Please hang them",
                "backOn",
                "yesterday",
                "pieces",
                List.of(
                        Map.of("piece", right, "mark", "A"),
                        Map.of("piece", different, "mark", "A"),
                        Map.of("piece", missing, "mark", "C"))));
        assertThat(maker.post("/api/fire/treater", sheet)
                        .isRefused(422, "entries")
                        .text())
                .contains("\"backOn\"", "\"pieces\"");
        sheet.put("backOn", back);
        sheet.put(
                "pieces",
                List.of(
                        Map.of("piece", right, "mark", "A"),
                        Map.of("piece", different, "mark", "B"),
                        Map.of("piece", missing, "mark", "C")));
        long sent = maker.post("/api/fire/treater", sheet)
                .isOk()
                .json()
                .path("about")
                .asLong();
        assertThat(fires.standing(right, "send-out")).isEqualTo("DONE");
        JsonNode hanging = maker.get("/api/wall")
                .json()
                .path("rails")
                .valueStream()
                .flatMap(rail -> rail.path("pieces").valueStream())
                .filter(piece -> piece.path("id").asLong() == right)
                .findFirst()
                .orElseThrow();
        assertThat(hanging.path("underWay").get(0).path("restWords").asString()).isEqualTo("at the treater's");
        String pdf =
                new PDFTextStripper().getText(Loader.loadPDF(maker.bytes("/api/fire/treater/" + sent + "/sheet.pdf")));
        assertThat(pdf)
                .contains(
                        "Send-out sheet",
                        "The vacuum furnace in town",
                        "Count: 3",
                        "X46Cr13",
                        "0.0394 in",
                        "54 HRC",
                        "0.2 mm",
                        "Cold treatment: yes",
                        back);

        maker.post(
                        "/api/fire/treater/" + sent + "/returned",
                        Map.of("pieces", List.of(Map.of("piece", right, "as", "RIGHT", "words", ""))))
                .isRefused(409, "out-of-turn");
        maker.post(
                        "/api/fire/treater/" + sent + "/returned",
                        Map.of(
                                "pieces",
                                List.of(
                                        Map.of("piece", right, "as", "RIGHT", "words", ""),
                                        Map.of("piece", different, "as", "DIFFERENT", "words", "Bent, and 52 HRC"),
                                        Map.of("piece", missing, "as", "MISSING", "words", ""))))
                .isOk();
        assertThat(fires.standing(right, "harden")).isEqualTo("DONE");
        assertThat(Work.piece(maker, missing)
                        .path("now")
                        .path("held")
                        .path("reason")
                        .asString())
                .contains("Missing");
        JsonNode open = maker.get("/api/fire/treater/" + sent)
                .json()
                .path("pieces")
                .valueStream()
                .filter(piece -> piece.path("mark").asString().equals("B"))
                .findFirst()
                .orElseThrow();
        assertThat(open.path("isOpen").asBoolean())
                .as("a difference has to be answered")
                .isTrue();
        maker.post(
                        Work.address(different, "harden") + "/went-wrong",
                        Map.of(
                                "kind",
                                "OTHER",
                                "words",
                                "Bent, and 52 HRC",
                                "measured",
                                "",
                                "wayBack",
                                "HOLD",
                                "from",
                                "",
                                "sure",
                                false))
                .isOk();
        maker.post("/api/fire/treater/" + sent + "/returned", Map.of("pieces", List.of()))
                .isRefused(409, "out-of-turn");
    }

    static Map<String, String> mill(String designation) {
        return new LinkedHashMap<>(Map.ofEntries(
                Map.entry("designation", designation),
                Map.entry("family", "stainless steel"),
                Map.entry("source", "Mill sheet 4711"),
                Map.entry("C", "1.45"),
                Map.entry("Cr", "14.0"),
                Map.entry("Mo", "4"),
                Map.entry("V", "4"),
                Map.entry("density", "7.6"),
                Map.entry("hardening", "1950 F"),
                Map.entry("soak", "25 min"),
                Map.entry("quench", "cold plates and air"),
                Map.entry("cold", "-95 F"),
                Map.entry("asQuenched", "64"),
                Map.entry("tempering", "400 F"),
                Map.entry("curve", "300 F = 63; 400 F = 61; 600 F = 58")));
    }

    @Test
    void the_shops_own_steel_comes_from_a_mill_sheet_goes_into_a_knife_and_out_and_in_again_as_csv_and_json() {
        Map<String, String> wrong = mill("PM-14");
        wrong.putAll(Map.of("C", "0.05", "curve", "300 F = 63; 250 F = 61", "soak", "yes"));
        assertThat(owner.post("/api/steels", wrong).isRefused(422, "entries").text())
                .contains("\"curve\"", "\"soak\"");
        wrong.putAll(mill("PM-14"));
        wrong.put("C", "0.05");
        assertThat(owner.post("/api/steels", wrong).isRefused(422, "entries").text())
                .contains("no steel that a blade is hardened from");
        owner.post("/api/steels", mill("PM-14")).isOk();
        assertThat(maker.post("/api/steels", mill("PM-15")).status()).isEqualTo(403);
        JsonNode choices = owner.get("/api/design/questions")
                .json()
                .path("fields")
                .valueStream()
                .filter(field -> field.path("key").asString().equals("steel"))
                .findFirst()
                .orElseThrow()
                .path("choices");
        assertThat(choices.valueStream().map(choice -> choice.path("value").asString()))
                .contains("PM-14", "1084");
        long piece = Work.take(owner, 1, Map.of("steel", "PM-14"));
        assertThat(Work.number(Work.piece(maker, piece), "hardening.temperature")
                        .path("value")
                        .asString())
                .isEqualTo("1950 °F");
        assertThat(Work.piece(maker, piece).path("steps").toString())
                .as("it hardens in air, in foil, and is taken cold")
                .contains("wrap-foil", "cold-treat");

        String csv = new String(owner.bytes("/api/steels/files/steels.csv"), StandardCharsets.UTF_8);
        assertThat(csv).startsWith("designation,family,source,C,").contains("PM-14");
        String json = new String(owner.bytes("/api/steels/files/steels.json"), StandardCharsets.UTF_8);
        owner.post(
                        "/api/steels/table",
                        Map.of("text", csv.replace("PM-14", "PM-16"), "isJson", false, "onlyGood", false))
                .isOk();
        owner.post(
                        "/api/steels/table",
                        Map.of("text", json.replace("PM-14", "PM-17"), "isJson", true, "onlyGood", false))
                .isOk();
        JsonNode steels = owner.get("/api/steels").json().path("steels");
        List<JsonNode> own = steels.valueStream()
                .filter(steel -> steel.path("isOwn").asBoolean())
                .toList();
        assertThat(own)
                .extracting(steel -> steel.path("designation").asString())
                .contains("PM-14", "PM-16", "PM-17");
        assertThat(own.get(1).path("data"))
                .as("out and in is the same")
                .isEqualTo(own.get(0).path("data"));
        assertThat(own.get(0).path("data").toString())
                .contains("Mill sheet 4711")
                .doesNotContain("from memory");
        String[] row = csv.strip().split("\r\n");
        String two = row[0] + "\n" + row[1].replace("PM-14", "PM-18") + "\n" + row[1].replace("PM-14", "");
        JsonNode lines = owner.post("/api/steels/table/preview", Map.of("text", two, "isJson", false))
                .isOk()
                .json();
        assertThat(lines).hasSize(2);
        assertThat(lines.path(0).path("findings")).isEmpty();
        assertThat(lines.path(1).path("findings")).isNotEmpty();
        assertThat(owner.post("/api/steels/table", Map.of("text", two, "isJson", false, "onlyGood", false))
                        .isRefused(422, "entries")
                        .text())
                .as("all, or none with the reasons")
                .contains("Line 3: ");
        owner.post("/api/steels/table", Map.of("text", two, "isJson", false, "onlyGood", true))
                .isOk();
        assertThat(owner.get("/api/steels").text()).contains("PM-18");
        owner.post(
                        "/api/steels/table",
                        Map.of("text", "designation,colour\nX,blue", "isJson", false, "onlyGood", false))
                .isRefused(422, "entries");
        owner.post("/api/steels/table", Map.of("text", "{", "isJson", true, "onlyGood", false))
                .isRefused(422, "entries");
        owner.post("/api/steels/table", Map.of("text", "designation", "isJson", false, "onlyGood", false))
                .isRefused(422, "entries");
    }

    @ParameterizedTest(name = "[worked] {0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/steels/scales?scale=HRC&number=60 | 697 HV",
                "/api/steels/equal-temper?temperature=205 C&time=2 h&other=1 h | 414 °F",
                "/api/steels/hardness-after?steel=1084&temperature=400 F&each=2 h | 60 HRC",
                "/api/steels/temper-for?steel=1084&hardness=60&each=2 h | 400 °F",
                "/api/steels/hardness-after?steel=1084&temperature=1200 F&each=2 h | Outside what is known",
                "/api/steels/scales?scale=HV&number=999 | outside what is known",
                "/api/steels/equal-temper?temperature=205 C&time=2 h&other=5 s | 1 min to 1000 h"
            })
    void what_steel_does_is_answered_with_its_limits(String path, String expected) {
        assertThat(maker.get(path.replace(" ", "%20")).text()).contains(expected);
    }
}
