package hiltboard.core.etch;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.LiquidVolume;
import java.util.Locale;

/**
 * How strong a solution is.
 *
 * @param share of its mass that is the solute, more than nothing
 */
public record Strength(Solute solute, double share) {

    /** @throws ImpossibleQuantity if it is nothing, or stronger than the table of the solute knows */
    public Strength {
        if (!(share > 0 && share <= solute.strongest())) {
            throw new ImpossibleQuantity(
                    "strength of " + solute.words(),
                    Figure.percent(share, 1),
                    "more than 0, up to " + Math.round(solute.strongest() * 100) + " % by mass");
        }
    }

    public static Strength ofPercent(Solute solute, double percent) {
        return new Strength(solute, percent / 100);
    }

    public static Strength ofDensity(Solute solute, double gramsPerMillilitre) {
        return new Strength(solute, solute.share(gramsPerMillilitre));
    }

    public double percent() {
        return share * 100;
    }

    /** Grams a millilitre. */
    public double density() {
        return solute.density(share);
    }

    public double grams(LiquidVolume volume) {
        return volume.millilitres() * density() * share;
    }

    public double moles(LiquidVolume volume) {
        return grams(volume) / solute.molarMass();
    }

    public double molesPerLitre() {
        return moles(new LiquidVolume(1000));
    }

    /** {@code 39.3 % by mass, 1.408 g/mL, 42.1 °Bé}. */
    public String words() {
        return String.format(
                Locale.ROOT,
                "%.1f %% by mass, %.3f g/mL, %.1f °Bé",
                percent(),
                density(),
                Baume.ofDensity(density()).degrees());
    }
}
