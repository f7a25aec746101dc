package hiltboard.server.sheath;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Trait;
import hiltboard.core.sheath.TrialFit;
import hiltboard.core.sheath.nesting.Flaw;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.bench.HoldsStep;
import hiltboard.server.job.FollowsWork;
import hiltboard.server.job.Gates;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository.StepRow;
import hiltboard.server.sheath.SheathRepository.FlawRow;
import hiltboard.server.sheath.SheathRepository.SideRow;
import hiltboard.server.sheath.SheathRepository.TrialRow;
import hiltboard.server.stock.LeatherStock;
import hiltboard.server.stock.LeatherStock.Leather;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What is tried and marked at the leather bench; a sheath that was tried too tight or too loose is not closed. */
@Service
public class SheathService implements HoldsStep, FollowsWork {
    private static final LengthRange LONG = LengthRange.of("4", "120");
    private static final LengthRange PLACE = LengthRange.of("0", "120");
    private static final LengthRange REACH = LengthRange.of("1/16", "24");

    private final SheathRepository sheaths;
    private final PieceFiles files;
    private final LeatherStock leather;
    private final Changes changes;
    private final ShopClock clock;

    SheathService(SheathRepository sheaths, PieceFiles files, LeatherStock leather, Changes changes, ShopClock clock) {
        this.sheaths = sheaths;
        this.files = files;
        this.leather = leather;
        this.changes = changes;
        this.clock = clock;
    }

    /** @param words what was felt, and where; may be empty */
    public record AskedTrial(String fit, String words) {}

    public Receipt tried(long piece, AskedTrial asked, Person person, Command command) {
        TrialFit fit = Typed.choice(
                TrialFit.class, "fit", asked.fit(), "How did it go in?", "it holds, too tight, or too loose");
        String words = Typed.words(asked.words());
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            if (!trialNow(file, person.units())) {
                throw Refusal.outOfTurn(
                        file.name() + "’s sheath is not at its trial: the trial step is not its turn yet, or is over.");
            }
            sheaths.tried(piece, fit, words, person.id(), clock.nowMillis());
            return entry(file, "tried with its knife: " + fit.words().toLowerCase(Locale.ROOT));
        });
    }

    /** Whether its trial is under way, or could begin now. */
    static boolean trialNow(PieceFile file, Units units) {
        Progress progress = file.progress();
        return file.isAlive()
                && file.route().steps().stream()
                        .filter(step -> step.operation().is(Trait.TRIAL_FITS_SHEATH)
                                && !progress.isDone(step.operation().key()))
                        .anyMatch(step ->
                                file.row(step).filter(StepRow::isUnderWay).isPresent()
                                        || new Gates(file, progress, units).isItsTurn(step));
    }

    private static Entry entry(PieceFile file, String words) {
        return Entry.ofPiece(Entry.Kind.SHEATH_TRIED, file.jobId(), file.id(), file.name() + ", sheath: " + words);
    }

    /** It was another sheath, or a slip of the finger. */
    Receipt strikeTrial(long id, Command command) {
        return changes.make(command, () -> {
            TrialRow trial = sheaths.trial(id);
            PieceFile file = files.openAlive(trial.piece());
            sheaths.strikeTrial(id, clock.nowMillis());
            return entry(file, "the trial does not count");
        });
    }

    @Override
    public Optional<String> notYet(PieceFile file, Operation operation) {
        if (!operation.is(Trait.TRIAL_FITS_SHEATH)) {
            return Optional.empty();
        }
        return sheaths.trials(file.id()).stream()
                .findFirst()
                .filter(trial -> !trial.fit().isGood())
                .map(trial ->
                        file.name() + "’s sheath was tried “" + trial.fit().words() + "” by " + trial.by()
                                + ". Put it right and try it again, or take the trial back.");
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.SHEATH)) {
            sheaths.strikeTrials(piece, atMillis);
        }
    }

    /** A side as it was typed. */
    public record AskedSide(String length, String width) {}

    public Receipt measured(long lot, AskedSide asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        Length length = typed.length("length", asked.length(), LONG);
        Length width = typed.length("width", asked.width(), LONG);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            Leather side = leather.known(lot, person.units());
            sheaths.measured(lot, length, width, person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.LEATHER_MARKED,
                    side.words() + ": measured, " + length.in(person.units()) + " × " + width.in(person.units()),
                    lot);
        });
    }

    /** A flaw as it was typed. */
    public record AskedFlaw(String kind, String along, String up, String radius) {}

    public Receipt marked(long lot, AskedFlaw asked, Person person, Command command) {
        Units units = person.units();
        Flaw.Kind kind =
                Typed.choice(Flaw.Kind.class, "kind", asked.kind(), "What is there?", "a hole, a brand, a scar, loose");
        Typed typed = new Typed(units);
        Length along = typed.length("along", asked.along(), PLACE);
        Length up = typed.length("up", asked.up(), PLACE);
        Length radius = typed.length("radius", asked.radius(), REACH);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            Leather side = leather.known(lot, units);
            SideRow measured = sheaths.side(lot)
                    .orElseThrow(() -> Refusal.outOfTurn("Measure the side first: a mark has its place on it."));
            mustLieOn(measured, along, up, units, asked);
            sheaths.marked(lot, new Flaw(kind, along, up, radius), person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.LEATHER_MARKED,
                    side.words() + ": " + kind.words().toLowerCase(Locale.ROOT) + " marked",
                    lot);
        });
    }

    private static void mustLieOn(SideRow side, Length along, Length up, Units units, AskedFlaw asked) {
        if (along.nanometres() > side.length().nanometres()) {
            throw Refusal.entry(
                    "along",
                    asked.along(),
                    "That is beyond the side",
                    "0 to " + side.length().in(units));
        }
        if (up.nanometres() > side.width().nanometres()) {
            throw Refusal.entry(
                    "up",
                    asked.up(),
                    "That is beyond the side",
                    "0 to " + side.width().in(units));
        }
    }

    Receipt strikeFlaw(long id, Person person, Command command) {
        return changes.make(command, () -> {
            FlawRow row = sheaths.flaw(id);
            Leather side = leather.known(row.lot(), person.units());
            sheaths.strikeFlaw(id, clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.LEATHER_MARKED,
                    side.words() + ": " + row.flaw().kind().words().toLowerCase(Locale.ROOT) + " is no longer there",
                    row.lot());
        });
    }
}
