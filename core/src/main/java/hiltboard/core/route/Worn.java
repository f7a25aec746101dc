package hiltboard.core.route;

import java.time.Instant;
import java.util.Set;

/**
 * What a piece was when its route was last turned back: work that is done again does not undo what it did to the steel.
 *
 * @param since only work that was done after it changes these conditions
 */
public record Worn(Set<Condition> conditions, Instant since) {
    /** A bar comes annealed. */
    public static final Worn NEW = new Worn(Set.of(Condition.ANNEALED), Instant.MIN);

    public Worn {
        conditions = Set.copyOf(conditions);
    }
}
