package hiltboard.core.route;

import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What stands between a piece and its next step.
 *
 * @param closedBy what keeps the gate shut
 * @param cares what is open and only said
 * @param overridden what is open and was overridden with a reason
 */
public record Gate(List<Obstacle> closedBy, List<Obstacle> cares, List<Obstacle> overridden) {
    public Gate {
        closedBy = List.copyOf(closedBy);
        cares = List.copyOf(cares);
        overridden = List.copyOf(overridden);
    }

    /**
     * A rule that is not kept yet.
     *
     * @param missing the work that is not done
     * @param again the finished work whose effect is gone, and that sets it right when it is done again; none if that
     *     is not so simple
     */
    public record Obstacle(Rule rule, List<Operation> missing, Optional<Operation> again) {
        public Obstacle {
            missing = List.copyOf(missing);
        }

        Obstacle(Rule rule, List<Operation> missing) {
            this(rule, missing, Optional.empty());
        }

        Obstacle setRightBy(Optional<Operation> work) {
            return new Obstacle(rule, missing, work);
        }
    }

    /**
     * The gate before a step.
     *
     * @param done keys of the operations that are done
     * @param conditions what the piece is now
     * @param overriddenRules keys of the rules that the owner overrode for this step
     * @param firstPieceProved whether the first piece of the batch has been proved; it matters to the others of a batch
     *     only
     */
    public static Gate before(
            Step step,
            Set<String> done,
            Set<Condition> conditions,
            Set<String> overriddenRules,
            boolean firstPieceProved) {
        return before(step, done, conditions, overriddenRules, firstPieceProved, List.of());
    }

    /** As {@link #before(Step, Set, Set, Set, boolean)}, with the numbers that nobody has answered for. */
    public static Gate before(
            Step step,
            Set<String> done,
            Set<Condition> conditions,
            Set<String> overriddenRules,
            boolean firstPieceProved,
            List<Obstacle> unsettled) {
        List<Obstacle> missing = new ArrayList<>(unsettled);
        if (step.operation().is(Trait.SEES_FIRST) && !firstPieceProved) {
            missing.add(new Obstacle(OrderRules.FIRST_PIECE_PROVED, List.of()));
        }
        missing.addAll(notYetDone(step, done));
        ConditionRules.all().stream()
                .filter(rule -> rule.isAskedBefore(step.operation()) && !rule.isKeptBy(conditions))
                .forEach(rule -> missing.add(new Obstacle(rule, List.of())));
        List<Obstacle> closed = new ArrayList<>();
        List<Obstacle> cares = new ArrayList<>();
        List<Obstacle> overridden = new ArrayList<>();
        for (Obstacle obstacle : missing) {
            List<Obstacle> kind = overriddenRules.contains(obstacle.rule().key())
                    ? overridden
                    : obstacle.rule().severity().closesGate() ? closed : cares;
            kind.add(obstacle);
        }
        return new Gate(closed, cares, overridden);
    }

    /**
     * The same gate, where each condition that is lost says what work is done again for it, the last that stands before
     * this step; what work that is missing anyway will set right is not said twice.
     */
    public Gate settingRight(Step before, Route route, Set<String> done, Set<Condition> conditions) {
        List<Operation> missing = closedBy.stream()
                .flatMap(obstacle -> obstacle.missing().stream())
                .toList();
        List<Obstacle> closed = closedBy.stream()
                .filter(obstacle -> !(obstacle.rule() instanceof ConditionRule rule
                        && missing.stream().anyMatch(work -> rule.isSetRightBy(work, conditions))))
                .toList();
        return new Gate(
                settingRight(closed, before, route, done, conditions),
                settingRight(cares, before, route, done, conditions),
                overridden);
    }

    /**
     * The same gate once the work behind it is begun: what the piece had to be for it, it need not stay, such as clean
     * while it lies in the acid. What it must not be, it still must not.
     */
    public Gate begun() {
        return new Gate(stillAsked(closedBy), stillAsked(cares), overridden);
    }

    private static List<Obstacle> stillAsked(List<Obstacle> obstacles) {
        return obstacles.stream()
                .filter(obstacle -> !(obstacle.rule() instanceof ConditionRule rule)
                        || rule.needs().isEmpty())
                .toList();
    }

    private static List<Obstacle> settingRight(
            List<Obstacle> obstacles, Step before, Route route, Set<String> done, Set<Condition> conditions) {
        return obstacles.stream()
                .map(obstacle -> obstacle.rule() instanceof ConditionRule rule
                        ? obstacle.setRightBy(route.steps().stream()
                                .takeWhile(step -> !step.equals(before))
                                .map(Step::operation)
                                .filter(operation ->
                                        done.contains(operation.key()) && rule.isSetRightBy(operation, conditions))
                                .reduce((earlier, later) -> later))
                        : obstacle)
                .toList();
    }

    /** The order rules that are not kept yet. A step's waits stand together by rule. */
    private static List<Obstacle> notYetDone(Step step, Set<String> done) {
        List<Obstacle> missing = new ArrayList<>();
        List<Operation> ofRule = new ArrayList<>();
        for (int i = 0; i < step.waits().size(); i++) {
            Wait wait = step.waits().get(i);
            if (!done.contains(wait.operation().key())) {
                ofRule.add(wait.operation());
            }
            boolean isLastOfRule =
                    i + 1 == step.waits().size() || step.waits().get(i + 1).rule() != wait.rule();
            if (isLastOfRule && !ofRule.isEmpty()) {
                missing.add(new Obstacle(wait.rule(), ofRule));
                ofRule = new ArrayList<>();
            }
        }
        return missing;
    }

    public boolean isOpen() {
        return closedBy.isEmpty();
    }

    /** Whether every rule is kept, those of care too: the step's natural turn. */
    public boolean isItsTurn() {
        return closedBy.isEmpty() && cares.isEmpty();
    }
}
