package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** A mass, held as a whole number of milligrams. It may be negative as a difference. */
public record Mass(long milligrams) implements Quantity {
    /** 1 oz avoirdupois = 28.349 523 125 g exactly (NIST SP 811, appendix B.8). */
    private static final BigDecimal MILLIGRAMS_PER_OUNCE = new BigDecimal("28349.523125");

    /** @throws ImpossibleQuantity if the number is not finite */
    public static Mass ofGrams(double grams) {
        if (!Double.isFinite(grams)) {
            throw new ImpossibleQuantity("mass", grams + " g", "a finite number");
        }
        return new Mass(Math.round(grams * 1000));
    }

    public double grams() {
        return milligrams / 1000d;
    }

    public Mass minus(Mass other) {
        return new Mass(milligrams - other.milligrams);
    }

    /**
     * Whole grams from 20 g upwards, tenths below; with ounces before it for who reads inches: {@code 5.6 oz (158 g)}.
     */
    @Override
    public String in(Units units) {
        String grams = BigDecimal.valueOf(milligrams, 3)
                        .setScale(Math.abs(milligrams) < 20_000 ? 1 : 0, RoundingMode.HALF_UP)
                        .toPlainString()
                + " g";
        return switch (units.length()) {
            case MILLIMETRE -> grams;
            case INCH ->
                BigDecimal.valueOf(milligrams)
                                .divide(MILLIGRAMS_PER_OUNCE, 1, RoundingMode.HALF_UP)
                                .toPlainString() + " oz (" + grams + ")";
        };
    }

    @Override
    public String symbol(Units units) {
        return "g";
    }

    @Override
    public double magnitude() {
        return milligrams;
    }
}
