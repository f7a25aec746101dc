package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** What a part passes over, against the parallelograms that its lines pass over, put together by a geometry library. */
class DrawnOutTest {
    private static final double FAR = 500;

    @Test
    void a_notch_that_opens_to_the_point_stays_and_one_that_opens_to_the_edge_is_passed_over() {
        List<Point> opensRight =
                List.of(new Point(-10, 0), new Point(30, 0), new Point(20, 5), new Point(30, 10), new Point(-10, 10));
        assertThat(Polygons.of(DrawnOut.past(0, opensRight)).getArea()).isCloseTo(300 - 50, within(1e-9));
        List<Point> opensDown = List.of(
                new Point(-10, 0),
                new Point(10, 0),
                new Point(15, 6),
                new Point(20, 0),
                new Point(30, 0),
                new Point(30, 10),
                new Point(-10, 10));
        assertThat(Polygons.of(DrawnOut.past(0, opensDown)).getArea()).isCloseTo(300, within(1e-9));
    }

    @Test
    void what_lies_before_the_mouth_is_not_drawn_past_it() {
        List<Point> square = List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10));
        assertThat(DrawnOut.past(11, square)).isEmpty();
        assertThat(DrawnOut.past(4, square))
                .containsExactly(new Point(10, 0), new Point(10, 10), new Point(4, 10), new Point(4, 0));
    }

    @Test
    void it_is_what_all_lines_of_the_part_pass_over() {
        Random chance = new Random(22);
        for (int round = 0; round < 200; round++) {
            List<Point> star = star(chance);
            double mouth = -20 + 70 * chance.nextDouble();
            Geometry passed = UnaryUnionOp.union(parallelograms(star)).intersection(box(mouth));
            Geometry drawn = Polygons.of(DrawnOut.past(mouth, star)).buffer(0);
            assertThat(drawn.symDifference(passed).getArea())
                    .as("%s from %s", star, mouth)
                    .isLessThan(1e-6);
        }
    }

    /** Corners around the middle at any distance, so that it has notches on all sides. */
    private static List<Point> star(Random chance) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double turn = 2 * Math.PI * i / 40;
            double far = 25 + 40 * chance.nextDouble();
            corners.add(new Point(far * Math.cos(turn), far * Math.sin(turn)));
        }
        return corners;
    }

    private static List<Geometry> parallelograms(List<Point> ring) {
        List<Geometry> all = new ArrayList<>(List.of(Polygons.of(ring)));
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.get(i);
            Point b = ring.get((i + 1) % ring.size());
            all.add(Polygons.of(List.of(a, b, new Point(b.x() - FAR, b.y()), new Point(a.x() - FAR, a.y()))));
        }
        return all;
    }

    private static Polygon box(double mouth) {
        return Polygons.of(
                List.of(new Point(mouth, -FAR), new Point(FAR, -FAR), new Point(FAR, FAR), new Point(mouth, FAR)));
    }
}
