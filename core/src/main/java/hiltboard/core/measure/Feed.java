package hiltboard.core.measure;

import java.util.Locale;

/**
 * How fast a table moves under a cutter.
 *
 * @param millimetresPerMinute positive and finite
 */
public record Feed(double millimetresPerMinute) implements Quantity {
    private static final double MILLIMETRES_PER_INCH = 25.4;

    /** @throws ImpossibleQuantity if it is not positive and finite */
    public Feed {
        if (!(millimetresPerMinute > 0 && Double.isFinite(millimetresPerMinute))) {
            throw new ImpossibleQuantity("feed", millimetresPerMinute + " mm/min", "more than nothing");
        }
    }

    @Override
    public String in(Units units) {
        return switch (units.length()) {
            case INCH -> String.format(Locale.ROOT, "%.2f in/min", millimetresPerMinute / MILLIMETRES_PER_INCH);
            case MILLIMETRE -> String.format(Locale.ROOT, "%.0f mm/min", millimetresPerMinute);
        };
    }

    @Override
    public String symbol(Units units) {
        return units.length() == Units.LengthUnit.INCH ? "in/min" : "mm/min";
    }

    @Override
    public double magnitude() {
        return millimetresPerMinute;
    }
}
