package hiltboard.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Construction;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TemplatesTest {

    @ParameterizedTest
    @EnumSource(Construction.class)
    @DisplayName("each construction gives out the parts that are cut to an outline, and a mock-up to hold")
    void parts(Construction construction) {
        List<String> names = Template.of(Specifications.of(construction)).stream()
                .map(Template::name)
                .toList();
        if (construction.isAxe()) {
            assertThat(names).containsExactly("Head", "Haft");
        } else if (construction.hasBlock()) {
            assertThat(names).containsExactly("Blade and tang", "Handle block", "Mock-up");
        } else {
            assertThat(names)
                    .containsExactly(
                            "Blade and tang",
                            construction.isFolder() ? "Left side" : "Left scale",
                            construction.isFolder() ? "Right side" : "Right scale",
                            "Mock-up");
        }
    }

    @Test
    @DisplayName(
            "[worked] blade and tang in one line enclose what the two enclose; a scale and its mirror enclose the same")
    void areas_add_up() {
        Random random = new Random(21);
        for (int i = 0; i < 100; i++) {
            Specification spec = Specifications.random(random);
            if (spec.isAxe()) {
                continue;
            }
            Map<String, Template> parts =
                    Template.of(spec).stream().collect(Collectors.toMap(Template::name, Function.identity()));
            double together = area(KnifeShape.outline(spec).blade())
                    + area(KnifeShape.outline(spec).tang());
            assertThat(area(parts.get("Blade and tang").outlines().get(0)))
                    .as(spec.toString())
                    .isCloseTo(together, within(together * 1e-6));
            if (parts.containsKey("Left scale")) {
                assertThat(area(parts.get("Left scale").outlines().get(0)))
                        .isCloseTo(area(parts.get("Right scale").outlines().get(0)), within(1e-6));
                assertThat(parts.get("Left scale").holes())
                        .hasSameSizeAs(parts.get("Right scale").holes());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    void everything_lies_on_the_sheet_and_nothing_on_anything_else(Construction construction) {
        Sheet sheet = Sheet.of("Test", Template.of(Specifications.of(construction)));
        for (Outline line : sheet.closed()) {
            assertThat(line.points()).allSatisfy(point -> {
                assertThat(point.x()).isBetween(0.0, sheet.width());
                assertThat(point.y()).isBetween(0.0, sheet.height());
            });
        }
        assertThat(sheet.labels())
                .extracting(Sheet.Label::words)
                .anyMatch(words -> words.contains("100 mm"))
                .contains("Test");
        assertThat(sheet.labels())
                .allSatisfy(label -> assertThat(label.at().y()).isBetween(0.0, sheet.height()));
    }

    @Test
    @DisplayName("the template says in words where each hole lies, as the table does")
    void holes_in_words() {
        Sheet sheet = Sheet.of(
                "Test",
                Template.of(Specifications.fullTang("pinCount", "2", "pinDiameter", "1/4", "handleLength", "100 mm")));
        assertThat(sheet.labels())
                .extracting(Sheet.Label::words)
                .anyMatch(
                        words -> words.startsWith("1  pin 6.35  x -16.00  y ") && words.endsWith("drilled 6.53 mm  F"));
        assertThat(sheet.circles())
                .hasSize(2 * 3)
                .allSatisfy(circle -> assertThat(circle.diameter()).isCloseTo(6.5278, within(1e-9)));
    }

    @Test
    @DisplayName("DXF comes in pairs of lines, ends with EOF, is ASCII, and closes every polyline that it opens")
    void dxf_is_well_formed() {
        String dxf = DxfSheet.write(Sheet.of("Messer für Öl & <Salz>", Template.of(Specifications.hiddenTang())));
        List<String> lines = dxf.lines().toList();
        assertThat(lines.size() % 2).isZero();
        assertThat(lines.get(lines.size() - 1)).isEqualTo("EOF");
        assertThat(dxf.chars().allMatch(each -> each < 128)).isTrue();
        assertThat(lines.stream().filter("POLYLINE"::equals).count())
                .isEqualTo(lines.stream().filter("SEQEND"::equals).count());
        assertThat(dxf).contains("AC1009").contains("\\U+00FC");
        assertThat(DxfDrawing.read(dxf)).isInstanceOf(ReadDrawing.Outlines.class);
    }

    @Test
    @DisplayName(
            "SVG states its size in millimetres, escapes what it is called, and its paths read back to the same areas")
    void svg_reads_back() {
        Specification spec = Specifications.fullTang("grooveDepth", "1/16");
        Sheet sheet = Sheet.of("Oil & <salt>", Template.of(spec).subList(0, 1));
        String svg = SvgSheet.write(sheet);
        assertThat(svg).contains("<title>Oil &amp; &lt;salt&gt;</title>").containsPattern("width=\"[\\d.]+mm\"");
        String path = svg.replaceAll("(?s).*?<g id=\"cut\"[^>]*>\\s*<path d=\"([^\"]+)\".*", "$1");
        ReadDrawing.Outlines read = (ReadDrawing.Outlines) SvgPath.read(path);
        assertThat(area(read.closed().get(0))).isCloseTo(area(sheet.closed().get(0)), within(0.5));
    }

    @Test
    @DisplayName("the datum is the front of the handle at the spine, whatever the knife")
    void one_datum() {
        for (Template part : Template.of(Specifications.fullTang())) {
            if (!part.name().contains("scale")) {
                continue;
            }
            double front = part.outlines().get(0).points().stream()
                    .mapToDouble(Point::x)
                    .max()
                    .orElseThrow();
            assertThat(front).isCloseTo(0, within(1e-9));
            assertThat(part.holes())
                    .allSatisfy(hole -> assertThat(hole.centre().x()).isNegative());
        }
    }

    private static double area(Outline outline) {
        return Area.of(outline).squareMillimetres();
    }
}
