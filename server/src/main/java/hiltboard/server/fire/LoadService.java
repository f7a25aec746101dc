package hiltboard.server.fire;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.Load;
import hiltboard.core.fire.LoadPiece;
import hiltboard.core.fire.Programme;
import hiltboard.core.fire.Soak;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchService;
import hiltboard.server.bench.ReadingService;
import hiltboard.server.device.KilnController;
import hiltboard.server.device.KilnController.Shown;
import hiltboard.server.fire.FireRepository.InLoad;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.FireRepository.Standing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
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
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Loads: pieces put together, the fire lit, the work in, each piece out with its record. */
@Service
public class LoadService {
    /** How much hotter than a temper the kiln may show when the work goes in. */
    private static final double TOO_HOT_TO_TEMPER = 14;
    private static final Duration NEARLY = Duration.ofSeconds(20);

    private final FireRepository fire;
    private final KilnLog log;
    private final Kilns kilns;
    private final PieceFiles files;
    private final BenchService bench;
    private final ReadingService readings;
    private final AccessService access;
    private final Changes changes;
    private final ShopClock clock;

    LoadService(FireRepository fire, KilnLog log, Kilns kilns, PieceFiles files, BenchService bench, ReadingService readings, AccessService access, Changes changes, ShopClock clock) {
        this.fire = fire;
        this.log = log;
        this.kilns = kilns;
        this.files = files;
        this.bench = bench;
        this.readings = readings;
        this.access = access;
        this.changes = changes;
        this.clock = clock;
    }

    /** A load with its kiln and its pieces' files. */
    record Opened(LoadRow row, KilnRow kiln, List<InLoad> in, List<PieceFile> pieces) {
        Load load() {
            return Load.of(row.treatment(), kiln.kiln(), pieces.stream().map(file -> row.standing() == Standing.PLANNED || row.standing() == Standing.LIT
                    ? LoadPieces.of(file, row.treatment()) : LoadPieces.inside(file, row.treatment())).toList());
        }

        InLoad record(long piece) {
            return in.stream().filter(each -> each.piece() == piece).findFirst().orElseThrow(() -> Refusal.notThere("This piece is not in the load."));
        }

        PieceFile file(long piece) {
            return pieces.stream().filter(each -> each.id() == piece).findFirst().orElseThrow();
        }

        String name() {
            return row.treatment().words() + " in " + kiln.name();
        }

        List<PieceFile> stillIn() {
            return pieces.stream().filter(file -> record(file.id()).leftAt().isEmpty()).toList();
        }
    }

    Opened open(long id) {
        return open(fire.load(id));
    }

    Opened open(LoadRow row) {
        List<InLoad> in = fire.pieces(List.of(row.id()));
        return new Opened(row, fire.kiln(row.kiln()), in, in.stream().map(each -> files.open(each.piece())).toList());
    }

    private Opened open(long id, Standing... standings) {
        Opened load = open(id);
        if (!Set.of(standings).contains(load.row().standing())) {
            throw Refusal.outOfTurn(switch (load.row().standing()) {
                case PLANNED -> "The fire is not lit yet.";
                case LIT -> "The fire burns, and the work is not in yet.";
                case IN -> "The work is in the fire.";
                case OVER -> "This fire is over.";
                case GIVEN_UP -> "This load was given up.";
            });
        }
        return load;
    }

    private static Entry entry(Entry.Kind kind, Opened load, String words) {
        return Entry.ofShop(kind, load.name() + ": " + words, load.row().id());
    }

    /** Plans a load of nothing yet. */
    public Receipt plan(long kiln, String treatment, Person person, Command command) {
        Treatment what = Treatment.named(treatment).orElseThrow(() -> Refusal.entry("treatment", treatment, "What the fire is for is not said", "one of the choices"));
        return changes.make(command, () -> {
            KilnRow row = fire.kiln(kiln);
            long id = fire.plan(kiln, what, Kiln.SHOP, Duration.ZERO, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.FIRE_PLANNED, what.words() + " in " + row.name() + ": planned", id);
        });
    }

