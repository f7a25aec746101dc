package hiltboard.core.grind;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.EdgeTooth;
import hiltboard.core.design.SharpenedWith;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SharpeningPlanTest {

    private static SharpeningPlan plan(SharpenedWith method, EdgeTooth tooth, String edge, boolean hasChoil) {
        return new SharpeningPlan(method, tooth, new Angle(20), Length.ofInches(edge), hasChoil, false);
    }

    @ParameterizedTest
    @EnumSource(SharpenedWith.class)
    void grits_never_skip_whatever_edge_is_wanted_and_a_finer_tooth_ends_finer(SharpenedWith method) {
        for (String edge : List.of("0", "0.008", "0.015", "0.040")) {
            double before = Double.MAX_VALUE;
            for (EdgeTooth tooth : List.of(EdgeTooth.COARSE, EdgeTooth.MEDIUM, EdgeTooth.FINE)) {
                List<Grit> grits = plan(method, tooth, edge, false).grits().grits();
                for (int i = 1; i < grits.size(); i++) {
                    assertThat(GritLadder.isAStep(grits.get(i - 1), grits.get(i)))
                            .isTrue();
                }
                double last = grits.get(grits.size() - 1).micrometres();
                assertThat(last).isLessThan(before);
                before = last;
            }
        }
    }

    @Test
    @DisplayName("[trade] a wheel or belt gums a plunge without a choil; rods and an edge that ends free do not care")
    void at_the_plunge() {
        assertThat(plan(SharpenedWith.WHEEL, EdgeTooth.FINE, "0.010", false).atThePlunge())
                .hasValueSatisfying(words -> assertThat(words).contains("wheel", "gums the plunge"));
        assertThat(plan(SharpenedWith.BELTS, EdgeTooth.FINE, "0.010", false).atThePlunge())
                .isPresent();
        assertThat(plan(SharpenedWith.GUIDED_RODS, EdgeTooth.FINE, "0.010", false)
                        .atThePlunge())
                .isEmpty();
        Stream.of(SharpenedWith.values())
                .forEach(method -> assertThat(
                                plan(method, EdgeTooth.FINE, "0.010", true).atThePlunge())
                        .isEmpty());
    }

    @Test
    @DisplayName("[worked] 0.020 in at 20° a side shows 0.0292 in of bevel; ground to nothing it shows none")
    void bevel_width() {
        assertThat(plan(SharpenedWith.STONES, EdgeTooth.MEDIUM, "0.020", true)
                        .bevelWidth(INCH_FAHRENHEIT)
                        .orElseThrow()
                        .value()
                        .inches())
                .isCloseTo(0.0292, within(0.00005));
        assertThat(plan(SharpenedWith.STONES, EdgeTooth.MEDIUM, "0", true).bevelWidth(INCH_FAHRENHEIT))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] marker, burr along the whole edge, the other side, finer, burr off and strop, in this order")
    void order() {
        List<String> steps =
                plan(SharpenedWith.STONES, EdgeTooth.FINE, "0.015", true).steps();
        assertThat(steps.get(0)).startsWith("Marker");
        assertThat(steps.get(1)).contains("burr is felt along the whole edge");
        assertThat(steps.get(2)).startsWith("Other side");
        assertThat(steps.get(steps.size() - 1)).contains("strop");
        assertThat(Stream.of(EdgeTrial.values()).map(EdgeTrial::advice)).doesNotHaveDuplicates();
    }
}
