package hiltboard.core.machine;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
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
        assertThat(drill.working()).containsExactly("0.250 in pin + 0.007 in (free glue fit) = 0.257 in, F drill");
    }

    @Test
    @DisplayName(
            "[trade] every hole is 0.002 to 0.007 in over its pin, or carries a caution; no smaller drill would do")
    void clearance_is_within_the_fit_or_cautioned() {
        for (int thou = 40; thou <= 400; thou++) {
            Length pin = Length.ofInches("0." + String.format("%03d", thou));
            Worked<Length> drill = new PinHole(pin).drill(INCH_FAHRENHEIT);
            Length over = drill.value().minus(pin);
            assertThat(over).isGreaterThanOrEqualTo(Length.ofInches("0.002"));
            assertThat(drill.cautions().isEmpty()).isEqualTo(over.compareTo(Length.ofInches("0.007")) <= 0);
            assertThat(DrillSize.all())
                    .noneMatch(size -> size.diameter().compareTo(pin.plus(Length.ofInches("0.002"))) >= 0
                            && size.diameter().compareTo(drill.value()) < 0);
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
    @DisplayName("[table] a 6.0 mm pin takes a 6.1 mm drill, whoever reads it; ISO 235, from memory")
    void a_metric_pin_takes_a_metric_drill() {
        PinHole pin = new PinHole(Length.ofMillimetres("6"));
        assertThat(pin.drill(MILLIMETRE_CELSIUS).value())
                .isEqualTo(Length.ofMillimetres("6.1"))
                .isEqualTo(pin.drill(INCH_FAHRENHEIT).value());
        assertThat(pin.drill(MILLIMETRE_CELSIUS).note()).isEqualTo("6.1 mm drill");
    }

    @Test
    void the_drill_of_the_readers_habit_stands_beside() {
        PinHole pin = new PinHole(Length.ofInchFraction(1, 4));
        assertThat(pin.drill(MILLIMETRE_CELSIUS).value()).isEqualTo(Length.ofInches("0.257"));
        assertThat(pin.drill(MILLIMETRE_CELSIUS).note()).isEqualTo("F drill; 6.5 mm in metric drills");
        assertThat(pin.drillByHabit(MILLIMETRE_CELSIUS).note()).isEqualTo("6.5 mm drill");
        assertThat(pin.drillByHabit(INCH_FAHRENHEIT).note()).isEqualTo("F drill");
    }

    @Test
    @DisplayName(
            "[table] a screw goes through the close clearance of its thread: 6-32 through #27, M3 through 3.2 mm; from memory")
    void a_screw_is_not_glued() {
        assertThat(ScrewHole.of(Length.ofInches("0.138"))
                        .orElseThrow()
                        .drill(INCH_FAHRENHEIT)
                        .note())
                .isEqualTo("#27 drill");
        assertThat(ScrewHole.of(Length.ofMillimetres("3"))
                        .orElseThrow()
                        .drill(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(Length.ofMillimetres("3.2"));
        assertThat(ScrewHole.of(Length.ofInches("0.200"))).isEmpty();
    }

    @Test
    void impossible_pins_are_refused() {
        assertThatThrownBy(() -> new PinHole(Length.ZERO)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new PinHole(Length.ofInches("1")).drill(INCH_FAHRENHEIT))
                .isInstanceOf(ImpossibleQuantity.class);
    }
}
