package hiltboard.core.material;

import hiltboard.core.measure.Mass;

/** Mass by volume. @param gramsPerCubicCentimetre more than nothing */
public record Density(double gramsPerCubicCentimetre) {
    /** Cubic millimetres that weigh so much. */
    public double volumeOf(Mass mass) {
        return mass.grams() / gramsPerCubicCentimetre * 1000;
    }

    /**
     * Wood Handbook figures are oven-dry mass by volume at 12 % moisture: the wood as it is used weighs the water as
     * well.
     */
    static Density ofWood(double specificGravity) {
        return new Density(specificGravity * 1.12);
    }
}
