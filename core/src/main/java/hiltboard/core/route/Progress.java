package hiltboard.core.route;

import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How far a piece has come along its route. */
public record Progress(Route route, Map<String, Instant> doneAt) {
    public Progress {
        doneAt = Map.copyOf(doneAt);
    }

    /** A step that has to begin before its window closes. */
    public record Window(Step step, OrderRule rule, Instant closes) {}

    /** The state that the piece is in. */
    public State state() {
        return doneSteps().stream()
                .flatMap(step -> step.operation().leaves().stream())
                .reduce(State.BAR, (a, b) -> a.compareTo(b) >= 0 ? a : b);
    }

    /** Hardened, and not tempered once: it may crack by itself. */
    public boolean isUntempered() {
        return isDone(Trait.HARDENS) && !isDone(Trait.FIRST_TEMPER);
    }

    public boolean isProved() {
        return isDone(Trait.PROVES);
    }

    /** Windows that are open: the earlier work is done and the later one is not. */
    public List<Window> windows() {
        List<Window> windows = new ArrayList<>();
        for (Step step : route.steps()) {
            if (doneAt.containsKey(step.operation().key())) {
                continue;
            }
            for (Wait wait : step.waits()) {
                Instant since = doneAt.get(wait.operation().key());
                if (since != null && wait.rule().within().isPresent()) {
                    windows.add(new Window(step, wait.rule(), since.plus(wait.rule().within().get())));
                }
            }
        }
        return windows;
    }

    /** The done work that has to be done again when this operation is: itself and all that was built on it, in route order. */
    public List<Operation> redoneWith(String operationKey) {
        Set<String> again = new HashSet<>(Set.of(operationKey));
        List<Operation> redone = new ArrayList<>();
        for (Step step : route.steps()) {
            boolean builtOnIt = step.waits().stream().anyMatch(wait -> again.contains(wait.operation().key()));
            if (builtOnIt || step.operation().key().equals(operationKey)) {
                again.add(step.operation().key());
                if (doneAt.containsKey(step.operation().key())) {
                    redone.add(step.operation());
                }
            }
        }
        return redone;
    }

    public int attendedMinutesLeft() {
        return left().stream().mapToInt(step -> step.operation().attendedMinutes()).sum();
    }

    /** The rests that are still to come. */
    public List<Duration> restsLeft() {
        return left().stream().map(step -> step.operation().rest()).filter(rest -> !rest.isZero()).toList();
    }

    private List<Step> left() {
        return route.steps().stream().filter(step -> !doneAt.containsKey(step.operation().key())).toList();
    }

    private List<Step> doneSteps() {
        return route.steps().stream().filter(step -> doneAt.containsKey(step.operation().key())).toList();
    }

    private boolean isDone(Trait trait) {
        return doneSteps().stream().anyMatch(step -> step.operation().is(trait));
    }
}
