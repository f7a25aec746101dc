package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BladeProfileTest {
    private static final BladeProfile.Heel HEEL = new BladeProfile.Heel(mm(8), mm(24), mm(2));
    private static final BladeProfile.Spine DROP = new BladeProfile.Spine(mm(45), mm(10), mm(2), false);
    private static final BladeProfile.Edge BELLY = new BladeProfile.Edge(mm(45), mm(0), mm(4));

    private static BladeProfile blade(BladeProfile.Spine spine, BladeProfile.Edge edge, BladeProfile.Heel heel) {
        return new BladeProfile(mm(100), mm(25), spine, edge, heel);
    }

    @Test
    @DisplayName("[worked] a bow is the greatest distance of the curve from the straight line between its ends")
    void a_bow_can_be_measured() {
        BladeProfile blade = blade(DROP, BELLY, HEEL);
        assertThat(blade.faults()).isEmpty();
        assertThat(bow(blade.spineLine(), blade.spineLeaves(), blade.point())).isCloseTo(2, within(0.02));
        assertThat(bow(blade.edgeLine(), blade.bellyStart(), blade.point())).isCloseTo(4, within(0.02));
    }

    @Test
    void spine_and_belly_leave_the_straight_without_a_corner_and_a_clip_with_one() {
        assertThat(corner(blade(DROP, BELLY, HEEL).spineLine(), 55)).isLessThan(0.02);
        assertThat(corner(blade(DROP, BELLY, HEEL).edgeLine(), 55)).isLessThan(0.02);
        assertThat(corner(
                        blade(new BladeProfile.Spine(mm(45), mm(10), mm(1), true), BELLY, HEEL)
                                .spineLine(),
                        55))
                .isGreaterThan(0.1);
    }

    @Test
    void a_clip_lies_hollow_and_a_drop_lies_round() {
        Point half = new Point(77.5, -5);
        assertThat(BladeProfile.heightAt(blade(DROP, BELLY, HEEL).spineLine().points(), half.x()))
                .isGreaterThan(half.y());
        assertThat(BladeProfile.heightAt(
                        blade(new BladeProfile.Spine(mm(45), mm(10), mm(2), true), BELLY, HEEL)
                                .spineLine()
                                .points(),
                        half.x()))
                .isLessThan(half.y());
    }

    @Test
    @DisplayName("every impossible blade is refused at the number to change, with the limit, and taken at that limit")
    void refused_with_the_reason() {
        refused(blade(DROP, new BladeProfile.Edge(mm(45), mm(0), mm(12)), HEEL), "bellyBow", "past the point");
        refused(blade(new BladeProfile.Spine(mm(45), mm(10), mm(6), false), BELLY, HEEL), "spineBow", "past the point");
        refused(
                blade(new BladeProfile.Spine(mm(45), mm(26), mm(1), false), BELLY, HEEL),
                "pointDrop",
                "edge crosses the spine");
        refused(blade(DROP, new BladeProfile.Edge(mm(95), mm(0), mm(4)), HEEL), "bellyStart", "behind the heel");
        refused(
                blade(new BladeProfile.Spine(mm(120), mm(10), mm(2), false), BELLY, HEEL),
                "spineBreak",
                "behind the heel");
        refused(blade(DROP, BELLY, new BladeProfile.Heel(mm(8), mm(30), mm(2))), "ricassoWidth", "wider than the heel");
        refused(blade(DROP, BELLY, new BladeProfile.Heel(mm(8), mm(24), mm(5))), "choilRadius", "choil is wider");
        refused(blade(DROP, BELLY, new BladeProfile.Heel(mm(101), mm(24), mm(2))), "ricasso", "leaves no edge");
        refused(
                blade(new BladeProfile.Spine(mm(90), mm(10), mm(20), true), BELLY, HEEL),
                "spineBow",
                "crosses the spine");
        BladeProfile full = blade(DROP, BELLY, HEEL);
        assertThat(blade(DROP, new BladeProfile.Edge(mm(45), mm(0), full.bellyBow(1)), HEEL)
                        .faults())
                .isEmpty();
    }

    @Test
    @DisplayName("[worked] a kitchen heel hangs below the ricasso, and a choil is a half round of its radius")
    void heel_and_choil() {
        Outline kitchen =
                new BladeProfile(mm(200), mm(48), DROP, BELLY, new BladeProfile.Heel(mm(6), mm(25), mm(0))).outline();
        assertThat(kitchen.points().stream()
                        .filter(point -> point.x() < 6.001)
                        .mapToDouble(Point::y)
                        .min()
                        .orElseThrow())
                .isCloseTo(-48, within(1e-9));
        double square = Area.of(blade(DROP, BELLY, new BladeProfile.Heel(mm(8), mm(24), mm(0)))
                        .outline())
                .squareMillimetres();
        double notched = Area.of(blade(DROP, BELLY, HEEL).outline()).squareMillimetres();
        // Without a choil the inner corner behind the heel is filled: (1 − π/4) of the square of its radius.
        double filled = (1 - Math.PI / 4) * 0.6 * 0.6;
        assertThat(square - notched).isCloseTo(Math.PI * 4 / 2 - filled, within(0.2));
    }

    private static void refused(BladeProfile blade, String number, String reason) {
        assertThat(blade.faults()).as(number).isNotEmpty();
        Fault fault = blade.faults().get(0);
        assertThat(fault.number()).isEqualTo(number);
        assertThat(fault.problem()).contains(reason);
        assertThat(fault.accepted(Units.MILLIMETRE_CELSIUS)).isNotBlank();
    }

    private static double bow(Outline line, Point from, Point to) {
        Point way = to.minus(from).unit();
        return line.points().stream()
                .filter(point -> point.x() >= from.x())
                .mapToDouble(point -> Math.abs(way.cross(point.minus(from))))
                .max()
                .orElseThrow();
    }

    /** How sharply a line turns at a place, in radians. */
    private static double corner(Outline line, double x) {
        List<Point> points = line.points(0.0001);
        for (int i = 1; i < points.size() - 1; i++) {
            if (Math.abs(points.get(i).x() - x) < 1e-6) {
                return Math.abs(points.get(i)
                        .minus(points.get(i - 1))
                        .unit()
                        .cross(points.get(i + 1).minus(points.get(i)).unit()));
            }
        }
        throw new AssertionError("No point at " + x);
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
