package hiltboard.server.glue;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.field.SomeMass;
import hiltboard.core.fit.ReadyForGlue;
import hiltboard.core.glue.AdhesiveSheet;
import hiltboard.core.glue.MixRatio;
import hiltboard.core.glue.SheetField;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.core.route.Route.Step;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.chain.ReadingRepository;
import hiltboard.server.glue.GlueRepository.DryRunRow;
import hiltboard.server.glue.GlueRepository.MixRow;
import hiltboard.server.glue.GlueRepository.SheetRow;
import hiltboard.server.job.FollowsWork;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.AdhesiveStock;
import hiltboard.server.stock.AdhesiveStock.Tin;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What happens at the gluing bench: a dry run by the clock, then what is weighed. */
@Service
public class GlueService implements FollowsWork {
    private static final Temperature COLDEST = Temperature.ofCelsius(10);
    private static final Temperature WARMEST = Temperature.ofCelsius(40);
    private static final int MOST_PARTS = 40;
    private static final Duration UP = Duration.ofMinutes(1);

    /** By which number of a piece each time of a sheet is known, and whether somebody waits for it. */
    private static final Map<SheetField, String> TIMES = Map.of(
            SheetField.WORKING, PieceDimensions.ADHESIVE_WORKING,
            SheetField.GRIPS, PieceDimensions.ADHESIVE_GRIPS,
            SheetField.SETS, PieceDimensions.ADHESIVE_SETS,
            SheetField.CURED, PieceDimensions.ADHESIVE_CURES);

    private final GlueRepository glue;
    private final PieceFiles files;
    private final ReadingRepository readings;
    private final AdhesiveStock stock;
    private final Changes changes;
    private final ShopClock clock;

