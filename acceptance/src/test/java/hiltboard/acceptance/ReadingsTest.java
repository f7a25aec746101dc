package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Every reading has a judge, and a part that was made to a number which has moved stops what would hide it. Over HTTP,
 * as the page's commands do.
 */
class ReadingsTest {
    private static RunningShop shop;
    private static Client olwen;
    private static Client bram;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        olwen = shop.signedIn("olwen");
        bram = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    @DisplayName(
            "[trade] an edge of 0.032 in for 0.020 ± 0.005 is asked for once, taken with a reason, and the reason stays")
    void what_is_out_is_asked_once_where_it_is_typed() {
        long piece = Work.take(olwen, 1, Map.of());
        Work.workUpTo(shop, olwen, piece, "finish-grind");
        Work.start(bram, piece, "finish-grind").isOk();
        Work.read(bram, piece, "finish-grind", "blade.thickness", ".155").isOk();
        Client.Answer asked = Work.read(bram, piece, "finish-grind", "edge.thickness", ".032");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().path("type").asString()).isEqualTo("urn:hilt:question");
        assertThat(asked.json().path("detail").asString())
                .contains("0.032 in is over", "0.020 in is wanted", "0.005 in more");
        assertThat(number(piece, "edge.thickness").has("reading"))
                .as("nothing is kept before it is answered")
                .isFalse();
        take(piece, "finish-grind", "edge.thickness", ".032", "The client wants a heavy edge")
                .isOk();
        JsonNode reading = number(piece, "edge.thickness").path("reading");
        assertThat(reading.path("judgement").path("verdict").asString()).isEqualTo("OUT");
        assertThat(reading.path("asItIs").path("reason").asString()).isEqualTo("The client wants a heavy edge");
        Work.done(bram, piece, "finish-grind").isOk();
        assertThat(Work.piece(olwen, piece).path("past").path("journal").toString())
                .contains("taken as it is because: The client wants a heavy edge");
    }

    @Test
    void a_reading_that_is_out_without_a_reason_is_asked_for_before_done_and_measuring_again_settles_it() {
        long piece = Work.take(olwen, 1, Map.of());
        Work.workUpTo(shop, olwen, piece, "test-hardness");
        Work.start(bram, piece, "test-hardness").isOk();
        sure(piece, "test-hardness", "hardness", "45").isOk();
        Client.Answer out = Work.done(bram, piece, "test-hardness");
        assertThat(out.json().path("type").asString()).isEqualTo("urn:hilt:out");
        assertThat(out.json().path("out").get(0).path("dimension").asString()).isEqualTo("hardness");
        assertThat(out.json().path("out").get(0).path("why").asString()).contains("45 HRC is under");
        assertThat(Work.start(bram, piece, "finish-grind").status())
                .as("a soft blade is not ground on")
                .isEqualTo(409);
        String wanted = number(piece, "hardness").path("expected").asString();
        Work.read(bram, piece, "test-hardness", "hardness", wanted).isOk();
        assertThat(number(piece, "hardness")
                        .path("reading")
                        .path("judgement")
                        .path("verdict")
                        .asString())
                .isEqualTo("IN");
        Work.done(bram, piece, "test-hardness").isOk();
        assertThat(number(piece, "tempering.temperature").path("tolerance").asString())
                .isEqualTo("± 15 °F");
    }

    @Test
    void a_reason_is_needed_and_nothing_that_is_in_is_taken_as_it_is() {
        long piece = Work.take(olwen, 1, Map.of());
        Work.workUpTo(shop, olwen, piece, "test-hardness");
        Work.start(bram, piece, "test-hardness").isOk();
        sure(piece, "test-hardness", "hardness", "45").isOk();
        assertThat(asItIs(bram, piece, "hardness", " ")
                        .json()
                        .path("findings")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("reason");
        asItIs(bram, piece, "hardness", "A soft spring was wanted").isOk();
        assertThat(asItIs(bram, piece, "hardness", "Once more").status()).isEqualTo(409);
        assertThat(asItIs(bram, piece, "blade.length", "Why not").status()).isEqualTo(409);
        assertThat(asItIs(bram, piece, "no.such", "Why not").status()).isEqualTo(404);
        Work.done(bram, piece, "test-hardness").isOk();
    }

    @Test
    @DisplayName(
            "[trade] a slot that is 0.005 in off shuts fit, dry fit and glue until somebody answers for it; then until it moves on")
    void a_part_made_to_a_number_that_moved_stops_assembly() {
        long piece = Work.take(olwen, 1, Map.of("construction", "HIDDEN_TANG", "stockThickness", ".163"));
        Work.workUpTo(shop, olwen, piece, "fit-guard");
        sandedTo(piece, ".158");
        JsonNode obstacle = Work.step(Work.piece(olwen, piece), "fit-guard")
                .path("order")
                .path("closedBy")
                .get(0);
        assertThat(obstacle.path("number").asString()).isEqualTo("slot.width");
        assertThat(obstacle.path("reason").asString()).contains("0.170 in", "0.165 in", "0.005 in off");
        assertThat(Work.start(bram, piece, "fit-guard").json().path("detail").asString())
                .contains("0.005 in off");
        for (String step : List.of("dry-fit", "glue-handle")) {
            assertThat(Work.step(Work.piece(olwen, piece), step)
                            .path("order")
                            .path("closedBy")
                            .toString())
                    .contains("stale:slot.width");
        }
        assertThat(olwen.post(
                                Work.address(piece, "fit-guard") + "/override",
                                Map.of("rule", "stale:slot.width", "reason", "It will do"))
                        .status())
                .as("a number is not overridden as an order is")
                .isEqualTo(409);
        asItIs(bram, piece, "slot.width", "Shimmed with brass foil").isOk();
        assertThat(number(piece, "slot.width")
                        .path("stale")
                        .path("asItIs")
                        .path("reason")
                        .asString())
                .isEqualTo("Shimmed with brass foil");
        Work.start(bram, piece, "fit-guard").isOk();
        sandedTo(piece, ".153");
        assertThat(Work.step(Work.piece(olwen, piece), "dry-fit")
                        .path("order")
                        .path("closedBy")
                        .toString())
                .as("it has moved on")
                .contains("stale:slot.width");
    }

    /** All along: a tang that is thicker behind than at the shoulder would be asked about. */
    private static void sandedTo(long piece, String thickness) {
        for (String place : List.of("tang.thickness-end", "tang.thickness-behind", "tang.thickness")) {
            sure(piece, "measure-for-guard", place, thickness).isOk();
        }
    }

    @Test
    @DisplayName(
            "[trade] a pin that is measured smaller after its hole was drilled is found, whichever was measured first")
    void pin_and_hole_are_held_against_each_other() {
        long piece = Work.take(olwen, 1, Map.of());
        Work.workUpTo(shop, olwen, piece, "dry-fit");
        sure(piece, "drill-tang-holes", "pin.diameter", "3/16").isOk();
        assertThat(number(piece, "tang.hole")
                        .path("reading")
                        .path("judgement")
                        .path("why")
                        .asString())
                .contains("A hole only grows");
        List<JsonNode> closedBy = Work.step(Work.piece(olwen, piece), "dry-fit")
                .path("order")
                .path("closedBy")
                .valueStream()
                .toList();
        assertThat(closedBy)
                .extracting(obstacle -> obstacle.path("rule").asString())
                .containsExactly("stale:pin.drill", "stale:scale.drill", "out:tang.hole");
        assertThat(closedBy.get(0).path("remedy").asString()).startsWith("A hole only grows");
    }

    @Test
    void what_nobody_can_mean_is_asked_back_with_a_guess_at_the_field_that_was_typed() {
        long piece = Work.take(olwen, 1, Map.of());
        Work.workUpTo(shop, olwen, piece, "choose-stock");
        Work.start(bram, piece, "choose-stock").isOk();
        JsonNode finding = Work.read(bram, piece, "choose-stock", "stock.thickness", "156")
                .json()
                .path("findings")
                .get(0);
        assertThat(finding.path("field").asString()).isEqualTo("stock.thickness");
        assertThat(finding.path("given").asString()).isEqualTo("156");
        assertThat(finding.path("problem").asString()).contains("did you mean", "0.156 in");
        JsonNode slot = bram.post(
                        "/api/calc/guard-slot",
                        Map.of("tangWidth", ".690", "tangThickness", "15.6", "guardThickness", ".366"))
                .json()
                .path("findings")
                .get(0);
        assertThat(slot.path("field").asString()).isEqualTo("tangThickness");
        assertThat(slot.path("problem").asString()).contains("0.156 in");
        JsonNode lip = bram.post(
                        "/api/calc/guard-slot",
                        Map.of("tangWidth", ".690", "tangThickness", ".163", "guardThickness", ".015"))
                .json()
                .path("findings")
                .get(0);
        assertThat(lip.path("field").asString()).isEqualTo("guardThickness");
        assertThat(lip.path("accepted").asString()).isEqualTo("more than the lip of 0.020 in");
    }

    @Test
    @DisplayName(
            "[worked] a refusal names a limit in the reader's unit that can be met: 1.4 mm of tang cannot be, more than 1.41 mm can")
    void limits_are_said_in_the_readers_unit() {
        Client cato = shop.signedIn("cato");
        Work.reads(cato, "MILLIMETRE", "CELSIUS");
        Map<String, String> thin =
                new LinkedHashMap<>(Map.of("tangWidth", "18", "tangThickness", "1.4", "guardThickness", "9"));
        JsonNode finding =
                cato.post("/api/calc/guard-slot", thin).json().path("findings").get(0);
        assertThat(finding.path("problem").asString()).contains("1.40 mm");
        assertThat(finding.path("accepted").asString()).contains("more than 1.41 mm");
        thin.put("tangThickness", "1.41");
        cato.post("/api/calc/guard-slot", thin).isOk();
        assertThat(cato.post("/api/calc/thread", Map.of("thread", "M2.5×0.45", "percent", "75"))
                        .isOk()
                        .json()
                        .path("results")
                        .get(0)
                        .path("note")
                        .asString())
                .isEqualTo("2.05 mm drill");
        assertThat(cato.post("/api/calc/pin-hole", Map.of("pin", "M6"))
                        .isOk()
                        .json()
                        .path("results")
                        .get(0)
                        .path("value")
                        .asString())
                .isEqualTo("6.10");
        assertThat(cato.post("/api/calc/thread", Map.of("thread", "M7.3", "percent", "200"))
                        .json()
                        .path("findings")
                        .size())
                .isEqualTo(2);
    }

    @Test
    @DisplayName("[trade] a hole that was drilled off its place says what it leaves around it before anybody decides")
    void a_misplaced_hole_says_what_it_leaves() {
        long piece = Work.take(olwen, 1, Map.of());
        Work.workUpTo(shop, olwen, piece, "drill-tang-holes");
        Work.start(bram, piece, "drill-tang-holes").isOk();
        JsonNode ways = bram.get(
                        Work.address(piece, "drill-tang-holes") + "/ways-back?kind=HOLE_MISPLACED&measured=.150")
                .isOk()
                .json();
        assertThat(ways.path("working").toString()).contains("To the handle’s outline", "0.150 in at worst");
        assertThat(ways.path("cautions").toString()).contains("splits");
        assertThat(bram.get("/api/pieces/" + piece + "/drills").isOk().json().toString())
                .contains("\"drill\":\"F\"", "0.257 in", "\"count\":2");
    }

    private static JsonNode number(long piece, String key) {
        return Work.number(Work.piece(olwen, piece), key);
    }

    private static Client.Answer sure(long piece, String operation, String dimension, String entry) {
        long basedOn = number(piece, dimension).path("reading").path("id").asLong(0);
        return bram.post(
                Work.address(piece, operation) + "/readings",
                Map.of("dimension", dimension, "entry", entry, "basedOn", basedOn, "sure", true, "reason", ""));
    }

    private static Client.Answer take(long piece, String operation, String dimension, String entry, String reason) {
        return bram.post(
                Work.address(piece, operation) + "/readings",
                Map.of("dimension", dimension, "entry", entry, "basedOn", 0, "sure", false, "reason", reason));
    }

    private static Client.Answer asItIs(Client maker, long piece, String dimension, String reason) {
        return maker.post(
                "/api/pieces/" + piece + "/numbers/as-it-is", Map.of("dimension", dimension, "reason", reason));
    }
}
