package hiltboard.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.BladePattern;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What goes out comes in again: templates written as DXF and SVG, read, recognised and drawn anew. */
class RecognisedTest {
    private static final Recognised.Laid AS_GUESSED = new Recognised.Laid(false, false);

    @ParameterizedTest
    @EnumSource(
            value = BladePattern.class,
            names = {"SHEEPSFOOT", "REVERSE_ANGLE", "TALL_KITCHEN"},
            mode = EnumSource.Mode.EXCLUDE)
    @DisplayName("a template of every pattern whose point lies at the spine comes back from DXF, drawn anew within 1 "
            + "mm of blade and 2 mm of handle")
    void back_from_dxf(BladePattern pattern) {
        Specification spec = Specifications.fullTang("profile", pattern.name(), "notches", "NONE", "bladeLength", "5");
        String dxf =
                DxfSheet.write(Sheet.of("A knife", List.of(Template.of(spec).get(0))));
        ReadDrawing.Outlines read = (ReadDrawing.Outlines) DxfDrawing.read(dxf);
        assertThat(read.millimetresPerUnit()).contains(1.0);
        drawnAnew(spec, read.closed(), AS_GUESSED);
    }

    @ParameterizedTest
    @EnumSource(
            value = BladePattern.class,
            names = {"SHEEPSFOOT", "REVERSE_ANGLE", "TALL_KITCHEN"})
    @DisplayName(
            "where the point lies nearer to the edge the knife is taken for turned over, and comes right when somebody says so")
    void turned_over(BladePattern pattern) {
        Specification spec = Specifications.fullTang("profile", pattern.name(), "notches", "NONE", "bladeLength", "5");
        drawnAnew(spec, Template.of(spec).get(0).outlines(), new Recognised.Laid(false, true));
    }

    @Test
    void however_it_lies_and_whatever_its_scale_the_same_knife_is_recognised() {
        Specification spec = Specifications.fullTang("notches", "NONE", "bladeLength", "5", "grooveDepth", "0");
        Outline outline = Template.of(spec).get(0).outlines().get(0);
        List<UnaryOperator<Point>> ways = List.of(
                p -> new Point(-3 * p.x() + 50, -3 * p.y()),
                p -> new Point(p.y() / 25.4, -p.x() / 25.4),
                p -> new Point(p.x(), -p.y()),
                p -> new Point(-p.x(), p.y()));
        for (UnaryOperator<Point> way : ways) {
            drawnAnew(spec, List.of(outline.moved(way)), AS_GUESSED);
        }
    }

