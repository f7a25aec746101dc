package hiltboard.server.fire;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.KilnState;
import hiltboard.core.fire.Segment;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.server.device.ConnectedKiln.Shown;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PackedCurveTest {
    private static final long NOON = 1_772_452_800_000L;

    private static List<Shown> unpacked(List<Shown> shown) {
        return PackedCurve.unpack(PackedCurve.pack(shown), shown.size());
    }

    /** An hour of a real fire by the model of the stand-in, with the flicker of a thermocouple. */
    private static List<Shown> anHour() {
        Length mm = Length.ofMillimetres("300");
        Kiln kiln = Kiln.measured(
                3000,
                Temperature.ofCelsius(815),
                Duration.ofMinutes(70),
                Temperature.ofCelsius(205),
                Duration.ofHours(5),
                Temperature.ofCelsius(1150),
                new Kiln.Space(mm, mm, mm, 6));
        KilnState state =
                KilnState.cold(kiln).lit(List.of(new Segment(Temperature.ofCelsius(815), 0, Optional.empty())));
        Random flicker = new Random(1);
        List<Shown> shown = new ArrayList<>();
        for (int i = 0; i < 720; i++) {
            state = state.after(5);
            shown.add(new Shown(
                    NOON + i * 5_000L,
                    Optional.of(state.reading().orElseThrow() + flicker.nextGaussian() * 0.15),
                    815));
        }
        return shown;
    }

    @Test
    void what_goes_in_comes_out_to_the_second_and_the_tenth_of_a_kelvin() {
        Random chance = new Random(7);
        for (int round = 0; round < 200; round++) {
            List<Shown> shown = new ArrayList<>();
            long at = NOON;
            for (int i = 0; i < 1 + chance.nextInt(400); i++) {
                at += 1000L * chance.nextInt(round % 5 == 0 ? 1_000_000 : 30);
                Optional<Double> celsius =
                        chance.nextInt(20) == 0 ? Optional.empty() : Optional.of((chance.nextInt(16_000) - 300) / 10.0);
                shown.add(new Shown(at, celsius, chance.nextInt(3) == 0 ? 0 : chance.nextInt(12_000) / 10.0));
            }
            assertThat(unpacked(shown)).isEqualTo(shown);
        }
    }

    @Test
    void finer_than_a_tenth_is_rounded() {
        assertThat(unpacked(List.of(new Shown(NOON + 400, Optional.of(814.96), 815.04))))
                .containsExactly(new Shown(NOON, Optional.of(815.0), 815));
    }

    @Test
    void a_reading_of_a_real_fire_takes_little_more_than_a_byte() {
        byte[] packed = PackedCurve.pack(anHour());
        assertThat(packed.length).isLessThan(720 * 2);
    }

    @Test
    void a_drawn_curve_is_short_and_keeps_every_drop_and_peak() {
        List<Shown> all = new ArrayList<>(anHour());
        for (int i = 0; i < 20; i++) {
            all.addAll(anHour().stream()
                    .map(each -> new Shown(each.atMillis() + 3_600_000, each.celsius(), each.setPoint()))
                    .toList());
        }
        all.sort((one, other) -> Long.compare(one.atMillis(), other.atMillis()));
        all.set(5_000, new Shown(all.get(5_000).atMillis(), Optional.of(12.0), 815));
        all.set(9_000, new Shown(all.get(9_000).atMillis(), Optional.of(1_111.0), 815));
        List<Shown> few = KilnLog.drawn(all, 200);
        assertThat(few.size()).isLessThanOrEqualTo(400);
        assertThat(few).isSortedAccordingTo((one, other) -> Long.compare(one.atMillis(), other.atMillis()));
        assertThat(all).containsAll(few);
        assertThat(few.stream().map(each -> each.celsius().orElseThrow())).contains(12.0, 1_111.0);
    }

    @Test
    void a_short_curve_is_drawn_as_it_is_and_a_gap_stays_a_gap() {
        List<Shown> hour = anHour();
        assertThat(KilnLog.drawn(hour, 360)).isEqualTo(hour);
        List<Shown> broken = new ArrayList<>(hour);
        broken.set(300, new Shown(hour.get(300).atMillis(), Optional.empty(), 815));
        assertThat(KilnLog.drawn(broken, 100)).anyMatch(each -> each.celsius().isEmpty());
        assertThat(KilnLog.drawn(List.of(), 100)).isEmpty();
    }
}
