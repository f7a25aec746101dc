package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Whose a piece is, and what it is for. */
class BelongingTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client bram;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.owner();
        bram = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    @DisplayName(
            "[trade] three ordered and four made: the fourth is the shop's spare, and the spare is handed over to nobody")
    void ordered_and_made() {
        long first = take(4, 3);
        assertThat(belongs(first + 2)).isEqualTo("PROMISED:");
        assertThat(belongs(first + 3)).isEqualTo("SPARE:the shop");
        assertThat(Work.piece(bram, first).path("client").path("ordered")).hasSize(3);
        Map<String, Object> tooMany = Work.commission(owner, 2, Map.of());
        tooMany.put("ordered", 3);
        assertThat(owner.post("/api/jobs", tooMany).isRefused(422, "entries").text())
                .contains("More are ordered than are made");
        Work.workUpTo(shop, bram, first, "see-first-piece");
        long alone = take(1, 1);
        give(alone, "PROMISED", "", "STOCK", "", true).isOk();
        Work.workUpTo(shop, bram, alone, "hand-over");
        Work.start(bram, alone, "hand-over").isOk();
        assertThat(Work.done(bram, alone, "hand-over")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("promised to nobody");
    }

    @Test
    @DisplayName(
            "[trade] a spare that is promised to one client is used for another only by the owner, and only when asked and sure")
    void a_promised_spare() {
        long first = take(3, 2);
        give(first, "PROMISED", "", "PROMISED", "Petra Vale", false).isOk();
        give(first + 2, "SPARE", "the shop", "SPARE", "Anselm Roe", false).isOk();
        Map<String, Object> report =
                Map.of("kind", "OTHER", "words", "", "measured", "", "wayBack", "SPARE", "from", "", "sure", true);
        bram.post(Work.address(first, "number-piece") + "/went-wrong", report).isRefused(403, "not-allowed");
        Map<String, Object> unsure =
                Map.of("kind", "OTHER", "words", "", "measured", "", "wayBack", "SPARE", "from", "", "sure", false);
        assertThat(owner.post(Work.address(first, "number-piece") + "/went-wrong", unsure)
                        .isRefused(422, "question")
                        .detail())
                .contains("the spare of Anselm Roe");
        assertThat(Work.piece(bram, first).path("now").path("standing").asString())
                .isEqualTo("ALIVE");
        owner.post(Work.address(first, "number-piece") + "/went-wrong", report).isOk();
        assertThat(belongs(first + 2)).isEqualTo("PROMISED:Petra Vale");
    }

    @Test
    @DisplayName(
            "[trade] a piece given to somebody else asks first and is the owner's; two who say so at once see both values")
    void given_to_another() {
        long piece = take(1, 1);
        bram.post("/api/pieces/" + piece + "/belongs", given("PROMISED", "", "PROMISED", "Petra Vale", true))
                .isRefused(403, "not-allowed");
        give(piece, "PROMISED", "", "PROMISED", "Petra Vale", false).isOk();
        assertThat(give(piece, "PROMISED", "Petra Vale", "PROMISED", "Anselm Roe", false)
                        .isRefused(422, "question")
                        .detail())
                .contains("promised to Petra Vale", "left without it");
        JsonNode both = give(piece, "PROMISED", "", "PROMISED", "Anselm Roe", true)
                .isRefused(409, "both-changed")
                .json()
                .path("both")
                .get(0);
        assertThat(both.path("theirs").asString()).isEqualTo("promised to Petra Vale");
        assertThat(both.path("yours").asString()).isEqualTo("promised to Anselm Roe");
        give(piece, "PROMISED", "Petra Vale", "PROMISED", "Anselm Roe", true).isOk();
        assertThat(belongs(piece)).isEqualTo("PROMISED:Anselm Roe");
        assertThat(Work.piece(bram, piece)
                        .path("client")
                        .path("ordered")
                        .valueStream()
                        .map(each -> each.path("forWhom").asString()
                                + each.path("pieceName").asString().isEmpty()))
                .containsExactlyInAnyOrder("Petra Valetrue", "Anselm Roefalse");
    }

    @Test
    @DisplayName("[trade] the data file itself holds that nothing is promised twice, and nothing that was scrapped")
    void held_by_the_data_file() {
        long first = take(2, 2);
        long job = Work.piece(owner, first).path("job").path("id").asLong();
        JdbcClient sql = shop.bean(JdbcClient.class);
        assertThatThrownBy(() -> sql.sql(
                                "INSERT INTO ordered (job_id, for_whom, piece_id) VALUES (:job, 'Somebody', :piece)")
                        .param("job", job)
                        .param("piece", first)
                        .update())
                .hasMessageContaining("UNIQUE");
        Work.scrap(owner, first, "number-piece", "");
        assertThat(Work.piece(bram, first + 1)
                        .path("client")
                        .path("ordered")
                        .valueStream()
                        .map(each -> each.path("piece").asLong()))
                .containsExactlyInAnyOrder(0L, first + 1);
        assertThatThrownBy(() -> sql.sql(
                                "INSERT INTO ordered (job_id, for_whom, piece_id) VALUES (:job, 'Somebody', :piece)")
                        .param("job", job)
                        .param("piece", first)
                        .update())
                .hasMessageContaining("scrapped");
    }

    @Test
    void whatever_is_said_at_once_about_whose_pieces_are_nothing_is_ever_promised_twice() throws Exception {
        long first = take(4, 3);
        Random random = new Random(7);
        List<String> people = List.of("", "Petra Vale", "Anselm Roe", "Ida Lorne");
        var pool = Executors.newFixedThreadPool(4);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            long piece = first + random.nextInt(4);
            String belongs = List.of("PROMISED", "STOCK", "SPARE").get(random.nextInt(3));
            String forWhom = belongs.equals("SPARE") ? "the shop" : people.get(random.nextInt(people.size()));
            answers.add(pool.submit(() -> {
                JsonNode own = Work.piece(owner, piece).path("knife").path("own");
                return give(
                                piece,
                                own.path("belongs").asString(),
                                own.path("forWhom").asString(),
                                belongs,
                                forWhom,
                                true)
                        .status();
            }));
        }
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isIn(200, 409);
        }
        pool.shutdown();
        JsonNode ordered = Work.piece(owner, first).path("client").path("ordered");
        List<Long> promised = ordered.valueStream()
                .map(each -> each.path("piece").asLong())
                .filter(piece -> piece > 0)
                .toList();
        assertThat(promised).doesNotHaveDuplicates();
        for (long piece = first; piece < first + 4; piece++) {
            assertThat(belongs(piece).startsWith("PROMISED")).isEqualTo(promised.contains(piece));
        }
    }

    @Test
    @DisplayName("[trade] work for stock has no client to say yes, and can be sold to one later")
    void without_a_client() {
        Map<String, Object> stock = Work.commission(owner, 1, Map.of());
        stock.putAll(Map.of("kind", "STOCK", "clientName", "", "ordered", 0));
        long piece = owner.post("/api/jobs", stock).isOk().json().path("about").asLong();
        assertThat(Work.step(Work.piece(bram, piece), "approve-outline")
                        .path("standing")
                        .asString())
                .isEqualTo("DONE");
        assertThat(belongs(piece)).isEqualTo("STOCK:");
        assertThat(owner.get("/api/consult").isOk().json().toString())
                .doesNotContain("\"jobId\":"
                        + Work.piece(bram, piece).path("job").path("id").asLong() + ",");
        Work.workUpTo(shop, bram, piece, "hand-over");
        give(piece, "STOCK", "", "PROMISED", "Ida Lorne", false).isOk();
        Work.doStep(shop, bram, piece, "hand-over");
        assertThat(Work.piece(bram, piece).path("now").path("standing").asString())
                .isEqualTo("HANDED_OVER");
        stock.put("ordered", 1);
        owner.post("/api/jobs", stock).isRefused(422, "entries");
    }

    @Test
    void pieces_are_added_to_a_job_like_one_that_is_there_and_knives_form_a_set() {
        long piece = take(1, 1);
        Work.workUpTo(shop, bram, piece, "drill-tang-holes");
        long job = Work.piece(owner, piece).path("job").path("id").asLong();
        bram.post("/api/jobs/" + job + "/pieces", Map.of("count", 1, "like", piece, "asSpare", false))
                .isRefused(403, "not-allowed");
        long second = owner.post("/api/jobs/" + job + "/pieces", Map.of("count", 2, "like", piece, "asSpare", false))
                .isOk()
                .json()
                .path("about")
                .asLong();
        JsonNode added = Work.piece(bram, second);
        assertThat(added.path("job").path("pieces").asInt()).isEqualTo(3);
        assertThat(added.path("name").asString()).endsWith("-2");
        assertThat(Work.piece(bram, piece).path("name").asString()).endsWith("-1");
        assertThat(Work.step(added, "approve-outline").path("standing").asString())
                .as("the client has said yes to this drawing")
                .isEqualTo("DONE");
        assertThat(Work.step(added, "choose-stock").path("standing").asString()).isEqualTo("WAITING");
        assertThat(belongs(second)).isEqualTo("PROMISED:");
        for (long each : List.of(piece, second)) {
            bram.post("/api/pieces/" + each + "/own", Map.of("art", "", "rackSlot", "", "setName", "Kitchen pair"))
                    .isOk();
        }
        assertThat(Work.piece(bram, piece)
                        .path("job")
                        .path("setWith")
                        .valueStream()
                        .map(JsonNode::asString))
                .containsExactly(added.path("name").asString());
        owner.post("/api/jobs/" + job + "/pieces", Map.of("count", 22, "like", piece, "asSpare", false))
                .isRefused(422, "entries");
    }

    @Test
    @DisplayName(
            "[trade] the brief is changed with what was said before kept, and once the client has said yes with their word")
    void the_brief() {
        long piece = take(1, 1);
        long job = Work.piece(owner, piece).path("job").path("id").asLong();
        bram.post("/api/jobs/" + job + "/brief", brief("Onions and herbs", "Fish", false))
                .isRefused(403, "not-allowed");
        owner.post("/api/jobs/" + job + "/brief", brief("Onions and herbs", "Onions, and fish on Fridays", false))
                .isOk();
        Work.doStep(shop, bram, piece, "approve-outline");
        assertThat(owner.post("/api/jobs/" + job + "/brief", brief("Onions, and fish on Fridays", "Fish", false))
                        .isRefused(422, "entries")
                        .text())
                .contains("have to agree first");
        assertThat(owner.post("/api/jobs/" + job + "/brief", brief("Onions and herbs", "Fish", true))
                        .isRefused(409, "both-changed")
                        .json()
                        .path("both")
                        .get(0)
                        .path("theirs")
                        .asString())
                .isEqualTo("Onions, and fish on Fridays");
        owner.post("/api/jobs/" + job + "/brief", brief("Onions, and fish on Fridays", "Fish", true))
                .isOk();
        JsonNode view = Work.piece(bram, piece);
        assertThat(view.path("client").path("useWords").asString()).isEqualTo("Fish");
        assertThat(view.path("client")
                        .path("briefBefore")
                        .valueStream()
                        .map(before -> before.path("useWords").asString()))
                .containsExactly("Onions, and fish on Fridays", "Onions and herbs");
        assertThat(view.path("client")
                        .path("briefBefore")
                        .get(1)
                        .path("wishes")
                        .get(0)
                        .path("words")
                        .asString())
                .isEqualTo("Blade length");
        assertThat(view.path("client").path("wishes").get(0).path("agreed").asString())
                .isEqualTo("one like her mother's");
    }

    private static Map<String, Object> brief(String from, String to, boolean agreed) {
        return Map.of(
                "fromUseWords",
                from,
                "useWords",
                to,
                "wishes",
                List.of(Map.of("words", "Handle", "strength", "MAY", "asked", "", "agreed", "one like her mother's")),
                "clientAgreed",
                agreed,
                "reason",
                "She said so on the telephone");
    }

    @Test
    @DisplayName("[trade] hand-over is shut while the brief is unread")
    void an_unread_brief() {
        long piece = take(1, 1);
        Work.workUpTo(shop, bram, piece, "read-brief");
        for (String step : List.of("sharpen", "strop", "cutting-test", "last-check")) {
            Work.doStep(shop, bram, piece, step);
        }
        assertThat(Work.start(bram, piece, "hand-over")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("read again what it is for");
        Work.doStep(shop, bram, piece, "read-brief");
        Work.doStep(shop, bram, piece, "hand-over");
    }

    private static long take(int pieces, int ordered) {
        Map<String, Object> job = Work.commission(owner, pieces, Map.of());
        job.put("ordered", ordered);
        return owner.post("/api/jobs", job).isOk().json().path("about").asLong();
    }

    private static String belongs(long piece) {
        JsonNode own = Work.piece(owner, piece).path("knife").path("own");
        return own.path("belongs").asString() + ":" + own.path("forWhom").asString();
    }

    private static Client.Answer give(long piece, String was, String of, String belongs, String forWhom, boolean sure) {
        return owner.post("/api/pieces/" + piece + "/belongs", given(was, of, belongs, forWhom, sure));
    }

    private static Map<String, Object> given(String was, String of, String belongs, String forWhom, boolean sure) {
        return Map.of(
                "from", Map.of("belongs", was, "forWhom", of), "belongs", belongs, "forWhom", forWhom, "sure", sure);
    }
}
