package hiltboard.server.stock;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Counted;
import hiltboard.core.stock.Lot;
import hiltboard.core.stock.LotForm;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockField.Of;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.Refusal.Both;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.job.Photograph;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.material.Steels;
import hiltboard.server.money.ShopCurrency;
import hiltboard.server.stock.StockRepository.Claim;
import hiltboard.server.stock.StockRepository.LotRow;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Whatever changes the rack: something comes, is taken, counted, found broken, described. */
@Service
public class StockService {
    private static final int MOST_LOTS = 100;
    /** What a maker's calliper tells from what was ordered. */
    private static final Length TOLERANCE = Length.ofInches("0.005");

    private static final Set<String> FILES = Set.of("PHOTO", "MILL_SHEET", "PAPERS");

    private final StockRepository stock;
    private final Changes changes;
    private final ShopClock clock;
    private final ShopCurrency currency;
    private final Steels steels;

    StockService(StockRepository stock, Changes changes, ShopClock clock, ShopCurrency currency, Steels steels) {
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
        this.currency = currency;
        this.steels = steels;
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
    public record NewLot(
            String kind,
            Map<String, String> entries,
            String amount,
            String pieces,
            String orderedThickness,
            String claimed,
            String claim,
            boolean isSure) {}

    /** What was understood of a lot that is to be kept. */
    record ReadLot(Lot lot, long amount, int pieces, long claimed) {}

    /** The receipt is about the first lot. */
    public Receipt receive(NewLot given, Person person, Command command) {
        ReadLot read = read(given, person.units());
        orderedThicknessMustFit(given, read.lot(), person.units());
        return changes.makeAll(command, () -> {
            List<Long> lots = keep(read, given.claim().strip(), person);
            String words = read.lot().words(person.units());
            List<Entry> entries = new ArrayList<>(List.of(Entry.ofShop(
                    Entry.Kind.STOCK_RECEIVED, words + ": " + count(read, person.units()) + " received", lots.get(0))));
            if (read.claimed() > 0) {
                entries.add(Entry.ofShop(
                        Entry.Kind.STOCK_CLAIMED,
                        words + ": claimed, " + given.claim().strip(),
                        lots.get(0)));
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
            stock.supply(
                    item, stock.item(item).orElseThrow().lot().only(Of.SUPPLY).with(supply));
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

    /** What is asked of a kind of stock, before anybody has answered. */
    LotForm form(StockKind kind) {
        return LotForm.empty(kind, currency.get(), steels.library());
    }

    /** @throws Refusal with everything that was not understood */
    ReadLot read(NewLot given, Units units) {
        StockKind kind = kind(given.kind());
        LotForm.Read read = form(kind).read(given.entries(), units);
        Typed typed = new Typed(units);
        typed.findAll(read.findings());
        long amount = typed.amount("amount", given.amount(), kind.counted(), Long.MAX_VALUE);
        int count = kind.isSawn() ? (int) typed.amount("pieces", given.pieces(), Counted.PIECES, MOST_LOTS) : 1;
        long claimed = given.claimed().isBlank()
                ? 0
                : typed.amount(
                        "claimed", given.claimed(), kind.isSawn() ? Counted.PIECES : kind.counted(), Long.MAX_VALUE);
        if (claimed > 0 && (given.claim().isBlank() || given.claim().length() > Typed.LONGEST_WORDS)) {
            typed.find(
                    "claim",
                    given.claim(),
                    "What is wrong is not said",
                    "what is missing or damaged, up to " + Typed.LONGEST_WORDS + " letters");
        }
        typed.mustBeUnderstood();
        return new ReadLot(read.lot(), amount, count, claimed);
    }

    static StockKind kind(String name) {
        return StockKind.named(name)
                .orElseThrow(() -> Refusal.entry(
                        "kind",
                        name,
                        "No such thing is kept on the rack",
                        String.join(
                                "; ",
                                Arrays.stream(StockKind.values())
                                        .map(StockKind::words)
                                        .toList())));
    }

    private static void orderedThicknessMustFit(NewLot given, Lot lot, Units units) {
        Optional<Length> measured = lot.length(StockField.THICKNESS);
        if (given.orderedThickness().isBlank() || measured.isEmpty() || given.isSure()) {
            return;
        }
        Typed typed = new Typed(units);
        Length ordered = typed.length("orderedThickness", given.orderedThickness(), LengthRange.of("1/64", "8"));
        typed.mustBeUnderstood();
        Length off = measured.get().minus(ordered);
        if (off.absolute().compareTo(TOLERANCE) > 0) {
            throw Refusal.question("Ordered " + ordered.in(units) + ", measured "
                    + measured.get().in(units) + ": " + off.absolute().in(units)
                    + (off.isPositive() ? " thicker" : " thinner") + ". Take it as measured, or send it back?");
        }
    }

    /**
     * Writes down anew what belongs to the lot itself: where it lies, its condition, whose it is.
     *
     * @param before what the page saw; what somebody else changed since is shown to both
     */
    public Receipt describe(
            long id, Map<String, String> entries, Map<String, String> before, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = stock.known(id);
            stock.describe(
                    id,
                    merged(row.lot(), Of.LOT, entries, before, person.units()).only(Of.LOT));
            return entry(Entry.Kind.STOCK_DESCRIBED, row, person, "written down anew");
        });
    }

    /** From whom an item is bought, how long that takes, and when. @param before as in {@link #describe} */
    public Receipt supply(
            long item, Map<String, String> entries, Map<String, String> before, Person person, Command command) {
        return changes.make(command, () -> {
            Lot known = stock.item(item)
                    .orElseThrow(() -> Refusal.notThere("Nothing of that kind was ever on the rack."))
                    .lot();
            stock.supply(
                    item,
                    merged(known, Of.SUPPLY, entries, before, person.units()).only(Of.SUPPLY));
            return Entry.ofShop(
                    Entry.Kind.SUPPLY_CHOSEN,
                    known.words(person.units()) + ": how it is bought was written down",
                    item);
        });
    }

    /** What is known, with the answers that were changed on top of it. */
    private Lot merged(Lot known, Of what, Map<String, String> entries, Map<String, String> before, Units units) {
        List<Both> both = new ArrayList<>();
        Map<String, String> all = new HashMap<>();
        // An item on its own has no answers of a lot: the usual ones stand in for them.
        LotForm form = form(known.kind());
        StockField.of(known.kind())
                .forEach(field -> all.put(
                        field.key(),
                        field.of() == Of.LOT && what != Of.LOT ? field.usual(form, units) : known.exactly(field)));
        for (StockField field : StockField.of(known.kind(), what)) {
            String current = known.entry(field, units);
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
        LotForm.Read read = form.read(all, units);
        if (!read.findings().isEmpty()) {
            throw Refusal.entries(read.findings());
        }
        return read.lot();
    }

    /** Takes something for no need of a piece that is known: a belt, a drill, what was spilt. */
    public Receipt take(long id, String amount, String words, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = stock.known(id);
            Counted counted = row.lot().kind().counted();
            long taken = row.lot().kind().isKept() && amount.isBlank()
                    ? 0
                    : positive("amount", amount, counted, person.units());
            if (taken > row.free()) {
                throw tooLittle(row, taken, person.units());
            }
            stock.move(
                    id,
                    -taken,
                    taken == 0 ? "USED" : "TAKEN",
                    Optional.empty(),
                    "",
                    Typed.words(words),
                    person.id(),
                    clock.nowMillis());
            return entry(
                    Entry.Kind.STOCK_TAKEN,
                    row,
                    person,
                    taken == 0 ? "used" : counted.words(taken, person.units()) + " taken");
        });
    }

    /** What was counted or measured on the rack; never less than what is promised. */
    public Receipt count(long id, String amount, String words, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = stock.known(id);
            Counted counted = row.lot().kind().counted();
            Typed typed = new Typed(person.units());
            long there = typed.count("amount", amount, counted);
            typed.mustBeUnderstood();
            if (there < row.promised()) {
                throw Refusal.entry(
                        "amount",
                        amount,
                        counted.words(row.promised(), person.units()) + " of it are promised",
                        "at least that; release a promise first");
            }
            stock.move(
                    id,
                    there - row.amount(),
                    "COUNTED",
                    Optional.empty(),
                    "",
                    Typed.words(words),
                    person.id(),
                    clock.nowMillis());
            return entry(
                    Entry.Kind.STOCK_COUNTED,
                    row,
                    person,
                    "counted, " + counted.words(there, person.units()) + " there");
        });
    }

