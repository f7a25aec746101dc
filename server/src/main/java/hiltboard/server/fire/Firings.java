package hiltboard.server.fire;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.Load;
import hiltboard.core.fire.Programme;
import hiltboard.core.fire.Soak;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchService;
import hiltboard.server.bench.ReadingService;
import hiltboard.server.device.ConnectedKiln;
import hiltboard.server.fire.FireRepository.InLoad;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.FireRepository.Soaked;
import hiltboard.server.fire.FireRepository.Standing;
import hiltboard.server.fire.LoadFiles.Opened;
import hiltboard.server.job.PieceFile;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Loads in the fire: lit, the work in, each piece out with its record. */
@Service
public class Firings {
    /** Why what the kiln showed at the door may be off: the fire itself is led and counted. */
    static final String COUNTED_BY_LOG = "As the kiln showed when the work went in; the soak is counted by its log.";

    private static final Duration NEARLY = Duration.ofSeconds(20);

    private final FireRepository fire;
    private final LoadFiles loads;
    private final Kilns kilns;
    private final BenchService bench;
    private final ReadingService readings;
    private final Changes changes;
    private final ShopClock clock;

    Firings(
            FireRepository fire,
            LoadFiles loads,
            Kilns kilns,
            BenchService bench,
            ReadingService readings,
            Changes changes,
            ShopClock clock) {
        this.fire = fire;
        this.loads = loads;
        this.kilns = kilns;
        this.bench = bench;
        this.readings = readings;
        this.changes = changes;
        this.clock = clock;
    }

    public Receipt light(long id, Person person, Command command) {
        return kilns.change(command, kiln -> {
            Opened load = loads.open(id, Standing.PLANNED);
            if (load.pieces().isEmpty()) {
                throw Refusal.outOfTurn("There is nothing in this load yet.");
            }
            fire.burningIn(load.row().kiln()).ifPresent(other -> {
                throw Refusal.outOfTurn(load.kiln().name() + " burns for another load: "
                        + other.treatment().words().toLowerCase(Locale.ROOT) + ".");
            });
            Programme programme = load.load().programme(person.units());
            kiln.tell(load.kiln(), each -> each.light(programme.kiln()));
            fire.lit(id, now(load));
            happened(load, "Lit for: " + load.row().treatment().words().toLowerCase(Locale.ROOT));
            return List.of(load.entry(
                    Entry.Kind.FIRE_LIT, "lit, up to " + programme.heat().in(person.units())));
        });
    }

    /** The work is in: its steps are begun, and the soak is waited for. */
    public Receipt in(long id, Person person, Command command) {
        return kilns.change(command, kiln -> {
            Opened load = loads.open(id, Standing.LIT);
            Load plan = load.load();
            Programme programme = plan.programme(person.units());
            List<String> missing = programme.ready().stream()
                    .filter(line -> !load.row().ready().contains(line))
                    .toList();
            if (!missing.isEmpty()) {
                throw Refusal.outOfTurn("Not ready yet: " + String.join("; ", missing) + ".");
            }
            mustHaveHands(load);
            mustNotBeTooHot(load, person.units());
            Optional<Double> shown =
                    kilns.connected(load.kiln()).status().shown().celsius();
            List<Entry> entries = new ArrayList<>();
            for (PieceFile file : load.pieces()) {
                LoadPieces.step(file, load.row().treatment()).ifPresent(step -> {
                    entries.add(bench.begin(file.id(), step.operation().key(), person));
                    if (step.operation().readings().contains(PieceDimensions.KILN_AT_TEMPER)) {
                        shown.ifPresent(celsius -> entries.add(readings.takeFrom(
                                file.id(),
                                step.operation().key(),
                                PieceDimensions.KILN_AT_TEMPER,
                                celsius(celsius),
                                COUNTED_BY_LOG,
                                person)));
                    }
                });
            }
            kiln.holds(load.kiln(), plan.body());
            fire.in(id, 0, now(load), person.id());
            happened(load, "Work in");
            entries.add(0, load.entry(Entry.Kind.FIRE_CHANGED, "the work is in"));
            return entries;
        });
    }

    private static void mustHaveHands(Opened load) {
        LoadRow row = load.row();
        if (row.treatment().isQuenched()
                && (row.doorBy().isEmpty() || row.quenchBy().isEmpty())) {
            throw Refusal.outOfTurn("Say first who works the door and who quenches.");
        }
    }

    private void mustNotBeTooHot(Opened load, Units units) {
        LoadRow row = load.row();
        kilns.connected(load.kiln())
                .status()
                .shown()
                .celsius()
                .map(Temperature::ofCelsius)
                .filter(shown -> row.treatment().isTooHotToGoIn(row.heat(), shown))
                .ifPresent(shown -> {
                    throw Refusal.outOfTurn(load.kiln().name() + " shows " + shown.in(units)
                            + " and has not come down to " + row.heat().in(units)
                            + ": the temper, or the hardness itself, would be gone.");
                });
    }

