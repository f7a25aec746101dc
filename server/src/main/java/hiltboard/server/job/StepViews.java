package hiltboard.server.job;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Gate;
import hiltboard.core.route.Gate.Obstacle;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operation.Numbers;
import hiltboard.core.route.Operation.Told;
import hiltboard.core.route.OrderRule;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import hiltboard.core.route.Rule;
import hiltboard.core.route.Station;
import hiltboard.core.route.Trait;
import hiltboard.core.route.Unsettled;
import hiltboard.server.chain.ReadingRepository.AsItIs;
import hiltboard.server.chain.ReadingRepository.Reading;
import hiltboard.server.job.DayConditions.OfTheDayView;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Steps, gates and numbers in the words and units of whoever reads them. */
public final class StepViews {
    private StepViews() {}

    /** A step of the route by its name. */
    public record StepName(String operation, String title) {
        static StepName of(Operation operation) {
            return new StepName(operation.key(), operation.title());
        }
    }

    /**
     * A rule with the work that is missing. @param number the number that nobody has answered for, where it is about
     * one @param again the work that sets it right when it is done again
     */
    public record ObstacleView(
            String rule,
            String severity,
            String reason,
            String consequence,
            String remedy,
            List<StepName> missing,
            @Nullable String number,
            @Nullable StepName again) {
        static ObstacleView of(Obstacle obstacle) {
            Rule rule = obstacle.rule();
            return new ObstacleView(
                    rule.key(),
                    rule.severity().words(),
                    rule.reason(),
                    rule.consequence(),
                    rule.remedy(),
                    obstacle.missing().stream().map(StepName::of).toList(),
                    rule instanceof Unsettled unsettled ? unsettled.number() : null,
                    obstacle.again().map(StepName::of).orElse(null));
        }
    }

    /** What a step waits for and why, whether done or not. */
    public record WaitView(
            String operation,
            String title,
            String rule,
            String severity,
            String reason,
            String consequence,
            boolean done) {}

    /** A gate that the owner overrode, with the reason that stays. */
    public record OverrideView(String rule, String reason, String by, long atMillis) {}

    /** What a page has to know of a kind of work to show more beside it. */
    public enum StepMark {
        DRILLS_FOR_PINS,
        LOOKS_AT_THE_FIRE,
        /** The brief is read again before something is done for good. */
        READS_WHOLE_BRIEF,
        HANDS_OVER,
        /** The blade is looked at in section. */
        GRINDS_BEVELS,
        /** The blade goes into the bath. */
        ETCHES,
        /** A mark is etched by current. */
        MARKS,
        /** Its mask is cut. */
        MASKS,
        /** The edge is put on, or tried. */
        SHARPENS,
        /** Its holes are held against the table. */
        PROVES_HOLES,
        /** A part of a hidden tang's handle is measured, made or fitted. */
        FITS,
        /** Adhesive is mixed, or does its work. */
        GLUES,
        /** A handle is shaped, sanded or closed. */
        SHAPES,
        /** A pair of scales is made. */
        SCALES;

        private static final Set<Trait> MAKING_SCALES = EnumSet.of(
                Trait.MAKES_BOLSTERS,
                Trait.PINS_BOLSTERS,
                Trait.FLATTENS_SCALES,
                Trait.RELIEVES_SCALES,
                Trait.DRILLS_SCALES,
                Trait.MILLS_SCALES,
                Trait.COUNTERBORES,
                Trait.FINISHES_FRONTS);

        private static final Set<Trait> SHAPING = EnumSet.of(
                Trait.SHAPES_HANDLE_ON_KNIFE,
                Trait.SHAPES_OFF_KNIFE,
                Trait.SHAPES_ON_TEMPORARY_PINS,
                Trait.SANDS_HANDLE,
                Trait.FINISHES_HANDLE);

        private static final Set<Trait> GLUING = EnumSet.of(
                Trait.DRY_FITS,
                Trait.BEDS,
                Trait.PULLS_BEDDED,
                Trait.CURES_BEDDED,
                Trait.CLEANS_FOR_GLUE,
                Trait.GLUES_HANDLE,
                Trait.COVERS_LINERS,
                Trait.LINES_SCALES,
                Trait.CLEANS_SQUEEZE_OUT,
                Trait.CURES_HANDLE);

