package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.route.Planned.Contradiction;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
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
        Map<String, List<Wait>> waits = waits(operations, applying);
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

    /** What each operation waits for, in the order of the rules. */
    private static Map<String, List<Wait>> waits(List<Operation> operations, List<OrderRule> rules) {
        Map<String, List<Wait>> waits = new HashMap<>();
        Map<Trait, BitSet> places = new EnumMap<>(Trait.class);
        for (int i = 0; i < operations.size(); i++) {
            waits.put(operations.get(i).key(), new ArrayList<>());
            for (Trait trait : operations.get(i).traits()) {
                places.computeIfAbsent(trait, each -> new BitSet()).set(i);
            }
        }
        for (OrderRule rule : rules) {
            List<Operation> first = ofAny(rule.before(), places, operations);
            for (Operation later : first.isEmpty() ? first : ofAny(rule.after(), places, operations)) {
                first.stream()
                        .filter(earlier -> rule.orders(earlier, later))
                        .forEach(earlier -> waits.get(later.key()).add(new Wait(earlier, rule)));
            }
        }
        return waits;
    }

    /**
     * The operations of any of these kinds, in the order of the list. Asked for every rule, so it is looked up by kind.
     */
    private static List<Operation> ofAny(Set<Trait> kinds, Map<Trait, BitSet> places, List<Operation> operations) {
        BitSet all = new BitSet();
        kinds.stream().filter(places::containsKey).forEach(kind -> all.or(places.get(kind)));
        return all.stream().mapToObj(operations::get).toList();
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
