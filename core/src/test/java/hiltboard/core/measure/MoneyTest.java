package hiltboard.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Currency;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MoneyTest {
    private static final Currency EUR = Currency.getInstance("EUR");

    @ParameterizedTest(name = "[table] ISO 4217, list one: {0} has {1} places; {2} is {3} of its minor units")
    @CsvSource({
        "EUR, 2, 12.50, 1250",
        "USD, 2, 12.5, 1250",
        "GBP, 2, '12,50', 1250",
        "JPY, 0, 1250, 1250",
        "KWD, 3, 1.250, 1250",
        "XXX, 2, 12, 1200"
    })
    void places(String code, int places, String typed, long minor) {
        Currency currency = Currency.getInstance(code);
        assertThat(Money.places(currency)).isEqualTo(places);
        assertThat(Money.read(typed, currency)).contains(new Money(minor, currency));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a lot", "-3", "12.505", "1 250", "1,250.00", "1e3", "1000000.01", "99999999", "12."})
    void what_is_no_amount_is_not_read(String typed) {
        assertThat(Money.read(typed, EUR)).isEmpty();
    }

    @Test
    void an_amount_is_taken_up_to_a_million_and_says_so() {
        assertThat(Money.read("1000000", EUR)).contains(new Money(100_000_000, EUR));
        assertThat(Money.accepted(EUR)).isEqualTo("an amount such as 12 or 12.50, up to 1\u00a0000\u00a0000");
        assertThat(Money.accepted(Currency.getInstance("JPY"))).startsWith("an amount such as 12, up to");
        assertThat(Money.read("12.5", Currency.getInstance("JPY"))).isEmpty();
    }

    @Test
    void it_is_said_with_its_currency_where_the_shop_has_named_it() {
        assertThat(new Money(125_000, EUR).words()).isEqualTo("1\u00a0250.00\u00a0EUR");
        assertThat(new Money(125_000, Money.UNNAMED).words()).isEqualTo("1\u00a0250.00");
        assertThat(new Money(1_250, Currency.getInstance("JPY")).words()).isEqualTo("1\u00a0250\u00a0JPY");
    }

    @Test
    void what_is_typed_and_what_is_kept_come_back_as_the_same_amount() {
        Random random = new Random(71);
        for (int i = 0; i < 1_000; i++) {
            Money money = new Money(
                    random.nextInt(1_000_000), Currency.getInstance(new String[] {"EUR", "JPY", "KWD", "XXX"}[i % 4]));
            assertThat(Money.read(money.typed(), money.currency())).contains(money);
            assertThat(Money.ofKept(money.kept())).contains(money);
        }
        assertThat(Money.ofKept("1950"))
                .as("as it was kept before currencies had names")
                .contains(new Money(1950, Money.UNNAMED));
        assertThat(Money.ofKept("19.50 EUR")).isEmpty();
    }

    @Test
    @DisplayName("[worked] 0.333 of 24.50 are 8.1585, so 8.16; 2.00 shared by three are 0.67 each")
    void it_is_rounded_once_to_the_nearest_minor_unit() {
        assertThat(new Money(2_450, EUR).times(0.333).minor()).isEqualTo(816);
        assertThat(new Money(200, EUR).sharedBy(3).minor()).isEqualTo(67);
        assertThat(new Money(105, EUR).times(0.1).minor())
                .as("10.5, half upwards")
                .isEqualTo(11);
    }

    @Test
    void what_cannot_be_is_refused() {
        Money euro = new Money(100, EUR);
        assertThatThrownBy(() -> new Money(-1, EUR)).hasMessageContaining("-1");
        assertThatThrownBy(() -> euro.plus(new Money(100, Currency.getInstance("USD"))))
                .hasMessageContaining("cannot be added");
        assertThatThrownBy(() -> euro.times(Double.NaN)).hasMessageContaining("NaN");
        assertThatThrownBy(() -> euro.sharedBy(0)).isInstanceOf(ImpossibleQuantity.class);
    }
}
