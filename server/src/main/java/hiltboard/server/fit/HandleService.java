package hiltboard.server.fit;

import hiltboard.core.field.AngleWithin;
import hiltboard.core.fit.BlockVoid;
import hiltboard.core.fit.Grain;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.fit.HandleRepository.ScaleReading;
import hiltboard.server.fit.HandleRepository.ScaleRow;
import hiltboard.server.fit.HandleRepository.SpareRow;
import hiltboard.server.fit.HandleRepository.VoidRow;
import hiltboard.server.job.FollowsWork;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What is read of a handle's block and scales before they are shaped and glued. */
@Service
public class HandleService implements FollowsWork {
    private static final AngleWithin SIDE = AngleWithin.of("0", "80");
    private static final AngleWithin END = AngleWithin.of("0", "90");
    private static final AngleWithin FRONT = AngleWithin.of("0", "45");
    private static final LengthRange APART = LengthRange.of(".010", "1");
    private static final LengthRange ALONG = LengthRange.of("0", "12");
    private static final LengthRange OFF = LengthRange.of("0", "3");
    private static final LengthRange REACH = LengthRange.of(".005", "2");
    private static final LengthRange THICK = LengthRange.of("1/16", "1");
    private static final LengthRange GAP = LengthRange.of("0", "1/8");
    private static final LengthRange SPACING = LengthRange.of("1/2", "10");
    private static final LengthRange HOLE = LengthRange.of("1/16", "1/2");
    private static final LengthRange WHEEL = LengthRange.of("1/8", "36");
    private static final int LONGEST_SERIAL = 40;
    private static final int MOST_WHEELS = 40;

    private final HandleRepository handles;
    private final PieceFiles files;
    private final Changes changes;
    private final ShopClock clock;

    HandleService(HandleRepository handles, PieceFiles files, Changes changes, ShopClock clock) {
        this.handles = handles;
        this.files = files;
        this.changes = changes;
        this.clock = clock;
    }

    private static Entry entry(PieceFile file, String words) {
        return Entry.ofPiece(Entry.Kind.FITTED, file.jobId(), file.id(), file.name() + ": " + words);
    }

    private PieceFile handled(long piece) {
        PieceFile file = files.openAlive(piece);
        if (!file.specification().hasBlock() && !file.specification().hasScales()) {
            throw Refusal.notThere(file.name() + " has neither a block nor scales.");
        }
        return file;
    }

    private PieceFile scaled(long piece) {
        PieceFile file = files.openAlive(piece);
        if (!file.specification().hasScales()) {
            throw Refusal.notThere(file.name() + " has no scales.");
        }
        return file;
    }

    /**
     * As it was typed: two angles and how far the lines lie apart.
     *
     * @param isRising whether they rise towards the butt, and {@code isRight} whether they rise towards the right
     */
    public record AskedGrain(String side, boolean isRising, String end, boolean isRight, String apart) {}

    private static Angle signed(Optional<Angle> angle, boolean isPositive) {
        return new Angle(angle.orElseThrow().degrees() * (isPositive ? 1 : -1));
    }

    public Receipt grain(long piece, AskedGrain asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        Optional<Angle> side = typed.of("side", asked.side(), SIDE);
        Optional<Angle> end = typed.of("end", asked.end(), END);
        Length apart = typed.length("apart", asked.apart(), APART);
        typed.mustBeUnderstood();
        Grain grain = new Grain(signed(side, asked.isRising()), signed(end, asked.isRight()), apart);
        return changes.make(command, () -> {
            PieceFile file = handled(piece);
            handles.grain(piece, grain, person.id(), clock.nowMillis());
            return entry(file, "the grain of its handle is read");
        });
    }

    /**
     * A void as it was typed.
     *
     * @param isAbove whether it lies above the middle line, and {@code isRight} right of the knife's plane
     */
    public record AskedVoid(String behind, String off, boolean isAbove, String across, boolean isRight, String reach) {}

    public Receipt mark(long piece, AskedVoid asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        Length behind = typed.lengthOrNothing("behind", asked.behind(), ALONG);
        Length off = typed.lengthOrNothing("off", asked.off(), OFF);
        Length across = typed.lengthOrNothing("across", asked.across(), OFF);
        Length reach = typed.length("reach", asked.reach(), REACH);
        typed.mustBeUnderstood();
        BlockVoid found = new BlockVoid(
                behind, off.times(asked.isAbove() ? 1 : -1), across.times(asked.isRight() ? 1 : -1), reach);
        return changes.make(command, () -> {
            PieceFile file = handled(piece);
            handles.mark(piece, found, person.id(), clock.nowMillis());
            return entry(file, "a void in its handle is marked");
        });
    }

