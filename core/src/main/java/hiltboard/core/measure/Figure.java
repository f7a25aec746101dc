package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A number whose unit every reader writes the same: a count, a share, a ratio, turns a minute.
 *
 * @param places shown behind the point, 0 to 6
 * @param unit as it stands behind the number; empty where there is none
 */
public record Figure(double number, int places, String unit) implements Quantity {
    /** @throws ImpossibleQuantity if the number is not finite */
    public Figure {
        if (!Double.isFinite(number)) {
            throw new ImpossibleQuantity("number", String.valueOf(number), "a finite number");
        }
    }

    public static Figure count(long number, String unit) {
        return new Figure(number, 0, unit);
    }

    /** A share of one, in percent. */
    public static Figure percent(double share, int places) {
        return new Figure(share * 100, places, "%");
    }

    @Override
    public String in(Units units) {
        return (said() + " " + unit).strip();
    }

    private String said() {
        return BigDecimal.valueOf(number).setScale(places, RoundingMode.HALF_UP).toPlainString();
    }

    /** Whether {@link #in} shows all of it. */
    boolean isShownWhole() {
        return Math.abs(new BigDecimal(said()).doubleValue() - number) < 1e-9 * Math.max(1, Math.abs(number));
    }

    @Override
    public String symbol(Units units) {
        return unit;
    }

    @Override
    public double magnitude() {
        return number;
    }
}
