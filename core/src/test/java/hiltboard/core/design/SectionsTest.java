package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.BladeSection.Station;
import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.grind.Bevel;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The knife cut across, and what is drilled into it. */
class SectionsTest {

    @ParameterizedTest(
            name = "[worked] {0}: area of the section at the heel is the trapezium of stock, edge and width, and two "
                    + "thirds of a bulge on each side")
    @ValueSource(strings = {"FULL_FLAT", "CONVEX"})
    void area_of_a_section(String grind) {
        Specification spec = Specifications.fullTang(
                "grind", grind, "stockThickness", "1/8", "heelWidth", "1-1/4", "bevelHeight", "1-1/4");
        double trapezium = (3.175 + 0.508) / 2 * 31.75;
        double bulge = grind.equals("CONVEX")
                ? 2 * 2 / 3d * spec.length(SpecificationField.CONVEX_BULGE).millimetres() * 31.75
                : 0;
        double area = Area.of(named(spec, "At the heel")).squareMillimetres();
        assertThat(area).isCloseTo(trapezium + bulge, within(0.005 * trapezium));
    }

    @Test
    @DisplayName("[worked] the palm swell is a rectangle less (4 − π) r² at its corners")
    void palm_swell() {
        Specification spec = Specifications.fullTang(
                "stockThickness", "5/32", "scaleThickness", "3/8", "swellWidth", "1", "handleRounding", "1/4");
        double thick = (5 / 32d + 2 * 3 / 8d) * 25.4;
        assertThat(Area.of(named(spec, "Palm swell")).squareMillimetres())
                .isCloseTo(thick * 25.4 - (4 - Math.PI) * 6.35 * 6.35, within(0.5));
    }

    @Test
    void sections_are_alike_on_both_sides_and_thin_towards_the_point() {
        Specification spec = Specifications.fullTang("grind", "HOLLOW", "bevelHeight", "3/4", "distalTaper", "TAPERED");
        for (KnifeShape.Section section : KnifeShape.sections(spec)) {
            List<Point> points = section.outline().points();
            assertThat(points.stream().mapToDouble(Point::x).max().orElseThrow())
                    .as(section.name())
                    .isCloseTo(-points.stream().mapToDouble(Point::x).min().orElseThrow(), within(1e-6));
        }
        assertThat(thickest(spec, "Near the point")).isLessThan(thickest(spec, "Half way"));
        assertThat(thickest(spec, "Half way")).isLessThan(thickest(spec, "At the heel"));
        assertThat(KnifeShape.sections(Specifications.of(Construction.HATCHET))).isEmpty();
        assertThat(KnifeShape.sections(Specifications.of(Construction.SLIP_JOINT)))
                .hasSize(3);
    }

    @Test
    @DisplayName("the bevel's angle along the blade is what the bevel's own calculation says of that place")
    void stations_agree_with_the_bevel() {
        Specification spec =
                Specifications.fullTang("distalTaper", "TAPERED", "grind", "PARTIAL_FLAT", "bevelHeight", "3/4");
        List<Station> stations = KnifeShape.stations(spec);
        assertThat(stations).hasSize(5);
        for (Station station : stations) {
            double angle = new Bevel(
                            station.thickness(), spec.length(SpecificationField.EDGE_THICKNESS), station.bevelHeight())
                    .anglePerSide(Units.INCH_FAHRENHEIT)
                    .value()
                    .degrees();
            assertThat(station.anglePerSide().degrees()).isCloseTo(angle, within(0.02));
        }
        assertThat(stations.get(4).thickness()).isLessThan(stations.get(0).thickness());
    }

    @Test
    @DisplayName(
            "[worked] a core of a third of 5/32 in shows to (T/6 − e/2) ÷ (T − e)/2 of the bevel's height; no clad blade, no core")
    void where_the_core_shows() {
        Specification clad = Specifications.fullTang(
                "steelForm",
                "LAMINATED",
                "grind",
                "PARTIAL_FLAT",
                "bevelHeight",
                "3/4",
                "stockThickness",
                "5/32",
                "coreThickness",
                "1/20 in",
                "edgeThickness",
                ".020");
        double t = 5 / 32d;
        Station heel = KnifeShape.stations(clad).get(0);
        double expected = heel.bevelHeight().inches() * (0.025 - 0.010) / ((t - 0.020) / 2);
        assertThat(KnifeShape.coreShows(clad).orElseThrow().inches()).isCloseTo(expected, within(0.001));
        assertThat(KnifeShape.coreShows(Specifications.fullTang())).isEmpty();
        assertThat(KnifeShape.outline(clad).lines()).hasSize(1);
        assertThat(KnifeShape.outline(
                                Specifications.fullTang("steelForm", "LAMINATED", "cladLayers", "4", "swedge", "2"))
                        .lines())
                .hasSizeBetween(2, 5);
    }

    @Test
    @DisplayName(
            "[trade] lightening holes lie between the pins, clear of them, of each other and of the outline; the tube stands near the butt")
    void holes_keep_their_distance() {
        for (String pins : List.of("1", "2", "3", "4")) {
            KnifeOutline knife = KnifeShape.outline(Specifications.fullTang(
                    "pinCount",
                    pins,
                    "lightening",
                    "HOLES",
                    "holeCount",
                    "3",
                    "lanyard",
                    "TUBE",
                    "pinDiameter",
                    "3/16"));
            Map<Use, List<Hole>> holes = knife.holes().stream().collect(Collectors.groupingBy(Hole::use));
            assertThat(holes.get(Use.PIN)).hasSize(Integer.parseInt(pins));
            assertThat(holes.get(Use.LIGHTENING)).hasSize(3);
            assertThat(holes.get(Use.TUBE)).hasSize(1);
            for (Hole hole : knife.holes()) {
                double[] border = Area.of(knife.tang()).crossings(hole.centre().x());
                assertThat(hole.centre().y() - hole.diameter() / 2).isGreaterThan(border[0]);
                assertThat(hole.centre().y() + hole.diameter() / 2).isLessThan(border[border.length - 1]);
                knife.holes().stream()
                        .filter(other -> other != hole)
                        .forEach(other -> assertThat(hole.centre().distanceTo(other.centre()))
                                .as(hole + " and " + other)
                                .isGreaterThan((hole.diameter() + other.diameter()) / 2 + 1));
            }
        }
    }

    @Test
    @DisplayName(
            "[worked] the bar holds profile and saw: 1/16 in all round, in widths that are sold by the quarter inch")
    void the_bar() {
        Specification spec = Specifications.fullTang("heelWidth", "1-1/8");
        Bar bar = KnifeShape.bar(spec);
        assertThat(bar.width().nearest(Length.ofInchFraction(1, 4))).isEqualTo(bar.width());
        double deepest = -KnifeShape.outline(spec).tang().points().stream()
                .mapToDouble(Point::y)
                .min()
                .orElseThrow();
        assertThat(bar.width().millimetres()).isGreaterThan(deepest + 2 * 1.5875);
        assertThat(KnifeShape.bar(Specifications.fullTang("steelForm", "FORGED"))
                        .mass()
                        .grams())
                .isGreaterThan(KnifeShape.bar(Specifications.fullTang()).mass().grams());
    }

    private static double thickest(Specification spec, String name) {
        return 2
                * named(spec, name).points().stream()
                        .mapToDouble(Point::x)
                        .max()
                        .orElseThrow();
    }

    private static Outline named(Specification spec, String name) {
        return KnifeShape.sections(spec).stream()
                .filter(section -> section.name().equals(name))
                .findFirst()
                .orElseThrow()
                .outline();
    }
}
