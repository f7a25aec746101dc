package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Stations over HTTP: what lies there, what comes next, their places to work, and their tools. */
class StationsTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client bram;

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

    private static JsonNode station(Client reader, String station) {
        return reader.get("/api/stations/" + station).isOk().json();
    }

    /** A row is of one piece or of several; what comes is of one. */
    private static List<String> of(JsonNode lines, long piece) {
        return lines.valueStream()
                .filter(line -> line.path("pieceId").asLong() == piece
                        || line.path("pieces")
                                .valueStream()
                                .anyMatch(each -> each.path("id").asLong() == piece))
                .map(line -> line.path("operation").asString())
                .toList();
    }

    @Test
    void a_piece_comes_to_a_station_can_be_started_there_and_lies_there() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "drill-tang-holes");
        assertThat(of(station(bram, "DRILL").path("next"), piece)).containsExactly("drill-tang-holes");
        JsonNode coming = station(bram, "GRINDER").path("coming");
        assertThat(of(coming, piece)).hasSize(1);
        assertThat(coming.valueStream()
                        .filter(line -> line.path("pieceId").asLong() == piece)
                        .findFirst()
                        .orElseThrow()
                        .path("after")
                        .asString())
                .contains("Drill");
        Work.start(bram, piece, "drill-tang-holes").isOk();
        JsonNode drill = station(owner, "DRILL");
        assertThat(of(drill.path("here"), piece)).containsExactly("drill-tang-holes");
        assertThat(of(drill.path("next"), piece)).isEmpty();
        owner.post("/api/pieces/" + piece + "/hold", Map.of("words", "the client thinks"))
                .isOk();
        assertThat(of(station(owner, "DRILL").path("here"), piece))
                .as("what is held lies on no bench")
                .isEmpty();
    }

    @Test
    void the_clients_yes_lies_before_the_owner_alone() {
        long piece = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, owner, piece, "approve-outline");
        assertThat(of(station(owner, "TABLE").path("next"), piece)).contains("approve-outline");
        assertThat(of(station(bram, "TABLE").path("next"), piece)).doesNotContain("approve-outline");
    }

    @Test
    void what_the_mill_bears_is_the_owners_to_say_and_speeds_and_feeds_are_worked_out_for_it() {
        owner.post("/api/stations/MILL/workplaces", Map.of("name", "Knee mill", "longest", ""))
                .isOk();
        long mill = station(owner, "MILL").path("workplaces").get(0).path("id").asLong();
        String address = "/api/stations/workplaces/" + mill + "/mill";
        Map<String, String> bears = Map.of("stiffness", "MEDIUM", "watts", "1500", "rpm", "2400");
        bram.post(address, bears).isRefused(403, "not-allowed");
        owner.post(address, Map.of("stiffness", "MEDIUM", "watts", "none", "rpm", "0"))
                .isRefused(422, "entries");
        owner.post(address, bears).isOk();
        assertThat(station(bram, "MILL")
                        .path("workplaces")
                        .get(0)
                        .path("mill")
                        .path("words")
                        .asString())
                .isEqualTo("Knee mill, medium");
        JsonNode milling = bram.get("/api/calc/at/MILL")
                .isOk()
                .json()
                .valueStream()
                .filter(tool -> tool.path("calculator").path("name").asString().equals("milling"))
                .findFirst()
                .orElseThrow();
        assertThat(milling.path("answer").path("results").get(0).path("value").asString())
                .as("3/8 in and less turn faster than this mill does")
                .isEqualTo("2400");
        long knife = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG"));
        assertThat(bram.get("/api/machine/pieces/" + knife + "/readout")
                        .isOk()
                        .json()
                        .get(0)
                        .path("running")
                        .asString())
                .contains("2400 RPM");
    }

    @Test
    void an_owner_writes_down_what_a_station_has_and_what_is_gone() {
        Map<String, String> grinder = Map.of("name", "By the window", "longest", "20 in");
        bram.post("/api/stations/GRINDER/workplaces", grinder).isRefused(403, "not-allowed");
        owner.post("/api/stations/GRINDER/workplaces", grinder).isOk();
        owner.post("/api/stations/GRINDER/workplaces", Map.of("name", "Small wheels", "longest", ""))
                .isOk();
        assertThat(owner.post("/api/stations/GRINDER/workplaces", Map.of("name", "by the WINDOW", "longest", "long"))
                        .isRefused(422, "entries")
                        .text())
                .contains("“long” was not understood");
        owner.post("/api/stations/GRINDER/workplaces", Map.of("name", "by the WINDOW", "longest", ""))
                .isRefused(422, "entries");
        JsonNode there = station(bram, "GRINDER").path("workplaces");
        assertThat(there).hasSize(2);
        assertThat(there.get(0).path("longest").asString()).isEqualTo("20 in");
        assertThat(there.get(1).path("longest").asString())
                .as("it does not matter")
                .isEmpty();
        long first = there.get(0).path("id").asLong();
        owner.post("/api/stations/workplaces/" + first + "/remove", Map.of()).isOk();
        owner.post("/api/stations/workplaces/" + first + "/remove", Map.of()).isRefused(404, "not-there");
        shop.restart();
        bram = shop.signedIn("bram");
        owner = shop.signedIn("olwen");
        assertThat(station(bram, "GRINDER").path("workplaces")).hasSize(1);
        owner.post("/api/stations/KILN/workplaces", Map.of("name", "Kiln", "longest", ""))
                .isRefused(409, "out-of-turn");
        assertThat(owner.get("/api/stations/MOON").isRefused(400, "malformed").detail())
                .contains("“MOON” cannot be the “station”");
        assertThat(owner.post("/api/stations/MOON/workplaces", Map.of("name", "x", "longest", ""))
                        .status())
                .isIn(400, 404, 422);
    }

    @Test
    @DisplayName("[geometry] the grinder's tools are fed by the piece: 5/32 stock, .020 at the edge, 1 in of bevel: "
            + "atan((.15625 − .020) ÷ 2 ÷ 1) = 3.90°; a reading feeds them from then on")
    void tools_are_fed_by_the_piece() {
        long piece = Work.take(
                owner,
                1,
                Map.of("grind", "PARTIAL_FLAT", "bevelHeight", "1", "stockThickness", "5/32", "edgeThickness", ".020"));
        JsonNode bevel = tool(piece, "GRINDER", "bevel-angle");
        assertThat(bevel.path("calculator").path("inputs").get(0).path("usual").asString())
                .isEqualTo("5/32 in");
        assertThat(bevel.path("answer").path("results").get(0).path("value").asString())
                .startsWith("3.9");
        assertThat(tools(piece, "GRINDER")).doesNotContain("hollow-depth");
        assertThat(tools(piece, "MILL")).as("a full tang has no guard").doesNotContain("guard-slot");
        long hidden = Work.take(owner, 1, Map.of("construction", "HIDDEN_TANG"));
        assertThat(tool(hidden, "MILL", "guard-slot").path("answer").path("results"))
                .hasSize(4);
        assertThat(tools(0, "MILL")).as("with nothing at hand").contains("thread", "guard-slot");
        assertThat(tools(hidden, "LEATHER")).isEmpty();
        owner.get("/api/calc/at/MILL?piece=99999").isRefused(404, "not-there");
    }

    private static List<String> tools(long piece, String station) {
        return owner.get("/api/calc/at/" + station + "?piece=" + piece)
                .isOk()
                .json()
                .valueStream()
                .map(tool -> tool.path("calculator").path("name").asString())
                .toList();
    }

    private static JsonNode tool(long piece, String station, String name) {
        return owner.get("/api/calc/at/" + station + "?piece=" + piece)
                .isOk()
                .json()
                .valueStream()
                .filter(tool -> tool.path("calculator").path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
