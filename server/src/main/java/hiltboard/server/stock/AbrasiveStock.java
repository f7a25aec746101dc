package hiltboard.server.stock;

import hiltboard.core.grind.Grading;
import hiltboard.core.grind.Grit;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Entry;
import hiltboard.server.stock.StockRepository.LotRow;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Belts and papers on the rack, for the bench that uses them up. */
@Service
public class AbrasiveStock {
    private final StockRepository stock;
    private final ShopClock clock;

    AbrasiveStock(StockRepository stock, ShopClock clock) {
        this.stock = stock;
        this.clock = clock;
    }

    /** @param left how many are free to take, in words */
    public record Belts(
            long lot, String words, Optional<Grit> grit, boolean isForStainless, boolean isWorn, String left) {}

    /** All of which something is free. */
    public List<Belts> all(Units units) {
        return stock.lots().stream()
                .filter(row -> row.lot().kind() == StockKind.ABRASIVE && row.free() > 0)
                .map(row -> belts(row, units))
                .toList();
    }

    private static Belts belts(LotRow row, Units units) {
        return new Belts(
                row.id(),
                row.lot().words(units),
                row.lot().number(StockField.GRIT).flatMap(number -> Grit.of(Grading.P, number.intValue())),
                row.lot().is(StockField.WEAR, "STAINLESS_ONLY"),
                row.lot().is(StockField.WEAR, "WORN"),
                row.lot().kind().counted().words(row.free(), units));
    }

    /** One of the lot, as its words stand on the rack. @throws Refusal if there is no such lot of abrasives */
    public Belts known(long lot, Units units) {
        LotRow row = stock.known(lot);
        if (row.lot().kind() != StockKind.ABRASIVE) {
            throw Refusal.notThere(row.lot().words(units) + " is no belt and no paper.");
        }
        return belts(row, units);
    }

    /** Takes a new one from the rack; belongs into a change of the caller. @throws Refusal if none is free */
    public Entry takeOne(long lot, String forWhat, Person person) {
        LotRow row = stock.known(lot);
        String words = row.lot().words(person.units());
        if (row.free() < 1) {
            throw Refusal.outOfTurn("No " + words + " is free on the rack any more.");
        }
        stock.move(lot, -1, "TAKEN", Optional.empty(), "", forWhat, person.id(), clock.nowMillis());
        return Entry.ofShop(Entry.Kind.STOCK_TAKEN, words + ": 1 taken for " + forWhat, lot);
    }
}
