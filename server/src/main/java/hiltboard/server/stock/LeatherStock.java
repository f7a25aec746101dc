package hiltboard.server.stock;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Counted;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.stock.StockRepository.LotRow;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Leather on the rack, for the bench that cuts it. */
@Service
public class LeatherStock {
    private final StockRepository stock;

    LeatherStock(StockRepository stock) {
        this.stock = stock;
    }

    /** @param thickness empty where nobody has written it down */
    public record Leather(long lot, String words, String left, Optional<Length> thickness) {}

    /** All of which something is left. */
    public List<Leather> all(Units units) {
        return stock.lots().stream()
                .filter(row -> row.lot().kind() == StockKind.LEATHER && row.amount() > 0)
                .map(row -> leather(row, units))
                .toList();
    }

    /** @throws Refusal if there is no such leather */
    public Leather known(long lot, Units units) {
        LotRow row = stock.known(lot);
        if (row.lot().kind() != StockKind.LEATHER) {
            throw Refusal.notThere(row.lot().words(units) + " is no leather.");
        }
        return leather(row, units);
    }

    private static Leather leather(LotRow row, Units units) {
        return new Leather(
                row.id(),
                row.lot().words(units),
                Counted.AREA.words(row.amount(), units),
                row.lot().length(StockField.THICKNESS));
    }
}
