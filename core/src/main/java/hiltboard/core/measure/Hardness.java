package hiltboard.core.measure;

import java.math.BigDecimal;

/** A Rockwell C hardness. The scale is read between 20 and 70 (ISO 6508-1, table 1). */
public record Hardness(BigDecimal hrc) implements Quantity {
    private static final BigDecimal LOWEST = new BigDecimal(20);
    private static final BigDecimal HIGHEST = new BigDecimal(70);

    /** @throws ImpossibleQuantity outside 20 to 70 HRC */
    public Hardness {
        if (hrc.compareTo(LOWEST) < 0 || hrc.compareTo(HIGHEST) > 0) {
            throw new ImpossibleQuantity(
                    "hardness", hrc.toPlainString() + " HRC", "20 to 70 HRC, where the scale is read");
        }
    }

    @Override
    public String in(Units units) {
        return hrc.stripTrailingZeros().toPlainString() + " " + symbol(units);
    }

    @Override
    public String symbol(Units units) {
        return "HRC";
    }

    @Override
    public double magnitude() {
        return hrc.doubleValue();
    }
}
