package hiltboard.server.stock;

import hiltboard.core.forge.BarToCut;
import hiltboard.core.forge.Billet;
import hiltboard.core.material.Saw;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Lot;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.stock.StockRepository.LotRow;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What the forge takes off the racks and puts back on them. Belongs into transactions of the caller. */
@Component
public class BilletStock {
    /** What a calliper tells from what a recipe asks for. */
    private static final Length TOLERANCE = Length.ofInches("0.005");

    private final StockRepository stock;
    private final ShopClock clock;

    BilletStock(StockRepository stock, ShopClock clock) {
        this.stock = stock;
        this.clock = clock;
    }

    /** How many of such bars could be cut from what is free now, each kind of bar looked at by itself. */
    public ToLongFunction<BarToCut> available() {
        List<LotRow> lots = stock.lots();
        return bar -> available(bar, lots);
    }

    private static long available(BarToCut bar, List<LotRow> lots) {
        return serving(bar, lots).mapToLong(row -> row.free() / sawn(bar)).sum();
    }

    /** In nanometres, with what the saw takes. */
    private static long sawn(BarToCut bar) {
        return bar.length().plus(Saw.KERF).nanometres();
    }

    private static Stream<LotRow> serving(BarToCut bar, Collection<LotRow> lots) {
        return lots.stream()
                .filter(row -> row.lot().isBarToSaw()
                        && row.lot()
                                .value(StockField.WHAT)
                                .filter(bar.steel().key()::equals)
                                .isPresent()
                        && row.lot()
                                .length(StockField.THICKNESS)
                                .filter(there ->
                                        there.minus(bar.thickness()).absolute().compareTo(TOLERANCE) <= 0)
                                .isPresent()
                        && row.lot()
                                .length(StockField.WIDTH)
                                .filter(there -> there.plus(TOLERANCE).compareTo(bar.width()) >= 0)
                                .isPresent());
    }

    /**
     * Cuts the bars of a recipe from the shortest that serve.
     *
     * @throws Refusal with everything that is not there
     */
    public void take(List<BarToCut> bars, String billet, Person person) {
        List<LotRow> lots = stock.lots();
        List<String> missing = bars.stream()
                .filter(bar -> available(bar, lots) < bar.count())
                .map(bar -> bar.words(person.units()) + " (" + available(bar, lots) + " there)")
                .toList();
        if (!missing.isEmpty()) {
            throw Refusal.outOfTurn("Not on the racks: " + String.join("; ", missing) + ".");
        }
        Map<Long, LotRow> left = lots.stream().collect(Collectors.toMap(LotRow::id, Function.identity()));
        for (BarToCut bar : bars) {
            for (int i = 0; i < bar.count(); i++) {
                LotRow from = serving(bar, left.values())
                        .filter(row -> row.free() >= sawn(bar))
                        .min(Comparator.comparing(LotRow::free).thenComparing(LotRow::id))
                        .orElseThrow(() -> Refusal.outOfTurn(
                                "Not on the racks any more when the recipe's other bars are cut from the same: "
                                        + bar.words(person.units()) + "."));
                left.put(from.id(), from.spokenFor(sawn(bar)));
                stock.move(
                        from.id(),
                        -sawn(bar),
                        "TAKEN",
                        Optional.empty(),
                        "",
                        "for the billet “" + billet + "”",
                        person.id(),
                        clock.nowMillis());
            }
        }
    }

    /**
     * Puts a finished billet on the rack.
     *
     * @param cost of one such billet
     * @return the number of its lot
     */
    public long put(String name, Billet billet, boolean isClad, Optional<Money> cost, Person person) {
        Map<StockField, String> item = new EnumMap<>(StockField.class);
        item.put(StockField.WHAT, isClad ? "LAMINATED" : "PATTERN_WELDED");
        item.put(StockField.NAME, name + ", " + billet.layers().size() + " layers");
        item.put(StockField.SECTION, billet.section().isRound() ? StockField.ROUND : StockField.FLAT);
        if (billet.section().isRound()) {
            item.put(
                    StockField.DIAMETER,
                    String.valueOf(billet.section().thickness().nanometres()));
        } else {
            item.put(
                    StockField.THICKNESS,
                    String.valueOf(billet.section().thickness().nanometres()));
            item.put(StockField.WIDTH, String.valueOf(billet.section().width().nanometres()));
        }
        Map<StockField, String> own = new EnumMap<>(StockField.class);
        own.put(StockField.CONDITION, "UNKNOWN");
        own.put(StockField.OWNER, StockField.SHOPS_OWN);
        own.put(StockField.SINCE, clock.today().toString());
        cost.ifPresent(paid -> own.put(StockField.COST, paid.kept()));
        long lot = stock.keep(stock.item(new Lot(StockKind.BILLET, item)), new Lot(StockKind.BILLET, own));
        stock.move(
                lot,
                billet.length().nanometres(),
                "RECEIVED",
                Optional.empty(),
                "",
                "forged here",
                person.id(),
                clock.nowMillis());
        return lot;
    }

    /** What a lot is, in words. */
    public String words(long lot, Units units) {
        return stock.lot(lot).orElseThrow().lot().words(units);
    }
}
