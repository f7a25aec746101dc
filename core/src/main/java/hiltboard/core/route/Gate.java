package hiltboard.core.route;

import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import java.util.ArrayList;
import java.util.List;
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

    /** A rule that is not kept yet, with the work that is missing. */
    public record Obstacle(Rule rule, List<Operation> missing) {
        public Obstacle {
            missing = List.copyOf(missing);
        }
    }

    /**
     * The gate before a step.
     *
     * @param done keys of the operations that are done
     * @param conditions what the piece is now
     * @param overriddenRules keys of the rules that the owner overrode for this step
     * @param firstPieceProved whether the first piece of the batch has been proved; it matters to the others of a batch only
     */
    public static Gate before(Step step, Set<String> done, Set<Condition> conditions, Set<String> overriddenRules, boolean firstPieceProved) {
        return before(step, done, conditions, overriddenRules, firstPieceProved, List.of());
    }

    /** As {@link #before(Step, Set, Set, Set, boolean)}, with the numbers that nobody has answered for. */
    public static Gate before(Step step, Set<String> done, Set<Condition> conditions, Set<String> overriddenRules, boolean firstPieceProved, List<Obstacle> unsettled) {
        List<Obstacle> missing = new ArrayList<>(unsettled);
        if (step.operation().is(Trait.SEES_FIRST) && !firstPieceProved) {
            missing.add(new Obstacle(OrderRules.FIRST_PIECE_PROVED, List.of()));
        }
        missing.addAll(notYetDone(step, done));
        ConditionRules.all().stream().filter(rule -> rule.isAskedBefore(step.operation()) && !rule.isKeptBy(conditions)).forEach(rule -> missing.add(new Obstacle(rule, List.of())));
        List<Obstacle> closed = new ArrayList<>();
        List<Obstacle> cares = new ArrayList<>();
        List<Obstacle> overridden = new ArrayList<>();
        for (Obstacle obstacle : missing) {
            List<Obstacle> kind = overriddenRules.contains(obstacle.rule().key()) ? overridden : obstacle.rule().severity().closesGate() ? closed : cares;
            kind.add(obstacle);
        }
        return new Gate(closed, cares, overridden);
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
            boolean isLastOfRule = i + 1 == step.waits().size() || step.waits().get(i + 1).rule() != wait.rule();
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
