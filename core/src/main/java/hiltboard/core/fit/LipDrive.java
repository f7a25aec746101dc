package hiltboard.core.fit;

import hiltboard.core.material.FittingMaterial;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/**
 * The lip of a guard that is smaller than the ricasso it is driven onto. Each wall springs back by its yield strain
 * over the metal beside the slot, and what is more is pushed aside for good: an estimate from strength and stiffness
 * alone (Hooke's law; strengths and moduli of usual annealed or half-hard metal, from memory). How much is driven at
 * most is common practice, from memory.
 *
 * @param interference by how much the lip is too small, both walls together
 * @param beside metal beside the slot, one side
 */
public record LipDrive(FittingMaterial material, Length interference, Length beside) {

    /** What a lip of this material bears: more tears it, or splits the guard. */
    public static Length most(FittingMaterial material) {
        return switch (material) {
            case BRASS, COPPER -> Length.ofInches("0.004");
            case NICKEL_SILVER, MILD_STEEL -> Length.ofInches("0.003");
            case STAINLESS, TOOL_STEEL -> Length.ofInches("0.002");
            case GLASS_EPOXY, VULCANISED_FIBRE -> Length.ZERO;
        };
    }

    /** How far one wall springs, at most. */
    public Worked<Length> springs(Units units) {
        double strain = megapascals() / (1000 * gigapascals());
        Length most = beside.times(strain);
        Length springs = most.compareTo(interference.half()) > 0 ? interference.half() : most;
        Working line = new Working(units);
        return Worked.of(
                springs,
                String.format(
                                Locale.ROOT,
                                "%s yields at %.0f MPa, %.0f GPa stiff: ",
                                material.words(),
                                megapascals(),
                                gigapascals())
                        + line.of(beside)
                        + String.format(Locale.ROOT, " of it gives %.2f %%", strain * 100)
                        + line.comesTo(most));
    }

    /** How far one wall moves for good. */
    public Worked<Length> moves(Units units) {
        Length wall = interference.half();
        Length springs = springs(units).value();
        Length moves = wall.minus(springs);
        Working line = new Working(units);
        return Worked.of(
                moves, line.of(interference) + " ÷ 2 − " + line.of(springs) + " that springs" + line.comesTo(moves));
    }

    private double megapascals() {
        return switch (material) {
            case MILD_STEEL -> 250;
            case STAINLESS -> 215;
            case TOOL_STEEL -> 400;
            case BRASS -> 300;
            case NICKEL_SILVER -> 350;
            case COPPER -> 200;
            case GLASS_EPOXY -> 250;
            case VULCANISED_FIBRE -> 90;
        };
    }

    private double gigapascals() {
        return switch (material) {
            case MILD_STEEL, TOOL_STEEL -> 205;
            case STAINLESS -> 193;
            case BRASS -> 105;
            case NICKEL_SILVER -> 125;
            case COPPER -> 117;
            case GLASS_EPOXY -> 18;
            case VULCANISED_FIBRE -> 6;
        };
    }
}