    Receipt strikeVoid(long id, Command command) {
        return changes.make(command, () -> {
            VoidRow row = handles.found(id);
            PieceFile file = files.openAlive(row.piece());
            handles.strikeVoid(id, clock.nowMillis());
            return entry(file, "a void in its handle is not there after all");
        });
    }

    /** Readings of both scales as they were typed, by what is read and the side; what is empty was not read. */
    public record AskedScales(Map<String, String> entries) {}

    public Receipt scales(long piece, AskedScales asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        List<ScaleRow> rows = new ArrayList<>();
        for (ScaleReading what : ScaleReading.values()) {
            for (String side : List.of("LEFT", "RIGHT")) {
                String field = what + "_" + side;
                String typedIn = asked.entries().getOrDefault(field, "");
                if (!typedIn.isBlank()) {
                    amount(typed, what, field, typedIn)
                            .ifPresent(amount -> rows.add(new ScaleRow(what, side, amount, person.name())));
                }
            }
        }
        typed.mustBeUnderstood();
        if (rows.isEmpty()) {
            throw Refusal.entry("THICKNESS_LEFT", "", "Nothing was read", "a reading of one scale at least");
        }
        return changes.make(command, () -> {
            PieceFile file = scaled(piece);
            rows.forEach(row -> handles.scale(piece, row, person.id(), clock.nowMillis()));
            return entry(file, "its scales are measured");
        });
    }

    private static Optional<String> amount(Typed typed, ScaleReading what, String field, String entry) {
        return switch (what) {
            case THICKNESS -> typed.maybeLength(field, entry, THICK).map(length -> String.valueOf(length.nanometres()));
            case GAP ->
                Optional.of(
                        String.valueOf(typed.lengthOrNothing(field, entry, GAP).nanometres()));
            case FRONT -> typed.of(field, entry, FRONT).map(angle -> String.valueOf(angle.degrees()));
        };
    }

    /** A spare pair as it was typed. */
    public record AskedPair(String serial, String spacing, String hole) {}

    public Receipt spare(long piece, AskedPair asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        String serial = typed.name("serial", asked.serial(), LONGEST_SERIAL);
        Length spacing = typed.length("spacing", asked.spacing(), SPACING);
        Length hole = typed.length("hole", asked.hole(), HOLE);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            PieceFile file = scaled(piece);
            handles.spare(
                    piece,
                    new SpareRow(0, piece, serial, spacing, hole, person.name()),
                    person.id(),
                    clock.nowMillis());
            return entry(file, "spare scales " + serial + " are measured");
        });
    }

    Receipt strikeSpare(long id, Command command) {
        return changes.make(command, () -> {
            SpareRow row = handles.spare(id);
            PieceFile file = files.openAlive(row.piece());
            handles.strikeSpare(id, clock.nowMillis());
            return entry(file, "spare scales " + row.serial() + " are struck out");
        });
    }

    /** Diameters with commas between them, as they were typed. */
    public record AskedWheels(String sizes) {}

    public Receipt wheels(AskedWheels asked, Person person, Command command) {
        List<Length> sizes = read(asked.sizes(), person.units());
        return changes.make(command, () -> {
            handles.wheels(sizes, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.SHOP_SETTING_CHOSEN, "The shop's wheels and tubes are written down", 0);
        });
    }

    private static List<Length> read(String sizes, Units units) {
        List<Length> read = new ArrayList<>();
        for (String each : sizes.split("[;,]\\s+|;")) {
            Understood<Length> size = ShopNotation.length(each, units);
            Length length = size instanceof Understood.Value<Length> value ? value.value() : Length.ZERO;
            if (!WHEEL.holds(length) || read.size() == MOST_WHEELS) {
                throw Refusal.entry(
                        "sizes",
                        sizes,
                        "“" + each.strip() + "” is no diameter of a wheel or tube",
                        "diameters with a semicolon between them, such as 1/2; 7/8; 2; 10, up to " + MOST_WHEELS);
            }
            read.add(length);
        }
        return read;
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.BLOCK) || anew.has(Fresh.SCALES)) {
            handles.strikePart(piece, atMillis);
        }
    }
}
