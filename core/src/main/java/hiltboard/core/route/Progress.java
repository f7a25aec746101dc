package hiltboard.core.route;

import hiltboard.core.measure.Quantity;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * How far a piece has come along its route.
 *
 * @param doneAt when each finished step was done
 * @param restUpAt when the rest of a step is or was up, where it has one; windows count from there
 * @param worn what the piece was when its route was last turned back
 * @param begun the steps that are under way
 * @param now the moment that it is looked at: what does not last may be lost by then
 */
public record Progress(
        Route route,
        Map<String, Instant> doneAt,
        Map<String, Instant> restUpAt,
        Worn worn,
        Set<String> begun,
        Instant now) {
    public Progress {
        doneAt = Map.copyOf(doneAt);
        restUpAt = Map.copyOf(restUpAt);
        begun = Set.copyOf(begun);
    }

    /** Nothing under way, and looked at before anything is lost. */
    public Progress(Route route, Map<String, Instant> doneAt, Map<String, Instant> restUpAt, Worn worn) {
        this(route, doneAt, restUpAt, worn, Set.of(), Instant.MIN);
    }

    public Progress(Route route, Map<String, Instant> doneAt) {
        this(route, doneAt, Map.of(), Worn.NEW);
    }

    /** A step that has to begin before its window closes. */
    public record Window(Step step, OrderRule rule, Instant opened, Instant closes) {
        /**
         * From when on the end of the window is said aloud: its last quarter, or its last quarter of an hour if that is
         * shorter.
         */
        public Instant warnFrom() {
            Duration quarter = Duration.between(opened, closes).dividedBy(4);
            return closes.minus(quarter.compareTo(Duration.ofMinutes(15)) < 0 ? quarter : Duration.ofMinutes(15));
        }
    }

    /** The state that the piece is in. */
    public State state() {
        return doneSteps().stream()
                .flatMap(step -> step.operation().leaves().stream())
                .reduce(State.BAR, (a, b) -> a.compareTo(b) >= 0 ? a : b);
    }

    /** What the piece is now, by all that was done to it. */
    public Set<Condition> conditions() {
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        conditions.addAll(worn.conditions());
        doneSteps().stream()
                .filter(step -> doneAt.get(step.operation().key()).isAfter(worn.since()))
                .sorted(Comparator.comparing(step -> doneAt.get(step.operation().key())))
                .forEach(step -> {
                    conditions.removeAll(step.operation().clears());
                    step.operation().sets().stream()
                            .filter(condition -> lasts(condition, step.operation()))
                            .forEach(conditions::add);
                });
        return conditions;
    }

    private boolean lasts(Condition condition, Operation operation) {
        return condition
                .lasts()
                .map(time -> now.isBefore(since(operation.key()).plus(time)))
                .orElse(true);
    }

    /**
     * When the piece becomes something else though nobody touches it: what does not last is lost, or a window closes
     * with whose end something is lost. Empty where nothing is.
     *
     * @param numbers the piece's own, for windows whose length is one of them
     */
    public Optional<Instant> changesByItself(Function<String, Optional<Quantity>> numbers) {
        Stream<Instant> lost = doneSteps().stream()
                .map(Step::operation)
                .flatMap(operation -> operation.sets().stream()
                        .flatMap(condition -> condition.lasts().stream())
                        .map(time -> since(operation.key()).plus(time)));
        Stream<Instant> closed = windows(numbers).stream()
                .filter(window -> window.rule().lost().isPresent())
                .map(Window::closes);
        return Stream.concat(lost, closed).filter(now::isBefore).min(Comparator.naturalOrder());
    }

    /** When what a finished step leads to began to count: when its rest was up, or when it was done. */
    private Instant since(String operationKey) {
        return restUpAt.getOrDefault(operationKey, doneAt.get(operationKey));
    }

    /** Hardened, and not tempered once: it may crack by itself. */
    public boolean isUntempered() {
        return conditions().contains(Condition.UNTEMPERED);
    }

    public boolean isProved() {
        return isDone(Trait.PROVES);
    }

    /** Whether the guard has its slot. */
    public boolean isGuardCut() {
        return isDone(Trait.CUTS_GUARD);
    }

    public boolean isDone(String operationKey) {
        return doneAt.containsKey(operationKey);
    }

    /** Windows with their usual length. */
    public List<Window> windows() {
        return windows(number -> Optional.empty());
    }

    /**
     * Windows that are open: the earlier work is done and the later one is neither done nor under way, and nothing has
     * been lost yet.
     *
     * @param numbers the piece's own numbers, for windows whose length is one of them
     */
    public List<Window> windows(Function<String, Optional<Quantity>> numbers) {
        return left().stream().flatMap(step -> windows(step, numbers).stream()).toList();
    }

    /** Windows that have closed with a loss: the later work has not begun in time, and the earlier is done again. */
    public List<Window> lostWindows(Function<String, Optional<Quantity>> numbers) {
        return left().stream()
                .flatMap(step -> openOrLost(step, numbers))
                .filter(this::isLost)
                .toList();
    }

    private List<Window> windows(Step step, Function<String, Optional<Quantity>> numbers) {
        return openOrLost(step, numbers).filter(window -> !isLost(window)).toList();
    }

    private boolean isLost(Window window) {
        return window.rule().lost().isPresent() && !now.isBefore(window.closes());
    }

    private Stream<Window> openOrLost(Step step, Function<String, Optional<Quantity>> numbers) {
        return begun.contains(step.operation().key())
                ? Stream.empty()
                : step.waits().stream()
                        .filter(wait -> isDone(wait.operation().key()))
                        .flatMap(wait -> window(step, wait, numbers).stream());
    }

    private Optional<Window> window(Step step, Wait wait, Function<String, Optional<Quantity>> numbers) {
        Instant opened = since(wait.operation().key());
        return wait.rule()
                .window()
                .flatMap(window -> window.length(numbers))
                .map(length -> new Window(step, wait.rule(), opened, opened.plus(length)));
    }

    /**
     * The done work that has to be done again when this operation is: itself and all that was built on it, in route
     * order.
     */
    public List<Operation> redoneWith(String operationKey) {
        return redoneWith(Set.of(operationKey));
    }

    /** As {@link #redoneWith(String)}, for several operations at once. */
    public List<Operation> redoneWith(Set<String> operationKeys) {
        Set<String> again = new HashSet<>(operationKeys);
        List<Operation> redone = new ArrayList<>();
        for (Step step : route.steps()) {
            boolean builtOnIt = step.waits().stream()
                    .anyMatch(wait -> !wait.rule().isOnlyOrder()
                            && again.contains(wait.operation().key()));
            if (builtOnIt || operationKeys.contains(step.operation().key())) {
                again.add(step.operation().key());
                if (isDone(step.operation().key())) {
                    redone.add(step.operation());
                }
            }
        }
        return redone;
    }

    /** As {@link #workLeft(Function)} where the piece has no numbers of its own yet. */
    public List<WorkLeft> workLeft() {
        return workLeft(number -> Optional.empty());
    }

    /**
     * What is left to do, in the order of the route.
     *
     * @param numbers the piece's own, for rests and windows whose length is one of them
     */
    public List<WorkLeft> workLeft(Function<String, Optional<Quantity>> numbers) {
        return left().stream()
                .map(step -> new WorkLeft(
                        step,
                        stage(step),
                        step.waits().stream()
                                .map(Wait::operation)
                                .filter(operation -> !isDone(operation.key()))
                                .distinct()
                                .toList(),
                        step.operation().rest(numbers),
                        restsUntil(step),
                        windows(step, numbers)))
                .toList();
    }

    private WorkLeft.Stage stage(Step step) {
        if (begun.contains(step.operation().key())) {
            return restsUntil(step).isPresent() ? WorkLeft.Stage.RESTS : WorkLeft.Stage.UNDER_WAY;
        }
        boolean waits =
                step.waits().stream().anyMatch(wait -> !isDone(wait.operation().key()));
        return waits ? WorkLeft.Stage.WAITS : WorkLeft.Stage.NEXT;
    }

    private Optional<Instant> restsUntil(Step step) {
        return Optional.ofNullable(restUpAt.get(step.operation().key()))
                .filter(until -> begun.contains(step.operation().key()));
    }

    public int attendedMinutesLeft() {
        return left().stream()
                .mapToInt(step -> step.operation().attendedMinutes())
                .sum();
    }

    /** The steps that are not done yet, in the order of the route. */
    public List<Step> stepsLeft() {
        return left();
    }

    private List<Step> left() {
        return route.steps().stream()
                .filter(step -> !isDone(step.operation().key()))
                .toList();
    }

    private List<Step> doneSteps() {
        return route.steps().stream()
                .filter(step -> isDone(step.operation().key()))
                .toList();
    }

    /** Whether work of this kind is done. */
    boolean isDone(Trait trait) {
        return doneSteps().stream().anyMatch(step -> step.operation().is(trait));
    }
}
