package hiltboard.core.measure;

import java.util.Locale;

/**
 * A volume, not negative. 1 in = 25.4 mm exactly (NIST SP 811), so 1 in³ = 16.387 064 cm³.
 *
 * @param cubicMillimetres finite
 */
public record Volume(double cubicMillimetres) implements Quantity {
    private static final double PER_CUBIC_INCH = 25.4 * 25.4 * 25.4;
    private static final double PER_CUBIC_CENTIMETRE = 1000;

    /** @throws ImpossibleQuantity if it is negative or not finite */
    public Volume {
        if (!(cubicMillimetres >= 0 && Double.isFinite(cubicMillimetres))) {
            throw new ImpossibleQuantity("volume", cubicMillimetres + " mm³", "nothing or more");
        }
    }

    @Override
    public String in(Units units) {
        return switch (units.length()) {
            case INCH -> String.format(Locale.ROOT, "%.3f in³", cubicMillimetres / PER_CUBIC_INCH);
            case MILLIMETRE -> String.format(Locale.ROOT, "%.2f cm³", cubicMillimetres / PER_CUBIC_CENTIMETRE);
        };
    }

    @Override
    public String symbol(Units units) {
        return units.length() == Units.LengthUnit.INCH ? "in³" : "cm³";
    }

    @Override
    public double magnitude() {
        return cubicMillimetres;
    }
}
