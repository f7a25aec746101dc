package hiltboard.server.machine;

import hiltboard.core.exchange.Template;
import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.HoleCheck;
import hiltboard.core.machine.HoleRead;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.chain.HoleRepository;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.machine.CutterRepository.CutRow;
import hiltboard.server.stock.CutterStock;
import hiltboard.server.stock.CutterStock.Cutter;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What is written down at drill press and mill. */
@Service
public class MachiningService {
    private static final LengthRange PLACES = LengthRange.of("-40", "40");
    private static final LengthRange SIZES = LengthRange.of("1/64", "3");
    private static final LengthRange CUTS = LengthRange.of("1/16", "2000");

    private final CutterRepository cutters;
    private final HoleRepository holes;
    private final PieceFiles files;
    private final CutterStock stock;
    private final Changes changes;
    private final ShopClock clock;

    MachiningService(
            CutterRepository cutters,
            HoleRepository holes,
            PieceFiles files,
            CutterStock stock,
            Changes changes,
            ShopClock clock) {
        this.cutters = cutters;
        this.holes = holes;
        this.files = files;
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    /** A hole as it was measured. @param size may be empty where only its place was */
    public record AskedHole(String part, int hole, String x, String y, String size) {}

    public Receipt measured(long piece, AskedHole asked, Person person, Command command) {
        HoleRead read = read(asked, person.units());
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Template part = MachinedPart.of(file).stream()
                    .map(MachinedPart::template)
                    .filter(each -> each.name().equals(asked.part())
                            && asked.hole() >= 1
                            && asked.hole() <= each.holes().size())
                    .findFirst()
                    .orElseThrow(() -> Refusal.notThere(file.name() + " has no such hole; look at the page again."));
            holes.take(piece, read, person.id(), clock.nowMillis());
            boolean isOff = new HoleCheck(part.holes()).of(read, person.units()).isOut();
            return Entry.ofPiece(
                    Entry.Kind.HOLE_MEASURED,
                    file.jobId(),
                    piece,
                    file.name() + ": " + part.name() + ", hole " + asked.hole() + (isOff ? " is off" : " measured"));
        });
    }

    private static HoleRead read(AskedHole asked, Units units) {
        Typed typed = new Typed(units);
        Length x = typed.length("x", asked.x(), PLACES);
        Length y = typed.length("y", asked.y(), PLACES);
        Optional<Length> size = typed.maybeLength("size", asked.size(), SIZES);
        typed.mustBeUnderstood();
        return new HoleRead(asked.part(), asked.hole(), x, y, size);
    }

    /** What a cutter has cut, as it was typed. */
    public record AskedCut(String material, String workpiece, String length) {}

    public Receipt cut(long lot, AskedCut asked, Person person, Command command) {
        CutterMaterial material = Typed.choice(
                CutterMaterial.class,
                "material",
                asked.material(),
                "What the cutter is of is not said",
                "one of the choices");
        Workpiece workpiece = Typed.choice(
                Workpiece.class, "workpiece", asked.workpiece(), "What it cut is not said", "one of the choices");
        Length length = length(asked.length(), person.units());
        if (workpiece.speed(material).isEmpty()) {
            throw Refusal.entry("material", asked.material(), "Such a cutter does not cut that", "carbide");
        }
        return changes.make(command, () -> {
            Cutter cutter = stock.known(lot, person.units());
            cutters.cut(new CutRow(lot, material, workpiece, length), person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.CUTTER_USED,
                    cutter.words() + ": " + length.brieflyIn(person.units()) + " cut in "
                            + workpiece.words().toLowerCase(Locale.ROOT),
                    lot);
        });
    }

    private static Length length(String entry, Units units) {
        Typed typed = new Typed(units);
        Length length = typed.length("length", entry, CUTS);
        typed.mustBeUnderstood();
        return length;
    }

    /** A fresh cutter of the lot is put in: its life begins anew. */
    Receipt fresh(long lot, Person person, Command command) {
        return changes.make(command, () -> {
            Cutter cutter = stock.known(lot, person.units());
            cutters.cut(
                    new CutRow(lot, CutterMaterial.CARBIDE, Workpiece.CARBON_ANNEALED, Length.ZERO),
                    person.id(),
                    clock.nowMillis());
            return Entry.ofShop(Entry.Kind.CUTTER_USED, cutter.words() + ": a fresh one put in", lot);
        });
    }
}
