package hiltboard.core.measure;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ThreadSizeTest {

    @ParameterizedTest(name = "[table, memory] ASME B1.1, ISO 261: {0} is {1} mm thick and is tapped with {2} for 75 %")
    @CsvSource({
        "6-32, 3.5052, #36",
        "8-32, 4.1656, #29",
        "4-40, 2.8448, #43",
        "10-24, 4.826, #25",
        "M3, 3, 2.5 mm",
        "M5, 5, 4.2 mm",
        "M6, 6, 5.0 mm",
        "M2.5×0.45, 2.5, 2.05 mm",
        "m2.5 x 0.45, 2.5, 2.05 mm",
        "M4, 4, 3.3 mm",
        "M8, 8, 6.8 mm"
    })
    void tap_drills(String name, String millimetres, String drill) {
        ThreadSize thread = ThreadSize.named(name).orElseThrow();
        assertThat(thread.major()).isEqualTo(Length.ofMillimetres(millimetres));
        assertThat(thread.tapDrill(ThreadSize.USUAL_PERCENT, INCH_FAHRENHEIT).note())
                .isEqualTo(drill + " drill");
    }

    @ParameterizedTest(name = "[table, memory] ISO 273: {0} goes through {1} fine and {2} medium")
    @CsvSource({"M3, 3.2, 3.4", "M5, 5.3, 5.5", "M6, 6.4, 6.6"})
    void clearance_of_metric_screws(String name, String fine, String medium) {
        assertThat(ThreadSize.named(name).orElseThrow().close()).isEqualTo(Length.ofMillimetres(fine));
        assertThat(ThreadSize.named(name).orElseThrow().free()).isEqualTo(Length.ofMillimetres(medium));
    }

    @Test
    @DisplayName("[worked] percent of thread = (major − drill) ÷ (1.2990 × pitch): M5×0.8 with 4.2 mm is 77 %")
    void percent_of_thread() {
        assertThat(ThreadSize.named("M5").orElseThrow().percentWith(Length.ofMillimetres("4.2")))
                .isEqualTo(77);
        assertThat(ThreadSize.named("6-32").orElseThrow().percentWith(Length.ofInches("0.1065")))
                .isEqualTo(78);
    }

    @Test
    void more_thread_is_a_smaller_hole_and_clearance_is_over_the_screw() {
        assertThat(ThreadSize.known()).allSatisfy(thread -> {
            assertThat(thread.close()).isGreaterThan(thread.major());
            assertThat(thread.free()).isGreaterThan(thread.close());
            assertThat(thread.tapDrill(50, MILLIMETRE_CELSIUS).value())
                    .isGreaterThanOrEqualTo(
                            thread.tapDrill(75, MILLIMETRE_CELSIUS).value());
            assertThat(thread.tapDrill(75, MILLIMETRE_CELSIUS).value()).isLessThan(thread.major());
            assertThat(ThreadSize.named(thread.name())).contains(thread);
        });
        ThreadSize thread = ThreadSize.known().get(0);
        assertThatThrownBy(() -> thread.tapDrill(20, INCH_FAHRENHEIT)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> thread.tapDrill(101, INCH_FAHRENHEIT)).isInstanceOf(ImpossibleQuantity.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "M", "M7.3", "6-33", "M5×0.9", "M5×0", "6 32", "1-1/2", "M999", "#28"})
    void what_is_no_thread_is_none(String entry) {
        assertThat(ThreadSize.named(entry)).isEmpty();
    }

    @Test
    void a_fine_thread_is_named_by_its_pitch_and_a_hole_takes_threads_and_lengths() {
        assertThat(ThreadSize.named("M6×0.75").orElseThrow().name()).isEqualTo("M6×0.75");
        assertThat(ShopNotation.hole("8-32", INCH_FAHRENHEIT))
                .isEqualTo(new Understood.Value<>(Length.ofInches("0.164")));
        assertThat(ShopNotation.hole("3/16", INCH_FAHRENHEIT))
                .isEqualTo(new Understood.Value<>(Length.ofInchFraction(3, 16)));
        assertThat(ShopNotation.length("8-32", INCH_FAHRENHEIT))
                .as("where no hole is asked")
                .isInstanceOf(Understood.Refused.class);
    }
}
