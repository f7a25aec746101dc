package hiltboard.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.forge.ForgeSteel;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Money;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BilletCostTest {
    private static final Currency EUR = Currency.getInstance("EUR");

    @Test
    @DisplayName("[trade] 20 ft of bar for 110 in money, five knives: 22 each")
    void what_was_paid_is_shared() {
        assertThat(BilletCost.paid(euros(11_000), 5).perBlade()).isEqualTo(euros(2_200));
    }

    @Test
    @DisplayName("[worked] 1.2 kg at 24.50 and 0.8 kg without a price: 29.40, of which each of four bears 7.35, and "
            + "the price that is missing is named")
    void by_weight_and_price() {
        Map<ForgeSteel, Mass> bars = new LinkedHashMap<>();
        bars.put(ForgeSteel.named("1084", SteelLibrary.KNOWN).orElseThrow(), Mass.ofGrams(1200));
        bars.put(ForgeSteel.named("mild steel", SteelLibrary.KNOWN).orElseThrow(), Mass.ofGrams(800));
        BilletCost cost = BilletCost.of(bars, prices("steel:1084", 2_450L), 4);
        assertThat(cost.total()).isEqualTo(euros(2_940));
        assertThat(cost.perBlade()).isEqualTo(euros(735));
        assertThat(cost.missing()).containsExactly("mild steel");
        assertThat(BilletCost.of(bars, prices("steel:1084", 2_450L, "fitting:MILD_STEEL", 1_000L), 4)
                        .total())
                .isEqualTo(euros(3_740));
        assertThatThrownBy(() -> BilletCost.paid(euros(100), 0)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] 333 g at 24.50 are 8.16 and not 8.15; 2.00 shared by three are 0.67, 1.00 are 0.33")
    void cents_are_rounded_to_the_nearest() {
        Map<ForgeSteel, Mass> bars =
                Map.of(ForgeSteel.named("1084", SteelLibrary.KNOWN).orElseThrow(), Mass.ofGrams(333));
        assertThat(BilletCost.of(bars, prices("steel:1084", 2_450L), 1).total()).isEqualTo(euros(816));
        assertThat(BilletCost.paid(euros(200), 3).perBlade()).isEqualTo(euros(67));
        assertThat(BilletCost.paid(euros(100), 3).perBlade()).isEqualTo(euros(33));
    }

    private static PriceList prices(Object... keysAndCents) {
        Map<String, Money> prices = new LinkedHashMap<>();
        for (int i = 0; i < keysAndCents.length; i += 2) {
            prices.put((String) keysAndCents[i], euros((Long) keysAndCents[i + 1]));
        }
        return new PriceList(EUR, prices);
    }

    private static Money euros(long cents) {
        return new Money(cents, EUR);
    }
}
