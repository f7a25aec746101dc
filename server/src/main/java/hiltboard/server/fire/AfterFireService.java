package hiltboard.server.fire;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fire.HardnessTest;
import hiltboard.core.fire.HeatNeed;
import hiltboard.core.fire.LikelyHardness;
import hiltboard.core.fire.Warp;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Operation;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.bench.ReadingService;
import hiltboard.server.device.HardnessTester;
import hiltboard.server.fire.AfterFireRepository.WarpRow;
import hiltboard.server.fire.FireRepository.InLoad;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository.Standing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a blade is like after the fire: hard enough, straight enough, and what was done about it. */
@Service
public class AfterFireService {
    private static final int MOST_READINGS = 9;

    /** More than this is no warp that anybody measures. */
    private static final LengthRange WARPS = LengthRange.of("0", "2");

    private final AfterFireRepository after;
    private final FireRepository fire;
    private final PieceFiles files;
    private final ReadingService readings;
    private final HardnessTester tester;
    private final Changes changes;
    private final ShopClock clock;

    AfterFireService(
            AfterFireRepository after,
            FireRepository fire,
            PieceFiles files,
            ReadingService readings,
            HardnessTester tester,
            Changes changes,
            ShopClock clock) {
        this.after = after;
        this.fire = fire;
        this.files = files;
        this.readings = readings;
        this.tester = tester;
        this.changes = changes;
        this.clock = clock;
    }

    /** What was wanted of it. */
    static Hardness wanted(PieceFile file) {
        return file.chain(Units.INCH_FAHRENHEIT)
                .link(PieceDimensions.HARDNESS)
                .map(link -> (Hardness) link.expected().value())
                .orElseThrow();
    }

    static HardnessTest judged(List<Hardness> taken, Hardness wanted) {
        return new HardnessTest(taken, wanted, HardnessTest.USUAL_BAND);
    }

    /** Keeps readings of the tester; their mean is the piece's number where its step is under way. */
    public Receipt test(long piece, List<String> typed, boolean skates, Person person, Command command) {
        List<Hardness> taken = readings(typed);
        return changes.makeAll(command, () -> {
            PieceFile file = files.openAlive(piece);
            mustHaveBeenHardened(file);
            HardnessTest test = judge(taken, wanted(file), typed, person.units());
            after.keep(piece, file.rework().heats(), taken, wanted(file), skates, person.id(), clock.nowMillis());
            List<Entry> entries = new ArrayList<>();
            entries.add(Entry.ofPiece(
                    Entry.Kind.HARDNESS_TESTED,
                    file.jobId(),
                    piece,
                    file.name() + ": " + test.mean().in(person.units()) + ", "
                            + test.verdict().words() + "; a file " + (skates ? "skates" : "bites")));
            if (test.verdict() != HardnessTest.Verdict.SCATTERED) {
                underWay(file)
                        .ifPresent(operation -> entries.add(readings.takeFrom(
                                piece,
                                operation.key(),
                                PieceDimensions.HARDNESS,
                                test.mean().hrc().toPlainString(),
                                "",
                                person)));
            }
            return entries;
        });
    }

    /** The step at which hardness is read, while somebody is at it. */
    private static Optional<Operation> underWay(PieceFile file) {
        return file.route().steps().stream()
                .filter(step -> step.operation().readings().contains(PieceDimensions.HARDNESS))
                .filter(step -> file.row(step)
                        .filter(row -> row.standing() == Standing.RUNNING)
                        .isPresent())
                .map(step -> step.operation())
                .findFirst();
    }

    private static HardnessTest judge(List<Hardness> taken, Hardness wanted, List<String> typed, Units units) {
        try {
            return judged(taken, wanted);
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("readings", String.join(", ", typed), impossible, units);
        }
    }

    private static List<Hardness> readings(List<String> typed) {
        if (typed.size() > MOST_READINGS) {
            throw Refusal.entry(
                    "readings", "", "So many readings are not taken of one blade", "two to " + MOST_READINGS);
        }
        Typed read = new Typed(Units.MILLIMETRE_CELSIUS);
        List<Hardness> readings =
                typed.stream().map(entry -> read.hardness("readings", entry)).toList();
        read.mustBeUnderstood();
        return readings;
    }

