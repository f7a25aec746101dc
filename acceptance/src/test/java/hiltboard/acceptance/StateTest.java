package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What state a piece is really in, and what a thumb on the wrong knife does not change. */
class StateTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client bram;
    private static Client cato;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.owner();
        bram = shop.signedIn("bram");
        cato = shop.signedIn("cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    @DisplayName(
            "[trade] a late change of a glued knife's fastening takes the handle off before anything goes into the fire")
    void a_glued_knife_and_the_fire() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "read-brief");
        JsonNode effect = owner.post(
                        "/api/pieces/" + piece + "/specification/look", Work.decided("fastening", "PINS", "SCREWS"))
                .isOk()
                .json()
                .get(0);
        assertThat(titles(effect.path("comesIn")))
                .contains("Take the handle off", "Normalise three times, each cooler");
        assertThat(titles(effect.path("again")))
                .contains("Flatten the scales' insides", "Drill the scales through the tang");
        assertThat(effect.path("material").toString()).contains("a pair of scales");
        owner.post("/api/pieces/" + piece + "/specification", Work.decided("fastening", "PINS", "SCREWS"))
                .isOk();
        JsonNode changed = Work.piece(bram, piece);
        assertThat(Work.step(changed, "take-handle-off").path("standing").asString())
                .isEqualTo("READY");
        assertThat(Work.start(bram, piece, "normalise")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("handle");
        Work.doStep(shop, bram, piece, "take-handle-off");
        assertThat(Work.piece(bram, piece).path("now").path("conditions").toString())
                .doesNotContain("handle on it");
        Work.workUpTo(shop, bram, piece, "hand-over");
        assertThat(Work.piece(bram, piece).path("now").path("conditions").toString())
                .contains("handle on it", "tempered");
    }

    private static List<String> titles(JsonNode operations) {
        return operations
                .valueStream()
                .map(each -> each.path("title").asString())
                .toList();
    }

    @Test
    @DisplayName(
            "[trade] degreased twenty minutes ago is not degreased: the bath stays shut until it is done again, and everybody hears it")
    void what_was_clean() {
        long piece = Work.take(owner, 1, Map.of("finish", "ETCHED_DARK_TUMBLED"));
        Work.workUpTo(shop, bram, piece, "etch");
        assertThat(Work.step(Work.piece(bram, piece), "etch").path("standing").asString())
                .isEqualTo("READY");
        bram.post(Work.address(piece, "degrease-for-etch") + "/again", Map.of()).isRefused(409, "out-of-turn");
        shop.clock().putForward(Duration.ofMinutes(20));
        JsonNode obstacle = Work.step(Work.piece(bram, piece), "etch")
                .path("order")
                .path("closedBy")
                .get(0);
        assertThat(obstacle.path("rule").asString()).isEqualTo("clean-for-the-bath");
        assertThat(obstacle.path("again").path("title").asString()).isEqualTo("Degrease for the bath");
        Work.start(bram, piece, "etch").isRefused(409, "out-of-turn");
        assertThat(Work.piece(bram, piece).path("days").path("windows"))
                .as("there is nothing to hurry for")
                .isEmpty();
        bram.post(Work.address(piece, "degrease-for-etch") + "/again", Map.of()).isOk();
        Work.doStep(shop, bram, piece, "degrease-for-etch");
        Work.start(bram, piece, "etch").isOk();
    }

    @Test
    @DisplayName(
            "[trade] a blade that lies in the oven has no window to temper in any more; taken out again it has one")
    void the_window_of_the_temper() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "temper-first");
        assertThat(windows(piece)).containsExactly("temper-first");
        Work.start(bram, piece, "temper-first").isOk();
        assertThat(windows(piece)).isEmpty();
        bram.post(Work.address(piece, "temper-first") + "/not-started", Map.of())
                .isOk();
        assertThat(windows(piece)).containsExactly("temper-first");
    }

    private static List<String> windows(long piece) {
        return Work.piece(bram, piece)
                .path("days")
                .path("windows")
                .valueStream()
                .map(window -> window.path("operation").asString())
                .toList();
    }

    @Test
    void a_step_that_was_not_started_after_all_is_as_if_it_had_never_been() {
        long piece = Work.take(owner, 1, Map.of());
        Work.doStep(shop, bram, piece, "approve-outline");
        Work.start(bram, piece, "choose-stock").isOk();
        Work.read(bram, piece, "choose-stock", "stock.thickness", ".157").isOk();
        cato.post(Work.address(piece, "choose-stock") + "/not-started", Map.of())
                .isOk();
        JsonNode back = Work.step(Work.piece(bram, piece), "choose-stock");
        assertThat(back.path("standing").asString()).isEqualTo("READY");
        assertThat(back.path("clock").path("startedAtMillis").asLong()).isZero();
        assertThat(Work.number(Work.piece(bram, piece), "stock.thickness").has("reading"))
                .as("it was read on another bar")
                .isFalse();
        assertThat(Work.piece(bram, piece)
                        .path("past")
                        .path("journal")
                        .get(0)
                        .path("words")
                        .asString())
                .contains("was not started after all");
        cato.post(Work.address(piece, "choose-stock") + "/not-started", Map.of())
                .isRefused(409, "out-of-turn");
        Work.start(cato, piece, "choose-stock").isOk();
        assertThat(Work.step(Work.piece(bram, piece), "choose-stock")
                        .path("clock")
                        .path("startedBy")
                        .asString())
                .isEqualTo("Cato Lind");
    }

    @Test
    void a_rest_that_was_not_begun_leaves_no_clock_behind() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "temper-first");
        Work.start(bram, piece, "temper-first").isOk();
        Work.read(bram, piece, "temper-first", "kiln.at-temper", "400 F").isOk();
        bram.post(Work.address(piece, "temper-first") + "/rest", Map.of()).isOk();
        bram.post(Work.address(piece, "temper-first") + "/rest-not-begun", Map.of())
                .isOk();
        JsonNode step = Work.step(Work.piece(bram, piece), "temper-first");
        assertThat(step.path("standing").asString()).isEqualTo("RUNNING");
        assertThat(step.path("clock").path("restUntilMillis").asLong()).isZero();
        shop.clock().putForward(Duration.ofHours(3));
        Work.done(bram, piece, "temper-first").isRefused(409, "out-of-turn");
        bram.post(Work.address(piece, "temper-first") + "/rest", Map.of()).isOk();
        shop.clock().putForward(Duration.ofHours(2));
        Work.done(bram, piece, "temper-first").isOk();
    }

    @Test
    void put_down_for_lunch_the_time_in_between_is_nobodys_and_whoever_picks_it_up_is_at_it() {
        long piece = Work.take(owner, 1, Map.of());
        Work.doStep(shop, bram, piece, "approve-outline");
        Work.start(bram, piece, "choose-stock").isOk();
        bram.post(Work.address(piece, "choose-stock") + "/put-down", Map.of()).isOk();
        bram.post(Work.address(piece, "choose-stock") + "/put-down", Map.of()).isRefused(409, "out-of-turn");
        Work.read(bram, piece, "choose-stock", "stock.thickness", ".157").isOk();
        assertThat(Work.done(bram, piece, "choose-stock")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("pick it up first");
        JsonNode bench = bram.get("/api/bench").isOk().json();
        assertThat(bench.path("mine")
                        .valueStream()
                        .filter(row -> row.path("pieces").get(0).path("id").asLong() == piece)
                        .findFirst()
                        .orElseThrow()
                        .path("hands")
                        .path("isPutDown")
                        .asBoolean())
                .isTrue();
        shop.clock().putForward(Duration.ofMinutes(45));
        cato.post(Work.address(piece, "choose-stock") + "/pick-up", Map.of()).isOk();
        JsonNode step = Work.step(Work.piece(bram, piece), "choose-stock");
        assertThat(step.path("clock").path("startedBy").asString()).isEqualTo("Cato Lind");
        assertThat(step.path("clock").path("putDownAtMillis").asLong()).isZero();
        assertThat(Duration.ofMillis(step.path("clock").path("awayMillis").asLong()))
                .isBetween(Duration.ofMinutes(45), Duration.ofMinutes(46));
        assertThat(Work.piece(bram, piece)
                        .path("past")
                        .path("journal")
                        .get(0)
                        .path("words")
                        .asString())
                .contains("picked up again after 4");
        Work.done(cato, piece, "choose-stock").isOk();
    }

    @Test
    @DisplayName("[trade] the client's yes is the client's or the owner's: not on a maker's bench, not through a "
            + "link in a maker's hands, not at a maker's window")
    void the_clients_yes() {
        long piece = Work.take(owner, 1, Map.of());
        long job = Work.piece(owner, piece).path("job").path("id").asLong();
        Work.start(bram, piece, "approve-outline").isRefused(403, "not-allowed");
        assertThat(bram.get("/api/bench").isOk().json().path("anybodys").toString())
                .doesNotContain("approve-outline");
        assertThat(owner.get("/api/bench").isOk().json().path("anybodys").toString())
                .contains("approve-outline");
        owner.post(
                        "/api/jobs/" + job + "/links",
                        Map.of("revision", 1, "message", "", "price", "", "shown", List.of(), "days", 14))
                .isOk();
        String path = owner.get("/api/jobs/" + job + "/consult")
                .isOk()
                .json()
                .path("links")
                .get(0)
                .path("path")
                .asString();
        assertThat(bram.get("/api/jobs/" + job + "/consult").isOk().json().path("links"))
                .isEmpty();
        String link = "/api/client/" + path.substring(path.lastIndexOf('/') + 1);
        bram.get(link).isOk();
        assertThat(bram.post(link + "/approve", Map.of("name", "Greta Moss", "words", ""))
                        .isRefused(403, "not-allowed")
                        .detail())
                .contains("window of their own");
        Client client = Client.at(shop.address());
        client.get(link).isOk();
        client.post(link + "/approve", Map.of("name", "Greta Moss", "words", ""))
                .isOk();
        assertThat(Work.step(Work.piece(bram, piece), "approve-outline")
                        .path("standing")
                        .asString())
                .isEqualTo("DONE");
        bram.post(Work.address(piece, "approve-outline") + "/reopen", Map.of()).isRefused(403, "not-allowed");
    }

    @Test
    @DisplayName("[trade] a coarse meat edge on a light vegetable knife is asked back with what the client said; the "
            + "owner may say why it is right")
    void an_edge_for_another_use() {
        long piece = Work.take(owner, 1, Map.of("edgeAngle", "22", "edgeTooth", "COARSE"));
        Work.workUpTo(shop, bram, piece, "sharpen");
        JsonNode obstacle = Work.step(Work.piece(bram, piece), "sharpen")
                .path("order")
                .path("closedBy")
                .get(0);
        assertThat(obstacle.path("reason").asString()).contains("22° a side", "coarse tooth", "Onions and herbs");
        assertThat(obstacle.path("remedy").asString()).contains("12 to 15°", "fine");
        owner.post(
                        Work.address(piece, "sharpen") + "/override",
                        Map.of("rule", "edge-for-use", "reason", "She saws bread with it"))
                .isOk();
        Work.start(bram, piece, "sharpen").isOk();
    }

    @Test
    @DisplayName(
            "[trade] a dip in the handle found at the last check leads back to the handle, never to the client's approval")
    void a_dip_at_the_last_check() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "last-check");
        JsonNode ways = bram.get(Work.address(piece, "last-check") + "/ways-back?kind=HANDLE_DIP")
                .isOk()
                .json()
                .path("ways");
        List<String> from = ways.valueStream()
                .filter(way -> way.path("wayBack").asString().equals("REDO"))
                .map(way -> way.path("from").asString())
                .toList();
        assertThat(from)
                .contains("sand-handle", "shape-handle")
                .doesNotContain("approve-outline", "number-piece", "hand-sand");
        assertThat(bram.get(Work.address(piece, "last-check") + "/ways-back?kind=OTHER")
                        .isOk()
                        .json()
                        .path("ways")
                        .toString())
                .doesNotContain("approve-outline");
    }
}
