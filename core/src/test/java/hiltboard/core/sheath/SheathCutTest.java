package hiltboard.core.sheath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
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
            SheathCut cut = new SheathCut(pattern, blade, mm(4), 8, -15);
            Geometry knife = polygon(cut.held());
            Geometry panel = polygon(cut.panel().points());
            assertThat(panel.isValid()).isTrue();
            assertThat(panel.covers(knife)).as("%s %s", pattern, steel).isTrue();
            Geometry seam = PLANE.createLineString(coordinates(cut.seam()));
            assertThat(seam.distance(knife)).isGreaterThanOrEqualTo(2);
            assertThat(panel.covers(seam)).isTrue();
            assertThat(panel.getArea()).isLessThan((pattern == SheathPattern.FOLDED ? 4 : 2.6) * knife.getArea());
        }
    }

    @Test
    @DisplayName(
            "[worked] the folded piece is alike on both sides of its fold, over the spine by half of knife and leather")
    void the_folded_piece() {
        Outline bar = Outline.from(0, 0).to(100, 0).to(100, -20).to(0, -20);
        SheathCut cut = new SheathCut(SheathPattern.FOLDED, bar, mm(4), 8, 0);
        double leather = 8 / 64d * 25.4;
        double fold = 2 + leather / 2;
        double margin = 2 + leather + 3 / 16d * 25.4;
        Geometry panel = polygon(cut.panel().points());
        assertThat(panel.getEnvelopeInternal().getMinY()).isCloseTo(-20 - margin, within(0.01));
        assertThat(panel.getEnvelopeInternal().getMaxY()).isCloseTo(2 * fold + 20 + margin, within(0.01));
        assertThat(panel.getEnvelopeInternal().getMinX()).isCloseTo(0, within(1e-6));
        List<Point> seam = cut.seam();
        Point end = seam.get(seam.size() - 1);
        Point start = seam.get(0);
        assertThat(List.of(start.x(), end.x())).anyMatch(x -> Math.abs(x) < 1e-6);
        assertThat(List.of(start.y(), end.y())).anyMatch(y -> Math.abs(y - fold) < 1e-6);
        assertThat(cut.weltWidth().millimetres()).isCloseTo(margin - 2, within(1e-3));
        assertThatThrownBy(() -> new SheathCut(SheathPattern.FOLDED, bar, mm(4), 8, 120))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    private static Geometry polygon(List<Point> points) {
        Coordinate[] ring = new Coordinate[points.size() + 1];
        System.arraycopy(coordinates(points), 0, ring, 0, points.size());
        ring[points.size()] = ring[0].copy();
        return PLANE.createPolygon(ring);
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
