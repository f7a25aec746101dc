package hiltboard.core.sheath.nesting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.SheathShape;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.sheath.nesting.Nesting.Laid;
import hiltboard.core.sheath.nesting.Nesting.Layout;
import hiltboard.core.sheath.nesting.Nesting.Wanted;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Laid with one library of geometry, checked with another: the JDK's own areas. */
class NestingTest {
    @Test
    @DisplayName("[worked] four squares of 100 mm lie on 210 × 210 mm, a fifth has no room")
    void squares() {
        Layout four = Nesting.of(mm(210), mm(210), List.of(), squares(4));
        assertThat(four.laid()).hasSize(4);
        assertThat(four.area()).isCloseTo(40_000, within(1e-3));
        Layout five = Nesting.of(mm(210), mm(210), List.of(), squares(5));
        assertThat(five.laid()).hasSize(4);
        assertThat(five.left()).hasSize(1);
    }

    @Test
    @DisplayName("a strip that is too long for the side lies across it; a brand in the middle moves a square aside")
    void turned_and_moved_aside() {
        Outline strip = Outline.from(0, 0).to(300, 0).to(300, 20).to(0, 20);
        Layout across = Nesting.of(mm(100), mm(320), List.of(), List.of(new Wanted("strip", strip)));
        assertThat(across.laid()).hasSize(1);
        assertThat(across.used()).isCloseTo(20, within(1e-6));
        Flaw brand = new Flaw(Flaw.Kind.BRAND, mm(50), mm(50), mm(30));
        Layout aside = Nesting.of(mm(400), mm(110), List.of(brand), squares(1));
        assertThat(aside.laid().get(0).cut().points()).allMatch(point -> point.x() >= 80 - 1e-9);
        assertThatThrownBy(() -> Nesting.of(Length.ZERO, mm(10), List.of(), List.of()))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("whatever is laid lies on the side, on no flaw and on nothing else, and nothing is lost")
    void whatever_is_laid() {
        Random random = new Random(5);
        for (int round = 0; round < 6; round++) {
            List<Wanted> wanted = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(2); i++) {
                String piece = "piece" + i;
                SheathShape.of(Specifications.fullTang(
                                "sheath",
                                "LEATHER",
                                "bladeLength",
                                String.valueOf(3 + random.nextInt(6)),
                                "sheathPattern",
                                random.nextBoolean() ? "FOLDED" : "TWO_PART"))
                        .orElseThrow()
                        .parts(Units.MILLIMETRE_CELSIUS)
                        .forEach(part -> wanted.add(new Wanted(piece + part.name(), part.cut())));
            }
            List<Flaw> flaws = IntStream.range(0, 4)
                    .mapToObj(i -> new Flaw(
                            Flaw.Kind.HOLE,
                            mm(random.nextInt(900)),
                            mm(random.nextInt(400)),
                            mm(5 + random.nextInt(40))))
                    .toList();
            Layout layout = Nesting.of(mm(900), mm(400), flaws, wanted);
            assertThat(layout.laid().size() + layout.left().size()).isEqualTo(wanted.size());
            assertLies(layout, flaws);
        }
    }

    private static void assertLies(Layout layout, List<Flaw> flaws) {
        List<Area> areas = layout.laid().stream().map(NestingTest::area).toList();
        for (int i = 0; i < areas.size(); i++) {
            Rectangle2D box = areas.get(i).getBounds2D();
            assertThat(new Rectangle2D.Double(-0.01, -0.01, 900.02, 400.02).contains(box))
                    .isTrue();
            for (Flaw flaw : flaws) {
                double r = flaw.radius().millimetres() * 0.98;
                Area hole = new Area(new Ellipse2D.Double(
                        flaw.along().millimetres() - r, flaw.up().millimetres() - r, 2 * r, 2 * r));
                hole.intersect(areas.get(i));
                assertThat(hole.isEmpty()).as(layout.laid().get(i).id()).isTrue();
            }
            for (int k = i + 1; k < areas.size(); k++) {
                Area both = new Area(areas.get(i));
                both.intersect(areas.get(k));
                assertThat(both.isEmpty()).as("%d on %d", i, k).isTrue();
            }
        }
    }

    private static Area area(Laid laid) {
        Path2D path = new Path2D.Double();
        List<Point> points = laid.cut().points();
        path.moveTo(points.get(0).x(), points.get(0).y());
        points.stream().skip(1).forEach(point -> path.lineTo(point.x(), point.y()));
        path.closePath();
        return new Area(path);
    }

    private static List<Wanted> squares(int count) {
        Outline square = Outline.from(0, 0).to(100, 0).to(100, 100).to(0, 100);
        return IntStream.range(0, count)
                .mapToObj(i -> new Wanted(String.valueOf(i), square))
                .toList();
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
