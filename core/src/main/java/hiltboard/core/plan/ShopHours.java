package hiltboard.core.plan;

import hiltboard.core.measure.ImpossibleQuantity;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Set;

/**
 * When a shop works: Mondays to Fridays but for the days on which it is closed, from one time to another.
 *
 * @param attendedMinutes hands-on time that a maker really gets out of a whole day; the rest of it goes by between
 * @param closed days on which nobody works
 */
public record ShopHours(LocalTime opens, LocalTime closes, int attendedMinutes, Set<LocalDate> closed) {
    /** A day of nine hours of which six are hands-on; common practice, from memory. */
    public static final ShopHours USUAL = new ShopHours(LocalTime.of(8, 0), LocalTime.of(17, 0), 360, Set.of());

    /** @throws ImpossibleQuantity if a day has no hours, or more work than hours */
    public ShopHours {
        closed = Set.copyOf(closed);
        long open = ChronoUnit.MINUTES.between(opens, closes);
        if (open <= 0 || attendedMinutes < 1 || attendedMinutes > open) {
            throw new ImpossibleQuantity(
                    "working day",
                    opens + " to " + closes + " with " + attendedMinutes + " min of work",
                    "more hours than work, and more work than nothing");
        }
    }

    public ShopHours closedOn(Set<LocalDate> days) {
        return new ShopHours(opens, closes, attendedMinutes, days);
    }

    public boolean isWorkingDay(LocalDate day) {
        return day.getDayOfWeek() != DayOfWeek.SATURDAY
                && day.getDayOfWeek() != DayOfWeek.SUNDAY
                && !closed.contains(day);
    }

    /** The first moment from then on in which somebody works. */
    public LocalDateTime working(LocalDateTime from) {
        if (isWorkingDay(from.toLocalDate()) && from.toLocalTime().isBefore(closes)) {
            return from.toLocalTime().isBefore(opens) ? from.toLocalDate().atTime(opens) : from;
        }
        LocalDate day = from.toLocalDate().plusDays(1);
        while (!isWorkingDay(day)) {
            day = day.plusDays(1);
        }
        return day.atTime(opens);
    }

    /** When so much hands-on work is done that one maker begins then and leaves only for the night. */
    public LocalDateTime worked(LocalDateTime from, int minutes) {
        LocalDateTime at = working(from);
        // By the clock, upwards: nobody is promised half a minute that is not there.
        long left = -Math.floorDiv(-(long) minutes * ChronoUnit.MINUTES.between(opens, closes), attendedMinutes);
        for (long today = ChronoUnit.MINUTES.between(at.toLocalTime(), closes);
                left > today;
                today = ChronoUnit.MINUTES.between(at.toLocalTime(), closes)) {
            left -= today;
            at = working(at.toLocalDate().atTime(closes));
        }
        return at.plusMinutes(left);
    }

    /** Working days from one on, counted in, to another, not counted; negative when that one is earlier. */
    public int workingDays(LocalDate from, LocalDate to) {
        return to.isBefore(from)
                ? -workingDays(to, from)
                : (int) from.datesUntil(to).filter(this::isWorkingDay).count();
    }
}
