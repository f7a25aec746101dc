package hiltboard.core.glue;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.glue.GlueClock.Phase;
import hiltboard.core.glue.MixRatio.Weighed;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Volume;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GlueBenchTest {
    private static final Map<String, String> SLOW = Map.ofEntries(
            Map.entry("name", "Slow one"),
            Map.entry("kind", "SLOW_EPOXY"),
            Map.entry("measured", "VOLUME"),
            Map.entry("firstParts", "4"),
            Map.entry("secondParts", "1"),
            Map.entry("firstDensity", "1.15"),
            Map.entry("secondDensity", "0.95"),
            Map.entry("off", "5"),
            Map.entry("statedAt", "20 C"),
            Map.entry("statedMass", "100 g"),
            Map.entry("working", "30 min"),
            Map.entry("grips", "240 min"),
            Map.entry("sets", "280 min"),
            Map.entry("handled", "8 h"),
            Map.entry("cured", "24 h"),
            Map.entry("keeps", "24"));

    @Test
    @DisplayName("[worked] 4 : 1 by volume of 1.15 and 0.95 g/mL is 4.842 : 1 by weight")
    void by_weight() {
        assertThat(sheet().ratio().orElseThrow().first()).isCloseTo(4.842, within(0.0005));
        assertThat(sheet().ratioWorked(MILLIMETRE_CELSIUS).orElseThrow().working())
                .containsExactly("(4 × 1.15) ÷ (1 × 0.95 g/mL) ≈ 4.842 : 1 by weight");
        assertThat(sheet("measured", "WEIGHT", "firstParts", "100", "secondParts", "45")
                        .ratio()
                        .orElseThrow()
                        .first())
                .isCloseTo(100 / 45d, within(1e-9));
        assertThat(sheet("firstDensity", "", "secondDensity", "").ratio()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"20, 30", "30, 15", "10, 60", "25, 21.2"})
    @DisplayName("[trade] half the working time for each 10 °C warmer: 30 min at 20 °C is 15 at 30 °C, 60 at 10 °C")
    void the_law_of_warmth(double celsius, double minutes) {
        assertThat(working(celsius).usual().toSeconds() / 60d).isCloseTo(minutes, within(0.02));
    }

    @Test
    @DisplayName(
            "[worked] between 1.7 and 2.5 times for ten degrees: 30 min at 20 °C is 12 to 17.6 min at 30 °C, 51 to 75 at 10 °C")
    void how_far_the_law_is_known() {
        assertThat(working(30).range()).isEqualTo(TimeRange.ofSeconds(720, 1059));
        assertThat(working(10).range()).isEqualTo(TimeRange.ofSeconds(3060, 4500));
        assertThat(working(20).range()).isEqualTo(TimeRange.ofMinutes(30, 30));
        assertThat(sheet().times(Temperature.ofCelsius(8), Optional.empty()).isKnown())
                .isFalse();
    }

    @Test
    @DisplayName("[trade] in a mass it goes off sooner, in less than its sheet's mass no later")
    void in_a_mass() {
        assertThat(sheet().times(Temperature.ofCelsius(20), Optional.of(Mass.ofGrams(200)))
                        .working()
                        .usual())
                .isLessThan(Duration.ofMinutes(25))
                .isGreaterThan(Duration.ofMinutes(20));
        assertThat(sheet().times(Temperature.ofCelsius(20), Optional.of(Mass.ofGrams(20)))
                        .working()
                        .usual())
                .isEqualTo(Duration.ofMinutes(30));
    }

    private static Warmth.InTheShop working(double celsius) {
        return sheet().times(Temperature.ofCelsius(celsius), Optional.empty()).working();
    }

    @Test
    @DisplayName("[worked] 2 : 1 by weight, a scale of 0.1 g, 2 %: 10 g are 6.7 and 3.4 (rounded up); 1 g is refused")
    void weighed() {
        MixRatio ratio = new MixRatio(2, 0.05);
        Weighed weighed = ratio.weighed(Mass.ofGrams(10), Mass.ofGrams(0.1));
        assertThat(weighed.first()).isEqualTo(Mass.ofGrams(6.7));
        assertThat(weighed.second()).isIn(Mass.ofGrams(3.3), Mass.ofGrams(3.4));
        assertThat(weighed.worst()).isLessThan(0.05);
        assertThatThrownBy(() -> ratio.weighed(Mass.ofGrams(1), Mass.ofGrams(0.1)))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("or more");
    }

    @Test
    @DisplayName("the smallest mix that is said to be safe is safe, however both readings fall within half a step")
    void the_smallest_safe_mix() {
        Random random = new Random(4);
        for (int i = 0; i < 500; i++) {
            MixRatio ratio = new MixRatio(random.nextDouble(0.3, 8), random.nextDouble(0.01, 0.1));
            Mass step = Mass.ofGrams(new double[] {0.01, 0.1, 1}[random.nextInt(3)]);
            Mass least = ratio.smallest(step);
            Weighed weighed = ratio.weighed(least, step);
            assertThat(weighed.worst()).isLessThanOrEqualTo(ratio.off() + 1e-9);
            double half = step.milligrams() / 2d;
            for (int sign : new int[] {-1, 1}) {
                double off = (weighed.first().milligrams() + sign * half)
                                / (weighed.second().milligrams() - sign * half)
                                / ratio.first()
                        - 1;
                assertThat(Math.abs(off)).isLessThanOrEqualTo(ratio.off() + 1e-9);
            }
        }
    }

    @Test
    @DisplayName("[worked] 6.6 and 3.6 g of a 2 : 1 mix are 8.3 % off: 0.6 g of the first put it right")
    void out_of_ratio() {
        MixRatio ratio = new MixRatio(2, 0.05);
        assertThat(ratio.offBy(Mass.ofGrams(6.6), Mass.ofGrams(3.6))).isCloseTo(-0.0833, within(0.0001));
        assertThat(ratio.holds(Mass.ofGrams(6.6), Mass.ofGrams(3.6))).isFalse();
        assertThat(ratio.holds(Mass.ofGrams(6.6), Mass.ofGrams(3.4))).isTrue();
        assertThat(ratio.puttingRight(Mass.ofGrams(6.6), Mass.ofGrams(3.6)))
                .isEqualTo(new MixRatio.Added(true, Mass.ofGrams(0.6)));
        assertThat(ratio.puttingRight(Mass.ofGrams(8), Mass.ofGrams(3.5)))
                .isEqualTo(new MixRatio.Added(false, Mass.ofGrams(0.5)));
        assertThatThrownBy(() -> new MixRatio(0, 0.05)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] 2 cm³ of cavity and 40 cm² of faces: (2 + 0.6) × 1.3 + 1.5 = 4.88 cm³, × 1.11 g/mL = 5.42 g")
    void how_much() {
        AdhesiveNeeded needed = new AdhesiveNeeded(new Volume(2000), 4000);
        assertThat(needed.volume().cubicMillimetres()).isCloseTo(4880, within(1e-6));
        assertThat(needed.mass(sheet().density(), MILLIMETRE_CELSIUS).value().grams())
                .isCloseTo(4.88 * 1.11, within(0.01));
        assertThatThrownBy(() -> new AdhesiveNeeded(new Volume(0), 0)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[trade] a dry fit that took longer than half the working time is too long; so many parts go through")
    void the_dry_run() {
        Duration working = Duration.ofMinutes(30);
        assertThat(new Rehearsal(Duration.ofMinutes(14), 5).isTooLong(working)).isFalse();
        Rehearsal slow = new Rehearsal(Duration.ofMinutes(20), 5);
        assertThat(slow.isTooLong(working)).isTrue();
        assertThat(slow.partsBeforeItGels(working)).isEqualTo(3);
        assertThat(slow.words(working)).contains("too long", "3 parts of 5");
        assertThatThrownBy(() -> new Rehearsal(Duration.ZERO, 2)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName(
            "[trade] bedded at four in the afternoon in a cool shop: it must be pulled at night, and that is said before")
    void pulled_at_night() {
        GlueClock clock = clock("2026-03-02T16:00:00Z", 20, true);
        assertThat(clock.pull().orElseThrow().from()).isEqualTo(Instant.parse("2026-03-02T20:00:00Z"));
        assertThat(clock.pull().orElseThrow().to()).isEqualTo(Instant.parse("2026-03-02T20:40:00Z"));
        assertThat(clock.pull().orElseThrow().isAtNight(ZoneOffset.UTC)).isTrue();
        assertThat(clock("2026-03-02T08:00:00Z", 20, true).pull().orElseThrow().isAtNight(ZoneOffset.UTC))
                .isFalse();
        assertThat(clock("2026-03-02T16:00:00Z", 30, true).pull().orElseThrow().isAtNight(ZoneOffset.UTC))
                .as("a warm shop: pulled at six")
                .isTrue();
        assertThat(clock("2026-03-02T15:00:00Z", 30, true).pull().orElseThrow().from())
                .isEqualTo(Instant.parse("2026-03-02T17:00:00Z"));
        assertThat(clock("2026-03-02T16:00:00Z", 20, false).pull()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"10, WORKED", "40, GELLING", "250, PULLED", "300, SETTING", "500, HANDLED", "1500, CURED"})
    void where_it_stands(long minutes, Phase phase) {
        GlueClock clock = clock("2026-03-02T08:00:00Z", 20, true);
        assertThat(clock.at(clock.mixed().plus(Duration.ofMinutes(minutes))).phase())
                .isEqualTo(phase);
    }

    @Test
    void every_stretch_begins_where_the_one_before_ends_at_any_warmth() {
        for (int celsius = 10; celsius <= 40; celsius++) {
            for (boolean isBedded : new boolean[] {true, false}) {
                var stretches = clock("2026-03-02T08:00:00Z", celsius, isBedded).stretches();
                for (int i = 1; i < stretches.size(); i++) {
                    assertThat(stretches.get(i - 1).to())
                            .contains(stretches.get(i).from());
                    assertThat(stretches.get(i).from())
                            .isAfterOrEqualTo(stretches.get(i - 1).from());
                }
                assertThat(stretches.get(stretches.size() - 1).to()).isEmpty();
            }
        }
    }

    private static GlueClock clock(String mixed, double celsius, boolean isBedded) {
        return new GlueClock(
                Instant.parse(mixed), sheet().times(Temperature.ofCelsius(celsius), Optional.empty()), isBedded);
    }

    @Test
    void a_sheet_is_kept_and_comes_back_and_what_it_lacks_is_asked_for() {
        assertThat(AdhesiveSheet.ofKept(sheet().kept())).isEqualTo(sheet());
        assertThat(AdhesiveSheet.read(Map.of("name", "X"), INCH_FAHRENHEIT).findings())
                .extracting(finding -> finding.field())
                .contains("statedAt", "working", "cured");
        Map<String, String> half = new HashMap<>(SLOW);
        half.put("sets", "");
        assertThat(AdhesiveSheet.read(half, INCH_FAHRENHEIT).findings())
                .extracting(finding -> finding.field())
                .containsExactly("sets");
    }

    private static AdhesiveSheet sheet(String... changes) {
        Map<String, String> entries = new HashMap<>(SLOW);
        for (int i = 0; i < changes.length; i += 2) {
            entries.put(changes[i], changes[i + 1]);
        }
        AdhesiveSheet.Read read = AdhesiveSheet.read(entries, MILLIMETRE_CELSIUS);
        assertThat(read.findings()).isEmpty();
        return read.sheet();
    }
}