    private static void mustHaveBeenHardened(PieceFile file) {
        if (file.progress().conditions().contains(Condition.ANNEALED)
                && file.rework().heats() == 1) {
            throw Refusal.outOfTurn(file.name() + " has not been hardened yet.");
        }
    }

    /** One press of the tester on this blade. */
    @Transactional(readOnly = true)
    public Hardness press(long piece) {
        PieceFile file = files.openAlive(piece);
        HeatNeed need = HeatNeed.of(file.specification(), file.chain(Units.INCH_FAHRENHEIT));
        boolean bites = fire.firesOf(piece).stream()
                .map(InLoad::fileTest)
                .filter(test -> !test.isEmpty())
                .reduce((first, last) -> last)
                .filter("BITES"::equals)
                .isPresent();
        boolean isTempered = file.progress().conditions().contains(Condition.TEMPERED);
        mustHaveBeenHardened(file);
        return tester.read(
                bites
                        ? LikelyHardness.notHardened()
                        : isTempered
                                ? LikelyHardness.tempered(need.steel(), need.tempering())
                                : LikelyHardness.quenched(need.steel()));
    }

    /** Where a blade is off straight, as it was typed. */
    public record AskedWarp(String place, String direction, String amount) {}

    public Receipt warped(long piece, AskedWarp asked, Person person, Command command) {
        Warp.Place place = Typed.choice(
                Warp.Place.class, "place", asked.place(), "Where it is off is not said", "one of the choices");
        Warp.Direction direction = Typed.choice(
                Warp.Direction.class,
                "direction",
                asked.direction(),
                "To which side is not said",
                "one of the choices");
        Length amount = amount("amount", asked.amount(), person.units());
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Warp warp = new Warp(place, direction, amount, blade(file));
            if (amount.compareTo(warp.blade()) >= 0) {
                throw Refusal.entry(
                        "amount",
                        asked.amount(),
                        "So much is more than the blade is long",
                        "less than " + warp.blade().in(person.units()));
            }
            after.keep(piece, file.rework().heats(), warp, person.id(), clock.nowMillis());
            return Entry.ofPiece(
                    Entry.Kind.WARP_MEASURED,
                    file.jobId(),
                    piece,
                    file.name() + ": " + warp.working(person.units()).get(1));
        });
    }

    private static Length amount(String field, String entry, Units units) {
        Typed typed = new Typed(units);
        Length amount = typed.lengthOrNothing(field, entry, WARPS);
        typed.mustBeUnderstood();
        return amount;
    }

    static Length blade(PieceFile file) {
        return file.specification()
                .length(
                        file.specification().isAxe()
                                ? SpecificationField.EDGE_LENGTH
                                : SpecificationField.BLADE_LENGTH);
    }

    /** What was done about a warp, and what is left of it, as it was typed. */
    public record AskedRemedy(String remedy, String left) {}

    public Receipt remedied(long piece, long warp, AskedRemedy asked, Person person, Command command) {
        Warp.Remedy remedy = Typed.choice(
                Warp.Remedy.class, "remedy", asked.remedy(), "What was done is not said", "one of the choices");
        Length left = amount("left", asked.left(), person.units());
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            WarpRow row = after.warps(piece).stream()
                    .filter(each -> each.id() == warp)
                    .findFirst()
                    .orElseThrow(() -> Refusal.notThere("There is no such warp."));
            if (row.remedy().isPresent()) {
                throw Refusal.outOfTurn(
                        "It was written down already what was done about it. Measure again if it is off once more.");
            }
            after.remedied(warp, remedy, left, person.id(), clock.nowMillis());
            return Entry.ofPiece(
                    Entry.Kind.WARP_MEASURED,
                    file.jobId(),
                    piece,
                    file.name() + ": " + remedy.words().toLowerCase(Locale.ROOT) + ", " + left.in(person.units())
                            + " left of " + row.warp().amount().in(person.units()));
        });
    }
}
