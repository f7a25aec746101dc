package hiltboard.server.etch;

import hiltboard.core.blade.Area;
import hiltboard.core.design.Finish;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.etch.BathAge;
import hiltboard.core.etch.TankClock.CycleResult;
import hiltboard.core.etch.TankClock.Event;
import hiltboard.core.etch.TankClock.Moment;
import hiltboard.core.etch.TankClock.Standing;
import hiltboard.core.etch.TankClock.Where;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchService;
import hiltboard.server.etch.BathRepository.BathRow;
import hiltboard.server.etch.EtchBook.InTheBook;
import hiltboard.server.etch.TankRunRepository.NewRun;
import hiltboard.server.etch.TankRunRepository.Rated;
import hiltboard.server.etch.TankRunRepository.Rating;
import hiltboard.server.etch.TankRunRepository.RunRow;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** A blade goes into the bath and comes out of it. */
@Service
public class TankService {
    /** Finishes that nobody can do again without losing days. */
    private static final Set<Finish> COUPON_FIRST =
            Set.of(Finish.PATTERN, Finish.HAMON, Finish.TWO_TONE_GROUND, Finish.TWO_TONE_MASKED);
    /** A coupon older than this says nothing of today. */
    private static final Duration COUPON_HOLDS = Duration.ofHours(24);

    private static final LengthRange DEPTHS = LengthRange.of("0", "0.1");

    private final TankRunRepository runs;
    private final BathRepository baths;
    private final BathAges ages;
    private final EtchBook book;
    private final PieceFiles files;
    private final BenchService bench;
    private final StepRepository steps;
    private final Changes changes;
    private final ShopClock clock;

    TankService(
            TankRunRepository runs,
            BathRepository baths,
            BathAges ages,
            EtchBook book,
            PieceFiles files,
            BenchService bench,
            StepRepository steps,
            Changes changes,
            ShopClock clock) {
        this.runs = runs;
        this.baths = baths;
        this.ages = ages;
        this.book = book;
        this.files = files;
        this.bench = bench;
        this.steps = steps;
        this.changes = changes;
        this.clock = clock;
    }

    /** The step at which a piece goes into the bath; empty where it does not. */
    static Optional<Step> etch(PieceFile file) {
        return file.route().steps().stream()
                .filter(step -> step.operation().is(Trait.ETCHES))
                .findFirst();
    }

    /** Both faces of what goes into the bath, in mm². */
    static double area(Specification spec) {
        return 2 * Area.of(KnifeShape.outline(spec).steel()).squareMillimetres();
    }

    /** From end to end of what goes into the bath. */
    static Length reach(Specification spec) {
        double[] reach = Area.of(KnifeShape.outline(spec).steel()).reach();
        return Length.ofMillimetres(Math.round(reach[1] - reach[0]));
    }

    /**
     * Pieces that go into a bath by a recipe.
     *
     * @param noCoupon why no coupon was etched before; empty where one was, or where none is needed
     */
    public record AskedRun(List<Long> pieces, long bath, String recipe, String noCoupon) {}

    /** Puts pieces on the tank's clock; the step begins, where it has not. Nothing is in the bath yet. */
    public Receipt begin(AskedRun asked, Person person, Command command) {
        String noCoupon = Typed.words(asked.noCoupon());
        if (asked.pieces().isEmpty()) {
            throw Refusal.entry("pieces", "", "Nothing was chosen", "one piece or more");
        }
        return changes.makeAll(command, () -> {
            BathRow bath = baths.standing(asked.bath());
            InTheBook recipe = book.find(asked.recipe());
            mustFit(bath, recipe);
            BathAge.Factor factor = ages.of(bath).factor();
            List<Entry> entries = new ArrayList<>();
            List<Entry> begun = new ArrayList<>();
            for (long piece : asked.pieces()) {
                PieceFile file = begun(piece, person, begun);
                mustBeTried(file, bath, noCoupon);
                long run = runs.begin(
                        new NewRun(
                                piece,
                                bath.id(),
                                recipe.recipe(),
                                recipe.key(),
                                factor,
                                area(file.specification()),
                                noCoupon),
                        person.id(),
                        clock.nowMillis());
                entries.add(entry(
                        file,
                        run,
                        "at the tank: " + recipe.recipe().name() + ", "
                                + bath.bath().name()));
            }
            entries.addAll(begun);
            return entries;
        });
    }

