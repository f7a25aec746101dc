package hiltboard.core.etch;

import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Locale;

/**
 * How much soda makes spent ferric chloride harmless: FeCl₃ + 3 NaHCO₃ → Fe(OH)₃ + 3 NaCl + 3 CO₂, and 2 FeCl₃ + 3
 * Na₂CO₃ + 3 H₂O → 2 Fe(OH)₃ + 6 NaCl + 3 CO₂. A bath that has eaten steel holds no more chloride than it had, so the
 * same is enough.
 */
public record Neutralising(Strength ferric, LiquidVolume volume, Soda soda) {
    private static final double CHLORIDES = 3;

    /** Molar masses by the standard atomic weights of IUPAC. The names stay the same for ever. */
    public enum Soda {
        BAKING_SODA("Baking soda", 84.007, 1),
        WASHING_SODA("Washing soda, dry", 105.988, 2);

        private final String words;
        private final double molarMass;
        private final int takes;

        Soda(String words, double molarMass, int takes) {
            this.words = words;
            this.molarMass = molarMass;
            this.takes = takes;
        }

        public String words() {
            return words;
        }
    }

    public Worked<Mass> needed(Units units) {
        double moles = ferric.moles(volume);
        Mass mass = Mass.ofGrams(moles * CHLORIDES / soda.takes * soda.molarMass);
        return new Worked<>(
                mass,
                "about; go on until it foams no more",
                List.of(
                        String.format(
                                Locale.ROOT,
                                "%s at %.1f %%: %.3f mol of ferric chloride",
                                volume.in(units),
                                ferric.percent(),
                                moles),
                        String.format(
                                Locale.ROOT,
                                "%.3f mol × 3 ÷ %d × %.2f g/mol ≈ %s",
                                moles,
                                soda.takes,
                                soda.molarMass,
                                Dilution.grams(mass.grams()))),
                List.of(
                        "In a vessel of its own, three times as large, since it foams: never in the tank.",
                        "A spoon at a time, goggles and gloves, fresh air; the gas pushes the air away.",
                        "Water and sludge are waste: collected, labelled, taken to the hazardous waste. Never into a drain."));
    }
}
