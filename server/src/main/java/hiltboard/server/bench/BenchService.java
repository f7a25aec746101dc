package hiltboard.server.bench;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Gate;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operation.Hands;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Rule;
import hiltboard.core.route.Trait;
import hiltboard.core.route.Unsettled;
import hiltboard.server.Refusal;
import hiltboard.server.Refusal.Out;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.chain.ReadingRepository;
import hiltboard.server.job.BelongingService;
import hiltboard.server.job.Gates;
import hiltboard.server.job.JobService;
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
import hiltboard.server.stock.PromiseService;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** What a maker does at a bench: start, rest, finish, and say what went wrong. */
@Service
public class BenchService {
    private final PieceFiles files;
    private final StepRepository steps;
    private final ReadingRepository readings;
    private final JobService jobs;
    private final WorkAgain workAgain;
    private final PutOnRepository putOn;
    private final PromiseService promising;
    private final List<HoldsStep> held;
    private final Changes changes;
    private final ShopClock clock;

    BenchService(
            PieceFiles files,
            StepRepository steps,
            ReadingRepository readings,
            JobService jobs,
            WorkAgain workAgain,
            PutOnRepository putOn,
            PromiseService promising,
            List<HoldsStep> held,
            Changes changes,
            ShopClock clock) {
        this.files = files;
        this.steps = steps;
        this.readings = readings;
        this.jobs = jobs;
        this.workAgain = workAgain;
        this.putOn = putOn;
        this.promising = promising;
        this.held = List.copyOf(held);
        this.changes = changes;
        this.clock = clock;
    }

    /** Starts a step on one piece, or on several of a batch at once. */
    public Receipt start(List<Long> pieces, String operation, Person person, Command command) {
        return changes.makeAll(
                command,
                () -> pieces.stream()
                        .map(piece -> begin(piece, operation, person))
                        .toList());
    }

    /** As {@link #start} for one piece, part of a change of the caller. */
    public Entry begin(long piece, String operation, Person person) {
        PieceFile file = workable(piece);
        Step step = file.step(operation);
        mustBeAllowed(step, person);
        file.row(step).ifPresent(row -> mustNotBeUnderWay(file, step, row));
        mustBeOpen(file, step, person.units());
        steps.start(piece, operation, person.id(), clock.nowMillis());
        putOn.begun(piece, operation, person.id(), clock.nowMillis());
        return file.entry(Entry.Kind.STEP_STARTED, step, "started");
    }

    /** Ends the hands-on part and starts the rest's clock. */
    public Receipt rest(List<Long> pieces, String operation, Command command) {
        return changes.makeAll(
                command,
                () -> pieces.stream()
                        .map(piece -> {
                            PieceFile file = workable(piece);
                            Step step = file.step(operation);
                            mustStand(file, step, Standing.RUNNING);
                            mustBePickedUp(file, step);
                            Duration rest = file.rest(step.operation());
                            if (rest.isZero()) {
                                throw Refusal.outOfTurn(
                                        "“" + step.operation().title() + "” has no rest; it is done when it is done.");
                            }
                            return rest(file, step, clock.nowMillis() + rest.toMillis());
                        })
                        .toList());
    }

    /**
     * Lets a step that is under way rest until then, or sets the end of its rest anew; part of a change of the caller.
     */
    public Entry restUntil(long piece, String operation, long untilMillis) {
        PieceFile file = workable(piece);
        return rest(file, file.step(operation), untilMillis);
    }

    private Entry rest(PieceFile file, Step step, long untilMillis) {
        steps.rest(file.id(), step.operation().key(), untilMillis);
        return file.entry(
                Entry.Kind.REST_STARTED,
                step,
                "rests for " + Span.wordsOfRest(Duration.ofMillis(Math.max(0, untilMillis - clock.nowMillis()))));
    }

    /** A step that was begun and came to nothing is open again; part of a change of the caller. */
    public Entry putBack(long piece, String operation, String why) {
        PieceFile file = files.openAlive(piece);
        Step step = file.step(operation);
        workAgain.open(file, List.of(step.operation()));
        return file.entry(Entry.Kind.STEP_REOPENED, step, why);
    }

    /** Finishes a step when its checks are ticked, its readings are taken and its rest is up. */
    public Receipt done(List<Long> pieces, String operation, List<String> ticked, Person person, Command command) {
        return changes.makeAll(command, () -> {
            mustBeSettled(pieces.stream().map(files::openAlive).toList(), operation, person.units());
            return pieces.stream()
                    .flatMap(piece -> finish(piece, operation, Set.copyOf(ticked), person).stream())
                    .toList();
        });
    }

    /**
     * What is out is asked for once, of all pieces together: measured again, taken as it is with a reason, or gone
     * wrong.
     */
    private static void mustBeSettled(List<PieceFile> pieces, String operation, Units units) {
        List<Out> out = pieces.stream()
                .flatMap(file -> out(file, file.step(operation).operation(), units))
                .toList();
        if (!out.isEmpty()) {
            throw Refusal.out(
                    String.join(
                            " ",
                            out.stream()
                                    .map(each -> each.pieceName() + ", " + each.label() + ": " + each.why())
                                    .toList()),
                    out);
        }
    }

