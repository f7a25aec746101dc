package hiltboard.core.forge;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CladBladeTest {

    /**
     * Forged 5/16 in: a core of 0.0725 in between two layers of 0.060 in a side; ground to 0.250 in, edge 0.020 in, 1
     * in of bevel.
     */
    private static CladBlade blade() {
        return new CladBlade(inch(".0725"), List.of(inch(".060"), inch(".060")), inch(".250"), inch(".020"), inch("1"));
    }

    @Test
    @DisplayName("[worked] the bevel rises 0.115 in: the first boundary, 0.03625 from the middle, comes out 0.2283 "
            + "in above the edge, the second at 0.75")
    void layers_surface_where_the_bevel_is_as_thick() {
        assertThat(blade().forged()).isEqualTo(Length.ofInches("0.3125"));
        assertThat(blade().surfacings(Length.ZERO))
                .extracting(CladBlade.Surfacing::height)
                .satisfiesExactly(
                        first -> assertThat(first.inches()).isCloseTo((0.03625 - 0.010) / 0.115, within(1e-4)),
                        second -> assertThat(second.inches()).isCloseTo((0.09625 - 0.010) / 0.115, within(1e-4)));
    }

    @Test
    @DisplayName("[worked] a core 0.010 in off the middle comes out 0.087 in higher on one side and lower on the other")
    void a_core_off_the_middle_comes_out_unequally() {
        double high = blade().surfacings(inch(".010")).get(0).height().inches();
        double low = blade().surfacings(inch("-.010")).get(0).height().inches();
        assertThat(high - low).isCloseTo(0.020 / 0.115, within(1e-3));
    }

    @Test
    @DisplayName(
            "[worked] the core leaves the edge at (0.0725 − 0.020) / 2; the outermost layer is lost at 0.120 × (1 − 0.03125 / 0.060)")
    void tolerance_by_hand() {
        CladBlade.Tolerance tolerance = blade().tolerance(INCH_FAHRENHEIT);
        assertThat(tolerance.core().inches()).isCloseTo(0.02625, within(1e-6));
        assertThat(tolerance.outermost().inches()).isCloseTo(0.0575, within(1e-4));
        assertThat(tolerance.least()).isEqualTo(tolerance.core());
        assertThat(tolerance.working()).hasSize(2);
    }

    @ParameterizedTest(name = "off by {0} of the tolerance the core is still in the edge: {1}")
    @CsvSource({"0.99, true", "1.01, false"})
    void beyond_the_tolerance_the_core_leaves_the_edge(double share, boolean isThere) {
        Length shift = blade().tolerance(INCH_FAHRENHEIT).core().times(share);
        double nearFace = blade().core().millimetres() / 2 - shift.millimetres();
        assertThat(nearFace >= blade().edge().millimetres() / 2).isEqualTo(isThere);
    }

    @Test
    void nothing_is_tolerated_where_the_outer_layer_is_ground_away_anyhow() {
        CladBlade thin =
                new CladBlade(inch(".1"), List.of(inch(".080"), inch(".010")), inch(".200"), inch(".020"), inch("1"));
        assertThat(thin.tolerance(INCH_FAHRENHEIT).least()).isEqualTo(Length.ZERO);
    }

    @Test
    void what_cannot_be_is_refused() {
        List<Length> layers = List.of(inch(".060"));
        assertThatThrownBy(() -> new CladBlade(inch(".1"), List.of(), inch(".1"), inch(".02"), inch("1")))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new CladBlade(inch(".1"), layers, inch(".3"), inch(".02"), inch("1")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("forged");
        assertThatThrownBy(() -> new CladBlade(inch(".1"), layers, inch(".2"), inch(".2"), inch("1")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("edge");
    }

    private static Length inch(String inches) {
        return Length.ofInches(inches);
    }
}