        private static final Set<Trait> FITTING = EnumSet.of(
                Trait.SANDS_RICASSO,
                Trait.MEASURES_FOR_GUARD,
                Trait.CUTS_GUARD,
                Trait.FITS_GUARD,
                Trait.MAKES_SPACER,
                Trait.OPENS_CAVITY,
                Trait.LISTS_STACK,
                Trait.DRILLS_ALIGNMENT,
                Trait.MAKES_CAP,
                Trait.MAKES_NUT);

        static List<StepMark> of(Operation operation) {
            return Arrays.stream(values()).filter(mark -> mark.isOn(operation)).toList();
        }

        public boolean isOn(Operation operation) {
            return switch (this) {
                case SCALES -> MAKING_SCALES.stream().anyMatch(operation::is);
                case SHAPES -> SHAPING.stream().anyMatch(operation::is);
                case GLUES -> GLUING.stream().anyMatch(operation::is);
                case FITS -> FITTING.stream().anyMatch(operation::is);
                case DRILLS_FOR_PINS -> operation.targets().contains(PieceDimensions.PIN_DRILL);
                case LOOKS_AT_THE_FIRE ->
                    operation.targets().contains(PieceDimensions.HARDNESS) || operation.is(Trait.STRAIGHTENS);
                case READS_WHOLE_BRIEF ->
                    operation.is(Trait.READS_BRIEF)
                            || operation.is(Trait.SHARPENS)
                            || operation.is(Trait.CHECKS_LAST)
                            || operation.is(Trait.HANDS_OVER);
                case HANDS_OVER -> operation.is(Trait.HANDS_OVER);
                case PROVES_HOLES -> operation.is(Trait.PROVES);
                case GRINDS_BEVELS -> operation.is(Trait.GRINDS_BEVELS);
                case ETCHES -> operation.is(Trait.ETCHES);
                case MARKS -> operation.is(Trait.MARKS) && operation.station() == Station.TANK;
                case MASKS -> operation.is(Trait.MASKS);
                case SHARPENS ->
                    operation.is(Trait.SHARPENS) || operation.is(Trait.STROPS) || operation.is(Trait.TRIES_EDGE);
            };
        }
    }

    /**
     * How long a step takes.
     *
     * @param effort how the hands-on minutes come about, where they grow with the piece; otherwise empty
     */
    public record StepTime(int attendedMinutes, String effort, long restMinutes, String restWords) {}

    /**
     * When it was done and by whom; times are epoch milliseconds, zero where there is none.
     *
     * @param putDownAtMillis since when it is put down until later
     * @param awayMillis how long it was put down before, in all
     */
    public record StepClock(
            long startedAtMillis,
            String startedBy,
            long starterId,
            long restUntilMillis,
            long doneAtMillis,
            String doneBy,
            long putDownAtMillis,
            long awayMillis) {
        static final StepClock NOT_STARTED = new StepClock(0, "", 0, 0, 0, "", 0, 0);

        static StepClock of(StepRow row) {
            return new StepClock(
                    row.startedAtMillis(),
                    row.startedBy(),
                    row.starterId(),
                    row.restUntilMillis(),
                    row.doneAtMillis(),
                    row.doneBy(),
                    row.putDownAtMillis(),
                    row.awayMillis());
        }
    }

    /**
     * Where it stands in the order of work.
     *
     * @param because the answers of the specification that this work is done to; empty where every piece has it
     * @param waitedForBy the titles of what waits for this step; why is said there
     */
    public record StepOrder(
            List<String> because,
            List<WaitView> waits,
            Set<String> waitedForBy,
            List<ObstacleView> closedBy,
            List<ObstacleView> cares,
            List<OverrideView> overrides) {}

    /**
     * One step of a route.
     *
     * @param standing WAITING, READY, RUNNING, RESTING or DONE
     * @param isItsTurn whether nothing at all is open before it
     * @param isOwners whether only the owner does it
     * @param canReopen whether “done” can be taken back, since nothing has been built on it
     * @param ofTheDay what the day is asked for here
     */
    public record StepView(
            String operation,
            String title,
            Station station,
            List<StepMark> marks,
            String standing,
            boolean isItsTurn,
            boolean isOwners,
            boolean canReopen,
            StepTime time,
            StepClock clock,
            Told told,
            Numbers numbers,
            StepOrder order,
            List<OfTheDayView> ofTheDay) {}

    /** That somebody took a number as it is. */
    public record AsItIsView(String reason, String by, long atMillis) {
        static @Nullable AsItIsView of(Optional<AsItIs> taken) {
            return taken.map(each -> new AsItIsView(each.reason(), each.by(), each.atMillis()))
                    .orElse(null);
        }
    }

