package hiltboard.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.Bar;
import hiltboard.core.design.Construction;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class MaterialCostTest {
    private static final Map<String, Long> ONE_EACH =
            PriceItem.all(SteelLibrary.KNOWN).stream().collect(Collectors.toMap(PriceItem::key, item -> 100L));

    @Test
    @DisplayName("[worked] a bar costs its own mass, saw's room included: thickness × width × length × 7.85 g/cm³")
    void the_bar() {
        Specification spec = Specifications.fullTang(
                "stockThickness", "1/8", "bladeLength", "4", "handleLength", "4-1/2", "barWidth", "1-1/2");
        Bar bar = KnifeShape.bar(spec);
        assertThat(bar.width()).isEqualTo(Length.ofInchFraction(3, 2));
        assertThat(bar.length().inches()).isCloseTo(8.5 + 2 / 16d, within(0.01));
        assertThat(bar.mass().grams()).isCloseTo(0.125 * 1.5 * bar.length().inches() * 16.387064 * 7.85, within(0.5));
        MaterialCost cost = cost(spec, Map.of("steel:1084", 2_000L));
        assertThat(cost.total().minor()).isEqualTo(Math.round(bar.mass().grams() / 1000 * 2_000));
        assertThat(cost.missing()).contains("Black walnut", "Pin or fastener").doesNotContain("1084, carbon steel");
    }

    @Test
    void everything_that_the_knife_has_is_paid_for_and_nothing_else() {
        assertThat(words(Specifications.fullTang("pinCount", "3", "lanyard", "TUBE", "sheath", "LEATHER")))
                .contains("Pin or fastener", "Lanyard tube", "Leather and thread for a sheath", "Adhesive")
                .doesNotContain("Brass", "Outside heat treater");
        assertThat(words(Specifications.hiddenTang("hardening", "OUTSIDE")))
                .contains("Brass", "Nickel silver", "Outside heat treater")
                .doesNotContain("Pin or fastener");
        assertThat(words(Specifications.of(Construction.HATCHET)))
                .contains("Belts and paper")
                .doesNotContain("Pin or fastener", "Brass");
        assertThat(cost(Specifications.fullTang("pinCount", "3"), Map.of("pin", 150L))
                        .total()
                        .minor())
                .isEqualTo(450);
    }

    @Test
    void a_thicker_bar_or_a_clad_billet_costs_more_and_no_line_is_without_a_price_when_all_have_one() {
        assertThat(cost(Specifications.fullTang("stockThickness", "1/4"), ONE_EACH)
                        .total()
                        .minor())
                .isGreaterThan(cost(Specifications.fullTang("stockThickness", "1/8"), ONE_EACH)
                        .total()
                        .minor());
        assertThat(words(Specifications.fullTang("steelForm", "LAMINATED")))
                .contains("Clad billet, hard core in soft cladding");
        assertThat(cost(Specifications.hiddenTang(), ONE_EACH).missing()).isEmpty();
        assertThat(cost(Specifications.hiddenTang(), ONE_EACH).lines())
                .allSatisfy(line -> assertThat(line.cost()).isNotEqualTo(Optional.empty()));
    }

    @Test
    void the_price_list_names_everything_once() {
        assertThat(PriceItem.all(SteelLibrary.KNOWN))
                .extracting(PriceItem::key)
                .doesNotHaveDuplicates()
                .contains("hour", "steel:W2", "handle:WALNUT", "fitting:BRASS");
    }

    private static List<String> words(Specification spec) {
        return cost(spec, ONE_EACH).lines().stream()
                .map(MaterialCost.Line::words)
                .toList();
    }

    private static MaterialCost cost(Specification spec, Map<String, Long> prices) {
        Map<String, Money> amounts = new HashMap<>();
        prices.forEach((key, cents) -> amounts.put(key, new Money(cents, Money.UNNAMED)));
        return MaterialCost.of(spec, KnifeShape.weighed(spec), new PriceList(Money.UNNAMED, amounts));
    }

    @Test
    @DisplayName(
            "[trade] half of a fitting's blank is milled away: a guard costs twice its own weight, common practice with no source")
    void a_fitting_is_paid_for_as_its_blank() {
        Specification spec = Specifications.hiddenTang();
        double grams = KnifeShape.weighed(spec).parts().stream()
                .filter(part -> part.name().equals("Guard"))
                .findFirst()
                .orElseThrow()
                .mass()
                .grams();
        assertThat(cost(spec, Map.of("fitting:BRASS", 100_000L)).total().minor())
                .isEqualTo(Math.round(2 * grams / 1000 * 100_000));
    }
}
