package hiltboard.core.route;

import java.util.List;

/** What came of computing a route. */
public sealed interface Planned {

    /** There is an order that keeps every rule. */
    record Ordered(Route route) implements Planned {}

    /**
     * The rules contradict each other for this work: the operations that wait in a circle and the rules that make them.
     */
    record Contradiction(List<Operation> circle, List<OrderRule> rules) implements Planned {
        public Contradiction {
            circle = List.copyOf(circle);
            rules = List.copyOf(rules);
        }
    }
}
