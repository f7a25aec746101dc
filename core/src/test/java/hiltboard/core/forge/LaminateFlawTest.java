package hiltboard.core.forge;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LaminateFlawTest {

    @ParameterizedTest(name = "[worked] {0} in deep in {1} in: {2} in left, ground out on both sides alike")
    @CsvSource({"0.012, 0.312, 0.288", "0.010, 0.200, 0.180", "0.050, 0.100, 0.000", "0.060, 0.100, 0.000"})
    void ground_out(String depth, String thickness, String left) {
        assertThat(new LaminateFlaw(inches(depth), inches(thickness), inches("0.100"))
                        .leftGroundOut(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches(left));
    }

    @Test
    @DisplayName("[trade] a clad blade at 5/16 in has room for a shallow flaw; near its finished thickness it has none")
    void room_early_and_none_late() {
        assertThat(new LaminateFlaw(inches("0.020"), inches("0.3125"), inches("0.170"))
                        .leftGroundOut(INCH_FAHRENHEIT)
                        .cautions())
                .isEmpty();
        assertThat(new LaminateFlaw(inches("0.020"), inches("0.180"), inches("0.170"))
                        .leftGroundOut(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("warps in the quench");
    }

    @Test
    @DisplayName("[trade] left alone it is ground away later, or stays inside and the quench opens it")
    void left_alone() {
        LaminateFlaw shallow = new LaminateFlaw(inches("0.010"), inches("0.200"), inches("0.170"));
        assertThat(shallow.staysInside(INCH_FAHRENHEIT).value()).isEqualTo(Length.ZERO);
        assertThat(shallow.staysInside(INCH_FAHRENHEIT).cautions()).isEmpty();
        LaminateFlaw deep = new LaminateFlaw(inches("0.030"), inches("0.200"), inches("0.170"));
        assertThat(deep.staysInside(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.015"));
        assertThat(deep.staysInside(INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("quench opens it");
    }

    @Test
    void a_flaw_lies_inside_the_blade() {
        assertThatThrownBy(() -> new LaminateFlaw(inches("0.200"), inches("0.200"), inches("0.170")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("depth of the flaw");
        assertThatThrownBy(() -> new LaminateFlaw(Length.ZERO, inches("0.200"), inches("0.170")))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
