package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Lines, curves and smooth lines by themselves. */
class LinesTest {

    @Test
    @DisplayName("[worked] a quarter circle of cubic curves is round within 0.03 % of its radius")
    void quarter_round() {
        Outline quarter = Outline.from(10, 0).rounded(new Point(10, 10), new Point(0, 10));
        assertThat(quarter.points(0.0001))
                .allSatisfy(
                        point -> assertThat(Math.hypot(point.x(), point.y())).isCloseTo(10, within(0.003)));
    }

    @Test
    @DisplayName(
            "points along a curve are never further from it than asked: the middle of each chord against the curve's own points")
    void as_fine_as_asked() {
        Outline curve = Outline.from(0, 0).cubic(new Point(0, 80), new Point(100, 80), new Point(100, 0));
        List<Point> exact = curve.points(1e-5);
        for (double tolerance : new double[] {1, 0.1, 0.01}) {
            List<Point> points = curve.points(tolerance);
            for (int i = 1; i < points.size(); i++) {
                Point middle = points.get(i - 1).towards(points.get(i), 0.5);
                double off =
                        exact.stream().mapToDouble(middle::distanceTo).min().orElseThrow();
                // The exact points lie 0.06 mm from each other.
                assertThat(off).isLessThan(tolerance + 0.035);
            }
            assertThat(points.size()).isLessThan(exact.size());
        }
    }

    @Test
    void a_line_reversed_twice_is_itself_and_once_runs_the_other_way() {
        Random random = new Random(2);
        for (int i = 0; i < 20; i++) {
            Outline blob = AreaTest.blob(random);
            assertThat(blob.reversed().reversed()).isEqualTo(blob);
            assertThat(blob.reversed().start()).isEqualTo(blob.end());
            assertThat(blob.reversed()
                            .points()
                            .get(3)
                            .distanceTo(blob.points().get(blob.points().size() - 4)))
                    .isLessThan(1e-9);
        }
    }

    @Test
    void going_along_another_line_adds_a_step_only_where_they_do_not_meet() {
        Outline first = Outline.from(0, 0).to(10, 0);
        assertThat(first.along(Outline.from(10, 0).to(10, 5)).segments()).hasSize(2);
        assertThat(first.along(Outline.from(12, 0).to(12, 5)).segments()).hasSize(3);
        assertThat(Outline.none().isEmpty()).isTrue();
        assertThat(Outline.none().points()).isEmpty();
        assertThatThrownBy(() -> Outline.through(List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    @DisplayName(
            "[worked] two lumps balance where their moments cancel: 3 at 0 and 1 at 8 at 2; taken away again leaves the first")
    void lumps() {
        Lump three = new Lump(3, new Point(0, 0));
        Lump one = new Lump(1, new Point(8, 4));
        assertThat(three.plus(one)).isEqualTo(new Lump(4, new Point(2, 1)));
        assertThat(three.plus(one).minus(one).centre().x()).isCloseTo(0, within(1e-12));
        assertThat(Lump.sum(List.of())).isEqualTo(Lump.NOTHING);
        assertThat(Lump.round(new Point(0, 0), 10, 3).amount()).isCloseTo(75 * Math.PI, within(1e-9));
        assertThat(new Lump(1000, new Point(0, 0)).grams(7.85).amount()).isCloseTo(7.85, within(1e-12));
    }

    @Test
    @DisplayName("a smooth line goes through its values, never beyond its neighbours, and its slope is its own")
    void smooth_lines() {
        Random random = new Random(4);
        for (int round = 0; round < 200; round++) {
            double[] places = {0, 3 + random.nextDouble() * 5, 12, 14 + random.nextDouble() * 4, 25};
            double[] values = random.doubles(5, 10, 30).toArray();
            Smooth line = Smooth.through(places, values);
            for (int i = 0; i < 5; i++) {
                assertThat(line.at(places[i])).isCloseTo(values[i], within(1e-9));
            }
            for (int i = 1; i < 3; i++) {
                for (double share = 0.1; share < 1; share += 0.2) {
                    double at = places[i] + share * (places[i + 1] - places[i]);
                    assertThat(line.at(at))
                            .isBetween(
                                    Math.min(values[i], values[i + 1]) - 1e-9,
                                    Math.max(values[i], values[i + 1]) + 1e-9);
                    assertThat(line.slopeAt(at))
                            .isCloseTo((line.at(at + 1e-6) - line.at(at - 1e-6)) / 2e-6, within(1e-4));
                }
            }
        }
    }

    @Test
    @DisplayName("[worked] a parabola over a chord: its bow is a quarter of the control point's distance along the "
            + "tangent times the sine, twice over")
    void bows() {
        Bow bow = new Bow(new Point(0, 0), new Point(1, 0), new Point(40, -30));
        Point control = bow.smooth(3);
        assertThat(control.y()).isZero();
        assertThat(control.x()).isCloseTo(2 * 3 / 0.6, within(1e-9));
        assertThat(bow.most()).isCloseTo(0.6 * 40 / 2, within(1e-9));
        assertThat(bow.withShare(0.5)).isCloseTo(bow.most() / 2, within(1e-12));
        assertThat(bow.smooth(0)).isEqualTo(new Point(20, -15));
        assertThat(bow.hollow(-2).distanceTo(new Point(20, -15))).isCloseTo(4, within(1e-9));
    }
}
