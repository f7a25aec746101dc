package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Pieces of a batch together and alone, and what is each one's own. */
class BatchTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client bram;
    private long first;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        bram = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @BeforeEach
    void takeFive() {
        first = Work.take(owner, 5, Map.of());
    }

    private List<Long> all() {
        return List.of(first, first + 1, first + 2, first + 3, first + 4);
    }

    @Test
    @DisplayName(
            "[trade] a step done for five at once takes five readings in one go; an unlikely one is questioned by its piece's name")
    void five_at_once() {
        all().forEach(piece ->
                List.of("approve-outline", "number-piece").forEach(step -> Work.doStep(shop, bram, piece, step)));
        bram.post("/api/steps/choose-stock/start", Map.of("pieces", all())).isOk();
        String question = read(List.of(".157", ".158", ".63", ".156", ".157"), false)
                .isRefused(422, "question")
                .detail();
        assertThat(question)
                .contains("-3: ")
                .contains("are the point and the unit right")
                .doesNotContain("-2: ");
        assertThat(Work.number(Work.piece(bram, first), "stock.thickness").has("reading"))
                .as("all or none")
                .isFalse();
        read(List.of(".157", ".158", ".156", ".156", ".157"), false).isOk();
        List<String> checks = Work.step(Work.piece(bram, first), "choose-stock")
                .path("told")
                .path("checks")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
        bram.post("/api/steps/choose-stock/done", Map.of("pieces", all(), "checks", checks))
                .isOk();
        assertThat(all())
                .extracting(piece -> Work.number(Work.piece(bram, piece), "centre-line.height")
                        .path("value")
                        .asString())
                .containsExactly("0.0785 in", "0.079 in", "0.078 in", "0.078 in", "0.0785 in");
    }

    @Test
    void all_start_or_none_and_those_that_stay_behind_say_why() {
        Work.workUpTo(shop, bram, first + 1, "see-first-piece");
        Work.workUpTo(shop, bram, first, "drill-tang-holes");
        List.of("choose-stock", "lay-out").forEach(step -> Work.doStep(shop, bram, first + 1, step));
        assertThat(bram.post("/api/steps/drill-tang-holes/start", Map.of("pieces", List.of(first, first + 1)))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("-2 is shut");
        assertThat(Work.step(Work.piece(bram, first), "drill-tang-holes")
                        .path("standing")
                        .asString())
                .isEqualTo("READY");
        JsonNode second = bram.get(Work.address(first, "drill-tang-holes") + "/alongside")
                .isOk()
                .json()
                .get(0);
        assertThat(second.path("standing").asString()).isEqualTo("WAITING");
        assertThat(second.path("reason").asString()).contains("proves the process");
    }

    private Client.Answer read(List<String> entries, boolean sure) {
        List<Map<String, Object>> each = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            each.add(Map.of("piece", first + i, "entry", entries.get(i), "basedOn", 0));
        }
        return bram.post(
                "/api/steps/choose-stock/readings",
                Map.of("dimension", "stock.thickness", "entries", each, "sure", sure, "reason", ""));
    }

    @Test
    @DisplayName(
            "[trade] look-alikes keep slots of their own, and the shop's spare takes the place of a lost piece without a question")
    void slots_and_spares() {
        mark(first, "A1").isOk();
        assertThat(mark(first + 1, "a1").isRefused(422, "entries").detail()).contains("has this slot");
        mark(first + 4, "A5").isOk();
        give(first + 4, "PROMISED", "", "SPARE", "", true).isRefused(422, "entries");
        assertThat(give(first + 4, "PROMISED", "", "SPARE", "the shop", false)
                        .isRefused(422, "question")
                        .detail())
                .contains("promised to Greta Moss");
        give(first + 4, "PROMISED", "", "SPARE", "the shop", true).isOk();
        give(first + 1, "PROMISED", "", "PROMISED", "Petra Vale", false).isOk();
        Work.workUpTo(shop, bram, first + 1, "see-first-piece");
        JsonNode ways = bram.get(Work.address(first + 1, "number-piece") + "/ways-back?kind=CUTTER_BROKEN")
                .isOk()
                .json()
                .path("ways");
        assertThat(ways.valueStream().map(way -> way.path("wayBack").asString()))
                .contains("SPARE");
        bram.post(
                        Work.address(first + 1, "number-piece") + "/went-wrong",
                        Map.of(
                                "kind",
                                "CUTTER_BROKEN",
                                "words",
                                "",
                                "measured",
                                "",
                                "wayBack",
                                "SPARE",
                                "from",
                                "",
                                "sure",
                                false))
                .isOk();
        assertThat(Work.piece(bram, first + 1).path("now").path("standing").asString())
                .isEqualTo("SCRAPPED");
        JsonNode spare = Work.piece(bram, first + 4).path("knife").path("own");
        assertThat(spare.path("forWhom").asString()).isEqualTo("Petra Vale");
        assertThat(spare.path("belongs").asString()).isEqualTo("PROMISED");
        assertThat(spare.path("rackSlot").asString()).isEqualTo("A5");
    }

    private static Client.Answer mark(long piece, String slot) {
        return bram.post("/api/pieces/" + piece + "/own", Map.of("art", "", "rackSlot", slot, "setName", ""));
    }

    private static Client.Answer give(long piece, String was, String of, String belongs, String forWhom, boolean sure) {
        return owner.post(
                "/api/pieces/" + piece + "/belongs",
                Map.of(
                        "from",
                        Map.of("belongs", was, "forWhom", of),
                        "belongs",
                        belongs,
                        "forWhom",
                        forWhom,
                        "sure",
                        sure));
    }

    @Test
    void a_late_change_is_for_these_pieces_only_and_what_was_judged_to_stay_stays() {
        Work.workUpTo(shop, bram, first, "scribe-centre-line");
        String address = "/api/pieces/" + first + "/specification";
        Map<String, Object> wider = Map.of(
                "changes",
                List.of(Map.of("field", "notches", "from", "CHOIL", "to", "CHOIL_AND_THUMB_GRIP")),
                "pieces",
                List.of(first + 2),
                "reason",
                "Wet hands",
                "clientAgreed",
                true,
                "keep",
                List.of("file-choil"));
        JsonNode effects = owner.post(address + "/look", wider).isOk().json();
        assertThat(effects).hasSize(2);
        assertThat(effects.get(0)
                        .path("again")
                        .valueStream()
                        .map(step -> step.path("operation").asString()))
                .containsExactly("file-choil");
        assertThat(effects.get(1).path("again")).isEmpty();
        owner.post(address, wider).isOk();
        assertThat(Work.step(Work.piece(bram, first), "file-choil")
                        .path("standing")
                        .asString())
                .as("judged to stay")
                .isEqualTo("DONE");
        assertThat(Work.piece(bram, first)
                        .path("past")
                        .path("decisions")
                        .get(0)
                        .path("effect")
                        .asString())
                .contains("Kept as it was done: File the choil");
        assertThat(operations(first + 2)).contains("file-thumb-grip");
        assertThat(operations(first + 1)).doesNotContain("file-thumb-grip");
    }

    @Test
    void a_change_that_concerns_the_client_waits_for_their_word_once_the_outline_is_approved() {
        String address = "/api/pieces/" + first + "/specification";
        Map<String, Object> unasked = Map.of(
                "changes",
                List.of(Map.of("field", "finish", "from", "HAND_SATIN", "to", "BELT_SATIN")),
                "pieces",
                List.of(),
                "reason",
                "",
                "clientAgreed",
                false,
                "keep",
                List.of());
        Work.doStep(shop, bram, first, "approve-outline");
        assertThat(owner.post(address, unasked).isRefused(422, "entries").detail())
                .contains("client has to agree")
                .contains("Finish");
        owner.post("/api/pieces/" + (first + 1) + "/specification", unasked).isOk();
    }

    @Test
    @DisplayName("[trade] two tones by grinding go with rough bevels; clay does not go with bevels ground after "
            + "hardening, and the answer to change is named")
    void contradicting_settings() {
        owner.post(
                        "/api/pieces/" + first + "/specification/look",
                        Work.decided("finish", "HAND_SATIN", "TWO_TONE_GROUND"))
                .isOk();
        String detail = owner.post(
                        "/api/pieces/" + first + "/specification/look",
                        Work.decided(
                                "steel",
                                "1084",
                                "1095",
                                "hardening",
                                "IN_KILN",
                                "CLAY",
                                "bevels",
                                "ROUGH_THEN_FINISH",
                                "AFTER_HARDENING"))
                .isRefused(422, "entries")
                .text();
        assertThat(detail).contains("take the line of the clay away", "“Rough before, finish after”");
    }

    @Test
    @DisplayName("[trade] a bedded handle: the rest until it grips and the time to pull follow the warmth at the bench")
    void warmth_at_the_gluing_bench() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "bedding", "BEDDED", "spacer", "NONE"));
        Work.workUpTo(shop, bram, piece, "bed-handle");
        Work.start(bram, piece, "bed-handle").isOk();
        Work.read(bram, piece, "bed-handle", "shop.temperature", "24 C").isOk();
        JsonNode bedding = Work.piece(bram, piece);
        assertThat(Work.step(bedding, "bed-handle")
                        .path("time")
                        .path("restMinutes")
                        .asInt())
                .isEqualTo(225);
        assertThat(Work.number(bedding, "adhesive.pull-window").path("value").asString())
                .isEqualTo("30 min");
        bram.post(Work.address(piece, "bed-handle") + "/rest", Map.of()).isOk();
        shop.clock().putForward(Duration.ofMinutes(235));
        Work.done(bram, piece, "bed-handle").isOk();
        JsonNode window = Work.piece(bram, piece).path("days").path("windows").get(0);
        long left = window.path("closesAtMillis").asLong()
                - bram.get("/api/session").shopTimeMillis();
        assertThat(Duration.ofMillis(left))
                .as("counted from the grip, not from the press")
                .isBetween(Duration.ofMinutes(19), Duration.ofMinutes(20));
    }

    private static List<String> operations(long piece) {
        return Work.piece(bram, piece)
                .path("steps")
                .valueStream()
                .map(step -> step.path("operation").asString())
                .toList();
    }
}
