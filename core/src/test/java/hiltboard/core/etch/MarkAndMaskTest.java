package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Finish;
import hiltboard.core.design.MarkTiming;
import hiltboard.core.etch.MarkClock.Event;
import hiltboard.core.etch.MarkClock.Moment;
import hiltboard.core.measure.ImpossibleQuantity;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class MarkAndMaskTest {
    private static final Instant NOON = Instant.parse("2026-11-30T12:00:00Z");
    /** 100 mm long, 20 mm wide. */
    private static final Outline BAR =
            Outline.through(List.of(new Point(0, 0), new Point(100, 0), new Point(100, 20), new Point(0, 20)));

    private final List<Event> events = new ArrayList<>();

    private void at(long seconds, Moment moment) {
        events.add(new Event(moment, NOON.plusSeconds(seconds)));
    }

    private MarkClock clock() {
        return new MarkClock(events);
    }

    @Test
    @DisplayName("[trade] bursts of half a minute, a minute at most, then it is cooled before it goes on")
    void it_is_cooled_after_a_minute() {
        at(0, Moment.ON);
        assertThat(clock().isOn()).isTrue();
        assertThat(clock().inAll(NOON.plusSeconds(12))).isEqualTo(Duration.ofSeconds(12));
        at(30, Moment.OFF);
        at(35, Moment.ON);
        at(65, Moment.OFF);
        Instant now = NOON.plusSeconds(70);
        assertThat(clock().sinceCooled(now)).isEqualTo(Duration.ofSeconds(60));
        assertThat(clock().canFollow(Moment.ON, now)).isFalse();
        at(80, Moment.COOLED);
        assertThat(clock().canFollow(Moment.ON, NOON.plusSeconds(81))).isTrue();
        assertThat(clock().sinceCooled(NOON.plusSeconds(81))).isZero();
        assertThat(clock().inAll(NOON.plusSeconds(81))).isEqualTo(Duration.ofSeconds(60));
        assertThat(clock().canFollow(Moment.COOLED, NOON.plusSeconds(81))).isFalse();
        assertThat(clock().canFollow(Moment.OFF, NOON.plusSeconds(81))).isFalse();
    }

    @Test
    void salt_and_stainless_say_what_they_make() {
        assertThat(Electrolyte.SALT_WATER.cautions(false)).anyMatch(said -> said.contains("chlorine"));
        assertThat(Electrolyte.SALT_WATER.cautions(true)).anyMatch(said -> said.contains("chromium"));
        assertThat(Electrolyte.MEANT_FOR_IT.cautions(false))
                .noneMatch(said -> said.contains("chromium"))
                .anyMatch(said -> said.contains("hydrogen"));
        for (MarkTiming timing : MarkTiming.values()) {
            for (Finish finish : Finish.values()) {
                assertThat(MarkMoment.risk(timing, finish)).isNotBlank();
            }
        }
        assertThat(Current.DIRECT.usual()).isEqualTo(Duration.ofMinutes(3));
        assertThat(Current.ALTERNATING.digs()).isFalse();
    }

    @Test
    @DisplayName("[worked] the upper half of a bar between 20 and 70 mm is 50 × 10 mm²")
    void a_band() {
        MaskZone zone = MaskZone.band(BAR, 20, 70, 0.5, 1);
        assertThat(zone.area(BAR)).isCloseTo(500, within(1e-6));
        assertThatThrownBy(() -> MaskZone.band(BAR, 70, 20, 0, 1)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> MaskZone.band(BAR, 200, 220, 0, 1)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] of a triangle that hangs over the edge only what lies on the steel counts")
    void what_hangs_over_does_not_count() {
        MaskZone triangle = new MaskZone(List.of(new Point(10, -10), new Point(50, -10), new Point(30, 30)));
        // At height y it is (30 − y) wide: between 0 and 20 that is 30·20 − 200.
        assertThat(triangle.area(BAR)).isCloseTo(400, within(0.5));
        assertThatThrownBy(() -> new MaskZone(List.of(new Point(0, 0)))).isInstanceOf(ImpossibleQuantity.class);
    }
}
