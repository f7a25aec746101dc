package hiltboard.core.machine;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Worked;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class PinHoleTest {

    @Test
    @DisplayName("[trade] a 1/4 in pin takes F (0.257) as a free glue fit")
    void quarter_inch_pin() {
        Worked<Length> drill = new PinHole(Length.ofInchFraction(1, 4)).drill(INCH_FAHRENHEIT);
        assertThat(drill.note()).isEqualTo("F drill");
        assertThat(drill.value()).isEqualTo(Length.ofInches("0.257"));
        assertThat(drill.working()).containsExactly("0.250 in pin + 0.007 in (free glue fit) = F drill, 0.257 in");
    }

    @Test
    @DisplayName("[trade] every hole is 0.002 to 0.007 in over its pin, or it is refused")
    void clearance_is_always_within_the_fit() {
        for (int thou = 40; thou <= 400; thou++) {
            Length pin = Length.ofInches("0." + String.format("%03d", thou));
            try {
                assertThat(new PinHole(pin).drill(INCH_FAHRENHEIT).value().minus(pin)).isBetween(Length.ofInches("0.002"), Length.ofInches("0.007"));
            } catch (ImpossibleQuantity refused) {
                assertThat(refused.accepted()).contains("turn the pin");
            }
        }
        assertThatThrownBy(() -> new PinHole(Length.ZERO)).isInstanceOf(ImpossibleQuantity.class);
    }
}
