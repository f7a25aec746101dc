package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route.Step;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Works out how a piece goes on once some of its work is to be done again. It walks the work that is left as the piece
 * lies, and where a condition forbids a step it adds what makes that step possible: the handle taken off, the steel
 * softened and hardened once more, or the work that sets right what is missing.
 */
final class Turn {
    private static final Set<Trait> AROUND_THE_QUENCH = EnumSet.of(
            Trait.DEGREASES_FOR_FOIL,
            Trait.WRAPS_FOIL,
            Trait.DEGREASES_FOR_CLAY,
            Trait.COATS_WITH_CLAY,
            Trait.COATS_AGAINST_SCALE,
            Trait.SENDS_OUT,
            Trait.NORMALISES);
    /** Every round adds work, and a route has about sixty steps. */
    private static final int MOST_ROUNDS = 100;

    private final Making making;
    private final Specification spec;
    private final RoutePlanner planner;
    private final Set<String> kept;
    private final Set<String> again = new LinkedHashSet<>();
    /** What stands before a step and is left so. */
    private final Set<String> given = new HashSet<>();

    private final List<Broken> open = new ArrayList<>();
    private TakingApart apart;
    private boolean isNewBlade;
    private Rework rework;
    private Route route;

    /**
     * @param spec the piece as it is to be, which may differ from what it was
     * @param kept finished work that stays as it was done, as the owner judges
     */
    Turn(Making making, Specification spec, RoutePlanner planner, Set<String> kept) {
        this.making = making;
        this.spec = spec;
        this.planner = planner;
        this.kept = Set.copyOf(kept);
        this.rework = making.rework();
        this.route = spec.equals(making.spec()) ? making.route() : planned();
        this.apart = TakingApart.of(making);
    }

    /** The joint has failed already, so that its handle comes off whole. */
    Turn withFailedJoint() {
        apart = TakingApart.COMES_APART;
        return this;
    }

    /**
     * How it goes on.
     *
     * @param isHandleLost whether the handle comes off and is destroyed by it
     * @param open what still forbids a step in its turn, since nothing on the route sets it right
     */
    record Turned(Route route, TurnedBack back, List<Forbidden> open, boolean isHandleLost) {
        boolean canBeWalked() {
            return open.isEmpty();
        }
    }

    /** A step that a rule keeps shut when its turn comes. */
    record Forbidden(Operation step, ConditionRule rule) {}

    /** The blade begins anew at the bar. */
    Turn withNewBlade() {
        isNewBlade = true;
        rework = Rework.NONE;
        route = planned();
        return this;
    }

    /** The blade is normalised, or annealed where it hardens in air, and hardened once more. */
    Turn heatedAgain() {
        rework = rework.heatedAgain();
        making.progress().redoneWith(making.keysOf(Trait.HARDENS)).stream()
                .filter(operation -> operation.part() == Part.BLADE)
                .forEach(this::doAgain);
        doneOperations()
                .filter(operation -> operation.traits().stream().anyMatch(AROUND_THE_QUENCH::contains)
                        || operation.is(Trait.ANNEALS) && spec.steel().isAirHardening())
                .forEach(this::doAgain);
        route = planned();
        return this;
    }

    /** It is annealed before it is hardened, for soft work in between. */
    Turn softened() {
        rework = rework.softened();
        doneOperations().filter(operation -> operation.is(Trait.ANNEALS)).forEach(this::doAgain);
        route = planned();
        return this;
    }

    /** @param keys of finished work that is to be done again */
    Turned with(Set<String> keys) {
        keys.forEach(this::doAgain);
        spoilsTheBlade();
        given.addAll(hardAlready());
        Optional<Broken> broken = firstBroken();
        for (int round = 0; broken.isPresent() && round < MOST_ROUNDS; round++) {
            if (!setsRight(broken.get())) {
                given.add(broken.get().name());
                open.add(broken.get());
            }
            broken = firstBroken();
        }
        TurnedBack back = new TurnedBack(againInOrder(), comesIn(), rework, conditions());
        return new Turned(route, back, open(), back.takesHandleOff() && apart == TakingApart.DESTROYS);
    }

    /** What is done on the blade again takes with it what the new route builds on it. */
    private void spoilsTheBlade() {
        for (Step step : route.steps()) {
            if (step.operation().part() == Part.BLADE
                    && step.waits().stream()
                            .anyMatch(wait -> !wait.rule().isOnlyOrder()
                                    && again.contains(wait.operation().key()))) {
                doAgain(step.operation());
            }
        }
    }

    /** Soft work that lay open on a hard blade before: somebody decided so, and this turn does not ask again. */
    private Set<String> hardAlready() {
        Set<Condition> now = making.progress().conditions();
        return making.isHard()
                ? making.progress().stepsLeft().stream()
                        .flatMap(step -> ConditionRules.all().stream()
                                .filter(rule -> rule.needs().contains(Condition.ANNEALED)
                                        && rule.isAskedBefore(step.operation())
                                        && !rule.isKeptBy(now))
                                .map(rule -> new Broken(step, rule, now).name()))
                        .collect(Collectors.toSet())
                : Set.of();
    }

