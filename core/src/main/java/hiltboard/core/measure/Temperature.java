package hiltboard.core.measure;

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

    @Override
    public String symbol(Units units) {
        return units.temperature().symbol();
    }

    @Override
    public double magnitude() {
        return celsius;
    }
}
