package hiltboard.core.measure;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.Duration;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantityTest {

    @Test
    @DisplayName("[worked] NIST SP 811: a difference of 8 K is 14 °F, one of 8.33 K is 15 °F, and neither is 46")
    void differences_of_temperature_have_no_zero_point() {
        assertThat(TemperatureDifference.ofKelvin(8).in(Units.INCH_FAHRENHEIT)).isEqualTo("14 °F");
        assertThat(TemperatureDifference.ofKelvin(8).in(Units.MILLIMETRE_CELSIUS))
                .isEqualTo("8 °C");
        assertThat(TemperatureDifference.ofFahrenheit(15).in(Units.INCH_FAHRENHEIT))
                .isEqualTo("15 °F");
        assertThat(TemperatureDifference.between(Temperature.ofFahrenheit(1500), Temperature.ofFahrenheit(1486))
                        .in(Units.INCH_FAHRENHEIT))
                .isEqualTo("14 °F");
        assertThat(TemperatureDifference.ofKelvin(0).in(Units.INCH_FAHRENHEIT)).isEqualTo("0 °F");
        assertThatThrownBy(() -> new TemperatureDifference(Double.NaN)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName(
            "[worked] a line whose figures are shown rounded says ≈: 5/32 + 0.007 in is 0.16325, shown as 0.1563 + 0.007 ≈ 0.1633")
    void a_line_adds_up_or_says_that_it_is_rounded() {
        Length stock = Length.ofInchFraction(5, 32);
        Length more = Length.ofInches("0.007");
        Working rounded = new Working(Units.INCH_FAHRENHEIT);
        assertThat(rounded.of(stock) + " + " + rounded.of(more) + rounded.comesTo(stock.plus(more)))
                .isEqualTo("0.1563 in + 0.007 in ≈ 0.1633 in");
        Working exact = new Working(Units.INCH_FAHRENHEIT);
        assertThat(exact.of(Length.ofInches("0.163")) + " + " + exact.of(more)
                        + exact.comesTo(Length.ofInches("0.170")))
                .isEqualTo("0.163 in + 0.007 in = 0.170 in");
        assertThat(new Working(Units.INCH_FAHRENHEIT).comesTo(Length.ofInches("3.4063"), Length.ofInches("0.030")))
                .isEqualTo(" ≈ 3.41 in");
        assertThat(new Working(Units.INCH_FAHRENHEIT).comesToOrNothing(Length.ofInches("-0.010")))
                .isEqualTo(", less than nothing");
    }

    @Test
    @DisplayName("[worked] every line of “=” adds up as it is shown, over ten thousand sums in both units")
    void what_says_equals_adds_up_as_shown() {
        Random random = new Random(11);
        for (int i = 0; i < 10_000; i++) {
            Length a = random.nextBoolean()
                    ? Length.ofInchFraction(random.nextInt(200), 64)
                    : new Length(random.nextInt(40_000) * 2_540L);
            Length b = new Length(random.nextInt(2_000) * 1_270L);
            Units units = random.nextBoolean() ? Units.INCH_FAHRENHEIT : Units.MILLIMETRE_CELSIUS;
            Working line = new Working(units);
            String left = line.of(a) + line.of(b);
            if (line.comesTo(a.plus(b)).startsWith(" = ")) {
                assertThat(new BigDecimal(a.number(units)).add(new BigDecimal(b.number(units))))
                        .as(left)
                        .isEqualByComparingTo(new BigDecimal(a.plus(b).number(units)));
            }
        }
    }

    @Test
    @DisplayName(
            "[worked] what is shown to type reads back as the same size: every 64th and every tenth of a thousandth, for both readers")
    void an_entry_that_is_offered_reads_back_exactly() {
        assertThat(Length.ofInchFraction(5, 32).entryIn(Units.INCH_FAHRENHEIT)).isEqualTo("5/32 in");
        assertThat(Length.ofInchFraction(5, 32).entryIn(Units.MILLIMETRE_CELSIUS))
                .isEqualTo("3.96875 mm");
        assertThat(Length.ofInchFraction(37, 32).entryIn(Units.INCH_FAHRENHEIT)).isEqualTo("1-5/32 in");
        for (int i = 1; i < 2_000; i++) {
            for (Length size :
                    new Length[] {Length.ofInchFraction(i, 64), new Length(i * 2_540L), new Length(i * 1_234L)}) {
                for (Units units : new Units[] {Units.INCH_FAHRENHEIT, Units.MILLIMETRE_CELSIUS}) {
                    assertThat(ShopNotation.length(size.entryIn(units), units)).isEqualTo(new Understood.Value<>(size));
                }
            }
        }
    }

    @Test
    @DisplayName("[worked] a limit that is named can be met: 0.0555 in is named as 1.41 mm upwards, 1.409 downwards")
    void limits_are_rounded_to_the_side_that_is_taken() {
        Length limit = Length.ofInches("0.0555");
        assertThat(limit.upIn(Units.MILLIMETRE_CELSIUS)).isEqualTo("1.41 mm");
        assertThat(limit.downIn(Units.MILLIMETRE_CELSIUS)).isEqualTo("1.409 mm");
        assertThat(Length.ofInches("47.06941").upIn(Units.INCH_FAHRENHEIT, Length.ofInches("0.1")))
                .isEqualTo("47.1 in");
    }

    @Test
    @DisplayName(
            "[worked] who waits is told upwards, who must not miss it downwards: 106.7 min is 1 h 47 min, 1 h 47 min, 1 h 46 min")
    void times_are_rounded_to_the_safe_side() {
        Duration time = Duration.ofSeconds(6_402);
        assertThat(Span.words(time)).isEqualTo("1 h 47 min");
        assertThat(Span.wordsUp(time)).isEqualTo("1 h 47 min");
        assertThat(Span.wordsDown(time)).isEqualTo("1 h 46 min");
        assertThat(Span.wordsUp(Duration.ofMinutes(20))).isEqualTo("20 min");
        assertThat(Span.wordsUp(Duration.ofMillis(1_200))).isEqualTo("2 s");
        assertThat(Span.wordsDown(Duration.ofMillis(1_800))).isEqualTo("1 s");
    }

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
        assertThatThrownBy(() -> Length.ofMillimetres(Double.NaN))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("NaN");
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
        assertThat(slot.isWithin(Length.ofInches("0.002"), Length.ofInches("0.172")))
                .isTrue();
        assertThat(slot.isWithin(Length.ofInches("0.002"), Length.ofInches("0.1721")))
                .isFalse();
    }

    @Test
    void spans_are_said_as_people_say_them() {
        assertThat(Span.words(Duration.ofSeconds(45))).isEqualTo("45 s");
        assertThat(Span.words(Duration.ofMinutes(120))).isEqualTo("2 h");
        assertThat(Span.words(Duration.ofMinutes(210))).isEqualTo("3 h 30 min");
    }

    @Test
    @DisplayName(
            "[table] 1 oz avoirdupois = 28.349523125 g (NIST SP 811, appendix B.8); grams are whole from 20 g upwards")
    void masses() {
        assertThat(new Mass(28_349_523).in(Units.INCH_FAHRENHEIT)).startsWith("1000.0 oz");
        assertThat(Mass.ofGrams(158.4).in(Units.INCH_FAHRENHEIT)).isEqualTo("5.6 oz (158 g)");
        assertThat(Mass.ofGrams(-6.66).in(Units.MILLIMETRE_CELSIUS)).isEqualTo("-6.7 g");
        assertThat(Mass.ofGrams(100).minus(Mass.ofGrams(40)).grams()).isEqualTo(60);
        assertThatThrownBy(() -> Mass.ofGrams(Double.NaN)).isInstanceOf(ImpossibleQuantity.class);
    }

    @ParameterizedTest(name = "[worked] {0} of rest are {1}")
    @CsvSource({
        "PT15M, 15 min",
        "PT21H10M, 21 h 10 min",
        "PT47H, 47 h",
        "PT48H, 2 days",
        "PT64H, 2 days 16 h",
        "PT504H, 21 days",
        "PT63H10M, 2 days 16 h"
    })
    void a_long_rest_is_said_in_days_and_never_shorter_than_it_is(Duration rest, String words) {
        assertThat(Span.wordsOfRest(rest)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"9.45, 9-7/16 in", "4, 4 in", "0.25, 1/4 in", "0.98, 1 in", "0.02, 0.020 in", "10.515, 10-1/2 in"})
    void is_said_plainly_in_fractions_of_an_inch(String inches, String said) {
        assertThat(Length.ofInches(inches).plainlyIn(Units.INCH_FAHRENHEIT)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"101.6, 102 mm", "240, 240 mm", "0.3, 0.30 mm"})
    void is_said_plainly_in_whole_millimetres(String millimetres, String said) {
        assertThat(Length.ofMillimetres(millimetres).plainlyIn(Units.MILLIMETRE_CELSIUS))
                .isEqualTo(said);
    }
}
