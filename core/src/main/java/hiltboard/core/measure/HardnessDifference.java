package hiltboard.core.measure;

import java.math.BigDecimal;

/**
 * How far two Rockwell C hardnesses lie apart, in points. A hardness itself is read from 20 to 70 only; a difference is
 * not.
 */
public record HardnessDifference(BigDecimal points) implements Quantity {
    public static HardnessDifference of(String points) {
        return new HardnessDifference(new BigDecimal(points));
    }

    @Override
    public String in(Units units) {
        return points.stripTrailingZeros().toPlainString() + " " + symbol(units);
    }

    @Override
    public String symbol(Units units) {
        return "HRC";
    }

    @Override
    public double magnitude() {
        return points.doubleValue();
    }
}