    /** What a reading is. @param verdict IN, NEAR or OUT, and in words; {@code why} is empty where it is simply in */
    public record JudgementView(String verdict, String words, String why) {
        static JudgementView of(Judgement judged) {
            return new JudgementView(judged.verdict().name(), judged.verdict().words(), judged.words());
        }
    }

    /** The reading that counts for a number. @param asItIs where it is out and was taken all the same */
    public record ReadingView(
            long id,
            String typed,
            String value,
            String by,
            long atMillis,
            JudgementView judgement,
            @Nullable AsItIsView asItIs) {}

    /** A part that was made to a number which has moved. @param asItIs where it was taken all the same */
    public record StaleView(
            String madeTo,
            String now,
            String difference,
            String tolerance,
            @Nullable AsItIsView asItIs) {}

    /** One number with its source and working; asked is what the client asked for, in their words. */
    public record NumberView(
            String key,
            String label,
            String source,
            String value,
            String expected,
            String note,
            List<String> working,
            List<String> cautions,
            List<String> from,
            List<String> hangsOnIt,
            String tolerance,
            boolean isReadable,
            String unit,
            @Nullable String asked,
            @Nullable String madeTo,
            @Nullable StaleView stale,
            @Nullable ReadingView reading) {}

    /** Every step of the route. @param today what was said of the day */
    public static List<StepView> steps(PieceFile file, Map<String, String> today, Units units) {
        Progress progress = file.progress();
        Set<String> done = progress.doneAt().keySet();
        Gates gates = new Gates(file, progress, units);
        Set<String> builtOn = file.route().steps().stream()
                .filter(step -> done.contains(step.operation().key()))
                .flatMap(step -> step.waits().stream())
                .filter(wait -> !wait.rule().isOnlyOrder())
                .map(wait -> wait.operation().key())
                .collect(Collectors.toSet());
        WholeRoute whole = new WholeRoute(file, done, builtOn, waitedForBy(file), file.numbers(), today, units);
        return file.route().steps().stream()
                .map(step -> step(whole, step, gates.before(step)))
                .toList();
    }

    /** What every step's view is made with, worked out once for all of them. */
    private record WholeRoute(
            PieceFile file,
            Set<String> done,
            Set<String> builtOn,
            Map<String, Set<String>> waitedForBy,
            Function<String, Optional<Quantity>> numbers,
            Map<String, String> today,
            Units units) {}

    private static StepView step(WholeRoute whole, Step step, Gate gate) {
        PieceFile file = whole.file();
        Operation operation = step.operation();
        Optional<StepRow> row = file.row(step);
        boolean isDone = whole.done().contains(operation.key());
        List<WaitView> waits =
                step.waits().stream().map(wait -> wait(wait, whole.done())).toList();
        List<OverrideView> overrides = file.overrides().stream()
                .filter(each -> each.operation().equals(operation.key()))
                .map(each -> new OverrideView(each.rule(), each.reason(), each.by(), each.atMillis()))
                .toList();
        return new StepView(
                operation.key(),
                operation.title(),
                operation.station(),
                StepMark.of(operation),
                standing(row, gate),
                gate.isItsTurn(),
                operation.hands() == Operation.Hands.OWNER,
                isDone && !whole.builtOn().contains(operation.key()),
                new StepTime(
                        operation.attendedMinutes(),
                        operation.effort().isBySize() ? operation.effort().words() : "",
                        operation.rest(whole.numbers()).toMinutes(),
                        operation.restWords()),
                row.map(StepClock::of).orElse(StepClock.NOT_STARTED),
                operation.told(),
                operation.numbers(),
                new StepOrder(
                        because(file, operation, whole.units()),
                        waits,
                        whole.waitedForBy().getOrDefault(operation.key(), Set.of()),
                        open(gate.closedBy(), isDone),
                        open(gate.cares(), isDone),
                        overrides),
                DayConditions.at(operation, whole.today()));
    }

    /** What is open before a step; what the piece has become since matters no more to work that is done. */
    private static List<ObstacleView> open(List<Obstacle> obstacles, boolean isDone) {
        return obstacles.stream()
                .filter(obstacle -> !isDone || obstacle.rule() instanceof OrderRule)
                .map(ObstacleView::of)
                .toList();
    }

    private static List<String> because(PieceFile file, Operation operation, Units units) {
        return operation.shapedBy().stream()
                .sorted()
                .filter(file.specification()::asks)
                .map(field -> field.label() + ": " + file.specification().words(field, units))
                .toList();
    }

