package hiltboard.server.stock;

import hiltboard.core.design.Option;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Operation;
import hiltboard.core.stock.Counted;
import hiltboard.core.stock.Lot;
import hiltboard.core.stock.LotReader;
import hiltboard.core.stock.SawnBlock;
import hiltboard.core.stock.StockField.Of;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal.Both;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.job.Photograph;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.Rack.Choice;
import hiltboard.server.stock.Rack.Standing;
import hiltboard.server.stock.StockRepository.Claim;
import hiltboard.server.stock.StockRepository.LotRow;
import hiltboard.server.stock.StockRepository.Promise;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Whatever changes the rack: something comes, is promised, taken, counted, found broken. */
@Service
public class StockService {
    private static final int MOST_LOTS = 100;
    private static final int LONGEST_WORDS = 500;
    /** What a maker's calliper tells from what was ordered. */
    private static final Length TOLERANCE = Length.ofInches("0.005");
    private static final Set<String> FILES = Set.of("PHOTO", "MILL_SHEET", "PAPERS");

    private final StockRepository stock;
    private final Rack rack;
    private final PieceFiles pieces;
    private final Changes changes;
    private final ShopClock clock;

    StockService(StockRepository stock, Rack rack, PieceFiles pieces, Changes changes, ShopClock clock) {
        this.stock = stock;
        this.rack = rack;
        this.pieces = pieces;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * Something that came, as it was looked at on arrival; entries in shop notation.
     *
     * @param amount that is good: of each, where it is sawn to length
     * @param pieces that are good, where it is sawn to length; otherwise 1
     * @param orderedThickness empty where nothing was ordered by thickness
     * @param claimed amount or pieces that are missing or damaged; empty for none
     * @param claim what is wrong with them
     * @param isSure whether a thickness that is off was seen and is taken
     */
    public record NewLot(String kind, Map<String, String> entries, String amount, String pieces, String orderedThickness, String claimed, String claim, boolean isSure) {}

    /** What was understood of a lot that is to be kept. */
    record ReadLot(Lot lot, long amount, int pieces, long claimed) {}

    /** The receipt is about the first lot. */
    public Receipt receive(NewLot given, Person person, Command command) {
        ReadLot read = read(given, person.units());
        orderedThicknessMustFit(given, read.lot(), person.units());
        return changes.makeAll(command, () -> {
            List<Long> lots = keep(read, given.claim().strip(), person);
            String words = read.lot().words(person.units());
            List<Entry> entries = new ArrayList<>(List.of(Entry.ofShop(Entry.Kind.STOCK_RECEIVED, words + ": " + count(read, person.units()) + " received", lots.get(0))));
            if (read.claimed() > 0) {
                entries.add(Entry.ofShop(Entry.Kind.STOCK_CLAIMED, words + ": claimed, " + given.claim().strip(), lots.get(0)));
            }
            return entries;
        });
    }

    private static String count(ReadLot read, Units units) {
        String each = read.lot().kind().counted().words(read.amount(), units);
        return read.pieces() == 1 ? each : read.pieces() + " of " + each;
    }

    /** Writes down what came; belongs into a transaction of the caller. */
    List<Long> keep(ReadLot read, String claim, Person person) {
        long item = stock.item(read.lot().only(Of.ITEM));
        Lot supply = read.lot().only(Of.SUPPLY);
        if (!supply.values().isEmpty()) {
            stock.supply(item, stock.item(item).orElseThrow().lot().only(Of.SUPPLY).with(supply));
        }
        Map<StockField, String> own = new EnumMap<>(StockField.class);
        own.put(StockField.SINCE, clock.today().toString());
        own.putAll(read.lot().only(Of.LOT).values());
        List<Long> lots = new ArrayList<>();
        for (int i = 0; i < read.pieces(); i++) {
            long lot = stock.keep(item, new Lot(read.lot().kind(), own));
            stock.move(lot, read.amount(), "RECEIVED", Optional.empty(), "", "", person.id(), clock.nowMillis());
            lots.add(lot);
        }
        if (read.claimed() > 0) {
            stock.claim(lots.get(0), read.claimed(), claim, person.id(), clock.nowMillis());
        }
        return lots;
    }

    /** @throws Refusal with everything that was not understood */
    ReadLot read(NewLot given, Units units) {
        StockKind kind = kind(given.kind());
        LotReader.Read read = LotReader.read(kind, given.entries(), units);
        Typed typed = new Typed(units);
        typed.findAll(read.findings());
        long amount = typed.amount("amount", given.amount(), kind.counted(), Long.MAX_VALUE);
        int count = kind.isSawn() ? (int) typed.amount("pieces", given.pieces(), Counted.PIECES, MOST_LOTS) : 1;
        long claimed = given.claimed().isBlank() ? 0 : typed.amount("claimed", given.claimed(), kind.isSawn() ? Counted.PIECES : kind.counted(), Long.MAX_VALUE);
        if (claimed > 0 && (given.claim().isBlank() || given.claim().length() > LONGEST_WORDS)) {
            typed.find("claim", given.claim(), "What is wrong is not said", "what is missing or damaged, up to " + LONGEST_WORDS + " letters");
        }
        typed.mustBeUnderstood();
        return new ReadLot(read.lot(), amount, count, claimed);
    }

    static StockKind kind(String name) {
        return StockKind.named(name).orElseThrow(() -> Refusal.entry("kind", name, "No such thing is kept on the rack", String.join("; ", Arrays.stream(StockKind.values()).map(StockKind::words).toList())));
    }

    private static void orderedThicknessMustFit(NewLot given, Lot lot, Units units) {
        Optional<Length> measured = lot.length(StockField.THICKNESS);
        if (given.orderedThickness().isBlank() || measured.isEmpty() || given.isSure()) {
            return;
        }
        Typed typed = new Typed(units);
        Length ordered = typed.length("orderedThickness", given.orderedThickness());
        typed.mustBeUnderstood();
        Length off = measured.get().minus(ordered);
        if (off.absolute().compareTo(TOLERANCE) > 0) {
            throw Refusal.question("Ordered " + ordered.in(units) + ", measured " + measured.get().in(units) + ": " + off.absolute().in(units) + (off.isPositive() ? " thicker" : " thinner") + ". Take it as measured, or send it back?");
        }
    }

    /**
     * Writes down anew what belongs to the lot itself: where it lies, its condition, whose it is.
     *
     * @param before what the page saw; what somebody else changed since is shown to both
     */
    public Receipt describe(long id, Map<String, String> entries, Map<String, String> before, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = lot(id);
            stock.describe(id, merged(row.lot(), Of.LOT, entries, before, person.units()).only(Of.LOT));
            return entry(Entry.Kind.STOCK_DESCRIBED, row, person, "written down anew");
        });
    }

    /** From whom an item is bought, how long that takes, and when. @param before as in {@link #describe} */
    public Receipt supply(long item, Map<String, String> entries, Map<String, String> before, Person person, Command command) {
        return changes.make(command, () -> {
            Lot known = stock.item(item).orElseThrow(() -> Refusal.notThere("Nothing of that kind was ever on the rack.")).lot();
            stock.supply(item, merged(known, Of.SUPPLY, entries, before, person.units()).only(Of.SUPPLY));
            return Entry.ofShop(Entry.Kind.SUPPLY_CHOSEN, known.words(person.units()) + ": how it is bought was written down", item);
        });
    }

    /** What is known, with the answers that were changed on top of it. */
    private static Lot merged(Lot known, Of what, Map<String, String> entries, Map<String, String> before, Units units) {
        List<Both> both = new ArrayList<>();
        Map<String, String> all = new HashMap<>();
        StockField.of(known.kind()).forEach(field -> all.put(field.key(), field.of() == Of.LOT && what != Of.LOT ? usual(field, known.kind()) : known.exactly(field)));
        for (StockField field : StockField.of(known.kind(), what)) {
            String current = entry(known, field, units);
            String to = entries.getOrDefault(field.key(), "");
            String seen = before.getOrDefault(field.key(), current);
            if (!to.equals(seen)) {
                all.put(field.key(), to);
                if (!current.equals(seen) && !current.equals(to)) {
                    both.add(new Both(field.key(), field.label(), to, current, "Somebody else", current));
                }
            }
        }
        if (!both.isEmpty()) {
            throw Refusal.bothChanged(both);
        }
        LotReader.Read read = LotReader.read(known.kind(), all, units);
        if (!read.findings().isEmpty()) {
            throw Refusal.entries(read.findings());
        }
        return read.lot();
    }

    /** An answer as the reader would type it, or the choice that was made. */
    static String entry(Lot lot, StockField field, Units units) {
        return field.type() == StockField.Type.CHOICE ? lot.value(field).orElse("") : lot.words(field, units);
    }

    /** An item on its own has no answers of a lot: the usual ones stand in for them. */
    private static String usual(StockField field, StockKind kind) {
        return field.choices(kind).stream().findFirst().map(Option::value).orElse("");
    }

    /** Takes something for no need of a piece that is known: a belt, a drill, what was spilt. */
    public Receipt take(long id, String amount, String words, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = lot(id);
            Counted counted = row.lot().kind().counted();
            long taken = row.lot().kind().isKept() && amount.isBlank() ? 0 : positive("amount", amount, counted, person.units());
            if (taken > row.free()) {
                throw tooLittle(row, taken, person.units());
            }
            stock.move(id, -taken, taken == 0 ? "USED" : "TAKEN", Optional.empty(), "", words(words), person.id(), clock.nowMillis());
            return entry(Entry.Kind.STOCK_TAKEN, row, person, taken == 0 ? "used" : counted.words(taken, person.units()) + " taken");
        });
    }

    /** What was counted or measured on the rack; never less than what is promised. */
    public Receipt count(long id, String amount, String words, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = lot(id);
            Counted counted = row.lot().kind().counted();
            long there = counted.read(amount, person.units()).orElseThrow(() -> Refusal.entry("amount", amount, amount.isBlank() ? "Nothing was entered" : "“" + amount.strip() + "” was not understood", counted.accepted()));
            if (there < row.promised()) {
                throw Refusal.entry("amount", amount, counted.words(row.promised(), person.units()) + " of it are promised", "at least that; release a promise first");
            }
            stock.move(id, there - row.amount(), "COUNTED", Optional.empty(), "", words(words), person.id(), clock.nowMillis());
            return entry(Entry.Kind.STOCK_COUNTED, row, person, "counted, " + counted.words(there, person.units()) + " there");
        });
    }

    /** Something of it is broken or wrong: it leaves the rack, and the supplier owes it. */
    public Receipt claim(long id, String amount, String words, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = lot(id);
            long broken = positive("amount", amount, row.lot().kind().counted(), person.units());
            if (broken > row.free()) {
                throw tooLittle(row, broken, person.units());
            }
            if (words.isBlank()) {
                throw Refusal.entry("words", words, "What is wrong is not said", "what is missing or damaged, up to " + LONGEST_WORDS + " letters");
            }
            stock.move(id, -broken, "CLAIMED", Optional.empty(), "", words(words), person.id(), clock.nowMillis());
            stock.claim(id, broken, words(words), person.id(), clock.nowMillis());
            return entry(Entry.Kind.STOCK_CLAIMED, row, person, "claimed, " + words.strip());
        });
    }

    /** A scale as it was asked for, in shop notation. */
    public record AskedScale(String thickness, String width, String length, String kerf) {}

    /** What one block of a lot yields. @throws Refusal if it is no block, or the sizes are not understood */
    SawnBlock.Yield sawn(long id, AskedScale asked, Units units) {
        Sawing sawing = sawing(asked, units);
        return sawn(lot(id), sawing, units);
    }

    /** How a block is to be sawn, understood. */
    private record Sawing(SawnBlock.Scale scale, Length kerf) {}

    private static SawnBlock.Yield sawn(LotRow row, Sawing sawing, Units units) {
        if (row.lot().kind() != StockKind.BLOCK) {
            throw Refusal.outOfTurn("Only a block or a plank is sawn into scales.");
        }
        return new SawnBlock(row.lot().thickness().orElseThrow(), row.lot().length(StockField.WIDTH).orElseThrow(), row.lot().length(StockField.LENGTH_EACH).orElseThrow(), sawing.kerf()).into(sawing.scale(), units);
    }

    private static Sawing sawing(AskedScale asked, Units units) {
        Typed typed = new Typed(units);
        Length thickness = typed.length("thickness", asked.thickness());
        Length width = typed.length("width", asked.width());
        Length length = typed.length("length", asked.length());
        Length kerf = typed.length("kerf", asked.kerf());
        typed.mustBeUnderstood();
        return new Sawing(new SawnBlock.Scale(thickness, width, length), kerf);
    }

    /** One block is sawn: it leaves the rack, and its pairs of scales lie there, as much the client's or the shop's as it was. */
    public Receipt saw(long id, AskedScale asked, Person person, Command command) {
        Sawing sawing = sawing(asked, person.units());
        return changes.make(command, () -> {
            LotRow row = lot(id);
            int pairs = sawn(row, sawing, person.units()).pairs();
            if (pairs == 0) {
                throw Refusal.outOfTurn("Not one pair of that size comes out of it.");
            }
            if (row.free() < 1) {
                throw tooLittle(row, 1, person.units());
            }
            stock.move(id, -1, "CUT", Optional.empty(), "", "sawn into " + pairs + (pairs == 1 ? " pair" : " pairs") + " of scales", person.id(), clock.nowMillis());
            long scales = stock.keep(stock.item(scalesOf(row.lot(), sawing.scale())), ownOf(row.lot(), pairs));
            stock.move(scales, pairs, "RECEIVED", Optional.empty(), "", "sawn from " + row.lot().words(person.units()), person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.STOCK_RECEIVED, row.lot().words(person.units()) + ": sawn, " + Counted.PAIRS.words(pairs, person.units()) + " of scales", scales);
        });
    }

    private static Lot scalesOf(Lot block, SawnBlock.Scale scale) {
        Map<StockField, String> item = new EnumMap<>(StockField.class);
        block.value(StockField.WHAT).ifPresent(what -> item.put(StockField.WHAT, what));
        block.value(StockField.NAME).ifPresent(name -> item.put(StockField.NAME, name));
        item.put(StockField.THICKNESS, String.valueOf(scale.thickness().nanometres()));
        item.put(StockField.WIDTH, String.valueOf(scale.width().nanometres()));
        item.put(StockField.LENGTH_EACH, String.valueOf(scale.length().nanometres()));
        return new Lot(StockKind.SCALES, item);
    }

    /** What is true of the block is true of its scales; its cost is shared among them. */
    private static Lot ownOf(Lot block, int pairs) {
        Map<StockField, String> own = new EnumMap<>(StockField.class);
        own.putAll(block.only(Of.LOT).values());
        block.number(StockField.COST).ifPresent(cents -> own.put(StockField.COST, String.valueOf(Math.round((double) cents / pairs))));
        return new Lot(StockKind.SCALES, own);
    }

    /** What came of a claim. */
    public Receipt settle(long claim, String words, Person person, Command command) {
        return changes.make(command, () -> {
            Claim open = stock.claims().stream().filter(each -> each.id() == claim).findFirst().orElseThrow(() -> Refusal.notThere("There is no such claim."));
            if (!open.settled().isEmpty()) {
                throw Refusal.outOfTurn("This claim is settled already: " + open.settled() + ".");
            }
            if (words.isBlank()) {
                throw Refusal.entry("words", words, "What came of it is not said", "for example: replaced, or refunded");
            }
            stock.settle(claim, words(words), clock.nowMillis());
            return entry(Entry.Kind.STOCK_CLAIMED, lot(open.lot()), person, "claim settled, " + words.strip());
        });
    }

    /** Keeps back what a piece needs, from this lot. */
    public Receipt promise(long piece, String need, long lot, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = pieces.openAlive(piece);
            Standing standing = standing(file, need, person);
            standing.promise().ifPresent(there -> {
                throw Refusal.outOfTurn(there.by() + " has " + (there.isTaken() ? "taken" : "promised") + " this for " + file.name() + " already.");
            });
            LotRow row = lot(lot);
            Choice choice = standing.choices().stream().filter(each -> each.lot().id() == lot).findFirst().orElseThrow(() -> notServing(standing, row, person));
            return keepBack(file, standing, choice, person);
        });
    }

    private Refusal notServing(Standing standing, LotRow row, Person person) {
        Optional<Promise> other = stock.openPromises().stream().filter(each -> each.lot() == row.id()).reduce((earlier, later) -> later);
        String why = standing.notServing().stream().filter(each -> each.lot().id() == row.id()).findFirst().map(Rack.NotServing::why).orElse("Nothing of it is left.");
        String whose = other.map(each -> " " + each.by() + " has promised it to " + pieces.open(each.piece()).name() + ".").orElse("");
        return Refusal.outOfTurn(row.lot().words(person.units()) + ": " + why + whose);
    }

    /** Keeps back everything that a piece still needs and the rack has. */
    public Receipt promiseAll(long piece, Person person, Command command) {
        return changes.makeAll(command, () -> {
            PieceFile file = pieces.openAlive(piece);
            List<Entry> entries = new ArrayList<>();
            for (Standing need : rack.standing(file, person.units(), stock.lots())) {
                if (need.isOpen()) {
                    standing(file, need.need().key(), person).choices().stream().filter(choice -> choice.lot().lot().is(StockField.OWNER, "SHOP")).findFirst()
                            .ifPresent(choice -> entries.add(keepBack(file, need, choice, person)));
                }
            }
            if (entries.isEmpty()) {
                throw Refusal.outOfTurn("Nothing more on the rack serves " + file.name() + ".");
            }
            return entries;
        });
    }

    private Standing standing(PieceFile file, String need, Person person) {
        return rack.standing(file, person.units(), stock.lots()).stream().filter(each -> each.need().key().equals(need)).findFirst()
                .orElseThrow(() -> Refusal.notThere(file.name() + " does not need “" + need + "”."));
    }

    private Entry keepBack(PieceFile file, Standing standing, Choice choice, Person person) {
        stock.promises(List.of(file.id())).stream().filter(old -> old.need().equals(standing.need().key())).forEach(usedUp -> stock.release(usedUp.id(), clock.nowMillis()));
        stock.promise(choice.lot().id(), file.id(), standing.need().key(), choice.takes(), person.id(), clock.nowMillis());
        return Entry.ofPiece(Entry.Kind.STOCK_PROMISED, file.jobId(), file.id(), file.name() + ": " + choice.lot().lot().words(person.units()) + " is promised to it");
    }

    /** Gives back what was kept for a piece. */
    public Receipt release(long id, Person person, Command command) {
        return changes.make(command, () -> {
            Promise promise = stock.openPromise(id).orElseThrow(() -> Refusal.outOfTurn("This is not promised any more."));
            PieceFile file = pieces.open(promise.piece());
            stock.release(id, clock.nowMillis());
            return Entry.ofPiece(Entry.Kind.STOCK_RELEASED, file.jobId(), file.id(), file.name() + ": " + lot(promise.lot()).lot().words(person.units()) + " is free again");
        });
    }

    /** What is promised to a piece for this step leaves the rack with it. Belongs into the transaction that finishes the step. */
    public List<Entry> takenAt(PieceFile file, Operation operation, Person person) {
        return rack.standing(file, person.units(), stock.lots()).stream()
                .filter(each -> each.step().filter(step -> step.key().equals(operation.key())).isPresent() && each.promise().filter(promise -> !promise.isTaken()).isPresent())
                .map(each -> take(file, each.promise().orElseThrow(), operation, person)).toList();
    }

    private Entry take(PieceFile file, Promise promise, Operation operation, Person person) {
        LotRow row = lot(promise.lot());
        stock.take(promise.id(), operation.key(), clock.nowMillis());
        stock.move(row.id(), -promise.amount(), promise.amount() == 0 ? "USED" : "TAKEN", Optional.of(file.id()), operation.key(), file.name() + ", " + operation.title(), person.id(), clock.nowMillis());
        String what = promise.amount() == 0 ? "used" : row.lot().kind().counted().words(promise.amount(), person.units()) + " taken";
        return Entry.ofPiece(Entry.Kind.STOCK_TAKEN, file.jobId(), file.id(), file.name() + ": " + row.lot().words(person.units()) + ": " + what);
    }

    /** A step that was done by mistake gives back what it took: it is promised again. Belongs into the transaction that takes the step back. */
    public void giveBack(PieceFile file, Operation operation, Person person) {
        stock.promises(List.of(file.id())).stream().filter(promise -> promise.takenByStep().equals(operation.key())).forEach(promise -> {
            stock.move(promise.lot(), promise.amount(), "RETURNED", Optional.of(file.id()), operation.key(), file.name() + ", " + operation.title() + " was not done after all", person.id(), clock.nowMillis());
            stock.untake(promise.id());
        });
    }

    /** A photograph, a mill sheet or papers of a lot. */
    public Receipt attach(long id, String what, String fileName, byte[] original, Person person, Command command) {
        if (!FILES.contains(what)) {
            throw Refusal.entry("what", what, "It is not said what this shows", String.join(", ", FILES));
        }
        Photograph photo = Photograph.of(original);
        return changes.make(command, () -> {
            LotRow row = lot(id);
            stock.keep(id, what, fileName, photo, person.id(), clock.nowMillis());
            return entry(Entry.Kind.STOCK_DESCRIBED, row, person, "picture added");
        });
    }

    private LotRow lot(long id) {
        return stock.lot(id).orElseThrow(() -> Refusal.notThere("There is nothing with number " + id + " on the rack."));
    }

    private static Entry entry(Entry.Kind kind, LotRow row, Person person, String what) {
        return Entry.ofShop(kind, row.lot().words(person.units()) + ": " + what, row.id());
    }

    private static long positive(String field, String entry, Counted counted, Units units) {
        Typed typed = new Typed(units);
        long amount = typed.amount(field, entry, counted, Long.MAX_VALUE);
        typed.mustBeUnderstood();
        return amount;
    }

    private Refusal tooLittle(LotRow row, long wanted, Units units) {
        Counted counted = row.lot().kind().counted();
        String promised = row.promised() == 0 ? "" : "; " + counted.words(row.promised(), units) + " of it are promised";
        return Refusal.entry("amount", counted.words(wanted, units), "There is not so much that is free", "up to " + counted.words(row.free(), units) + promised);
    }

    private static String words(String words) {
        if (words.length() > LONGEST_WORDS) {
            throw Refusal.entry("words", "", "This is too long", "up to " + LONGEST_WORDS + " letters");
        }
        return words.strip();
    }
}
