package hiltboard.core.etch;

import hiltboard.core.measure.ImpossibleQuantity;

/**
 * What is dissolved in water, with the density of its solutions by mass share at 20 °C (ferric chloride from 30 % on at
 * 30 °C). Densities as chemical engineers' handbooks give them, from memory; molar masses by the standard atomic
 * weights of IUPAC.
 */
public enum Solute {
    FERRIC_CHLORIDE("ferric chloride", 162.20, new double[] {
        0, 0.9982, 2, 1.0152, 4, 1.0324, 8, 1.0669, 12, 1.1040, 16, 1.1420, 20, 1.1820, 30, 1.2910, 40, 1.4170, 50,
        1.5510
    }),
    HYDROCHLORIC_ACID("hydrochloric acid", 36.46, new double[] {
        0, 0.9982, 4, 1.0181, 8, 1.0376, 12, 1.0574, 16, 1.0776, 20, 1.0980, 24, 1.1187, 28, 1.1392, 32, 1.1593, 36,
        1.1789, 40, 1.1980
    }),
    HYDROGEN_PEROXIDE("hydrogen peroxide", 34.01, new double[] {
        0, 0.9982, 4, 1.0131, 8, 1.0277, 12, 1.0425, 16, 1.0576, 20, 1.0729, 25, 1.0925, 30, 1.1122, 35, 1.1327
    });

    private final String words;
    private final double molarMass;
    private final double[] densities;

    Solute(String words, double molarMass, double[] densities) {
        this.words = words;
        this.molarMass = molarMass;
        this.densities = densities;
    }

    public String words() {
        return words;
    }

    /** Grams a mole, of the anhydrous substance. */
    public double molarMass() {
        return molarMass;
    }

    /** The strongest that the table knows, as a share of the mass. */
    public double strongest() {
        return densities[densities.length - 2] / 100;
    }

    /**
     * Grams a millilitre, between two lines of the table by the straight line.
     *
     * @param share of the mass, from nothing to {@link #strongest()}
     */
    double density(double share) {
        return between(share * 100, 0, 1);
    }

    /** Share of the mass of a solution that weighs so many grams a millilitre. */
    double share(double density) {
        return between(density, 1, 0) / 100;
    }

    private double between(double at, int from, int to) {
        for (int i = 2; i < densities.length; i += 2) {
            double low = densities[i - 2 + from];
            double high = densities[i + from];
            if (at >= low && at <= high) {
                return densities[i - 2 + to] + (at - low) / (high - low) * (densities[i + to] - densities[i - 2 + to]);
            }
        }
        throw new ImpossibleQuantity(
                (from == 0 ? "strength of " : "density of ") + words,
                String.format(java.util.Locale.ROOT, "%.3f", at),
                from == 0
                        ? "0 to " + Math.round(strongest() * 100) + " % by mass"
                        : densities[1] + " to " + densities[densities.length - 1] + " g/mL");
    }
}
