package hiltboard.core.fire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class MetallurgyTest {
    private static final Units UNITS = Units.MILLIMETRE_CELSIUS;

    static Stream<Steel> steels() {
        return Steel.known().stream();
    }

    private static Steel steel(String name) {
        return Steel.named(name).orElseThrow();
    }

    private static Hardness hrc(double hrc) {
        return new Hardness(BigDecimal.valueOf(hrc));
    }

    private static <Q extends hiltboard.core.measure.Quantity> Estimate.Known<Q> known(Estimate<Q> estimate) {
        return (Estimate.Known<Q>) estimate;
    }

    @ParameterizedTest(name = "[table, from memory] ASTM E140 table 1: {0} HRC is {1} HV")
    @CsvSource({"68, 940", "65, 832", "64, 800", "62, 746", "60, 697", "58, 653", "55, 595", "50, 513", "40, 392"})
    void rockwell_to_vickers(double rockwell, double vickers) {
        assertThat(HardnessScale.HRC.to(HardnessScale.HV, rockwell)).isEqualTo(vickers);
        assertThat(HardnessScale.HV.to(HardnessScale.HRC, vickers)).isEqualTo(rockwell);
    }

    @ParameterizedTest(name = "every number between the rows of {0} comes back")
    @EnumSource(HardnessScale.class)
    void conversions_round_trip_and_rise(HardnessScale scale) {
        double before = -1;
        for (double hrc = 20; hrc <= (scale == HardnessScale.HBW ? 65 : 68); hrc += 0.1) {
            double there = HardnessScale.HRC.to(scale, hrc);
            assertThat(there).as(hrc + " HRC").isGreaterThan(before);
            assertThat(scale.to(HardnessScale.HRC, there)).isCloseTo(hrc, within(1e-9));
            before = there;
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {19.9, 68.1, Double.NaN, Double.POSITIVE_INFINITY, -5})
    void outside_the_table_nothing_is_converted(double hrc) {
        assertThatThrownBy(() -> HardnessScale.HRC.to(HardnessScale.HV, hrc)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void brinell_ends_at_65_rockwell() {
        assertThatThrownBy(() -> HardnessScale.HRC.to(HardnessScale.HBW, 66))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("20 to 65 HRC");
    }

    @Test
    @DisplayName("[worked] Hollomon and Jaffe 1945: 205 °C for 2 h is (205 + 273.15) × (20 + log 2) = 9707; 1 h "
            + "needs 9707 ÷ 20 − 273.15 = 212.2 °C for as much")
    void tempering_parameter() {
        TemperingParameter two = TemperingParameter.of(Temperature.ofCelsius(205), Duration.ofHours(2));
        assertThat(two.value()).isCloseTo(478.15 * 20.30103, within(0.01));
        Temperature one = two.temperatureIn(Duration.ofHours(1));
        assertThat(one.celsius())
                .isCloseTo(478.15 * 20.30103 / 20 - 273.15, within(1e-6))
                .isGreaterThan(205);
        assertThat(two.timeAt(one)).isCloseTo(Duration.ofHours(1), Duration.ofMillis(5));
        assertThat(two.timeAt(Temperature.ofCelsius(205))).isCloseTo(Duration.ofHours(2), Duration.ofMillis(5));
    }

    @Test
    void a_temper_of_no_time_or_of_months_is_refused() {
        Temperature heat = Temperature.ofCelsius(205);
        assertThatThrownBy(() -> TemperingParameter.of(heat, Duration.ofSeconds(30)))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("1 min to 1000 h");
        assertThatThrownBy(() -> TemperingParameter.of(heat, Duration.ofDays(60)))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(
                        () -> TemperingParameter.of(heat, Duration.ofHours(2)).timeAt(Temperature.ofCelsius(20)))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] Andrews 1965 for 5160, middle of SAE J404: Ac1 = 723 − 10.7 × 0.875 + 29.1 × 0.25 + 16.9 "
            + "× 0.8 = 734 °C; Ms = 539 − 423 × 0.6 − 30.4 × 0.875 − 12.1 × 0.8 = 249 °C")
    void critical_temperatures_of_5160() {
        CriticalTemperatures critical =
                new CriticalTemperatures(steel("5160").grade().composition(), UNITS);
        assertThat(known(critical.ac1()).value().celsius()).isCloseTo(734.4, within(0.1));
        assertThat(known(critical.ms()).value().celsius()).isCloseTo(248.9, within(0.1));
        assertThat(known(critical.ac1()).working().get(0))
                .contains("10.7 × 0.875 Mn")
                .endsWith("≈ 734 °C");
    }

    @Test
    void the_equations_are_not_stretched_to_steels_that_they_were_not_made_from() {
        CriticalTemperatures stainless =
                new CriticalTemperatures(steel("440C").grade().composition(), UNITS);
        assertThat(stainless.ac1())
                .isInstanceOfSatisfying(
                        Estimate.Outside.class,
                        outside -> assertThat(outside.why()).contains("Cr 17 %").startsWith("Outside what is known"));
        CriticalTemperatures w2 = new CriticalTemperatures(steel("W2").grade().composition(), UNITS);
        assertThat(w2.ms())
                .isInstanceOfSatisfying(
                        Estimate.Outside.class,
                        outside -> assertThat(outside.why()).contains("carbon 1 %"));
        assertThat(w2.ac1()).isInstanceOf(Estimate.Known.class);
    }

    @Test
    @DisplayName(
            "[worked] Just 1969: 60 √0.6 + 20 = 66.5 HRC; above 0.6 % carbon, and for high alloys, nothing is said")
    void hardness_of_martensite() {
        assertThat(known(MartensiteHardness.of(steel("5160").grade().composition()))
                        .value()
                        .hrc())
                .isEqualByComparingTo("66.5");
        assertThat(60 * Math.sqrt(0.6) + 20).isCloseTo(66.5, within(0.05));
        assertThat(MartensiteHardness.of(steel("X46Cr13").grade().composition()))
                .as("13 % chromium, where Andrews is refused too")
                .isInstanceOfSatisfying(
                        Estimate.Outside.class,
                        outside -> assertThat(outside.why()).contains("Cr"));
        assertThat(MartensiteHardness.of(steel("1095").grade().composition())).isInstanceOf(Estimate.Outside.class);
    }

    @ParameterizedTest(name = "common practice: {0}")
    @MethodSource("steels")
    void every_grade_is_hardened_above_its_critical_temperature_and_tempered_below_it(Steel steel) {
        if (new CriticalTemperatures(steel.grade().composition(), UNITS).ac1()
                instanceof Estimate.Known<Temperature> ac1) {
            assertThat(steel.hardening().celsius()).isGreaterThan(ac1.low().celsius());
            assertThat(steel.curve().range().high().celsius())
                    .isLessThan(ac1.low().celsius());
        }
        assertThat(steel.asQuenchedHrc())
                .isGreaterThan(steel.curve().points().get(0).hrc());
        assertThat(steel.grade().normalising().isEmpty())
                .as("what hardens in air is not normalised")
                .isEqualTo(steel.isAirHardening());
        for (int i = 1; i < steel.grade().normalising().size(); i++) {
            assertThat(steel.grade().normalising().get(i).celsius())
                    .as("each heat cooler")
                    .isLessThan(steel.grade().normalising().get(i - 1).celsius());
        }
        assertThat(steel.grade().forging().orElseThrow().low().celsius())
                .isLessThan(steel.grade().forging().orElseThrow().high().celsius());
    }

    @ParameterizedTest(name = "{0}: hotter is never harder by more than the band, and the inverse comes back")
    @MethodSource("steels")
    void tempering_and_its_inverse(Steel steel) {
        Tempering tempering = new Tempering(steel, UNITS);
        double before = 70;
        for (double celsius = 150; celsius <= 420; celsius += 10) {
            Estimate.Known<Hardness> after =
                    known(tempering.hardnessAfter(Temperature.ofCelsius(celsius), Duration.ofHours(2), 2));
            assertThat(after.value().magnitude()).isLessThanOrEqualTo(before + 1e-9);
            assertThat(after.high().magnitude() - after.low().magnitude())
                    .isCloseTo(2 * steel.curve().bandHrc(), within(0.11));
            before = after.value().magnitude();
        }
        Estimate.Known<Temperature> back =
                known(tempering.temperatureFor(hrc(steel.temperedHrc()), Duration.ofHours(2), 2));
        assertThat(known(tempering.hardnessAfter(back.value(), Duration.ofHours(2), 2))
                        .value()
                        .magnitude())
                .isCloseTo(steel.temperedHrc(), within(0.05));
        assertThat(back.low().celsius()).isLessThanOrEqualTo(back.value().celsius());
        assertThat(back.high().celsius()).isGreaterThanOrEqualTo(back.value().celsius());
    }

    @Test
    void a_shorter_temper_leaves_it_harder_and_one_long_is_as_two_short() {
        Tempering tempering = new Tempering(steel("1084"), UNITS);
        Temperature heat = Temperature.ofFahrenheit(450);
        double two = known(tempering.hardnessAfter(heat, Duration.ofHours(2), 2))
                .value()
                .magnitude();
        assertThat(known(tempering.hardnessAfter(heat, Duration.ofHours(1), 1))
                        .value()
                        .magnitude())
                .isGreaterThan(two);
        assertThat(known(tempering.hardnessAfter(heat, Duration.ofHours(4), 1))
                        .value()
                        .magnitude())
                .isEqualTo(two);
    }

    @Test
    void outside_the_curve_it_says_so_instead_of_guessing() {
        Tempering tempering = new Tempering(steel("1084"), Units.INCH_FAHRENHEIT);
        assertThat(tempering.hardnessAfter(Temperature.ofFahrenheit(1100), Duration.ofHours(2), 2))
                .isInstanceOfSatisfying(
                        Estimate.Outside.class,
                        outside -> assertThat(outside.why())
                                .startsWith("Outside what is known")
                                .contains("300 °F to 800 °F"));
        assertThat(tempering.temperatureFor(hrc(67), Duration.ofHours(2), 2)).isInstanceOf(Estimate.Outside.class);
    }

    @Test
    void a_curve_has_two_points_that_rise_and_a_band() {
        var low = new TemperingCurve.Point(Temperature.ofCelsius(150), 64);
        var high = new TemperingCurve.Point(Temperature.ofCelsius(200), 60);
        assertThat(new TemperingCurve(java.util.List.of(low, high), 1).at(Temperature.ofCelsius(175)))
                .contains(62.0);
        assertThatThrownBy(() -> new TemperingCurve(java.util.List.of(high, low), 1))
                .hasMessageContaining("rise");
        assertThatThrownBy(() -> new TemperingCurve(java.util.List.of(low), 1)).hasMessageContaining("two points");
        assertThatThrownBy(() -> new TemperingCurve.Point(Temperature.ofCelsius(150), Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest(name = "[table, from memory] temper colour at {0} °F: {1}")
    @CsvSource({
        "430, palest yellow",
        "450, pale straw",
        "460, straw",
        "490, yellow-brown",
        "520, brown-purple",
        "540, purple",
        "560, blue",
        "1375, cherry",
        "1500, bright cherry"
    })
    void colours(int fahrenheit, String words) {
        assertThat(HeatColour.at(Temperature.ofFahrenheit(fahrenheit))
                        .orElseThrow()
                        .words())
                .isEqualTo(words);
    }

    @Test
    void cold_steel_has_no_colour_and_between_blue_and_the_first_glow_none_is_named() {
        assertThat(HeatColour.at(Temperature.ofFahrenheit(400))).isEmpty();
        assertThat(HeatColour.at(Temperature.ofFahrenheit(800))).isEmpty();
        assertThat(HeatColour.TIME_SHIFTS).contains("400 °F");
    }

    @ParameterizedTest(name = "[table, from memory] {0}: {1} {2}–{3} %")
    @CsvSource({
        "1075, C, .70, .80",
        "1075, MN, .40, .70",
        "1084, C, .80, .93",
        "1084, MN, .60, .90",
        "1095, C, .90, 1.03",
        "1095, MN, .30, .50",
        "5160, C, .56, .64",
        "5160, CR, .70, .90",
        "52100, C, .98, 1.10",
        "52100, CR, 1.30, 1.60",
        "W2, V, .15, .35",
        "O1, MN, 1.00, 1.40",
        "D2, CR, 11, 13",
        "440C, CR, 16, 18"
    })
    void compositions(String grade, hiltboard.core.material.Element element, double least, double most) {
        var share = steel(grade).grade().composition().shares().get(element);
        assertThat(share.least()).isEqualTo(least);
        assertThat(share.most()).isEqualTo(most);
    }

    @Test
    void every_value_of_every_grade_names_its_source_and_says_whether_it_is_recalled() {
        assertThat(Steel.known())
                .allSatisfy(steel -> assertThat(hiltboard.core.material.Datum.values())
                        .allSatisfy(
                                datum -> assertThat(steel.grade().source(datum).inFull())
                                        .isNotBlank()
                                        .contains("from memory")));
        assertThat(steel("1084")
                        .grade()
                        .source(hiltboard.core.material.Datum.COMPOSITION)
                        .words())
                .isEqualTo("SAE J403");
    }
}
