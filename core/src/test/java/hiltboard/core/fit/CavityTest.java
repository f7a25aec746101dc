package hiltboard.core.fit;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.HandleForm;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Specifications;
import hiltboard.core.fit.Cavity.Hole;
import hiltboard.core.fit.Cavity.Side;
import hiltboard.core.fit.Cavity.Wanted;
import hiltboard.core.fit.MeasuredTang.At;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement.Verdict;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

class CavityTest {
    private static final GeometryFactory PLANE = new GeometryFactory();
    private static final double FRONT = inches("0.500").millimetres();

    @Test
    @DisplayName(
            "[worked] 0.690 in at the shoulder, 0.300 in at 3.75 in: each edge runs in by atan(0.195 ÷ 3.75) = 2.98°")
    void the_angle_of_the_two_holes() {
        Cavity cavity = Cavity.usual(wanted(), CavityMethod.ANGLED_HOLES);
        assertThat(cavity.angle(INCH_FAHRENHEIT).value().degrees())
                .isCloseTo(Math.toDegrees(Math.atan(0.195 / 3.75)), within(0.01));
        // The smallest drill over 0.163 + 1/32 in.
        assertThat(cavity.drill().name()).isEqualTo("#9");
        List<Hole> holes = cavity.holes();
        assertThat(holes).hasSize(3);
        assertThat(holes.get(0).height()).isEqualTo(-holes.get(1).height());
        assertThat(holes.get(2).deep()).isEqualTo(inches("3.375"));
        assertThat(cavity.meet(INCH_FAHRENHEIT).value().inches()).isBetween(2.0, 3.25);
    }

    @ParameterizedTest
    @EnumSource(CavityMethod.class)
    @DisplayName("a cut across it is the union of its holes and of the tang's room, by the geometry library")
    void cut_by_cut_against_the_geometry_library(CavityMethod method) {
        Cavity cavity = Cavity.usual(wanted(), method);
        for (double deep : new double[] {0, 3, 10, 25, 50, 75, 82, 85}) {
            Geometry other = tangRoom(deep);
            for (Hole hole : cavity.holes()) {
                other = other.union(cut(cavity, hole, deep, method));
            }
            double sum = 0;
            for (double height = -15; height < 15; height += 0.01) {
                sum += 2 * cavity.half(deep, height + 0.005) * 0.01;
            }
            assertThat(sum)
                    .as("%s at %s", method, deep)
                    .isCloseTo(other.getArea(), within(0.012 * other.getArea() + 0.05));
        }
    }

    private Geometry tangRoom(double deep) {
        double reach = (3.75 - 0.5) * 25.4;
        if (deep > reach) {
            return PLANE.createPoint();
        }
        double share = (FRONT + deep) / (3.75 * 25.4);
        double room = 25.4 / 32;
        double high = (0.690 + share * (0.300 - 0.690)) * 25.4 + room;
        double thick = 0.163 * 25.4 + room;
        return PLANE.toGeometry(new Envelope(-thick / 2, thick / 2, -high / 2, high / 2));
    }

    private Geometry cut(Cavity cavity, Hole hole, double deep, CavityMethod method) {
        double radius = hole.drill().diameter().millimetres() / 2;
        boolean isLong = hole.deep().equals(inches("3.375"));
        if (!isLong && method == CavityMethod.MILLED) {
            double high = (0.690 - 0.390 * 0.5 / 3.75) * 25.4 + 25.4 / 32;
            return deep > hole.deep().millimetres()
                    ? PLANE.createPoint()
                    : PLANE.toGeometry(new Envelope(-1e-9, 1e-9, -high / 2 + radius, high / 2 - radius))
                            .buffer(radius, 96);
        }
        double slope = !isLong && method == CavityMethod.ANGLED_HOLES ? Math.atan(0.195 / 3.75) : 0;
        if (deep > hole.deep().millimetres() * Math.cos(slope)) {
            return PLANE.createPoint();
        }
        double middle = hole.height() - Math.signum(hole.height()) * deep * Math.tan(slope);
        Geometry round = PLANE.createPoint(new Coordinate(0, 0)).buffer(radius, 96);
        return AffineTransformation.translationInstance(0, middle)
                .transform(AffineTransformation.scaleInstance(1, 1 / Math.cos(slope))
                        .transform(round));
    }