    private static Stream<Out> out(PieceFile file, Operation operation, Units units) {
        DimensionChain chain = file.chain(units);
        Set<String> taken = file.readingsByDimension().keySet();
        return operation.readings().stream()
                .filter(taken::contains)
                .flatMap(key -> chain.link(key).stream())
                .filter(link -> Unsettled.isOut(link, chain, file.accepted()))
                .map(link -> new Out(
                        file.id(),
                        file.name(),
                        link.dimension().key(),
                        link.dimension().label(),
                        link.current().in(units),
                        chain.judge(link.dimension().key(), link.current()).words()));
    }

    /** As {@link #done} for one piece, part of a change of the caller. */
    public List<Entry> finish(long piece, String operation, Set<String> ticked, Person person) {
        PieceFile file = workable(piece);
        Step step = file.step(operation);
        mustBeAllowed(step, person);
        if (step.operation().is(Trait.HANDS_OVER)) {
            BelongingService.mustBePromised(file);
        }
        held.stream()
                .flatMap(each -> each.notYet(file, step.operation()).stream())
                .findFirst()
                .ifPresent(why -> {
                    throw Refusal.outOfTurn(why);
                });
        mustBeFinishable(file, step);
        mustBeComplete(file, step.operation(), ticked);
        DimensionChain chain = file.chain(person.units());
        for (String made : step.operation().makes()) {
            readings.make(
                    piece,
                    operation,
                    made,
                    chain.link(made).orElseThrow().expected().value(),
                    clock.nowMillis());
        }
        steps.done(piece, operation, person.id(), clock.nowMillis());
        if (step.operation().is(Trait.HANDS_OVER)) {
            jobs.handOver(piece);
            return List.of(file.entry(Entry.Kind.HANDED_OVER, step, "done"));
        }
        List<Entry> entries = new ArrayList<>(List.of(file.entry(Entry.Kind.STEP_DONE, step, "done")));
        entries.addAll(promising.takenAt(file, step.operation(), person));
        entries.addAll(windowsOpenedBy(step, files.open(piece)));
        return entries;
    }

    /** Whatever has to begin soon now is said at once. */
    private List<Entry> windowsOpenedBy(Step done, PieceFile file) {
        return file.windows().stream()
                .filter(window -> window.step().waits().stream()
                        .anyMatch(wait -> wait.rule().equals(window.rule())
                                && wait.operation()
                                        .key()
                                        .equals(done.operation().key())))
                .map(window -> file.entry(
                        Entry.Kind.WINDOW_OPEN,
                        window.step(),
                        "has to begin within "
                                + Span.wordsDown(Duration.ofMillis(
                                        Math.max(0, window.closes().toEpochMilli() - clock.nowMillis())))
                                + ". " + window.rule().reason()))
                .toList();
    }

