package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.DriverManager;
import java.time.Duration;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Gates, numbers and conflicts over HTTP: what holds whoever sends the commands. */
class SharedWorkTest {
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

    @Test
    void hardening_waits_for_holes_and_file_work_and_says_what_would_happen() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "drill-tang-holes");
        assertThat(Work.start(bram, piece, "harden")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("Hard steel cannot be drilled or filed", "Drill the pin holes", "File the choil");
        bram.post(
                        Work.address(piece, "harden") + "/override",
                        Map.of("rule", "soft-work-before-hardening", "reason", "test"))
                .isRefused(403, "not-allowed");
        owner.post(
                        Work.address(piece, "harden") + "/override",
                        Map.of("rule", "soft-work-before-hardening", "reason", " "))
                .isRefused(422, "entries");
        for (JsonNode obstacle :
                Work.step(Work.piece(owner, piece), "harden").path("order").path("closedBy")) {
            owner.post(
                            Work.address(piece, "harden") + "/override",
                            Map.of("rule", obstacle.path("rule").asString(), "reason", "A coupon, no knife"))
                    .isOk();
        }
        Work.start(bram, piece, "harden").isOk();
        assertThat(Work.step(Work.piece(bram, piece), "harden")
                        .path("order")
                        .path("overrides")
                        .get(0)
                        .path("reason")
                        .asString())
                .isEqualTo("A coupon, no knife");
    }

    @Test
    void nothing_is_fitted_on_untempered_steel() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG"));
        Work.workUpTo(shop, bram, piece, "temper-first");
        assertThat(Work.piece(bram, piece).path("now").path("isUntempered").asBoolean())
                .isTrue();
        assertThat(Work.start(bram, piece, "fit-guard")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("snaps like glass");
    }

    @Test
    void a_slot_milled_to_a_tang_that_was_sanded_afterwards_is_stale() {
        long piece = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG", "stockThickness", ".165"));
        Work.workUpTo(shop, bram, piece, "measure-for-guard");
        Work.start(bram, piece, "measure-for-guard").isOk();
        Work.read(bram, piece, "measure-for-guard", "tang.width", "0.690").isOk();
        Work.read(bram, piece, "measure-for-guard", "tang.thickness", "0.163").isOk();
        Work.read(bram, piece, "measure-for-guard", "guard.thickness", "0.366").isOk();
        Work.read(bram, piece, "measure-for-guard", "tang.thickness-behind", "0.162")
                .isOk();
        Work.read(bram, piece, "measure-for-guard", "tang.thickness-end", "0.155")
                .isOk();
        Work.read(bram, piece, "measure-for-guard", "tang.length", "3.75").isOk();
        Work.done(bram, piece, "measure-for-guard").isOk();
        Work.doStep(shop, bram, piece, "mill-guard-slot");
        assertThat(Work.number(Work.piece(bram, piece), "slot.width")
                        .path("madeTo")
                        .asString())
                .isEqualTo("0.170 in");
        assertThat(Work.number(Work.piece(bram, piece), "slot.width").has("stale"))
                .isFalse();
        Work.read(cato, piece, "measure-for-guard", "tang.thickness-behind", "0.155")
                .isOk();
        Work.read(cato, piece, "measure-for-guard", "tang.thickness", "0.155").isOk();
        JsonNode stale = Work.number(Work.piece(bram, piece), "slot.width").path("stale");
        assertThat(stale.path("madeTo").asString()).isEqualTo("0.170 in");
        assertThat(stale.path("now").asString()).isEqualTo("0.162 in");
        assertThat(stale.path("difference").asString()).isEqualTo("0.008 in");
    }

    @Test
    void readings_that_cannot_be_are_refused_and_unlikely_ones_are_questioned() {
        long piece = Work.take(owner, 1, Map.of("stockThickness", ".165"));
        Work.workUpTo(shop, bram, piece, "choose-stock");
        Work.start(bram, piece, "choose-stock").isOk();
        Work.read(bram, piece, "choose-stock", "stock.thickness", "thick").isRefused(422, "entries");
        Work.read(bram, piece, "choose-stock", "stock.thickness", "0").isRefused(422, "entries");
        assertThat(Work.read(bram, piece, "choose-stock", "stock.thickness", ".63")
                        .isRefused(422, "question")
                        .detail())
                .contains("0.630 in", "0.165 in");
        Work.read(bram, piece, "choose-stock", "stock.thickness", ".010").isRefused(422, "entries");
        Work.read(bram, piece, "choose-stock", "pin.diameter", ".25").isRefused(422, "entries");
        assertThat(Work.done(bram, piece, "choose-stock")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("Stock thickness");
        Work.read(bram, piece, "choose-stock", "stock.thickness", "163 thou").isOk();
        assertThat(Work.number(Work.piece(bram, piece), "centre-line.height")
                        .path("value")
                        .asString())
                .isEqualTo("0.0815 in");
    }

    @Test
    void two_makers_reading_the_same_number_both_see_both_values() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "choose-stock");
        Work.start(bram, piece, "choose-stock").isOk();
        String address = Work.address(piece, "choose-stock") + "/readings";
        bram.post(
                        address,
                        Map.of(
                                "dimension",
                                "stock.thickness",
                                "entry",
                                ".156",
                                "basedOn",
                                0,
                                "sure",
                                false,
                                "reason",
                                ""))
                .isOk();
        JsonNode both = cato.post(
                        address,
                        Map.of(
                                "dimension",
                                "stock.thickness",
                                "entry",
                                ".158",
                                "basedOn",
                                0,
                                "sure",
                                false,
                                "reason",
                                ""))
                .isRefused(409, "both-changed")
                .json()
                .path("both")
                .get(0);
        assertThat(both.path("theirs").asString()).isEqualTo("0.156 in");
        assertThat(both.path("yours").asString()).isEqualTo(".158");
        assertThat(both.path("theirsBy").asString()).isEqualTo("Bram Holt");
        cato.post(
                        address,
                        Map.of(
                                "dimension",
                                "stock.thickness",
                                "entry",
                                ".158",
                                "basedOn",
                                both.path("theirsIs")
                                        .asLong(Long.parseLong(
                                                both.path("theirsIs").asString())),
                                "sure",
                                false,
                                "reason",
                                ""))
                .isOk();
        assertThat(Work.number(Work.piece(bram, piece), "stock.thickness")
                        .path("value")
                        .asString())
                .isEqualTo("0.158 in");
    }

    @Test
    void a_specification_changed_by_two_is_never_overwritten_silently() {
        long piece = Work.take(owner, 1, Map.of());
        String address = "/api/pieces/" + piece + "/specification";
        owner.post(address, Work.decided("bladeLength", "101.6 mm", "5 in")).isOk();
        JsonNode both = owner.post(address, Work.decided("bladeLength", "101.6 mm", "6 in"))
                .isRefused(409, "both-changed")
                .json()
                .path("both")
                .get(0);
        assertThat(both.path("theirs").asString()).isEqualTo("5 in");
        assertThat(both.path("theirsBy").asString()).isEqualTo("Olwen Tarr");
        owner.post(
                        address,
                        Work.decided(
                                "finish",
                                "HAND_SATIN",
                                "ETCHED_DARK_TUMBLED",
                                "neutraliser",
                                "",
                                "SOAP",
                                "tumbling",
                                "",
                                "WET",
                                "handleTurn",
                                "",
                                "BLADE_FIRST"))
                .isOk();
        JsonNode changed = Work.piece(owner, piece);
        assertThat(Work.step(changed, "etch").path("standing").asString()).isEqualTo("WAITING");
        assertThat(changed.path("past").path("journal").get(0).path("words").asString())
                .contains("Finish was Hand satin, is Etched dark and tumbled");
        bram.post(address, Work.decided("bladeLength", "127 mm", "6 in")).isRefused(403, "not-allowed");
        String job = "/api/jobs/" + changed.path("job").path("id").asLong() + "/promise";
        String promised = changed.path("job").path("promisedOn").asString();
        owner.post(job, Map.of("from", promised, "to", "2031-05-01")).isOk();
        JsonNode days = owner.post(job, Map.of("from", promised, "to", "2031-06-01"))
                .isRefused(409, "both-changed")
                .json()
                .path("both")
                .get(0);
        assertThat(days.path("theirsBy").asString()).isEqualTo("Olwen Tarr");
    }

    @Test
    void the_same_command_sent_again_changes_nothing_twice() {
        long piece = Work.take(owner, 1, Map.of());
        String id = UUID.randomUUID().toString();
        JsonNode first = bram.postAs(
                        id,
                        "/api/pieces/" + piece + "/notes",
                        Map.of("operation", "", "words", "once", "isLesson", false))
                .isOk()
                .json();
        JsonNode again = bram.postAs(
                        id,
                        "/api/pieces/" + piece + "/notes",
                        Map.of("operation", "", "words", "once", "isLesson", false))
                .isOk()
                .json();
        assertThat(again).isEqualTo(first);
        assertThat(Work.piece(bram, piece).path("past").path("notes")).hasSize(1);
        bram.postAs("x", "/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", "y", "isLesson", false))
                .isRefused(400, "malformed");
    }

    @Test
    void of_many_who_start_the_same_step_at_once_one_does() throws Exception {
        long piece = Work.take(owner, 1, Map.of());
        var pool = Executors.newFixedThreadPool(8);
        List<Future<Integer>> answers = IntStream.range(0, 16)
                .mapToObj(i -> pool.submit(() -> Work.start(i % 2 == 0 ? bram : cato, piece, "choose-stock")
                        .status()))
                .toList();
        int started = 0;
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isIn(200, 409);
            started += answer.get() == 200 ? 1 : 0;
        }
        pool.shutdown();
        assertThat(started).isEqualTo(1);
    }

    @Test
    void what_went_wrong_is_done_again_with_new_readings() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "finish-grind");
        bram.post(
                        Work.address(piece, "test-hardness") + "/went-wrong",
                        Map.of(
                                "kind",
                                "CRACKED",
                                "words",
                                "",
                                "measured",
                                "",
                                "wayBack",
                                "REDO",
                                "from",
                                "harden",
                                "sure",
                                false))
                .isRefused(422, "entries");
        bram.post(
                        Work.address(piece, "test-hardness") + "/went-wrong",
                        Map.of(
                                "kind",
                                "NOT_HARD",
                                "words",
                                "52 HRC",
                                "measured",
                                "",
                                "wayBack",
                                "HEAT_AGAIN",
                                "from",
                                "harden",
                                "sure",
                                false))
                .isOk();
        JsonNode again = Work.piece(bram, piece);
        assertThat(Work.step(again, "normalise").path("standing").asString()).isEqualTo("READY");
        assertThat(Work.step(again, "harden").path("standing").asString()).isEqualTo("WAITING");
        assertThat(again.path("now").path("heats").asInt()).isEqualTo(2);
        assertThat(again.path("past").path("mishaps").get(0).path("costMinutes").asInt())
                .isGreaterThan(60);
        assertThat(Work.step(again, "drill-tang-holes").path("standing").asString())
                .isEqualTo("DONE");
        assertThat(Work.number(again, "hardness").has("reading")).isFalse();
        assertThat(Work.number(again, "stock.thickness").has("reading")).isTrue();
        assertThat(again.path("now").path("state").asString()).isEqualTo("PROFILED");
    }

    @Test
    void a_held_piece_is_not_worked_on_and_a_scrapped_one_is_over() {
        long piece = Work.take(owner, 1, Map.of());
        cato.post("/api/pieces/" + piece + "/hold", Map.of("words", "waiting for the client"))
                .isOk();
        assertThat(Work.start(bram, piece, "choose-stock")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("waiting for the client");
        cato.post("/api/pieces/" + piece + "/release", Map.of()).isOk();
        Work.start(bram, piece, "choose-stock").isOk();
        Work.scrap(bram, piece, "choose-stock", "");
        Work.done(bram, piece, "choose-stock").isRefused(409, "out-of-turn");
    }

    @Test
    void done_is_taken_back_while_nothing_is_built_on_it() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "profile");
        bram.post(Work.address(piece, "lay-out") + "/reopen", Map.of()).isRefused(409, "out-of-turn");
        bram.post(Work.address(piece, "drill-tang-holes") + "/reopen", Map.of()).isOk();
        assertThat(Work.step(Work.piece(bram, piece), "drill-tang-holes")
                        .path("standing")
                        .asString())
                .isEqualTo("READY");
        assertThat(Work.number(Work.piece(bram, piece), "pin.drill").has("madeTo"))
                .isFalse();
    }

    @Test
    void the_rest_of_a_batch_waits_for_its_proved_first_piece() {
        long first = Work.take(owner, 3, Map.of());
        Work.workUpTo(shop, bram, first + 1, "see-first-piece");
        assertThat(Work.start(bram, first + 1, "see-first-piece")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("repeated in every piece");
        Work.workUpTo(shop, bram, first, "rough-bevels");
        Work.start(bram, first + 1, "see-first-piece").isOk();
    }

    @Test
    void a_step_rests_until_its_clock_is_up() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, bram, piece, "temper-first");
        Work.start(bram, piece, "temper-first").isOk();
        Work.read(bram, piece, "temper-first", "kiln.at-temper", "400 F").isOk();
        Work.done(bram, piece, "temper-first").isRefused(409, "out-of-turn");
        bram.post(Work.address(piece, "temper-first") + "/rest", Map.of()).isOk();
        shop.clock().putForward(Duration.ofMinutes(119));
        assertThat(Work.done(bram, piece, "temper-first")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("rests for another");
        shop.clock().putForward(Duration.ofMinutes(1));
        Work.done(bram, piece, "temper-first").isOk();
    }

    @Test
    void the_journal_can_only_grow() throws Exception {
        try (var connection = DriverManager.getConnection(
                        "jdbc:sqlite:" + shop.folder().resolve("shop.db"));
                var statement = connection.createStatement()) {
            statement.execute("PRAGMA busy_timeout = 20000");
            assertThatThrownBy(() -> statement.execute("DELETE FROM journal")).hasMessageContaining("append-only");
            assertThatThrownBy(() -> statement.execute("UPDATE journal SET words = ''"))
                    .hasMessageContaining("append-only");
            try (var modes = statement.executeQuery("PRAGMA journal_mode")) {
                assertThat(modes.getString(1)).isEqualTo("wal");
            }
        }
    }

    @Test
    void whatever_is_done_the_stations_and_the_piece_agree_on_what_can_be_started() {
        long first = Work.take(owner, 2, Map.of());
        long second = first + 1;
        for (String operation : List.of("number-piece", "choose-stock", "drill-tang-holes")) {
            Work.workUpTo(shop, owner, first, operation);
            mustAgree(first, second);
        }
        Work.workUpTo(shop, owner, second, "see-first-piece");
        mustAgree(first, second);
        bram.post("/api/pieces/" + second + "/hold", Map.of("words", "A knot")).isOk();
        mustAgree(first, second);
        bram.post("/api/pieces/" + second + "/release", Map.of()).isOk();
        String next = startable(first).iterator().next();
        Work.start(bram, first, next).isOk();
        mustAgree(first, second);
        bram.post(Work.address(first, next) + "/not-started", Map.of()).isOk();
        mustAgree(first, second);
        Work.doStep(shop, bram, first, next);
        mustAgree(first, second);
        bram.post(Work.address(first, next) + "/reopen", Map.of()).isOk();
        mustAgree(first, second);
        Work.workUpTo(shop, bram, first, "hand-over");
        mustAgree(first, second);
    }

    private static void mustAgree(long... pieces) {
        Map<Long, Set<String>> atTheStations = new HashMap<>();
        for (JsonNode station : owner.get("/api/stations").isOk().json()) {
            owner.get("/api/stations/" + station.path("station").asString())
                    .isOk()
                    .json()
                    .path("next")
                    .forEach(row -> row.path("pieces")
                            .forEach(piece -> atTheStations
                                    .computeIfAbsent(piece.path("id").asLong(), id -> new HashSet<>())
                                    .add(row.path("operation").asString())));
        }
        for (long piece : pieces) {
            assertThat(atTheStations.getOrDefault(piece, Set.of()))
                    .as("piece %d", piece)
                    .isEqualTo(startable(piece));
        }
    }

    private static Set<String> startable(long piece) {
        JsonNode view = Work.piece(owner, piece);
        return view.path("now").path("held").isEmpty()
                ? view.path("steps")
                        .valueStream()
                        .filter(step -> step.path("standing").asString().equals("READY")
                                && step.path("isItsTurn").asBoolean())
                        .map(step -> step.path("operation").asString())
                        .collect(Collectors.toSet())
                : Set.of();
    }

    @Test
    void work_is_put_on_whoever_the_owner_says_and_the_closest_word_counts() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "choose-stock");
        long job = Work.piece(owner, piece).path("job").path("id").asLong();
        bram.post("/api/jobs/" + job + "/put-on", Map.of("person", person(cato), "word", ""))
                .isRefused(403, "not-allowed");
        owner.post("/api/jobs/" + job + "/put-on", Map.of("person", person(bram), "word", "When you can"))
                .isOk();
        assertThat(listed(bram, piece, "choose-stock")).isEqualTo("mine");
        assertThat(listed(cato, piece, "choose-stock")).isEqualTo("others");
        JsonNode handed = bram.get("/api/handed").isOk().json().get(0);
        assertThat(handed.path("word").asString()).isEqualTo("When you can");
        assertThat(handed.path("by").asString()).isEqualTo("Olwen Tarr");
        cato.post("/api/handed/" + handed.path("id").asLong() + "/seen", Map.of())
                .isRefused(404, "not-there");
        bram.post("/api/handed/" + handed.path("id").asLong() + "/seen", Map.of())
                .isOk();
        assertThat(bram.get("/api/handed").isOk().json()).isEmpty();
        bram.post(
                        "/api/steps/choose-stock/put-on",
                        Map.of("pieces", List.of(piece), "person", person(cato), "word", "The dark bar"))
                .isOk();
        assertThat(listed(bram, piece, "choose-stock")).isEqualTo("others");
        assertThat(listed(cato, piece, "choose-stock")).isEqualTo("mine");
        bram.post(
                        "/api/steps/choose-stock/put-on",
                        Map.of("pieces", List.of(piece), "person", person(bram), "word", ""))
                .isRefused(403, "not-allowed");
        owner.post("/api/steps/choose-stock/put-on", Map.of("pieces", List.of(piece), "person", 0, "word", ""))
                .isOk();
        owner.post("/api/jobs/" + job + "/put-on", Map.of("person", 0, "word", ""))
                .isOk();
        assertThat(listed(cato, piece, "choose-stock")).isEqualTo("anybodys");
        cato.post(
                        "/api/steps/choose-stock/put-on",
                        Map.of("pieces", List.of(piece), "person", person(cato), "word", ""))
                .isOk();
        assertThat(listed(cato, piece, "choose-stock"))
                .as("taken by themselves")
                .isEqualTo("mine");
        owner.post("/api/pieces/" + piece + "/put-on", Map.of("person", 999, "word", ""))
                .isRefused(404, "not-there");
    }

    @Test
    void what_is_handed_on_while_somebody_is_at_it_is_put_down_and_goes_to_the_other_bench() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "choose-stock");
        Work.start(bram, piece, "choose-stock").isOk();
        cato.post(
                        "/api/steps/choose-stock/put-on",
                        Map.of("pieces", List.of(piece), "person", person(cato), "word", ""))
                .isRefused(403, "not-allowed");
        bram.post(
                        "/api/steps/choose-stock/put-on",
                        Map.of("pieces", List.of(piece), "person", person(cato), "word", "Mind the scale"))
                .isOk();
        assertThat(listed(bram, piece, "choose-stock")).isEqualTo("others");
        assertThat(listed(cato, piece, "choose-stock")).isEqualTo("mine");
        assertThat(owner.get("/api/bench?of=" + person(cato))
                        .isOk()
                        .json()
                        .path("ofSomebody")
                        .valueStream()
                        .map(row -> row.path("pieces").get(0).path("id").asLong()))
                .as("an owner sees who does what")
                .contains(piece);
        JsonNode hands = Work.piece(cato, piece).path("hands");
        assertThat(hands.path("beganBy").asString()).isEqualTo("Olwen Tarr");
        assertThat(hands.path("steps").get(0).path("holder").path("word").asString())
                .isEqualTo("Mind the scale");
        cato.post(Work.address(piece, "choose-stock") + "/pick-up", Map.of()).isOk();
        assertThat(cato.get("/api/handed").isOk().json())
                .as("who has begun knows")
                .isEmpty();
        assertThat(listed(cato, piece, "choose-stock")).isEqualTo("mine");
        Work.read(cato, piece, "choose-stock", "stock.thickness", ".157").isOk();
        Work.done(cato, piece, "choose-stock").isOk();
        JsonNode next = cato.get("/api/bench/next?piece=" + piece + "&operation=choose-stock")
                .isOk()
                .json()
                .path("next");
        assertThat(next.path("pieces").get(0).path("id").asLong())
                .as("the piece in hand goes on")
                .isEqualTo(piece);
    }

    @Test
    void a_maker_is_shown_as_anybodys_what_is_at_the_stations_where_they_work() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "choose-stock");
        String abilities = "/api/people/" + person(cato) + "/abilities";
        bram.post(abilities, Map.of("stations", List.of())).isRefused(403, "not-allowed");
        cato.post(abilities, Map.of("stations", List.of(Map.of("station", "MILL", "ability", "CAN"))))
                .isOk();
        assertThat(listed(cato, piece, "choose-stock")).isEqualTo("others");
        String station = Work.step(Work.piece(cato, piece), "choose-stock")
                .path("station")
                .asString();
        owner.post(abilities, Map.of("stations", List.of(Map.of("station", station, "ability", "LEARNS"))))
                .isOk();
        assertThat(listed(cato, piece, "choose-stock")).isEqualTo("anybodys");
        cato.post(abilities, Map.of("stations", List.of())).isOk();
        assertThat(listed(cato, piece, "choose-stock"))
                .as("who says nothing works everywhere")
                .isEqualTo("anybodys");
    }

    private static long person(Client client) {
        return client.get("/api/session")
                .isOk()
                .json()
                .path("person")
                .path("id")
                .asLong();
    }

    /** In which of the bench's lists somebody sees a step of a piece; empty if in none. */
    private static String listed(Client client, long piece, String operation) {
        JsonNode bench = client.get("/api/bench").isOk().json();
        return Stream.of("clocks", "mine", "anybodys", "others")
                .filter(list -> bench.path(list)
                        .valueStream()
                        .anyMatch(row -> row.path("operation").asString().equals(operation)
                                && row.path("pieces")
                                        .valueStream()
                                        .anyMatch(each -> each.path("id").asLong() == piece)))
                .collect(Collectors.joining(" "));
    }
}
