package hiltboard.core.measure;

import java.util.Locale;

/**
 * How fast a cutter's rim, or a belt, runs over the work. 1 ft = 0.3048 m exactly (NIST SP 811, appendix B.8).
 *
 * @param metresPerMinute positive and finite
 */
public record SurfaceSpeed(double metresPerMinute) implements Quantity {
    private static final double METRES_PER_FOOT = 0.3048;

    /** @throws ImpossibleQuantity if it is not positive and finite */
    public SurfaceSpeed {
        if (!(metresPerMinute > 0 && Double.isFinite(metresPerMinute))) {
            throw new ImpossibleQuantity("surface speed", metresPerMinute + " m/min", "more than nothing");
        }
    }

    public static SurfaceSpeed ofFeet(double perMinute) {
        return new SurfaceSpeed(perMinute * METRES_PER_FOOT);
    }

    /** A number in the reader's own unit. */
    public static SurfaceSpeed read(double number, Units units) {
        return units.length() == Units.LengthUnit.INCH ? ofFeet(number) : new SurfaceSpeed(number);
    }

    @Override
    public String in(Units units) {
        double number = units.length() == Units.LengthUnit.INCH ? metresPerMinute / METRES_PER_FOOT : metresPerMinute;
        return String.format(Locale.ROOT, "%.0f %s", number, symbol(units));
    }

    @Override
    public String symbol(Units units) {
        return units.length() == Units.LengthUnit.INCH ? "ft/min" : "m/min";
    }

    @Override
    public double magnitude() {
        return metresPerMinute;
    }
}