    /** A rule that stands before a step when its turn comes. */
    private record Broken(Step step, ConditionRule rule, Set<Condition> conditions) {
        String name() {
            return rule.key() + " " + step.operation().key();
        }
    }

    private Optional<Broken> firstBroken() {
        Set<Condition> now = EnumSet.noneOf(Condition.class);
        now.addAll(conditions());
        for (Step step : route.steps()) {
            if (isLeft(step)) {
                Optional<Broken> broken = ConditionRules.all().stream()
                        .filter(rule -> rule.isAskedBefore(step.operation()) && !rule.isKeptBy(now))
                        .map(rule -> new Broken(step, rule, Set.copyOf(now)))
                        .filter(each -> !given.contains(each.name()))
                        .findFirst();
                if (broken.isPresent()) {
                    return broken;
                }
                now.removeAll(step.operation().clears());
                now.addAll(step.operation().sets());
            }
        }
        return Optional.empty();
    }

    private List<Forbidden> open() {
        return open.stream()
                .filter(broken -> broken.rule().severity().closesGate())
                .map(broken -> new Forbidden(broken.step().operation(), broken.rule()))
                .toList();
    }

    /** Adds what the step needs. @return whether anything could be added */
    private boolean setsRight(Broken broken) {
        ConditionRule rule = broken.rule();
        if (rule.forbids().contains(Condition.HANDLED) && broken.conditions().contains(Condition.HANDLED)) {
            return takesHandleOff();
        }
        if (rule.needs().contains(Condition.ANNEALED)) {
            return makesSoft();
        }
        Optional<Operation> helps = route.steps().stream()
                .takeWhile(step -> step != broken.step())
                .filter(step -> !isLeft(step) && !kept.contains(step.operation().key()))
                .map(Step::operation)
                .filter(operation -> rule.isSetRightBy(operation, broken.conditions()))
                .reduce((earlier, later) -> later);
        helps.ifPresent(this::doAgain);
        return helps.isPresent();
    }

    /** Hard steel becomes soft in the fire alone, and has to be hardened again afterwards. */
    private boolean makesSoft() {
        boolean isDecided =
                making.isAny(kept, Trait.HARDENS) || making.isHard() && isHeatedAgain() && rework.isSoftenedAgain();
        if (isDecided || isSoftenedAlready()) {
            return false;
        }
        if (making.isHard() && !isHeatedAgain()) {
            heatedAgain();
        }
        softened();
        spoilsTheBlade();
        return true;
    }

    private boolean isSoftenedAlready() {
        return route.steps().stream().anyMatch(step -> step.operation().is(Trait.ANNEALS) && isLeft(step));
    }

    /** The handle comes off, with what that destroys; what merely comes apart is put together again. */
    private boolean takesHandleOff() {
        if (route.step(TakingApart.KEY).filter(this::isLeft).isPresent()) {
            return false;
        }
        rework = rework.takenApart();
        route = planned();
        doAgain(TakingApart.KEY);
        Set<String> undone =
                doneOperations().filter(apart::undoes).map(Operation::key).collect(Collectors.toSet());
        making.progress().redoneWith(undone).stream().filter(apart::spoils).forEach(this::doAgain);
        return true;
    }

    private boolean isHeatedAgain() {
        return rework.heats() > making.rework().heats();
    }

    private boolean isLeft(Step step) {
        return !making.progress().isDone(step.operation().key())
                || again.contains(step.operation().key());
    }

    private void doAgain(Operation operation) {
        doAgain(operation.key());
    }

    private void doAgain(String key) {
        if (!kept.contains(key) && making.progress().isDone(key)) {
            again.add(key);
        }
    }

    private Route planned() {
        Planned planned = planner.plan(spec, Operations.of(spec, making.place(), rework));
        if (planned instanceof Ordered ordered) {
            return ordered.route();
        }
        throw new IllegalStateException("What can be made once can be made again: " + planned);
    }

    private Stream<Operation> doneOperations() {
        return making.route().steps().stream()
                .map(Step::operation)
                .filter(operation -> making.progress().isDone(operation.key()));
    }

    private List<Operation> againInOrder() {
        return route.steps().stream()
                .map(Step::operation)
                .filter(operation ->
                        again.contains(operation.key()) && making.progress().isDone(operation.key()))
                .toList();
    }

    private List<Operation> comesIn() {
        return route.steps().stream()
                .map(Step::operation)
                .filter(operation -> making.route().step(operation.key()).isEmpty())
                .toList();
    }

    private Set<Condition> conditions() {
        return isNewBlade
                ? Worn.NEW.conditions()
                : TurnedBack.conditionsWithout(making.progress().conditions(), againInOrder());
    }
}
