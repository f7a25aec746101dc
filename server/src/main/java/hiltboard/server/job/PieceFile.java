package hiltboard.server.job;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.SheathShape;
import hiltboard.core.design.Specification;
import hiltboard.core.machine.HoleRead;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Gate;
import hiltboard.core.route.Making;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Place;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Rework;
import hiltboard.core.route.Route;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Unsettled;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.sheath.SheathPlan;
import hiltboard.server.Refusal;
import hiltboard.server.chain.HoleRepository.HoleRow;
import hiltboard.server.chain.ReadingRepository.MadeTo;
import hiltboard.server.chain.ReadingRepository.Reading;
import hiltboard.server.live.Entry;
import hiltboard.server.route.StepRepository.Override;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * All that is known of one piece: the numbers of its chain, its route and how far it has come.
 *
 * @param steps the steps that have been started, by operation
 * @param holes the last reading of each
 * @param firstPieceProved whether the first piece of its batch has been proved
 * @param at the moment that it is looked at
 */
public record PieceFile(
        JobRepository.Job job,
        JobRepository.Piece piece,
        Specification specification,
        Route route,
        Map<String, StepRow> steps,
        List<Reading> readings,
        List<MadeTo> made,
        List<HoleRow> holes,
        List<Override> overrides,
        boolean firstPieceProved,
        Instant at) {

    PieceFile withFirstPieceProved(boolean isProved) {
        return isProved == firstPieceProved
                ? this
                : new PieceFile(
                        job, piece, specification, route, steps, readings, made, holes, overrides, isProved, at);
    }

    /** The step that stands for the client's yes to the outline. */
    public static final String APPROVAL = "approve-outline";

    public long id() {
        return piece.id();
    }

    public long jobId() {
        return job.id();
    }

    /** The piece as it is called in the shop: its job's number, and its own within a batch. */
    public String name() {
        return name(job, piece);
    }

    static String name(JobRepository.Job job, JobRepository.Piece piece) {
        return name(job.number(), piece.position(), piece.pieces());
    }

    static String name(String number, int position, int pieces) {
        return pieces == 1 ? number : number + "-" + position;
    }

    public boolean isAlive() {
        return piece.standing() == JobRepository.Standing.ALIVE;
    }

    /** Whether the client's yes to the outline is there. */
    public boolean isOutlineApproved() {
        return Optional.ofNullable(steps.get(APPROVAL))
                .filter(row -> row.standing() == Standing.DONE)
                .isPresent();
    }

    public Optional<String> heldReason() {
        return piece.heldReason();
    }

    /** A step of the route. @throws Refusal if the piece has no such step */
    public Step step(String operation) {
        return route.step(operation).orElseThrow(() -> Refusal.notThere(name() + " has no step “" + operation + "”."));
    }

    /** What the journal says of a step. */
    public Entry entry(Entry.Kind kind, Step step, String what) {
        return Entry.ofPiece(
                kind, jobId(), id(), name() + ": " + step.operation().title() + ": " + what);
    }

    public Progress progress() {
        Set<String> known =
                route.steps().stream().map(step -> step.operation().key()).collect(Collectors.toSet());
        List<StepRow> done = steps.values().stream()
                .filter(row -> row.standing() == Standing.DONE && known.contains(row.operation()))
                .toList();
        return new Progress(
                route,
                done.stream()
                        .collect(Collectors.toMap(StepRow::operation, row -> Instant.ofEpochMilli(row.doneAtMillis()))),
                steps.values().stream()
                        .filter(row -> known.contains(row.operation())
                                && row.restUntilMillis() > 0
                                && (row.standing() == Standing.DONE || row.standing() == Standing.RESTING))
                        .collect(Collectors.toMap(
                                StepRow::operation, row -> Instant.ofEpochMilli(row.restUntilMillis()))),
                piece.worn(),
                steps.values().stream()
                        .filter(StepRow::isUnderWay)
                        .map(StepRow::operation)
                        .collect(Collectors.toSet()),
                at);
    }

    /** Its place in every rack and load; empty where none was given. */
    public String rackSlot() {
        return piece.own().rackSlot();
    }

    /** For whom it is, or what it is for, in a word or two. */
    String whose() {
        Own own = piece.own();
        return switch (own.belongs()) {
            case PROMISED -> own.forWhom().isBlank() ? job.clientName() : own.forWhom();
            case STOCK -> "stock";
            case SPARE -> own.forWhom().isBlank() ? "spare" : "spare for " + own.forWhom();
        };
    }

    /** Whether somebody has it. */
    boolean hasLeft() {
        return piece.standing() == JobRepository.Standing.HANDED_OVER;
    }

    public Rework rework() {
        return piece.rework();
    }

    public Place place() {
        return Place.of(piece.position(), piece.pieces());
    }

    /** The piece as the rules of the trade see it. */
    public Making making() {
        return new Making(specification, place(), piece.rework(), progress());
    }

    /** The last reading of each hole. */
    public List<HoleRead> holesRead() {
        return holes.stream().map(HoleRow::read).toList();
    }

    public Gate gate(Step step) {
        return gate(step, Units.INCH_FAHRENHEIT);
    }

    /** @param units in which numbers are said that nobody has answered for */
    public Gate gate(Step step, Units units) {
        return new Gates(this, progress(), units).before(step);
    }

    /** What somebody took as it is, of readings and of parts. */
    public List<Unsettled.Accepted> accepted() {
        return Stream.concat(
                        readings.stream()
                                .flatMap(reading -> reading
                                        .asItIs()
                                        .map(taken -> new Unsettled.Accepted(
                                                reading.dimension(), reading.value(), taken.against()))
                                        .stream()),
                        made.stream()
                                .flatMap(part -> part
                                        .asItIs()
                                        .map(taken ->
                                                new Unsettled.Accepted(part.dimension(), part.value(), taken.against()))
                                        .stream()))
                .toList();
    }

    /** Whether a part was made to a number that has moved since, and nobody has taken it as it is. */
    public boolean isStale() {
        return !made.isEmpty() && Unsettled.hasStaleParts(chain(Units.INCH_FAHRENHEIT), accepted());
    }

    /**
     * Windows that are open, with the lengths that the piece's own numbers give them; none once it is handed over or
     * scrapped.
     */
    public List<Progress.Window> windows() {
        return isAlive() ? progress().windows(numbers()) : List.of();
    }

    /** Windows that have closed with a loss. */
    List<Progress.Window> lostWindows() {
        return isAlive() ? progress().lostWindows(numbers()) : List.of();
    }

    /** When it becomes something else though nobody touches it; empty where it stays as it is. */
    Optional<Instant> changesByItself() {
        return isAlive() ? progress().changesByItself(numbers()) : Optional.empty();
    }

    /** How long a step rests on this piece. */
    public Duration rest(Operation operation) {
        return operation.rest(numbers());
    }

    /**
     * The numbers of a piece for whoever may ask for some: the chain is worked out once, and only if one is asked for.
     */
    Function<String, Optional<Quantity>> numbers() {
        return new Numbers(this);
    }

    private static final class Numbers implements Function<String, Optional<Quantity>> {
        private final PieceFile file;
        private Optional<DimensionChain> chain = Optional.empty();

        private Numbers(PieceFile file) {
            this.file = file;
        }

        @java.lang.Override
        public Optional<Quantity> apply(String key) {
            if (chain.isEmpty()) {
                chain = Optional.of(file.chain(Units.INCH_FAHRENHEIT));
            }
            return chain.get().value(key);
        }
    }

    public Optional<StepRow> row(Step step) {
        return Optional.ofNullable(steps.get(step.operation().key()));
    }

    public DimensionChain chain(Units units) {
        return chainWith(units, readingValues());
    }

    /**
     * The chain as it would be with these readings. @throws hiltboard.core.measure.ImpossibleQuantity if they cannot be
     */
    public DimensionChain chainWith(Units units, Map<String, Quantity> values) {
        return DimensionChain.of(PieceDimensions.of(specification), values, madeToValues(), units);
    }

    public Map<String, Quantity> madeToValues() {
        return made.stream().collect(Collectors.toMap(MadeTo::dimension, MadeTo::value));
    }

    public Map<String, Quantity> readingValues() {
        return readings.stream().collect(Collectors.toMap(Reading::dimension, Reading::value));
    }

    public Map<String, Reading> readingsByDimension() {
        return readings.stream().collect(Collectors.toMap(Reading::dimension, Function.identity()));
    }

    /** Its sheath around the knife as it was measured; empty where it has none. */
    public Optional<SheathPlan> sheath(Units units) {
        return specification.hasSheath()
                ? chain(units)
                        .value(PieceDimensions.inSheath(specification))
                        .map(Length.class::cast)
                        .flatMap(thickness -> SheathShape.of(specification, thickness))
                : Optional.empty();
    }

    public String jobTitle() {
        return job.title();
    }

    /** How to reach the client, as it was written down. */
    public String contact() {
        return job.clientContact();
    }

    /** What the client said that it is for. */
    public String useWords() {
        return job.useWords();
    }

    public LocalDate promisedOn() {
        return job.promisedOn();
    }

    /** What is left to do, in the order of the route; nothing once it is handed over or scrapped. */
    public List<WorkLeft> workLeft(Progress progress) {
        return isAlive() ? progress.workLeft(numbers()) : List.of();
    }
}
