package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class AreaTest {
    private static final double STEEL = 7.85;
    private static final Outline BAR =
            Outline.through(List.of(new Point(0, 0), new Point(254, 0), new Point(254, 25.4), new Point(0, 25.4)));

    @Test
    @DisplayName("[worked] a bar of 10 × 1 × 0.125 in of 7.85 g/cm³ weighs 160.8 g and balances at 5.000 in")
    void a_bar() {
        Lump bar = Area.of(BAR).lump(0.125 * 25.4).grams(STEEL);
        assertThat(bar.amount()).isCloseTo(160.8, within(0.05));
        assertThat(bar.centre().x() / 25.4).isCloseTo(5.000, within(0.0005));
    }

    @Test
    @DisplayName("[worked] a wedge that thins to nothing along its length weighs half and balances at a third")
    void a_wedge_along_the_length() {
        Lump wedge = Area.of(BAR).lump((x, border) -> even(3 * (1 - x / 254)));
        assertThat(wedge.amount()).isCloseTo(254 * 25.4 * 3 / 2, within(1e-6));
        assertThat(wedge.centre().x()).isCloseTo(254 / 3d, within(1e-6));
    }

    @Test
    @DisplayName("[worked] a wedge that thins to nothing across weighs half and balances at a third of its width")
    void a_wedge_across() {
        Lump wedge = Area.of(BAR).lump((x, border) -> new Area.Cut(new double[0], y -> 3 * (1 - y / 25.4)));
        assertThat(wedge.amount()).isCloseTo(254 * 25.4 * 3 / 2, within(1e-6));
        assertThat(wedge.centre().y()).isCloseTo(25.4 / 3, within(1e-6));
    }

    @Test
    @DisplayName("[worked] a plate that is flat to half its width and then thins is three quarters of the whole")
    void a_bevelled_plate_with_a_corner_in_its_section() {
        Lump plate =
                Area.of(BAR).lump((x, border) -> new Area.Cut(new double[] {12.7}, y -> y < 12.7 ? y / 12.7 * 4 : 4));
        assertThat(plate.amount()).isCloseTo(254 * 25.4 * 4 * 0.75, within(1e-6));
    }

    @Test
    @DisplayName(
            "[worked] a drilled plate: what is left and where it balances, against area × thickness less π r² × thickness")
    void a_drilled_plate() {
        Lump plate = Area.of(BAR)
                .lump(4)
                .minus(Lump.round(new Point(50, 12.7), 10, 4))
                .minus(Lump.round(new Point(80, 12.7), 6, 4));
        double volume = 4 * (254 * 25.4 - Math.PI * 25 - Math.PI * 9);
        double x = 4 * (254 * 25.4 * 127 - Math.PI * 25 * 50 - Math.PI * 9 * 80) / volume;
        assertThat(plate.amount()).isCloseTo(volume, within(1e-6));
        assertThat(plate.centre().x()).isCloseTo(x, within(1e-9));
    }

    @Test
    @DisplayName("[worked] a half round of radius r: π r² / 2, and its centre 4 r / 3 π from the straight side")
    void a_half_round() {
        double k = 0.5522847498 * 20;
        Outline half = Outline.from(0, -20)
                .cubic(new Point(k, -20), new Point(20, -k), new Point(20, 0))
                .cubic(new Point(20, k), new Point(k, 20), new Point(0, 20));
        Lump lump = Area.of(half).lump(1);
        assertThat(lump.amount()).isCloseTo(Math.PI * 200, within(Math.PI * 200 * 0.001));
        assertThat(lump.centre().x()).isCloseTo(80 / (3 * Math.PI), within(0.02));
    }

    @Test
    @DisplayName("what lies behind a line across a bar is a shorter bar")
    void clipped() {
        Area behind = Area.of(BAR).behind(100);
        assertThat(behind.squareMillimetres()).isCloseTo(2540, within(1e-9));
        assertThat(behind.reach()).containsExactly(0, 100);
        assertThat(Area.of(BAR).behind(-1).squareMillimetres()).isZero();
    }

    @Test
    @DisplayName("turned, mirrored, shifted and scaled outlines keep their area, times the scale's square")
    void invariants() {
        Random random = new Random(3);
        for (int i = 0; i < 50; i++) {
            Outline blob = blob(random);
            double area = Area.of(blob).squareMillimetres();
            double angle = random.nextDouble() * 7;
            double scale = 0.5 + random.nextDouble();
            Outline moved = blob.moved(p -> new Point(
                    scale * (p.x() * Math.cos(angle) - p.y() * Math.sin(angle)) + 30,
                    -scale * (p.x() * Math.sin(angle) + p.y() * Math.cos(angle)) - 7));
            assertThat(Area.of(moved).squareMillimetres()).isCloseTo(area * scale * scale, within(area * 5e-4));
            assertThat(Area.of(blob.reversed()).squareMillimetres()).isCloseTo(area, within(1e-9 * area));
        }
    }

    /** A closed smooth line around the origin that does not cross itself. */
    static Outline blob(Random random) {
        int corners = 5 + random.nextInt(6);
        List<Point> points = IntStream.range(0, corners)
                .mapToObj(k -> {
                    double angle = 2 * Math.PI * k / corners;
                    double radius = 20 + 30 * random.nextDouble();
                    return new Point(radius * Math.cos(angle), radius * Math.sin(angle));
                })
                .toList();
        Outline line = Outline.from(points.get(0).towards(points.get(corners - 1), 0.5));
        for (int k = 0; k < corners; k++) {
            line = line.curve(points.get(k), points.get(k).towards(points.get((k + 1) % corners), 0.5));
        }
        return line;
    }

    private static Area.Cut even(double depth) {
        return new Area.Cut(new double[0], y -> depth);
    }
}
