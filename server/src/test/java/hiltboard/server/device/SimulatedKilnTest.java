package hiltboard.server.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.Segment;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.server.device.ConnectedKiln.Shown;
import hiltboard.server.device.KilnStandIn.Seen;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SimulatedKilnTest {
    private static final Length MM = Length.ofMillimetres("300");
    private static final Kiln KILN = Kiln.measured(
            3000,
            Temperature.ofCelsius(815),
            Duration.ofMinutes(70),
            Temperature.ofCelsius(205),
            Duration.ofHours(5),
            Temperature.ofCelsius(1150),
            new Kiln.Space(MM, MM, MM, 6));
    private static final List<Segment> HARDENING =
            List.of(new Segment(Temperature.ofCelsius(815), 0, Optional.empty()));

    private final AtomicLong shop = new AtomicLong(1_000_000);
    private final SimulatedKiln kiln = new SimulatedKiln(KILN, Optional.empty(), shop::get);

    private void pass(Duration time) {
        shop.addAndGet(time.toMillis());
    }

    private double shown() {
        return kiln.status().shown().celsius().orElseThrow();
    }

    @Test
    void it_goes_on_by_the_shops_clock_and_shows_a_reading_every_five_seconds_while_it_burns() {
        kiln.light(HARDENING);
        pass(Duration.ofMinutes(10));
        List<Shown> shown =
                kiln.shown().stream().filter(each -> each.setPoint() > 0).toList();
        assertThat(shown).hasSize(121);
        assertThat(IntStream.range(1, shown.size())
                        .mapToLong(
                                i -> shown.get(i).atMillis() - shown.get(i - 1).atMillis()))
                .containsOnly(5_000L);
        assertThat(shown)
                .isSortedAccordingTo((one, other) -> Double.compare(
                        one.celsius().orElseThrow(), other.celsius().orElseThrow()));
        assertThat(kiln.shown()).as("told once").isEmpty();
    }

    @Test
    void a_cold_kiln_shows_little() {
        pass(Duration.ofDays(3));
        assertThat(kiln.shown()).hasSizeLessThan(3);
        assertThat(shown()).isEqualTo(20);
    }

    @Test
    void its_clock_runs_as_fast_as_it_is_told_and_never_backwards() {
        kiln.light(HARDENING);
        kiln.pace(60);
        long before = kiln.status().shown().atMillis();
        pass(Duration.ofSeconds(30));
        long after = kiln.status().shown().atMillis();
        assertThat(after - before).isEqualTo(Duration.ofMinutes(30).toMillis());
        assertThat(shown()).as("half an hour of heat in half a minute").isBetween(350.0, 600.0);
        kiln.pace(1);
        shop.addAndGet(-60_000);
        assertThat(kiln.status().shown().atMillis())
                .as("the shop’s clock was set back")
                .isEqualTo(after);
        assertThatThrownBy(() -> kiln.pace(100_000)).hasMessageContaining("100000");
        assertThatThrownBy(() -> kiln.pace(0)).hasMessageContaining("0");
        assertThat(kiln.pace()).isEqualTo(1);
    }

    @Test
    void while_it_does_not_answer_it_goes_on_takes_nothing_and_shows_afterwards_what_it_was_meanwhile() {
        kiln.light(HARDENING);
        pass(Duration.ofMinutes(10));
        kiln.shown();
        kiln.fail(Optional.of(KilnFault.SILENT));
        pass(Duration.ofMinutes(10));
        assertThat(kiln.status().fault()).contains(KilnFault.SILENT);
        assertThat(kiln.status().shown().celsius()).isEmpty();
        assertThat(kiln.shown()).isEmpty();
        assertThatThrownBy(kiln::out).hasMessageContaining("does not answer");
        kiln.fail(Optional.empty());
        assertThat(kiln.status().isLit()).isTrue();
        assertThat(kiln.shown()).as("every five seconds of ten minutes").hasSizeGreaterThan(100);
    }

    @Test
    @DisplayName("[worked] an hour at 815 °C, out and shut: back to 205 °C in five hours, as it was measured")
    void it_comes_down_as_its_two_times_say() {
        kiln.light(HARDENING);
        pass(Duration.ofHours(3));
        assertThat(shown()).isBetween(813.0, 817.0);
        kiln.out();
        pass(Duration.ofHours(5));
        assertThat(shown()).isBetween(203.0, 209.0);
        assertThat(kiln.status().isLit()).isFalse();
    }

    @Test
    void work_that_goes_in_drops_it_and_work_that_leaves_does_not() {
        kiln.light(HARDENING);
        pass(Duration.ofHours(2));
        HeatBody blades = new HeatBody(650, 0.08);
        kiln.holds(blades);
        pass(Duration.ofSeconds(60));
        double dropped = shown();
        assertThat(dropped).as("one kilogram of cold blades, a minute later").isLessThan(805);
        pass(Duration.ofMinutes(20));
        double before = shown();
        kiln.holds(new HeatBody(325, 0.04));
        pass(Duration.ofSeconds(30));
        assertThat(shown()).isCloseTo(before, within(2.0));
    }

    @Test
    void faults_are_seen_from_outside_and_pass_when_it_is_whole_again() {
        kiln.light(HARDENING);
        pass(Duration.ofHours(2));
        kiln.fail(Optional.of(KilnFault.THERMOCOUPLE_OPEN));
        pass(Duration.ofMinutes(1));
        assertThat(kiln.status().shown().celsius()).isEmpty();
        assertThat(kiln.status().isHeating()).isFalse();
        assertThat(kiln.status().fault()).contains(KilnFault.THERMOCOUPLE_OPEN);
        assertThat(kiln.shown())
                .last()
                .satisfies(last -> assertThat(last.celsius()).isEmpty());
        kiln.fail(Optional.empty());
        pass(Duration.ofMinutes(30));
        assertThat(shown()).isBetween(810.0, 820.0);
    }

    @Test
    void after_a_restart_it_stands_as_it_was_seen_and_its_clock_does_not_go_back() {
        kiln.light(HARDENING);
        kiln.pace(600);
        pass(Duration.ofSeconds(20));
        Seen seen = kiln.seen();
        SimulatedKiln again = new SimulatedKiln(KILN, Optional.of(seen), shop::get);
        assertThat(again.status().shown().atMillis()).isEqualTo(seen.clockMillis());
        assertThat(again.status().shown().celsius().orElseThrow())
                .isCloseTo(seen.chamber() + seen.drift(), within(0.1));
        assertThat(again.status().isLit()).isFalse();
    }

    @Test
    void the_parts_of_a_programme_follow_each_other_or_are_called() {
        kiln.light(List.of(
                new Segment(Temperature.ofCelsius(300), 0, Optional.of(Duration.ofMinutes(5))),
                new Segment(Temperature.ofCelsius(500), 0, Optional.empty()),
                new Segment(Temperature.ofCelsius(200), 0, Optional.empty())));
        pass(Duration.ofHours(1));
        assertThat(kiln.status().part()).isEqualTo(1);
        kiln.next();
        assertThat(kiln.status().part()).isEqualTo(2);
        kiln.next();
        assertThat(kiln.status().isLit()).isFalse();
        kiln.next();
        assertThat(kiln.status().isLit()).as("nothing to go on to").isFalse();
    }

    @Test
    @DisplayName(
            "the tester scatters round what is likely: a thousand presses, their mean within 0.1 HRC, each on the scale")
    void the_tester() {
        SimulatedTester tester = new SimulatedTester();
        Hardness likely = new Hardness(new BigDecimal("60"));
        double[] read = IntStream.range(0, 1_000)
                .mapToDouble(i -> tester.read(likely).magnitude())
                .toArray();
        assertThat(Arrays.stream(read).average().orElseThrow()).isCloseTo(60, within(0.1));
        assertThat(Arrays.stream(read).max().orElseThrow()).isBetween(60.5, 63.0);
        assertThat(tester.read(new Hardness(new BigDecimal("70"))).magnitude()).isLessThanOrEqualTo(70);
        assertThat(tester.read(new Hardness(new BigDecimal("20"))).magnitude()).isGreaterThanOrEqualTo(20);
    }
}
