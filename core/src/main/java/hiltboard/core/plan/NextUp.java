package hiltboard.core.plan;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The one thing that somebody does now, out of all that can be done. */
public final class NextUp {
    private NextUp() {}

    /** In whose hands work is, for the one who asks. */
    public enum Hold {
        MINE,
        ANYBODYS,
        OTHERS
    }

    /** Work that can be done now. */
    public interface Doable {
        boolean isOf(long piece);

        Hold hold();

        /** How long hands are on it. */
        Duration attended();
    }

    /**
     * What comes next: the next step of the piece in hand unless it is somebody else's; else the most urgent that is on
     * whoever asks; else the most urgent that is nobody's. Empty if all that can be done is somebody else's.
     *
     * @param all the most urgent first
     * @param inHand the piece that was just worked on; empty where nobody comes from one
     */
    public static <T extends Doable> Optional<T> of(List<T> all, Optional<Long> inHand) {
        return all.stream()
                .filter(each -> each.hold() != Hold.OTHERS)
                .min(Comparator.comparing((T each) -> inHand.filter(each::isOf).isEmpty())
                        .thenComparing(Doable::hold));
    }

    /**
     * What fits into a rest, in the order of {@link #of}: hands are free again before it is up.
     *
     * @param all the most urgent first
     */
    public static <T extends Doable> List<T> during(Duration rest, List<T> all) {
        return all.stream()
                .filter(each -> each.hold() != Hold.OTHERS)
                .filter(each -> each.attended().compareTo(rest) <= 0)
                .sorted(Comparator.comparing(Doable::hold))
                .toList();
    }
}
