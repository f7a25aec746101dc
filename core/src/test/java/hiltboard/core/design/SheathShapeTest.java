package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.Polygons;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.sheath.SheathPart;
import hiltboard.core.sheath.SheathPlan;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

class SheathShapeTest {
    private static final GeometryFactory PLANE = new GeometryFactory();
    private static final Units MM = Units.MILLIMETRE_CELSIUS;

    @Test
    void a_knife_without_a_sheath_has_none() {
        assertThat(SheathShape.of(Specifications.fullTang())).isEmpty();
    }

    @Test
    void one_of_the_same_numbers_is_drawn_once_and_any_other_number_draws_another() {
        Specification spec = Specifications.fullTang("sheath", "LEATHER");
        Length thin = Length.ofMillimetres(3);
        SheathPlan plan = SheathShape.of(spec, thin).orElseThrow();
        assertThat(SheathShape.of(Specifications.fullTang("sheath", "LEATHER"), thin))
                .containsSame(plan);
        assertThat(SheathShape.of(spec, Length.ofMillimetres(4)).orElseThrow().area())
                .isGreaterThan(plan.area());
        assertThat(SheathShape.of(Specifications.fullTang("sheath", "LEATHER", "bladeLength", "7"), thin)
                        .orElseThrow()
                        .area())
                .isGreaterThan(plan.area());
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    @DisplayName(
            "every kind of piece gets a sheath whose parts are whole, and whose holes lie in them and not in the knife")
    void every_construction(Construction construction) {
        for (String kind : List.of("LEATHER", "FORMED")) {
            for (String pattern : List.of("FOLDED", "TWO_PART")) {
                Specification spec =
                        Specifications.of(construction, "sheath", kind, "sheathPattern", pattern, "carry", "CROSS");
                SheathPlan plan = SheathShape.of(spec).orElseThrow();
                String which = construction + " " + kind + " " + pattern;
                for (SheathPart part : plan.parts(MM)) {
                    Geometry cut = Polygons.of(part.cut());
                    assertThat(cut.isValid()).as("%s %s", which, part.name()).isTrue();
                    assertThat(part.holes())
                            .as("%s %s", which, part.name())
                            .allMatch(hole -> cut.covers(round(hole, part.hole())));
                }
                Geometry hollow = Polygons.of(plan.cut().hollow());
                assertThat(plan.seamHoles())
                        .as(which)
                        .allMatch(
                                hole -> hollow.disjoint(round(hole, plan.joint().hole())));
            }
        }
    }

    @Test
    @DisplayName("any piece that the form takes has a sheath that can be cut and sewn")
    void any_piece() {
        Random random = new Random(7);
        for (int i = 0; i < 400; i++) {
            Specification spec = Specifications.random(random);
            if (spec.hasSheath()) {
                SheathPlan plan = SheathShape.of(spec).orElseThrow();
                Geometry panel = Polygons.of(plan.cut().panel());
                Geometry hollow = Polygons.of(plan.cut().hollow());
                assertThat(panel.buffer(1e-3).covers(hollow)).as("%s", spec).isTrue();
                assertThat(plan.seamLength().millimetres()).as("%s", spec).isPositive();
                assertThat(plan.parts(MM))
                        .allMatch(part -> Polygons.of(part.cut()).isValid());
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"3, FOLDED", "4-1/2, TWO_PART", "7, FOLDED", "10, TWO_PART"})
    @DisplayName("the hollow takes the whole knife as far as it goes in, half of its thickness around it")
    void takes_the_knife(String blade, String pattern) {
        Specification spec = Specifications.fullTang(
                "bladeLength", blade, "sheath", "LEATHER", "sheathPattern", pattern, "handleInSheath", "1-1/2");
        KnifeOutline knife = KnifeShape.outline(spec);
        Geometry goesIn = UnaryUnionOp.union(List.of(Polygons.of(knife.blade()), Polygons.of(knife.handle())))
                .intersection(Polygons.of(
                        Outline.from(-38.1, 500).to(500, 500).to(500, -500).to(-38.1, -500)));
        double half = spec.length(SpecificationField.STOCK_THICKNESS).millimetres() / 2;
        Geometry hollow = Polygons.of(SheathShape.of(spec).orElseThrow().cut().hollow());
        assertThat(hollow.buffer(1e-3).covers(goesIn)).isTrue();
        Geometry deeper = goesIn.intersection(
                Polygons.of(Outline.from(-30, 500).to(500, 500).to(500, -500).to(-30, -500)));
        assertThat(hollow.getBoundary().distance(deeper.getCentroid())).isGreaterThan(half);
        assertThat(Polygons.of(knife.blade()).getBoundary().isWithinDistance(hollow.getBoundary(), half * 0.95))
                .isFalse();
    }

    @Test
    @DisplayName("a sheath ends at the guard; without one it takes the handle in as far as was asked")
    void the_mouth() {
        assertThat(SheathShape.of(Specifications.hiddenTang("sheath", "LEATHER"))
                        .orElseThrow()
                        .cut()
                        .mouth())
                .isZero();
        assertThat(SheathShape.of(Specifications.fullTang("sheath", "LEATHER", "handleInSheath", "2"))
                        .orElseThrow()
                        .cut()
                        .mouth())
                .isCloseTo(-50.8, within(1e-9));
    }

    @Test
    @DisplayName("[worked] a loop for a belt of 1-1/2 in, of 8 oz leather: 2 × (1.500 + .125 + .125 + .750) = 5.000 in")
    void the_loop() {
        List<Worked<Length>> strips = SheathShape.of(
                        Specifications.fullTang("sheath", "LEATHER", "sheathRetention", "STRAP", "leatherWeight", "8"))
                .orElseThrow()
                .lengths(Units.INCH_FAHRENHEIT);
        assertThat(strips.get(0).value()).isEqualTo(Length.ofInches("5"));
        assertThat(strips).hasSize(2);
    }

    @Test
    @DisplayName("a strap is longer than the handle it goes round, by bend, overlap and what is sewn")
    void the_strap() {
        Specification spec = Specifications.hiddenTang("sheath", "LEATHER", "sheathRetention", "STRAP");
        HandleForm.Cut cut = HandleForm.of(spec)
                .orElseThrow()
                .at(HandleForm.of(spec).orElseThrow().front() + 15)
                .orElseThrow();
        double around = Polygons.of(cut.border().outline(0)).getLength();
        double leather = spec.count(SpecificationField.LEATHER_WEIGHT) * 25.4 / 64;
        List<Worked<Length>> strips = SheathShape.of(spec).orElseThrow().lengths(MM);
        assertThat(strips.get(strips.size() - 1).value().millimetres())
                .isCloseTo(around + Math.PI * leather + 31.75 + 19.05, within(0.3));
    }

    @Test
    @DisplayName("eyelets stand apart as was asked, clear of the edge by half their flange and more")
    void eyelets() {
        Specification spec = Specifications.fullTang("sheath", "FORMED", "eyelet", "1/4", "eyeletPitch", "1");
        SheathPlan plan = SheathShape.of(spec).orElseThrow();
        List<Point> holes = plan.seamHoles();
        assertThat(holes.size()).isBetween(5, 12);
        Geometry edge = Polygons.of(plan.cut().panel()).getBoundary();
        assertThat(holes).allMatch(hole -> edge.distance(PLANE.createPoint(at(hole))) > 0.75 * 6.35);
        assertThat(plan.parts(MM)).extracting(SheathPart::name).doesNotContain("Welt");
    }

    @Test
    @DisplayName("the drain opens at the point, clear of every stitch")
    void the_drain() {
        SheathPlan plan =
                SheathShape.of(Specifications.fullTang("sheath", "LEATHER")).orElseThrow();
        Point drain = plan.drainAt().orElseThrow();
        Geometry hole = PLANE.createPoint(at(drain)).buffer(25.4 / 16);
        assertThat(plan.seamHoles())
                .allMatch(stitch -> hole.distance(round(stitch, plan.joint().hole())) > 1);
        assertThat(SheathShape.of(Specifications.fullTang("sheath", "LEATHER", "drain", "NONE"))
                        .orElseThrow()
                        .drainAt())
                .isEmpty();
    }

    private static Geometry round(Point hole, Length diameter) {
        return PLANE.createPoint(at(hole)).buffer(diameter.half().millimetres());
    }

    private static Coordinate at(Point point) {
        return new Coordinate(point.x(), point.y());
    }
}