    GlueService(
            GlueRepository glue,
            PieceFiles files,
            ReadingRepository readings,
            AdhesiveStock stock,
            Changes changes,
            ShopClock clock) {
        this.glue = glue;
        this.files = files;
        this.readings = readings;
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    private static Entry entry(PieceFile file, String words) {
        return Entry.ofPiece(Entry.Kind.GLUED, file.jobId(), file.id(), file.name() + ": " + words);
    }

    private static Step glued(PieceFile file) {
        return GluedPiece.next(file).orElseThrow(() -> Refusal.outOfTurn(file.name() + " has nothing left to glue."));
    }

    /** @param words what lies ready, as it is listed; {@code isThere} whether it does */
    public record AskedReady(String words, boolean isThere) {}

    Receipt ready(long piece, AskedReady asked, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            boolean isListed = ReadyForGlue.of(file.specification(), GluedPiece.nextUp(file))
                    .lies()
                    .contains(asked.words());
            if (!isListed) {
                throw Refusal.notThere("That is not on the list of what lies ready.");
            }
            glue.ready(piece, asked.words(), asked.isThere(), person.id(), clock.nowMillis());
            return entry(file, asked.words() + (asked.isThere() ? ": lies ready" : ": does not lie ready"));
        });
    }

    public Receipt beginDryRun(long piece, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            glued(file);
            if (glue.dryRun(piece).filter(run -> run.took().isEmpty()).isPresent()) {
                throw Refusal.outOfTurn("The clock of the dry run runs already.");
            }
            glue.beginDryRun(piece, person.id(), clock.nowMillis());
            return entry(file, "dry run begun");
        });
    }

    /** @param parts how many went through hands that will be wet */
    public record AskedDryRun(String parts) {}

    public Receipt endDryRun(long piece, AskedDryRun asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        int parts = typed.whole("parts", asked.parts(), 1, MOST_PARTS);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            DryRunRow run = running(piece);
            glue.endDryRun(run.id(), parts, Math.max(run.begun().toEpochMilli() + 1, clock.nowMillis()));
            return entry(file, "dry run over, " + parts + " parts");
        });
    }

    private DryRunRow running(long piece) {
        return glue.dryRun(piece)
                .filter(run -> run.took().isEmpty())
                .orElseThrow(() -> Refusal.outOfTurn("No dry run is under way."));
    }

    /** It did not count. */
    Receipt forgetDryRun(long piece, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            DryRunRow run = glue.dryRun(piece).orElseThrow(() -> Refusal.notThere("There is no dry run."));
            glue.strikeDryRun(run.id(), clock.nowMillis());
            return entry(file, "the dry run does not count");
        });
    }

    /**
     * What was weighed, as it was typed.
     *
     * @param lot the tin on the rack; zero where it is of none
     * @param sure whether the maker takes an adhesive that is past its day
     */
    public record AskedMix(long sheet, long lot, String first, String second, String temperature, boolean sure) {}

    public Receipt mix(long piece, AskedMix asked, Person person, Command command) {
        Units units = person.units();
        Typed typed = new Typed(units);
        Optional<Mass> first = typed.of("first", asked.first(), new SomeMass());
        Optional<Mass> second = typed.of("second", asked.second(), new SomeMass());
        Temperature shop = typed.temperature("temperature", asked.temperature(), COLDEST, WARMEST);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Step step = glued(file);
            SheetRow row = glue.sheet(asked.sheet());
            Mass one = first.orElseThrow();
            Mass other = second.orElseThrow();
            inRatio(row.sheet(), one, other, asked);
            Optional<Tin> tin = asked.lot() == 0 ? Optional.empty() : Optional.of(stock.known(asked.lot(), units));
            tin.flatMap(each -> past(each, row.sheet()))
                    .filter(words -> !asked.sure())
                    .ifPresent(words -> {
                        throw Refusal.question(words + " Mix it all the same?");
                    });
            MixRow mix = new MixRow(
                    0,
                    piece,
                    step.operation().key(),
                    row.sheet(),
                    tin.map(Tin::words).orElse(""),
                    one,
                    other,
                    shop,
                    person.name(),
                    clock.now());
            glue.mixed(mix, row.id(), person.id());
            glue.nothingReady(piece, clock.nowMillis());
            keepTimes(mix, person);
            return entry(
                    file,
                    row.sheet().name() + " mixed, " + grams(one) + " and " + grams(other) + " at " + shop.in(units));
        });
    }

    /** Adhesive is weighed in grams, whatever else a maker weighs by. */
    static String grams(Mass mass) {
        return new SomeMass().exactly(mass);
    }

    private static void inRatio(AdhesiveSheet sheet, Mass one, Mass other, AskedMix asked) {
        sheet.ratio().filter(ratio -> !ratio.holds(one, other)).ifPresent(ratio -> {
            MixRatio.Added added = ratio.puttingRight(one, other);
            throw Refusal.entry(
                    added.isFirst() ? "first" : "second",
                    added.isFirst() ? asked.first() : asked.second(),
                    String.format(
                            Locale.ROOT,
                            "The mix is out of ratio by %.1f %%, and its sheet bears %.1f %%",
                            Math.abs(ratio.offBy(one, other)) * 100,
                            ratio.off() * 100),
                    "add " + grams(added.more()) + " of the " + (added.isFirst() ? "resin" : "hardener")
                            + ", stir, and enter both as they are then");
        });
    }

    /** Why a tin is past its day; empty where it is not. */
    Optional<String> past(Tin tin, AdhesiveSheet sheet) {
        LocalDate today = clock.today();
        if (tin.useBy().filter(today::isAfter).isPresent()) {
            return Optional.of(tin.words() + " was good until " + tin.useBy().orElseThrow() + ".");
        }
        return tin.openedOn()
                .flatMap(opened -> sheet.keepsMonths().map(opened::plusMonths))
                .filter(today::isAfter)
                .map(until -> tin.words() + " was opened on " + tin.openedOn().orElseThrow() + " and is good until "
                        + until + ".");
    }

    /** The piece's own windows and rests follow what was mixed. */
    private void keepTimes(MixRow mix, Person person) {
        long now = clock.nowMillis();
        PieceFile file = files.open(mix.piece());
        Units units = person.units();
        keep(file, mix, PieceDimensions.SHOP_TEMPERATURE, mix.shop(), person, now);
        TIMES.forEach((field, dimension) -> mix.sheet()
                .usually(field, mix.shop(), Optional.of(mix.both()))
                .filter(time -> file.chain(units).link(dimension).isPresent())
                .ifPresent(time -> keep(file, mix, dimension, new Span(rounded(field, time)), person, now)));
    }

    private void keep(PieceFile file, MixRow mix, String dimension, Quantity value, Person person, long atMillis) {
        readings.take(file.id(), mix.operation(), dimension, value, value.in(person.units()), person.id(), atMillis);
    }

    /** Up where somebody waits for it, down where it must not be missed. */
    private static Duration rounded(SheetField field, Duration time) {
        return field == SheetField.WORKING || field == SheetField.SETS ? Span.down(time, UP) : Span.up(time, UP);
    }

    /** It was not mixed after all. */
    Receipt strikeMix(long id, Command command) {
        return changes.make(command, () -> {
            MixRow mix = glue.mix(id);
            PieceFile file = files.openAlive(mix.piece());
            glue.strikeMix(id, clock.nowMillis());
            strikeTimes(mix.piece(), clock.nowMillis());
            return entry(file, mix.sheet().name() + ": the mix is struck out");
        });
    }

    private void strikeTimes(long piece, long atMillis) {
        TIMES.values().forEach(dimension -> readings.strike(piece, dimension, atMillis));
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.GLUE)) {
            glue.strikeMixes(piece, atMillis);
            strikeTimes(piece, atMillis);
        }
    }

    List<Tin> tins(Units units) {
        return stock.all(units);
    }
}
