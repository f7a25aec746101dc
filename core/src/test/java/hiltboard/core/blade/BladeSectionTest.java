package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BladeSectionTest {
    /**
     * As nearly a plain bar as a blade can be: straight back and edge, square at the point's end but for the last
     * millimetre.
     */
    private static BladeProfile almostABar() {
        return new BladeProfile(
                mm(254),
                mm(25.4),
                new BladeProfile.Spine(mm(1), mm(25.4), mm(0), true),
                new BladeProfile.Edge(mm(1), mm(0), mm(0)),
                new BladeProfile.Heel(mm(0.001), mm(25.4), mm(0)));
    }

    private static BladeSection section(BladeSection.Face face, double height, double tip) {
        return new BladeSection(almostABar(), mm(4), mm(tip), mm(0.5), mm(height), face, Length.ZERO);
    }

    @Test
    @DisplayName(
            "[worked] full flat: a trapezoid from edge to spine, and a quarter ellipse more at the plunge, within half a percent")
    void full_flat() {
        double leftAtPlunge = (1 - Math.PI / 4) * 0.35 * 25.4 * 25.4 * (4 - 0.5) / 2;
        double expected = 254 * 25.4 * (4 + 0.5) / 2 + leftAtPlunge;
        assertThat(section(new BladeSection.Flat(), 25.4, 4).volume().amount())
                .isCloseTo(expected, within(expected * 0.005));
    }

    @Test
    @DisplayName("[worked] a distal taper to half takes a quarter of a blade that has no bevel to speak of")
    void distal_taper() {
        double whole = section(new BladeSection.Flat(), 0.01, 4).volume().amount();
        double tapered = section(new BladeSection.Flat(), 0.01, 2).volume().amount();
        assertThat(tapered / whole).isCloseTo(0.75, within(0.001));
    }

    @Test
    @DisplayName("[worked] a hollow takes the segment between chord and rim: R²/2 × (2a − sin 2a) on each side")
    void hollow_takes_a_segment_of_the_wheel() {
        double radius = 150;
        double height = 20;
        double half = Math.asin(height / 2 / radius);
        double segment = radius * radius / 2 * (2 * half - Math.sin(2 * half));
        double flat = section(new BladeSection.Flat(), height, 4).volume().amount();
        double hollow = section(new BladeSection.Hollow(mm(2 * radius)), height, 4)
                .volume()
                .amount();
        assertThat((flat - hollow) / 254).isCloseTo(2 * segment, within(2 * segment * 0.05));
        assertThat(hollow).isLessThan(flat);
    }

    @Test
    @DisplayName("[worked] a convex bevel adds two thirds of bulge × height on each side (Archimedes)")
    void convex_adds_a_parabola() {
        double flat = section(new BladeSection.Flat(), 20, 4).volume().amount();
        double convex =
                section(new BladeSection.Convex(mm(0.3)), 20, 4).volume().amount();
        assertThat((convex - flat) / 254).isCloseTo(2 * 2d / 3 * 0.3 * 20, within(0.4));
    }

    @Test
    @DisplayName("[worked] 0.156 in stock, 0.020 in edge, 1.000 in high: 3.89° a side along the whole bevel")
    void bevel_angle() {
        BladeProfile profile = new BladeProfile(
                inch("10"),
                inch("1"),
                new BladeProfile.Spine(mm(1), inch("1"), mm(0), true),
                new BladeProfile.Edge(mm(1), mm(0), mm(0)),
                new BladeProfile.Heel(mm(0.1), inch("1"), mm(0)));
        List<BladeSection.Station> stations = new BladeSection(
                        profile,
                        inch("0.156"),
                        inch("0.156"),
                        inch("0.020"),
                        inch("1"),
                        new BladeSection.Flat(),
                        Length.ZERO)
                .stations(5);
        assertThat(stations)
                .hasSize(5)
                .allSatisfy(
                        station -> assertThat(station.anglePerSide().degrees()).isCloseTo(3.89, within(0.01)));
    }

    @Test
    @DisplayName("[worked] a layer that ends half way between edge and flat comes out at half the bevel's height")
    void a_layer_surfaces() {
        BladeSection section = section(new BladeSection.Flat(), 20, 4);
        Outline line = section.layerLine(mm((0.25 + 2) / 2));
        Point somewhere = line.points().get(30);
        assertThat(somewhere.y() + 25.4).isCloseTo(10, within(0.05));
        assertThat(section.surfaces(mm((0.25 + 2) / 2)).orElseThrow().millimetres())
                .isCloseTo(10, within(0.05));
        assertThat(section.layerLine(mm(3)).isEmpty()).isTrue();
        assertThat(section.layerLine(mm(0.2)).isEmpty()).isTrue();
    }

    @Test
    void a_wheel_that_would_thin_the_blade_behind_its_edge_is_refused_with_the_least_one() {
        BladeSection small = section(new BladeSection.Hollow(mm(150)), 20, 4);
        Fault fault = small.faults().get(0);
        assertThat(fault.number()).isEqualTo("wheelDiameter");
        Length least = fault.limit().orElseThrow();
        assertThat(section(new BladeSection.Hollow(least.plus(mm(0.01))), 20, 4).faults())
                .isEmpty();
        // Tangent at the edge: the rim leaves it along the straight line of the bevel.
        double slope = (4 - 0.5) / 2 / 20;
        assertThat(least.millimetres()).isCloseTo(20 * Math.sqrt(1 + 1 / (slope * slope)), within(0.5));
    }

    @Test
    void a_bulge_beyond_the_flats_and_a_swedge_beyond_the_blade_are_refused() {
        assertThat(section(new BladeSection.Convex(mm(0.5)), 20, 4).faults())
                .extracting(Fault::number)
                .containsExactly("convexBulge");
        BladeSection swedged =
                new BladeSection(almostABar(), mm(4), mm(4), mm(0.5), mm(20), new BladeSection.Flat(), mm(300));
        assertThat(swedged.faults())
                .extracting(Fault::number, Fault::limit)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("swedge", Optional.of(mm(254))));
    }

    @Test
    void a_swedge_makes_the_blade_lighter_and_moves_its_weight_back() {
        BladeSection plain = section(new BladeSection.Flat(), 20, 4);
        BladeSection swedged =
                new BladeSection(almostABar(), mm(4), mm(4), mm(0.5), mm(20), new BladeSection.Flat(), mm(100));
        assertThat(swedged.volume().amount()).isLessThan(plain.volume().amount());
        assertThat(swedged.volume().centre().x())
                .isLessThan(plain.volume().centre().x());
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Length inch(String inches) {
        return Length.ofInches(inches);
    }
}
