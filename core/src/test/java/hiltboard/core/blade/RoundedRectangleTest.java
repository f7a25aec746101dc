package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class RoundedRectangleTest {
    private static final GeometryFactory PLANE = new GeometryFactory();
    private final RoundedRectangle slot = new RoundedRectangle(10.35, 2.16, 1.5875);

    @Test
    @DisplayName("a slot as a cutter leaves it, against the geometry library: area, distance to the border, thickness")
    void it_is_what_the_geometry_library_makes_of_it() {
        Geometry other = rounded(slot);
        assertThat(slot.area()).isCloseTo(other.getArea(), within(0.01));
        Random random = new Random(22);
        for (int i = 0; i < 400; i++) {
            double u = random.nextDouble(-4, 4);
            double v = random.nextDouble(-13, 13);
            Geometry point = PLANE.createPoint(new Coordinate(u, v));
            double distance = other.getBoundary().distance(point);
            assertThat(slot.inside(v, u)).isCloseTo(other.contains(point) ? distance : -distance, within(0.002));
        }
        for (double v = -10; v <= 10; v += 0.4) {
            Geometry line = PLANE.createLineString(new Coordinate[] {new Coordinate(-5, v), new Coordinate(5, v)});
            assertThat(2 * slot.halfThickAt(v))
                    .isCloseTo(other.intersection(line).getLength(), within(0.01));
        }
        assertThat(slot.halfThickAt(10.36)).isZero();
    }

    @Test
    void its_border_encloses_its_area_and_corners_are_no_rounder_than_there_is_room() {
        assertThat(Area.of(slot.outline(-7)).squareMillimetres()).isCloseTo(slot.area(), within(0.05));
        assertThat(RoundedRectangle.across(4, 3, 9)).isEqualTo(new RoundedRectangle(4, 3, 3));
        assertThat(Area.of(new RoundedRectangle(4, 3, 0).outline(1)).squareMillimetres())
                .isCloseTo(48, within(1e-9));
        assertThatThrownBy(() -> new RoundedRectangle(4, 3, 3.5)).isInstanceOf(IllegalArgumentException.class);
    }

    private static Geometry rounded(RoundedRectangle shape) {
        double high = shape.halfHigh() - shape.radius();
        double thick = shape.halfThick() - shape.radius();
        return PLANE.toGeometry(new Envelope(-thick, thick, -high, high)).buffer(shape.radius(), 96);
    }
}
