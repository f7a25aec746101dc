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

    @Override
    public String in(Units units) {
        return String.format(Locale.ROOT, "%.2f°", degrees);
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
