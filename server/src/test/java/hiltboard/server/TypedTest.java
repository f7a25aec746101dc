package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.field.Finding;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Counted;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedTest {
    private static final LengthRange SIZES = LengthRange.of("1/64", "24");
    private static final LocalDate CHRISTMAS = LocalDate.of(2026, 12, 25);
    private static final Temperature FREEZING = Temperature.ofCelsius(0);
    private final Typed typed = new Typed(Units.INCH_FAHRENHEIT);

    @Test
    void what_is_understood_is_read_in_the_readers_units() {
        assertThat(typed.length("a", "3/16", SIZES)).isEqualTo(Length.ofInchFraction(3, 16));
        assertThat(typed.length("b", "4.2 mm", SIZES)).isEqualTo(Length.ofMillimetres("4.2"));
        assertThat(typed.lengthOrNothing("c", "0", SIZES)).isEqualTo(Length.ZERO);
        assertThat(typed.lengthOrNothing("c", "1/32", SIZES)).isEqualTo(Length.ofInchFraction(1, 32));
        assertThat(typed.maybeLength("d", " ", SIZES)).isEmpty();
        assertThat(typed.amount("e", "12", Counted.PIECES, 12)).isEqualTo(12);
        assertThat(typed.money("f", "110,5", Money.UNNAMED).minor()).isEqualTo(11_050);
        assertThat(typed.moneyOrNothing("f", "", Money.UNNAMED)).isEmpty();
        assertThat(typed.name("g", "  Twist ", 20)).isEqualTo("Twist");
        assertThat(typed.findings()).isEmpty();
        assertThatCode(typed::mustBeUnderstood).doesNotThrowAnyException();
    }

    @Test
    void everything_that_is_not_understood_is_said_at_once_with_what_was_typed() {
        typed.length("thickness", "", SIZES);
        typed.maybeLength("width", "wide", SIZES);
        typed.lengthOrNothing("edge", "-1/8", SIZES);
        typed.amount("blades", "0", Counted.PIECES, 500);
        typed.money("paid", "a lot", Money.UNNAMED);
        typed.name("name", " ", 80);
        typed.find("tons", "7", "It is too weak", "25");
        assertThat(typed.findings())
                .extracting(Finding::field)
                .containsExactly("thickness", "width", "edge", "blades", "paid", "name", "tons");
        assertThat(typed.findings())
                .extracting(Finding::given)
                .containsExactly("", "wide", "-1/8", "0", "a lot", " ", "7");
        assertThat(typed.findings())
                .allSatisfy(finding -> assertThat(finding.accepted()).isNotBlank());
        assertThatThrownBy(typed::mustBeUnderstood)
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.findings()).hasSize(7));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-1", "1001 in", "99999999999999999999 in", "NaN", "1e3", "in"})
    void a_length_that_nobody_means_is_not_taken(String entry) {
        assertThat(typed.length("length", entry, SIZES).isPositive())
                .as("something harmless stands in for it")
                .isTrue();
        assertThat(typed.findings()).hasSize(1);
    }

    @Test
    void a_length_outside_what_is_likely_is_asked_back_with_a_guess() {
        typed.length("thickness", "163", SIZES);
        typed.length("width", "1,500 mm", SIZES);
        assertThat(typed.findings().get(0).problem()).contains("did you mean", "0.163 in");
        assertThat(typed.findings().get(1).problem()).contains("two ways");
    }

    @ParameterizedTest
    @CsvSource({"13, PIECES", "1.5, PIECES", "none, PAIRS", "'', MARKS", "-3, GRAMS"})
    void an_amount_beyond_its_bounds_is_not_taken(String entry, Counted counted) {
        assertThat(typed.amount("amount", entry, counted, 12)).isEqualTo(1);
        assertThat(typed.findings()).singleElement().extracting(Finding::field).isEqualTo("amount");
    }

    @Test
    void heats_times_hardnesses_and_counts_are_read_as_the_shop_writes_them() {
        assertThat(typed.temperature("a", "400").celsius())
                .as("a bare number is in the reader’s degrees")
                .isCloseTo(204.4, within(0.05));
        assertThat(typed.temperature("b", "815 C", FREEZING, Temperature.ofCelsius(815)))
                .isEqualTo(Temperature.ofCelsius(815));
        assertThat(typed.time("c", "1 h 15 min")).hasMinutes(75);
        assertThat(typed.hardness("d", "61.5 HRC").hrc()).isEqualByComparingTo("61.5");
        assertThat(typed.whole("e", " 6 ", 1, 6)).isEqualTo(6);
        assertThat(typed.day("f", "2026-12-24", CHRISTMAS.minusDays(1), CHRISTMAS))
                .isEqualTo("2026-12-24");
        assertThat(typed.findings()).isEmpty();
    }

    @Test
    void what_lies_outside_its_bounds_is_not_taken_and_the_bounds_are_said() {
        assertThat(typed.temperature("heat", "816 C", FREEZING, Temperature.ofCelsius(815)))
                .isEqualTo(FREEZING);
        assertThat(typed.time("time", "0 min")).isPositive();
        assertThat(typed.whole("slots", "7", 1, 6)).isEqualTo(1);
        assertThat(typed.whole("slots", "1000000", 1, 9_999_999)).isEqualTo(1);
        assertThat(typed.hardness("hardness", "75").hrc()).isEqualByComparingTo("60");
        assertThat(typed.temperature("temperature", "warm").celsius()).isEqualTo(200);
        for (String day : List.of("2026-12-22", "2026-12-25", "2026-02-30", "soon", "")) {
            assertThat(typed.day("day", day, CHRISTMAS.minusDays(2), CHRISTMAS)).isEqualTo("2026-12-23");
        }
        assertThat(typed.findings())
                .hasSize(11)
                .allSatisfy(finding -> assertThat(finding.accepted()).isNotBlank());
        assertThat(typed.findings().get(0).accepted()).isEqualTo("32 °F to 1499 °F");
    }

    @Test
    void a_long_entry_is_shown_shortened_and_kept_whole() {
        String entry = "x".repeat(200);
        typed.length("length", entry, SIZES);
        Finding finding = typed.findings().get(0);
        assertThat(finding.given()).isEqualTo(entry);
        assertThat(finding.problem()).hasSizeLessThan(90).contains("…");
    }
}
