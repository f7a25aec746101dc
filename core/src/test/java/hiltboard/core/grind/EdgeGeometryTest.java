package hiltboard.core.grind;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Jigs against constructions that a geometry library draws to scale, and the edge against plane geometry. */
class EdgeGeometryTest {
    private static final GeometryFactory DRAWN = new GeometryFactory();

    @Test
    @DisplayName("[worked] 2 × 0.030 in × sin 20° = 0.0205 in, and back")
    void trial_bevel() {
        TrialBevel bevel = new TrialBevel(new Angle(20));
        Length thickness =
                bevel.thickness(Length.ofInches("0.030"), INCH_FAHRENHEIT).value();
        assertThat(thickness.inches()).isCloseTo(0.0205, within(0.00005));
        assertThat(bevel.width(thickness, INCH_FAHRENHEIT).value().inches()).isCloseTo(0.030, within(1e-6));
        assertThatThrownBy(() -> new TrialBevel(new Angle(0))).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void a_micro_bevel_at_four_degrees_costs_little_width_and_bears_far_more() {
        ZeroGround edge = new ZeroGround(new Angle(4), new Angle(20), Length.ofMillimetres("0.25"));
        assertThat(edge.shoulder(MILLIMETRE_CELSIUS).value().millimetres())
                .isCloseTo(2 * 0.25 * Math.sin(Math.toRadians(20)), within(1e-6));
        // The honed corner cuts both flanks of the old wedge: similar triangles from the lost point.
        double lost = edge.lost(MILLIMETRE_CELSIUS).value().millimetres();
        double back = lost + 0.25 * Math.cos(Math.toRadians(20));
        assertThat(2 * back * Math.tan(Math.toRadians(4)))
                .as("the old wedge is as thick there as the shoulder")
                .isCloseTo(edge.shoulder(MILLIMETRE_CELSIUS).value().millimetres(), within(1e-5));
        double times = Math.tan(Math.toRadians(20)) / Math.tan(Math.toRadians(4));
        assertThat(edge.stronger(MILLIMETRE_CELSIUS).value().number()).isCloseTo(times * times, within(0.2));
        assertThatThrownBy(() -> new ZeroGround(new Angle(20), new Angle(10), Length.ofMillimetres("1")))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @RepeatedTest(40)
    void a_stone_on_a_guided_rod_lies_at_the_wanted_angle(RepetitionInfo times) {
        Random random = new Random(times.getCurrentRepetition());
        double angle = 8 + random.nextInt(25);
        double distance = 80 + random.nextInt(200);
        double offset = random.nextInt(25);
        double height = new GuidedRods(new Angle(angle), Length.ofMillimetres(distance), Length.ofMillimetres(offset))
                .height(MILLIMETRE_CELSIUS)
                .value()
                .millimetres();
        // The stone's face is drawn flat through the edge with the rod above it, and the whole is tipped.
        Geometry rod =
                DRAWN.createLineString(new Coordinate[] {new Coordinate(-10, offset), new Coordinate(1000, offset)});
        Geometry tipped =
                AffineTransformation.rotationInstance(Math.toRadians(angle)).transform(rod);
        LineSegment line = new LineSegment(tipped.getCoordinates()[0], tipped.getCoordinates()[1]);
        Coordinate eye =
                line.lineIntersection(new LineSegment(new Coordinate(distance, -1000), new Coordinate(distance, 1000)));
        assertThat(height).isCloseTo(eye.y, within(0.001));
    }

    @RepeatedTest(40)
    void a_blade_on_the_bar_meets_the_wheel_at_the_wanted_angle(RepetitionInfo times) {
        Random random = new Random(times.getCurrentRepetition());
        double angle = 8 + random.nextInt(25);
        double radius = 60 + random.nextInt(80);
        double projection = 80 + random.nextInt(100);
        WheelStop stop =
                new WheelStop(new Angle(angle), Length.ofMillimetres(2 * radius), Length.ofMillimetres(projection));
        // The edge touches the top of the wheel; the blade runs from there, tipped away from the tangent.
        Coordinate bar = AffineTransformation.rotationInstance(Math.toRadians(angle), 0, radius)
                .transform(new Coordinate(projection, radius), new Coordinate());
        double toAxle = bar.distance(new Coordinate(0, 0));
        assertThat(stop.toAxle(MILLIMETRE_CELSIUS).value().millimetres()).isCloseTo(toAxle, within(0.001));
        assertThat(stop.overBar(Length.ofMillimetres("12"), MILLIMETRE_CELSIUS)
                        .value()
                        .millimetres())
                .isCloseTo(toAxle - radius + 6, within(0.001));
    }

    @Test
    void jigs_that_cannot_be_set_are_refused() {
        assertThatThrownBy(() -> new GuidedRods(new Angle(60), Length.ofInches("6"), Length.ZERO))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new GuidedRods(new Angle(Double.NaN), Length.ofInches("6"), Length.ZERO))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new WheelStop(new Angle(15), Length.ZERO, Length.ofInches("6")))
                .isInstanceOf(ImpossibleQuantity.class);
    }
}