    /** Something of it is broken or wrong: it leaves the rack, and the supplier owes it. */
    public Receipt claim(long id, String amount, String words, Person person, Command command) {
        return changes.make(command, () -> {
            LotRow row = stock.known(id);
            long broken = positive("amount", amount, row.lot().kind().counted(), person.units());
            if (broken > row.free()) {
                throw tooLittle(row, broken, person.units());
            }
            if (words.isBlank()) {
                throw Refusal.entry(
                        "words",
                        words,
                        "What is wrong is not said",
                        "what is missing or damaged, up to " + Typed.LONGEST_WORDS + " letters");
            }
            stock.move(
                    id, -broken, "CLAIMED", Optional.empty(), "", Typed.words(words), person.id(), clock.nowMillis());
            stock.claim(id, broken, Typed.words(words), person.id(), clock.nowMillis());
            return entry(Entry.Kind.STOCK_CLAIMED, row, person, "claimed, " + words.strip());
        });
    }

    /** What came of a claim. */
    public Receipt settle(long claim, String words, Person person, Command command) {
        return changes.make(command, () -> {
            Claim open = stock.claims().stream()
                    .filter(each -> each.id() == claim)
                    .findFirst()
                    .orElseThrow(() -> Refusal.notThere("There is no such claim."));
            if (!open.settled().isEmpty()) {
                throw Refusal.outOfTurn("This claim is settled already: " + open.settled() + ".");
            }
            if (words.isBlank()) {
                throw Refusal.entry(
                        "words", words, "What came of it is not said", "for example: replaced, or refunded");
            }
            stock.settle(claim, Typed.words(words), clock.nowMillis());
            return entry(Entry.Kind.STOCK_CLAIMED, stock.known(open.lot()), person, "claim settled, " + words.strip());
        });
    }

    /** A photograph, a mill sheet or papers of a lot. */
    public Receipt attach(long id, String what, String fileName, byte[] original, Person person, Command command) {
        if (!FILES.contains(what)) {
            throw Refusal.entry("what", what, "It is not said what this shows", String.join(", ", FILES));
        }
        Photograph photo = Photograph.ofPaper(original);
        return changes.make(command, () -> {
            LotRow row = stock.known(id);
            stock.keep(id, what, fileName, photo, person.id(), clock.nowMillis());
            return entry(Entry.Kind.STOCK_DESCRIBED, row, person, "picture added");
        });
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
        String promised =
                row.promised() == 0 ? "" : "; " + counted.words(row.promised(), units) + " of it are promised";
        return Refusal.entry(
                "amount",
                counted.words(wanted, units),
                "There is not so much that is free",
                "up to " + counted.words(row.free(), units) + promised);
    }
}
