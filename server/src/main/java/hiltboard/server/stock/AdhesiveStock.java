package hiltboard.server.stock;

import hiltboard.core.measure.Units;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.stock.StockRepository.LotRow;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Adhesives on the rack, for the bench that mixes them. */
@Service
public class AdhesiveStock {
    private final StockRepository stock;

    AdhesiveStock(StockRepository stock) {
        this.stock = stock;
    }

    /** @param openedOn and {@code useBy} empty where nobody has written it down */
    public record Tin(long lot, String words, Optional<LocalDate> openedOn, Optional<LocalDate> useBy) {}

    /** All of which something is left. */
    public List<Tin> all(Units units) {
        return stock.lots().stream()
                .filter(row -> row.lot().kind() == StockKind.ADHESIVE && row.free() > 0)
                .map(row -> tin(row, units))
                .toList();
    }

    /** @throws Refusal if there is no such adhesive */
    public Tin known(long lot, Units units) {
        LotRow row = stock.known(lot);
        if (row.lot().kind() != StockKind.ADHESIVE) {
            throw Refusal.notThere(row.lot().words(units) + " is no adhesive.");
        }
        return tin(row, units);
    }

    private static Tin tin(LotRow row, Units units) {
        return new Tin(
                row.id(),
                row.lot().words(units),
                row.lot().day(StockField.OPENED_ON),
                row.lot().day(StockField.USE_BY));
    }
}