    /** Takes back “done” while nothing has been built on the step. */
    public Receipt reopen(long piece, String operation, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = workable(piece);
            Step step = file.step(operation);
            mustBeAllowed(step, person);
            mustStand(file, step, Standing.DONE);
            List<Operation> redone = file.progress().redoneWith(operation);
            if (redone.size() > 1) {
                throw Refusal.outOfTurn(
                        "“" + redone.get(1).title() + "” was built on it. Use “Went wrong” to do work again.");
            }
            promising.giveBack(file, step.operation(), person);
            workAgain.open(file, redone);
            return file.entry(Entry.Kind.STEP_REOPENED, step, "is open again");
        });
    }

    /**
     * Opens finished work whose effect is gone, for it to be done once more: what was degreased is greasy again, what
     * was unwrapped is wrapped.
     */
    public Receipt again(long piece, String operation, Command command) {
        return changes.make(command, () -> {
            PieceFile file = workable(piece);
            Step step = file.step(operation);
            mustStand(file, step, Standing.DONE);
            Gates gates = new Gates(file, file.progress(), Units.INCH_FAHRENHEIT);
            boolean isGone = file.progress().stepsLeft().stream()
                    .map(gates::before)
                    .flatMap(gate -> Stream.concat(gate.closedBy().stream(), gate.cares().stream()))
                    .anyMatch(obstacle ->
                            obstacle.again().filter(step.operation()::equals).isPresent());
            if (!isGone) {
                throw Refusal.outOfTurn("“" + step.operation().title() + "” on " + file.name()
                        + " still holds: nothing waits for it to be done again.");
            }
            workAgain.open(file, List.of(step.operation()));
            return file.entry(Entry.Kind.STEP_REOPENED, step, "is done again: what it did is gone");
        });
    }

    /** Opens a closed gate with a reason that stays visible. */
    public Receipt override(long piece, String operation, String rule, String reason, Person person, Command command) {
        if (reason.isBlank() || reason.length() > 500) {
            throw Refusal.entry("reason", "", "A reason is needed", "why it is right this time, up to 500 characters");
        }
        return changes.make(command, () -> {
            PieceFile file = workable(piece);
            Step step = file.step(operation);
            Rule closed = file.gate(step).closedBy().stream()
                    .map(Gate.Obstacle::rule)
                    .filter(each -> each.key().equals(rule))
                    .findFirst()
                    .orElseThrow(() -> Refusal.outOfTurn("This gate is open already."));
            if (closed instanceof Unsettled unsettled) {
                throw Refusal.outOfTurn("This is a number, not an order of work: " + unsettled.remedy());
            }
            steps.override(piece, operation, rule, reason.strip(), person.id(), clock.nowMillis());
            return file.entry(
                    Entry.Kind.GATE_OVERRIDDEN,
                    step,
                    "gate overridden (" + closed.reason() + ") because: " + reason.strip());
        });
    }

    private static void mustBeAllowed(Step step, Person person) {
        if (step.operation().hands() == Hands.OWNER) {
            person.mustBeOwner("write down a client's yes");
        }
    }

    private PieceFile workable(long piece) {
        PieceFile file = files.openAlive(piece);
        file.heldReason().ifPresent(reason -> {
            throw Refusal.outOfTurn(file.name() + " is held: " + reason);
        });
        return file;
    }

    private static void mustNotBeUnderWay(PieceFile file, Step step, StepRow row) {
        if (row.standing() == Standing.DONE) {
            throw Refusal.outOfTurn(
                    row.doneBy() + " has done “" + step.operation().title() + "” on " + file.name() + " already.");
        }
        if (row.standing() != Standing.OPEN) {
            throw Refusal.outOfTurn(row.startedBy() + " has started “"
                    + step.operation().title() + "” on " + file.name() + " already.");
        }
    }

    static void mustStand(PieceFile file, Step step, Standing standing) {
        Standing is = file.row(step).map(StepRow::standing).orElse(Standing.OPEN);
        if (is != standing) {
            throw Refusal.outOfTurn("“" + step.operation().title() + "” on " + file.name() + " is "
                    + switch (is) {
                        case OPEN -> "not started";
                        case RUNNING -> "under way";
                        case RESTING -> "resting";
                        case DONE -> "done";
                    }
                    + ".");
        }
    }

    private static void mustBeOpen(PieceFile file, Step step, Units units) {
        List<Gate.Obstacle> closed = file.gate(step, units).closedBy();
        if (!closed.isEmpty()) {
            Rule rule = closed.get(0).rule();
            throw Refusal.outOfTurn("The gate before “" + step.operation().title() + "” on " + file.name()
                    + " is shut. " + rule.reason() + " Otherwise: " + rule.consequence()
                    + (closed.get(0).missing().isEmpty()
                            ? ""
                            : " Open: "
                                    + String.join(
                                            ", ",
                                            closed.get(0).missing().stream()
                                                    .map(Operation::title)
                                                    .toList()) + "."));
        }
    }

    private static void mustBePickedUp(PieceFile file, Step step) {
        if (file.row(step).filter(StepRow::isPutDown).isPresent()) {
            throw Refusal.outOfTurn(
                    "“" + step.operation().title() + "” on " + file.name() + " is put down: pick it up first.");
        }
    }

    private void mustBeFinishable(PieceFile file, Step step) {
        mustBePickedUp(file, step);
        if (!step.operation().rests()) {
            mustStand(file, step, Standing.RUNNING);
            return;
        }
        mustStand(file, step, Standing.RESTING);
        long left = file.row(step).orElseThrow().restUntilMillis() - clock.nowMillis();
        if (left > 0) {
            throw Refusal.outOfTurn("“" + step.operation().title() + "” on " + file.name() + " rests for another "
                    + Span.wordsOfRest(Duration.ofMillis(left)) + ".");
        }
    }

    private static void mustBeComplete(PieceFile file, Operation operation, Set<String> ticked) {
        List<String> unticked = operation.checks().stream()
                .filter(check -> !ticked.contains(check))
                .toList();
        if (!unticked.isEmpty()) {
            throw Refusal.outOfTurn("Not checked yet on " + file.name() + ": " + String.join("; ", unticked) + ".");
        }
        Set<String> taken = file.readingsByDimension().keySet();
        List<String> missing = operation.readings().stream()
                .filter(dimension -> !taken.contains(dimension))
                .toList();
        if (!missing.isEmpty()) {
            DimensionChain chain = file.chain(Units.INCH_FAHRENHEIT);
            throw Refusal.outOfTurn("Not measured yet on " + file.name() + ": "
                    + String.join(
                            "; ",
                            missing.stream()
                                    .map(key -> chain.link(key)
                                            .orElseThrow()
                                            .dimension()
                                            .label())
                                    .toList())
                    + ".");
        }
    }
}
