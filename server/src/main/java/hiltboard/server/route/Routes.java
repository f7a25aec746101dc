package hiltboard.server.route;

import hiltboard.core.design.Specification;
import hiltboard.core.route.Mend;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operations;
import hiltboard.core.route.OrderRule;
import hiltboard.core.route.OrderRules;
import hiltboard.core.route.Place;
import hiltboard.core.route.Planned;
import hiltboard.core.route.Planned.Contradiction;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Rework;
import hiltboard.core.route.Route;
import hiltboard.core.route.RoutePlanner;
import hiltboard.server.Refusal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The route of a specification. The same specification always has the same route, so the latest are kept. */
@Component
public class Routes {
    private static final int KEPT = 2_000;

    private record Key(Specification specification, Place place, Rework rework) {}

    private final RoutePlanner planner = new RoutePlanner(OrderRules.all());
    private final Map<Key, Route> kept = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Route> eldest) {
            return size() > KEPT;
        }
    });

    /** @throws Refusal if the choices contradict each other, with the rules that clash */
    public Route of(Specification specification, Place place, Rework rework) {
        return kept.computeIfAbsent(
                new Key(specification, place, rework),
                key -> ordered(key, planner.plan(specification, Operations.of(specification, place, rework))));
    }

    /** The planner itself, for questions about other routes than the one that stands. */
    public RoutePlanner planner() {
        return planner;
    }

    /** What to say of settings that no order can serve, and which answer to change. */
    public Refusal contradiction(Contradiction contradiction, Specification specification, Place place, Rework rework) {
        String rules =
                contradiction.rules().stream().map(OrderRule::reason).distinct().collect(Collectors.joining(" "));
        String steps = contradiction.circle().stream().map(Operation::title).collect(Collectors.joining(", "));
        return Refusal.outOfTurn("These choices contradict each other. " + rules
                + " No order of these steps keeps all of that: " + steps + "."
                + Mend.of(specification, place, rework, planner)
                        .map(mend -> " " + mend.words())
                        .orElse(""));
    }

    private Route ordered(Key key, Planned planned) {
        if (planned instanceof Contradiction contradiction) {
            throw contradiction(contradiction, key.specification(), key.place(), key.rework());
        }
        return ((Ordered) planned).route();
    }
}
