package hiltboard.core.grind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class GritTest {

    @ParameterizedTest(name = "[table, memory] {0} is {1} µm")
    @CsvSource({
        // ISO 6344 / FEPA 43, mean diameters
        "P36, 538",
        "P60, 269",
        "P80, 201",
        "P120, 125",
        "P220, 68",
        "P240, 58.5",
        "P320, 46.2",
        "P400, 35.0",
        "P600, 25.8",
        "P1000, 18.3",
        "P1500, 12.6",
        "P2000, 10.3",
        "P2500, 8.4",
        // ANSI B74.18
        "400, 23.6",
        "600, 16",
        "220 grit, 68",
        // JIS R 6001
        "stone 1000, 11.5",
        "#3000, 4",
        "8000 stone, 1.2",
        // stated
        "45 µm, 45",
        "16um, 16",
        "0.9 micron, 0.9"
    })
    void a_name_stands_for_a_grain(String name, double micrometres) {

        assertThat(Grit.named(name).orElseThrow().micrometres()).isCloseTo(micrometres, within(0.001));
    }

    @ParameterizedTest
    @ValueSource(strings = {"P37", "401", "stone 7", "3000 µm", "0.1 µm", "coarse", "P", ""})
    void what_no_table_has_is_no_grit(String name) {
        assertThat(Grit.named(name)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Grading.class)
    void every_table_gets_finer_downwards_and_every_name_finds_its_own(Grading grading) {
        List<Grit> all = Grit.all(grading);
        for (int i = 1; i < all.size(); i++) {
            assertThat(all.get(i).micrometres()).isLessThan(all.get(i - 1).micrometres());
            assertThat(all.get(i).number()).isGreaterThan(all.get(i - 1).number());
        }
        assertThat(all).allSatisfy(grit -> assertThat(Grit.named(grit.name())).contains(grit));
    }

    @Test
    @DisplayName("[table, memory] the same number is finer in plain grits than in P grits from 320 on")
    void plain_and_p_differ() {
        Stream.of(320, 400, 600, 1000)
                .forEach(number -> assertThat(
                                Grit.of(Grading.PLAIN, number).orElseThrow().micrometres())
                        .isLessThan(Grit.of(Grading.P, number).orElseThrow().micrometres()));
    }

    @Test
    @DisplayName("[trade] 36, 60, 120, 220, 400: each about twice as fine")
    void usual_belts() {
        assertThat(GritLadder.of(grit("P36"), grit("P400"), Optional.empty()).words())
                .isEqualTo("P36, P60, P120, P220, P400");
        assertThat(GritLadder.isAStep(grit("60"), grit("120"))).isTrue();
        assertThat(GritLadder.isAStep(grit("P36"), grit("P80"))).as("skips").isFalse();
        assertThat(GritLadder.isAStep(grit("220"), grit("400")))
                .as("plain 400 is finer")
                .isFalse();
        assertThat(GritLadder.isAStep(grit("P220"), grit("P400"))).isTrue();
    }

    @Test
    void a_ladder_never_skips_whatever_it_goes_from_and_to() {
        Random random = new Random(20);
        List<Grit> all = Stream.concat(
                        Arrays.stream(Grading.values()).flatMap(grading -> Grit.all(grading).stream()),
                        random.doubles(60, 0.6, 600).mapToObj(grain -> new Grit(Grading.MICROMETRES, 0, grain)))
                .toList();
        for (int i = 0; i < 4000; i++) {
            Grit one = all.get(random.nextInt(all.size()));
            Grit other = all.get(random.nextInt(all.size()));
            Grit start = one.isCoarserThan(other) ? one : other;
            Grit finish = start == one ? other : one;
            GritLadder ladder = GritLadder.of(start, finish, Optional.empty());
            assertThat(ladder.grits().get(0)).isEqualTo(start);
            assertThat(ladder.grits().get(ladder.grits().size() - 1).micrometres())
                    .isEqualTo(finish.micrometres());
            for (int step = 1; step < ladder.grits().size(); step++) {
                Grit from = ladder.grits().get(step - 1);
                Grit to = ladder.grits().get(step);
                assertThat(from.isCoarserThan(to))
                        .as("%s: %s", start, ladder.words())
                        .isTrue();
                assertThat(GritLadder.isAStep(from, to) || !ladder.cautions().isEmpty())
                        .as("%s to %s: %s", start, finish, ladder.words())
                        .isTrue();
            }
        }
    }

    @Test
    void what_is_coarser_than_was_reached_is_said_and_what_ends_coarser_than_it_began_cannot_be() {
        assertThat(GritLadder.of(grit("P80"), grit("P400"), Optional.of(grit("P220")))
                        .cautions())
                .singleElement()
                .asString()
                .contains("P80 is coarser than the P220 that was reached");
        assertThat(GritLadder.of(grit("P220"), grit("P400"), Optional.of(grit("P220")))
                        .cautions())
                .isEmpty();
        assertThatThrownBy(() -> GritLadder.of(grit("P400"), grit("P80"), Optional.empty()))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] P80 after P36 takes scratches of half of 538 µm")
    void scratches() {
        assertThat(grit("P36").scratches().millimetres()).isCloseTo(0.269, within(1e-9));
        assertThat(GritLadder.of(grit("P36"), grit("P60"), Optional.empty())
                        .steps(Units.MILLIMETRE_CELSIUS)
                        .get(1))
                .contains("2.0 times finer")
                .contains("0.269 mm");
    }

    private static Grit grit(String name) {
        return Grit.named(name).orElseThrow();
    }
}
