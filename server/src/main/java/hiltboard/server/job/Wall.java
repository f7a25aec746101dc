package hiltboard.server.job;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Finish;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Units;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Part;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Progress.Window;
import hiltboard.core.route.SheathState;
import hiltboard.core.route.State;
import hiltboard.core.route.Station;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.route.WorkLeft.Stage;
import hiltboard.core.sheath.SheathPlan;
import hiltboard.server.job.JobRepository.Job;
import hiltboard.server.job.PieceController.WindowView;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What hangs on the wall. A piece is drawn anew only when something about it has changed. */
@Component
class Wall {
    private static final List<SpecificationField> FACTS =
            List.of(SpecificationField.BLADE_LENGTH, SpecificationField.STEEL, SpecificationField.FINISH);

    /** Points of a sheath's outline on the wall, in millimetres. */
    private static final double APART = 1;

    private final PieceFiles files;
    private final PutOnRepository putOn;
    private final MixesAdhesive adhesive;
    private final WorkedOut<Hung> hung = new WorkedOut<>(Hung::of);

    Wall(PieceFiles files, PutOnRepository putOn, MixesAdhesive adhesive) {
        this.files = files;
        this.putOn = putOn;
        this.adhesive = adhesive;
    }

    /** A step that is under way or rests. */
    record UnderWay(
            String operation,
            String title,
            Station station,
            String who,
            boolean isResting,
            boolean isPutDown,
            String restWords,
            long sinceMillis,
            long untilMillis) {}

    /**
     * A sheath as it hangs beside its knife: a piece of its own, in other hands and at its own time.
     *
     * @param outline of the closed sheath as a path, y downwards, in the frame of its knife's drawing
     * @param nextTitle what somebody is at, or what is first of what is left of it; empty once it is fitted
     */
    record HangingSheath(
            String name,
            String stateWords,
            double minX,
            double minY,
            double width,
            double height,
            String outline,
            String seam,
            List<UnderWay> underWay,
            List<WindowView> windows,
            String nextTitle,
            long withId,
            String with,
            int doneSteps,
            int allSteps) {}

    /**
     * A piece as it hangs on the wall.
     *
     * @param drawing by its place in the list of drawings: pieces of a batch are drawn alike
     * @param facts its length in the reader's units, the grade of its steel, and its finish
     * @param whose for whom it is, or what it is for
     * @param waitsForClient whether the client's yes is what it waits for
     * @param nextTitle what somebody is at, or what is first of what is left; empty where nothing is
     * @param at where that is done
     * @param with who is at it, or has its next step on them; zero and empty for nobody
     */
    record HangingPiece(
            long id,
            String name,
            String standing,
            State state,
            String stateWords,
            Finish finish,
            int drawing,
            String facts,
            String whose,
            @Nullable String heldReason,
            boolean isUntempered,
            boolean isStale,
            boolean waitsForClient,
            List<UnderWay> underWay,
            List<WindowView> windows,
            String nextTitle,
            @Nullable Station at,
            long withId,
            String with,
            int doneSteps,
            int allSteps,
            @Nullable HangingSheath sheath) {
        boolean isOf(Hands.Holder holder, Hands.Holder ofSheath, int number) {
            return withId == holder.id()
                    && with.equals(holder.name())
                    && drawing == number
                    && (sheath == null
                            || sheath.withId() == ofSheath.id() && sheath.with().equals(ofSheath.name()));
        }
    }

    /** A job with its pieces. */
    record Rail(
            long jobId,
            String number,
            String title,
            long clientId,
            String clientName,
            String promisedOn,
            int daysInHand,
            List<HangingPiece> pieces) {}

    /** Adhesive in a piece that has not cured yet. */
    record SettingView(long piece, List<GluePhaseView> phases) {}

    /** The wall: every job with living pieces, the most urgent first, and how its pieces are drawn. */
    record Hanging(List<Rail> rails, List<Drawing> drawings, List<SettingView> setting) {}

