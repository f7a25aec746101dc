package hiltboard.core.backup;

import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Keeps the newest copy of each of the last seven days, four weeks and twelve months that have one (a common rotation:
 * sons, fathers, grandfathers), all of the last day, and what was taken before an upgrade for a year. What was brought
 * from outside is there for a day.
 */
public final class Keeping {
    public static final int DAYS = 7;
    public static final int WEEKS = 4;
    public static final int MONTHS = 12;
    /** When nobody is at work. A shop whose machine sleeps then has its copy taken when it wakes. */
    public static final LocalTime NIGHT = LocalTime.of(3, 0);

    public static final String WORDS = "seven days, four weeks and twelve months";

    private Keeping() {}

    /** The copies that may go, oldest first. The newest of all never goes. */
    public static List<Copy> over(Collection<Copy> copies, LocalDateTime now) {
        List<Copy> newestFirst = copies.stream()
                .filter(Copy::isOfThisShop)
                .sorted(Comparator.comparing(Copy::taken).reversed())
                .toList();
        Set<Copy> kept = new HashSet<>();
        keep(kept, newestFirst, DAYS, LocalDateTime::toLocalDate);
        keep(kept, newestFirst, WEEKS, Keeping::week);
        keep(kept, newestFirst, MONTHS, YearMonth::from);
        copies.stream().filter(copy -> isKeptForItself(copy, now)).forEach(kept::add);
        return copies.stream()
                .filter(copy -> !kept.contains(copy))
                .sorted(Comparator.comparing(Copy::taken))
                .toList();
    }

    /** Whether a nightly copy is due: none was taken since the last time that the hour came. */
    public static boolean isDue(Collection<Copy> copies, LocalDateTime now) {
        LocalDateTime today = now.toLocalDate().atTime(NIGHT);
        LocalDateTime lastNight = now.isBefore(today) ? today.minusDays(1) : today;
        return copies.stream()
                .filter(copy -> copy.reason() == Copy.Reason.NIGHTLY)
                .allMatch(copy -> copy.taken().isBefore(lastNight));
    }

    private static void keep(Set<Copy> kept, List<Copy> newestFirst, int most, Function<LocalDateTime, Object> span) {
        Set<Object> spans = new HashSet<>();
        for (Copy copy : newestFirst) {
            if (spans.size() < most && spans.add(span.apply(copy.taken()))) {
                kept.add(copy);
            }
        }
    }

    private static boolean isKeptForItself(Copy copy, LocalDateTime now) {
        return copy.taken().isAfter(now.minusDays(1))
                || copy.reason() == Copy.Reason.BEFORE_UPGRADE && copy.taken().isAfter(now.minusMonths(MONTHS));
    }

    private static Object week(LocalDateTime taken) {
        return taken.get(IsoFields.WEEK_BASED_YEAR) * 100 + taken.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }
}
