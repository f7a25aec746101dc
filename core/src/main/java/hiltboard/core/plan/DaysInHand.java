package hiltboard.core.plan;

import hiltboard.core.measure.ImpossibleQuantity;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;

/**
 * Working days between the work that is left and the promised day: a simple forward pass for one piece and one maker.
 *
 * @param needed working days that the piece still takes
 * @param inHand working days left over; negative when the promise cannot be kept
 * @param earliest the day on which the piece could be done
 */
public record DaysInHand(int needed, int inHand, LocalDate earliest) {
    /** Hands-on time that a maker really gets out of a day. */
    private static final int ATTENDED_MINUTES_A_DAY = 360;
    /** A rest of this length takes the night with it. */
    private static final Duration OVERNIGHT = Duration.ofHours(8);

    /** @throws ImpossibleQuantity if the minutes are negative */
    public static DaysInHand of(int attendedMinutesLeft, List<Duration> restsLeft, LocalDate today, LocalDate promise) {
        if (attendedMinutesLeft < 0) {
            throw new ImpossibleQuantity("work left", attendedMinutesLeft + " min", "zero or more");
        }
        long nights = restsLeft.stream().filter(rest -> rest.compareTo(OVERNIGHT) >= 0).count();
        long dayRestMinutes = restsLeft.stream().filter(rest -> rest.compareTo(OVERNIGHT) < 0).mapToLong(Duration::toMinutes).sum();
        int days = Math.toIntExact((attendedMinutesLeft + dayRestMinutes + ATTENDED_MINUTES_A_DAY - 1) / ATTENDED_MINUTES_A_DAY);
        int needed = Math.toIntExact(Math.max(days, nights == 0 ? 0 : nights + 1));
        return new DaysInHand(needed, workingDays(today, promise) - needed, after(today, needed));
    }

    /**
     * The day on which a new piece could be done when everything that is promised is worked off first, shared evenly by all hands: a
     * simple forward pass.
     *
     * @param openMinutes hands-on work that is promised already
     * @param makers who share it, one or more
     * @param arrival the day on which everything that it is made of is there; today where nothing is missing
     */
    public static LocalDate afterOpenWork(int attendedMinutes, List<Duration> rests, int openMinutes, int makers, LocalDate today, LocalDate arrival) {
        if (makers < 1 || openMinutes < 0) {
            throw new ImpossibleQuantity("open work", openMinutes + " min for " + makers, "zero or more, for one maker or more");
        }
        int aDay = ATTENDED_MINUTES_A_DAY * makers;
        LocalDate hands = after(today, (openMinutes + aDay - 1) / aDay);
        LocalDate start = hands.isBefore(arrival) ? arrival : hands;
        return of(attendedMinutes, rests, start, start).earliest();
    }

    /** Mondays to Fridays from today, counted in, to the promised day, not counted; negative when the promise is past. */
    static int workingDays(LocalDate today, LocalDate promise) {
        if (promise.isBefore(today)) {
            return -workingDays(promise, today);
        }
        return (int) today.datesUntil(promise).filter(DaysInHand::isWorkingDay).count();
    }

    private static LocalDate after(LocalDate today, int workingDays) {
        LocalDate day = today;
        for (int left = workingDays; left > 0 || !isWorkingDay(day); day = day.plusDays(1)) {
            if (isWorkingDay(day)) {
                left--;
            }
        }
        return day;
    }

    private static boolean isWorkingDay(LocalDate day) {
        return day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY;
    }
}
