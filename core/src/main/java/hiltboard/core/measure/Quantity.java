package hiltboard.core.measure;

/** A number with its unit, as a maker reads it. */
public sealed interface Quantity
        permits Length,
                LiquidVolume,
                Angle,
                Temperature,
                TemperatureDifference,
                Hardness,
                HardnessDifference,
                Span,
                Mass,
                Volume,
                SurfaceSpeed,
                Feed,
                Figure {

    /**
     * This quantity in words, with its unit, as a person of these units reads it: {@code 0.207 in}, {@code 5.26 mm}.
     */
    String in(Units units);

    /** The symbol behind the number, in these units. */
    String symbol(Units units);

    /** How far two quantities of one kind lie apart, never negative. */
    default boolean isWithin(Quantity tolerance, Quantity other) {
        return Math.abs(magnitude() - other.magnitude()) <= tolerance.magnitude() + 1e-9;
    }

    /**
     * The number in the kind's own base unit (nanometres, degrees, °C, kelvin, HRC, minutes, milligrams, mm³, the
     * number itself): for comparing like with like.
     */
    double magnitude();
}
