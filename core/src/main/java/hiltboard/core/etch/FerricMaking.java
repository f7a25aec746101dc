package hiltboard.core.etch;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Ferric chloride from iron: Fe + 2 HCl → FeCl₂ + H₂, then 2 FeCl₂ + H₂O₂ + 2 HCl → 2 FeCl₃ + 2 H₂O. Where the acid
 * runs out before the peroxide, part of it drops as rust mud, 6 FeCl₂ + 3 H₂O₂ → 4 FeCl₃ + 2 Fe(OH)₃. Every mole of
 * iron that ends as ferric chloride takes 3 mol of acid and ½ mol of peroxide in all.
 *
 * @param iron that is put in
 */
public record FerricMaking(
        LiquidVolume acid, Strength acidStrength, Mass iron, LiquidVolume peroxide, Strength peroxideStrength) {
    private static final double IRON = 55.845;
    private static final double HYDROGEN = 2.016;
    /**
     * Heat of the second step, kJ for each mole of iron: from the enthalpies of formation of the ions in water, from
     * memory.
     */
    private static final double HEAT = 150;
    /** Of water, kJ for each kg and kelvin. */
    private static final double HEAT_CAPACITY = 4.18;
    /** So much warmer each portion of peroxide may make it. Common practice is small portions; the figure is ours. */
    private static final double WARMER = 5;

    /** Where the next portion has to wait: hotter than a hand bears on the vessel. Common practice. */
    public static final Temperature TOO_HOT = Temperature.ofCelsius(45);

    public static final Duration BETWEEN_PORTIONS = Duration.ofMinutes(5);

    /** @throws ImpossibleQuantity if one of them is nothing, or the strength is of something else */
    public FerricMaking {
        more(acid.millilitres(), "volume of acid");
        more(peroxide.millilitres(), "volume of peroxide");
        more(iron.milligrams(), "mass of iron");
        of(acidStrength, Solute.HYDROCHLORIC_ACID);
        of(peroxideStrength, Solute.HYDROGEN_PEROXIDE);
    }

    private static void more(double amount, String what) {
        if (!(amount > 0)) {
            throw new ImpossibleQuantity(
                    what, "nothing", "how much it is: nobody can work it out, or make it, without");
        }
    }

    private static void of(Strength strength, Solute solute) {
        if (strength.solute() != solute) {
            throw new ImpossibleQuantity("strength", strength.words(), "that of " + solute.words());
        }
    }

    /** What there is before, in moles. */
    public double acidMoles() {
        return acidStrength.moles(acid);
    }

    public double peroxideMoles() {
        return peroxideStrength.moles(peroxide);
    }

    public double ironMoles() {
        return iron.grams() / IRON;
    }

    /**
     * What there is at the end, in moles.
     *
     * @param mud iron hydroxide that drops as rust mud
     * @param hydrogen that went up as gas in the first step
     * @param water that the second step made
     */
    public record Outcome(
            double ferric,
            double ferrous,
            double iron,
            double acid,
            double peroxide,
            double mud,
            double hydrogen,
            double water) {}

    public Outcome outcome() {
        double dissolved = Math.min(ironMoles(), acidMoles() / 2);
        double acidLeft = acidMoles() - 2 * dissolved;
        double clean = Math.min(dissolved, Math.min(2 * peroxideMoles(), acidLeft));
        double muddy = Math.min(dissolved - clean, 2 * peroxideMoles() - clean);
        return new Outcome(
                clean + muddy * 2 / 3,
                dissolved - clean - muddy,
                ironMoles() - dissolved,
                acidLeft - clean,
                peroxideMoles() - (clean + muddy) / 2,
                muddy / 3,
                dissolved,
                clean);
    }

    /** Iron that the acid can take in the first step, so that no more bubbles rise: for as much as there is acid. */
    public Mass ironUntilNoBubbles() {
        return Mass.ofGrams(acidMoles() / 2 * IRON);
    }

    /** Iron from which all of the acid ends in ferric chloride: a third of it is kept for the second step. */
    public Mass ironForAll() {
        return Mass.ofGrams(acidMoles() / 3 * IRON);
    }

    /** Peroxide for the iron that dissolves. */
    public LiquidVolume peroxideNeeded() {
        double moles = Math.min(ironMoles(), acidMoles() / 2) / 2;
        return new LiquidVolume(moles / peroxideStrength.molesPerLitre() * 1000);
    }

    /** Grams of the solution at the end, without iron that is left, mud and gas. */
    private double solutionGrams() {
        Outcome end = outcome();
        return acid.millilitres() * acidStrength.density()
                + peroxide.millilitres() * peroxideStrength.density()
                + iron.grams()
                - end.iron() * IRON
                - end.hydrogen() * HYDROGEN
                - end.mud() * 106.867;
    }

    /** Of ferric chloride at the end; empty where none is made. */
    public Optional<Strength> strength() {
        double share = outcome().ferric() * Solute.FERRIC_CHLORIDE.molarMass() / solutionGrams();
        return share > 0 ? Optional.of(new Strength(Solute.FERRIC_CHLORIDE, share)) : Optional.empty();
    }

    /** About what it fills at the end, by its density as ferric chloride. */
    public LiquidVolume volume() {
        return new LiquidVolume(
                solutionGrams() / strength().map(Strength::density).orElse(1.0));
    }

    /** Portions of peroxide so small that none warms it by more than 5 K, were no heat lost meanwhile. */
    public int portions() {
        Outcome end = outcome();
        double oxidised = end.ferric() + end.mud();
        double kelvin = oxidised * HEAT / (solutionGrams() / 1000 * HEAT_CAPACITY);
        return Math.max(1, (int) Math.ceil(kelvin / WARMER));
    }

    public LiquidVolume portion() {
        return peroxide.times(1.0 / portions());
    }

    /** What runs out, in words; more than one line where more than one thing is off. */
    public List<String> runsOut() {
        Outcome end = outcome();
        List<String> said = new ArrayList<>();
        if (end.iron() > 1e-9) {
            said.add(String.format(
                    Locale.ROOT,
                    "Acid runs out in the first step: %.1f g of iron stay behind, and nothing is left for the second.",
                    end.iron() * IRON));
        }
        if (end.mud() > 1e-9) {
            said.add(String.format(
                    Locale.ROOT,
                    "Acid runs out in the second step: %.0f %% of the iron drops as rust mud. More acid, or less iron: %s for this "
                            + "acid.",
                    end.mud() / (end.mud() + end.ferric() + end.ferrous()) * 100,
                    Dilution.grams(ironForAll().grams())));
        }
        if (end.ferrous() > 1e-9) {
            said.add(String.format(
                    Locale.ROOT,
                    "Peroxide runs out: %.0f %% of the iron stays ferrous, which etches nothing. %.0f mL would do.",
                    end.ferrous() / (end.ferrous() + end.ferric() + end.mud()) * 100,
                    peroxideNeeded().millilitres()));
        }
        if (end.peroxide() > 1e-9) {
            said.add("Peroxide is left over: pour no more than what is needed; it goes on fizzing, never cap it.");
        }
        if (end.acid() > 1e-6 * acidMoles()) {
            said.add(String.format(
                    Locale.ROOT,
                    "%.2f mol of free acid stay in it: it attacks a blade unevenly. More iron, until no bubble rises from fresh "
                            + "iron.",
                    end.acid()));
        }
        return said;
    }

    public static List<String> cautions() {
        return List.of(
                "Buy it ready: that is the usual advice. Its makers know what is in it.",
                "Hydrochloric acid and hydrogen: outdoors, goggles, gloves, apron, no flame; soda and water at hand for a spill.",
                "Peroxide into it only when no bubble rises from fresh iron; in small portions, stirred with a glass rod, and the "
                        + "next only when it has cooled. All at once it boils over.",
                "Ordinary glass may crack from the heat: a heat-resistant vessel in a tray, never capped, labelled.");
    }
}
