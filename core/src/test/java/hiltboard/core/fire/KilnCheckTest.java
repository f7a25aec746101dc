package hiltboard.core.fire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.fire.KilnCheck.Grain;
import hiltboard.core.fire.KilnCheck.Once;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class KilnCheckTest {
    @Test
    @DisplayName("[worked] 1487, 1512 and 1538 °F beside 1475, 1500 and 1525: 37 ÷ 3 = 12.3 °F too much")
    void the_offset_is_the_mean_of_the_last_three() {
        KilnCheck check =
                new KilnCheck(List.of(once(1600, 1475), once(1487, 1475), once(1512, 1500), once(1538, 1525)));
        assertThat(check.offsetKelvin() * 9 / 5).isCloseTo(37 / 3.0, within(1e-9));
        assertThat(check.words(Units.INCH_FAHRENHEIT))
                .contains("12 °F too much")
                .contains("told so much more");
    }

    @Test
    @DisplayName("[trade] a kiln is checked at three heats, each with its coupon")
    void three_heats() {
        assertThat(new KilnCheck(List.of()).words(Units.INCH_FAHRENHEIT))
                .contains("Not checked yet")
                .contains("second thermocouple");
        assertThat(new KilnCheck(List.of(once(1475, 1475), once(1476, 1476), once(1477, 1477))).isDone())
                .as("one heat three times")
                .isFalse();
        assertThat(new KilnCheck(List.of(once(1450, 1450), once(1500, 1500))).words(Units.INCH_FAHRENHEIT))
                .contains("2 of 3 heats");
        assertThat(new KilnCheck(List.of(once(1475, 1475), once(1476, 1476), once(1477, 1477), once(1478, 1478)))
                        .words(Units.INCH_FAHRENHEIT))
                .as("one heat four times")
                .contains("1 of 3 heats is checked");
        assertThat(new KilnCheck(List.of(once(1450, 1450), once(1500, 1500), once(1550, 1550))).isDone())
                .isTrue();
        assertThat(new KilnCheck(List.of(once(1450, 1460))).words(Units.INCH_FAHRENHEIT))
                .contains("10 °F too little")
                .contains("told so much less");
    }

    private static Once once(int shown, int second) {
        return new Once(Temperature.ofFahrenheit(shown), Temperature.ofFahrenheit(second), Grain.FINE);
    }
}
