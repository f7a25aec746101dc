package hiltboard.core.etch;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.math.BigDecimal;

/** Two liquids mixed a : b by volume. Volumes shrink a little when they meet; a shop does not measure that. */
public record PartsByVolume(double first, double second) {
    /** @throws ImpossibleQuantity if there is nothing of the first, or less than nothing of the second */
    public PartsByVolume {
        if (!(first > 0 && second >= 0 && Double.isFinite(first + second))) {
            throw new ImpossibleQuantity("mixture", plain(first) + " : " + plain(second), "parts such as 40 : 60");
        }
    }

    public Worked<LiquidVolume> first(LiquidVolume all, Units units) {
        return part(all, first, units);
    }

    public Worked<LiquidVolume> second(LiquidVolume all, Units units) {
        return part(all, second, units);
    }

    private Worked<LiquidVolume> part(LiquidVolume all, double part, Units units) {
        LiquidVolume volume = all.times(part / (first + second));
        return Worked.of(
                volume,
                all.in(units) + " × " + plain(part) + " ÷ (" + plain(first) + " + " + plain(second) + ") ≈ "
                        + volume.in(units));
    }

    /**
     * What it comes to when the second is water or as good as it.
     *
     * @param stock the first as it was bought
     */
    public Strength of(Strength stock) {
        double solution = first * stock.density();
        return new Strength(stock.solute(), solution * stock.share() / (solution + second));
    }

    /** {@code 40 : 60}. */
    public String words() {
        return plain(first) + " : " + plain(second);
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }
}
