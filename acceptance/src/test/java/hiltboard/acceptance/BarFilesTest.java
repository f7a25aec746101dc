package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A bar that is going to be cut, as files that other programs read: ezdxf for DXF, librsvg for SVG, poppler for PDF.
 */
class BarFilesTest {
    private static final double BAR_INCHES = 30;
    private static RunningShop shop;
    private static Client owner;
    private static String files;

    @TempDir
    private static Path folder;

    @BeforeAll
    static void planABar() throws InterruptedException {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        long bar = Store.bar(owner, BAR_INCHES + " in");
        long first = Work.take(
                owner,
                2,
                Map.of("steel", "1084", "stockThickness", "5/32", "bladeLength", "5", "handleLength", "4-1/2"));
        Work.doStep(shop, owner, first, "approve-outline");
        Work.doStep(shop, owner, first + 1, "approve-outline");
        long run = owner.post(
                        "/api/stock/cutting",
                        Map.of(
                                "kerf", "1/16", "edge", "1/32", "clamp", "1", "useful", "6", "thicker", "1/32",
                                "seconds", 3))
                .isOk()
                .json()
                .path("id")
                .asLong();
        for (int i = 0;
                i < 100
                        && !owner.get("/api/stock/cutting/" + run)
                                .isOk()
                                .json()
                                .path("plan")
                                .isObject();
                i++) {
            Thread.sleep(Duration.ofMillis(100).toMillis());
        }
        owner.post("/api/stock/cutting/" + run + "/accept", Map.of("lot", bar)).isOk();
        files = "/api/stock/cuts/"
                + owner.get("/api/stock/cutting")
                        .json()
                        .path("planned")
                        .get(0)
                        .path("id")
                        .asLong() + "/files/";
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Path saved(String file, String name) throws Exception {
        return Files.write(folder.resolve(name), owner.bytes(files + file));
    }

    @Test
    @DisplayName("the DXF holds the bar at its true size and two knives inside it that do not touch, measured by ezdxf")
    void dxf() throws Exception {
        JsonNode read = new JsonMapper()
                .readTree(OtherProgram.run(
                        "/usr/bin/python3",
                        "-c",
                        """
                import ezdxf, json, sys
                from ezdxf import bbox
                doc = ezdxf.readfile(sys.argv[1])
                cut = [e for e in doc.modelspace().query('POLYLINE[layer=="CUT"]')]
                boxes = [bbox.extents([e]) for e in cut]
                print(json.dumps({'errors': len(doc.audit().errors), 'closed': all(e.is_closed for e in cut),
                    'boxes': sorted([[b.size.x, b.size.y, b.extmin.x, b.extmin.y] for b in boxes], reverse=True)}))
                """,
                        saved("template.dxf", "bar.dxf").toString()));
        assertThat(read.path("errors").asInt()).isZero();
        assertThat(read.path("closed").asBoolean()).isTrue();
        JsonNode boxes = read.path("boxes");
        assertThat(boxes).hasSize(3);
        JsonNode bar = boxes.get(0);
        assertThat(bar.get(0).asDouble()).isCloseTo(BAR_INCHES * 25.4, within(0.05));
        assertThat(bar.get(1).asDouble()).isCloseTo(2 * 25.4, within(0.05));
        for (int i = 1; i <= 2; i++) {
            JsonNode knife = boxes.get(i);
            assertThat(knife.get(0).asDouble()).as("as long as the knife").isCloseTo(9.5 * 25.4, within(0.3));
            assertThat(knife.get(2).asDouble())
                    .isGreaterThanOrEqualTo(bar.get(2).asDouble() - 0.01);
            assertThat(knife.get(3).asDouble())
                    .isGreaterThanOrEqualTo(bar.get(3).asDouble() + 0.7);
            assertThat(knife.get(3).asDouble() + knife.get(1).asDouble())
                    .isLessThanOrEqualTo(bar.get(3).asDouble() + bar.get(1).asDouble() - 0.7);
        }
    }

    @Test
    @DisplayName("the SVG drawn by librsvg at a tenth of a millimetre is as large as it says and larger than the bar")
    void svg() throws Exception {
        Path svg = saved("template.svg", "bar.svg");
        OtherProgram.run(
                "rsvg-convert",
                "--dpi-x",
                "254",
                "--dpi-y",
                "254",
                "--background-color",
                "white",
                "-o",
                folder.resolve("bar.png").toString(),
                svg.toString());
        BufferedImage image = ImageIO.read(folder.resolve("bar.png").toFile());
        double width = Double.parseDouble(Files.readString(svg).replaceAll("(?s).*?width=\"([\\d.]+)mm\".*", "$1"));
        assertThat(image.getWidth() / 10.0).isCloseTo(width, within(0.2)).isGreaterThan(BAR_INCHES * 25.4);
    }

    @Test
    void the_pdf_has_as_many_pages_as_the_bar_is_long() throws Exception {
        for (String paper : List.of("A4", "Letter")) {
            String told = OtherProgram.run(
                    "pdfinfo",
                    saved("template.pdf?paper=" + paper, paper + ".pdf").toString());
            int pages = Integer.parseInt(told.replaceAll("(?s).*Pages:\\s+(\\d+).*", "$1"));
            assertThat(pages).as(paper).isBetween(3, 5);
        }
    }

    @Test
    @DisplayName(
            "the cut list says in inches what it says in millimetres, and each blank begins behind the last one’s beginning")
    void cut_list() {
        List<List<String>> rows = new String(owner.bytes(files + "list.csv"), StandardCharsets.UTF_8)
                .lines()
                .skip(1)
                .map(line -> List.of(line.split(",")))
                .toList();
        assertThat(rows).hasSize(2);
        double before = -1;
        for (List<String> row : rows) {
            double from = Double.parseDouble(row.get(row.size() - 4));
            assertThat(Double.parseDouble(row.get(row.size() - 2)) * 25.4).isCloseTo(from, within(0.02));
            assertThat(Double.parseDouble(row.get(row.size() - 1)) * 25.4)
                    .isCloseTo(Double.parseDouble(row.get(row.size() - 3)), within(0.02));
            assertThat(from).isGreaterThan(before);
            before = from;
        }
        assertThat(owner.get(files + "nothing.txt").isRefused(404, "not-there").detail())
                .contains("list.csv");
    }
}
