package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The demo shop has something true to show in every view, and came about as real work does. */
class DemoShopTest {
    private static RunningShop shop;
    private static Client maker;
    private static final List<JsonNode> PIECES = new ArrayList<>();

    @BeforeAll
    static void open() {
        shop = RunningShop.demo();
        maker = Client.at(shop.address());
        maker.post("/api/sign-in/demo", Map.of("personId", 2)).isOk();
        maker.get("/api/wall")
                .isOk()
                .json()
                .path("rails")
                .forEach(rail -> rail.path("pieces").forEach(PIECES::add));
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    void five_people_every_state_and_every_construction() {
        JsonNode rails = maker.get("/api/wall").json().path("rails");
        assertThat(rails).hasSize(27);
        assertThat(PIECES).hasSize(44);
        assertThat(maker.get("/api/people").json()).hasSize(5);
        assertThat(PIECES)
                .extracting(piece -> piece.path("state").asString())
                .contains("BAR", "PROFILED", "HARDENED", "GROUND", "FINISHED", "HANDLED", "HANDED_OVER");
        assertThat(PIECES)
                .extracting(piece -> piece.path("standing").asString())
                .contains("ALIVE", "HANDED_OVER", "SCRAPPED");
        assertThat(PIECES)
                .anyMatch(piece -> piece.has("heldReason"))
                .anyMatch(piece -> piece.path("isStale").asBoolean())
                .anyMatch(piece -> piece.path("isUntempered").asBoolean())
                .anyMatch(piece -> !piece.path("windows").isEmpty());
        List<String> alive = PIECES.stream()
                .filter(piece -> piece.path("standing").asString().equals("ALIVE"))
                .map(DemoShopTest::construction)
                .toList();
        assertThat(alive)
                .contains(
                        "FULL_TANG",
                        "HIDDEN_TANG",
                        "INTEGRAL",
                        "SLIP_JOINT",
                        "FRAME_LOCK",
                        "MACHINED",
                        "HATCHET",
                        "TOMAHAWK");
        assertThat(PIECES.stream()
                        .map(piece -> Work.piece(maker, piece.path("id").asLong())
                                .path("past")
                                .path("mishaps")
                                .size())
                        .mapToInt(Integer::intValue)
                        .sum())
                .isGreaterThanOrEqualTo(2);
        rails.forEach(rail ->
                assertThat(LocalDate.parse(rail.path("promisedOn").asString())).isAfter(LocalDate.now()));
    }

    private static String construction(JsonNode hanging) {
        return Work.piece(maker, hanging.path("id").asLong())
                .path("knife")
                .path("specification")
                .valueStream()
                .filter(line -> line.path("field").asString().equals("construction"))
                .map(line -> line.path("kept").asString())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void the_bench_has_something_in_each_of_its_lists() {
        JsonNode bench = maker.get("/api/bench").isOk().json();
        assertThat(bench.path("mine")).isNotEmpty();
        assertThat(bench.path("anybodys")).isNotEmpty();
        assertThat(bench.path("others")).isNotEmpty();
        assertThat(bench.path("clocks")
                        .valueStream()
                        .map(row -> row.path("operation").asString())
                        .distinct())
                .as("a blade in the acid comes first, then the closing temper window")
                .startsWith("etch", "temper-first");
    }

    @Test
    void every_finished_step_kept_its_gate_and_has_its_journal() {
        for (JsonNode hanging : PIECES) {
            JsonNode piece = Work.piece(maker, hanging.path("id").asLong());
            piece.path("steps").forEach(step -> {
                if (step.path("standing").asString().equals("DONE")) {
                    assertThat(step.path("order").path("closedBy"))
                            .as("%s %s", piece.path("name"), step.path("operation"))
                            .isEmpty();
                    String done = piece.path("name").asString() + ": "
                            + step.path("title").asString() + ": done";
                    assertThat(piece.path("past")
                                    .path("journal")
                                    .valueStream()
                                    .map(entry -> entry.path("words").asString()))
                            .contains(done);
                    assertThat(step.path("clock").path("doneAtMillis").asLong())
                            .isLessThanOrEqualTo(System.currentTimeMillis())
                            .isGreaterThanOrEqualTo(
                                    step.path("clock").path("startedAtMillis").asLong());
                }
            });
        }
    }

    @Test
    void a_second_start_keeps_the_shop_as_it_was() {
        long before = maker.get("/api/session").json().path("sequence").asLong();
        shop.restart();
        assertThat(Client.at(shop.address())
                        .get("/api/session")
                        .json()
                        .path("sequence")
                        .asLong())
                .isEqualTo(before);
        assertThat(maker.get("/api/wall").status())
                .as("a clean restart signs nobody out")
                .isEqualTo(200);
    }
}
