package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.function.Function;

/** The units that one person reads and writes without naming them. Any field accepts the others when they are named. */
public record Units(LengthUnit length, TemperatureUnit temperature) {
    public static final Units INCH_FAHRENHEIT = new Units(LengthUnit.INCH, TemperatureUnit.FAHRENHEIT);
    public static final Units MILLIMETRE_CELSIUS = new Units(LengthUnit.MILLIMETRE, TemperatureUnit.CELSIUS);

    /** What is said to everybody: in inches and °F, and behind it in millimetres and °C. */
    public static String both(Function<Units, String> told) {
        return told.apply(INCH_FAHRENHEIT) + " (" + told.apply(MILLIMETRE_CELSIUS) + ")";
    }

    public enum LengthUnit {
        INCH,
        MILLIMETRE
    }

    public enum TemperatureUnit {
        FAHRENHEIT("°F"),
        CELSIUS("°C");

        private final String symbol;

        TemperatureUnit(String symbol) {
            this.symbol = symbol;
        }

        String symbol() {
            return symbol;
        }

        /** To the whole degree: no kiln of a shop is better than that. */
        String words(double degrees) {
            return BigDecimal.valueOf(degrees).setScale(0, RoundingMode.HALF_UP).toPlainString() + " " + symbol;
        }
    }
}
