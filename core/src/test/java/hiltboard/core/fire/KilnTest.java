package hiltboard.core.fire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class KilnTest {
    private static final double SHOP = Kiln.SHOP.celsius();
    private static final Kiln KILN = Kilns.usual();
    private static final HeatBody FIVE_BLADES = HeatBody.blade(1.0, 4);
    private static final Temperature HARDENING = Temperature.ofCelsius(815);

    private static KilnState atHeat() {
        return KilnState.standing(KILN, 0, HARDENING.celsius(), HARDENING.celsius(), 0)
                .lit(List.of(Segment.until(HARDENING)));
    }

    @Test
    @DisplayName(
            "[worked] lumped body at constant power: T = A + P/G (1 − e^(−t/τ)), τ = C/G; at rest: T = A + (T₀ − A) e^(−t/τ)")
    void an_empty_kiln_follows_the_closed_form() {
        double tau = KILN.joulesPerKelvin() / KILN.wattsPerKelvin();
        Firing heating = Firing.cold(SHOP);
        for (int second = 1; second <= 7200; second++) {
            heating = heating.after(1, KILN, HeatBody.NOTHING, KILN.watts(), KILN.wattsPerKelvin());
            if (second % 600 == 0) {
                assertThat(heating.chamber())
                        .isCloseTo(
                                SHOP + KILN.watts() / KILN.wattsPerKelvin() * (1 - Math.exp(-second / tau)),
                                within(1e-6));
            }
        }
        double from = heating.chamber();
        Firing cooling = heating;
        for (int second = 1; second <= 7200; second++) {
            cooling = cooling.after(1, KILN, HeatBody.NOTHING, 0, KILN.wattsPerKelvin());
        }
        assertThat(cooling.chamber()).isCloseTo(SHOP + (from - SHOP) * Math.exp(-7200 / tau), within(1e-6));
    }

    @Test
    @DisplayName("[worked] the tip of the thermocouple follows a step as 1 − e^(−t/lag)")
    void the_thermocouple_lags() {
        Kiln still = new Kiln(
                KILN.watts(), 1e12, KILN.wattsPerKelvin(), 0, 12, KILN.most(), KILN.doorAllowed(), KILN.space());
        Firing step = new Firing(500, 500, SHOP, 0, 0);
        for (int second = 0; second < 12; second++) {
            step = step.after(1, still, HeatBody.NOTHING, 0, still.wattsPerKelvin());
        }
        assertThat(step.probe()).isCloseTo(SHOP + (500 - SHOP) * (1 - Math.exp(-1)), within(0.01));
    }

    @Test
    @DisplayName(
            "energy in = heat of the chamber + heat of the load + what was lost, whatever the door and the programme do")
    void energy_is_kept() {
        Random chance = new Random(4);
        KilnState state = KilnState.cold(KILN).with(FIVE_BLADES).lit(List.of(Segment.until(HARDENING)));
        for (int i = 0; i < 200; i++) {
            state = state.door(chance.nextInt(4) == 0).after(10 + chance.nextInt(60));
        }
        double held = KILN.joulesPerKelvin() * (state.heat().chamber() - SHOP)
                + FIVE_BLADES.joulesPerKelvin() * (state.heat().body() - SHOP);
        assertThat(state.heat().in()).isGreaterThan(1e6);
        assertThat(held + state.heat().lost())
                .isCloseTo(state.heat().in(), within(state.heat().in() * 1e-9));
    }

    @Test
    @DisplayName(
            "[worked] two times by the clock describe a kiln: 75 min up to 815 °C, 5 h down to 205 °C, and back out of the model")
    void a_kiln_is_known_by_its_own_times() {
        Kiln kiln = Kiln.measured(
                3000,
                HARDENING,
                Duration.ofMinutes(75),
                Temperature.ofCelsius(205),
                Duration.ofHours(5),
                Temperature.ofCelsius(1200),
                KILN.space());
        assertThat(kiln.heatingTime(Kiln.SHOP, HARDENING)).isCloseTo(Duration.ofMinutes(75), Duration.ofSeconds(1));
        assertThat(kiln.coolingTime(HARDENING, Temperature.ofCelsius(205), false))
                .isCloseTo(Duration.ofHours(5), Duration.ofSeconds(1));
        double tau = 18000 / Math.log((815 - SHOP) / (205 - SHOP));
        assertThat(kiln.joulesPerKelvin() / kiln.wattsPerKelvin()).isCloseTo(tau, within(1e-6));
        KilnState cooling = KilnState.standing(kiln, 0, 815, 815, 0).after(18000);
        assertThat(cooling.chamber().celsius()).isCloseTo(205, within(0.01));
        assertThat(kiln.coolingTime(HARDENING, Temperature.ofCelsius(205), true))
                .isLessThan(Duration.ofHours(2));
        assertThat(kiln.coolingTime(Temperature.ofCelsius(100), HARDENING, false))
                .isZero();
    }

    @Test
    void an_impossible_kiln_is_refused_with_what_would_do() {
        assertThatThrownBy(() -> Kiln.measured(
                        400,
                        HARDENING,
                        Duration.ofHours(4),
                        Temperature.ofCelsius(205),
                        Duration.ofHours(1),
                        Temperature.ofCelsius(1200),
                        KILN.space()))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("enough power");
        assertThatThrownBy(() -> Kiln.measured(
                        3000,
                        HARDENING,
                        Duration.ZERO,
                        Temperature.ofCelsius(205),
                        Duration.ofHours(1),
                        HARDENING,
                        KILN.space()))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Kiln(Double.NaN, 1, 1, 1, 1, HARDENING, Duration.ZERO, KILN.space()))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> KILN.heatingTime(Kiln.SHOP, Temperature.ofCelsius(4000)))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> KILN.coolingTime(HARDENING, Temperature.ofCelsius(15), false))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[trade] cold work drops the kiln by up to about 100 °F, and it comes back by itself")
    void the_kiln_drops_at_the_door_and_recovers() {
        KilnState state = atHeat().door(true).after(15).with(FIVE_BLADES).door(false);
        double coldest = HARDENING.celsius();
        double recovered = 0;
        for (int second = 1; second < 1800; second++) {
            state = state.after(1);
            coldest = Math.min(coldest, state.reading().orElseThrow());
            recovered = recovered == 0 && second > 60 && state.isThere() ? second : recovered;
        }
        assertThat((HARDENING.celsius() - coldest) * 1.8).as("drop in °F").isBetween(40.0, 120.0);
        assertThat(recovered).as("seconds to recovery").isBetween(90.0, 900.0);
        assertThat(state.body().celsius())
                .as("the blades are through at heat")
                .isCloseTo(HARDENING.celsius(), within(3.0));
    }

    @Test
    void it_holds_its_heat_to_a_degree_and_does_not_run_over() {
        KilnState state = KilnState.cold(KILN).lit(List.of(Segment.until(HARDENING)));
        double highest = 0;
        for (int minute = 0; minute < 180; minute++) {
            state = state.after(60);
            highest = Math.max(highest, state.reading().orElseThrow());
        }
        assertThat(state.reading().orElseThrow()).isCloseTo(815, within(1.0));
        assertThat(highest).isLessThan(820);
    }

    @Test
    void a_preheat_stays_from_when_it_is_there_and_a_ramp_is_kept_up_and_down() {
        Segment preheat = Segment.staying(Temperature.ofCelsius(650), Duration.ofMinutes(10));
        KilnState state = KilnState.cold(KILN).lit(List.of(preheat, Segment.until(HARDENING)));
        while (!state.isThere()) {
            state = state.after(1);
        }
        assertThat(state.after(595).segment()).isZero();
        assertThat(state.after(605).segment()).isEqualTo(1);
        KilnState falling = atHeat().lit(
                        List.of(Segment.until(Temperature.ofCelsius(500)).atMost(100)))
                .after(3600);
        assertThat(falling.reading().orElseThrow())
                .as("100 K in an hour, slower than it would fall by itself")
                .isCloseTo(715, within(3.0));
    }

    @Test
    @DisplayName(
            "property: the elements never heat while the door is open longer than allowed, whatever fails and whatever the door does")
    void no_heat_through_an_open_door() {
        for (int seed = 0; seed < 40; seed++) {
            Random chance = new Random(seed);
            KilnState state = KilnState.standing(KILN, 0, 20 + chance.nextInt(900), 20, chance.nextInt(10))
                    .lit(List.of(Segment.until(HARDENING)));
            double open = 0;
            for (int i = 0; i < 2000; i++) {
                if (chance.nextInt(20) == 0) {
                    state = state.door(!state.isDoorOpen());
                    open = 0;
                }
                if (chance.nextInt(200) == 0) {
                    KilnFault fault = KilnFault.values()[chance.nextInt(3)];
                    state = state.failing(chance.nextBoolean() ? Optional.of(fault) : Optional.empty());
                }
                boolean isLong =
                        state.isDoorOpen() && open >= KILN.doorAllowed().toSeconds();
                state = state.after(1);
                open++;
                if (isLong) {
                    assertThat(state.watts()).isZero();
                }
                assertThat(state.heat().chamber())
                        .as("its safety cuts")
                        .isLessThan(KILN.most().celsius() + 5);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(KilnFault.class)
    void faults(KilnFault fault) {
        KilnState state = atHeat().after(60).failing(Optional.of(fault)).after(600);
        switch (fault) {
            case THERMOCOUPLE_OPEN -> {
                assertThat(state.reading()).isEmpty();
                assertThat(state.watts()).as("it does not heat blindly").isZero();
            }
            case POWER_CUT ->
                assertThat(state.reading().orElseThrow()).isLessThan(790).isGreaterThan(600);
            case TOO_HOT -> assertThat(state.reading().orElseThrow()).isGreaterThan(880);
        }
        KilnState mended = state.failing(Optional.empty()).after(7200);
        assertThat(mended.reading().orElseThrow())
                .as("and goes on when it is mended")
                .isCloseTo(815, within(2.0));
        assertThat(fault.toDo()).hasSizeGreaterThan(2);
    }

    @Test
    void a_thermocouple_that_drifts_makes_the_kiln_as_much_colder() {
        KilnState state = KilnState.standing(KILN, 0, 815, 815, 12)
                .lit(List.of(Segment.until(HARDENING)))
                .after(7200);
        assertThat(state.reading().orElseThrow()).isCloseTo(815, within(1.0));
        assertThat(state.chamber().celsius()).isCloseTo(803, within(1.5));
    }

    @Test
    @DisplayName("[memory] a hundred hours in the heat shift its reading by about a kelvin; the cold shifts nothing")
    void it_drifts_with_the_hours_in_the_heat() {
        assertThat(atHeat().after(36_000).drift()).isCloseTo(0.1, within(0.001));
        assertThat(KilnState.cold(KILN).after(36_000).drift()).isZero();
    }

    @Test
    void out_means_cold_in_the_end_and_the_last_part_ends_the_fire() {
        assertThat(atHeat().next().isLit()).isFalse();
        assertThat(atHeat().out().after(60).watts()).isZero();
    }

    @Test
    @DisplayName("[trade] a kiln is there within 5 K of what it is told, on either side")
    void when_a_kiln_is_there() {
        for (double off : new double[] {-5.1, -5, 0, 5, 5.1}) {
            KilnState state = KilnState.standing(Kilns.usual(), 0, 815 + off, 815 + off, 0)
                    .lit(List.of(Segment.until(Temperature.ofCelsius(815))));
            assertThat(state.isThere()).as("%.1f K off", off).isEqualTo(Math.abs(off) <= 5);
        }
    }
}
