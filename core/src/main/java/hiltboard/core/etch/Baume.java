package hiltboard.core.etch;

import hiltboard.core.measure.ImpossibleQuantity;

/**
 * Degrees Baumé of a liquid heavier than water at 60 °F: specific gravity = 145 / (145 − °Bé), as published by the US
 * National Bureau of Standards.
 */
public record Baume(double degrees) {
    private static final double MODULUS = 145;
    /** Of water at 60 °F, grams a millilitre. */
    private static final double WATER = 0.99904;

    /** @throws ImpossibleQuantity if no liquid of a shop has so many */
    public Baume {
        if (!(degrees >= 0 && degrees <= 70)) {
            throw new ImpossibleQuantity("degrees Baumé", String.valueOf(degrees), "0 to 70");
        }
    }

    public static Baume ofGravity(double specificGravity) {
        return new Baume(MODULUS - MODULUS / specificGravity);
    }

    public static Baume ofDensity(double gramsPerMillilitre) {
        return ofGravity(Math.max(1, gramsPerMillilitre / WATER));
    }

    public double specificGravity() {
        return MODULUS / (MODULUS - degrees);
    }

    /** Grams a millilitre. */
    public double density() {
        return specificGravity() * WATER;
    }
}