    @Test
    @DisplayName(
            "[worked] path data of all commands encloses what it encloses: a stadium of 20 × 10 with half-round ends")
    void a_path_of_arcs_and_curves() {
        double area = 10 * 10 + Math.PI * 25;
        for (String data : List.of(
                "M5 0H15A5 5 0 0 1 15 10H5A5 5 0 0 1 5 0Z",
                "m5,0 h10 a5,5 0 0,1 0,10 l-10,0 a5 5 0 0 1 0 -10z",
                "M5 0L15 0C17.7614 0 20 2.2386 20 5S17.7614 10 15 10H5C2.2386 10 0 7.7614 0 5S2.2386 0 5 0Z")) {
            ReadDrawing.Outlines read = (ReadDrawing.Outlines) SvgPath.read(data);
            assertThat(Area.of(read.closed().get(0)).squareMillimetres())
                    .as(data)
                    .isCloseTo(area, within(0.15));
        }
        ReadDrawing.Outlines parabola = (ReadDrawing.Outlines) SvgPath.read("M0 0Q5 10 10 0T20 0V-5H0Z");
        assertThat(Area.of(parabola.closed().get(0)).squareMillimetres()).isCloseTo(100, within(0.2));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "M0 0L1 1", "L0 0", "M0 0L1", "M0 0L1 1e99 Z", "M0 0Lscript Z", "M0 0Z", "<svg/>"})
    void a_path_that_is_none_or_open_is_refused(String data) {
        assertThat(SvgPath.read(data)).isInstanceOf(ReadDrawing.Refused.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hello",
                "0\nSECTION\n2\nENTITIES\n0\nSPLINE\n8\n0\n0\nENDSEC\n0\nEOF\n",
                "0\nSECTION\n2\nENTITIES\n0\nLINE\n10\nx\n20\n0\n11\n1\n21\n1\n0\nENDSEC\n",
                "0\nSECTION\n2\nENTITIES\n0\nPOLYLINE\n70\n0\n0\nVERTEX\n10\n0\n20\n0\n0\nVERTEX\n"
                        + "10\n1\n20\n1\n0\nSEQEND\n0\nENDSEC\n0\nEOF\n"
            })
    void a_dxf_that_is_none_or_open_or_of_curves_that_are_not_known_is_refused(String text) {
        assertThat(DxfDrawing.read(text)).isInstanceOf(ReadDrawing.Refused.class);
    }

    @Test
    @DisplayName("[worked] lines and an arc that join end to end are one outline: a half disc of radius 10 in inches")
    void lines_and_arcs_join() {
        String dxf = "9\n$INSUNITS\n70\n1\n0\nSECTION\n2\nENTITIES\n0\nARC\n10\n0\n20\n0\n40\n10\n50\n0\n"
                + "51\n180\n0\nLINE\n10\n10\n20\n0\n11\n0\n21\n0\n0\nLINE\n10\n-10\n20\n0\n"
                + "11\n0\n21\n0\n0\nENDSEC\n0\nEOF\n";
        ReadDrawing.Outlines read = (ReadDrawing.Outlines) DxfDrawing.read(dxf);
        assertThat(read.millimetresPerUnit()).contains(25.4);
        assertThat(Area.of(read.closed().get(0)).squareMillimetres()).isCloseTo(Math.PI * 50, within(0.3));
    }

    @Test
    void an_outline_that_crosses_itself_or_has_no_size_is_refused() {
        Outline eight = Outline.from(0, 0).to(100, 20).to(100, 0).to(0, 20);
        assertThat(Recognised.of(List.of(eight), Length.ofMillimetres(200), Optional.empty(), AS_GUESSED))
                .isInstanceOf(Recognised.Refused.class);
        Outline nothing = Outline.from(5, 5).to(5, 5).to(5, 5);
        assertThat(Recognised.of(List.of(nothing), Length.ofMillimetres(200), Optional.empty(), AS_GUESSED))
                .isInstanceOf(Recognised.Refused.class);
    }

    private static void drawnAnew(Specification spec, List<Outline> closed, Recognised.Laid laid) {
        Length blade = spec.length(SpecificationField.BLADE_LENGTH);
        Recognised knife = ((Recognised.Found)
                        Recognised.of(closed, KnifeShape.overallLength(spec), Optional.of(blade), laid))
                .knife();
        List<String> changes =
                new ArrayList<>(List.of("notches", "NONE", "profile", knife.isCornered() ? "CLIP" : "DROP"));
        for (Map.Entry<String, Length> number : knife.numbers().entrySet()) {
            changes.add(number.getKey());
            changes.add(number.getValue().millimetres() + " mm");
        }
        Specification anew = Specifications.fullTang(changes.toArray(String[]::new));
        off(KnifeShape.outline(spec).blade(), KnifeShape.outline(anew).blade(), 8, blade.millimetres() - 2, 1.0);
        double handle = spec.length(SpecificationField.HANDLE_LENGTH).millimetres();
        off(KnifeShape.outline(spec).handle(), KnifeShape.outline(anew).handle(), -handle * 0.88, -2, 2.0);
    }

    private static void off(Outline was, Outline is, double from, double to, double most) {
        for (int i = 0; i <= 40; i++) {
            double x = from + (to - from) * i / 40;
            double[] before = Area.of(was).crossings(x);
            double[] after = Area.of(is).crossings(x);
            assertThat(after[after.length - 1]).as("top at " + x).isCloseTo(before[before.length - 1], within(most));
            assertThat(after[0]).as("bottom at " + x).isCloseTo(before[0], within(most));
        }
    }
}
