package hiltboard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class DaysInHandTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    @Test
    @DisplayName("[worked] 13 hours of work at 6 a day are 3 days; Monday to the next Monday are 5: 2 in hand, done by Thursday")
    void a_week_for_three_days() {
        assertThat(DaysInHand.of(13 * 60, List.of(), MONDAY, MONDAY.plusWeeks(1))).isEqualTo(new DaysInHand(3, 2, MONDAY.plusDays(3)));
    }

    @Test
    @DisplayName("[worked] each overnight rest takes a night, however little the hands have to do")
    void nights_count() {
        assertThat(DaysInHand.of(60, List.of(Duration.ofHours(16), Duration.ofHours(12)), MONDAY, MONDAY.plusDays(4)).needed()).isEqualTo(3);
    }

    @Test
    void weekends_are_not_worked_and_a_promise_in_the_past_is_short() {
        LocalDate friday = MONDAY.plusDays(4);
        assertThat(DaysInHand.of(360, List.of(), friday, friday.plusDays(3))).isEqualTo(new DaysInHand(1, 0, friday.plusDays(3)));
        assertThat(DaysInHand.of(360, List.of(), friday, MONDAY).inHand()).isEqualTo(-5);
        assertThat(DaysInHand.of(0, List.of(), friday, friday).inHand()).isZero();
        assertThatThrownBy(() -> DaysInHand.of(-1, List.of(), MONDAY, MONDAY)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] 40 hours promised, two makers with 6 a day: 3.3 days, so a new piece of 13 hours begins on Friday and is done after three working days")
    void a_new_piece_waits_for_what_is_promised() {
        assertThat(DaysInHand.afterOpenWork(13 * 60, List.of(), 40 * 60, 2, MONDAY, MONDAY)).isEqualTo(MONDAY.plusDays(9));
        assertThat(DaysInHand.afterOpenWork(13 * 60, List.of(), 40 * 60, 2, MONDAY, MONDAY.plusDays(14))).as("nothing begins before the steel has come").isEqualTo(DaysInHand.of(13 * 60, List.of(), MONDAY.plusDays(14), MONDAY).earliest());
        assertThat(DaysInHand.afterOpenWork(13 * 60, List.of(), 0, 2, MONDAY, MONDAY)).isEqualTo(DaysInHand.of(13 * 60, List.of(), MONDAY, MONDAY).earliest());
        assertThatThrownBy(() -> DaysInHand.afterOpenWork(60, List.of(), 60, 0, MONDAY, MONDAY)).isInstanceOf(ImpossibleQuantity.class);
    }
}
