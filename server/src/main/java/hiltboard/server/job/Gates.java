package hiltboard.server.job;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Condition;
import hiltboard.core.route.EdgeForUse;
import hiltboard.core.route.Gate;
import hiltboard.core.route.HoleOff;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Unsettled;
import hiltboard.server.chain.HoleRepository.HoleRow;
import hiltboard.server.route.StepRepository.Override;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The gates before the steps of one piece as it lies now: what is done, what the piece is and its numbers are worked
 * out once for all of them.
 */
public final class Gates {
    private final PieceFile file;
    private final Set<String> done;
    private final Set<Condition> conditions;
    private final Map<String, Quantity> readings;
    private final List<Unsettled.Accepted> accepted;
    private final boolean isHoleTaken;
    private final Units units;
    private Optional<DimensionChain> chain = Optional.empty();

    /** @param units in which numbers are said that nobody has answered for */
    public Gates(PieceFile file, Progress progress, Units units) {
        this.file = file;
        this.done = progress.doneAt().keySet();
        this.conditions = progress.conditions();
        this.readings = file.readingValues();
        this.accepted = file.accepted();
        this.isHoleTaken = isHoleTaken(file);
        this.units = units;
    }

    /** Once the owner has let the holes be as they are, no other step asks again, until one is measured anew. */
    private static boolean isHoleTaken(PieceFile file) {
        long measured = file.holes().stream().mapToLong(HoleRow::atMillis).max().orElse(Long.MAX_VALUE);
        return file.overrides().stream()
                .anyMatch(each -> each.rule().equals(HoleOff.KEY) && each.atMillis() >= measured);
    }

    public Gate before(Step step) {
        Set<String> overridden = file.overrides().stream()
                .filter(each -> each.operation().equals(step.operation().key()))
                .map(Override::rule)
                .collect(Collectors.toSet());
        Gate gate = Gate.before(step, done, conditions, overridden, file.firstPieceProved(), unsettled(step))
                .settingRight(step, file.route(), done, conditions);
        return file.row(step).filter(StepRow::isUnderWay).isPresent() ? gate.begun() : gate;
    }

    /** Whether nothing at all is open before a step; most steps wait for others, which is quickly known. */
    public boolean isItsTurn(Step step) {
        boolean waits = file.overrides().isEmpty()
                && step.waits().stream()
                        .anyMatch(wait -> !done.contains(wait.operation().key()));
        return !waits && before(step).isItsTurn();
    }

    private List<Gate.Obstacle> unsettled(Step step) {
        if (done.contains(step.operation().key())) {
            return List.of();
        }
        List<Gate.Obstacle> unsettled =
                new ArrayList<>(EdgeForUse.before(step.operation(), file.specification(), file.useWords()));
        if (!isHoleTaken) {
            unsettled.addAll(HoleOff.before(step.operation(), file.specification(), file.holesRead(), units));
        }
        if (!file.made().isEmpty() || !readings.isEmpty()) {
            unsettled.addAll(Unsettled.before(step, file.route(), done, this::chain, readings, accepted, units));
        }
        return unsettled;
    }

    private DimensionChain chain() {
        if (chain.isEmpty()) {
            chain = Optional.of(file.chain(units));
        }
        return chain.get();
    }
}
