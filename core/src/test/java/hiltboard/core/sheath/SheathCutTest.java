package hiltboard.core.sheath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.Polygons;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.sheath.SheathCut.Held;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class SheathCutTest {
    private static final GeometryFactory PLANE = new GeometryFactory();

    @Test
    @DisplayName("[worked] a straight seam of 240 mm at 4 mm: 61 holes, 4 mm apart")
    void a_straight_seam() {
        List<Point> holes = new StitchLine(List.of(new Point(0, 0), new Point(240, 0)), mm(4)).holes();
        assertThat(holes).hasSize(61);
        assertThat(holes.get(17).x()).isCloseTo(68, within(1e-9));
    }

    @Test
    @DisplayName("[worked] round a corner, 30 mm and 21 mm at 4 mm: 8 and 5 stitches, a hole in the corner, 14 in all")
    void a_seam_with_a_corner() {
        StitchLine line = new StitchLine(List.of(new Point(0, 0), new Point(30, 0), new Point(30, 21)), mm(4));
        assertThat(line.holes()).hasSize(14).contains(new Point(30, 0));
        assertThat(line.length()).isEqualTo(mm(51));
        assertThatThrownBy(() -> new StitchLine(List.of(new Point(0, 0)), mm(4)))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @ParameterizedTest
    @EnumSource(SheathPattern.class)
    @DisplayName("a template is never smaller than the knife in it, nor its seam nearer than half of what is inside")
    void never_smaller_than_the_knife(SheathPattern pattern) {
        for (String steel : List.of("3-1/2", "5", "9")) {
            Outline blade = KnifeShape.outline(Specifications.fullTang("bladeLength", steel))
                    .steel();
            SheathCut cut = cut(pattern, blade, -15);
            Geometry knife = Polygons.of(blade).intersection(rightOf(-15));
            Geometry panel = Polygons.of(cut.panel());
            assertThat(panel.isValid()).isTrue();
            assertThat(panel.buffer(1e-6).covers(knife))
                    .as("%s %s", pattern, steel)
                    .isTrue();
            Geometry seam = PLANE.createLineString(coordinates(cut.seam()));
            assertThat(seam.distance(knife)).isGreaterThanOrEqualTo(2);
            assertThat(panel.buffer(1e-6).covers(seam)).isTrue();
            assertThat(panel.getArea()).isLessThan((pattern == SheathPattern.FOLDED ? 4 : 2.6) * knife.getArea());
        }
    }

    @Test
    @DisplayName("what lies deeper comes out by the mouth: 60 mm of flared edge make the mouth 60 mm wide")
    void drawn_out() {
        Outline flared = Outline.from(-20, 10)
                .to(0, 10)
                .to(80, 30)
                .to(80, -30)
                .to(0, -10)
                .to(-20, -10);
        SheathCut cut = cut(SheathPattern.TWO_PART, flared, 0);
        List<Point> mouth =
                cut.hollow().stream().filter(point -> point.x() < 1e-6).toList();
        assertThat(mouth.stream().mapToDouble(Point::y).max().orElseThrow()).isCloseTo(32, within(0.01));
        assertThat(mouth.stream().mapToDouble(Point::y).min().orElseThrow()).isCloseTo(-32, within(0.01));
    }

    @Test
    @DisplayName(
            "[worked] the folded piece is alike on both sides of its fold, over the spine by half of knife and leather")
    void the_folded_piece() {
        Outline bar = Outline.from(0, 0).to(100, 0).to(100, -20).to(0, -20);
        SheathCut cut = cut(SheathPattern.FOLDED, bar, 0);
        double leather = 8 / 64d * 25.4;
        double fold = 2 + leather / 2;
        double margin = 2 + leather + 3 / 16d * 25.4;
        Geometry panel = Polygons.of(cut.panel());
        assertThat(panel.getEnvelopeInternal().getMinY()).isCloseTo(-20 - margin, within(0.01));
        assertThat(panel.getEnvelopeInternal().getMaxY()).isCloseTo(2 * fold + 20 + margin, within(0.01));
        assertThat(panel.getEnvelopeInternal().getMinX()).isCloseTo(0, within(1e-6));
        List<Point> seam = cut.seam();
        Point end = seam.get(seam.size() - 1);
        Point start = seam.get(0);
        assertThat(start.x()).isCloseTo(25.4 / 8, within(1e-6));
        assertThat(end.y()).isCloseTo(fold - 25.4 / 8, within(1e-6));
        assertThat(cut.throat().millimetres()).isCloseTo(20 + 4, within(0.01));
        Geometry welt = Polygons.of(cut.welt());
        assertThat(welt.isValid()).isTrue();
        assertThat(welt.intersection(Polygons.of(bar)).getArea()).isCloseTo(0, within(1e-6));
        assertThat(welt.getEnvelopeInternal().getMinY()).isCloseTo(-20 - margin, within(0.01));
        assertThatThrownBy(() -> cut(SheathPattern.FOLDED, bar, 120)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName(
            "[worked] folded over a spine of 4 mm, a handle 20 mm wide and 22 thick has 42 mm of leather on each side")
    void a_thick_handle_takes_its_leather_below() {
        Outline blade = Outline.from(0, 0).to(100, 0).to(100, -20).to(0, -20);
        Outline handle = Outline.from(-40, 0).to(0, 0).to(0, -20).to(-40, -20);
        SheathCut cut = new SheathCut(
                SheathPattern.FOLDED,
                List.of(new Held(blade, mm(4)), new Held(handle, mm(22))),
                SheathWall.ofLeather(8),
                -30);
        assertThat(cut.fold()).isCloseTo(2 + 8 / 64d * 25.4 / 2, within(1e-6));
        double low = cut.hollow().stream().mapToDouble(Point::y).min().orElseThrow();
        assertThat(2 - low).isCloseTo(20 + 22, within(0.01));
    }

    private static SheathCut cut(SheathPattern pattern, Outline inside, double mouth) {
        return new SheathCut(pattern, List.of(new Held(inside, mm(4))), SheathWall.ofLeather(8), mouth);
    }

    private static Geometry rightOf(double x) {
        return PLANE.toGeometry(new Envelope(x, 1000, -1000, 1000));
    }

    private static Coordinate[] coordinates(List<Point> points) {
        return points.stream()
                .map(point -> new Coordinate(point.x(), point.y()))
                .toArray(Coordinate[]::new);
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
