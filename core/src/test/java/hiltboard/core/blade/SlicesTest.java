package hiltboard.core.blade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.BladeSection.Slice;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The blade looked at place by place is the same blade as by its volume and its lines. */
class SlicesTest {

    static Stream<BladeSection> blades() {
        return Stream.of(
                blade("notches", "NONE"),
                blade("grind", "HOLLOW", "bevelHeight", "3/4", "notches", "NONE"),
                blade("distalTaper", "TAPERED", "notches", "NONE"),
                blade("profile", "CLIP", "swedge", "1-1/2", "notches", "NONE"),
                blade("grind", "PARTIAL_FLAT", "bevelHeight", "1/2", "notches", "NONE"),
                blade("bladeLength", "10", "heelWidth", "2", "edgeThickness", ".010", "notches", "NONE"));
    }

    private static BladeSection blade(String... changes) {
        return KnifeShape.blade(Specifications.fullTang(changes)).orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("blades")
    void thickness_summed_over_the_blade_is_its_volume(BladeSection blade) {
        DoubleFunction<Optional<Slice>> slices = blade.slices();
        double step = 0.25;
        double volume = 0;
        for (double x = step / 2; x < blade.profile().length().millimetres(); x += step) {
            Slice slice = slices.apply(x).orElseThrow();
            for (double y = slice.low() + step / 2; y < slice.high(); y += step) {
                volume += slice.thickness().applyAsDouble(y) * step * step;
            }
        }
        assertThat(volume)
                .isCloseTo(blade.volume().amount(), within(blade.volume().amount() * 0.01));
    }

    @ParameterizedTest
    @MethodSource("blades")
    void it_is_the_edge_at_the_edge_the_stock_at_the_spine_and_nowhere_thicker(BladeSection blade) {
        double behind = blade.profile().heel().ricasso().millimetres() + 30;
        Slice slice = blade.slices().apply(behind).orElseThrow();
        assertThat(slice.thickness().applyAsDouble(slice.low()))
                .isCloseTo(blade.edge().millimetres(), within(0.01));
        assertThat(slice.thickness().applyAsDouble(slice.high() - 0.01))
                .isLessThanOrEqualTo(blade.stock().millimetres() + 1e-9);
        double before = 0;
        for (double y = slice.low(); y < slice.low() + blade.bevelHeight().millimetres() / 2; y += 0.2) {
            double here = slice.thickness().applyAsDouble(y);
            assertThat(here)
                    .isGreaterThanOrEqualTo(before)
                    .isLessThanOrEqualTo(blade.stock().millimetres() + 1e-9);
            before = here;
        }
    }

    @Test
    @DisplayName(
            "behind the heel and beyond the point there is no blade; the ricasso is as thick as the stock and as wide as it was said")
    void where_the_blade_ends() {
        BladeSection blade = blade("ricasso", "1/2", "notches", "NONE");
        assertThat(blade.slices().apply(-0.1)).isEmpty();
        assertThat(blade.slices().apply(blade.profile().length().millimetres() + 0.1))
                .isEmpty();
        Slice ricasso = blade.slices().apply(3).orElseThrow();
        assertThat(ricasso.thickness().applyAsDouble((ricasso.low() + ricasso.high()) / 2))
                .isCloseTo(blade.stock().millimetres(), within(1e-9));
        assertThat(ricasso.high() - ricasso.low())
                .isCloseTo(blade.profile().heel().ricassoWidth().millimetres(), within(1e-9));
    }
}
