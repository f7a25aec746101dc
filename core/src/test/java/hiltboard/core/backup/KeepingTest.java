package hiltboard.core.backup;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.backup.Copy.Reason;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The rotation of sons, fathers and grandfathers is common practice; the days are counted by hand on a calendar. */
class KeepingTest {
    /** A Saturday. */
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 28, 3, 0);

    private static Copy nightly(LocalDate day) {
        return new Copy(day.atTime(3, 0), Reason.NIGHTLY);
    }

    @Test
    void of_two_years_of_nights_seven_days_four_weeks_and_twelve_months_stay() {
        List<Copy> copies = new ArrayList<>();
        for (int night = 0; night < 730; night++) {
            copies.add(nightly(NOW.toLocalDate().minusDays(night)));
        }
        List<Copy> kept = new ArrayList<>(copies);
        kept.removeAll(Keeping.over(copies, NOW));
        assertThat(kept)
                .extracting(copy -> copy.taken().toLocalDate().toString())
                .containsExactly(
                        "2026-11-28",
                        "2026-11-27",
                        "2026-11-26",
                        "2026-11-25",
                        "2026-11-24",
                        "2026-11-23",
                        // Sundays, the last days of their weeks; the first of them is also the seventh day.
                        "2026-11-22",
                        "2026-11-15",
                        "2026-11-08",
                        // The last days of their months.
                        "2026-10-31",
                        "2026-09-30",
                        "2026-08-31",
                        "2026-07-31",
                        "2026-06-30",
                        "2026-05-31",
                        "2026-04-30",
                        "2026-03-31",
                        "2026-02-28",
                        "2026-01-31",
                        "2025-12-31");
    }

    @Test
    void carried_out_night_by_night_it_leaves_what_it_would_leave_at_once() {
        List<Copy> copies = new ArrayList<>();
        for (LocalDate day = LocalDate.of(2025, 1, 1); !day.isAfter(NOW.toLocalDate()); day = day.plusDays(1)) {
            copies.add(nightly(day));
            copies.removeAll(Keeping.over(copies, day.atTime(3, 0)));
        }
        assertThat(copies)
                .hasSize(20)
                .extracting(copy -> copy.taken().toLocalDate().toString())
                .contains("2025-12-31", "2026-10-31", "2026-11-08");
    }

    @Test
    void nights_without_a_copy_cost_none_of_what_is_there() {
        List<Copy> copies = List.of(nightly(LocalDate.of(2026, 3, 2)), nightly(LocalDate.of(2024, 7, 9)));
        assertThat(Keeping.over(copies, NOW)).isEmpty();
    }

    @Test
    void a_copy_from_before_an_upgrade_is_there_for_a_year_and_those_of_the_last_day_all() {
        Copy upgrade = new Copy(NOW.minusDays(40).withHour(9), Reason.BEFORE_UPGRADE);
        Copy upgradeOfOld = new Copy(NOW.minusMonths(13).withHour(9), Reason.BEFORE_UPGRADE);
        Copy byHand = new Copy(NOW.minusHours(20), Reason.BY_HAND);
        Copy again = new Copy(NOW.minusHours(19), Reason.BY_HAND);
        List<Copy> copies = new ArrayList<>(List.of(upgrade, upgradeOfOld, byHand, again));
        for (int night = 0; night < 500; night++) {
            copies.add(nightly(NOW.toLocalDate().minusDays(night)));
        }
        assertThat(Keeping.over(copies, NOW)).contains(upgradeOfOld).doesNotContain(upgrade, byHand, again);
    }

    @Test
    void a_nights_copy_is_due_once_from_three_in_the_morning_and_caught_up_with_later() {
        Copy friday = nightly(LocalDate.of(2026, 11, 27));
        assertThat(Keeping.isDue(List.of(friday), NOW.minusMinutes(1))).isFalse();
        assertThat(Keeping.isDue(List.of(friday), NOW)).isTrue();
        assertThat(Keeping.isDue(List.of(friday), NOW.withHour(16))).isTrue();
        assertThat(Keeping.isDue(List.of(friday, new Copy(NOW.withHour(8), Reason.NIGHTLY)), NOW.withHour(16)))
                .isFalse();
        assertThat(Keeping.isDue(List.of(friday, new Copy(NOW.withHour(8), Reason.BY_HAND)), NOW.withHour(16)))
                .isTrue();
    }

    @Test
    void what_was_brought_from_outside_stays_a_day_and_takes_nobodys_place() {
        Copy brought = new Copy(NOW.minusHours(2), Reason.BROUGHT);
        Copy longAgo = new Copy(NOW.minusHours(30), Reason.BROUGHT);
        Copy friday = nightly(LocalDate.of(2026, 11, 27));
        assertThat(Keeping.over(List.of(brought, longAgo, friday), NOW)).containsExactly(longAgo);
    }

    @Test
    void a_copy_is_known_again_by_the_name_of_its_file() {
        Copy copy = new Copy(NOW, Reason.BEFORE_UPGRADE);
        assertThat(copy.name()).isEqualTo("hilt-2026-11-28-030000-before-upgrade.db");
        assertThat(Copy.named(copy.name())).contains(copy);
        assertThat(List.of("shop.db", "hilt-2026-13-28-030000-nightly.db", "../hilt-2026-11-28-030000-nightly.db"))
                .allMatch(name -> Copy.named(name).isEmpty());
    }
}
