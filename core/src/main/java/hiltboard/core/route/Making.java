package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.route.Route.Step;
import java.util.Collections;
import java.util.Set;
import java.util.stream.Collectors;

/** A piece in the making: what it is to become, how often its blade was heated, and how far it has come. */
public record Making(Specification spec, Place place, Rework rework, Progress progress) {

    Route route() {
        return progress.route();
    }

    boolean is(Condition condition) {
        return progress.conditions().contains(condition);
    }

    /** The keys of the steps that are work of this kind. */
    Set<String> keysOf(Trait trait) {
        return route().steps().stream()
                .map(Step::operation)
                .filter(operation -> operation.is(trait))
                .map(Operation::key)
                .collect(Collectors.toSet());
    }

    /** Whether one of these steps is work of this kind. */
    boolean isAny(Set<String> operationKeys, Trait trait) {
        return !Collections.disjoint(keysOf(trait), operationKeys);
    }

    /** Hard all through, tempered or not. */
    boolean isHard() {
        return is(Condition.TEMPERED) || is(Condition.UNTEMPERED);
    }
}
