package hiltboard.core.plan;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Comparator;
import java.util.Optional;

/**
 * What is done before what: first what has a window that closes, then what is promised for this week or was for an
 * earlier one, then what has the fewest days in hand.
 *
 * @param closes when the first window closes
 * @param inHand working days that may still be lost
 */
public record Urgency(Optional<Instant> closes, boolean isThisWeeks, int inHand, LocalDate promisedOn)
        implements Comparable<Urgency> {
    private static final Comparator<Urgency> ORDER = Comparator.comparing(
                    (Urgency each) -> each.closes().orElse(Instant.MAX))
            .thenComparing(each -> !each.isThisWeeks())
            .thenComparingInt(Urgency::inHand)
            .thenComparing(Urgency::promisedOn);

    /** A week ends with its Sunday. */
    public static Urgency of(Optional<Instant> closes, int inHand, LocalDate promisedOn, LocalDate today) {
        LocalDate sunday = today.with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY));
        return new Urgency(closes, !promisedOn.isAfter(sunday), inHand, promisedOn);
    }

    @Override
    public int compareTo(Urgency other) {
        return ORDER.compare(this, other);
    }
}
