package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Files that leave the program, read by other programs: poppler for PDF, librsvg for SVG, ezdxf for DXF. */
class TemplateTest {
    /** Ten pixels to a millimetre. */
    private static final String TENTHS = "254";
    /** The bar is as long as its end ticks are apart, each of which stands out by half its width, in millimetres. */
    private static final double PDF_TICK = 0.12;

    private static final double SVG_TICK = 0.15;
    private static RunningShop shop;
    private static Client owner;
    private static long piece;

    @TempDir
    private static Path folder;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        piece = Work.take(
                owner,
                1,
                Map.of(
                        "bladeLength",
                        "5",
                        "handleLength",
                        "4-1/2",
                        "lightening",
                        "HOLES",
                        "lanyard",
                        "TUBE",
                        "pinCount",
                        "3"));
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    @DisplayName(
            "the PDF's bar of 100 mm measures 100 mm to a tenth, on A4 and on Letter, and the knife is cut into pages that overlap")
    void pdf() throws Exception {
        for (String paper : List.of("A4", "Letter")) {
            Path pdf = saved("template.pdf?paper=" + paper, paper + ".pdf");
            String told = OtherProgram.run("pdfinfo", pdf.toString());
            assertThat(told)
                    .contains(paper.equals("A4") ? "841.89 x 595.276" : "792 x 612")
                    .contains("Pages:           2");
            OtherProgram.run(
                    "pdftoppm",
                    "-r",
                    TENTHS,
                    "-gray",
                    "-png",
                    pdf.toString(),
                    folder.resolve(paper).toString());
            assertThat(longestLine(ImageIO.read(folder.resolve(paper + "-2.png").toFile())) / 10.0 - PDF_TICK)
                    .isCloseTo(100, within(0.1));
        }
    }

    @Test
    @DisplayName("the SVG is as wide as it says, its bar of 100 mm measures 100 mm, and nothing in it is a script")
    void svg() throws Exception {
        Path svg = saved("template.svg", "template.svg");
        OtherProgram.run(
                "rsvg-convert",
                "--dpi-x",
                TENTHS,
                "--dpi-y",
                TENTHS,
                "--background-color",
                "white",
                "-o",
                folder.resolve("svg.png").toString(),
                svg.toString());
        BufferedImage image = ImageIO.read(folder.resolve("svg.png").toFile());
        assertThat(longestLine(image) / 10.0 - SVG_TICK).isCloseTo(100, within(0.1));
        String text = Files.readString(svg);
        double width = Double.parseDouble(text.replaceAll("(?s).*?width=\"([\\d.]+)mm\".*", "$1"));
        assertThat(image.getWidth() / 10.0).isCloseTo(width, within(0.1));
        assertThat(text).doesNotContain("script").contains("Units: millimetres");
    }

    @Test
    @DisplayName(
            "the DXF is read without a fault as R12 in millimetres: closed polylines as long as the knife, holes where the table says")
    void dxf() throws Exception {
        Path dxf = saved("template.dxf", "template.dxf");
        JsonNode read = new JsonMapper().readTree(OtherProgram.run("/usr/bin/python3", "-c", """
                import ezdxf, json, sys
                from ezdxf import bbox
                doc = ezdxf.readfile(sys.argv[1])
                cut = [e for e in doc.modelspace().query('POLYLINE[layer=="CUT"]')]
                boxes = [bbox.extents([e]) for e in cut]
                print(json.dumps({'version': doc.dxfversion, 'units': doc.header.get('$INSUNITS'), 'errors': len(doc.audit().errors),
                    'closed': [e.is_closed for e in cut], 'lengths': sorted(b.size.x for b in boxes), 'arcs': \
                    any(v.dxf.bulge != 0 for e in cut for v in e.vertices),
                    'circles': sorted(round(c.dxf.radius * 2, 3) for c in doc.modelspace().query('CIRCLE'))}))
                """, dxf.toString()));
        assertThat(read.path("version").asString()).isEqualTo("AC1009");
        assertThat(read.path("units").asInt()).isEqualTo(4);
        assertThat(read.path("errors").asInt()).isZero();
        assertThat(read.path("closed").valueStream().allMatch(JsonNode::asBoolean))
                .isTrue();
        assertThat(read.path("arcs").asBoolean()).isTrue();
        List<Double> lengths =
                read.path("lengths").valueStream().map(JsonNode::asDouble).toList();
        assertThat(lengths.get(0)).isCloseTo(4.5 * 25.4, within(0.1));
        assertThat(lengths.get(lengths.size() - 1)).isCloseTo(9.5 * 25.4, within(0.1));
        List<Double> table = new ArrayList<>();
        holes().forEach(row -> table.add(Double.parseDouble(row.get(8))));
        assertThat(read.path("circles").valueStream().map(JsonNode::asDouble).toList())
                .usingElementComparator((a, b) -> Math.abs(a - b) < 0.006 ? 0 : 1)
                .containsExactlyInAnyOrderElementsOf(table);
    }

