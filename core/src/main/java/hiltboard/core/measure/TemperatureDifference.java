package hiltboard.core.measure;

/**
 * How far two temperatures lie apart, in kelvin; it may be negative. 1 K = 1.8 °F of difference (NIST SP 811, appendix
 * B.8): the 32 that stands between the two scales falls out, so that 8 K are 14 °F and not 46.
 */
public record TemperatureDifference(double kelvin) implements Quantity {
    /** @throws ImpossibleQuantity if the number is not finite */
    public TemperatureDifference {
        if (!Double.isFinite(kelvin)) {
            throw new ImpossibleQuantity("difference of temperature", kelvin + " K", "a finite number");
        }
    }

    public static TemperatureDifference ofKelvin(double kelvin) {
        return new TemperatureDifference(kelvin);
    }

    public static TemperatureDifference ofFahrenheit(double degrees) {
        return new TemperatureDifference(degrees * 5 / 9);
    }

    public static TemperatureDifference between(Temperature one, Temperature other) {
        return new TemperatureDifference(Math.abs(one.celsius() - other.celsius()));
    }

    @Override
    public String in(Units units) {
        double degrees = switch (units.temperature()) {
            case FAHRENHEIT -> kelvin * 9 / 5;
            case CELSIUS -> kelvin;
        };
        return units.temperature().words(degrees);
    }

    @Override
    public String symbol(Units units) {
        return units.temperature().symbol();
    }

    @Override
    public double magnitude() {
        return kelvin;
    }
}
