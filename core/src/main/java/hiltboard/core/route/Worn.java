package hiltboard.core.route;

import java.time.Instant;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a piece was when its route was last turned back: work that is done again does not undo what it did to the steel.
 *
 * @param since only work that was done after it changes these conditions
 */
public record Worn(Set<Condition> conditions, Instant since) {
    /** A bar comes annealed. */
    public static final Worn NEW = new Worn(Set.of(Condition.ANNEALED), Instant.MIN);

    /** What does not last is not kept: it would last for ever. */
    public Worn {
        conditions = conditions.stream()
                .filter(condition -> !condition.isFleeting())
                .collect(Collectors.toUnmodifiableSet());
    }
}
