package hiltboard.core.route;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * What a piece has to be, or must not be, for a kind of work, whatever came before.
 *
 * @param work the kinds of work that it stands before
 * @param when the condition in which it is asked; none if always
 * @param needs the conditions that the piece has to be in
 * @param forbids the conditions that it must not be in
 */
public record ConditionRule(
        String key,
        Severity severity,
        Set<Trait> work,
        Set<Condition> when,
        Set<Condition> needs,
        Set<Condition> forbids,
        String reason,
        String consequence,
        String remedy)
        implements Rule {

    static ConditionRule before(String key, Severity severity, Trait work, Trait... more) {
        return before(key, severity, EnumSet.of(work, more));
    }

    static ConditionRule before(String key, Severity severity, Set<Trait> work) {
        return new ConditionRule(key, severity, work, Set.of(), Set.of(), Set.of(), "", "", "");
    }

    ConditionRule when(Condition condition) {
        return new ConditionRule(
                key, severity, work, EnumSet.of(condition), needs, forbids, reason, consequence, remedy);
    }

    ConditionRule needs(Condition condition) {
        return new ConditionRule(
                key, severity, work, when, EnumSet.of(condition), forbids, reason, consequence, remedy);
    }

    ConditionRule forbids(Condition condition, Condition... more) {
        return new ConditionRule(
                key, severity, work, when, needs, EnumSet.of(condition, more), reason, consequence, remedy);
    }

    ConditionRule says(String why, String what, String how) {
        return new ConditionRule(key, severity, work, when, needs, forbids, why, what, how);
    }

    boolean isAskedBefore(Operation operation) {
        return operation.isAnyOf(work);
    }

    /**
     * Whether doing this work again, by itself, sets right what stands against the rule in these conditions. Fire and a
     * handle are never a small thing.
     */
    boolean isSetRightBy(Operation operation, Set<Condition> now) {
        Set<Condition> missing = EnumSet.noneOf(Condition.class);
        missing.addAll(needs);
        missing.removeAll(now);
        Set<Condition> wrong = EnumSet.noneOf(Condition.class);
        wrong.addAll(forbids);
        wrong.retainAll(now);
        boolean isSmall = needs.stream().noneMatch(ConditionRule::isGreat)
                && forbids.stream().noneMatch(ConditionRule::isGreat);
        return isSmall
                && (!Collections.disjoint(operation.sets(), missing)
                        || !Collections.disjoint(operation.clears(), wrong));
    }

    private static boolean isGreat(Condition condition) {
        return condition == Condition.AWAY || Condition.OF_THE_BODY.contains(condition);
    }

    boolean isKeptBy(Set<Condition> conditions) {
        return !conditions.containsAll(when)
                || conditions.containsAll(needs) && Collections.disjoint(conditions, forbids);
    }
}