    /** Puts a piece into the next slot. @throws Refusal with every reason why it cannot join */
    public Receipt join(long id, long piece, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = open(id, Standing.PLANNED);
            PieceFile file = files.openAlive(piece);
            fire.openLoads().stream().filter(other -> other.id() != id && other.treatment() == load.row().treatment() && fire.pieces(List.of(other.id())).stream().anyMatch(each -> each.piece() == piece)).findFirst().ifPresent(other -> {
                throw Refusal.outOfTurn(file.name() + " is in another load of this kind already.");
            });
            List<String> reasons = load.load().whyNot(LoadPieces.of(file, load.row().treatment()), person.units());
            if (!reasons.isEmpty()) {
                throw Refusal.outOfTurn(file.name() + " cannot join. " + String.join(" ", reasons));
            }
            List<Long> pieces = new ArrayList<>(load.in().stream().map(InLoad::piece).toList());
            pieces.add(piece);
            return filled(load, pieces, file.name() + " takes slot " + pieces.size(), person);
        });
    }

    public Receipt leave(long id, long piece, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = open(id, Standing.PLANNED);
            String name = load.file(load.record(piece).piece()).name();
            return filled(load, load.in().stream().map(InLoad::piece).filter(each -> each != piece).toList(), name + " is taken out of it", person);
        });
    }

    private Entry filled(Opened load, List<Long> pieces, String words, Person person) {
        fire.fill(load.row().id(), pieces);
        if (pieces.isEmpty()) {
            fire.agreed(load.row().id(), Kiln.SHOP, Duration.ZERO);
        } else {
            Programme programme = open(load.row().id()).load().programme(person.units());
            fire.agreed(load.row().id(), programme.heat(), programme.soak());
        }
        return entry(Entry.Kind.FIRE_CHANGED, load, words);
    }

    /** What must lie ready for a load. */
    public List<String> readyLines(long id, Units units) {
        return open(id).load().programme(units).ready();
    }

    public Receipt ready(long id, String line, boolean isReady, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = open(id, Standing.PLANNED, Standing.LIT);
            if (load.pieces().isEmpty() || !load.load().programme(person.units()).ready().contains(line)) {
                throw Refusal.notThere("“" + line + "” is not on the list.");
            }
            List<String> lines = new ArrayList<>(load.row().ready());
            lines.remove(line);
            if (isReady) {
                lines.add(line);
            }
            fire.ready(id, lines);
            return entry(Entry.Kind.FIRE_CHANGED, load, line + (isReady ? ": ready" : ": not ready"));
        });
    }

    /** Who works the door and who quenches; nobody is zero. */
    public Receipt hands(long id, long door, long quench, Person person, Command command) {
        Set<Long> known = access.people().stream().map(Person::id).collect(Collectors.toSet());
        Optional<Long> atDoor = Optional.of(door).filter(known::contains);
        Optional<Long> atQuench = Optional.of(quench).filter(known::contains);
        return changes.make(command, () -> {
            Opened load = open(id, Standing.PLANNED, Standing.LIT, Standing.IN);
            fire.hands(id, atDoor, atQuench);
            LoadRow row = fire.load(id);
            return entry(Entry.Kind.FIRE_CHANGED, load, (row.doorName().isEmpty() ? "nobody" : row.doorName()) + " at the door, " + (row.quenchName().isEmpty() ? "nobody" : row.quenchName()) + " at the quench");
        });
    }

    public Receipt light(long id, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = open(id, Standing.PLANNED);
            if (load.pieces().isEmpty()) {
                throw Refusal.outOfTurn("There is nothing in this load yet.");
            }
            fire.openLoads().stream().filter(other -> other.kiln() == load.row().kiln() && other.isBurning()).findFirst().ifPresent(other -> {
                throw Refusal.outOfTurn(load.kiln().name() + " burns for another load: " + other.treatment().words().toLowerCase(Locale.ROOT) + ".");
            });
            Programme programme = load.load().programme(person.units());
            kilns.controller(load.kiln()).light(programme.kiln());
            fire.lit(id, now(load));
            happened(load, "Lit for: " + load.row().treatment().words().toLowerCase(Locale.ROOT));
            return entry(Entry.Kind.FIRE_LIT, load, "lit, up to " + programme.heat().in(person.units()));
        });
    }

    /** The work is in: its steps are begun, and the soak is waited for. */
    public Receipt in(long id, Person person, Command command) {
        return changes.makeAll(command, () -> {
            Opened load = open(id, Standing.LIT);
            Load plan = load.load();
            Programme programme = plan.programme(person.units());
            List<String> missing = programme.ready().stream().filter(line -> !load.row().ready().contains(line)).toList();
            if (!missing.isEmpty()) {
                throw Refusal.outOfTurn("Not ready yet: " + String.join("; ", missing) + ".");
            }
            mustHaveHands(load);
            mustNotBeTooHot(load, person.units());
            KilnController controller = kilns.controller(load.kiln());
            Optional<Double> shown = controller.status().shown().celsius();
            List<Entry> entries = new ArrayList<>();
            for (PieceFile file : load.pieces()) {
                LoadPieces.step(file, load.row().treatment()).ifPresent(step -> {
                    entries.add(bench.begin(file.id(), step.operation().key(), person));
                    if (step.operation().readings().contains(PieceDimensions.KILN_AT_TEMPER)) {
                        shown.ifPresent(celsius -> entries.add(readings.takeFrom(file.id(), step.operation().key(), PieceDimensions.KILN_AT_TEMPER, celsius(celsius), person)));
                    }
                });
            }
            controller.holds(plan.body());
            fire.in(id, 0, now(load), person.id());
            happened(load, "Work in");
            entries.add(0, entry(Entry.Kind.FIRE_CHANGED, load, "the work is in"));
            return entries;
        });
    }

    private static void mustHaveHands(Opened load) {
        LoadRow row = load.row();
        if (row.treatment().isQuenched() && (row.doorBy().isEmpty() || row.quenchBy().isEmpty())) {
            throw Refusal.outOfTurn("Say first who works the door and who quenches.");
        }
    }

    private void mustNotBeTooHot(Opened load, Units units) {
        Optional<Double> shown = kilns.controller(load.kiln()).status().shown().celsius();
        double heat = load.row().heat().celsius();
        if (load.row().treatment().isTemper() && shown.filter(celsius -> celsius > heat + TOO_HOT_TO_TEMPER).isPresent()) {
            throw Refusal.outOfTurn(load.kiln().name() + " shows " + Temperature.ofCelsius(shown.get()).in(units) + " and has not come down to " + load.row().heat().in(units) + ": the temper, or the hardness itself, would be gone.");
        }
    }

    /** The work went out into the air and in again for the next of several heats. */
    public Receipt nextHeat(long id, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = open(id, Standing.IN);
            Programme programme = load.load().programme(person.units());
            int part = load.row().part() + 1;
            if (load.row().treatment() != Treatment.NORMALISE || part >= programme.kiln().size()) {
                throw Refusal.outOfTurn("This was the last heat of it.");
            }
            mustHaveSoaked(load.row().soak(), soak(load), false);
            Temperature heat = programme.kiln().get(part).to();
            kilns.controller(load.kiln()).next();
            fire.agreed(id, heat, load.row().soak());
            fire.in(id, part, now(load), person.id());
            happened(load, "Next heat: " + heat.in(person.units()));
            return entry(Entry.Kind.FIRE_CHANGED, load, "heat " + (part + 1) + " of " + programme.kiln().size() + ", " + heat.in(person.units()));
        });
    }

    /** How the load has soaked since the work went in; nothing while it is not in. */
    Optional<Soak> soak(Opened load) {
        LoadRow row = load.row();
        if (row.standing() != Standing.IN || row.inAt().isEmpty()) {
            return Optional.empty();
        }
        long in = row.inAt().get();
        Soak soak = Soak.from(row.heat(), in / 1000.0);
        for (Shown shown : log.between(row.kiln(), in, Long.MAX_VALUE)) {
            soak = soak.with(shown.atMillis() / 1000.0, shown.celsius());
        }
        return Optional.of(soak);
    }

    private static void mustHaveSoaked(Duration wanted, Optional<Soak> soak, boolean isSure) {
        Duration soaked = Duration.ofSeconds(Math.round(soak.map(Soak::soaked).orElse(0.0)));
        if (!isSure && soaked.plus(NEARLY).compareTo(wanted) < 0) {
            throw Refusal.question("It has soaked " + Soak.words(soaked) + " of " + Span.words(wanted) + ", counted from recovery. Take it out all the same?");
        }
    }

    /**
     * A piece is out of the fire: into the quench, or, where all leave together, out with the others.
     *
     * @param isSure whether the maker has confirmed that it leaves before its soak is up
     */
    public Receipt out(long id, long piece, boolean isSure, Person person, Command command) {
        return changes.makeAll(command, () -> {
            Opened load = open(id, Standing.IN);
            if (load.row().treatment() == Treatment.NORMALISE && load.row().part() + 1 < load.load().programme(person.units()).kiln().size()) {
                throw Refusal.outOfTurn("It has more heats to go through first.");
            }
            Optional<Soak> soak = soak(load);
            List<PieceFile> leaving = load.row().treatment().isQuenched() ? List.of(load.file(load.record(piece).piece())) : load.stillIn();
            leaving.stream().filter(file -> load.record(file.id()).leftAt().isPresent()).findFirst().ifPresent(file -> {
                throw Refusal.outOfTurn(file.name() + " is out already.");
            });
            mustHaveSoaked(wanted(load, leaving), soak, isSure);
            Duration soaked = Duration.ofSeconds(Math.round(soak.map(Soak::soaked).orElse(0.0)));
            List<Entry> entries = new ArrayList<>();
            for (PieceFile file : leaving) {
                fire.left(id, file.id(), now(load), soaked, true);
                entries.add(Entry.ofPiece(Entry.Kind.FIRE_CHANGED, file.jobId(), file.id(), file.name() + ": out of " + load.kiln().name() + " after a soak of " + Soak.words(soaked)));
                if (!load.row().treatment().isQuenched()) {
                    entries.addAll(treated(load, file, person));
                }
            }
            fire.openAlarms().stream().filter(alarm -> alarm.kind().equals(FireRepository.SOAKED) && alarm.load().equals(Optional.of(id))).forEach(alarm -> {
                fire.answer(alarm.id(), "Taken out", person.id(), clock.nowMillis());
                entries.add(Entry.ofShop(Entry.Kind.ALARM_ANSWERED, alarm.words() + ": " + person.name() + " has it", alarm.id()));
            });
            happened(load, leaving.size() == 1 ? leaving.get(0).name() + " out" : "All out");
            holdsWhatIsLeft(load, leaving);
            return entries;
        });
    }

    /** A piece with a shorter soak than the load's longest may leave when its own is up. */
    private static Duration wanted(Opened load, List<PieceFile> leaving) {
        return load.row().treatment().isQuenched() ? LoadPieces.inside(leaving.get(0), load.row().treatment()).need().soak() : load.row().soak();
    }

    private void holdsWhatIsLeft(Opened load, List<PieceFile> leaving) {
        List<LoadPiece> left = load.stillIn().stream().filter(file -> !leaving.contains(file)).map(file -> LoadPieces.inside(file, load.row().treatment())).toList();
        kilns.controller(load.kiln()).holds(left.isEmpty() ? HeatBody.NOTHING : Load.of(load.row().treatment(), load.kiln().kiln(), left).body());
    }

    private List<Entry> treated(Opened load, PieceFile file, Person person) {
        return LoadPieces.step(file, load.row().treatment()).map(step -> {
            if (load.row().treatment() == Treatment.STRAIGHTEN) {
                return List.of(bench.putBack(file.id(), step.operation().key(), "tempered again in the clamp; to be sighted"));
            }
            List<Entry> entries = new ArrayList<>();
            if (step.operation().rests()) {
                entries.add(bench.restUntil(file.id(), step.operation().key(), clock.nowMillis()));
            }
            entries.addAll(bench.finish(file.id(), step.operation().key(), Set.copyOf(step.operation().checks()), person));
            return entries;
        }).orElse(List.of());
    }

    /** What the file said after the quench: it skates, or it bites. Where it skates the step is done and the temper's clock runs. */
    public Receipt fileTest(long id, long piece, boolean skates, Person person, Command command) {
        return changes.makeAll(command, () -> {
            Opened load = open(id, Standing.IN, Standing.OVER);
            PieceFile file = load.file(load.record(piece).piece());
            InLoad record = load.record(piece);
            if (!load.row().treatment().isQuenched() || record.leftAt().isEmpty() || record.leftAs().equals("NOT_TREATED")) {
                throw Refusal.outOfTurn(file.name() + " has not been quenched from this load.");
            }
            if (!record.fileTest().isEmpty()) {
                throw Refusal.outOfTurn("The file was tried on " + file.name() + " already: it " + (record.fileTest().equals("SKATES") ? "skated." : "bit."));
            }
            fire.filed(id, piece, skates);
            List<Entry> entries = new ArrayList<>();
            entries.add(Entry.ofPiece(Entry.Kind.HARDNESS_TESTED, file.jobId(), file.id(), file.name() + ": a file " + (skates ? "skates on its edge" : "bites its edge: it is not hard")));
            if (skates) {
                LoadPieces.step(file, load.row().treatment()).ifPresent(step -> entries.addAll(bench.finish(piece, step.operation().key(), Set.copyOf(step.operation().checks()), person)));
            }
            return entries;
        });
    }

    /** The fire is over when every piece has its record. */
    public Receipt end(long id, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = open(id, Standing.IN);
            List<String> without = load.in().stream().filter(each -> each.leftAt().isEmpty() || load.row().treatment().isQuenched() && each.leftAs().equals("TREATED") && each.fileTest().isEmpty())
                    .map(each -> load.file(each.piece()).name()).toList();
            if (!without.isEmpty()) {
                throw Refusal.outOfTurn("No record yet: " + String.join(", ", without) + ". Every piece is out, and the file was tried on it, before the fire is over.");
            }
            kilns.controller(load.kiln()).out();
            fire.over(id, Standing.OVER, now(load), "");
            happened(load, "Fire over");
            return entry(Entry.Kind.FIRE_OVER, load, "over");
        });
    }

    /** Puts the fire out before its work is done, with the reason; what is in it is written down as not treated, and its steps are open again. */
    public Receipt giveUp(long id, String words, Person person, Command command) {
        if (words.isBlank() || words.length() > 300) {
            throw Refusal.entry("words", words, "A reason is needed", "why it is given up, up to 300 characters");
        }
        return changes.makeAll(command, () -> {
            Opened load = open(id, Standing.PLANNED, Standing.LIT, Standing.IN);
            List<Entry> entries = new ArrayList<>(List.of(entry(Entry.Kind.FIRE_OVER, load, "given up: " + words.strip())));
            if (load.row().isBurning()) {
                kilns.controller(load.kiln()).out();
                happened(load, "Given up: " + words.strip());
            }
            if (load.row().standing() == Standing.IN) {
                for (PieceFile file : load.stillIn()) {
                    fire.left(id, file.id(), now(load), Duration.ofSeconds(Math.round(soak(load).map(Soak::soaked).orElse(0.0))), false);
                    LoadPieces.step(file, load.row().treatment()).ifPresent(step -> entries.add(bench.putBack(file.id(), step.operation().key(), "the fire was given up: " + words.strip())));
                }
                kilns.controller(load.kiln()).holds(HeatBody.NOTHING);
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

    static String celsius(double celsius) {
        return Math.round(celsius) + " C";
    }
}
