package hiltboard.core.money;

import hiltboard.core.forge.ForgeSteel;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the bars of a billet cost, lost ends and scale included, and what of it one blade bears.
 *
 * @param total of all bars that have a price
 * @param missing steels that have no price yet
 */
public record BilletCost(Money total, Money perBlade, List<String> missing) {
    public BilletCost {
        missing = List.copyOf(missing);
    }

    /** What was paid for the bars is known. @throws ImpossibleQuantity if there are no blades */
    public static BilletCost paid(Money paid, int blades) {
        return new BilletCost(paid, paid.sharedBy(blades), List.of());
    }

    /**
     * By the shop's prices.
     *
     * @param bars what the bars of each steel weigh, as they go into the stack
     * @throws ImpossibleQuantity if there are no blades
     */
    public static BilletCost of(Map<ForgeSteel, Mass> bars, PriceList prices, int blades) {
        Money total = prices.nothing();
        List<String> missing = new ArrayList<>();
        for (Map.Entry<ForgeSteel, Mass> bar : bars.entrySet()) {
            Optional<Money> price = prices.of(PriceItem.bar(bar.getKey()));
            if (price.isEmpty()) {
                missing.add(bar.getKey().words());
            } else {
                total = total.plus(price.get().times(bar.getValue().grams() / 1000));
            }
        }
        return new BilletCost(total, total.sharedBy(blades), missing);
    }
}
