package hiltboard.core.measure;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.Duration;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class QuantityTest {

    @Test
    @DisplayName("NIST SP 811: 1 in is 25.4 mm; fine sizes keep the fourth place, coarse ones drop their zeros")
    void lengths_are_said_in_either_unit() {
        Length threeSixteenths = Length.ofInchFraction(3, 16);
        assertThat(threeSixteenths.in(INCH_FAHRENHEIT)).isEqualTo("0.1875 in");
        assertThat(threeSixteenths.in(MILLIMETRE_CELSIUS)).isEqualTo("4.763 mm");
        assertThat(Length.ofInches("14").brieflyIn(INCH_FAHRENHEIT)).isEqualTo("14 in");
        assertThat(Length.ofMillimetres("25.4")).isEqualTo(Length.ofInches("1"));
        assertThat(Length.ofInches("0.02").brieflyIn(INCH_FAHRENHEIT)).isEqualTo("0.020 in");
        assertThat(Length.ofInches("100").brieflyIn(INCH_FAHRENHEIT)).isEqualTo("100 in");
    }

    @Test
    @DisplayName("NIST SP 811: 212 °F is 100 °C, −40 is the same in both")
    void temperatures_convert() {
        assertThat(Temperature.ofFahrenheit(212).celsius()).isEqualTo(100);
        assertThat(Temperature.ofCelsius(-40).fahrenheit()).isEqualTo(-40);
        assertThat(Temperature.ofFahrenheit(1475).in(INCH_FAHRENHEIT)).isEqualTo("1475 °F");
        assertThat(Temperature.ofFahrenheit(1475).in(MILLIMETRE_CELSIUS)).isEqualTo("802 °C");
    }

    @Test
    void impossible_quantities_name_the_value_and_what_is_accepted() {
        assertThatThrownBy(() -> Length.ofMillimetres(Double.NaN)).isInstanceOf(ImpossibleQuantity.class).hasMessageContaining("NaN");
        assertThatThrownBy(() -> Length.ofMillimetres(Double.POSITIVE_INFINITY)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> Length.ofMillimetres("1e30")).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Temperature(Double.NaN)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> Temperature.ofCelsius(-274)).hasMessageContaining("−273.15");
        assertThatThrownBy(() -> new Hardness(new BigDecimal("71"))).hasMessageContaining("20 to 70");
        assertThatThrownBy(() -> new Angle(Double.NaN)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Span(Duration.ofMinutes(-1))).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void quantities_within_a_tolerance_include_its_limit() {
        Length slot = Length.ofInches("0.170");
        assertThat(slot.isWithin(Length.ofInches("0.002"), Length.ofInches("0.172"))).isTrue();
        assertThat(slot.isWithin(Length.ofInches("0.002"), Length.ofInches("0.1721"))).isFalse();
    }

    @Test
    void spans_are_said_as_people_say_them() {
        assertThat(Span.words(Duration.ofSeconds(45))).isEqualTo("45 s");
        assertThat(Span.words(Duration.ofMinutes(120))).isEqualTo("2 h");
        assertThat(Span.words(Duration.ofMinutes(210))).isEqualTo("3 h 30 min");
    }

    @Test
    @DisplayName("[table] 1 oz avoirdupois = 28.349523125 g (NIST SP 811, appendix B.8); grams are whole from 20 g upwards")
    void masses() {
        assertThat(new Mass(28_349_523).in(Units.INCH_FAHRENHEIT)).startsWith("1000.0 oz");
        assertThat(Mass.ofGrams(158.4).in(Units.INCH_FAHRENHEIT)).isEqualTo("5.6 oz (158 g)");
        assertThat(Mass.ofGrams(-6.66).in(Units.MILLIMETRE_CELSIUS)).isEqualTo("-6.7 g");
        assertThat(Mass.ofGrams(100).minus(Mass.ofGrams(40)).grams()).isEqualTo(60);
        assertThatThrownBy(() -> Mass.ofGrams(Double.NaN)).isInstanceOf(ImpossibleQuantity.class);
    }
}