    private static void mustFit(BathRow bath, InTheBook recipe) {
        if (!bath.bath().liquid().etches()) {
            throw Refusal.entry("bath", bath.bath().name(), "Nothing is etched in this", "a bath that etches");
        }
        if (recipe.recipe().liquid().isFerric() != bath.bath().liquid().isFerric()) {
            throw Refusal.entry(
                    "bath",
                    bath.bath().name(),
                    "The recipe is for " + recipe.recipe().liquid().words(),
                    "a bath of " + recipe.recipe().liquid().words());
        }
    }

    /** Gates and holds are those of the bench: what it does not start goes into no bath. */
    private PieceFile begun(long piece, Person person, List<Entry> entries) {
        PieceFile file = files.openAlive(piece);
        Step etch = etch(file).orElseThrow(() -> Refusal.outOfTurn(file.name() + " is not etched."));
        runs.latest(piece).filter(RunRow::isAtTheTank).ifPresent(run -> {
            throw Refusal.outOfTurn(file.name() + " is on the tank’s clock already.");
        });
        Optional<StepRow> row = file.row(etch);
        if (row.filter(each -> each.standing() != StepRepository.Standing.OPEN).isEmpty()) {
            entries.add(bench.begin(piece, etch.operation().key(), person));
        } else if (!row.get().isUnderWay()) {
            throw Refusal.outOfTurn(
                    file.name() + " is etched already: take the step back first, or say what went wrong with it.");
        }
        return file;
    }

    boolean isCouponFirst(PieceFile file) {
        return COUPON_FIRST.contains(file.specification().finish())
                || file.specification().isEtchedOnTheHandle();
    }

    /** Whether a coupon of this steel was etched in this bath within the last day. */
    boolean isTried(PieceFile file, BathRow bath) {
        long since = clock.nowMillis() - COUPON_HOLDS.toMillis();
        String steel = file.specification().steel().designation();
        return baths.coupons(bath.id()).stream()
                .anyMatch(coupon -> coupon.atMillis() >= since && coupon.steel().equalsIgnoreCase(steel));
    }

    private void mustBeTried(PieceFile file, BathRow bath, String noCoupon) {
        if (noCoupon.isEmpty() && isCouponFirst(file) && !isTried(file, bath)) {
            throw Refusal.entry(
                    "noCoupon",
                    "",
                    file.name() + " cannot be etched again without losing days, and no coupon of "
                            + file.specification().steel().designation() + " was tried in "
                            + bath.bath().name() + " today",
                    "a coupon first, or why it goes in without");
        }
    }

    private static Entry entry(PieceFile file, long run, String words) {
        return new Entry(
                Entry.Kind.TANK_MOMENT,
                Optional.of(file.jobId()),
                Optional.of(file.id()),
                file.name() + ": " + words,
                run);
    }

    /** What happens at the bath. @param result of a cycle; empty at every other moment */
    public record AskedMoment(String moment, String result) {}

    public Receipt note(long id, AskedMoment asked, Person person, Command command) {
        Moment moment =
                Typed.choice(Moment.class, "moment", asked.moment(), "What happened is not said", "one of the choices");
        Optional<CycleResult> result = moment == Moment.CYCLE_OVER
                ? Optional.of(Typed.choice(
                        CycleResult.class,
                        "result",
                        asked.result(),
                        "What the cycle did is not said",
                        "one of the choices"))
                : Optional.empty();
        return changes.make(command, () -> {
            RunRow run = open(id);
            PieceFile file = files.openAlive(run.run().piece());
            if (!run.clock().canFollow(moment)) {
                throw Refusal.outOfTurn(
                        "That has been noted already, or something else came before it: look at the clock.");
            }
            runs.note(id, new Event(moment, clock.now(), result), person.id());
            rest(file, id);
            return entry(file, id, words(moment, result));
        });
    }