    /** By each operation the titles of what waits for it, in the order of the route. */
    private static Map<String, Set<String>> waitedForBy(PieceFile file) {
        Map<String, Set<String>> waiting = new HashMap<>();
        for (Step later : file.route().steps()) {
            for (Wait wait : later.waits()) {
                waiting.computeIfAbsent(wait.operation().key(), key -> new LinkedHashSet<>())
                        .add(later.operation().title());
            }
        }
        return waiting;
    }

    private static String standing(Optional<StepRow> row, Gate gate) {
        return row.map(StepRow::standing)
                .map(standing -> switch (standing) {
                    case RUNNING, RESTING, DONE -> standing.name();
                    case OPEN -> waiting(gate);
                })
                .orElseGet(() -> waiting(gate));
    }

    private static String waiting(Gate gate) {
        return gate.isOpen() ? "READY" : "WAITING";
    }

    private static WaitView wait(Wait wait, Set<String> done) {
        OrderRule rule = wait.rule();
        return new WaitView(
                wait.operation().key(),
                wait.operation().title(),
                rule.key(),
                rule.severity().words(),
                rule.reason(),
                rule.consequence(),
                done.contains(wait.operation().key()));
    }

    /** Every number; what the client asked for stands beside it where a wish has its name. */
    static List<NumberView> numbers(PieceFile file, List<Brief.Wish> wishes, Units units) {
        Map<String, String> asked = wishes.stream()
                .filter(wish -> !wish.asked().isBlank())
                .collect(Collectors.toMap(
                        wish -> wish.words().strip().toLowerCase(Locale.ROOT),
                        Brief.Wish::asked,
                        (first, second) -> first));
        DimensionChain chain = file.chain(units);
        Map<String, Reading> readings = file.readingsByDimension();
        Set<String> readable = readable(file);
        return chain.links().stream()
                .map(link -> number(
                        file,
                        chain,
                        link,
                        Optional.ofNullable(readings.get(link.dimension().key())),
                        readable,
                        Optional.ofNullable(asked.get(link.dimension().label().toLowerCase(Locale.ROOT))),
                        units))
                .toList();
    }

    /** The numbers that some step of the route measures. */
    public static Set<String> readable(PieceFile file) {
        return file.route().steps().stream()
                .flatMap(step -> step.operation().readings().stream())
                .collect(Collectors.toSet());
    }

    private static NumberView number(
            PieceFile file,
            DimensionChain chain,
            Link link,
            Optional<Reading> reading,
            Set<String> readable,
            Optional<String> asked,
            Units units) {
        String key = link.dimension().key();
        return new NumberView(
                key,
                link.dimension().label(),
                link.source().words(),
                link.currentIn(units),
                link.expectedIn(units),
                link.expected().note(),
                link.expected().working(),
                link.expected().cautions(),
                link.dimension().from(),
                link.hangsOnIt(),
                "± " + link.dimension().tolerance().in(units),
                readable.contains(key),
                link.current().symbol(units),
                asked.orElse(null),
                link.madeTo().map(value -> value.in(units)).orElse(null),
                link.stale()
                        .map(stale -> new StaleView(
                                stale.madeTo().in(units),
                                stale.now().in(units),
                                difference(stale, units),
                                "± " + stale.tolerance().in(units),
                                AsItIsView.of(stillTaken(file, link))))
                        .orElse(null),
                reading.map(each -> new ReadingView(
                                each.id(),
                                each.typed(),
                                each.value().in(units),
                                each.takenBy(),
                                each.takenAtMillis(),
                                JudgementView.of(chain.judge(key, each.value())),
                                AsItIsView.of(
                                        each.asItIs().filter(taken -> !Unsettled.isOut(link, chain, file.accepted())))))
                        .orElse(null));
    }

    /** What was taken as it is counts until the number moves on. */
    private static Optional<AsItIs> stillTaken(PieceFile file, Link link) {
        return Unsettled.isTaken(link, file.accepted())
                ? file.made().stream()
                        .filter(part -> part.dimension().equals(link.dimension().key()))
                        .flatMap(part -> part.asItIs().stream())
                        .findFirst()
                : Optional.empty();
    }

    private static String difference(Link.Stale stale, Units units) {
        if (stale.madeTo() instanceof Length made && stale.now() instanceof Length now) {
            return now.minus(made).absolute().in(units);
        }
        return "";
    }
}
