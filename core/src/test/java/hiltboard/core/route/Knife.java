package hiltboard.core.route;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.route.Planned.Ordered;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A knife on its way through the real engine. */
record Knife(Specification spec, Route route) {
    static final Instant MORNING = Instant.parse("2026-03-02T08:00:00Z");
    private static final RoutePlanner PLANNER = new RoutePlanner(OrderRules.all());

    static Knife of(Construction construction, String... changes) {
        return of(Specifications.of(construction, changes));
    }

    static Knife of(Specification spec) {
        return of(spec, Place.ALONE);
    }

    static Knife of(Specification spec, Place place) {
        return new Knife(spec, ((Ordered) plan(spec, place)).route());
    }

    /** A knife whose handle has to come off again. */
    static Knife takenApart(Specification spec) {
        return new Knife(
                spec,
                ((Ordered) PLANNER.plan(spec, Operations.of(spec, Place.ALONE, Rework.NONE.takenApart()))).route());
    }

    static Planned plan(Specification spec, Place place) {
        return PLANNER.plan(spec, Operations.of(spec, place));
    }

    List<String> keys() {
        return route.steps().stream().map(step -> step.operation().key()).toList();
    }

    Route.Step step(String key) {
        return route.step(key).orElseThrow(() -> new AssertionError("no step " + key + " in " + keys()));
    }

    /** Every step before this one is done, a minute after the other, except those that were forgotten. */
    Progress before(String key, String... forgotten) {
        step(key);
        Set<String> left = Set.of(forgotten);
        left.forEach(this::step);
        Map<String, Instant> done = new HashMap<>();
        Instant at = MORNING;
        for (String each : keys()) {
            if (each.equals(key)) {
                break;
            }
            at = at.plus(Duration.ofMinutes(1));
            if (!left.contains(each)) {
                done.put(each, at);
            }
        }
        return new Progress(route, done);
    }

    /** The whole route done but this step and what was forgotten. */
    Progress allBut(String key, String... forgotten) {
        Map<String, Instant> done =
                new HashMap<>(new Knife(spec, route).before(key).doneAt());
        keys().forEach(each -> done.putIfAbsent(each, MORNING.minusSeconds(60)));
        Set<String> open = new HashSet<>(Set.of(forgotten));
        open.add(key);
        open.forEach(done::remove);
        return new Progress(route, done);
    }

    Gate gate(String key, Progress progress) {
        return Gate.before(step(key), progress.doneAt().keySet(), progress.conditions(), Set.of(), true);
    }
}
