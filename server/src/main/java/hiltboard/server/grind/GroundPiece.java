package hiltboard.server.grind;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.AbrasiveStart;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.grind.BladeNow;
import hiltboard.core.grind.BladeNow.Measured;
import hiltboard.core.grind.BladePlace;
import hiltboard.core.grind.Grit;
import hiltboard.core.grind.GritLadder;
import hiltboard.core.grind.RemovalSheet;
import hiltboard.core.grind.RemovalSheet.Stage;
import hiltboard.core.grind.SpineLeft;
import hiltboard.core.grind.Standing;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Trait;
import hiltboard.server.grind.GroundRepository.ReadingRow;
import hiltboard.server.grind.GroundRepository.What;
import hiltboard.server.job.PieceFile;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A piece while its bevels are ground: its own numbers, its stages, and what was measured last. */
final class GroundPiece {
    static final String SOFT_STEP = "rough-bevels";
    static final String HARD_STEP = "finish-grind";

    private final PieceFile file;
    private final Specification spec;
    private final DimensionChain chain;
    private final Map<BladePlace, Map<What, List<ReadingRow>>> read;
    private final List<Stage> stages;
    private final Progress progress;
    private final boolean isHard;
    private final Optional<BladeSection> blade;
    private final Stage stage;

    GroundPiece(PieceFile file, List<ReadingRow> readings, Units units) {
        this.file = file;
        this.spec = file.specification();
        this.chain = file.chain(units);
        this.read = readings.stream()
                .collect(Collectors.groupingBy(ReadingRow::place, Collectors.groupingBy(ReadingRow::what)));
        this.stages = new RemovalSheet(body(), beforeHardening(), wanted(), spec.bevels(), start()).stages(units);
        this.progress = file.progress();
        this.isHard = progress.conditions().contains(Condition.TEMPERED)
                || progress.conditions().contains(Condition.UNTEMPERED);
        this.blade = drawn();
        this.stage = RemovalSheet.next(stages, isHard, edgeNow())
                .or(() -> last(isHard))
                .orElse(stages.get(0));
    }

    PieceFile file() {
        return file;
    }

    private Length number(String key) {
        return (Length) chain.value(key).orElseThrow();
    }

    /** What the bevels are ground from. */
    Length body() {
        return number(spec.isAxe() ? PieceDimensions.CHEEK_THICKNESS : PieceDimensions.STOCK_THICKNESS);
    }

    /** As it was tested, else as it is usual. */
    Hardness hardness() {
        return (Hardness) chain.value(PieceDimensions.HARDNESS).orElseThrow();
    }

    /** Of a clad blade, in millimetres; nothing where it is not clad. */
    double core() {
        return spec.isLaminated()
                ? spec.length(SpecificationField.CORE_THICKNESS).millimetres()
                : 0;
    }

    private Length beforeHardening() {
        return number(PieceDimensions.EDGE_BEFORE_HARDENING);
    }

    Length wanted() {
        return number(PieceDimensions.EDGE_THICKNESS);
    }

    /** The spine at the heel while this stage is ground: more before the fire than at the end. */
    Length spine(Length drawn) {
        return isHard() || spec.isAxe()
                ? drawn
                : new SpineLeft(body(), drawn, spec.quench(), spec.isClayCoated())
                        .beforeHardening(Units.MILLIMETRE_CELSIUS)
                        .value();
    }

    List<Stage> stages() {
        return stages;
    }

    boolean isHard() {
        return isHard;
    }

    /**
     * The first belt of this heat whose edge is not reached yet; the last of it where all are; the first of all where
     * nothing is ground before the fire.
     */
    Stage stage() {
        return stage;
    }

    /** The last belt of a heat; empty where nothing is ground in it. */
    Optional<Stage> last(boolean inTheHardBlade) {
        return stages.stream().filter(each -> each.isHard() == inTheHardBlade).reduce((first, second) -> second);
    }

    private AbrasiveStart start() {
        return spec.startsAtSixtyGrit() ? AbrasiveStart.GRIT_60 : AbrasiveStart.GRIT_36;
    }

    /** The belts of a heat, from this stage on, each about twice as fine as the last. */
    GritLadder ladder(Stage from, Optional<Grit> reached) {
        Grit last = last(from.isHard()).orElse(from).grit();
        return GritLadder.of(from.grit(), last, reached);
    }

    /** How many belts a heat takes, all in all. */
    int belts(boolean isHard) {
        return stages.stream()
                .filter(stage -> stage.isHard() == isHard)
                .findFirst()
                .map(first -> ladder(first, Optional.empty()).grits().size())
                .orElse(0);
    }

    boolean isAtWork() {
        return file.isAlive()
                && progress.stepsLeft().stream()
                        .anyMatch(step -> step.operation().is(Trait.GRINDS_BEVELS));
    }

    private boolean isDone(String step) {
        return progress.isDone(step);
    }

    /** As it was measured at the heel, else as its steps leave it. */
    Length edgeNow() {
        return measured(BladePlace.HEEL, What.EDGE).orElseGet(this::edgeBySteps);
    }

    private Length edgeBySteps() {
        return isDone(HARD_STEP) ? wanted() : isDone(SOFT_STEP) ? beforeHardening() : body();
    }

    private List<ReadingRow> readings(BladePlace place, What what) {
        return read.getOrDefault(place, Map.of()).getOrDefault(what, List.of());
    }

    /** The one that counts: the last. */
    Optional<ReadingRow> reading(BladePlace place, What what) {
        List<ReadingRow> all = readings(place, what);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    /** What a thickness read before, where it reads more now: steel does not come back, so one of the two is wrong. */
    Optional<Length> lessBefore(BladePlace place, What what) {
        List<ReadingRow> all = readings(place, what);
        return all.size() < 2 || !what.isThickness()
                ? Optional.empty()
                : Optional.of(all.get(all.size() - 2).length())
                        .filter(before ->
                                Standing.isMore(all.get(all.size() - 1).length(), before));
    }

    Optional<Length> measured(BladePlace place, What what) {
        return reading(place, what).map(ReadingRow::length);
    }

    Measured measured(BladePlace place) {
        return new Measured(
                place,
                measured(place, What.EDGE),
                measured(place, What.SPINE),
                measured(place, What.LEFT),
                measured(place, What.RIGHT));
    }

    /** The blade as it will be, from its own stock; empty for an axe. */
    Optional<BladeSection> blade() {
        return blade;
    }

    private Optional<BladeSection> drawn() {
        return KnifeShape.blade(spec).map(drawn -> {
            Length stock = number(PieceDimensions.BLADE_THICKNESS);
            return new BladeSection(
                    drawn.profile(),
                    stock,
                    spec.hasDistalTaper() ? number(PieceDimensions.TIP_THICKNESS) : stock,
                    wanted(),
                    drawn.bevelHeight(),
                    drawn.face(),
                    drawn.swedge());
        });
    }

    Optional<BladeNow> now() {
        return blade().map(blade -> new BladeNow(
                blade,
                edgeBySteps(),
                Stream.of(BladePlace.values()).map(this::measured).toList()));
    }

    /** Whether this is the last belt before the fire, or the last of all. */
    boolean isLast(Stage stage) {
        return last(stage.isHard()).filter(stage::equals).isPresent();
    }

    Optional<Stage> stage(String key) {
        return stages.stream().filter(stage -> stage.key().equals(key)).findFirst();
    }
}
