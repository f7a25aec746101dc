package hiltboard.core.money;

import hiltboard.core.design.Bar;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Weighed;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.measure.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the materials of one piece cost at the shop's prices: the bar as it is sawn off, with what the saw takes;
 * fittings with as much again for what is milled away.
 *
 * @param total of the lines that have a price
 * @param missing what has no price yet
 */
public record MaterialCost(List<Line> lines, Money total, List<String> missing) {
    private static final double MILLED_AWAY = 2;

    public MaterialCost {
        lines = List.copyOf(lines);
        missing = List.copyOf(missing);
    }

    /** One material: what of it and how much, and what that costs; nothing where it has no price. */
    public record Line(String words, String amount, Optional<Money> cost) {}

    /** @param weighed the same specification, weighed */
    public static MaterialCost of(Specification spec, Weighed weighed, PriceList prices) {
        return new Adding(spec, weighed, prices).cost();
    }

    private static final class Adding {
        private final Specification spec;
        private final Weighed weighed;
        private final PriceList prices;
        private final List<Line> lines = new ArrayList<>();
        private final List<String> missing = new ArrayList<>();

        private Adding(Specification spec, Weighed weighed, PriceList prices) {
            this.spec = spec;
            this.weighed = weighed;
            this.prices = prices;
        }

        private MaterialCost cost() {
            steel();
            add(PriceItem.handle(spec.handleMaterial()), 1);
            if (spec.hasScales()) {
                add(PriceItem.PINS, spec.count(SpecificationField.PIN_COUNT));
            }
            if (spec.hasLanyardTube()) {
                add(PriceItem.TUBE, 1);
            }
            fitting("Guard", SpecificationField.GUARD_MATERIAL);
            fitting("Spacer", SpecificationField.SPACER_MATERIAL);
            fitting("Bolsters", SpecificationField.SCALE_BOLSTER_MATERIAL);
            fitting("Liners", SpecificationField.SCALE_LINER_MATERIAL);
            if (spec.isGlued()) {
                add(PriceItem.ADHESIVE, 1);
            }
            if (spec.hasSheath()) {
                add(PriceItem.SHEATH, 1);
            }
            if (spec.isSentOut()) {
                add(PriceItem.OUTSIDE_TREATER, 1);
            }
            add(PriceItem.ABRASIVES, 1);
            return new MaterialCost(
                    lines,
                    lines.stream().flatMap(line -> line.cost().stream()).reduce(prices.nothing(), Money::plus),
                    missing);
        }

        private void steel() {
            Bar bar = KnifeShape.bar(spec);
            add(
                    PriceItem.steel(spec),
                    bar.mass().grams() / 1000,
                    Math.round(bar.mass().grams()) + " g");
        }

        private void fitting(String part, SpecificationField field) {
            weighed.parts().stream()
                    .filter(each -> each.name().equals(part))
                    .findFirst()
                    .ifPresent(each -> {
                        FittingMaterial material = spec.fitting(field);
                        double grams = each.mass().grams() * MILLED_AWAY;
                        add(PriceItem.fitting(material), grams / 1000, Math.round(grams) + " g");
                    });
        }

        private void add(PriceItem item, int count) {
            add(item, count, count == 1 ? item.per() : String.valueOf(count));
        }

        private void add(PriceItem item, double amount, String words) {
            Optional<Money> cost = prices.of(item).map(price -> price.times(amount));
            if (cost.isEmpty()) {
                missing.add(item.words());
            }
            lines.add(new Line(item.words(), words, cost));
        }
    }
}
