package hiltboard.core.route;

import hiltboard.core.design.Specification;

/** A piece in the making: what it is to become, how often its blade was heated, and how far it has come. */
public record Making(Specification spec, Place place, Rework rework, Progress progress) {

    Route route() {
        return progress.route();
    }

    boolean is(Condition condition) {
        return progress.conditions().contains(condition);
    }

    /** Hard all through, tempered or not. */
    boolean isHard() {
        return is(Condition.TEMPERED) || is(Condition.UNTEMPERED);
    }
}
