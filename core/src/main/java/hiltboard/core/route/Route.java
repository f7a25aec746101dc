package hiltboard.core.route;

import java.util.List;
import java.util.Optional;

/** The steps of one piece in an order that keeps every rule. */
public record Route(List<Step> steps) {
    public Route {
        steps = List.copyOf(steps);
    }

    /** An operation with all that it waits for. */
    public record Step(Operation operation, List<Wait> waits) {
        public Step {
            waits = List.copyOf(waits);
        }
    }

    /** What a step waits for, and the rule that says so. */
    public record Wait(Operation operation, OrderRule rule) {}

    public Optional<Step> step(String operationKey) {
        return steps.stream()
                .filter(step -> step.operation().key().equals(operationKey))
                .findFirst();
    }

    public int attendedMinutes() {
        return steps.stream()
                .mapToInt(step -> step.operation().attendedMinutes())
                .sum();
    }
}
