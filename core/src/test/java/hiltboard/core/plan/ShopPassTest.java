package hiltboard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.plan.ShopPass.Piece;
import hiltboard.core.route.Stretch;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class ShopPassTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final LocalDateTime MORNING = MONDAY.atTime(8, 0);
    private static final ShopHours HOURS = ShopHours.USUAL;
    private static final Duration NONE = Duration.ZERO;

    @Test
    @DisplayName("[worked] 75 minutes on a Monday morning are done on Monday")
    void a_short_piece_is_done_the_same_day() {
        assertThat(day(MORNING, 1, piece(1, new Stretch(75, NONE)))).isEqualTo(MONDAY);
    }

    @Test
    @DisplayName("[worked] at ten to midnight nothing of today is left: 75 minutes are done on Tuesday")
    void only_what_is_left_of_today_counts() {
        assertThat(day(MONDAY.atTime(23, 50), 1, piece(1, new Stretch(75, NONE))))
                .isEqualTo(MONDAY.plusDays(1));
        assertThat(day(MONDAY.atTime(16, 30), 1, piece(1, new Stretch(75, NONE))))
                .as("half an hour of the day is left")
                .isEqualTo(MONDAY.plusDays(1));
    }

    @Test
    @DisplayName("[worked] ten days at the treater are ten days, not one night")
    void a_rest_in_days_is_days() {
        LocalDate outside = day(MORNING, 1, piece(1, new Stretch(20, Duration.ofDays(10)), new Stretch(15, NONE)));
        assertThat(outside).isEqualTo(MONDAY.plusDays(10));
        LocalDate kiln = day(
                MORNING,
                1,
                piece(
                        1,
                        new Stretch(40, NONE),
                        new Stretch(10, Duration.ofHours(2)),
                        new Stretch(10, Duration.ofHours(2))));
        assertThat(kiln).isBefore(outside);
    }

    @Test
    @DisplayName(
            "[worked] twenty pieces of 960 min for two makers are 20 × 960 ÷ (2 × 360) = 26.7 days: the 27th working day")
    void a_batch_shares_its_makers() {
        List<Piece> batch = IntStream.rangeClosed(1, 20)
                .mapToObj(id -> piece(id, new Stretch(480, NONE), new Stretch(480, NONE)))
                .toList();
        LocalDateTime last = ShopPass.of(batch, 2, HOURS, MORNING).values().stream()
                .max(LocalDateTime::compareTo)
                .orElseThrow();
        assertThat(HOURS.workingDays(MONDAY, last.toLocalDate()) + 1).isEqualTo(27);
    }

    @Test
    @DisplayName("[worked] what is promised earlier goes first, and the later piece waits for it")
    void other_open_work_counts() {
        Map<Long, LocalDateTime> done = ShopPass.of(
                List.of(piece(1, new Stretch(720, NONE)), piece(2, new Stretch(60, NONE))), 1, HOURS, MORNING);
        assertThat(done.get(1L)).isEqualTo(MONDAY.plusDays(1).atTime(17, 0));
        assertThat(done.get(2L).toLocalDate()).isEqualTo(MONDAY.plusDays(2));
        assertThat(day(MORNING, 1, piece(2, new Stretch(60, NONE)))).isEqualTo(MONDAY);
    }

    @Test
    void a_maker_works_on_while_a_piece_rests() {
        Map<Long, LocalDateTime> done = ShopPass.of(
                List.of(
                        piece(1, new Stretch(60, Duration.ofHours(4)), new Stretch(30, NONE)),
                        piece(2, new Stretch(120, NONE))),
                1,
                HOURS,
                MORNING);
        assertThat(done.get(2L)).as("1.5 h by the clock for an hour of work").isEqualTo(MONDAY.atTime(12, 30));
        assertThat(done.get(1L)).isEqualTo(MONDAY.atTime(14, 15));
    }

    @Test
    @DisplayName("[worked] the shop's closed days are not worked, nor are weekends")
    void closed_days() {
        ShopHours closed = HOURS.closedOn(Set.of(MONDAY, MONDAY.plusDays(1)));
        assertThat(ShopPass.of(List.of(piece(1, new Stretch(75, NONE))), 1, closed, MORNING)
                        .get(1L)
                        .toLocalDate())
                .isEqualTo(MONDAY.plusDays(2));
        assertThat(closed.workingDays(MONDAY, MONDAY.plusWeeks(1))).isEqualTo(3);
        assertThat(day(MONDAY.plusDays(5).atTime(10, 0), 1, piece(1, new Stretch(75, NONE))))
                .as("Saturday")
                .isEqualTo(MONDAY.plusWeeks(1));
    }

    @Test
    void nothing_of_a_piece_goes_on_before_its_steel_has_come() {
        assertThat(day(MORNING, 1, new Piece(1, MONDAY.plusDays(14).atStartOfDay(), List.of(new Stretch(75, NONE)))))
                .isEqualTo(MONDAY.plusDays(14));
    }

    @Test
    void days_in_hand_are_those_that_may_still_be_lost() {
        assertThat(DaysInHand.of(MONDAY.atTime(12, 0), MONDAY.plusDays(4), HOURS))
                .isEqualTo(new DaysInHand(4, MONDAY));
        assertThat(DaysInHand.of(MONDAY.atTime(12, 0), MONDAY, HOURS).inHand()).isZero();
        assertThat(DaysInHand.of(MONDAY.plusDays(3).atTime(12, 0), MONDAY, HOURS)
                        .inHand())
                .isEqualTo(-3);
        assertThat(DaysInHand.of(MONDAY.plusDays(4).atTime(22, 0), MONDAY.plusDays(8), HOURS))
                .as("a rest that is up on Friday night is found on Monday")
                .isEqualTo(new DaysInHand(1, MONDAY.plusDays(7)));
    }

    @Test
    void what_cannot_be_is_refused() {
        assertThatThrownBy(() -> ShopPass.of(List.of(), 0, HOURS, MORNING)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Stretch(-1, NONE)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new ShopHours(LocalTime.NOON, LocalTime.NOON, 1, Set.of()))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new ShopHours(LocalTime.of(8, 0), LocalTime.of(9, 0), 90, Set.of()))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] never optimistic: in 300 small shops no piece is said to be done before the best of all "
            + "schedules could have it, and one piece alone is exact")
    void never_earlier_than_the_best_of_all_schedules() {
        Random random = new Random(5);
        for (int shop = 0; shop < 300; shop++) {
            int makers = 1 + random.nextInt(2);
            List<Piece> pieces = new ArrayList<>();
            for (int id = 0; id < 1 + random.nextInt(3); id++) {
                pieces.add(piece(
                        id,
                        IntStream.range(0, 1 + random.nextInt(2))
                                .mapToObj(i -> new Stretch(
                                        10 * (1 + random.nextInt(30)), Duration.ofMinutes(30L * random.nextInt(8))))
                                .toArray(Stretch[]::new)));
            }
            LocalDateTime now = MONDAY.atTime(6 + random.nextInt(14), 0);
            Map<Long, LocalDateTime> said = ShopPass.of(pieces, makers, HOURS, now);
            LocalDateTime[] best = new LocalDateTime[pieces.size()];
            LocalDateTime[] free = new LocalDateTime[makers];
            Arrays.fill(free, now);
            LocalDateTime[] from = new LocalDateTime[pieces.size()];
            Arrays.fill(from, now);
            everySchedule(pieces, new int[pieces.size()], from, free, best);
            for (int i = 0; i < pieces.size(); i++) {
                assertThat(said.get(pieces.get(i).id()))
                        .as("%s of %d makers at %s", pieces, makers, now)
                        .isAfterOrEqualTo(best[i]);
            }
            if (pieces.size() == 1) {
                assertThat(said.get(pieces.get(0).id())).isEqualTo(best[0]);
            }
        }
    }

    /**
     * Every order in which stretches can be given to makers: an independent search, without urgency and without a
     * queue.
     */
    private static void everySchedule(
            List<Piece> pieces, int[] at, LocalDateTime[] from, LocalDateTime[] free, LocalDateTime[] best) {
        for (int i = 0; i < pieces.size(); i++) {
            if (at[i] == pieces.get(i).left().size()) {
                best[i] = best[i] == null || from[i].isBefore(best[i]) ? from[i] : best[i];
                continue;
            }
            Stretch stretch = pieces.get(i).left().get(at[i]);
            for (int maker = 0; maker < free.length; maker++) {
                LocalDateTime start = from[i].isAfter(free[maker]) ? from[i] : free[maker];
                LocalDateTime end = byTheMinute(start, stretch.attendedMinutes());
                int[] then = at.clone();
                LocalDateTime[] ready = from.clone();
                LocalDateTime[] makers = free.clone();
                then[i]++;
                ready[i] = end.plus(stretch.rest());
                makers[maker] = end;
                everySchedule(pieces, then, ready, makers, best);
            }
        }
    }

    /** One and a half minutes of an open shop for each minute of work, counted one by one. */
    private static LocalDateTime byTheMinute(LocalDateTime from, int minutes) {
        LocalDateTime at = from;
        for (int left = (minutes * 3 + 1) / 2; left > 0; at = at.plusMinutes(1)) {
            boolean isOpen = at.getDayOfWeek().getValue() < 6 && at.getHour() >= 8 && at.getHour() < 17;
            left -= isOpen ? 1 : 0;
        }
        return at;
    }

    private static LocalDate day(LocalDateTime now, int makers, Piece piece) {
        return ShopPass.of(List.of(piece), makers, HOURS, now).get(piece.id()).toLocalDate();
    }

    private static Piece piece(long id, Stretch... left) {
        return new Piece(id, LocalDateTime.MIN, List.of(left));
    }
}