    @Test
    @DisplayName("the hole table has one datum for tang and scales, and the right scale is the left one mirrored")
    void hole_table() {
        Map<String, List<List<String>>> parts = new TreeMap<>();
        holes().forEach(row ->
                parts.computeIfAbsent(row.get(0), key -> new ArrayList<>()).add(row));
        assertThat(parts).containsOnlyKeys("Blade and tang", "Left scale", "Right scale");
        assertThat(parts.get("Blade and tang")).hasSize(3 + 3 + 1);
        assertThat(parts.get("Left scale")).hasSize(3 + 1);
        for (int i = 0; i < 4; i++) {
            List<String> left = parts.get("Left scale").get(i);
            List<String> right = parts.get("Right scale").get(i);
            assertThat(right.get(6)).isEqualTo(left.get(6));
            assertThat(Double.parseDouble(right.get(7))).isEqualTo(-Double.parseDouble(left.get(7)));
            assertThat(parts.get("Blade and tang"))
                    .anySatisfy(hole -> assertThat(hole.subList(2, 12)).isEqualTo(left.subList(2, 12)));
            assertThat(Double.parseDouble(left.get(9)) * 25.4).isCloseTo(Double.parseDouble(left.get(6)), within(0.01));
        }
    }

    @Test
    @DisplayName(
            "a specification goes out as JSON and comes in again without loss; what its schema does not accept is refused at its answer")
    void specification() throws IOException {
        String file = text("specification.json");
        JsonNode out = new JsonMapper().readTree(file);
        JsonNode entries = owner.post("/api/exchange/specification", Map.of("text", file))
                .isOk()
                .json()
                .path("entries");
        long again = Work.take(
                owner,
                1,
                new JsonMapper()
                        .convertValue(entries, new tools.jackson.core.type.TypeReference<Map<String, String>>() {}));
        assertThat(new JsonMapper()
                        .readTree(new String(
                                owner.bytes("/api/pieces/" + again + "/files/specification.json"),
                                StandardCharsets.UTF_8)))
                .isEqualTo(out);
        JsonNode schema = owner.get("/api/specification.schema.json").isOk().json();
        out.path("answers").forEachEntry((key, value) -> {
            JsonNode accepted =
                    schema.path("properties").path("answers").path("properties").path(key);
            assertThat(accepted.isMissingNode()).as(key).isFalse();
            if (accepted.has("pattern")) {
                assertThat(value.asString())
                        .as(key)
                        .matches(accepted.path("pattern").asString());
            } else {
                assertThat(accepted.path("enum").valueStream().map(JsonNode::asString))
                        .as(key)
                        .contains(value.asString());
            }
        });
        assertThat(owner.post("/api/exchange/specification", Map.of("text", "not json"))
                        .status())
                .isEqualTo(422);
        assertThat(owner.post("/api/exchange/specification", Map.of("text", "{\"format\":\"other\"}"))
                        .text())
                .contains("not a specification");
        assertThat(owner.post("/api/exchange/specification", Map.of("text", file.replace("\"FULL_TANG\"", "\"SPOON\"")))
                        .text())
                .contains("construction");
        assertThat(owner.post(
                                "/api/exchange/specification",
                                Map.of(
                                        "text",
                                        file.replace(
                                                "\"pinCount\" : \"3\"", "\"pinCount\" : \"3\", \"spoons\" : \"4\"")))
                        .text())
                .contains("spoons");
    }

