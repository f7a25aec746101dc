package hiltboard.server.fire;

import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.Programme;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.fire.FireRepository.InLoad;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.FireRepository.Standing;
import hiltboard.server.fire.LoadFiles.Opened;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Loads before the fire: pieces put together, what must be ready, who stands where. */
@Service
public class LoadPlanning {
    /** Where somebody stands when the work comes out. */
    public enum Place {
        DOOR,
        QUENCH
    }

    private final FireRepository fire;
    private final LoadFiles loads;
    private final PieceFiles files;
    private final AccessService access;
    private final Changes changes;
    private final ShopClock clock;

    LoadPlanning(
            FireRepository fire,
            LoadFiles loads,
            PieceFiles files,
            AccessService access,
            Changes changes,
            ShopClock clock) {
        this.fire = fire;
        this.loads = loads;
        this.files = files;
        this.access = access;
        this.changes = changes;
        this.clock = clock;
    }

    /** Plans a load of nothing yet. */
    public Receipt plan(long kiln, String treatment, Person person, Command command) {
        Treatment what = Treatment.named(treatment)
                .orElseThrow(() -> Refusal.entry(
                        "treatment", treatment, "What the fire is for is not said", "one of the choices"));
        return changes.make(command, () -> {
            KilnRow row = fire.kiln(kiln);
            long id = fire.plan(kiln, what, Kiln.SHOP, Duration.ZERO, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.FIRE_PLANNED, what.words() + " in " + row.name() + ": planned", id);
        });
    }

    /** Puts a piece into the next slot. @throws Refusal with every reason why it cannot join */
    public Receipt join(long id, long piece, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = loads.open(id, Standing.PLANNED);
            PieceFile file = files.openAlive(piece);
            fire.openLoads().stream()
                    .filter(other -> other.id() != id
                            && other.treatment() == load.row().treatment()
                            && fire.pieces(List.of(other.id())).stream().anyMatch(each -> each.piece() == piece))
                    .findFirst()
                    .ifPresent(other -> {
                        throw Refusal.outOfTurn(file.name() + " is in another load of this kind already.");
                    });
            List<String> reasons =
                    load.load().whyNot(LoadPieces.of(file, load.row().treatment()), person.units());
            if (!reasons.isEmpty()) {
                throw Refusal.outOfTurn(file.name() + " cannot join. " + String.join(" ", reasons));
            }
            List<Long> pieces =
                    new ArrayList<>(load.in().stream().map(InLoad::piece).toList());
            pieces.add(piece);
            return filled(load, pieces, file.name() + " takes slot " + pieces.size(), person);
        });
    }

    public Receipt leave(long id, long piece, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = loads.open(id, Standing.PLANNED);
            String name = load.file(load.record(piece).piece()).name();
            return filled(
                    load,
                    load.in().stream()
                            .map(InLoad::piece)
                            .filter(each -> each != piece)
                            .toList(),
                    name + " is taken out of it",
                    person);
        });
    }

    private Entry filled(Opened load, List<Long> pieces, String words, Person person) {
        fire.fill(load.row().id(), pieces);
        if (pieces.isEmpty()) {
            fire.agreed(load.row().id(), Kiln.SHOP, Duration.ZERO);
        } else {
            Programme programme = loads.open(load.row().id()).load().programme(person.units());
            fire.agreed(load.row().id(), programme.heat(), programme.soak());
        }
        return load.entry(Entry.Kind.FIRE_CHANGED, words);
    }

    /** What must lie ready for a load. */
    public List<String> readyLines(long id, Units units) {
        return loads.open(id).load().programme(units).ready();
    }

    public Receipt ready(long id, String line, boolean isReady, Person person, Command command) {
        return changes.make(command, () -> {
            Opened load = loads.open(id, Standing.PLANNED, Standing.LIT);
            if (load.pieces().isEmpty()
                    || !load.load().programme(person.units()).ready().contains(line)) {
                throw Refusal.notThere("“" + line + "” is not on the list.");
            }
            List<String> lines = new ArrayList<>(load.row().ready());
            lines.remove(line);
            if (isReady) {
                lines.add(line);
            }
            fire.ready(id, lines);
            return load.entry(Entry.Kind.FIRE_CHANGED, line + (isReady ? ": ready" : ": not ready"));
        });
    }

    /**
     * Who works the door, or who quenches: each is said by itself, since two people may say it at once. Nobody is zero.
     */
    public Receipt hand(long id, Place at, long who, Person person, Command command) {
        Optional<Long> known = access.people().stream()
                .map(Person::id)
                .filter(each -> each == who)
                .findFirst();
        return changes.make(command, () -> {
            Opened load = loads.open(id, Standing.PLANNED, Standing.LIT, Standing.IN);
            fire.hand(id, at, known);
            LoadRow row = fire.load(id);
            return load.entry(
                    Entry.Kind.FIRE_CHANGED,
                    (row.doorName().isEmpty() ? "nobody" : row.doorName()) + " at the door, "
                            + (row.quenchName().isEmpty() ? "nobody" : row.quenchName()) + " at the quench");
        });
    }
}
