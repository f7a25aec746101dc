package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.etch.BathAge.Factor;
import hiltboard.core.etch.TankClock.CycleResult;
import hiltboard.core.etch.TankClock.Event;
import hiltboard.core.etch.TankClock.Moment;
import hiltboard.core.etch.TankClock.Standing;
import hiltboard.core.etch.TankClock.Where;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class TankClockTest {
    private static final Instant NOON = Instant.parse("2026-11-30T12:00:00Z");
    private static final EtchRecipe PATTERN = UsualEtches.withKey("pattern").orElseThrow();

    private final List<Event> events = new ArrayList<>();

    private TankClockTest at(long seconds, Moment moment) {
        events.add(new Event(moment, NOON.plusSeconds(seconds), Optional.empty()));
        return this;
    }

    private void over(long seconds, CycleResult result) {
        events.add(new Event(Moment.CYCLE_OVER, NOON.plusSeconds(seconds), Optional.of(result)));
    }

    private TankClock clock(double factor) {
        return new TankClock(PATTERN, new Factor(factor, factor, factor * 1.2, false, false, ""), events);
    }

    private Standing standing(long seconds) {
        return clock(1).standing(NOON.plusSeconds(seconds));
    }

    @Test
    @DisplayName("it is out while it is looked at, and that does not count")
    void the_clock_pauses_while_it_is_out() {
        at(0, Moment.IN).at(5, Moment.OUT).at(25, Moment.IN);
        Standing standing = standing(125);
        assertThat(standing.where()).isEqualTo(Where.IN);
        assertThat(standing.inThisCycle()).isEqualTo(Duration.ofSeconds(105));
        assertThat(standing.due()).contains(NOON.plusSeconds(20 + 300));
    }

    @Test
    @DisplayName("a look that puts it back at once does not stop its clock")
    void a_quick_look() {
        at(0, Moment.IN).at(5, Moment.LOOKED);
        assertThat(standing(60).inThisCycle()).isEqualTo(Duration.ofSeconds(60));
        assertThat(standing(60).firstLook()).isEmpty();
    }

    @Test
    @DisplayName("[trade] the first look is due a few seconds after the first bath begins, and only there")
    void first_look() {
        at(0, Moment.IN);
        assertThat(standing(2).firstLook()).contains(NOON.plusSeconds(5));
        at(300, Moment.OUT);
        over(305, CycleResult.EVEN);
        at(900, Moment.IN);
        assertThat(standing(901).firstLook()).isEmpty();
        assertThat(standing(901).cycle()).isEqualTo(2);
    }

    @Test
    void cycles_are_told_apart() {
        at(0, Moment.IN).at(300, Moment.OUT);
        over(310, CycleResult.EVEN);
        assertThat(clock(1).where()).isEqualTo(Where.BETWEEN);
        assertThat(clock(1).next()).contains("sand with 3000").contains("cycle 2");
        at(900, Moment.IN).at(1200, Moment.OUT);
        over(1201, CycleResult.EVEN);
        at(2000, Moment.IN).at(2310, Moment.OUT);
        over(2311, CycleResult.GOOD_DEPTH);
        assertThat(clock(1).where()).isEqualTo(Where.BEFORE_AFTER_BATH);
        assertThat(clock(1).cycles(NOON.plusSeconds(9999)))
                .containsExactly(Duration.ofSeconds(300), Duration.ofSeconds(300), Duration.ofSeconds(310));
        assertThat(clock(1).tookTimes(NOON.plusSeconds(9999)).orElseThrow()).isEqualTo(910.0 / 900);
        assertThat(clock(1).next()).contains("Coffee");
        assertThat(clock(1).canFollow(Moment.IN))
                .as("one cycle more, by the look")
                .isTrue();
        at(3000, Moment.INTO_AFTER_BATH);
        assertThat(clock(2).standing(NOON.plusSeconds(3060)).inThisCycle()).isEqualTo(Duration.ofSeconds(60));
        assertThat(clock(2).standing(NOON.plusSeconds(3060)).due())
                .as("the tank's age does not slow the coffee")
                .contains(NOON.plusSeconds(6600));
        assertThat(clock(1).canFollow(Moment.IN)).isFalse();
        at(6700, Moment.OUT_OF_AFTER_BATH);
        assertThat(clock(1).where()).isEqualTo(Where.OVER);
        assertThat(clock(1).next()).contains("polish back with 2500");
    }

    @Test
    void an_old_bath_takes_longer() {
        at(0, Moment.IN);
        assertThat(clock(1.5).standing(NOON).due()).contains(NOON.plusSeconds(450));
        assertThat(clock(1.5).standing(NOON).late()).contains(NOON.plusSeconds(540));
    }

    @Test
    void only_what_can_happen_can_be_noted() {
        assertThat(clock(1).canFollow(Moment.OUT)).isFalse();
        at(0, Moment.IN);
        assertThat(clock(1).canFollow(Moment.IN)).isFalse();
        assertThat(clock(1).canFollow(Moment.CYCLE_OVER)).isFalse();
        at(10, Moment.OUT);
        assertThat(clock(1).canFollow(Moment.CYCLE_OVER)).isTrue();
    }

    @Test
    @DisplayName("a clock that was set back takes nothing away that was counted")
    void a_clock_set_back() {
        at(0, Moment.IN).at(100, Moment.OUT).at(40, Moment.IN).at(160, Moment.OUT);
        assertThat(standing(160).inThisCycle()).isEqualTo(Duration.ofSeconds(160));
        assertThat(clock(1).standing(NOON.minusSeconds(50)).inThisCycle()).isEqualTo(Duration.ofSeconds(160));
    }

    @Test
    void a_fault_says_nothing_about_the_bath() {
        events.clear();
        EtchRecipe grey = UsualEtches.withKey("grey").orElseThrow();
        at(0, Moment.IN).at(25, Moment.OUT);
        over(26, CycleResult.PATCHY);
        TankClock clock = new TankClock(grey, Factor.FRESH, events);
        assertThat(clock.where()).isEqualTo(Where.OVER);
        assertThat(clock.tookTimes(NOON.plusSeconds(60))).isEmpty();
        assertThat(CycleResult.PATCHY.advice()).contains("white rag");
    }
}
