package hiltboard.core.stock;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class CountedTest {

    @ParameterizedTest(name = "[{3}] {0} {1} is {2}")
    @CsvSource({
        "LENGTH, 36 in, 914400000, 'NIST SP 811: 1 in = 25.4 mm'",
        "LENGTH, 6 ft, 1828800000, 'NIST SP 811: 1 ft = 0.3048 m'",
        "LENGTH, 1.5 m, 1500000000, worked",
        "LENGTH, 48, 1219200000, 'worked, inches where no unit is named'",
        "PIECES, 12, 12, worked",
        "PAIRS, 3 pairs, 3, worked",
        "MARKS, 15 marks, 15, worked",
        "GRAMS, 8 oz, 227, 'NIST SP 811: 28.349523125 g × 8'",
        "GRAMS, 1.5 kg, 1500, worked",
        "MILLILITRES, '1,5 l', 1500, worked",
        "AREA, 4 sq ft, 371612, 'NIST SP 811: 92903.04 mm² × 4'",
        "AREA, 10 sq in, 6452, 'NIST SP 811: 645.16 mm² × 10'",
        "AREA, 30 dm², 300000, worked"
    })
    void reads_amounts_as_they_are_said(Counted counted, String entry, long amount, String source) {
        assertThat(counted.read(entry, INCH_FAHRENHEIT)).hasValue(amount);
    }

    @ParameterizedTest
    @CsvSource({
        "PIECES, 1.5",
        "PAIRS, -2",
        "MARKS, many",
        "GRAMS, 5 lb of",
        "AREA, 3 furlongs",
        "LENGTH, a bit",
        "PIECES, ''",
        "PIECES, 99999999999"
    })
    void refuses_what_is_no_amount(Counted counted, String entry) {
        assertThat(counted.read(entry, INCH_FAHRENHEIT)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Counted.class)
    void what_is_written_exactly_reads_back_as_the_same_amount_whoever_reads_it(Counted counted) {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            long amount = 1 + random.nextInt(2_000_000);
            assertThat(counted.read(counted.exactly(amount), INCH_FAHRENHEIT)).hasValue(amount);
            assertThat(counted.read(counted.exactly(amount), MILLIMETRE_CELSIUS))
                    .hasValue(amount);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"4", "2.5"})
    void a_bare_area_is_in_the_readers_own_unit(String entry) {
        assertThat(Counted.AREA.read(entry, INCH_FAHRENHEIT))
                .isEqualTo(Counted.AREA.read(entry + " sq ft", MILLIMETRE_CELSIUS));
        assertThat(Counted.AREA.read(entry, MILLIMETRE_CELSIUS))
                .isEqualTo(Counted.AREA.read(entry + " dm²", INCH_FAHRENHEIT));
    }
}