    /**
     * A piece as it was looked at, with the work that is left and what is drawn of it.
     *
     * @param said what was said of it last, by the units of who reads it
     */
    private record Hung(
            PieceFile file,
            Progress progress,
            List<WorkLeft> left,
            List<Window> lost,
            boolean isStale,
            Drawing drawing,
            Optional<SheathPlan> sheath,
            Map<Units, HangingPiece> said) {
        static Hung of(PieceFile file) {
            Progress progress = file.progress();
            List<WorkLeft> left = file.workLeft(progress);
            return new Hung(
                    file,
                    progress,
                    left,
                    file.lostWindows(),
                    file.isStale(),
                    Drawing.of(file.specification()),
                    file.sheath(Units.MILLIMETRE_CELSIUS),
                    new ConcurrentHashMap<>());
        }

        /** What is left of the knife, or of its sheath: each hangs for itself. */
        private List<WorkLeft> left(boolean isOfSheath) {
            return left.stream()
                    .filter(work -> (work.operation().part() == Part.SHEATH) == isOfSheath)
                    .toList();
        }

        /** The operation that somebody is at, or else the first that is left. */
        Optional<Operation> next(boolean isOfSheath) {
            List<WorkLeft> own = left(isOfSheath);
            return Stream.concat(begun(own), own.stream()).findFirst().map(WorkLeft::operation);
        }

        private static Stream<WorkLeft> begun(List<WorkLeft> left) {
            return left.stream().filter(work -> work.isAt(Stage.UNDER_WAY, Stage.RESTS));
        }

        private Hands.Holder with(Hands hands, boolean isOfSheath) {
            return next(isOfSheath).map(operation -> hands.of(file, operation)).orElse(Hands.Holder.NOBODY);
        }

        /** As it was said last to a reader of these units, if whoever has it still has it. */
        HangingPiece hanging(Hands hands, int number, Units units) {
            Hands.Holder with = with(hands, false);
            Hands.Holder ofSheath = with(hands, true);
            return said.compute(
                    units,
                    (key, before) -> before != null && before.isOf(with, ofSheath, number)
                            ? before
                            : say(with, ofSheath, number, units));
        }

        private @Nullable HangingSheath sheath(Hands.Holder with) {
            if (sheath.isEmpty()) {
                return null;
            }
            List<WorkLeft> own = left(true);
            Outline closed = hung(sheath.get().cut().closed().points());
            Frame frame = Frame.around(List.of(closed));
            return new HangingSheath(
                    file.name() + " sheath",
                    SheathState.of(progress).words(),
                    frame.minX(),
                    frame.minY(),
                    frame.width(),
                    frame.height(),
                    Drawing.closed(closed),
                    Drawing.open(hung(sheath.get().cut().seam())),
                    underWay(own),
                    PieceController.windows(own),
                    next(true).map(Operation::title).orElse(""),
                    with.id(),
                    with.name(),
                    done(true),
                    all(true));
        }

        /** As its knife hangs: an axe's edge is down. */
        private Outline hung(List<Point> line) {
            Outline drawn = Outline.through(thinned(line));
            return file.specification().isAxe() ? drawn.moved(point -> new Point(point.y(), -point.x())) : drawn;
        }

        /** A drawing on a wall needs no point for each tenth of a millimetre. */
        private static List<Point> thinned(List<Point> points) {
            List<Point> kept = new ArrayList<>();
            for (Point point : points) {
                if (kept.isEmpty() || kept.get(kept.size() - 1).distanceTo(point) >= APART) {
                    kept.add(point);
                }
            }
            return kept;
        }

        private int all(boolean isOfSheath) {
            return (int) file.route().steps().stream()
                    .filter(step -> (step.operation().part() == Part.SHEATH) == isOfSheath)
                    .count();
        }

        private int done(boolean isOfSheath) {
            return all(isOfSheath) - left(isOfSheath).size();
        }

        private List<UnderWay> underWay(List<WorkLeft> own) {
            return begun(own)
                    .map(work -> Wall.underWay(file.row(work.step()).orElseThrow(), work.operation()))
                    .toList();
        }

        private HangingPiece say(Hands.Holder with, Hands.Holder ofSheath, int number, Units units) {
            Optional<Operation> next = next(false);
            return new HangingPiece(
                    file.id(),
                    file.name(),
                    file.piece().standing().name(),
                    progress.state(),
                    progress.state().words(),
                    file.specification().finish(),
                    number,
                    facts(file.specification(), units),
                    file.whose(),
                    file.heldReason().orElse(null),
                    file.isAlive() && progress.isUntempered(),
                    isStale,
                    file.isAlive() && next.map(Operation::key).equals(Optional.of(PieceFile.APPROVAL)),
                    underWay(left(false)),
                    PieceController.windows(left(false)),
                    next.map(Operation::title).orElse(""),
                    next.map(Operation::station).orElse(null),
                    with.id(),
                    with.name(),
                    done(false),
                    all(false),
                    sheath(ofSheath));
        }
    }

