package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class KnifeShapeTest {

    @Test
    @DisplayName("[worked] the drawing is as long and as wide as specified, for every knife")
    void true_to_the_specification() {
        Random random = new Random(5);
        for (int i = 0; i < 1_000; i++) {
            Specification spec = Specifications.random(random);
            if (spec.isAxe()) {
                continue;
            }
            KnifeOutline outline = KnifeShape.outline(spec);
            assertThat(outline.bladeLength())
                    .as(spec.toString())
                    .isCloseTo(mm(spec, SpecificationField.BLADE_LENGTH), within(0.01));
            double lowest = outline.blade().points().stream()
                    .mapToDouble(Point::y)
                    .min()
                    .orElseThrow();
            double bellyStarts = mm(spec, SpecificationField.HEEL_WIDTH) + mm(spec, SpecificationField.BELLY_DEPTH);
            assertThat(-lowest).isGreaterThan(bellyStarts - 0.01);
            if (!spec.length(SpecificationField.BELLY_DEPTH).isPositive()) {
                assertThat(-lowest).isCloseTo(bellyStarts, within(0.01));
            }
            double handle = outline.overallLength() - outline.bladeLength();
            double expected = mm(spec, SpecificationField.HANDLE_LENGTH)
                    + (spec.isHiddenTang()
                            ? mm(spec, SpecificationField.GUARD_THICKNESS)
                            : spec.hasBlock() ? mm(spec, SpecificationField.BOLSTER_LENGTH) : 0);
            assertThat(handle).isCloseTo(expected, within(0.01));
        }
    }

    @Test
    @DisplayName("[worked] an axe is drawn with its haft's length, and its head reaches from poll to edge")
    void true_to_the_axe() {
        KnifeOutline axe = KnifeShape.outline(
                Specifications.of(Construction.HATCHET, "headLength", "5-1/2", "edgeLength", "3", "haftLength", "14"));
        List<Point> head = axe.blade().points();
        double high = head.stream().mapToDouble(Point::y).max().orElseThrow()
                - head.stream().mapToDouble(Point::y).min().orElseThrow();
        assertThat(high).isCloseTo(5.5 * 25.4, within(6.0));
        double butt = axe.handle().points().stream().mapToDouble(Point::x).min().orElseThrow();
        double top = axe.handle().points().stream().mapToDouble(Point::x).max().orElseThrow();
        assertThat(top - butt).isCloseTo(14 * 25.4, within(0.01));
    }

    @Test
    void the_bar_holds_everything_that_is_steel() {
        Random random = new Random(6);
        for (int i = 0; i < 500; i++) {
            KnifeOutline outline = KnifeShape.outline(Specifications.random(random));
            List<Point> bar = outline.bar().points();
            for (Outline steel : List.of(outline.blade(), outline.tang())) {
                assertThat(steel.points()).allSatisfy(point -> {
                    assertThat(point.x()).isBetween(bar.get(0).x(), bar.get(1).x());
                    assertThat(point.y()).isBetween(bar.get(2).y(), bar.get(0).y());
                });
            }
        }
    }

    @Test
    void pins_lie_inside_the_scales_and_only_a_hidden_tang_has_a_guard() {
        KnifeOutline full = KnifeShape.outline(Specifications.fullTang("pinCount", "3"));
        assertThat(full.holes(Use.PIN))
                .hasSize(3)
                .allSatisfy(pin -> assertThat(pin.centre().x()).isBetween(-114.3, 0.0));
        assertThat(full.guard().isEmpty()).isTrue();
        assertThat(KnifeShape.outline(Specifications.hiddenTang()).guard().points())
                .hasSize(4);
        assertThat(KnifeShape.outline(Specifications.hiddenTang("spacer", "NONE"))
                        .spacer()
                        .isEmpty())
                .isTrue();
    }

    private static double mm(Specification spec, SpecificationField field) {
        return spec.length(field).millimetres();
    }
}
