package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** A temperature in degrees Celsius, not below absolute zero. t/°F = 9/5 · t/°C + 32 (NIST SP 811, appendix B.8). */
public record Temperature(double celsius) implements Quantity {
    private static final double ABSOLUTE_ZERO = -273.15;

    /** @throws ImpossibleQuantity below absolute zero or not finite */
    public Temperature {
        if (!(celsius >= ABSOLUTE_ZERO && Double.isFinite(celsius))) {
            throw new ImpossibleQuantity("temperature", celsius + " °C", "above absolute zero, −273.15 °C");
        }
    }

    public static Temperature ofCelsius(double celsius) {
        return new Temperature(celsius);
    }

    public static Temperature ofFahrenheit(double fahrenheit) {
        return new Temperature((fahrenheit - 32) * 5 / 9);
    }

    public double fahrenheit() {
        return celsius * 9 / 5 + 32;
    }

    @Override
    public String in(Units units) {
        double degrees = switch (units.temperature()) {
            case FAHRENHEIT -> fahrenheit();
            case CELSIUS -> celsius;
        };
        return units.temperature().words(degrees);
    }

    /**
     * As somebody would type it: in the reader's unit where it is round there, in the other one where it is round in
     * that alone, so that it reads back to the same temperature.
     */
    public String entryIn(Units units) {
        boolean isCelsius = units.temperature() == Units.TemperatureUnit.CELSIUS;
        String own = entry(isCelsius ? celsius : fahrenheit(), isCelsius);
        String other = entry(isCelsius ? fahrenheit() : celsius, !isCelsius);
        return other.length() < own.length() ? other : own;
    }

    /** To the hundredth of a degree, which is finer than anything that is set or read. */
    private static String entry(double degrees, boolean isCelsius) {
        return BigDecimal.valueOf(degrees)
                        .setScale(2, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString()
                + (isCelsius ? " C" : " F");
    }

    /** To whole steps of 5 °F, as kilns are set. */
    public Temperature toFiveFahrenheit() {
        return ofFahrenheit(Math.round(fahrenheit() / 5) * 5);
    }

    @Override
    public String symbol(Units units) {
        return units.temperature().symbol();
    }

    @Override
    public double magnitude() {
        return celsius;
    }
}
