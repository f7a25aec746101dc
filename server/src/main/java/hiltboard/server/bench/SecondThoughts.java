package hiltboard.server.bench;

import hiltboard.core.measure.Span;
import hiltboard.core.plan.PutOn.OfStep;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.WorkAgain;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.route.StepRepository;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Duration;
import java.util.List;
import java.util.function.BiFunction;
import org.springframework.stereotype.Service;

/** A thumb on the wrong knife, taken back; and work that is put down until later, and picked up again. */
@Service
class SecondThoughts {
    private final PieceFiles files;
    private final StepRepository steps;
    private final WorkAgain workAgain;
    private final PutOnRepository putOn;
    private final Changes changes;
    private final ShopClock clock;

    SecondThoughts(
            PieceFiles files,
            StepRepository steps,
            WorkAgain workAgain,
            PutOnRepository putOn,
            Changes changes,
            ShopClock clock) {
        this.putOn = putOn;
        this.files = files;
        this.steps = steps;
        this.workAgain = workAgain;
        this.changes = changes;
        this.clock = clock;
    }

    /** Not started after all: the step is as if it had never been begun, and what was read at it is struck out. */
    Receipt notStarted(List<Long> pieces, String operation, Command command) {
        return each(pieces, operation, command, (file, step) -> {
            BenchService.mustStand(file, step, Standing.RUNNING);
            mustBeInHand(file, step);
            workAgain.open(file, List.of(step.operation()));
            steps.notStarted(file.id(), operation);
            return file.entry(Entry.Kind.STEP_TAKEN_BACK, step, "was not started after all");
        });
    }

    /** The rest was not begun: hands are on it as before, and its clock is gone. */
    Receipt restNotBegun(List<Long> pieces, String operation, Command command) {
        return each(pieces, operation, command, (file, step) -> {
            BenchService.mustStand(file, step, Standing.RESTING);
            mustBeInHand(file, step);
            steps.notResting(file.id(), operation);
            return file.entry(Entry.Kind.STEP_TAKEN_BACK, step, "its rest was not begun after all");
        });
    }

    /** Lunch, or another job: the step stays begun, and its time stands still. */
    Receipt putDown(List<Long> pieces, String operation, Command command) {
        return each(pieces, operation, command, (file, step) -> {
            BenchService.mustStand(file, step, Standing.RUNNING);
            mustBeInHand(file, step);
            if (row(file, step).isPutDown()) {
                throw Refusal.outOfTurn(
                        "“" + step.operation().title() + "” on " + file.name() + " is put down already.");
            }
            steps.putDown(file.id(), operation, clock.nowMillis());
            return file.entry(Entry.Kind.STEP_PUT_DOWN, step, "is put down until later");
        });
    }

    Receipt pickUp(List<Long> pieces, String operation, Person person, Command command) {
        return each(pieces, operation, command, (file, step) -> {
            BenchService.mustStand(file, step, Standing.RUNNING);
            StepRow row = row(file, step);
            if (!row.isPutDown()) {
                throw Refusal.outOfTurn("“" + step.operation().title() + "” on " + file.name() + " is not put down.");
            }
            steps.pickUp(file.id(), operation, person.id(), clock.nowMillis());
            putOn.begun(file.id(), operation, person.id(), clock.nowMillis());
            putOn.takeOff(new OfStep(file.id(), operation), clock.nowMillis());
            return file.entry(
                    Entry.Kind.STEP_PICKED_UP,
                    step,
                    "is picked up again after "
                            + Span.wordsUp(Duration.ofMillis(Math.max(0, clock.nowMillis() - row.putDownAtMillis()))));
        });
    }

    private Receipt each(
            List<Long> pieces, String operation, Command command, BiFunction<PieceFile, Step, Entry> work) {
        return changes.makeAll(
                command,
                () -> pieces.stream()
                        .map(piece -> {
                            PieceFile file = files.openAlive(piece);
                            return work.apply(file, file.step(operation));
                        })
                        .toList());
    }

    private static StepRow row(PieceFile file, Step step) {
        return file.row(step).orElseThrow();
    }

    /** What burns, or is on its way, is taken back where it lies. */
    private void mustBeInHand(PieceFile file, Step step) {
        if (step.operation().is(Trait.HARDENS) && file.specification().isSentOut()) {
            throw Refusal.outOfTurn(file.name() + " is at the treater’s: say there what came of it.");
        }
        if (steps.isInTheFire(file.id())) {
            throw Refusal.outOfTurn(
                    file.name() + " lies in a kiln that is lit: take it out there, or give that fire up.");
        }
    }
}
