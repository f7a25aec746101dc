package hiltboard.core.machine;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.DrillSize;
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
    @DisplayName("[trade] every hole is 0.002 to 0.007 in over its pin, or carries a caution; no smaller drill would do")
    void clearance_is_within_the_fit_or_cautioned() {
        for (int thou = 40; thou <= 400; thou++) {
            Length pin = Length.ofInches("0." + String.format("%03d", thou));
            Worked<Length> drill = new PinHole(pin).drill(INCH_FAHRENHEIT);
            Length over = drill.value().minus(pin);
            assertThat(over).isGreaterThanOrEqualTo(Length.ofInches("0.002"));
            assertThat(drill.cautions().isEmpty()).isEqualTo(over.compareTo(Length.ofInches("0.007")) <= 0);
            assertThat(DrillSize.all()).noneMatch(size -> size.diameter().compareTo(pin.plus(Length.ofInches("0.002"))) >= 0 && size.diameter().compareTo(drill.value()) < 0);
        }
    }

    @Test
    @DisplayName("[worked] a pin that came 0.001 in under a quarter takes F at 0.008 in over, with a caution")
    void an_undersized_pin() {
        Worked<Length> drill = new PinHole(Length.ofInches("0.249")).drill(INCH_FAHRENHEIT);
        assertThat(drill.note()).isEqualTo("F drill");
        assertThat(drill.cautions()).singleElement().asString().contains("Looser");
    }

    @Test
    void impossible_pins_are_refused() {
        assertThatThrownBy(() -> new PinHole(Length.ZERO)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new PinHole(Length.ofInches("1")).drill(INCH_FAHRENHEIT)).isInstanceOf(ImpossibleQuantity.class);
    }
}
