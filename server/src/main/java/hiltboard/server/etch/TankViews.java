package hiltboard.server.etch;

import hiltboard.core.design.Finish;
import hiltboard.core.design.Specification;
import hiltboard.core.etch.BathAge;
import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.etch.TankClock;
import hiltboard.core.etch.TankClock.CycleResult;
import hiltboard.core.etch.TankClock.Moment;
import hiltboard.core.etch.TankClock.Standing;
import hiltboard.core.etch.UsualEtches;
import hiltboard.core.field.Option;
import hiltboard.core.forge.ForgeSteel;
import hiltboard.core.material.EtchTone;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Mishap;
import hiltboard.core.route.Route.Step;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.etch.BathViews.BathChoice;
import hiltboard.server.etch.BathViews.BathLineView;
import hiltboard.server.etch.EtchBook.InTheBook;
import hiltboard.server.etch.TankRunRepository.Rating;
import hiltboard.server.etch.TankRunRepository.RunRow;
import hiltboard.server.forge.SteelsOfBillets;
import hiltboard.server.job.Gates;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What pages show of the tank; belongs into a transaction of the caller. */
@Component
class TankViews {
    private static final int MOST_RESULTS = 30;

    private final TankRunRepository runs;
    private final BathViews baths;
    private final EtchBook book;
    private final TankService service;
    private final PieceFiles files;
    private final SteelsOfBillets steels;
    private final ShopClock clock;

    TankViews(
            TankRunRepository runs,
            BathViews baths,
            EtchBook book,
            TankService service,
            PieceFiles files,
            SteelsOfBillets steels,
            ShopClock clock) {
        this.steels = steels;
        this.runs = runs;
        this.baths = baths;
        this.book = book;
        this.service = service;
        this.files = files;
        this.clock = clock;
    }

    /**
     * @param took in the bath, in words; {@code result} empty while it is not over
     * @param mishap as what it is said to have gone wrong, where it did; otherwise empty
     */
    record TankCycleView(
            int number, String planned, String between, String took, String result, String advice, String mishap) {}

    /** What somebody said of a result. @param depth empty where it was not measured */
    record RatedView(String rating, String words, String depth) {}

    /**
     * A blade on the tank's clock. Moments in epoch milliseconds of the server, zero where there is none.
     *
     * @param inMillis in the bath in this cycle, when this was asked
     * @param sinceMillis when its clock would have begun had it never paused; zero while it stands still
     * @param can what can be noted next
     */
    record TankRunView(
            long id,
            long piece,
            String pieceName,
            String jobTitle,
            String operation,
            long bath,
            String bathName,
            String recipe,
            String recipeName,
            String where,
            int cycle,
            int of,
            long inMillis,
            long sinceMillis,
            long dueMillis,
            long lateMillis,
            long firstLookMillis,
            String wanted,
            String longer,
            String next,
            List<String> can,
            List<TankCycleView> cycles,
            String after,
            String noCoupon,
            String by,
            long begunAtMillis,
            boolean isAtTheTank,
            @Nullable RatedView rated) {}

    /** @param holdsUp why it cannot go in now; empty where it can */
    record TankWaitingView(
            long piece,
            String pieceName,
            String jobTitle,
            String finish,
            String steel,
            String operation,
            boolean isStarted,
            String holdsUp) {}

    record TankView(
            List<TankRunView> now,
            List<TankRunView> toRate,
            List<TankWaitingView> waiting,
            List<BathLineView> baths,
            List<Option> results,
            List<Option> ratings) {}

    TankView tank(Person person) {
        Units units = person.units();
        List<RunRow> open = runs.open();
        Map<Long, RunRow> latest = new TreeMap<>();
        open.forEach(run -> latest.put(run.run().piece(), run));
        List<TankRunView> views = latest.values().stream()
                .map(run -> view(run, files.open(run.run().piece()), units))
                .toList();
        return new TankView(
                views.stream().filter(TankRunView::isAtTheTank).toList(),
                views.stream().filter(view -> !view.isAtTheTank()).toList(),
                waiting(latest, units),
                baths.lines(units),
                options(CycleResult.values(), CycleResult::name, CycleResult::words),
                options(Rating.values(), Rating::name, Rating::words));
    }

    private static <E> List<Option> options(E[] all, Function<E, String> value, Function<E, String> words) {
        return Arrays.stream(all)
                .map(each -> new Option(value.apply(each), words.apply(each)))
                .toList();
    }

