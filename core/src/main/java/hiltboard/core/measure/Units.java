package hiltboard.core.measure;

/** The units that one person reads and writes without naming them. Any field accepts the others when they are named. */
public record Units(LengthUnit length, TemperatureUnit temperature) {
    public static final Units INCH_FAHRENHEIT = new Units(LengthUnit.INCH, TemperatureUnit.FAHRENHEIT);
    public static final Units MILLIMETRE_CELSIUS = new Units(LengthUnit.MILLIMETRE, TemperatureUnit.CELSIUS);

    public enum LengthUnit { INCH, MILLIMETRE }

    public enum TemperatureUnit { FAHRENHEIT, CELSIUS }
}
