package hiltboard.server.stock;

import hiltboard.core.measure.Units;
import hiltboard.core.stock.StockField;
import hiltboard.server.find.Findable;
import hiltboard.server.stock.StockRepository.LotRow;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What lies on the racks is found by all that was written down of it. */
@Component
class FindableLots implements Findable {
    private final StockRepository stock;

    FindableLots(StockRepository stock) {
        this.stock = stock;
    }

    @Override
    public Kind kind() {
        return Kind.LOT;
    }

    @Override
    public List<Sheet> sheets(Collection<Long> ids) {
        return stock.lots(ids).stream().map(FindableLots::sheet).toList();
    }

    private static Sheet sheet(LotRow row) {
        Units any = Units.INCH_FAHRENHEIT;
        return new Sheet(
                row.id(),
                row.lot().words(any),
                row.lot().value(StockField.PLACE).orElse(row.lot().kind().words()),
                "/stock/lots/" + row.id(),
                row.amount() == 0,
                "lot " + row.id() + "\n"
                        + row.lot().values().keySet().stream()
                                .sorted()
                                .map(field -> row.lot().words(field, any))
                                .collect(Collectors.joining("\n")));
    }
}