    /** The work went out into the air and in again for the next of several heats. */
    public Receipt nextHeat(long id, Person person, Command command) {
        return kilns.change(command, kiln -> {
            Opened load = loads.open(id, Standing.IN);
            Programme programme = load.load().programme(person.units());
            int part = load.row().part() + 1;
            if (load.row().treatment() != Treatment.NORMALISE
                    || part >= programme.kiln().size()) {
                throw Refusal.outOfTurn("This was the last heat of it.");
            }
            mustHaveSoaked(load.row().soak(), loads.soak(load.row()), false);
            Temperature heat = programme.kiln().get(part).to();
            kiln.tell(load.kiln(), ConnectedKiln::next);
            fire.agreed(id, heat, load.row().soak());
            fire.in(id, part, now(load), person.id());
            happened(load, "Next heat: " + bothUnits(heat));
            return List.of(load.entry(
                    Entry.Kind.FIRE_CHANGED,
                    "heat " + (part + 1) + " of " + programme.kiln().size() + ", " + heat.in(person.units())));
        });
    }

    private static void mustHaveSoaked(Duration wanted, Optional<Soak> soak, boolean isSure) {
        Soaked soaked = Soaked.of(soak);
        if (!isSure && soaked.counted().plus(NEARLY).compareTo(wanted) < 0) {
            throw Refusal.question("It has soaked " + soaked.words() + " of " + Span.words(wanted)
                    + soak.map(each -> ", counted " + each.counts().words()).orElse("")
                    + ". Take it out all the same?");
        }
    }

    /**
     * A piece is out of the fire: into the quench, or, where all leave together, out with the others.
     *
     * @param isSure whether the maker has confirmed that it leaves before its soak is up
     */
    public Receipt out(long id, long piece, boolean isSure, Person person, Command command) {
        return kilns.change(command, kiln -> {
            Opened load = loads.open(id, Standing.IN);
            if (load.row().treatment() == Treatment.NORMALISE
                    && load.row().part() + 1
                            < load.load().programme(person.units()).kiln().size()) {
                throw Refusal.outOfTurn("It has more heats to go through first.");
            }
            Optional<Soak> soak = loads.soak(load.row());
            List<PieceFile> leaving = load.row().treatment().isQuenched()
                    ? List.of(load.file(load.record(piece).piece()))
                    : load.stillIn();
            leaving.stream()
                    .filter(file -> load.record(file.id()).leftAt().isPresent())
                    .findFirst()
                    .ifPresent(file -> {
                        throw Refusal.outOfTurn(file.name() + " is out already.");
                    });
            mustHaveSoaked(wanted(load, leaving), soak, isSure);
            Soaked soaked = Soaked.of(soak);
            List<Entry> entries = new ArrayList<>();
            for (PieceFile file : leaving) {
                fire.left(id, file.id(), now(load), soaked, true);
                entries.add(Entry.ofPiece(
                        Entry.Kind.FIRE_CHANGED,
                        file.jobId(),
                        file.id(),
                        file.name() + ": out of " + load.kiln().name() + " after a soak of " + soaked.words()));
                if (!load.row().treatment().isQuenched()) {
                    entries.addAll(treated(load, file, person));
                }
            }
            fire.openAlarms().stream()
                    .filter(alarm -> alarm.kind().equals(FireRepository.SOAKED)
                            && alarm.load().equals(Optional.of(id)))
                    .forEach(alarm -> {
                        fire.answer(alarm.id(), "Taken out", person.id(), clock.nowMillis());
                        entries.add(Entry.ofShop(
                                Entry.Kind.ALARM_ANSWERED,
                                alarm.words() + ": " + person.name() + " has it",
                                alarm.id()));
                    });
            happened(load, leaving.size() == 1 ? leaving.get(0).name() + " out" : "All out");
            kiln.holds(load.kiln(), loads.whatIsLeft(loads.open(id)));
            return entries;
        });
    }

    /** A piece with a shorter soak than the load's longest may leave when its own is up. */
    private static Duration wanted(Opened load, List<PieceFile> leaving) {
        return load.row().treatment().isQuenched()
                ? LoadPieces.inside(leaving.get(0), load.row().treatment())
                        .need()
                        .soak()
                : load.row().soak();
    }