    private RunRow open(long id) {
        RunRow run = runs.run(id);
        if (!run.isOpen()) {
            throw Refusal.outOfTurn("This etch is over, and its result is said.");
        }
        return run;
    }

    private static String words(Moment moment, Optional<CycleResult> result) {
        return switch (moment) {
            case IN -> "in the bath";
            case LOOKED -> "looked at, and in again";
            case OUT -> "out of the bath";
            case CYCLE_OVER ->
                "a cycle is over, " + result.map(CycleResult::words).orElse("");
            case INTO_AFTER_BATH -> "in the after-bath";
            case OUT_OF_AFTER_BATH -> "out of the after-bath";
        };
    }

    /**
     * The step rests while its blade is in the bath, so that its maker's hands are free for the next, and once all is
     * over; out of it hands are on it again. Of a piece that is held as of any other: the acid does not wait.
     */
    private void rest(PieceFile file, long id) {
        Instant now = clock.now();
        Standing standing = runs.run(id).clock().standing(now);
        switch (standing.where()) {
            case IN, AFTER_BATH -> restUntil(file, standing.due().orElse(now));
            case OVER -> restUntil(file, now);
            case BEFORE, OUT, BETWEEN, BEFORE_AFTER_BATH ->
                resting(file).ifPresent(operation -> steps.notResting(file.id(), operation));
        }
    }

    private void restUntil(PieceFile file, Instant until) {
        resting(file).ifPresent(operation -> steps.rest(file.id(), operation, until.toEpochMilli()));
    }

    /** The step that rests while its blade is in the bath; one that is over in seconds does not. */
    private static Optional<String> resting(PieceFile file) {
        return etch(file)
                .filter(step -> step.operation().rests())
                .filter(step -> file.row(step).filter(StepRow::isUnderWay).isPresent())
                .map(step -> step.operation().key());
    }

    /** The last thing that was noted did not happen. */
    Receipt takeBack(long id, Command command) {
        return changes.make(command, () -> {
            RunRow run = open(id);
            PieceFile file = files.openAlive(run.run().piece());
            if (runs.strikeLast(id, clock.nowMillis())) {
                rest(file, id);
                return entry(file, id, "the last moment is taken back");
            }
            runs.strike(id, clock.nowMillis());
            return entry(file, id, "off the tank’s clock again");
        });
    }

    /** What somebody says of a result, as it was typed. @param depth empty where it was not measured */
    public record AskedRating(String rating, String words, String depth) {}

    public Receipt rate(long id, AskedRating asked, Person person, Command command) {
        Rating rating = Typed.choice(
                Rating.class, "rating", asked.rating(), "How it came out is not said", "one of the choices");
        String words = Typed.words(asked.words());
        Typed typed = new Typed(person.units());
        Optional<Length> depth = typed.maybeLength("depth", asked.depth(), DEPTHS);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            RunRow run = runs.run(id);
            PieceFile file = files.open(run.run().piece());
            Where where = run.clock().where();
            if (where == Where.IN || where == Where.AFTER_BATH) {
                throw Refusal.outOfTurn(file.name() + " is still in the bath.");
            }
            if (run.clock().cyclesOver() == 0) {
                throw Refusal.outOfTurn(file.name() + " has not been through a cycle yet.");
            }
            runs.rate(id, new Rated(rating, words, depth), person.id(), clock.nowMillis());
            restUntil(file, clock.now());
            return entry(file, id, "etched: " + rating.words().toLowerCase(Locale.ROOT));
        });
    }
}
