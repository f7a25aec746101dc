package hiltboard.core.etch;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Locale;

/**
 * A strong solution made weaker with water: what is dissolved stays the same mass, C₁·m₁ = C₂·m₂ with the masses of the
 * solutions. Volumes do not add up, masses do.
 */
public record Dilution(Strength stock, Strength wanted, LiquidVolume volume) {
    /** Grams a millilitre at 20 °C. */
    private static final double WATER = 0.9982;

    /** @throws ImpossibleQuantity if more strength is wanted than there is */
    public Dilution {
        if (wanted.share() > stock.share()) {
            throw new ImpossibleQuantity(
                    "strength wanted",
                    wanted.words(),
                    "up to the " + percent(stock) + " of what is at hand: water makes nothing stronger");
        }
    }

    /** What is poured of the strong one, in millilitres. */
    public Worked<LiquidVolume> stockVolume(Units units) {
        LiquidVolume poured = new LiquidVolume(stockGrams() / stock.density());
        return new Worked<>(
                poured,
                "",
                List.of(
                        volume.in(units) + " × " + density(wanted) + " = " + grams(totalGrams()),
                        grams(totalGrams()) + " × " + percent(wanted) + " ÷ " + percent(stock) + " ≈ "
                                + grams(stockGrams()),
                        grams(stockGrams()) + " ÷ " + density(stock) + " ≈ " + poured.in(units)),
                List.of("Pour the strong one into the water, a little at a time: never water onto acid."));
    }

    public Worked<LiquidVolume> water(Units units) {
        LiquidVolume water = new LiquidVolume((totalGrams() - stockGrams()) / WATER);
        return Worked.of(
                water,
                grams(totalGrams()) + " − " + grams(stockGrams()) + " ≈ " + grams(totalGrams() - stockGrams()) + ", ≈ "
                        + water.in(units));
    }

    private double totalGrams() {
        return volume.millilitres() * wanted.density();
    }

    private double stockGrams() {
        return totalGrams() * wanted.share() / stock.share();
    }

    static String percent(Strength strength) {
        return String.format(Locale.ROOT, "%.1f %%", strength.percent());
    }

    static String density(Strength strength) {
        return String.format(Locale.ROOT, "%.3f g/mL", strength.density());
    }

    static String grams(double grams) {
        return String.format(Locale.ROOT, grams < 100 ? "%.1f g" : "%.0f g", grams);
    }
}