    @ParameterizedTest
    @EnumSource(CavityMethod.class)
    @DisplayName("its volume, counted another way: how many of 400 000 places thrown into a box lie inside")
    void the_volume_counted_another_way(CavityMethod method) {
        Cavity cavity = Cavity.usual(wanted(), method);
        Random random = new Random(1_963);
        double depth = inches("3.375").millimetres();
        int inside = 0;
        int tang = 0;
        int thrown = 400_000;
        for (int i = 0; i < thrown; i++) {
            double deep = random.nextDouble(depth);
            double height = random.nextDouble(-12, 12);
            double across = random.nextDouble(-6, 6);
            inside += Math.abs(across) < cavity.half(deep, height) ? 1 : 0;
            double share = (FRONT + deep) / (3.75 * 25.4);
            double high = (0.690 + share * (0.300 - 0.690)) * 25.4;
            tang += share <= 1 && Math.abs(height) < high / 2 && Math.abs(across) < 0.163 * 25.4 / 2 ? 1 : 0;
        }
        double box = depth * 24 * 12;
        assertThat(cavity.hollow().cubicMillimetres())
                .isCloseTo(box * inside / thrown, within(0.012 * box * inside / thrown));
        assertThat(cavity.tang().cubicMillimetres()).isCloseTo(box * tang / thrown, within(0.02 * box * tang / thrown));
        assertThat(cavity.adhesive(INCH_FAHRENHEIT).value().cubicMillimetres())
                .isCloseTo(cavity.hollow().cubicMillimetres() - cavity.tang().cubicMillimetres(), within(1e-6));
        assertThat(cavity.broached().cubicMillimetres())
                .isLessThan(cavity.hollow().cubicMillimetres() / 2);
    }

    @Test
    @DisplayName("whatever the tang, its corners lie inside the cavity at every depth")
    void the_tang_goes_in() {
        Random random = new Random(5);
        for (int i = 0; i < 60; i++) {
            Length width = Length.ofMillimetres(random.nextDouble(8, 20));
            Length end = width.times(random.nextDouble(0.3, 1));
            Length thick = Length.ofMillimetres(random.nextDouble(2.5, 6));
            MeasuredTang tang =
                    new MeasuredTang(Length.ZERO, inches("3.75"), width, end, List.of(new At(Length.ZERO, thick)));
            CavityMethod method = CavityMethod.values()[i % 3];
            Cavity cavity = Cavity.usual(wanted(tang, knife()), method);
            for (double deep = 0; deep <= 82; deep += 2) {
                double corner = tang.widthAt(FRONT + deep) / 2;
                assertThat(cavity.half(deep, corner)).isGreaterThanOrEqualTo(thick.millimetres() / 2);
                assertThat(cavity.halfHigh(deep)).isGreaterThanOrEqualTo(corner);
            }
        }
    }

    @Test
    @DisplayName("the thinnest wall is what the geometry library measures to the finished handle")
    void the_walls() {
        Cavity cavity = Cavity.usual(wanted(), CavityMethod.ANGLED_HOLES);
        HandleForm handle = HandleForm.of(knife()).orElseThrow();
        double middle = tangMiddle(knife());
        for (Cavity.Wall wall : cavity.walls(9)) {
            double deep = Math.min(wall.deep().millimetres(), inches("3.375").millimetres() - 1e-6);
            var cut = handle.at(FRONT + deep).orElseThrow();
            var border = cut.border();
            Geometry outside = PLANE.toGeometry(new Envelope(
                            -border.halfThick() + border.radius(),
                            border.halfThick() - border.radius(),
                            -border.halfHigh() + border.radius(),
                            border.halfHigh() - border.radius()))
                    .buffer(border.radius(), 96)
                    .getBoundary();
            double least = Double.MAX_VALUE;
            for (double height = -12; height <= 12; height += 0.02) {
                double half = cavity.half(deep, height);
                if (half > 0) {
                    least = Math.min(
                            least,
                            outside.distance(PLANE.createPoint(new Coordinate(half, height + middle - cut.middle()))));
                }
            }
            assertThat(wall.left().millimetres()).isCloseTo(least, within(0.03));
        }
    }

