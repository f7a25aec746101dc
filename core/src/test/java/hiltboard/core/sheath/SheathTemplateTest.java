package hiltboard.core.sheath;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SheathTemplateTest {

    @Test
    @DisplayName("[trade] leather: 1 oz is 1/64 in, so 8 oz is 1/8 in")
    void ounces() {
        assertThat(new SheathTemplate(inches("0.156"), 8).leather()).isEqualTo(inches("0.125"));
        assertThat(new SheathTemplate(inches("0.156"), 4).leather()).isEqualTo(inches("0.0625"));
    }

    @Test
    @DisplayName("[worked] half of 0.156 + welt 0.125 + 3/16 to the stitches = 0.3905 in all round")
    void margin() {
        assertThat(new SheathTemplate(inches("0.156"), 8)
                        .margin(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches("0.3905"));
        assertThat(new SheathTemplate(inches("0.156"), 8)
                        .margin(INCH_FAHRENHEIT)
                        .working())
                .singleElement()
                .asString()
                .contains("welt 0.125 in (8 oz)");
    }

    @Test
    void thicker_knives_and_heavier_leather_need_more() {
        Length thin =
                new SheathTemplate(inches("0.125"), 6).margin(INCH_FAHRENHEIT).value();
        assertThat(new SheathTemplate(inches("0.250"), 6)
                        .margin(INCH_FAHRENHEIT)
                        .value())
                .isGreaterThan(thin);
        assertThat(new SheathTemplate(inches("0.125"), 10)
                        .margin(INCH_FAHRENHEIT)
                        .value())
                .isGreaterThan(thin);
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 0, 1, 17, 1000})
    void no_leather_of_that_weight(int ounces) {
        assertThatThrownBy(() -> new SheathTemplate(inches("0.156"), ounces))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("leather");
    }

    @Test
    void nothing_to_sheathe() {
        assertThatThrownBy(() -> new SheathTemplate(Length.ZERO, 8))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("thickness");
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 16})
    void the_thinnest_and_the_thickest_leather_are_sewn(int ounces) {
        assertThat(new SheathTemplate(inches("0.156"), ounces).leather()).isEqualTo(Length.ofInchFraction(ounces, 64));
    }
}
