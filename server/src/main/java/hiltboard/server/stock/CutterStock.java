package hiltboard.server.stock;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Lot;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.stock.StockRepository.LotRow;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;

/** Drills and cutters on the rack, for the bench that wears them. */
@Service
public class CutterStock {
    private final StockRepository stock;

    CutterStock(StockRepository stock) {
        this.stock = stock;
    }

    /** @param left how many lie there, in words; {@code pieces} as a number */
    public record Cutter(long lot, String words, Optional<Length> diameter, String left, long pieces) {}

    /** All of which something is there. */
    public List<Cutter> all(Units units) {
        return those(lot -> true, units);
    }

    /** Those with which a slot is milled. */
    public List<Cutter> endMills(Units units) {
        return those(lot -> lot.is(StockField.WHAT, "END_MILL"), units);
    }

    private List<Cutter> those(Predicate<Lot> asked, Units units) {
        return stock.lots().stream()
                .filter(row -> row.lot().kind() == StockKind.CUTTER && asked.test(row.lot()))
                .map(row -> cutter(row, units))
                .toList();
    }

    /** @throws Refusal if there is no such lot of cutters */
    public Cutter known(long lot, Units units) {
        LotRow row = stock.known(lot);
        if (row.lot().kind() != StockKind.CUTTER) {
            throw Refusal.notThere(row.lot().words(units) + " is no cutter.");
        }
        return cutter(row, units);
    }

    private static Cutter cutter(LotRow row, Units units) {
        return new Cutter(
                row.id(),
                row.lot().words(units),
                row.lot().length(StockField.DIAMETER),
                row.lot().kind().counted().words(row.amount(), units),
                row.amount());
    }
}
