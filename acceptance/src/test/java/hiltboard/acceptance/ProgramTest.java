package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Programs for a mill as another program's interpreter of ISO 6983 reads them. */
class ProgramTest {
    /** Reads a program block by block and writes every position that it comes to: code, x, y, z in millimetres. */
    private static final String INTERPRETER = """
            import json, sys, types
            root = '/usr/local/share/hilt-readers/usr/share/bcnc/bCNC'
            sys.path[:0] = [root, root + '/lib']
            # What only its desktop needs is left out.
            for name, what in (('Utils', 'to_zip'), ('svgcode', 'SVGcode')):
                sys.modules[name] = types.ModuleType(name)
                setattr(sys.modules[name], what, object)
            import CNC
            cnc = CNC.CNC()
            cnc.initPath(0, 0, 0)
            moved = []
            for line in open(sys.argv[1]):
                block = CNC.CNC.parseLine(line)
                if block:
                    cnc.motionStart(block)
                    moved += [[cnc.gcode, *each] for each in cnc.motionPath()]
                    cnc.motionEnd()
            print(json.dumps(moved))
            """;

    private static RunningShop shop;
    private static Client owner;
    private static long piece;

    @TempDir
    private Path folder;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        piece = Work.take(owner, 1, Map.of("stockThickness", "5/32"));
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private record At(int code, double x, double y, double z) {}

    private List<At> moved(Client reader, String file, String query) throws Exception {
        Path program = folder.resolve("program.nc");
        Files.writeString(
                program,
                reader.get("/api/machine/pieces/" + piece + "/programs/" + file + query)
                        .isOk()
                        .text());
        JsonNode read =
                new JsonMapper().readTree(OtherProgram.run("/usr/bin/python3", "-c", INTERPRETER, program.toString()));
        return read.valueStream()
                .map(each -> new At(
                        each.get(0).asInt(),
                        each.get(1).asDouble(),
                        each.get(2).asDouble(),
                        each.get(3).asDouble()))
                .toList();
    }

    private static JsonNode holes() {
        return owner.get("/api/machine/pieces/" + piece + "/holes")
                .isOk()
                .json()
                .path("parts")
                .get(0)
                .path("holes");
    }

    private static double millimetres(JsonNode length) {
        return Double.parseDouble(length.asString().replace(" in", "")) * 25.4;
    }

    @Test
    @DisplayName("another interpreter drills every hole of the table in its place and through the 5/32 stock")
    void drilled() throws Exception {
        List<At> bottoms = moved(owner, "blade-and-tang-holes.nc", "").stream()
                .filter(at -> (at.code() == 81 || at.code() == 83) && at.z() < 0)
                .toList();
        JsonNode holes = holes();
        assertThat(bottoms).hasSize(holes.size());
        for (int i = 0; i < holes.size(); i++) {
            assertThat(bottoms.get(i).x()).isCloseTo(millimetres(holes.get(i).path("x")), within(0.02));
            assertThat(bottoms.get(i).y()).isCloseTo(millimetres(holes.get(i).path("y")), within(0.02));
            assertThat(bottoms.get(i).z()).isLessThan(-5.0 / 32 * 25.4 - 0.3 * 6.35);
        }
    }

    @Test
    @DisplayName("another interpreter runs once around the knife, a radius outside, in inches as in millimetres")
    void outlined() throws Exception {
        List<At> inches = moved(owner, "blade-and-tang-outline.nc", "?cutter=1/4");
        Client metric = shop.signedIn("cato");
        Work.reads(metric, "MILLIMETRE", "CELSIUS");
        List<At> millimetres = moved(metric, "blade-and-tang-outline.nc", "?cutter=1/4+in");
        double whole = 9.5 * 25.4 - 25.4;
        for (List<At> way : List.of(inches, millimetres)) {
            List<At> deep = way.stream().filter(at -> at.z() < -4).toList();
            double left = deep.stream().mapToDouble(At::x).min().orElseThrow();
            double right = deep.stream().mapToDouble(At::x).max().orElseThrow();
            assertThat(right - left - 6.35).as("as long as the knife is").isGreaterThan(whole);
            assertThat(deep.get(0).x()).isCloseTo(deep.get(deep.size() - 1).x(), within(0.5));
            assertThat(way.stream().mapToDouble(At::z).min().orElseThrow())
                    .isCloseTo(-5.0 / 32 * 25.4 - 0.5, within(0.01));
        }
        assertThat(inches.stream().mapToDouble(At::x).max().orElseThrow())
                .isCloseTo(millimetres.stream().mapToDouble(At::x).max().orElseThrow(), within(0.02));
    }

    @Test
    @DisplayName("the plot that is shown comes to the same places as the other interpreter, dry run and all")
    void plotted() throws Exception {
        JsonNode plot = owner.get(
                        "/api/machine/pieces/" + piece + "/programs/blade-and-tang-outline.nc/plot?dryRun=true")
                .isOk()
                .json();
        List<At> way = moved(owner, "blade-and-tang-outline.nc", "?dryRun=true");
        double right = way.stream().mapToDouble(At::x).max().orElseThrow();
        assertThat(plot.path("minX").asDouble() + plot.path("width").asDouble() - 8)
                .isCloseTo(right, within(0.05));
        assertThat(way.stream().skip(2).mapToDouble(At::z).min().orElseThrow()).isPositive();
    }

    @Test
    void what_cannot_be_cut_is_said() {
        owner.get("/api/machine/pieces/" + piece + "/programs/moon-outline.nc").isRefused(404, "not-there");
        owner.get("/api/machine/pieces/" + piece + "/programs/blade-and-tang-outline.nc?cutter=thick")
                .isRefused(422, "entries");
        owner.get("/api/machine/pieces/" + piece + "/programs/blade-and-tang-outline.nc/plot?cutter=9")
                .isRefused(422, "entries");
    }
}
