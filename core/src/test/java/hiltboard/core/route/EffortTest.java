package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specifications;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What work takes, by size and kind. Common practice, from memory. */
class EffortTest {
    @ParameterizedTest(name = "[trade] {0} of a {1} × {2} in blade: {3} to {4} min")
    @CsvSource({
        "sand-for-mirror, 8, 1-3/4, 360, 600, MIRROR",
        "sand-for-mirror, 2, 3/4, 40, 120, MIRROR",
        "hand-sand, 4, 1-1/8, 100, 200, HAND_SATIN",
        "belt-satin, 4, 1-1/8, 25, 60, BELT_SATIN"
    })
    void finishes(String step, String length, String width, int least, int most, String finish) {
        assertThat(minutes(
                        Knife.of(
                                Construction.FULL_TANG,
                                "bladeLength",
                                length,
                                "heelWidth",
                                width,
                                "finish",
                                finish,
                                "pinDiameter",
                                "1/8"),
                        step))
                .isBetween(least, most);
    }

    @ParameterizedTest(name = "[trade] {1} of a {0}: {3} to {4} min")
    @CsvSource({
        "HATCHET, forge-shape, '', 240, 400",
        "FULL_TANG, restack, steelForm=PATTERN_WELDED, 180, 300",
        "MACHINED, build-fixtures, '', 480, 960"
    })
    void work(Construction construction, String step, String settings, int least, int most) {
        assertThat(minutes(Knife.of(construction, settings.isEmpty() ? new String[0] : settings.split("=")), step))
                .isBetween(least, most);
    }

    @Test
    @DisplayName(
            "a longer, wider or harder blade, a longer handle and more holes are never quicker, in any step of any piece")
    void larger_is_never_quicker() {
        Random random = new Random(61);
        String[][] larger = {
            {"bladeLength", "3", "14"},
            {"heelWidth", "1", "2"},
            {"pinCount", "1", "4"},
            {"handleLength", "4", "5-1/2"},
            {"temperHeat", "600 F", "350 F"},
            {"steel", "1084", "D2"}
        };
        for (int i = 0; i < 300; i++) {
            String[] change = larger[random.nextInt(larger.length)];
            String[] with = {
                "finish",
                random.nextBoolean() ? "MIRROR" : "HAND_SATIN",
                "bevels",
                random.nextBoolean() ? "AFTER_HARDENING" : "ROUGH_THEN_FINISH",
                "pinDiameter",
                "1/8"
            };
            Knife small = Knife.of(Specifications.fullTang(join(with, change[0], change[1])));
            Knife large = Knife.of(Specifications.fullTang(join(with, change[0], change[2])));
            small.keys().stream()
                    .filter(key -> large.keys().contains(key))
                    .forEach(key -> assertThat(minutes(large, key))
                            .as("%s, %s", key, change[0])
                            .isGreaterThanOrEqualTo(minutes(small, key)));
            assertThat(large.route().attendedMinutes())
                    .as(change[0])
                    .isGreaterThan(small.route().attendedMinutes());
        }
    }

    @Test
    @DisplayName("a finer finish is never quicker: belt satin, hand satin, mirror")
    void finer_is_never_quicker() {
        for (String length : new String[] {"2", "4", "8", "14"}) {
            int before = 0;
            for (String finish : new String[] {"BELT_SATIN", "HAND_SATIN", "MIRROR"}) {
                int minutes = Knife.of(Construction.FULL_TANG, "bladeLength", length, "finish", finish)
                        .route()
                        .attendedMinutes();
                assertThat(minutes).as("%s at %s in", finish, length).isGreaterThan(before);
                before = minutes;
            }
        }
    }

    @Test
    void every_effort_is_used_by_some_piece_and_says_how_it_comes_about() {
        assertThat(Effort.values())
                .allSatisfy(effort -> assertThat(effort.words()).matches("\\d+ min.*"));
        assertThat(Effort.FINISH_GRIND.words())
                .isEqualTo(
                        "20 min + 4.5 min for each square inch of both faces; more on hard and wear-resistant steel");
    }

    private static String[] join(String[] with, String field, String value) {
        String[] all = java.util.Arrays.copyOf(with, with.length + 2);
        all[with.length] = field;
        all[with.length + 1] = value;
        return all;
    }

    private static int minutes(Knife knife, String step) {
        return knife.step(step).operation().attendedMinutes();
    }
}
