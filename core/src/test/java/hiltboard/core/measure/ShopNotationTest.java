package hiltboard.core.measure;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShopNotationTest {

    @ParameterizedTest(name = "[worked] {0} is {1} nm in an inch shop")
    @CsvSource({
        "3/16, 4762500",
        ".163, 4140200",
        "163 thou, 4140200",
        "4.2 mm, 4200000",
        "1-1/2 in, 38100000",
        "1 1/2\", 38100000",
        "#28, 3568700",
        "F, 6527800",
        "no. 28, 3568700",
        "letter F, 6527800",
        "0.690 in, 17526000",
        "1½, 38100000",
        "2 cm, 20000000",
        "250 µm, 250000",
        "'4,2 mm', 4200000",
        "14, 355600000",
        "187.5 thou, 4762500",
        "4.7625mm, 4762500",
        "0.005 mm, 5000",
        ".1875, 4762500",
        "⅜, 9525000",
        "1⅝, 41275000",
        "⅞ in, 22225000",
        "20 thousandths, 508000",
        "letter M, 7493000",
        "6.1 mm drill, 6100000",
        "0.0625, 1587500"
    })
    void reads_lengths_as_makers_write_them(String entry, long nanometres) {
        assertThat(length(entry, INCH_FAHRENHEIT)).isEqualTo(new Length(nanometres));
    }

    @ParameterizedTest(
            name = "[trade] {0} is {1} nm in a millimetre shop: fractions and a leading point are inches everywhere")
    @CsvSource({
        "4.2, 4200000",
        "0.5, 500000",
        ".163, 4140200",
        "3/16, 4762500",
        "1-1/2, 38100000",
        "120, 120000000",
        "1 in, 25400000"
    })
    void a_bare_number_is_in_the_readers_unit(String entry, long nanometres) {
        assertThat(length(entry, MILLIMETRE_CELSIUS)).isEqualTo(new Length(nanometres));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "x1",
                "3/0",
                "1.2.3",
                "#81",
                "#0",
                "4.2 furlongs",
                "--3",
                "-1",
                "1/",
                "/2",
                ".",
                "mm",
                "NaN",
                "Infinity",
                "1e3",
                "99999999999999999999999999999999999999999999",
                "3/16/2",
                "é",
                "' or 1=1",
                "#",
                "AA"
            })
    void refuses_what_nobody_can_mean_and_says_what_it_takes(String entry) {
        assertThat(ShopNotation.length(entry, INCH_FAHRENHEIT))
                .isInstanceOfSatisfying(
                        Understood.Refused.class,
                        refused -> assertThat(refused.accepted()).contains("3/16", "4.2 mm", "#28"));
    }

    @Test
    @DisplayName("[worked] 0.690 in typed is 0.690 in shown, and so is every thousandth and every 64th")
    void says_back_exactly_what_was_typed() {
        assertThat(length("0.690 in", INCH_FAHRENHEIT).in(INCH_FAHRENHEIT)).isEqualTo("0.690 in");
        for (int thou = 1; thou < 12_000; thou++) {
            String typed = String.format("%d.%03d in", thou / 1000, thou % 1000);
            assertThat(length(typed, MILLIMETRE_CELSIUS).in(INCH_FAHRENHEIT)).isEqualTo(typed);
        }
        for (int sixtyFourths = 1; sixtyFourths <= 64; sixtyFourths++) {
            assertThat(length(sixtyFourths + "/64", INCH_FAHRENHEIT).nanometres() * 64)
                    .isEqualTo(25_400_000L * sixtyFourths);
        }
    }

    @Test
    @DisplayName("[worked] the same size in any notation is the same entry")
    void notations_agree() {
        assertThat(new String[] {"3/16", ".1875", "187.5 thou", "4.7625mm", "3/16\"", "0.1875 in"})
                .allSatisfy(entry -> assertThat(length(entry, INCH_FAHRENHEIT).in(INCH_FAHRENHEIT))
                        .isEqualTo("0.1875 in"));
    }

    @Test
    void any_printable_entry_gets_an_answer_and_never_an_exception() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            StringBuilder entry = new StringBuilder();
            for (int n = random.nextInt(14); n > 0; n--) {
                entry.append("0123456789./-# inmthouF\"°½".charAt(random.nextInt(26)));
            }
            assertThat(ShopNotation.length(entry.toString(), INCH_FAHRENHEIT)).isNotNull();
            assertThat(ShopNotation.temperature(entry.toString(), INCH_FAHRENHEIT))
                    .isNotNull();
            assertThat(ShopNotation.time(entry.toString())).isNotNull();
            assertThat(ShopNotation.hardness(entry.toString())).isNotNull();
        }
    }

    @ParameterizedTest(name = "NIST SP 811: {0} is {1} °C")
    @CsvSource({"1500 F, 815.5556", "32 °F, 0", "815 C, 815", "-109.3 F, -78.5", "400, 204.4444"})
    void reads_temperatures(String entry, double celsius) {
        assertThat(ShopNotation.temperature(entry, INCH_FAHRENHEIT))
                .isInstanceOfSatisfying(
                        Understood.Value.class,
                        value -> assertThat(((Temperature) value.value()).celsius())
                                .isCloseTo(celsius, org.assertj.core.data.Offset.offset(1e-3)));
        assertThat(ShopNotation.temperature("-500 C", INCH_FAHRENHEIT)).isInstanceOf(Understood.Refused.class);
    }

    @ParameterizedTest
    @CsvSource({"20 min, 1200", "2 h, 7200", "1 h 30 min, 5400", "90 s, 90", "15, 900", "1.5 h, 5400"})
    void reads_times(String entry, long seconds) {
        assertThat(ShopNotation.time(entry)).isEqualTo(new Understood.Value<>(new Span(Duration.ofSeconds(seconds))));
    }

    @Test
    @DisplayName("ISO 6508-1: Rockwell C is read from 20 to 70")
    void reads_hardness_within_its_scale() {
        assertThat(ShopNotation.hardness("61.5 HRC")).isInstanceOf(Understood.Value.class);
        assertThat(ShopNotation.hardness("19.9")).isInstanceOf(Understood.Refused.class);
        assertThat(ShopNotation.hardness("70.1")).isInstanceOf(Understood.Refused.class);
    }

    private static Length length(String entry, Units units) {
        Understood<Length> read = ShopNotation.length(entry, units);
        assertThat(read).as(entry).isInstanceOf(Understood.Value.class);
        return ((Understood.Value<Length>) read).value();
    }

    @Test
    void a_sign_before_a_length_is_read_where_it_makes_sense_and_nowhere_else() {
        assertThat(ShopNotation.signedLength("-1/8", Units.INCH_FAHRENHEIT))
                .isEqualTo(new Understood.Value<>(Length.ofInchFraction(-1, 8)));
        assertThat(ShopNotation.signedLength("−3.2 mm", Units.INCH_FAHRENHEIT))
                .isEqualTo(new Understood.Value<>(Length.ofMillimetres("-3.2")));
        assertThat(ShopNotation.signedLength("+.5", Units.INCH_FAHRENHEIT))
                .isEqualTo(new Understood.Value<>(Length.ofInches("0.5")));
        assertThat(ShopNotation.length("-1/8", Units.INCH_FAHRENHEIT)).isInstanceOf(Understood.Refused.class);
        assertThat(ShopNotation.signedLength("--1", Units.INCH_FAHRENHEIT)).isInstanceOf(Understood.Refused.class);
    }

    @ParameterizedTest(name = "{0} can be read in two ways and is asked back")
    @ValueSource(strings = {"1,500 mm", "1,000", "12,345 in"})
    void a_comma_before_three_figures_is_asked_back(String entry) {
        assertThat(ShopNotation.length(entry, MILLIMETRE_CELSIUS))
                .isInstanceOfSatisfying(Understood.Refused.class, refused -> {
                    assertThat(refused.problem()).contains("two ways");
                    assertThat(refused.accepted()).contains(entry.replace(",", "."), entry.replace(",", ""));
                });
        assertThat(ShopNotation.length("0,500 mm", MILLIMETRE_CELSIUS))
                .isEqualTo(new Understood.Value<>(Length.ofMillimetres("0.5")));
        assertThat(ShopNotation.length("1,5 mm", MILLIMETRE_CELSIUS))
                .isEqualTo(new Understood.Value<>(Length.ofMillimetres("1.5")));
    }

    @ParameterizedTest(name = "{0} alone may be a slip")
    @ValueSource(strings = {"m", "A", "i"})
    void letters_that_are_units_or_words_are_no_drill_by_themselves(String entry) {
        assertThat(ShopNotation.length(entry, INCH_FAHRENHEIT))
                .isInstanceOfSatisfying(
                        Understood.Refused.class,
                        refused -> assertThat(refused.accepted())
                                .contains("letter " + entry.toUpperCase(java.util.Locale.ROOT)));
    }

    @Test
    void a_hardness_is_read_with_its_scale_before_or_behind() {
        assertThat(ShopNotation.hardness("HRC 60"))
                .isEqualTo(ShopNotation.hardness("60 HRC"))
                .isEqualTo(ShopNotation.hardness("60"));
    }

    @Test
    @DisplayName("[trade] what lies outside is asked back with a guess: 15.6 in and 163 for a bar")
    void a_size_that_nobody_has_is_asked_back_with_a_guess() {
        LengthRange bars = LengthRange.of("1/64", "3");
        assertThat(bars.read("15.6 in", INCH_FAHRENHEIT)).isInstanceOfSatisfying(Understood.Refused.class, refused -> {
            assertThat(refused.problem()).contains("did you mean", "0.156 in");
            assertThat(refused.accepted()).isEqualTo("0.0156 in to 3 in");
        });
        assertThat(bars.read("163", INCH_FAHRENHEIT))
                .isInstanceOfSatisfying(
                        Understood.Refused.class,
                        refused -> assertThat(refused.problem()).contains("0.163 in"));
        assertThat(bars.read("999999999", INCH_FAHRENHEIT))
                .isInstanceOfSatisfying(
                        Understood.Refused.class,
                        refused -> assertThat(refused.problem()).doesNotContain("did you mean"));
        assertThat(bars.read("0.156", MILLIMETRE_CELSIUS))
                .as("an inch entry in a millimetre shop")
                .isInstanceOfSatisfying(
                        Understood.Refused.class,
                        refused -> assertThat(refused.problem()).contains("0.156 in"));
        assertThat(bars.read("3", INCH_FAHRENHEIT)).as("the limit itself").isInstanceOf(Understood.Value.class);
        assertThat(bars.read("3.0001", INCH_FAHRENHEIT)).isInstanceOf(Understood.Refused.class);
        assertThat(bars.read("8-32", INCH_FAHRENHEIT)).as("a bar has no thread").isInstanceOf(Understood.Refused.class);
        assertThat(bars.readHole("8-32", INCH_FAHRENHEIT))
                .as("[ASME B1.1] #8 is 0.164 in")
                .isEqualTo(new Understood.Value<>(Length.ofInches("0.164")));
        assertThat(LengthRange.of("1/64", "1/8").readHole("8-32", INCH_FAHRENHEIT))
                .isInstanceOf(Understood.Refused.class);
    }

    @ParameterizedTest(name = "[NIST SP 811] {0} is {1} g")
    @CsvSource({
        "1 lb, 453.592",
        "5 lbs, 2267.962",
        "8 oz, 226.796",
        "8, 226.796",
        "2 kg, 2000",
        "'1,5 kg', 1500",
        "640 g, 640"
    })
    void reads_weights(String entry, double grams) {
        assertThat(((Understood.Value<Mass>) ShopNotation.mass(entry, Units.INCH_FAHRENHEIT))
                        .value()
                        .grams())
                .isEqualTo(grams);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "heavy", "-3 lb", "3 stone", "1e9"})
    void refuses_what_is_no_weight(String entry) {
        assertThat(ShopNotation.mass(entry, Units.INCH_FAHRENHEIT)).isInstanceOf(Understood.Refused.class);
    }

    /** Common practice: a maker says how far off a part is, not what it is. */
    @ParameterizedTest
    @CsvSource({
        "target + .002, 0.190",
        "target+0.002, 0.190",
        "Target - .003, 0.185",
        "target −1/64, 0.172375",
        ".187, 0.187"
    })
    void reads_a_size_by_how_far_it_is_from_what_is_wanted(String entry, String inches) {
        assertThat(ShopNotation.reading(entry, Length.ofInches("0.188"), INCH_FAHRENHEIT))
                .isEqualTo(new Understood.Value<>(Length.ofInches(inches)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"target", "target +", "target .002", "target + much", "+ .002"})
    void asks_back_what_says_not_how_far(String entry) {
        assertThat(ShopNotation.reading(entry, Length.ofInches("0.188"), INCH_FAHRENHEIT))
                .isInstanceOf(Understood.Refused.class);
    }
}
