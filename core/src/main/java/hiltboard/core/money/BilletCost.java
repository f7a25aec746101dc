package hiltboard.core.money;

import hiltboard.core.forge.ForgeSteel;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the bars of a billet cost, lost ends and scale included, and what of it one blade bears.
 *
 * @param cents of all bars that have a price
 * @param perBlade of these, to the nearest cent
 * @param missing steels that have no price yet
 */
public record BilletCost(long cents, long perBlade, List<String> missing) {
    public BilletCost {
        missing = List.copyOf(missing);
    }

    /** What was paid for the bars is known. @throws ImpossibleQuantity if there are no blades */
    public static BilletCost paid(long cents, int blades) {
        return new BilletCost(cents, shared(cents, blades), List.of());
    }

    /**
     * By the shop's prices.
     *
     * @param bars what the bars of each steel weigh, as they go into the stack
     * @param prices cents a kilogram by the item's key
     * @throws ImpossibleQuantity if there are no blades
     */
    public static BilletCost of(Map<ForgeSteel, Mass> bars, Map<String, Long> prices, int blades) {
        long cents = 0;
        List<String> missing = new ArrayList<>();
        for (Map.Entry<ForgeSteel, Mass> bar : bars.entrySet()) {
            Optional<Long> price = Optional.ofNullable(prices.get(key(bar.getKey())));
            cents += price.map(each -> Math.round(each * bar.getValue().grams() / 1000))
                    .orElse(0L);
            if (price.isEmpty()) {
                missing.add(bar.getKey().words());
            }
        }
        return new BilletCost(cents, shared(cents, blades), missing);
    }

    private static String key(ForgeSteel steel) {
        return Steel.named(steel.key())
                .map(known -> PriceItem.steel(known).key())
                .orElseGet(() -> "fitting:" + steel.key());
    }

    private static long shared(long cents, int blades) {
        if (blades < 1) {
            throw new ImpossibleQuantity("number of blades", String.valueOf(blades), "one or more");
        }
        return Math.round((double) cents / blades);
    }
}
