package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.Lump;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.Polygons;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Polygon;

/**
 * The outlines of every pattern against an independent geometry library (JTS Topology Suite), and against themselves.
 */
class PatternsTest {

    static Stream<Outline> outlines() {
        Random random = new Random(11);
        Stream<Specification> patterns = Stream.of(BladePattern.values())
                .map(pattern -> Specifications.fullTang(
                        "profile", pattern.name(), "grooveDepth", "1/16", "grooveAt", "1.2", "grooveRadius", ".6"));
        return Stream.concat(
                        patterns,
                        Stream.generate(() -> Specifications.random(random)).limit(150))
                .map(KnifeShape::outline)
                .flatMap(outline -> Stream.of(outline.blade(), outline.handle(), outline.tang()));
    }

    @ParameterizedTest
    @MethodSource("outlines")
    @DisplayName("area and centre of gravity agree with the library, and no outline crosses itself")
    void as_an_independent_library_computes(Outline outline) {
        Polygon polygon = Polygons.of(outline);
        assertThat(polygon.isValid()).as("crosses itself: %s", outline).isTrue();
        assertThat(Area.of(outline).squareMillimetres()).isCloseTo(polygon.getArea(), within(polygon.getArea() * 1e-9));
        Lump lump = Area.of(outline).lump(1);
        assertThat(lump.amount()).isCloseTo(polygon.getArea(), within(polygon.getArea() * 0.001));
        assertThat(lump.centre()
                        .distanceTo(new Point(
                                polygon.getCentroid().getX(),
                                polygon.getCentroid().getY())))
                .isLessThan(0.05);
    }

    @ParameterizedTest
    @EnumSource(BladePattern.class)
    @DisplayName(
            "each pattern looks as its name says: where the point lies, whether the spine breaks, whether the heel hangs")
    void looks_as_its_name_says(BladePattern pattern) {
        Specification spec =
                Specifications.fullTang("profile", pattern.name(), "bladeLength", "6", "heelWidth", "1-1/2");
        double drop = spec.length(SpecificationField.POINT_DROP).millimetres() / 38.1;
        switch (pattern) {
            case STRAIGHT_BACK -> assertThat(drop).isZero();
            case UPSWEPT -> assertThat(drop).isNegative();
            case SHEEPSFOOT -> assertThat(drop).isGreaterThan(0.85);
            case CLIP, REVERSE_ANGLE -> assertThat(pattern.spine().isCornered()).isTrue();
            case TALL_KITCHEN ->
                assertThat(spec.length(SpecificationField.RICASSO_WIDTH))
                        .isLessThan(spec.length(SpecificationField.HEEL_WIDTH).times(0.6));
            case DROP, SLICER, FISH, NORTHERN -> assertThat(drop).isBetween(0.1, 0.5);
            case LEAF ->
                assertThat(spec.length(SpecificationField.BELLY_DEPTH).isPositive())
                        .isTrue();
        }
    }

    @Test
    @DisplayName("[worked] sizes that nobody typed follow the blade's length and width in proportion")
    void usual_sizes_follow() {
        Specification small = Specifications.fullTang("bladeLength", "4", "heelWidth", "1");
        Specification large = Specifications.fullTang("bladeLength", "8", "heelWidth", "1");
        double ratio = large.length(SpecificationField.BELLY_START).inches()
                / small.length(SpecificationField.BELLY_START).inches();
        assertThat(ratio).isCloseTo(2, within(0.02));
        assertThat(small.chosen())
                .doesNotContainKeys("bellyStart", "waistAt", "barWidth")
                .containsEntry("bladeLength", "101.6 mm");
    }
}
