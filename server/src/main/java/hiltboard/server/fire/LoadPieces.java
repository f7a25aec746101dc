package hiltboard.server.fire;

import hiltboard.core.design.Bar;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.fire.HeatNeed;
import hiltboard.core.fire.LoadPiece;
import hiltboard.core.fire.LoadPiece.Cover;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Gate;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.job.PieceFile;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A piece as the fire sees it: what it asks, how big it is, and what still keeps it from a heat. */
final class LoadPieces {
    private LoadPieces() {}

    /** The step of the piece's route that a treatment does; empty where it has none. */
    static Optional<Step> step(PieceFile file, Treatment treatment) {
        return file.route().steps().stream()
                .filter(step -> treatment.isDoneAt(step.operation()))
                .findFirst();
    }

    static LoadPiece of(PieceFile file, Treatment treatment) {
        HeatNeed need = HeatNeed.of(file.specification(), file.chain(Units.INCH_FAHRENHEIT));
        Bar bar = KnifeShape.bar(file.specification());
        return new LoadPiece(
                file.id(),
                file.name(),
                need,
                bar.length(),
                bar.width(),
                bar.thickness(),
                KnifeShape.steelInFire(file.specification(), isProfiled(file)),
                cover(file),
                closed(file, treatment));
    }

    private static boolean isProfiled(PieceFile file) {
        return file.route().steps().stream()
                .map(Step::operation)
                .anyMatch(operation ->
                        operation.is(Trait.PROFILES) && file.progress().isDone(operation.key()));
    }

    /** As {@link #of} while it is in the fire: nothing keeps it from there any more. */
    static LoadPiece inside(PieceFile file, Treatment treatment) {
        return of(file, treatment).pastItsGate();
    }

    private static Cover cover(PieceFile file) {
        boolean isWrapped = file.route().steps().stream()
                .map(Step::operation)
                .anyMatch(operation ->
                        operation.is(Trait.WRAPS_FOIL) && file.progress().isDone(operation.key()));
        return isWrapped
                ? Cover.FOIL
                : file.progress().conditions().contains(Condition.CLAYED) ? Cover.CLAY : Cover.BARE;
    }

    /** What keeps it from this heat now, in words; empty when it may go in. */
    static List<String> closed(PieceFile file, Treatment treatment) {
        List<String> reasons = new ArrayList<>();
        file.heldReason().ifPresent(reason -> reasons.add("It is held: " + reason));
        boolean isAskedByNoStep = treatment == Treatment.STRESS_RELIEF || treatment == Treatment.STRAIGHTEN;
        if (isAskedByNoStep && file.progress().conditions().contains(Condition.HANDLED)) {
            reasons.add("Its handle is on: nothing goes into the fire with its handle on.");
        }
        if (treatment == Treatment.STRESS_RELIEF) {
            if (!file.progress().conditions().contains(Condition.ANNEALED)) {
                reasons.add("It is hard already: this heat would soften it.");
            }
            return reasons;
        }
        Optional<Step> step = step(file, treatment);
        if (step.isEmpty()) {
            return List.of("Its route has no such step in the kiln.");
        }
        file.row(step.get())
                .map(StepRow::standing)
                .filter(standing -> standing != Standing.OPEN)
                .ifPresent(standing ->
                        reasons.add(standing == Standing.DONE ? "It is done already." : "It is under way already."));
        for (Gate.Obstacle obstacle : file.gate(step.get()).closedBy()) {
            reasons.add(obstacle.rule().reason()
                    + (obstacle.missing().isEmpty()
                            ? ""
                            : " Open: "
                                    + String.join(
                                            ", ",
                                            obstacle.missing().stream()
                                                    .map(Operation::title)
                                                    .toList()) + "."));
        }
        return reasons;
    }
}
