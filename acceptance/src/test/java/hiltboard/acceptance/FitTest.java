package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The fitting bench: tang, guard, spacers and block, against what is measured of them. */
class FitTest {
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

    private static long take(String... answers) {
        Map<String, String> changed = new HashMap<>(Map.of("construction", "HIDDEN_TANG"));
        for (int i = 0; i < answers.length; i += 2) {
            changed.put(answers[i], answers[i + 1]);
        }
        return Work.take(owner, 1, changed);
    }

    private static long upTo(String until, String... answers) {
        long piece = take(answers);
        Work.workUpTo(shop, owner, piece, until);
        return piece;
    }

    private static JsonNode look(long piece) {
        return bram.get("/api/fit/pieces/" + piece).isOk().json();
    }

    private static Client.Answer post(Client maker, long piece, String path, Object body) {
        return maker.post("/api/fit/pieces/" + piece + "/" + path, body);
    }

    private static Client.Answer level(Client maker, long piece, int blows, String left, String right) {
        return post(maker, piece, "levels", Map.of("blows", String.valueOf(blows), "left", left, "right", right));
    }

    private static Client.Answer print(long piece, String print) {
        return post(bram, piece, "print", Map.of("print", print));
    }

    private static JsonNode passage(JsonNode fit, String part) {
        return fit.path("passages")
                .valueStream()
                .filter(each -> each.path("part").asString().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName(
            "[trade] a guard that is tight on one side: the high side gets the next blow, nothing prints askew, nothing is done")
    void a_guard_tight_on_one_side() {
        long piece = upTo("fit-guard");
        Work.start(bram, piece, "fit-guard").isOk();
        level(bram, piece, 3, ".210", ".209").isOk();
        level(bram, piece, 6, ".120", ".113").isOk();
        assertThat(look(piece).path("driven").path("turn").asString()).isEqualTo("TAP_LEFT");
        assertThat(look(piece).path("driven").path("next").asString()).contains("left stands 0.007 in");
        assertThat(print(piece, "EVEN").isRefused(409, "out-of-turn").detail()).contains("not true");
        assertThat(Work.done(bram, piece, "fit-guard")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("not level and home");
        level(bram, piece, 4, ".1", ".1").isRefused(422, "entries");
        level(bram, piece, 9, ".001", ".001").isOk();
        print(piece, "LEFT_ONLY").isOk();
        assertThat(Work.done(bram, piece, "fit-guard")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("Only on the left", "file where it printed");
        print(piece, "EVEN").isOk();
        Work.done(bram, piece, "fit-guard").isOk();
    }

    @Test
    void a_reading_is_taken_back_and_somebody_else_reads_on() {
        long piece = upTo("fit-guard");
        Work.start(bram, piece, "fit-guard").isOk();
        level(bram, piece, 3, ".5", ".2").isOk();
        assertThat(look(piece).path("driven").path("turn").asString()).isEqualTo("TAKE_OFF");
        post(cato, piece, "levels/take-back", Map.of()).isOk();
        level(cato, piece, 3, ".200", ".200").isOk();
        assertThat(look(piece).path("driven").path("readings").size()).isEqualTo(1);
        assertThat(look(piece).path("driven").path("turn").asString()).isEqualTo("DRIVE");
        post(cato, piece, "levels/take-back", Map.of()).isOk();
        post(cato, piece, "levels/take-back", Map.of()).isRefused(404, "not-there");
    }

    @Test
    @DisplayName(
            "[trade] one spot of the tang that is thicker behind the shoulder is asked about, and decides the slot")
    void one_spot_of_the_tang_is_tighter() {
        long piece = upTo("measure-for-guard", "stockThickness", "3/16");
        Work.start(bram, piece, "measure-for-guard").isOk();
        Work.read(bram, piece, "measure-for-guard", "tang.thickness", ".180").isOk();
        Client.Answer asked = Work.read(bram, piece, "measure-for-guard", "tang.thickness-behind", ".184");
        assertThat(asked.isRefused(422, "question").detail()).contains("binds there before it is home");
        bram.post(
                        Work.address(piece, "measure-for-guard") + "/readings",
                        Map.of(
                                "dimension", "tang.thickness-behind",
                                "entry", ".184",
                                "basedOn", 0,
                                "sure", true,
                                "reason", ""))
                .isOk();
        assertThat(Work.number(Work.piece(bram, piece), "slot.width")
                        .path("value")
                        .asString())
                .isEqualTo("0.191 in");
        // The lip closes at the shoulder: brass is driven with half of what it bears.
        assertThat(Work.number(Work.piece(bram, piece), "slot.lip-width")
                        .path("value")
                        .asString())
                .isEqualTo("0.178 in");
    }

    @Test
    @DisplayName(
            "[worked] tang .690 × .163: slot .170 and lip .161 as read: 0.007 in free, 0.002 in to drive; a lip of .165 shows light")
    void what_goes_on_is_said_before_anything_is_driven() {
        long piece = upTo("measure-for-guard", "stockThickness", "11/64");
        Work.start(bram, piece, "measure-for-guard").isOk();
        take(piece, "measure-for-guard", "tang.width", ".690");
        take(piece, "measure-for-guard", "tang.thickness", ".163");
        take(piece, "measure-for-guard", "tang.thickness-behind", ".161");
        take(piece, "measure-for-guard", "tang.thickness-end", ".150");
        take(piece, "measure-for-guard", "tang.length", "3.75");
        take(piece, "measure-for-guard", "guard.thickness", ".366");
        Work.done(bram, piece, "measure-for-guard").isOk();
        Work.start(bram, piece, "mill-guard-slot").isOk();
        take(piece, "mill-guard-slot", "slot.width", ".170");
        assertThat(Work.read(bram, piece, "mill-guard-slot", "slot.lip-width", ".165")
                        .isRefused(422, "question")
                        .detail())
                .contains("light shows");
        take(piece, "mill-guard-slot", "slot.lip-width", ".161");
        JsonNode fit = look(piece);
        assertThat(passage(fit, "Slot of the guard").path("words").asString()).isEqualTo("free, 0.007 in to spare");
        assertThat(passage(fit, "Lip of the guard").path("words").asString())
                .isEqualTo("tight by 0.002 in: it is driven");
        assertThat(fit.path("taper").path("value").asString()).isEqualTo("0.013 in");
        JsonNode cut =
                bram.get("/api/fit/pieces/" + piece + "/cut?at=0.05").isOk().json();
        assertThat(cut.path("words").asString()).contains("Slot of the guard");
        assertThat(cut.path("marks").valueStream().map(mark -> mark.path("kind").asString()))
                .containsExactly("OUTER", "OPENING", "TANG");
        bram.get("/api/fit/pieces/" + piece + "/cut?at=1.2").isRefused(422, "entries");
    }

    private static void take(long piece, String step, String dimension, String entry) {
        Work.read(bram, piece, step, dimension, entry).isOk();
    }

    @Test
    @DisplayName(
            "[worked] two spacers measured and faced: their sum is the piece's spacer, and the block begins behind them")
    void the_stack_is_measured() {
        long piece = upTo("make-spacer", "spacer", "TWO", "spacerThickness", "3/16", "guardThickness", "1/4");
        Work.start(bram, piece, "make-spacer").isOk();
        post(bram, piece, "stack", Map.of("state", "AS_MADE", "entries", Map.of("spacer-1", ".095")))
                .isOk();
        assertThat(Work.number(Work.piece(bram, piece), "spacer.thickness")
                        .path("reading")
                        .path("id")
                        .asLong(0))
                .as("one of two says nothing of the sum yet")
                .isZero();
        post(bram, piece, "stack", Map.of("state", "AS_MADE", "entries", Map.of("spacer-2", ".094")))
                .isOk();
        assertThat(Work.number(Work.piece(bram, piece), "spacer.thickness")
                        .path("value")
                        .asString())
                .isEqualTo("0.189 in");
        post(bram, piece, "stack", Map.of("state", "FACED", "entries", Map.of("spacer-1", ".093")))
                .isOk();
        assertThat(Work.number(Work.piece(bram, piece), "spacer.thickness")
                        .path("value")
                        .asString())
                .isEqualTo("0.187 in");
        JsonNode parts = look(piece).path("stack").path("parts");
        assertThat(parts.valueStream().map(part -> part.path("key").asString()))
                .containsExactly("guard", "spacer-1", "spacer-2", "block");
        assertThat(parts.get(1).path("asMade").asString()).isEqualTo("0.095 in");
        assertThat(parts.get(1).path("faced").asString()).isEqualTo("0.093 in");
        assertThat(parts.get(3).path("from").asString()).isEqualTo("0.437 in");
        post(bram, piece, "stack", Map.of("state", "FACED", "entries", Map.of()))
                .isRefused(422, "entries");
        post(bram, piece, "stack", Map.of("state", "FACED", "entries", Map.of("block", "40")))
                .isRefused(422, "entries");
    }

    @Test
    @DisplayName("[trade] a spacer that comes late: what it changes is said for the moment that the handle has come to")
    void a_spacer_added_late() {
        long piece = upTo("open-cavity", "alignmentPins", "TWO", "handleThickness", "1", "guardWidth", "1");
        JsonNode before = look(piece).path("stack").path("added");
        assertThat(now(before)).isEqualTo("Before the alignment holes");
        Work.doStep(shop, owner, piece, "open-cavity");
        Work.doStep(shop, owner, piece, "list-stack");
        Work.doStep(shop, owner, piece, "drill-alignment-pins");
        JsonNode late = bram.get("/api/fit/pieces/" + piece + "?spacer=1/8")
                .isOk()
                .json()
                .path("stack")
                .path("added");
        assertThat(now(late)).isEqualTo("After the alignment holes");
        assertThat(late.toString()).contains("through the guard's holes", "stay hidden", "longer by 0.125 in");
        bram.get("/api/fit/pieces/" + piece + "?spacer=9").isRefused(422, "entries");
    }

    private static String now(JsonNode added) {
        return added.valueStream()
                .filter(each -> each.path("isNow").asBoolean())
                .map(each -> each.path("moment").asString())
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName("[trade] a pin that would break out at the rim, or lie in the slot, is not laid down")
    void a_pin_that_would_break_out() {
        long piece = take("alignmentPins", "TWO", "handleThickness", "1", "guardWidth", "1");
        JsonNode pins = look(piece).path("pins");
        assertThat(pins.path("places").toString()).doesNotContain("\"OUT\"");
        assertThat(pins(piece, ".48", "0", "-.48", "0")
                        .isRefused(422, "entries")
                        .detail())
                .contains("outline");
        assertThat(pins(piece, ".05", "0", "-.25", "0")
                        .isRefused(422, "entries")
                        .detail())
                .contains("tang’s opening");
        pins(piece, "", "", "", "").isOk();
        assertThat(look(piece).path("pins").path("isChosen").asBoolean()).isTrue();
        pins(take(), "", "", "", "").isRefused(404, "not-there");
    }

    private static Client.Answer pins(long piece, String across, String along, String otherAcross, String otherAlong) {
        return post(
                bram,
                piece,
                "pins",
                Map.of(
                        "pin", "1/16",
                        "firstAcross", across,
                        "firstAlong", along,
                        "otherAcross", otherAcross,
                        "otherAlong", otherAlong));
    }

    @Test
    @DisplayName("[trade] a cavity that breaks through the finished handle is not kept; one that does not is")
    void the_cavity() {
        long piece = take();
        assertThat(cavity(piece, "ANGLED_HOLES", "", "1")
                        .isRefused(422, "entries")
                        .detail())
                .contains("breaks through");
        cavity(piece, "ANGLED_HOLES", "2", "").isRefused(422, "entries");
        cavity(piece, "CHAIN", "", "").isOk();
        JsonNode cavity = look(piece).path("cavity");
        assertThat(cavity.path("method").asString()).isEqualTo("CHAIN");
        assertThat(cavity.path("isPlanned").asBoolean()).isTrue();
        assertThat(cavity.path("holes").size()).isGreaterThan(4);
        cavity(take("buttDrop", "1-1/4", "handleThickness", "5/8"), "CHAIN", "", "")
                .isRefused(422, "entries");
    }

    private static Client.Answer cavity(long piece, String method, String drill, String longDrill) {
        return post(bram, piece, "cavity", Map.of("method", method, "drill", drill, "longDrill", longDrill));
    }

    @Test
    void a_guard_that_snapped_is_made_anew_and_has_been_read_by_nobody() {
        long piece = upTo("fit-guard");
        Work.start(bram, piece, "fit-guard").isOk();
        level(bram, piece, 3, ".210", ".209").isOk();
        post(bram, piece, "stack", Map.of("state", "AS_MADE", "entries", Map.of("guard", ".371")))
                .isOk();
        bram.post(
                        Work.address(piece, "fit-guard") + "/went-wrong",
                        Map.of(
                                "kind", "GUARD_SNAPPED",
                                "words", "",
                                "wayBack", "REMAKE",
                                "measured", "",
                                "from", "",
                                "sure", false))
                .isOk();
        JsonNode fit = look(piece);
        assertThat(fit.path("driven").path("readings").size()).isZero();
        assertThat(fit.path("stack").path("parts").get(0).path("asMade").asString())
                .isNotEqualTo("0.371 in");
    }

    @Test
    void a_bolster_that_is_one_with_the_blade_has_no_guard_and_a_full_tang_nothing_to_fit() {
        long integral = Work.take(owner, 1, Map.of("construction", "INTEGRAL", "steelForm", "FORGED"));
        JsonNode fit = look(integral);
        assertThat(fit.path("hasGuard").asBoolean()).isFalse();
        assertThat(fit.path("driven").isMissingNode() || fit.path("driven").isNull())
                .isTrue();
        assertThat(fit.path("stack").path("parts").get(0).path("key").asString())
                .isEqualTo("bolster");
        level(bram, integral, 3, ".1", ".1").isRefused(404, "not-there");
        bram.get("/api/fit/pieces/" + Work.take(owner, 1, Map.of())).isRefused(404, "not-there");
    }

    @Test
    @DisplayName(
            "[trade] peened: a tang an eighth proud makes a head; take-down: the nut draws tight before it bottoms")
    void what_holds_the_handle() {
        JsonNode peened = look(take("heldBy", "PEENED")).path("stack").path("sums");
        assertThat(peened.toString()).contains("Its head fills a countersink").doesNotContain("bends over");
        JsonNode nut = look(take("heldBy", "TAKE_DOWN")).path("stack").path("sums");
        assertThat(nut.toString()).contains("Thread that holds in the nut").doesNotContain("bottoms");
        JsonNode tooLong = look(take("heldBy", "TAKE_DOWN", "tangLength", "5.4"))
                .path("stack")
                .path("sums");
        assertThat(tooLong.toString()).contains("bottoms in the nut");
    }

    @Test
    @DisplayName("[trade] a handle's sections are drawn, printed at 1:1, and its surface follows its material")
    void the_handle_is_shaped() {
        long piece = Work.take(owner, 1, Map.of("handleMaterial", "CARBON_FIBRE"));
        JsonNode shaping =
                bram.get("/api/fit/pieces/" + piece + "/shaping").isOk().json();
        assertThat(shaping.path("sections").size()).isEqualTo(5);
        assertThat(shaping.path("grits").toString()).contains("P2500");
        assertThat(bram.get("/api/pieces/" + piece + "/files/sections-template.pdf")
                        .isOk()
                        .text())
                .startsWith("%PDF");
        assertThat(bram.get("/api/pieces/" + piece + "/files/sections-template.svg")
                        .isOk()
                        .text())
                .contains("Palm swell", "mm");
        bram.get("/api/pieces/" + piece + "/files/sections-nothing.svg").isRefused(404, "not-there");
        long hatchet = Work.take(
                owner, 1, Map.of("construction", "HATCHET", "steelForm", "FORGED", "handleMaterial", "HICKORY"));
        assertThat(bram.get("/api/fit/pieces/" + hatchet + "/shaping")
                        .isOk()
                        .json()
                        .path("sections")
                        .size())
                .isZero();
        bram.get("/api/pieces/" + hatchet + "/files/sections-template.pdf").isRefused(404, "not-there");
    }

    @Test
    void the_bench_lists_what_can_be_fitted_now() {
        long piece = upTo("fit-guard");
        List<JsonNode> waiting =
                bram.get("/api/fit").isOk().json().valueStream().toList();
        JsonNode here = waiting.stream()
                .filter(each -> each.path("piece").asLong() == piece)
                .findFirst()
                .orElseThrow();
        assertThat(here.path("step").asString()).isEqualTo("fit-guard");
        assertThat(here.path("isNow").asBoolean()).isTrue();
    }
}