    private List<Entry> treated(Opened load, PieceFile file, Person person) {
        return load.step(file)
                .map(step -> {
                    if (load.row().treatment() == Treatment.STRAIGHTEN) {
                        return List.of(bench.putBack(
                                file.id(), step.operation().key(), "tempered again in the clamp; to be sighted"));
                    }
                    List<Entry> entries = new ArrayList<>();
                    if (step.operation().rests()) {
                        entries.add(bench.restUntil(file.id(), step.operation().key(), clock.nowMillis()));
                    }
                    entries.addAll(bench.finish(
                            file.id(),
                            step.operation().key(),
                            Set.copyOf(step.operation().checks()),
                            person));
                    return entries;
                })
                .orElse(List.of());
    }

    /**
     * What the file said after the quench: it skates, or it bites. Where it skates the step is done and the temper's
     * clock runs.
     */
    public Receipt fileTest(long id, long piece, boolean skates, Person person, Command command) {
        return changes.makeAll(command, () -> {
            Opened load = loads.open(id, Standing.IN, Standing.OVER);
            PieceFile file = load.file(load.record(piece).piece());
            InLoad record = load.record(piece);
            if (!load.row().treatment().isQuenched()
                    || record.leftAt().isEmpty()
                    || record.leftAs().equals("NOT_TREATED")) {
                throw Refusal.outOfTurn(file.name() + " has not been quenched from this load.");
            }
            if (!record.fileTest().isEmpty()) {
                throw Refusal.outOfTurn("The file was tried on " + file.name() + " already: it "
                        + (record.fileTest().equals("SKATES") ? "skated." : "bit."));
            }
            fire.filed(id, piece, skates);
            List<Entry> entries = new ArrayList<>();
            entries.add(Entry.ofPiece(
                    Entry.Kind.HARDNESS_TESTED,
                    file.jobId(),
                    file.id(),
                    file.name() + ": a file " + (skates ? "skates on its edge" : "bites its edge: it is not hard")));
            if (skates) {
                load.step(file)
                        .ifPresent(step -> entries.addAll(bench.finish(
                                piece,
                                step.operation().key(),
                                Set.copyOf(step.operation().checks()),
                                person)));
            }
            return entries;
        });
    }

    /** The fire is over when every piece has its record. */
    public Receipt end(long id, Person person, Command command) {
        return kilns.change(command, kiln -> {
            Opened load = loads.open(id, Standing.IN);
            List<String> without = load.in().stream()
                    .filter(each -> each.leftAt().isEmpty()
                            || load.row().treatment().isQuenched()
                                    && each.leftAs().equals("TREATED")
                                    && each.fileTest().isEmpty())
                    .map(each -> load.file(each.piece()).name())
                    .toList();
            if (!without.isEmpty()) {
                throw Refusal.outOfTurn("No record yet: " + String.join(", ", without)
                        + ". Every piece is out, and the file was tried on it, before the fire is over.");
            }
            kiln.tell(load.kiln(), ConnectedKiln::out);
            fire.over(id, Standing.OVER, now(load), "");
            happened(load, "Fire over");
            return List.of(load.entry(Entry.Kind.FIRE_OVER, "over"));
        });
    }

    /**
     * Puts the fire out before its work is done, with the reason; what is in it is written down as not treated, and its
     * steps are open again.
     */
    public Receipt giveUp(long id, String words, Person person, Command command) {
        if (words.isBlank() || words.length() > 300) {
            throw Refusal.entry("words", words, "A reason is needed", "why it is given up, up to 300 characters");
        }
        return kilns.change(command, kiln -> {
            Opened load = loads.open(id, Standing.PLANNED, Standing.LIT, Standing.IN);
            List<Entry> entries =
                    new ArrayList<>(List.of(load.entry(Entry.Kind.FIRE_OVER, "given up: " + words.strip())));
            if (load.row().isBurning()) {
                kiln.tell(load.kiln(), ConnectedKiln::out);
                happened(load, "Given up: " + words.strip());
            }
            if (load.row().standing() == Standing.IN) {
                for (PieceFile file : load.stillIn()) {
                    fire.left(id, file.id(), now(load), Soaked.of(loads.soak(load.row())), false);
                    load.step(file)
                            .ifPresent(step -> entries.add(bench.putBack(
                                    file.id(), step.operation().key(), "the fire was given up: " + words.strip())));
                }
                kiln.holds(load.kiln(), HeatBody.NOTHING);
            }
            fire.over(id, Standing.GIVEN_UP, now(load), words.strip());
            return entries;
        });
    }

    private long now(Opened load) {
        return kilns.now(load.kiln());
    }

    private void happened(Opened load, String words) {
        fire.happened(load.kiln().id(), Optional.of(load.row().id()), now(load), words);
    }

    /** What stands in a kiln's log is read by everybody. */
    static String bothUnits(Quantity heat) {
        return heat.in(Units.INCH_FAHRENHEIT) + " (" + heat.in(Units.MILLIMETRE_CELSIUS) + ")";
    }

    static String celsius(double celsius) {
        return Math.round(celsius) + " C";
    }
}
