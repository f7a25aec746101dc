package hiltboard.core.route;

import hiltboard.core.design.Specification;
import java.time.Duration;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * All work of one kind comes before all work of another, with the reason in the maker's words.
 *
 * @param appliesTo the knives that it applies to, where a school or a choice decides; the work itself decides otherwise
 * @param before the kinds of work that come first
 * @param after the kinds of work that wait for them
 * @param isOnlyOrder whether doing the earlier work again leaves the later as good as it was
 * @param window how soon the later work has to begin once the earlier is done, where time matters
 * @param lost what is lost when that time is over, so that the earlier work has to be done again
 */
public record OrderRule(
        String key,
        Severity severity,
        Predicate<Specification> appliesTo,
        Set<Trait> before,
        Set<Trait> after,
        String reason,
        String consequence,
        String remedy,
        boolean isOnlyOrder,
        Optional<TimeWindow> window,
        Optional<Condition> lost)
        implements Rule {

    /** A rule by its key, to be said in words. */
    static OrderRule rule(String key, Severity severity) {
        return new OrderRule(
                key, severity, spec -> true, Set.of(), Set.of(), "", "", "", false, Optional.empty(), Optional.empty());
    }

    OrderRule where(Predicate<Specification> condition) {
        return new OrderRule(
                key, severity, condition, before, after, reason, consequence, remedy, isOnlyOrder, window, lost);
    }

    OrderRule first(Trait trait, Trait... more) {
        return new OrderRule(
                key,
                severity,
                appliesTo,
                EnumSet.of(trait, more),
                after,
                reason,
                consequence,
                remedy,
                isOnlyOrder,
                window,
                lost);
    }

    OrderRule then(Trait trait, Trait... more) {
        return then(EnumSet.of(trait, more));
    }

    OrderRule then(Set<Trait> kinds) {
        return new OrderRule(
                key, severity, appliesTo, before, kinds, reason, consequence, remedy, isOnlyOrder, window, lost);
    }

    OrderRule because(String words) {
        return new OrderRule(
                key, severity, appliesTo, before, after, words, consequence, remedy, isOnlyOrder, window, lost);
    }

    OrderRule otherwise(String words) {
        return new OrderRule(key, severity, appliesTo, before, after, reason, words, remedy, isOnlyOrder, window, lost);
    }

    OrderRule remedy(String words) {
        return new OrderRule(
                key, severity, appliesTo, before, after, reason, consequence, words, isOnlyOrder, window, lost);
    }

    OrderRule onlyOrder() {
        return new OrderRule(key, severity, appliesTo, before, after, reason, consequence, remedy, true, window, lost);
    }

    OrderRule within(Duration time) {
        return new OrderRule(
                key,
                severity,
                appliesTo,
                before,
                after,
                reason,
                consequence,
                remedy,
                isOnlyOrder,
                Optional.of(TimeWindow.of(time)),
                lost);
    }

    /** As long as the piece stays what the earlier work made it. */
    OrderRule whileIt(Condition lasting) {
        return new OrderRule(
                key,
                severity,
                appliesTo,
                before,
                after,
                reason,
                consequence,
                remedy,
                isOnlyOrder,
                lasting.lasts().map(TimeWindow::of),
                Optional.of(lasting));
    }

    /** As long as one of the piece's own numbers says. */
    OrderRule within(String number) {
        return new OrderRule(
                key,
                severity,
                appliesTo,
                before,
                after,
                reason,
                consequence,
                remedy,
                isOnlyOrder,
                Optional.of(TimeWindow.of(number)),
                lost);
    }

    boolean comesFirst(Operation operation) {
        return operation.isAnyOf(before);
    }

    boolean waits(Operation operation) {
        return operation.isAnyOf(after);
    }

    /** Whether this rule puts one operation before the other. Work that is of both kinds does not wait for itself. */
    public boolean orders(Operation first, Operation second) {
        return !first.key().equals(second.key())
                && comesFirst(first)
                && waits(second)
                && !(waits(first) && comesFirst(second));
    }
}
