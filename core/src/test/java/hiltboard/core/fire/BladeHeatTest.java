package hiltboard.core.fire;

import static hiltboard.core.fire.Kilns.mm;
import static hiltboard.core.fire.Kilns.piece;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.fire.Soak.Counts;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class BladeHeatTest {

    @ParameterizedTest(
            name =
                    "[worked] {0} mm thick in a chamber of {1} °C for {2} s: as a step of a hundredth of a second has it")
    @CsvSource({"2, 815, 30", "4, 815, 60", "4, 815, 120", "6, 1060, 90", "3, 205, 600", "25, 815, 300"})
    void the_estimate_is_that_of_a_finer_integration(double thick, double chamber, int seconds) {
        HeatBody body = HeatBody.blade(0.2, thick);
        assertThat(BladeHeat.cold(body).after(seconds, chamber, chamber).celsius())
                .isCloseTo(integrated(thick, chamber, seconds), within(1.0));
    }

    /**
     * dT/dt = (2 ÷ (ρ c d)) · (10 (T∞ − T) + 0.8 σ (T∞⁴ − T⁴)), written down once more by itself and stepped by Euler.
     */
    private static double integrated(double thick, double chamber, int seconds) {
        double kelvin = 20 + 273.15;
        double hot = chamber + 273.15;
        for (int i = 0; i < seconds * 100; i++) {
            double flux = 10 * (hot - kelvin) + 0.8 * 5.670374419e-8 * (Math.pow(hot, 4) - Math.pow(kelvin, 4));
            kelvin += 0.01 * 2 * flux / (7850 * 650 * thick / 1000);
        }
        return kelvin - 273.15;
    }

    static Stream<List<LoadPiece>> fires() {
        return IntStream.rangeClosed(1, 15)
                .mapToObj(i -> LongStream.rangeClosed(1, 1 + i % 4)
                        .mapToObj(id -> thick(id, 2 + 0.4 * i, 120 + 40 * i))
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("fires")
    @DisplayName(
            "[worked] in fifteen fires the blade is within 5 K when its soak begins, and a kiln's recovery alone is earlier")
    void the_soak_begins_when_the_blade_is_hot(List<LoadPiece> pieces) {
        Temperature heat = Temperature.ofCelsius(815);
        Load load = Load.of(Treatment.HARDEN, Kilns.usual(), pieces);
        KilnState state = in(load, heat);
        Soak soak = Soak.from(heat, state.seconds(), load.slowest(), Counts.BLADE);
        Soak alone = Soak.from(heat, state.seconds(), load.slowest(), Counts.RECOVERY);
        while (soak.soaked() == 0) {
            state = state.after(1);
            soak = soak.with(state.seconds(), state.reading());
            alone = alone.with(state.seconds(), state.reading());
        }
        assertThat(state.body().celsius())
                .as("the blade, by the kiln's own model")
                .isGreaterThan(heat.celsius() - 7);
        assertThat(soak.throughAt().orElseThrow())
                .isGreaterThanOrEqualTo(soak.recoveredAt().orElseThrow());
        assertThat(alone.soaked()).isGreaterThanOrEqualTo(soak.soaked());
        assertThat(soak.sinceRecovery()).isEqualTo(alone.soaked());
        assertThat(soak.blade().celsius()).isCloseTo(state.body().celsius(), within(8.0));
    }

    @ParameterizedTest
    @MethodSource("fires")
    @DisplayName(
            "[worked] recovery and the blade's heat are foretold within a tenth of what the kiln then does, cold work and all")
    void the_forecast_knows_the_cold_work(List<LoadPiece> pieces) {
        Temperature heat = Temperature.ofCelsius(815);
        Load load = Load.of(Treatment.HARDEN, Kilns.usual(), pieces);
        List<Ahead> foretold = Ahead.of(load, heat, Duration.ofMinutes(5), heat, Optional.empty(), Counts.BLADE);
        KilnState state = in(load, heat);
        double inAt = state.seconds();
        Soak soak = Soak.from(heat, inAt, load.slowest(), Counts.BLADE);
        while (!soak.isCounting()) {
            state = state.after(1);
            soak = soak.with(state.seconds(), state.reading());
        }
        assertThat((double) in(foretold, "Recovered, if the work goes in at once"))
                .isCloseTo(
                        soak.recoveredAt().orElseThrow() - inAt,
                        within(0.1 * (soak.recoveredAt().orElseThrow() - inAt) + 10));
        assertThat((double) in(foretold, "Blade at heat, by estimate"))
                .isCloseTo(
                        soak.throughAt().orElseThrow() - inAt,
                        within(0.1 * (soak.throughAt().orElseThrow() - inAt) + 10));
        assertThat(in(foretold, "Soak up") - in(foretold, "Blade at heat, by estimate"))
                .isBetween(298L, 302L);
    }

    @Test
    @DisplayName("[worked] a forecast that is made while the work warms agrees with the one that was made before")
    void a_forecast_half_way_agrees() {
        Temperature heat = Temperature.ofCelsius(815);
        Load load = Load.of(Treatment.HARDEN, Kilns.usual(), List.of(thick(1, 5, 300), thick(2, 4, 200)));
        KilnState state = in(load, heat);
        Soak soak = Soak.from(heat, state.seconds(), load.slowest(), Counts.BLADE);
        List<Ahead> before = Ahead.of(load, heat, Duration.ofMinutes(5), heat, Optional.empty(), Counts.BLADE);
        for (int second = 0; second < 60; second++) {
            state = state.after(1);
            soak = soak.with(state.seconds(), state.reading());
        }
        List<Ahead> then = Ahead.of(
                load,
                heat,
                Duration.ofMinutes(5),
                Temperature.ofCelsius(state.reading().orElseThrow()),
                Optional.of(soak),
                Counts.BLADE);
        assertThat((double) in(then, "Soak up")).isCloseTo(in(before, "Soak up") - 60, within(30.0));
    }

    @Test
    @DisplayName("[worked] the time between two quenches is that of the kiln after the thermocouple has felt the "
            + "door, and grows with what the door costs")
    void the_cycle_waits_for_the_door_to_be_felt() {
        List<Duration> cycles = new ArrayList<>();
        for (double open : new double[] {4, 12, 24, 40, 60}) {
            Kiln usual = Kilns.usual();
            Kiln kiln = new Kiln(
                    usual.watts(),
                    usual.joulesPerKelvin(),
                    usual.wattsPerKelvin(),
                    open,
                    usual.lagSeconds(),
                    usual.most(),
                    usual.doorAllowed(),
                    usual.space());
            cycles.add(Load.of(Treatment.HARDEN, kiln, List.of(piece(1, "1084"), piece(2, "1084")))
                    .cycle());
        }
        assertThat(cycles.subList(2, cycles.size())).isSorted();
        Kiln kiln = Kilns.usual();
        Load load = Load.of(Treatment.HARDEN, kiln, List.of(piece(1, "1084"), piece(2, "1084")));
        Temperature heat = Steel.named("1084").orElseThrow().hardening();
        KilnState state = KilnState.standing(kiln, 0, heat.celsius(), heat.celsius(), 0)
                .soaked(load.body())
                .lit(List.of(Segment.until(heat)))
                .door(true)
                .after(12)
                .door(false);
        double coldest = state.reading().orElseThrow();
        int back = 12;
        for (int second = 13; second < 400; second++) {
            state = state.after(1);
            coldest = Math.min(coldest, state.reading().orElseThrow());
            back = state.reading().orElseThrow() < heat.celsius() - 5 ? second + 1 : back;
        }
        assertThat(load.cycle().toSeconds())
                .as("the kiln fell by %.0f K and was back", heat.celsius() - coldest)
                .isGreaterThanOrEqualTo(back);
    }

    @Test
    void where_nobody_knows_the_blade_the_kiln_alone_is_looked_at() {
        assertThat(BladeHeat.cold(HeatBody.NOTHING).isAt(815)).isTrue();
        assertThat(BladeHeat.cold(HeatBody.blade(0.2, 4)).isAt(815)).isFalse();
        assertThat(Counts.named("BLADE")).contains(Counts.BLADE);
        assertThat(Counts.named("GUESS")).isEmpty();
    }

    private static long in(List<Ahead> ahead, String words) {
        return ahead.stream()
                .filter(each -> each.words().equals(words))
                .findFirst()
                .orElseThrow()
                .in()
                .toSeconds();
    }

    /** At heat, the door opened, the cold work laid in, the door shut. */
    private static KilnState in(Load load, Temperature heat) {
        return KilnState.standing(load.kiln(), 0, heat.celsius(), heat.celsius(), 0)
                .lit(List.of(Segment.until(heat)))
                .door(true)
                .after(12)
                .with(load.body())
                .door(false);
    }

    private static LoadPiece thick(long id, double thick, double grams) {
        LoadPiece usual = piece(id, "1084");
        return new LoadPiece(
                id,
                usual.name(),
                usual.need(),
                usual.length(),
                usual.width(),
                mm(String.valueOf(thick)),
                Mass.ofGrams(grams),
                usual.cover(),
                List.of());
    }
}
