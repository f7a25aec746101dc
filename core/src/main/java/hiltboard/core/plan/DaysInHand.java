package hiltboard.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * Working days between the day on which a piece can be done and the promised one.
 *
 * @param inHand working days that may still be lost; negative when the promise cannot be kept
 * @param earliest the day on which it can be done, together with everything else that is promised
 */
public record DaysInHand(int inHand, LocalDate earliest) {

    /**
     * Of a piece that is done at a moment, as {@link ShopPass} says: after hours it is done on the next working day.
     */
    public static DaysInHand of(LocalDateTime done, LocalDate promise, ShopHours hours) {
        LocalDate earliest =
                isAtWork(done, hours) ? done.toLocalDate() : hours.working(done).toLocalDate();
        return new DaysInHand(hours.workingDays(earliest, promise), earliest);
    }

    private static boolean isAtWork(LocalDateTime done, ShopHours hours) {
        return hours.isWorkingDay(done.toLocalDate()) && !done.toLocalTime().isAfter(hours.closes());
    }
}
