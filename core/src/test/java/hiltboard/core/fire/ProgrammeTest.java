package hiltboard.core.fire;

import static hiltboard.core.fire.Kilns.piece;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.design.Specifications;
import hiltboard.core.fire.LoadPiece.Cover;
import hiltboard.core.material.HeatRange;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operations;
import hiltboard.core.route.Place;
import hiltboard.core.route.Rework;
import java.time.Duration;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class ProgrammeTest {
    private static final Units UNITS = Units.INCH_FAHRENHEIT;

    private static Specification knife(Map<String, String> answers) {
        return SpecificationReader.read(SpecificationReader.completed(answers, UNITS), UNITS)
                .specification()
                .orElseThrow();
    }

    private static HeatNeed need(Map<String, String> answers, Map<String, Quantity> readings) {
        Specification spec = knife(answers);
        return HeatNeed.of(spec, DimensionChain.of(PieceDimensions.of(spec), readings, Map.of(), UNITS));
    }

    static Stream<Steel> steels() {
        return Steel.known().stream();
    }

    @Test
    void a_piece_asks_what_its_own_numbers_say() {
        HeatNeed need = need(Map.of("steel", "W2"), Map.of());
        assertThat(need.hardening().in(UNITS)).isEqualTo("1475 °F");
        assertThat(need.soak()).isEqualTo(Duration.ofMinutes(15));
        assertThat(need.quench()).isEqualTo(Quench.FAST_OIL);
        assertThat(need(Map.of("steel", "W2", "quench", "WATER_THEN_OIL"), Map.of())
                        .quench())
                .isEqualTo(Quench.WATER_THEN_OIL);
        assertThat(need(Map.of("steel", "W2", "hardening", "CLAY"), Map.of()).isClayed())
                .isTrue();
    }

    @ParameterizedTest
    @MethodSource("steels")
    void hardening_begins_with_a_preheat_where_it_is_hot_and_ends_in_the_quench_that_stands_ready(Steel steel) {
        Programme programme = Programme.of(Treatment.HARDEN, Kilns.need(steel, steel.soak(), steel.quench()), UNITS);
        boolean isHot = steel.hardening().fahrenheit() > 1750;
        assertThat(programme.kiln()).hasSize(isHot ? 2 : 1).last().satisfies(last -> {
            assertThat(last.to()).isEqualTo(steel.hardening());
            assertThat(last.stays()).as("until the last one is out").isEmpty();
        });
        assertThat(programme.kiln().get(0).stays().isPresent()).isEqualTo(isHot);
        assertThat(programme.soak()).isEqualTo(steel.soak());
        assertThat(String.join(" ", programme.ready()).contains("extinguisher"))
                .isEqualTo(steel.quench().isLiquid());
        assertThat(String.join(" ", programme.ready()).contains("Plates"))
                .isEqualTo(!steel.quench().isLiquid());
        assertThat(String.join(" ", programme.steps()).contains("Cold treatment"))
                .isEqualTo(steel.cold().isPresent());
        assertThat(programme.steps()).last().asString().startsWith("Temper at").contains("within 2 h");
    }

    @ParameterizedTest
    @EnumSource(Quench.class)
    void every_medium_has_its_warmth_and_its_own_caution(Quench quench) {
        HeatRange medium = quench.medium();
        assertThat(medium.low().celsius())
                .isBetween(5.0, 60.0)
                .isLessThan(medium.high().celsius());
        HeatNeed need = Kilns.need(Steel.named("1095").orElseThrow(), Duration.ofMinutes(5), quench);
        Programme programme = Programme.of(Treatment.HARDEN, need, UNITS);
        String all = String.join(" ", programme.steps()) + String.join(" ", programme.ready());
        switch (quench) {
            case FAST_OIL, MEDIUM_OIL ->
                assertThat(all)
                        .contains(medium.in(UNITS))
                        .contains("no water near")
                        .contains("Interrupted");
            case WATER_THEN_OIL -> assertThat(all).contains("cracks blades").contains("wet blade into hot oil spits");
            case PLATES_AND_AIR -> assertThat(all).contains("1½ to 2 minutes").contains("Gloves");
        }
    }

    @Test
    @DisplayName(
            "common practice: normalised three times, each cooler; a steel that hardens in air is annealed instead")
    void normalising() {
        Programme programme = Programme.of(Treatment.NORMALISE, piece(1, "5160").need(), UNITS);
        assertThat(programme.kiln())
                .hasSize(3)
                .isSortedAccordingTo((one, other) ->
                        Double.compare(other.to().celsius(), one.to().celsius()));
        assertThat(programme.steps()).allMatch(step -> step.contains("still air"));
        assertThat(Programme.of(Treatment.NORMALISE, piece(1, "D2", Cover.FOIL).need(), UNITS)
                        .kiln())
                .isEmpty();
    }

    @Test
    void what_cools_in_the_kiln_stays_at_heat_until_its_soak_is_up_then_annealing_comes_down_slowly_by_itself() {
        KilnState state = KilnState.cold(Kilns.usual())
                .lit(Programme.of(Treatment.ANNEAL, piece(1, "1084").need(), UNITS)
                        .kiln())
                .after(4 * 3600);
        assertThat(state.segment()).as("however late the blade is at heat").isZero();
        state = state.next();
        double from = state.reading().orElseThrow();
        state = state.after(3600);
        assertThat((from - state.reading().orElseThrow()) * 1.8)
                .as("50 °F in the first hour")
                .isBetween(35.0, 60.0);
        KilnState relief = KilnState.cold(Kilns.usual())
                .lit(Programme.of(Treatment.STRESS_RELIEF, piece(1, "1084").need(), UNITS)
                        .kiln())
                .after(4 * 3600);
        assertThat(relief.isLit()).isTrue();
        assertThat(relief.next().isLit()).as("off, and down in the shut kiln").isFalse();
    }

    @Test
    void the_shared_heat_lies_midway_and_the_longest_soak_counts() {
        Steel w2 = Steel.named("W2").orElseThrow();
        HeatNeed hotter = new HeatNeed(
                w2,
                Temperature.ofCelsius(w2.hardening().celsius() + 6),
                Duration.ofMinutes(5),
                Quench.FAST_OIL,
                w2.tempering(),
                false);
        Programme programme =
                Programme.shared(Treatment.HARDEN, List.of(Kilns.need(w2, w2.soak(), w2.quench()), hotter), UNITS);
        assertThat(programme.heat().celsius()).isEqualTo(w2.hardening().celsius() + 3);
        assertThat(programme.soak()).isEqualTo(Duration.ofMinutes(15));
    }

    @Test
    @DisplayName("[trade] of an axe head only the bit is quenched, whatever lies beside it in the kiln")
    void an_axe_head_is_never_wholly_under() {
        HeatNeed blade = need(Specifications.fullTang("steel", "5160"));
        HeatNeed head = need(Specifications.of(Construction.HATCHET));
        assertThat(steps(head)).contains("edge first", "only the bit").doesNotContain("wholly under", "point first");
        assertThat(steps(blade)).contains("point first, straight, wholly under").doesNotContain("only the bit");
        assertThat(steps(blade, head)).contains("wholly under; an axe head edge first");
    }

    private static HeatNeed need(Specification spec) {
        return HeatNeed.of(spec, DimensionChain.of(PieceDimensions.of(spec), Map.of(), Map.of(), UNITS));
    }

    private static String steps(HeatNeed... needs) {
        return String.join(
                "\n", Programme.shared(Treatment.HARDEN, List.of(needs), UNITS).steps());
    }

    @Test
    void each_step_of_a_route_at_the_kiln_is_one_treatment() {
        Specification forged = knife(Map.of("steelForm", "FORGED"));
        List<Operation> operations = Operations.of(forged, Place.ALONE, Rework.NONE);
        Map<Treatment, Optional<String>> steps = new EnumMap<>(Treatment.class);
        Arrays.stream(Treatment.values())
                .forEach(treatment -> steps.put(
                        treatment,
                        operations.stream()
                                .filter(treatment::isDoneAt)
                                .map(Operation::key)
                                .findFirst()));
        assertThat(steps)
                .containsEntry(Treatment.NORMALISE, Optional.of("normalise"))
                .containsEntry(Treatment.HARDEN, Optional.of("harden"))
                .containsEntry(Treatment.FIRST_TEMPER, Optional.of("temper-first"))
                .containsEntry(Treatment.LAST_TEMPER, Optional.of("temper-second"))
                .containsEntry(Treatment.STRAIGHTEN, Optional.of("straighten"))
                .containsEntry(Treatment.STRESS_RELIEF, Optional.empty());
        Specification outside = knife(Map.of("hardening", "OUTSIDE"));
        assertThat(Operations.of(outside, Place.ALONE, Rework.NONE))
                .as("what is hardened outside needs no kiln here")
                .noneMatch(Treatment.HARDEN::isDoneAt);
        assertThat(Operations.of(knife(Map.of("hardening", "BY_EYE")), Place.ALONE, Rework.NONE))
                .noneMatch(Treatment.HARDEN::isDoneAt);
        assertThat(Treatment.named("HARDEN")).contains(Treatment.HARDEN);
        assertThat(Treatment.named("FRY")).isEmpty();
    }

    @Test
    @DisplayName("[worked] what comes: cold, the way up; then the soak; then a cycle for each further piece; then τ "
            + "ln(ΔT₁/ΔT₂) down to the temper")
    void what_comes_is_foretold() {
        Load load = new Load(
                Treatment.HARDEN,
                Kilns.usual(),
                List.of(piece(1, "1084"), piece(2, "1084"), piece(3, "1084")),
                Duration.ofMinutes(1));
        Temperature heat = Temperature.ofFahrenheit(1500);
        Duration soak = Duration.ofMinutes(3);
        List<Ahead> cold = Ahead.of(load, heat, soak, Kiln.SHOP, Optional.empty(), Soak.Counts.BLADE);
        assertThat(cold)
                .extracting(Ahead::words)
                .containsExactly(
                        "At heat",
                        "Recovered, if the work goes in at once",
                        "Blade at heat, by estimate",
                        "Soak up",
                        "Last one out",
                        "This kiln down at tempering heat");
        assertThat(cold.get(0).in()).isEqualTo(Kilns.usual().heatingTime(Kiln.SHOP, heat));
        assertThat(cold.get(1).in()).isBetween(cold.get(0).in(), cold.get(2).in());
        assertThat(cold.get(3).in().minus(cold.get(2).in())).isEqualTo(soak);
        assertThat(cold.get(4).in().minus(cold.get(3).in())).isEqualTo(Duration.ofMinutes(2));
        assertThat(cold.get(5).in().minus(cold.get(4).in()))
                .isEqualTo(Kilns.usual().coolingTime(heat, Temperature.ofFahrenheit(400), false));
        assertThat(Ahead.of(load, heat, soak, Kiln.SHOP, Optional.empty(), Soak.Counts.RECOVERY))
                .extracting(Ahead::words)
                .doesNotContain("Blade at heat, by estimate");
        List<Ahead> hot = Ahead.of(load, heat, soak, heat, Optional.of(soaking(heat, 60)), Soak.Counts.BLADE);
        assertThat(hot.get(0)).isEqualTo(new Ahead(Ahead.What.SOAK_UP, Duration.ofMinutes(2)));
        assertThat(Ahead.of(load, heat, soak, heat, Optional.of(soaking(heat, 500)), Soak.Counts.BLADE)
                        .get(0)
                        .in())
                .as("due, not overdue")
                .isZero();
    }

    /** Hot all through, and soaking for so long. */
    private static Soak soaking(Temperature heat, int seconds) {
        Soak soak = Soak.from(heat, 0, HeatBody.NOTHING, Soak.Counts.BLADE);
        for (int second = 1; second <= 120 + seconds; second++) {
            soak = soak.with(second, Optional.of(heat.celsius()));
        }
        return soak;
    }

    @Test
    void the_foretold_way_up_and_recovery_are_those_of_the_kiln() {
        Load load = Load.of(Treatment.HARDEN, Kilns.usual(), List.of(piece(1, "1084"), piece(2, "1084")));
        Temperature heat = Temperature.ofFahrenheit(1500);
        Duration foretold = Ahead.of(load, heat, Duration.ofMinutes(3), Kiln.SHOP, Optional.empty(), Soak.Counts.BLADE)
                .get(0)
                .in();
        KilnState state = KilnState.cold(Kilns.usual()).lit(List.of(Segment.until(heat)));
        while (!state.isThere()) {
            state = state.after(1);
        }
        assertThat(state.seconds()).isCloseTo(foretold.toSeconds(), within(120.0));
    }

    @Test
    void soaks_are_said_with_seconds_while_they_are_short() {
        assertThat(Soak.words(Duration.ofSeconds(45))).isEqualTo("45 s");
        assertThat(Soak.words(Duration.ofSeconds(225))).isEqualTo("3 min 45 s");
        assertThat(Soak.words(Duration.ofMinutes(3))).isEqualTo("3 min");
        assertThat(Soak.words(Duration.ofSeconds(8_225))).isEqualTo("2 h 17 min");
    }

    @Test
    void a_ramp_is_no_negative_number() {
        assertThatThrownBy(() -> new Segment(Temperature.ofCelsius(500), -1, Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Segment(Temperature.ofCelsius(500), Double.NaN, Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
