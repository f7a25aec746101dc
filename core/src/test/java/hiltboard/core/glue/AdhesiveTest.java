package hiltboard.core.glue;

import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.measure.Temperature;
import java.time.Duration;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AdhesiveTest {
    private static final Temperature WARM = Temperature.ofCelsius(24);

    @Test
    @DisplayName(
            "[trade] a slow epoxy in a warm shop grips at 3.5 to 4 h and has set before 5 h, which took heat and a sledge")
    void slow_epoxy_in_a_warm_shop() {
        assertThat(grips(Adhesive.SLOW_EPOXY, WARM)).isBetween(Duration.ofMinutes(210), Duration.ofMinutes(240));
        assertThat(sets(Adhesive.SLOW_EPOXY, WARM))
                .isGreaterThan(grips(Adhesive.SLOW_EPOXY, WARM))
                .isLessThan(Duration.ofHours(5));
    }

    @ParameterizedTest(name = "[trade] {0}: ten degrees warmer, half the time; ten colder, twice")
    @EnumSource(Adhesive.class)
    void half_the_time_for_every_ten_degrees(Adhesive adhesive) {
        Duration usual = grips(adhesive, WARM);
        assertThat(grips(adhesive, Temperature.ofCelsius(34)).toMinutes())
                .isBetween(usual.toMinutes() / 2, usual.toMinutes() / 2 + 1);
        assertThat(grips(adhesive, Temperature.ofCelsius(14)).toMinutes()).isEqualTo(usual.toMinutes() * 2);
    }

    @ParameterizedTest
    @EnumSource(Adhesive.class)
    void it_is_worked_then_grips_then_sets_at_any_warmth_and_is_loaded_the_next_day(Adhesive adhesive) {
        for (int celsius = 10; celsius <= 40; celsius++) {
            Temperature shop = Temperature.ofCelsius(celsius);
            Duration working =
                    adhesive.working(shop, MILLIMETRE_CELSIUS).value().duration();
            assertThat(working).isLessThan(grips(adhesive, shop));
            assertThat(grips(adhesive, shop)).isLessThan(sets(adhesive, shop));
        }
        assertThat(adhesive.usualCure()).isGreaterThan(Duration.ofHours(8));
    }

    @Test
    @DisplayName(
            "[trade] a rule of thumb is not known to the minute: what is waited for is rounded up, what must not be missed down")
    void times_are_on_the_safe_side() {
        Temperature cool = Temperature.ofCelsius(20);
        assertThat(grips(Adhesive.SLOW_EPOXY, cool))
                .as("225 min × 1.32 = 296.9")
                .isEqualTo(Duration.ofHours(5));
        assertThat(sets(Adhesive.SLOW_EPOXY, cool)).as("255 min × 1.32 = 336.5").isEqualTo(Duration.ofMinutes(335));
        assertThat(Adhesive.SLOW_EPOXY.working(cool, MILLIMETRE_CELSIUS).value().duration())
                .as("60 min × 1.32 = 79.2")
                .isEqualTo(Duration.ofMinutes(79));
    }

    @Test
    void the_arithmetic_is_shown() {
        assertThat(Adhesive.SLOW_EPOXY
                        .grips(Temperature.ofCelsius(34), MILLIMETRE_CELSIUS)
                        .working())
                .singleElement()
                .asString()
                .contains("3 h 45 min at 24 °C")
                .contains("at 34 °C × 0.50 ≈ 1 h 53 min");
    }

    private static Duration grips(Adhesive adhesive, Temperature shop) {
        return adhesive.grips(shop, MILLIMETRE_CELSIUS).value().duration();
    }

    private static Duration sets(Adhesive adhesive, Temperature shop) {
        return adhesive.sets(shop, MILLIMETRE_CELSIUS).value().duration();
    }

    @Test
    @DisplayName("[worked] 16 h at 24 °C is 32 h at 14 °C; a warm shop never shortens it")
    void the_cure_follows_the_thermometer() {
        assertThat(Adhesive.SLOW_EPOXY
                        .cures(Temperature.ofCelsius(24), MILLIMETRE_CELSIUS)
                        .value()
                        .duration())
                .isEqualTo(Duration.ofHours(16));
        assertThat(Adhesive.SLOW_EPOXY
                        .cures(Temperature.ofCelsius(14), MILLIMETRE_CELSIUS)
                        .value()
                        .duration())
                .isEqualTo(Duration.ofHours(32));
        assertThat(Adhesive.SLOW_EPOXY
                        .cures(Temperature.ofCelsius(34), MILLIMETRE_CELSIUS)
                        .value()
                        .duration())
                .isEqualTo(Duration.ofHours(16));
    }
}
