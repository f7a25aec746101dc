package hiltboard.server.stock;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Counted;
import hiltboard.core.stock.Lot;
import hiltboard.core.stock.SawnBlock;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockField.Of;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.StockRepository.LotRow;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Blocks that are sawn into scales. */
@Service
class SawingService {
    private static final LengthRange SIZES = LengthRange.of("1/32", "60");
    private static final LengthRange KERFS = LengthRange.of(".005", "1/2");
    private final StockRepository stock;
    private final Changes changes;
    private final ShopClock clock;

    SawingService(StockRepository stock, Changes changes, ShopClock clock) {
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    /** A scale as it was asked for, in shop notation. */
    public record AskedScale(String thickness, String width, String length, String kerf) {}

    /** What one block of a lot yields. @throws Refusal if it is no block, or the sizes are not understood */
    SawnBlock.Yield sawn(long id, AskedScale asked, Units units) {
        Sawing sawing = sawing(asked, units);
        return sawn(stock.known(id), sawing, units);
    }

    /** How a block is to be sawn, understood. */
    private record Sawing(SawnBlock.Scale scale, Length kerf) {}

    private static SawnBlock.Yield sawn(LotRow row, Sawing sawing, Units units) {
        if (row.lot().kind() != StockKind.BLOCK) {
            throw Refusal.outOfTurn("Only a block or a plank is sawn into scales.");
        }
        return new SawnBlock(
                        row.lot().thickness().orElseThrow(),
                        row.lot().length(StockField.WIDTH).orElseThrow(),
                        row.lot().length(StockField.LENGTH_EACH).orElseThrow(),
                        sawing.kerf())
                .into(sawing.scale(), units);
    }

    private static Sawing sawing(AskedScale asked, Units units) {
        Typed typed = new Typed(units);
        Length thickness = typed.length("thickness", asked.thickness(), SIZES);
        Length width = typed.length("width", asked.width(), SIZES);
        Length length = typed.length("length", asked.length(), SIZES);
        Length kerf = typed.length("kerf", asked.kerf(), KERFS);
        typed.mustBeUnderstood();
        return new Sawing(new SawnBlock.Scale(thickness, width, length), kerf);
    }

    /**
     * One block is sawn: it leaves the rack, and its pairs of scales lie there, as much the client's or the shop's as
     * it was.
     */
    public Receipt saw(long id, AskedScale asked, Person person, Command command) {
        Sawing sawing = sawing(asked, person.units());
        return changes.make(command, () -> {
            LotRow row = stock.known(id);
            int pairs = sawn(row, sawing, person.units()).pairs();
            if (pairs == 0) {
                throw Refusal.outOfTurn("Not one pair of that size comes out of it.");
            }
            if (row.free() < 1) {
                throw Refusal.outOfTurn("All that is left of it is promised.");
            }
            stock.move(
                    id,
                    -1,
                    "CUT",
                    Optional.empty(),
                    "",
                    "sawn into " + pairs + (pairs == 1 ? " pair" : " pairs") + " of scales",
                    person.id(),
                    clock.nowMillis());
            long scales = stock.keep(stock.item(scalesOf(row.lot(), sawing.scale())), ownOf(row.lot(), pairs));
            stock.move(
                    scales,
                    pairs,
                    "RECEIVED",
                    Optional.empty(),
                    "",
                    "sawn from " + row.lot().words(person.units()),
                    person.id(),
                    clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.STOCK_RECEIVED,
                    row.lot().words(person.units()) + ": sawn, " + Counted.PAIRS.words(pairs, person.units())
                            + " of scales",
                    scales);
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
        block.cost()
                .ifPresent(paid -> own.put(StockField.COST, paid.sharedBy(pairs).kept()));
        return new Lot(StockKind.SCALES, own);
    }
}
