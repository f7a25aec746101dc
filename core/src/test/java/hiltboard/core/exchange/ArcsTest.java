package hiltboard.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.BladePattern;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

class ArcsTest {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    @Test
    @DisplayName("[worked] a quarter circle becomes arcs that turn by a right angle together: bulge = tan(angle / 4)")
    void a_quarter_circle() {
        Outline quarter = Outline.from(10, 0).rounded(new Point(10, 10), new Point(0, 10));
        List<Arcs.Vertex> arcs = Arcs.of(quarter, 0.01);
        double turned = arcs.stream()
                .mapToDouble(vertex -> 4 * Math.atan(vertex.bulge()))
                .sum();
        assertThat(Math.toDegrees(turned)).isCloseTo(90, within(0.1));
        assertThat(arcs).hasSize(3);
    }

    @Test
    void straight_lines_stay_straight_and_keep_their_corners() {
        Outline square = Outline.from(0, 0).to(10, 0).to(10, 10);
        assertThat(Arcs.of(square, 0.01))
                .containsExactly(
                        new Arcs.Vertex(new Point(0, 0), 0),
                        new Arcs.Vertex(new Point(10, 0), 0),
                        new Arcs.Vertex(new Point(10, 10), 0));
    }

    @ParameterizedTest
    @EnumSource(BladePattern.class)
    @DisplayName(
            "the arcs of every pattern lie within the tolerance of its curves (distance by the JTS Topology Suite) and are few")
    void near_enough_and_few(BladePattern pattern) {
        KnifeOutline knife =
                KnifeShape.outline(Specifications.fullTang("profile", pattern.name(), "grooveDepth", "1/16"));
        for (Outline outline : List.of(knife.blade(), knife.handle())) {
            List<Arcs.Vertex> arcs = Arcs.of(outline, 0.005);
            LineString drawn = line(outline.points(0.0005));
            LineString cut = line(points(arcs));
            assertThat(new DiscreteHausdorffDistance(drawn, cut).distance()).isLessThan(0.3);
            assertThat(points(arcs))
                    .allSatisfy(point -> assertThat(
                                    drawn.distance(GEOMETRY.createPoint(new Coordinate(point.x(), point.y()))))
                            .isLessThan(0.007));
            assertThat(arcs.size()).isLessThan(160);
        }
    }

    /** The polyline as a reader of bulges walks it. */
    private static List<Point> points(List<Arcs.Vertex> arcs) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < arcs.size(); i++) {
            Point from = arcs.get(i).at();
            Point to = arcs.get(i + 1).at();
            double angle = 4 * Math.atan(arcs.get(i).bulge());
            for (int k = 0; k < 20; k++) {
                points.add(Math.abs(angle) < 1e-9 ? between(from, to, k / 20d) : onArc(from, to, angle, k / 20d));
            }
        }
        points.add(arcs.get(arcs.size() - 1).at());
        return points;
    }

    private static Point between(Point from, Point to, double share) {
        return new Point(from.x() + (to.x() - from.x()) * share, from.y() + (to.y() - from.y()) * share);
    }

    /** The centre lies on the bisector, half a chord over the tangent of half the angle away. */
    private static Point onArc(Point from, Point to, double angle, double share) {
        double away = 0.5 / Math.tan(angle / 2);
        double centreX = (from.x() + to.x()) / 2 - (to.y() - from.y()) * away;
        double centreY = (from.y() + to.y()) / 2 + (to.x() - from.x()) * away;
        double turn = angle * share;
        double x = from.x() - centreX;
        double y = from.y() - centreY;
        return new Point(
                centreX + x * Math.cos(turn) - y * Math.sin(turn), centreY + x * Math.sin(turn) + y * Math.cos(turn));
    }

    private static LineString line(List<Point> points) {
        return GEOMETRY.createLineString(points.stream()
                .map(point -> new Coordinate(point.x(), point.y()))
                .toArray(Coordinate[]::new));
    }
}