    private static String facts(Specification specification, Units units) {
        return FACTS.stream()
                .filter(specification::asks)
                .map(field -> field == SpecificationField.STEEL
                        ? specification.steel().designation()
                        : specification.words(field, units))
                .collect(Collectors.joining(", "));
    }

    /** The windows of a piece that is worked on: those that close, and those that have closed with a loss. */
    record Closing(long job, long piece, String name, List<Window> open, List<Window> lost) {}

    /** A living piece with the work that is left of it, and the day it is promised for. */
    record Left(long piece, long job, LocalDate promisedOn, List<WorkLeft> work) {}

    /**
     * Belongs into a transaction of the caller.
     *
     * @param days in hand of each living piece
     */
    Hanging hanging(Map<Long, DaysInHand> days, Units units) {
        Hands hands = new Hands(putOn.all());
        Map<Drawing, Integer> drawings = new LinkedHashMap<>();
        List<Rail> rails = current().stream()
                .collect(Collectors.groupingBy(each -> each.file().job(), LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(entry -> rail(
                        entry.getKey(),
                        daysInHand(entry.getValue(), days),
                        entry.getValue().stream()
                                .map(each -> each.hanging(hands, number(each.drawing(), drawings), units))
                                .toList()))
                .sorted(Comparator.comparingInt(Rail::daysInHand)
                        .thenComparing(Rail::promisedOn)
                        .thenComparingLong(Rail::jobId))
                .toList();
        return new Hanging(
                rails,
                List.copyOf(drawings.keySet()),
                adhesive.setting().entrySet().stream()
                        .map(each -> new SettingView(each.getKey(), GluePhaseView.of(each.getValue())))
                        .toList());
    }

    private static int number(Drawing drawing, Map<Drawing, Integer> drawings) {
        return drawings.computeIfAbsent(drawing, each -> drawings.size());
    }

    private static int daysInHand(List<Hung> pieces, Map<Long, DaysInHand> days) {
        return pieces.stream()
                .map(piece -> days.get(piece.file().id()))
                .filter(Objects::nonNull)
                .mapToInt(DaysInHand::inHand)
                .min()
                .orElse(0);
    }

    /**
     * What is left of every living piece, what is promised first at the front; belongs into a transaction of the
     * caller.
     */
    List<Left> left() {
        return current().stream()
                .filter(each -> each.file().isAlive())
                .map(each -> new Left(
                        each.file().id(), each.file().jobId(), each.file().promisedOn(), each.left()))
                .sorted(Comparator.comparing(Left::promisedOn)
                        .thenComparingLong(Left::job)
                        .thenComparingLong(Left::piece))
                .toList();
    }

    /** Belongs into a transaction of the caller. */
    List<Closing> closing() {
        return current().stream()
                .filter(each -> each.file().heldReason().isEmpty())
                .map(each -> new Closing(
                        each.file().jobId(),
                        each.file().id(),
                        each.file().name(),
                        each.left().stream()
                                .flatMap(work -> work.windows().stream())
                                .toList(),
                        each.lost()))
                .toList();
    }

    private List<Hung> current() {
        return hung.ofAll(files.glanceAtLivingJobs());
    }

    private static Rail rail(Job job, int daysInHand, List<HangingPiece> pieces) {
        return new Rail(
                job.id(),
                job.number(),
                job.title(),
                job.clientId(),
                job.clientName(),
                job.promisedOn().toString(),
                daysInHand,
                pieces);
    }

    private static UnderWay underWay(StepRow row, Operation operation) {
        return new UnderWay(
                row.operation(),
                operation.title(),
                operation.station(),
                row.startedBy(),
                row.standing() == Standing.RESTING,
                row.isPutDown(),
                operation.restWords(),
                row.startedAtMillis(),
                row.restUntilMillis());
    }
}