    private List<TankWaitingView> waiting(Map<Long, RunRow> open, Units units) {
        return files.openAllOfLivingJobs().stream()
                .filter(PieceFile::isAlive)
                .filter(file -> !open.containsKey(file.id()))
                .flatMap(file -> TankService.etch(file).stream().flatMap(etch -> waiting(file, etch, units)))
                .toList();
    }

    /** Those that somebody has begun, or could begin now. */
    private static Stream<TankWaitingView> waiting(PieceFile file, Step etch, Units units) {
        boolean isStarted = file.row(etch).filter(StepRow::isUnderWay).isPresent();
        boolean isDone = file.progress().isDone(etch.operation().key());
        boolean isNext = isStarted || !isDone && new Gates(file, file.progress(), units).isItsTurn(etch);
        return isNext && !isDone
                ? Stream.of(new TankWaitingView(
                        file.id(),
                        file.name(),
                        file.jobTitle(),
                        file.specification().finish().words(),
                        file.specification().steel().designation(),
                        etch.operation().key(),
                        isStarted,
                        file.heldReason().map(reason -> "held: " + reason).orElse("")))
                : Stream.empty();
    }

    private TankRunView view(RunRow run, PieceFile file, Units units) {
        Instant now = clock.now();
        TankClock tank = run.clock();
        Standing standing = tank.standing(now);
        boolean isRunning = standing.due().isPresent();
        EtchRecipe recipe = run.run().recipe();
        return new TankRunView(
                run.id(),
                file.id(),
                file.name(),
                file.jobTitle(),
                TankService.etch(file).map(step -> step.operation().key()).orElse(""),
                run.run().bath(),
                run.bathName(),
                run.run().recipeFrom(),
                recipe.name(),
                standing.where().name(),
                standing.cycle(),
                standing.of(),
                standing.inThisCycle().toMillis(),
                isRunning ? now.minus(standing.inThisCycle()).toEpochMilli() : 0,
                millis(standing.due()),
                millis(standing.late()),
                millis(standing.firstLook()),
                standing.wanted().words(),
                BathViews.longer(run.run().factor()),
                tank.next(),
                Arrays.stream(Moment.values())
                        .filter(tank::canFollow)
                        .map(Moment::name)
                        .toList(),
                cycles(run, now),
                tank.afterBath().map(bath -> bath.liquid().words()).orElse(""),
                run.run().noCoupon(),
                run.by(),
                run.begunAtMillis(),
                run.isAtTheTank(),
                run.rated()
                        .map(rated -> new RatedView(
                                rated.rating().words(),
                                rated.words(),
                                rated.depth().map(depth -> depth.in(units)).orElse("")))
                        .orElse(null));
    }

    private static long millis(Optional<Instant> at) {
        return at.map(Instant::toEpochMilli).orElse(0L);
    }

    private static List<TankCycleView> cycles(RunRow run, Instant now) {
        TankClock tank = run.clock();
        List<Duration> took = tank.cycles(now);
        List<CycleResult> results = run.moments().stream()
                .flatMap(moment -> moment.event().result().stream())
                .toList();
        List<TankCycleView> cycles = new ArrayList<>();
        for (int i = 0; i < Math.max(took.size(), run.run().recipe().cycleCount()); i++) {
            EtchRecipe.Cycle cycle = run.run().recipe().cycle(i + 1);
            boolean isOver = i < results.size();
            cycles.add(new TankCycleView(
                    i + 1,
                    run.run().factor().of(cycle.bath()).words(),
                    cycle.words(),
                    isOver ? TimeRange.of(took.get(i).plusMillis(1)).words() : "",
                    isOver ? results.get(i).words() : "",
                    isOver ? results.get(i).advice() : "",
                    isOver ? mishap(results.get(i)).map(Mishap::name).orElse("") : ""));
        }
        return cycles;
    }

    private static Optional<Mishap> mishap(CycleResult result) {
        return switch (result) {
            case EVEN, GOOD_DEPTH -> Optional.empty();
            case TOO_PALE -> Optional.of(Mishap.ETCH_PALE);
            case PATCHY -> Optional.of(Mishap.ETCH_PATCHY);
            case LINES -> Optional.of(Mishap.ETCH_STREAKS);
            case SPOTS -> Optional.of(Mishap.ETCH_SPOTS);
        };
    }

    /** A recipe as it may be chosen for a blade. */
    record RecipeChoice(String key, String name, String words, String origin, String liquid, boolean isUsual) {}

    /** How dark the bath leaves a steel of the blade. @param darkness from 0 to 100 @param relief over the others */
    record ToneView(String steel, int darkness, String words, String relief) {}

