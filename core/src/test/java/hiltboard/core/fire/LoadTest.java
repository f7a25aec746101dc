package hiltboard.core.fire;

import static hiltboard.core.fire.Kilns.mm;
import static hiltboard.core.fire.Kilns.piece;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.SpecificationReader;
import hiltboard.core.fire.LoadPiece.Cover;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class LoadTest {
    private static final Units UNITS = Units.INCH_FAHRENHEIT;
    private static final Duration CYCLE = Duration.ofMinutes(4);

    private static Load harden(LoadPiece... pieces) {
        return Load.of(Treatment.HARDEN, Kilns.usual(), List.of(pieces));
    }

    private static LoadPiece with(LoadPiece piece, String length, String closed) {
        return new LoadPiece(
                piece.id(),
                piece.name(),
                piece.need(),
                mm(length),
                piece.width(),
                piece.thickness(),
                piece.mass(),
                piece.cover(),
                closed.isEmpty() ? List.of() : List.of(closed));
    }

    @Test
    @DisplayName("[worked] five of one steel, 10 min soak, 4 min a cycle: the last has soaked 10 + 4 × 4 = 26 min")
    void last_out_has_soaked_longest() {
        Load load = new Load(
                Treatment.HARDEN,
                Kilns.usual(),
                List.of(piece(1, "O1"), piece(2, "O1"), piece(3, "O1"), piece(4, "O1"), piece(5, "O1")),
                CYCLE);
        assertThat(load.leaving())
                .extracting(Load.Leaving::soak)
                .containsExactly(
                        Duration.ofMinutes(10),
                        Duration.ofMinutes(14),
                        Duration.ofMinutes(18),
                        Duration.ofMinutes(22),
                        Duration.ofMinutes(26));
        assertThat(load.leaving()).extracting(leaving -> leaving.piece().id()).containsExactly(1L, 2L, 3L, 4L, 5L);
    }

    @Test
    void the_shortest_soak_leaves_first() {
        Load load = new Load(
                Treatment.HARDEN, Kilns.usual(), List.of(piece(1, "W2"), piece(2, "1095"), piece(3, "1095")), CYCLE);
        assertThat(load.leaving()).extracting(leaving -> leaving.piece().id()).containsExactly(2L, 3L, 1L);
        assertThat(load.leaving())
                .extracting(Load.Leaving::soak)
                .containsExactly(Duration.ofMinutes(5), Duration.ofMinutes(9), Duration.ofMinutes(15));
    }

    @Test
    void the_cycle_is_what_the_kilns_own_model_needs_to_recover() {
        Load load = harden(piece(1, "O1"), piece(2, "O1"));
        assertThat(load.cycle()).isBetween(Duration.ofSeconds(13), Duration.ofMinutes(5));
        assertThat(harden(piece(1, "O1")).cycle())
                .as("nobody waits for a single piece")
                .isZero();
    }

    @Test
    void pieces_of_one_programme_join_and_the_others_are_told_why_not() {
        Load load = harden(piece(1, "1095"));
        assertThat(load.whyNot(piece(2, "W2"), UNITS)).isEmpty();
        assertThat(load.whyNot(piece(2, "1075"), UNITS))
                .singleElement()
                .asString()
                .isEqualTo("It needs 1515 °F; P1 in this load needs 1475 °F.");
        assertThat(load.whyNot(piece(2, "O1"), UNITS))
                .singleElement()
                .asString()
                .contains("quenched in medium oil; this load in fast oil");
        assertThat(load.whyNot(piece(1, "1095"), UNITS)).contains("It is in this load already.");
        assertThat(load.whyNot(with(piece(2, "1095"), "600", ""), UNITS))
                .singleElement()
                .asString()
                .contains("deep");
        assertThat(load.whyNot(with(piece(2, "1095"), "200", "Holes are not drilled yet"), UNITS))
                .containsExactly("Holes are not drilled yet");
    }

    @Test
    void air_hardening_steel_joins_in_foil_only_and_no_kiln_takes_what_is_too_hot_for_it() {
        Load empty = harden();
        assertThat(empty.whyNot(piece(1, "A2"), UNITS))
                .singleElement()
                .asString()
                .contains("foil");
        assertThat(empty.whyNot(piece(1, "A2", Cover.FOIL), UNITS)).isEmpty();
        Kiln low = new Kiln(
                1500,
                9_000,
                1,
                8,
                10,
                Temperature.ofCelsius(900),
                Duration.ofSeconds(30),
                Kilns.usual().space());
        assertThat(Load.of(Treatment.HARDEN, low, List.of()).whyNot(piece(1, "A2", Cover.FOIL), UNITS))
                .singleElement()
                .asString()
                .contains("safety cuts at 1652 °F");
        assertThat(Load.of(Treatment.NORMALISE, Kilns.usual(), List.of()).whyNot(piece(1, "A2", Cover.FOIL), UNITS))
                .singleElement()
                .asString()
                .contains("annealed, not normalised");
    }

    @Test
    void a_load_is_full_when_its_slots_are_or_when_the_first_would_soak_too_long() {
        Kiln small = new Kiln(
                3000,
                12_000,
                1,
                12,
                12,
                Temperature.ofCelsius(1150),
                Duration.ofSeconds(30),
                new Kiln.Space(mm("150"), mm("130"), mm("450"), 2));
        Load two = Load.of(Treatment.FIRST_TEMPER, small, List.of(piece(1, "O1"), piece(2, "1084")));
        assertThat(two.whyNot(piece(3, "O1"), UNITS)).containsExactly("All 2 slots are taken.");
        Kiln weak = new Kiln(
                1250,
                12_000,
                1.5,
                40,
                12,
                Temperature.ofCelsius(850),
                Duration.ofSeconds(30),
                new Kiln.Space(mm("150"), mm("130"), mm("450"), 20));
        Load load = Load.of(Treatment.HARDEN, weak, List.of());
        int pieces = 0;
        while (load.whyNot(piece(pieces + 1, "1084"), UNITS).isEmpty()) {
            pieces++;
            List<LoadPiece> more = new ArrayList<>(load.pieces());
            more.add(piece(pieces, "1084"));
            load = Load.of(Treatment.HARDEN, weak, more);
        }
        assertThat(load.whyNot(piece(pieces + 1, "1084"), UNITS))
                .singleElement()
                .asString()
                .contains("grain grows");
        assertThat(pieces).isBetween(1, 19);
    }

    @Test
    void tempers_of_different_steels_agree_and_leave_together() {
        Load load = Load.of(
                Treatment.FIRST_TEMPER,
                Kilns.usual(),
                List.of(piece(1, "1084"), piece(2, "O1"), piece(3, "440C", Cover.BARE)));
        assertThat(load.leaving()).extracting(Load.Leaving::soak).containsOnly(Duration.ofHours(2));
        assertThat(load.programme(UNITS).heat().in(UNITS)).isEqualTo("400 °F");
    }

    @Test
    @DisplayName(
            "[worked] soak counts from recovery: 100 s in, back at 340 s, until 640 s is 300 s; the door at 500 s for 40 s takes 40 s off")
    void soak_from_recovery() {
        Soak soak = Soak.from(Temperature.ofCelsius(815), 100, HeatBody.NOTHING, Soak.Counts.RECOVERY);
        for (int second = 100; second <= 640; second += 10) {
            boolean isBack = second >= 340 && !(second > 500 && second < 540);
            soak = soak.with(second, Optional.of(isBack ? 814.0 : 770.0));
        }
        assertThat(soak.recoveredAt()).contains(340.0);
        assertThat(soak.soaked()).isEqualTo(160 + 100);
        assertThat(soak.interruptions()).isEqualTo(1);
        assertThat(soak.drop().kelvin()).isEqualTo(45);
    }

    @Test
    void before_the_work_is_in_and_while_the_thermocouple_is_open_nothing_counts() {
        Soak soak = Soak.from(Temperature.ofCelsius(815), 100, HeatBody.NOTHING, Soak.Counts.RECOVERY)
                .with(50, Optional.of(815.0))
                .with(90, Optional.of(815.0));
        assertThat(soak.soaked()).isZero();
        soak = soak.with(230, Optional.of(815.0))
                .with(260, Optional.empty())
                .with(320, Optional.of(815.0))
                .with(330, Optional.of(815.0));
        assertThat(soak.soaked()).isEqualTo(10);
        assertThat(soak.interruptions()).isEqualTo(1);
    }

    @Test
    @DisplayName("[worked] the thermocouple has not felt the door yet: 815 °C in the first 10 s is no recovery; "
            + "without any drop the soak begins after 2 min")
    void what_has_not_dropped_yet_has_not_recovered() {
        Soak soak = Soak.from(Temperature.ofCelsius(815), 0, HeatBody.NOTHING, Soak.Counts.RECOVERY)
                .with(5, Optional.of(815.0))
                .with(10, Optional.of(813.0));
        assertThat(soak.recoveredAt()).isEmpty();
        assertThat(soak.with(20, Optional.of(790.0))
                        .with(90, Optional.of(812.0))
                        .recoveredAt())
                .contains(90.0);
        assertThat(soak.with(119, Optional.of(815.0)).recoveredAt()).isEmpty();
        assertThat(soak.with(120, Optional.of(815.0)).recoveredAt()).contains(120.0);
    }

    @Test
    void the_soak_never_exceeds_the_time_at_heat_by_a_real_kiln() {
        KilnState state = KilnState.standing(Kilns.usual(), 0, 815, 815, 0)
                .lit(List.of(Segment.until(Temperature.ofCelsius(815))))
                .door(true)
                .after(15)
                .with(HeatBody.blade(1, 4))
                .door(false);
        Soak soak = Soak.from(Temperature.ofCelsius(815), state.seconds(), HeatBody.NOTHING, Soak.Counts.RECOVERY);
        while (soak.soaked() < 300) {
            state = state.after(5);
            soak = soak.with(state.seconds(), state.reading());
        }
        assertThat(soak.recoveredAt().orElseThrow()).isGreaterThan(60);
        assertThat(state.seconds() - soak.recoveredAt().orElseThrow()).isEqualTo(300);
        assertThat(state.body().celsius()).isGreaterThan(810);
    }

    @Test
    @DisplayName(
            "[worked] one kiln, shut, from 1500 °F to 400 °F: τ ln(ΔT₁/ΔT₂) with τ = 12 000 s is about 4 h 50 min, more than the two hours")
    void one_kiln_cannot_do_both_in_time_and_it_is_said_before_the_fire() {
        Load load = new Load(Treatment.HARDEN, Kilns.usual(), List.of(piece(1, "1084"), piece(2, "1084")), CYCLE);
        Temperature hot = Temperature.ofFahrenheit(1500);
        Temperature low = Temperature.ofFahrenheit(400);
        TemperInTime alone = TemperInTime.of(load, hot, low, List.of(), UNITS);
        double seconds = 12_000 * Math.log((hot.celsius() - 20) / (low.celsius() - 20));
        assertThat(alone.firstWaits().toSeconds()).isEqualTo(Math.round(seconds) + 240);
        assertThat(alone.isInTime()).isFalse();
        assertThat(alone.offers()).anyMatch(offer -> offer.contains("Door")).anyMatch(offer -> offer.contains("oven"));
        TemperInTime two = TemperInTime.of(
                load, hot, low, List.of(new TemperInTime.OtherKiln("the small kiln", Kilns.usual(), Kiln.SHOP)), UNITS);
        assertThat(two.offers().get(0)).startsWith("Temper in the small kiln").contains("400 °F");
    }

    @Test
    void a_kiln_that_falls_quickly_needs_no_offers() {
        Kiln light = new Kiln(
                3000,
                2_500,
                1,
                12,
                12,
                Temperature.ofCelsius(1150),
                Duration.ofSeconds(30),
                Kilns.usual().space());
        TemperInTime quick = TemperInTime.of(
                new Load(Treatment.HARDEN, light, List.of(piece(1, "1084")), Duration.ZERO),
                Temperature.ofFahrenheit(1500),
                Temperature.ofFahrenheit(400),
                List.of(),
                UNITS);
        assertThat(quick.isInTime()).isTrue();
        assertThat(quick.offers()).isEmpty();
    }

    @Test
    void programmes_say_what_is_done_and_what_lies_ready() {
        Programme harden = Programme.of(Treatment.HARDEN, piece(1, "W2").need(), UNITS);
        assertThat(harden.kiln()).hasSize(1);
        assertThat(harden.steps())
                .anyMatch(step -> step.contains("15 min, counted from recovery, or from when the blade is at heat"))
                .anyMatch(step -> step.contains("within 2 h"));
        assertThat(harden.ready())
                .anyMatch(line -> line.contains("extinguisher"))
                .anyMatch(line -> line.contains("file"))
                .anyMatch(line -> line.startsWith("Oil at"));
        Programme stainless =
                Programme.of(Treatment.HARDEN, piece(1, "440C", Cover.FOIL).need(), UNITS);
        assertThat(stainless.kiln()).as("a preheat first").hasSize(2);
        assertThat(stainless.steps())
                .anyMatch(step -> step.contains("Cold treatment"))
                .anyMatch(step -> step.contains("plates"));
        assertThat(stainless.ready()).noneMatch(line -> line.contains("Oil"));
        Programme normalise = Programme.of(Treatment.NORMALISE, piece(1, "1084").need(), UNITS);
        assertThat(normalise.kiln())
                .extracting(segment -> segment.to().in(UNITS))
                .containsExactly("1600 °F", "1525 °F", "1450 °F");
        assertThat(Programme.of(Treatment.ANNEAL, piece(1, "1084").need(), UNITS)
                        .kiln())
                .last()
                .satisfies(segment -> assertThat(segment.kelvinPerHour()).isCloseTo(28, within(0.5)));
        assertThat(Programme.of(Treatment.STRAIGHTEN, piece(1, "1084").need(), UNITS)
                        .steps())
                .anyMatch(step -> step.contains("shimmed"));
        assertThat(Programme.of(Treatment.STRESS_RELIEF, piece(1, "1084").need(), UNITS)
                        .heat()
                        .in(UNITS))
                .isEqualTo("1200 °F");
        assertThat(Treatment.values())
                .allSatisfy(treatment -> assertThat(
                                Programme.of(treatment, piece(1, "O1").need(), UNITS)
                                        .ready())
                        .isNotEmpty());
    }

    @Test
    void what_needs_no_kiln_is_said_as_well() {
        assertThat(byHand("hardening=CLAY steel=W2")).containsExactly("Clay on the spine");
        assertThat(byHand("hardening=TORCHED_SPINE")).containsExactly("Soften the spine by torch");
        assertThat(byHand("hardening=BY_EYE")).containsExactly("Harden in the forge");
        assertThat(byHand("steel=440C")).containsExactly("Cold treatment");
        assertThat(byHand("")).isEmpty();
    }

    private static List<String> byHand(String answers) {
        Map<String, String> entries = new HashMap<>();
        for (String answer : answers.isEmpty() ? new String[0] : answers.split(" ")) {
            entries.put(answer.split("=")[0], answer.split("=")[1]);
        }
        var spec = SpecificationReader.read(SpecificationReader.completed(entries, UNITS), UNITS)
                .specification()
                .orElseThrow();
        return Programme.ByHand.of(spec, UNITS).stream()
                .map(Programme.ByHand::words)
                .toList();
    }

    @Test
    @DisplayName(
            "property: whatever joins, nobody is hurt: heats within 15 °F of each other, no soak beyond the longest, one slot each")
    void random_loads_keep_the_rules() {
        Random chance = new Random(11);
        List<Steel> steels = Steel.known();
        for (int round = 0; round < 150; round++) {
            Treatment treatment = Treatment.values()[chance.nextInt(Treatment.values().length)];
            Load load = Load.of(treatment, Kilns.usual(), List.of());
            for (int id = 1; id < 12; id++) {
                LoadPiece piece = piece(
                        id,
                        steels.get(chance.nextInt(steels.size())).designation(),
                        chance.nextBoolean() ? Cover.FOIL : Cover.BARE);
                if (load.whyNot(piece, UNITS).isEmpty()) {
                    List<LoadPiece> more = new ArrayList<>(load.pieces());
                    more.add(piece);
                    load = Load.of(treatment, Kilns.usual(), more);
                }
            }
            assertThat(load.pieces().size()).isLessThanOrEqualTo(6);
            var heats = load.pieces().stream()
                    .mapToDouble(piece -> piece.need().heat(treatment).fahrenheit())
                    .summaryStatistics();
            assertThat(load.pieces().isEmpty() || heats.getMax() - heats.getMin() <= 15.3)
                    .isTrue();
            assertThat(load.leaving())
                    .allSatisfy(leaving -> assertThat(leaving.soak())
                            .isBetween(
                                    leaving.piece().need().soak(treatment),
                                    leaving.piece().need().longest(treatment)));
        }
    }

    @Test
    void a_piece_weighs_and_shines_as_its_size_says() {
        HeatBody body = new LoadPiece(
                        1,
                        "P1",
                        piece(1, "1084").need(),
                        mm("250"),
                        mm("30"),
                        mm("4"),
                        Mass.ofGrams(157),
                        Cover.BARE,
                        List.of())
                .body();
        assertThat(body.joulesPerKelvin()).isCloseTo(0.157 * 650, within(1e-9));
        assertThat(body.squareMetres())
                .as("two faces of 250 × 20 mm, the volume at this thickness")
                .isCloseTo(0.01, within(1e-4));
    }

    @Test
    @DisplayName("[trade] one steel burns together, another heat is another fire, and what is too long is in none")
    void pieces_that_can_burn_together() {
        LoadPiece first = piece(1, "O1");
        LoadPiece stainless = piece(2, "440C");
        LoadPiece second = piece(3, "O1");
        LoadPiece tooLong = with(piece(4, "O1"), "2000", "");
        LoadPiece held = with(piece(5, "O1"), "150", "It is held");
        List<LoadPiece> all = List.of(first, stainless, second, tooLong, held);
        List<Load> fires = Load.together(Treatment.FIRST_TEMPER, Kilns.usual(), all, UNITS);
        assertThat(fires.get(0).pieces()).contains(first, second);
        assertThat(fires.stream().flatMap(fire -> fire.pieces().stream()))
                .contains(first, stainless, second)
                .doesNotContain(tooLong, held);
        for (Load fire : fires) {
            for (LoadPiece piece : fire.pieces()) {
                List<LoadPiece> others = new ArrayList<>(fire.pieces());
                others.remove(piece);
                assertThat(new Load(fire.treatment(), fire.kiln(), others, Duration.ZERO).whyNot(piece, UNITS))
                        .as("every one of them could join the others")
                        .isEmpty();
            }
        }
    }

    @Test
    void a_full_kiln_is_followed_by_another_fire() {
        int slots = Kilns.usual().space().slots();
        List<LoadPiece> many = new ArrayList<>();
        for (int i = 1; i <= slots + 2; i++) {
            many.add(piece(i, "O1"));
        }
        assertThat(Load.together(Treatment.FIRST_TEMPER, Kilns.usual(), many, UNITS))
                .extracting(fire -> fire.pieces().size())
                .containsExactly(slots, 2);
    }
}