    @Test
    @DisplayName("a handle that drops away from a straight tang is broken through, and said where")
    void it_breaks_through() {
        Specification dropped = knife("buttDrop", "1-1/4", "handleThickness", "5/8");
        Cavity cavity = Cavity.usual(wanted(tang(), dropped), CavityMethod.ANGLED_HOLES);
        assertThat(cavity.judged(INCH_FAHRENHEIT).isOut()).isTrue();
        assertThat(cavity.judged(INCH_FAHRENHEIT).words()).contains("breaks through", "towards the back");
        assertThat(cavity.thinnest().side()).isEqualTo(Side.BACK);
        Wanted deep = new Wanted(
                tang(),
                HandleForm.of(knife()).orElseThrow(),
                inches("0.500"),
                inches("4.45"),
                room(),
                tangMiddle(knife()),
                false);
        assertThat(Cavity.usual(deep, CavityMethod.CHAIN)
                        .judged(INCH_FAHRENHEIT)
                        .words())
                .contains("breaks through");
        assertThat(Cavity.usual(wanted(), CavityMethod.CHAIN)
                        .judged(INCH_FAHRENHEIT)
                        .verdict())
                .isNotEqualTo(Verdict.OUT);
    }

    @Test
    @DisplayName("how far a pin lies beside it is what the geometry library measures to its cut")
    void beside_a_cavity() {
        Cavity cavity = Cavity.usual(wanted(), CavityMethod.ANGLED_HOLES);
        Random random = new Random(31);
        for (double deep : new double[] {0, 2, 4}) {
            Geometry other = tangRoom(deep);
            for (Hole hole : cavity.holes()) {
                other = other.union(cut(cavity, hole, deep, CavityMethod.ANGLED_HOLES));
            }
            for (int i = 0; i < 100; i++) {
                double across = random.nextDouble(-10, 10);
                double along = random.nextDouble(-14, 14);
                double distance = other.distance(PLANE.createPoint(new Coordinate(across, along)));
                assertThat(cavity.openingAt(deep).beyond(along, across)).isCloseTo(distance, within(0.12));
            }
        }
    }

    @Test
    void what_cannot_be_drilled_is_refused() {
        assertThatThrownBy(() -> Cavity.of(wanted(), CavityMethod.ANGLED_HOLES, inches("0.9"), inches("0.25")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("drill");
        assertThatThrownBy(() -> new Wanted(
                        tang(), HandleForm.of(knife()).orElseThrow(), inches("4"), inches("1"), room(), 0, false))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThat(Cavity.of(wanted(), CavityMethod.CHAIN, inches("0.196"), inches("0.250"))
                        .longDrill()
                        .name())
                .isEqualTo("E");
    }

    private static Wanted wanted() {
        return wanted(tang(), knife());
    }

    private static Wanted wanted(MeasuredTang tang, Specification spec) {
        return new Wanted(
                tang,
                HandleForm.of(spec).orElseThrow(),
                inches("0.500"),
                inches("3.375"),
                room(),
                tangMiddle(spec),
                false);
    }

    private static double tangMiddle(Specification spec) {
        return -spec.length(SpecificationField.RICASSO_WIDTH).millimetres() / 2;
    }

    private static Length room() {
        return Length.ofInchFraction(1, 32);
    }

    private static MeasuredTang tang() {
        return new MeasuredTang(
                Length.ZERO,
                inches("3.75"),
                inches("0.690"),
                inches("0.300"),
                List.of(new At(Length.ZERO, inches("0.163"))));
    }

    private static Specification knife(String... changes) {
        return Specifications.hiddenTang(changes);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
