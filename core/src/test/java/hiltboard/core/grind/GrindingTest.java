package hiltboard.core.grind;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.BevelTiming;
import hiltboard.core.material.Quench;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GrindingTest {

    @ParameterizedTest(name = "[worked] half of {0} in is {1} in")
    @CsvSource({"0.156, 0.078", "0.163, 0.0815", "0.1875, 0.09375"})
    void the_centre_line_lies_at_half_the_measured_thickness(String thickness, String half) {
        assertThat(new CentreLine(inches(thickness)).height(INCH_FAHRENHEIT).value()).isEqualTo(inches(half));
    }

    @Test
    @DisplayName("[worked] 0.156 stock, 0.020 edge, 1.000 high: atan(0.068) = 3.89° a side")
    void bevel_angle() {
        assertThat(new Bevel(inches("0.156"), inches("0.020"), inches("1")).anglePerSide(INCH_FAHRENHEIT).value().degrees()).isCloseTo(3.89, within(0.005));
    }

    @Test
    void a_bevel_without_slope_has_no_angle_and_a_steeper_one_has_more() {
        assertThat(new Bevel(inches("0.1"), inches("0.1"), inches("1")).anglePerSide(INCH_FAHRENHEIT).value().degrees()).isZero();
        double before = 0;
        for (int thou = 20; thou < 250; thou++) {
            double angle = new Bevel(inches("0." + String.format("%03d", thou)), Length.ZERO, inches("1")).anglePerSide(INCH_FAHRENHEIT).value().degrees();
            assertThat(angle).isGreaterThan(before);
            before = angle;
        }
    }

    @Test
    @DisplayName("[worked] 8 in wheel, 1 in wide hollow: 4 − √(16 − 0.25) = 0.0314 in")
    void hollow_depth() {
        assertThat(new HollowDepth(inches("8"), inches("1")).depth(INCH_FAHRENHEIT).value().inches()).isCloseTo(0.0314, within(0.00005));
        assertThat(new HollowDepth(inches("8"), inches("8")).depth(INCH_FAHRENHEIT).value()).isEqualTo(inches("4"));
    }

    @Test
    @DisplayName("[trade] 0.020–0.025 in for oil, about 1 mm between plates, everything where bevels come after")
    void edge_left_for_the_quench() {
        Length stock = inches("0.156");
        assertThat(edge(stock, BevelTiming.ROUGH_THEN_FINISH, Quench.FAST_OIL)).isBetween(inches("0.020"), inches("0.025"));
        assertThat(edge(stock, BevelTiming.BEFORE_HARDENING, Quench.PLATES_AND_AIR)).isEqualTo(Length.ofMillimetres("1"));
        assertThat(edge(stock, BevelTiming.AFTER_HARDENING, Quench.FAST_OIL)).isEqualTo(stock);
        assertThat(edge(inches("0.020"), BevelTiming.ROUGH_THEN_FINISH, Quench.FAST_OIL)).isEqualTo(inches("0.020"));
    }

    @Test
    void impossible_blades_are_refused() {
        assertThatThrownBy(() -> new CentreLine(Length.ZERO)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Bevel(inches("0.1"), inches("0.2"), inches("1"))).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Bevel(inches("0.1"), inches("0.02"), Length.ZERO)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new HollowDepth(inches("2"), inches("3"))).isInstanceOf(ImpossibleQuantity.class);
    }

    private static Length edge(Length stock, BevelTiming bevels, Quench quench) {
        return new EdgeLeft(stock, bevels, quench).beforeHardening(INCH_FAHRENHEIT).value();
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
