package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.route.Planned.Contradiction;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Puts operations into an order that keeps every rule. Of the operations that may come next it takes the one that
 * stands first in the given list, so the same work always gives the same route.
 */
public final class RoutePlanner {
    private final List<OrderRule> rules;

    public RoutePlanner(List<OrderRule> rules) {
        this.rules = List.copyOf(rules);
    }

    /**
     * The order of this work.
     *
     * @param spec the knife, which decides which schools' rules apply
     */
    public Planned plan(Specification spec, List<Operation> operations) {
        List<OrderRule> applying =
                rules.stream().filter(rule -> rule.appliesTo().test(spec)).toList();
        Map<String, List<Wait>> waits = new LinkedHashMap<>();
        operations.forEach(operation -> waits.put(operation.key(), waitsOf(operation, operations, applying)));
        List<Operation> left = new ArrayList<>(operations);
        Set<String> placed = new HashSet<>();
        List<Step> steps = new ArrayList<>();
        while (!left.isEmpty()) {
            Optional<Operation> next = left.stream()
                    .filter(operation -> waits.get(operation.key()).stream()
                            .allMatch(wait -> placed.contains(wait.operation().key())))
                    .findFirst();
            if (next.isEmpty()) {
                return contradiction(left, waits);
            }
            left.remove(next.get());
            placed.add(next.get().key());
            steps.add(new Step(next.get(), waits.get(next.get().key())));
        }
        return new Ordered(new Route(steps));
    }

    private static List<Wait> waitsOf(Operation operation, List<Operation> operations, List<OrderRule> rules) {
        List<Wait> waits = new ArrayList<>();
        for (OrderRule rule : rules) {
            if (rule.waits(operation)) {
                operations.stream()
                        .filter(earlier -> rule.orders(earlier, operation))
                        .forEach(earlier -> waits.add(new Wait(earlier, rule)));
            }
        }
        return waits;
    }

    /** Follows unplaced waits until one comes round again: that is the circle. */
    private static Contradiction contradiction(List<Operation> left, Map<String, List<Wait>> waits) {
        Set<String> unplaced = new HashSet<>();
        left.forEach(operation -> unplaced.add(operation.key()));
        List<Operation> path = new ArrayList<>();
        List<OrderRule> clashing = new ArrayList<>();
        Operation at = left.get(0);
        while (!path.contains(at)) {
            path.add(at);
            Wait wait = waits.get(at.key()).stream()
                    .filter(each -> unplaced.contains(each.operation().key()))
                    .findFirst()
                    .orElseThrow();
            clashing.add(wait.rule());
            at = wait.operation();
        }
        int start = path.indexOf(at);
        return new Contradiction(path.subList(start, path.size()), clashing.subList(start, clashing.size()));
    }
}
