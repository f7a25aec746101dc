package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.etch.MaskSchedule.Act;
import hiltboard.core.etch.MaskSchedule.Zone;
import hiltboard.core.measure.ImpossibleQuantity;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class MaskScheduleTest {
    private static Zone zone(String name, long seconds) {
        return new Zone(name, Duration.ofSeconds(seconds));
    }

    private static Duration seconds(long seconds) {
        return Duration.ofSeconds(seconds);
    }

    @Test
    @DisplayName("[worked] opened first 180 s, later 30 s: the first zone gets 210 s")
    void what_is_opened_first_goes_on_etching() {
        assertThat(MaskSchedule.exposures(List.of(seconds(180), seconds(30))))
                .containsExactly(seconds(210), seconds(30));
        MaskSchedule schedule = new MaskSchedule(List.of(zone("ground", 210), zone("leaves", 30)));
        assertThat(schedule.own()).containsExactly(seconds(180), seconds(30));
        assertThat(schedule.working()).containsExactly("ground: 180 s + 30 s = 210 s", "leaves: 30 s");
    }

    @Test
    void what_is_opened_later_cannot_be_darker() {
        assertThatThrownBy(() -> new MaskSchedule(List.of(zone("leaves", 30), zone("ground", 210))))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("ground")
                .hasMessageContaining("leaves is opened before it");
        assertThatThrownBy(() -> new MaskSchedule(List.of())).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> zone("nothing", 0)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("zones of one tone are opened together")
    void equal_zones() {
        assertThat(new MaskSchedule(List.of(zone("a", 30), zone("b", 30))).acts())
                .containsExactly(new Act.Open(List.of("a", "b")), new Act.Burst(seconds(30)));
    }

    @Test
    @DisplayName(
            "[trade] bursts of half a minute at most, cooled after a minute at most, and every zone gets what was wanted")
    void bursts_and_dips_come_to_what_was_wanted() {
        Random chance = new Random(8);
        for (int i = 0; i < 1000; i++) {
            List<Zone> zones = new ArrayList<>();
            long left = 20 + chance.nextInt(600);
            for (int k = 0; k < 1 + chance.nextInt(5); k++) {
                zones.add(zone("zone " + k, left));
                left = Math.max(1, left - chance.nextInt(120));
            }
            Map<String, Long> got = new HashMap<>();
            List<String> open = new ArrayList<>();
            long sinceCooled = 0;
            for (Act act : new MaskSchedule(zones).acts()) {
                if (act instanceof Act.Open opened) {
                    open.addAll(opened.zones());
                } else if (act instanceof Act.Dip) {
                    sinceCooled = 0;
                } else if (act instanceof Act.Burst burst) {
                    assertThat(burst.time()).isLessThanOrEqualTo(seconds(30)).isPositive();
                    sinceCooled += burst.time().toSeconds();
                    assertThat(sinceCooled).isLessThanOrEqualTo(60);
                    open.forEach(name -> got.merge(name, burst.time().toSeconds(), Long::sum));
                }
            }
            zones.forEach(zone ->
                    assertThat(got).containsEntry(zone.name(), zone.wanted().toSeconds()));
        }
    }

    @Test
    @DisplayName("for every small wish, a schedule exists just where one is found by trying all of them")
    void against_all_schedules() {
        for (int first = 1; first <= 6; first++) {
            for (int second = 1; second <= 6; second++) {
                for (int third = 1; third <= 6; third++) {
                    List<Duration> wanted = List.of(seconds(first), seconds(second), seconds(third));
                    assertThat(isAccepted(wanted)).as("%s", wanted).isEqualTo(isReachable(wanted));
                }
            }
        }
    }

    private static boolean isAccepted(List<Duration> wanted) {
        try {
            List<Zone> zones = new ArrayList<>();
            wanted.forEach(time -> zones.add(zone("zone " + zones.size(), time.toSeconds())));
            return new MaskSchedule(zones).own().size() == wanted.size();
        } catch (ImpossibleQuantity impossible) {
            return false;
        }
    }

    /** A zone etches from its opening to the end; openings come in the order of the zones. */
    private static boolean isReachable(List<Duration> wanted) {
        int end = 6;
        for (int a = 0; a < end; a++) {
            for (int b = a; b < end; b++) {
                for (int c = b; c < end; c++) {
                    if (wanted.equals(List.of(seconds(end - a), seconds(end - b), seconds(end - c)))) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