    record PieceTankView(
            long piece,
            String operation,
            boolean isEtched,
            boolean isStarted,
            boolean isCouponFirst,
            @Nullable TankRunView run,
            List<TankRunView> before,
            List<RecipeChoice> recipes,
            List<BathChoice> baths,
            List<ToneView> tones,
            List<Option> results,
            List<Option> ratings) {}

    PieceTankView piece(long id, Person person) {
        Units units = person.units();
        PieceFile file = files.open(id);
        Specification spec = file.specification();
        Optional<Step> etch = TankService.etch(file);
        List<RunRow> ofPiece = runs.ofPiece(id);
        Optional<RunRow> running = ofPiece.stream().findFirst().filter(RunRow::isOpen);
        return new PieceTankView(
                id,
                etch.map(step -> step.operation().key()).orElse(""),
                etch.isPresent(),
                etch.flatMap(file::row).filter(StepRow::isUnderWay).isPresent(),
                service.isCouponFirst(file),
                running.map(run -> view(run, file, units)).orElse(null),
                ofPiece.stream()
                        .filter(run -> !run.isOpen())
                        .map(run -> view(run, file, units))
                        .toList(),
                recipes(id, spec),
                baths.choices(file, units),
                tones(id, spec),
                options(CycleResult.values(), CycleResult::name, CycleResult::words),
                options(Rating.values(), Rating::name, Rating::words));
    }

    /** A blade of one steel alone. */
    static ToneView tone(Specification spec) {
        return view(
                spec.steel().designation(), EtchTone.alone(spec.steel().grade().composition()), "");
    }

    private static ToneView view(String steel, EtchTone tone, String relief) {
        return new ToneView(steel, (int) Math.round(tone.darkness() * 100), tone.words(), relief);
    }

    /** Of a billet each of its steels, the brightest first, with what it stands over the darkest once it is etched. */
    private List<ToneView> tones(long piece, Specification spec) {
        List<ForgeSteel> layers = steels.of(piece).stream()
                .sorted(Comparator.comparingDouble(steel -> steel.tone().darkness()))
                .toList();
        if (layers.size() < 2) {
            return List.of(tone(spec));
        }
        EtchTone darkest = layers.get(layers.size() - 1).tone();
        double depth = UsualEtches.of(spec)
                .map(recipe ->
                        BathAge.usualDepth(recipe.liquid(), recipe.inTheBath().middle()))
                .orElse(0.0);
        return layers.stream()
                .map(steel ->
                        view(steel.words(), steel.tone(), relief(steel.tone().standsOver(darkest, depth))))
                .toList();
    }

    private static String relief(double micrometres) {
        return micrometres < 1 ? "" : String.format(Locale.ROOT, "and stands about %.0f µm proud", micrometres);
    }

    /** Those for its finish and steel first, then as it was done on other knives. */
    private List<RecipeChoice> recipes(long piece, Specification spec) {
        Optional<EtchRecipe> usual = UsualEtches.of(spec);
        Stream<RecipeChoice> ofTheBook = book.all().stream()
                .filter(each -> each.recipe().isFor(spec))
                .map(each -> choice(
                        each,
                        usual.filter(recipe -> recipe.equals(each.recipe())).isPresent()));
        Stream<RecipeChoice> asBefore = runs.rated(MOST_RESULTS).stream()
                .filter(run -> run.rated()
                        .filter(rated -> rated.rating() == Rating.GOOD)
                        .isPresent())
                .filter(run -> run.run().recipe().finishes().contains(spec.finish()))
                .map(run -> new RecipeChoice(
                        "run:" + run.id(),
                        "As on " + files.open(run.run().piece()).name(),
                        run.run().recipe().name() + ", " + run.run().recipe().cyclesInWords(),
                        "As wished: " + run.bathName(),
                        run.run().recipe().liquid().words(),
                        false));
        Stream<RecipeChoice> byMask = spec.finish() == Finish.TWO_TONE_MASKED
                ? book.byMask(piece).stream().map(each -> choice(each, true))
                : Stream.empty();
        return Stream.of(byMask, ofTheBook, asBefore).flatMap(each -> each).toList();
    }

    private static RecipeChoice choice(InTheBook each, boolean isUsual) {
        EtchRecipe recipe = each.recipe();
        return new RecipeChoice(
                each.key(),
                recipe.name(),
                recipe.cyclesInWords() + " in " + recipe.liquid().words().toLowerCase(Locale.ROOT),
                each.origin(),
                recipe.liquid().words(),
                isUsual);
    }
}
