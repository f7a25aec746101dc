package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.design.Finding;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Counted;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedTest {
    private final Typed typed = new Typed(Units.INCH_FAHRENHEIT);

    @Test
    void what_is_understood_is_read_in_the_readers_units() {
        assertThat(typed.length("a", "3/16")).isEqualTo(Length.ofInchFraction(3, 16));
        assertThat(typed.length("b", "4.2 mm")).isEqualTo(Length.ofMillimetres("4.2"));
        assertThat(typed.lengthOrNothing("c", "0")).isEqualTo(Length.ZERO);
        assertThat(typed.lengthOrNothing("c", "1/32")).isEqualTo(Length.ofInchFraction(1, 32));
        assertThat(typed.maybeLength("d", " ")).isEmpty();
        assertThat(typed.amount("e", "12", Counted.PIECES, 12)).isEqualTo(12);
        assertThat(typed.money("f", "110,5")).hasValue(11_050L);
        assertThat(typed.money("f", "")).isEmpty();
        assertThat(typed.name("g", "  Twist ", 20)).isEqualTo("Twist");
        assertThat(typed.findings()).isEmpty();
        assertThatCode(typed::mustBeUnderstood).doesNotThrowAnyException();
    }

    @Test
    void everything_that_is_not_understood_is_said_at_once_with_what_was_typed() {
        typed.length("thickness", "");
        typed.maybeLength("width", "wide");
        typed.lengthOrNothing("edge", "-1/8");
        typed.amount("blades", "0", Counted.PIECES, 500);
        typed.money("paid", "a lot");
        typed.name("name", " ", 80);
        typed.find("tons", "7", "It is too weak", "25");
        assertThat(typed.findings()).extracting(Finding::field).containsExactly("thickness", "width", "edge", "blades", "paid", "name", "tons");
        assertThat(typed.findings()).extracting(Finding::given).containsExactly("", "wide", "-1/8", "0", "a lot", " ", "7");
        assertThat(typed.findings()).allSatisfy(finding -> assertThat(finding.accepted()).isNotBlank());
        assertThatThrownBy(typed::mustBeUnderstood).isInstanceOfSatisfying(Refusal.class, refusal -> assertThat(refusal.findings()).hasSize(7));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-1", "1001 in", "99999999999999999999 in", "NaN", "1e3", "in"})
    void a_length_that_nobody_means_is_not_taken(String entry) {
        assertThat(typed.length("length", entry).isPositive()).as("something harmless stands in for it").isTrue();
        assertThat(typed.findings()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"13, PIECES", "1.5, PIECES", "none, PAIRS", "'', MARKS", "-3, GRAMS"})
    void an_amount_beyond_its_bounds_is_not_taken(String entry, Counted counted) {
        assertThat(typed.amount("amount", entry, counted, 12)).isEqualTo(1);
        assertThat(typed.findings()).singleElement().extracting(Finding::field).isEqualTo("amount");
    }

    @Test
    void a_long_entry_is_shown_shortened_and_kept_whole() {
        String entry = "x".repeat(200);
        typed.length("length", entry);
        Finding finding = typed.findings().get(0);
        assertThat(finding.given()).isEqualTo(entry);
        assertThat(finding.problem()).hasSizeLessThan(90).contains("…");
    }
}
