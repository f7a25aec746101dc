package hiltboard.core.measure;

import java.util.Locale;

/** A plane angle in degrees. */
public record Angle(double degrees) implements Quantity {
    /** @throws ImpossibleQuantity if the number is not finite */
    public Angle {
        if (!Double.isFinite(degrees)) {
            throw new ImpossibleQuantity("angle", degrees + "°", "a finite number");
        }
    }

    /** Whole degrees without a point, others to the hundredth. */
    @Override
    public String in(Units units) {
        return degrees == Math.rint(degrees)
                ? String.format(Locale.ROOT, "%.0f°", degrees)
                : String.format(Locale.ROOT, "%.2f°", degrees);
    }

    /** Whether {@link #in} shows all of it. */
    boolean isShownWhole() {
        return Math.abs(degrees * 100 - Math.rint(degrees * 100)) < 1e-9;
    }

    @Override
    public String symbol(Units units) {
        return "°";
    }

    @Override
    public double magnitude() {
        return degrees;
    }
}
