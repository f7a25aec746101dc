package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class HandleProfileTest {
    private static final HandleProfile.Widths EVEN =
            new HandleProfile.Widths(mm(25), mm(25), mm(30), mm(25), mm(60), mm(25));
    private static final HandleProfile.Widths SWELLING =
            new HandleProfile.Widths(mm(25), mm(21), mm(30), mm(27), mm(60), mm(23));

    private static HandleProfile handle(
            HandleProfile.Back back, HandleProfile.Widths widths, double round, HandleProfile.Groove groove) {
        return new HandleProfile(
                Length.ZERO, 0, mm(110), back, widths, new HandleProfile.Butt(mm(25), mm(round)), groove);
    }

    @Test
    @DisplayName("[worked] equal widths on a straight back are a rectangle, whatever it drops; an arch adds two "
            + "thirds of its height and takes it below")
    void a_rectangle() {
        assertThat(area(handle(straight(0), EVEN, 0, HandleProfile.Groove.NONE)))
                .isCloseTo(110 * 25, within(1e-6));
        assertThat(area(handle(straight(8), EVEN, 0, HandleProfile.Groove.NONE)))
                .isCloseTo(110 * 25, within(1e-6));
        assertThat(area(handle(new HandleProfile.Back(mm(0), mm(3)), EVEN, 0, HandleProfile.Groove.NONE)))
                .isCloseTo(110 * 25, within(0.5));
    }

    @Test
    @DisplayName("[worked] round corners of the butt take (1 − π/4) r² each")
    void rounded_butt() {
        double square = area(handle(straight(0), EVEN, 0, HandleProfile.Groove.NONE));
        assertThat(square - area(handle(straight(0), EVEN, 6, HandleProfile.Groove.NONE)))
                .isCloseTo(2 * 36 * (1 - Math.PI / 4), within(0.1));
    }

    @Test
    void widths_are_met_where_they_are_named_and_never_exceeded_between() {
        HandleProfile handle = handle(straight(4), SWELLING, 0, HandleProfile.Groove.NONE);
        assertThat(handle.widthAt(0)).isCloseTo(25, within(1e-9));
        assertThat(handle.widthAt(30)).isCloseTo(21, within(1e-9));
        assertThat(handle.widthAt(60)).isCloseTo(27, within(1e-9));
        assertThat(handle.widthAt(110)).isCloseTo(25, within(1e-9));
        for (double at = 0; at <= 110; at += 0.5) {
            assertThat(handle.widthAt(at)).isBetween(21 - 1e-9, 27 + 1e-9);
        }
    }

    @Test
    @DisplayName(
            "[worked] a finger groove takes a circular segment: r² (a − sin a cos a) with a = acos((r − depth) / r)")
    void finger_groove() {
        double radius = 12;
        double depth = 3;
        double a = Math.acos((radius - depth) / radius);
        double segment = radius * radius * (a - Math.sin(a) * Math.cos(a));
        HandleProfile.Groove groove = new HandleProfile.Groove(mm(radius), mm(depth), mm(25));
        double plain = area(handle(straight(0), EVEN, 5, HandleProfile.Groove.NONE));
        double grooved = area(handle(straight(0), EVEN, 5, groove));
        assertThat(plain - grooved).isCloseTo(segment, within(segment * 0.005));
        double deepest = handle(straight(0), EVEN, 5, groove).outline().points().stream()
                .filter(point -> Math.abs(point.x() + 25) < 3 && point.y() < -10)
                .mapToDouble(Point::y)
                .max()
                .orElseThrow();
        assertThat(deepest).isCloseTo(-22, within(0.01));
    }

    @Test
    void a_groove_across_the_joints_of_the_belly_is_cut_all_the_same() {
        for (double at = 14; at < 95; at += 3) {
            HandleProfile grooved = handle(straight(3), SWELLING, 6, new HandleProfile.Groove(mm(14), mm(2), mm(at)));
            assertThat(grooved.faults()).as("at " + at).isEmpty();
            assertThat(area(grooved))
                    .as("at " + at)
                    .isLessThan(area(handle(straight(3), SWELLING, 6, HandleProfile.Groove.NONE)) - 10);
        }
    }

    @Test
    void impossible_handles_are_refused_at_the_number_to_change() {
        assertThat(handle(
                                straight(0),
                                new HandleProfile.Widths(mm(25), mm(21), mm(70), mm(27), mm(60), mm(23)),
                                0,
                                HandleProfile.Groove.NONE)
                        .faults())
                .extracting(Fault::number)
                .containsExactly("waistAt");
        assertThat(handle(
                                straight(0),
                                new HandleProfile.Widths(mm(25), mm(21), mm(30), mm(27), mm(120), mm(23)),
                                0,
                                HandleProfile.Groove.NONE)
                        .faults())
                .extracting(Fault::number)
                .containsExactly("swellAt");
        assertThat(handle(straight(0), EVEN, 13, HandleProfile.Groove.NONE).faults())
                .extracting(Fault::number)
                .containsExactly("buttRound");
        assertThat(handle(straight(0), EVEN, 0, new HandleProfile.Groove(mm(40), mm(25), mm(50)))
                        .faults())
                .extracting(Fault::number)
                .containsExactly("grooveDepth");
        assertThat(handle(straight(0), EVEN, 0, new HandleProfile.Groove(mm(5), mm(6), mm(50)))
                        .faults())
                .extracting(Fault::number)
                .containsExactly("grooveDepth");
        assertThat(handle(straight(0), EVEN, 0, new HandleProfile.Groove(mm(20), mm(4), mm(3)))
                        .faults())
                .extracting(Fault::number)
                .containsExactly("grooveAt");
    }

    private static HandleProfile.Back straight(double drop) {
        return new HandleProfile.Back(mm(drop), Length.ZERO);
    }

    private static double area(HandleProfile handle) {
        return Area.of(handle.outline()).squareMillimetres();
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
