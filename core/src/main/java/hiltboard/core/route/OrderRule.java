package hiltboard.core.route;

import java.time.Duration;
import java.util.Collections;
import java.util.Optional;
import java.util.Set;

/**
 * All work of one kind comes before all work of another, with the reason in the maker's words.
 *
 * @param before the kinds of work that come first
 * @param after the kinds of work that wait for them
 * @param reason why the order is so
 * @param consequence what happens otherwise
 * @param remedy what to do now
 * @param within how soon the later work has to begin once the earlier is done, where time matters
 */
public record OrderRule(
        String key, Set<Trait> before, Set<Trait> after, Severity severity,
        String reason, String consequence, String remedy, Optional<Duration> within) {

    public OrderRule {
        before = Set.copyOf(before);
        after = Set.copyOf(after);
    }

    boolean comesFirst(Operation operation) {
        return !Collections.disjoint(operation.traits(), before);
    }

    boolean waits(Operation operation) {
        return !Collections.disjoint(operation.traits(), after);
    }

    /** Whether this rule puts one operation before the other. Work that is of both kinds does not wait for itself. */
    public boolean orders(Operation first, Operation second) {
        return !first.key().equals(second.key()) && comesFirst(first) && waits(second) && !(waits(first) && comesFirst(second));
    }
}