    @Test
    @DisplayName("a mock-up that went out as SVG or DXF comes in again as the same knife, and what could harm or "
            + "cannot be read is refused plainly")
    void outlines_come_in() {
        long plain = Work.take(owner, 1, Map.of("bladeLength", "5", "notches", "NONE"));
        String dxf = new String(owner.bytes("/api/pieces/" + plain + "/files/template.dxf"), StandardCharsets.UTF_8);
        String svg = new String(owner.bytes("/api/pieces/" + plain + "/files/template.svg"), StandardCharsets.UTF_8);
        for (String file : List.of(dxf, svg)) {
            JsonNode brought = outline(file, "9-1/2", "5").isOk().json();
            assertThat(Double.parseDouble(
                            brought.path("follows").asString().replaceAll(".*within ([\\d.]+) in.*", "$1")))
                    .isLessThan(0.09);
            assertThat(inches(brought, "bladeLength")).isCloseTo(5, within(0.01));
            assertThat(inches(brought, "handleLength")).isCloseTo(4.5, within(0.01));
            assertThat(inches(brought, "pointDrop")).isCloseTo(0.38 * 1.125, within(0.02));
        }
        outline(dxf, "", "5").isOk();
        assertThat(outline(svg, "", "5").isRefused(422, "entries").detail()).contains("does not say how large");
        Map<String, String> refused = new TreeMap<>(Map.of(
                "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg xmlns='http://www.w3.org/2000/svg'><path d='&x;'/></svg>",
                        "entities",
                "<svg xmlns='http://www.w3.org/2000/svg'><script>1</script><path d='M0 0L9 0L9 1Z'/></svg>", "script",
                "<svg xmlns='http://www.w3.org/2000/svg'><g transform='bend(3)'><path d='M0 0L9 0L9 1Z'/></g></svg>",
                        "transformation",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0L9 0L9 1'/></svg>", "closed",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0L90 20L90 0L0 20Z'/></svg>", "crosses itself",
                "<svg><path", "no SVG file",
                "<svg xmlns='http://www.w3.org/2000/svg'/>", "no path",
                "nothing of the kind", "no ASCII DXF"));
        refused.put(
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M" + "0 1 ".repeat(40_000) + "Z'/></svg>",
                "60000 numbers");
        refused.forEach((file, reason) -> assertThat(
                        outline(file, "9", "4").isRefused(422, "entries").detail())
                .as(file.substring(0, Math.min(90, file.length())))
                .contains(reason));
    }

    private static Client.Answer outline(String text, String overall, String blade) {
        return owner.post(
                "/api/exchange/outline",
                Map.of(
                        "text",
                        text,
                        "overall",
                        overall,
                        "blade",
                        blade,
                        "isTurned",
                        false,
                        "isFlipped",
                        false,
                        "entries",
                        Map.of("notches", "NONE")));
    }

    private static double inches(JsonNode brought, String key) {
        String entry = brought.path("entries").path(key).asString();
        return Double.parseDouble(entry.replaceAll(" .*", "")) / (entry.endsWith("mm") ? 25.4 : 1);
    }

    private static List<List<String>> holes() {
        List<List<String>> rows = text("holes.csv")
                .lines()
                .skip(1)
                .map(line -> List.of(line.split(",", -1)))
                .toList();
        assertThat(rows).allSatisfy(row -> assertThat(row).hasSize(12));
        return rows;
    }

    private static String text(String file) {
        return new String(owner.bytes("/api/pieces/" + piece + "/files/" + file), StandardCharsets.UTF_8);
    }

    private static Path saved(String file, String name) throws IOException {
        return Files.write(folder.resolve(name), owner.bytes("/api/pieces/" + piece + "/files/" + file));
    }

    /** The length in pixels of the longest horizontal run of ink in the lowest quarter, where the scale bar is. */
    private static int longestLine(BufferedImage image) {
        int longest = 0;
        for (int y = image.getHeight() * 3 / 4; y < image.getHeight(); y++) {
            int run = 0;
            for (int x = 0; x < image.getWidth(); x++) {
                run = (image.getRGB(x, y) & 0xff) < 200 ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        return longest;
    }
}
