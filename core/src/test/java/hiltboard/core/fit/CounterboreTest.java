package hiltboard.core.fit;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class CounterboreTest {

    @Test
    @DisplayName("[trade] the shoulder lies deeper than the deepest hollow of the finished handle")
    void deeper_than_the_hollow() {
        for (int thou = 10; thou < 300; thou += 7) {
            Length hollow = Length.ofInches("0.001").times(thou);
            assertThat(new Counterbore(inches("0.375"), hollow)
                            .depth(INCH_FAHRENHEIT)
                            .value())
                    .isGreaterThan(hollow);
        }
    }

    @Test
    @DisplayName("[worked] 3/8 in scale, hollow 1/16 in: shoulder 0.0925 deep, 0.2825 left under the head")
    void worked() {
        Counterbore bore = new Counterbore(inches("0.375"), inches("0.0625"));
        assertThat(bore.depth(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.0925"));
        assertThat(bore.left(inches("0.0925"), INCH_FAHRENHEIT).value()).isEqualTo(inches("0.2825"));
    }

    @Test
    void a_thin_scale_under_a_head_carries_a_caution_and_none_is_less_than_nothing() {
        Counterbore bore = new Counterbore(inches("0.125"), inches("0.060"));
        assertThat(bore.left(inches("0.090"), INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("pulls through");
        assertThat(bore.left(inches("0.500"), INCH_FAHRENHEIT).value()).isEqualTo(Length.ZERO);
        assertThatThrownBy(() -> new Counterbore(inches("0.125"), inches("0.125")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("deepest hollow");
    }

    @Test
    @DisplayName(
            "[trade] a tenon is driven: a little over the eye; a tapered haft swells past it; the kerf is two thirds of the eye")
    void haft_tops() {
        Length eye = inches("0.625");
        Length driven = new HaftTop(eye, true).size(INCH_FAHRENHEIT).value();
        Length slid = new HaftTop(eye, false).size(INCH_FAHRENHEIT).value();
        assertThat(driven).isGreaterThan(eye).isLessThan(slid);
        assertThat(HaftTop.kerf(inches("1.800"), INCH_FAHRENHEIT).value()).isEqualTo(inches("1.200"));
        assertThatThrownBy(() -> new HaftTop(Length.ZERO, true)).isInstanceOf(ImpossibleQuantity.class);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
