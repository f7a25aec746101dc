package hiltboard.core.forge;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BarSectionTest {

    @ParameterizedTest(name = "[worked] {0} × {1} in with {2} in off its corners is {3} in²")
    @CsvSource({"1, 1, 0, 1", "1, 1, 0.125, 0.96875", "0.5, 1.5, 0, 0.75", "0.875, 0.875, 0.15625, 0.716797"})
    void areas_of_flat_bars(String thickness, String width, String corners, double squareInches) {
        assertThat(BarSection.flat(inch(thickness), inch(width))
                                .withCornersOff(inch(corners))
                                .area()
                        / 645.16)
                .isCloseTo(squareInches, within(1e-6));
    }

    @Test
    @DisplayName("[worked] a round of 1-1/4 in is 1.2272 in²")
    void area_of_a_round() {
        assertThat(BarSection.round(inch("1.25")).area() / 645.16).isCloseTo(1.2272, within(1e-4));
    }

    @Test
    void the_same_shape_with_another_area_keeps_its_proportions() {
        Random random = new Random(2);
        for (int i = 0; i < 200; i++) {
            BarSection flat = BarSection.flat(
                    Length.ofMillimetres(3 + random.nextInt(40)), Length.ofMillimetres(5 + random.nextInt(60)));
            BarSection section = i % 3 == 0
                    ? BarSection.round(flat.width())
                    : i % 3 == 1
                            ? flat
                            : flat.withCornersOff(
                                    flat.thickness()
                                                            .times(0.2)
                                                            .compareTo(
                                                                    flat.width().times(0.2))
                                                    < 0
                                            ? flat.thickness().times(0.2)
                                            : flat.width().times(0.2));
            double area = section.area() * (0.2 + random.nextDouble() * 3);
            BarSection other = section.withArea(area);
            assertThat(other.area()).isCloseTo(area, within(area * 1e-4));
            assertThat(other.isRound()).isEqualTo(section.isRound());
            assertThat(other.width().millimetres() / other.thickness().millimetres())
                    .isCloseTo(
                            section.width().millimetres() / section.thickness().millimetres(), within(1e-3));
        }
    }

    @Test
    void is_said_as_a_smith_says_it() {
        assertThat(BarSection.flat(inch("0.375"), inch("1.5")).words(INCH_FAHRENHEIT))
                .isEqualTo("0.375 in × 1.5 in");
        assertThat(BarSection.flat(inch("0.875"), inch("0.875"))
                        .withCornersOff(inch("0.125"))
                        .words(INCH_FAHRENHEIT))
                .endsWith(", corners off");
        assertThat(BarSection.round(Length.ofMillimetres("30")).words(MILLIMETRE_CELSIUS))
                .isEqualTo("⌀ 30 mm");
    }

    @Test
    void what_cannot_be_is_named() {
        assertThatThrownBy(() -> BarSection.flat(Length.ZERO, inch("1")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("section");
        assertThatThrownBy(() -> BarSection.flat(inch("1"), inch("1")).withCornersOff(inch("0.5")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("corners");
    }

    @ParameterizedTest
    @CsvSource({"1, 1, true", "1, 1.07, true", "1, 1.2, false", "0.5, 1.5, false"})
    void square_is_what_the_eye_takes_for_square(String thickness, String width, boolean isSquare) {
        assertThat(BarSection.flat(inch(thickness), inch(width)).isAboutSquare())
                .isEqualTo(isSquare);
    }

    private static Length inch(String inches) {
        return Length.ofInches(inches);
    }

    @Test
    @DisplayName("[trade] a bar that is twisted may be 7 in a hundred off square, not 9; a round is not square")
    void about_square() {
        assertThat(BarSection.flat(inch("1.07"), inch("1")).isAboutSquare()).isTrue();
        assertThat(BarSection.flat(inch("1"), inch("1.07")).isAboutSquare()).isTrue();
        assertThat(BarSection.flat(inch("1.09"), inch("1")).isAboutSquare()).isFalse();
        assertThat(BarSection.flat(inch("0.91"), inch("1")).isAboutSquare()).isFalse();
        assertThat(BarSection.round(inch("1")).isAboutSquare()).isFalse();
    }
}
