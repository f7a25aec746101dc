package hiltboard.core.route;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The usual cautions, short, as they stand at a step: those of a machine at every step that is done at it, the others
 * where the work asks.
 */
public final class Cautions {
    public static final String EYES_LUNGS =
            "Eyes, ears and lungs: glasses, ear protection, mask, extraction. Hair and sleeves away.";
    static final String DRILLING =
            "Eyes: glasses against chips. Clamp the work and give it a stop; key out of the chuck; speed by the "
                    + "drill; no gloves at a turning tool.";
    static final String MILLING =
            "Eyes: glasses against chips. Clamp the work and give it a stop; guard on; speed by the cutter; a "
                    + "knocked cutter is changed; no gloves and no hand near what turns.";
    static final String HAMMER = "Eyes and ears at the hammer: glasses, ear protection, nobody in line with it.";
    static final String TUMBLER =
            "Tumbler: ears, it is loud; lid shut, it splashes; no water near its plug, no wet floor; take the blade out by its tang.";
    static final String BUFFER =
            "The buffer is the most dangerous wheel: edge down, stand aside, blade wrapped; dry air gives shocks that startle the hand.";
    static final String STEEL_WOOL =
            "Steel wool catches fire from sparks and leaves splinters: away from the grinder, wipe away from the edge.";
    static final String UNTEMPERED =
            "Untempered steel is brittle like glass: drop nothing, hammer nothing, cover the eyes.";
    static final String EPOXY = "Epoxy: gloves, fresh air; a large mass in the cup gets hot by itself.";
    public static final String SOLVENT = "Solvent: fumes and fire; away from sparks and flames.";
    static final String FERRIC =
            "Ferric chloride: goggles, gloves; never down the drain, collect it as waste. Bought ready is "
                    + "safer: a bath of the shop’s own making is free acid until fresh iron raises no more bubbles in it, "
                    + "and only then takes peroxide, a little at a time.";
    static final String SHARP = "From here on it is a sharp object: wrap the edge whenever it is put down.";
    public static final String FORGE =
            "Forge: burns, gas and carbon monoxide; fresh air, eyes and ears covered against scale and noise, "
                    + "a clear way between fire and anvil.";
    public static final String PRESS = "Press and hammer pinch: tongs that hold, nobody else within reach.";
    static final String TITANIUM = "Titanium fines burn: no steel sparks into them, sweep up, class D extinguisher.";
    static final String PARTING =
            "Parting glue with heat: fumes and burns; fresh air, no open flame, no solvent near; an oiled or "
                    + "waxed part smokes and catches fire. Below the tempering heat: new colour on the blade means that "
                    + "the temper is gone.";

    static final String CLIMB = "Climb cutting grabs the work: conventional for the depth, clamp checked, hands away.";
    static final String FLUTES =
            "Flutes are cleaned with the drill standing, with a brush or a pick; never with a razor blade.";
    static final String ANVIL = "An anvil that is not fast tips: chained or spiked to its block, feet clear.";
    static final String TORCH = "Torch: flame, hot steel, nothing that burns near.";
    static final String NO_RED_HEAT = "Never red: this steel hardens again in the air from red heat.";

    private static final Set<Trait> HOT = EnumSet.of(Trait.FORGES_ON, Trait.HARDENS, Trait.SOFTENS);
    private static final Set<Trait> HAMMERED =
            EnumSet.of(Trait.FITS_GUARD, Trait.PINS_BOLSTERS, Trait.STAMPS, Trait.PEENS, Trait.FITS_HAFT, Trait.WEDGES);

    private Cautions() {}

    /** What every step at this machine, or of this kind, asks. */
    static List<String> of(Station station, Set<Trait> traits) {
        List<String> cautions = new ArrayList<>();
        switch (station) {
            case MILL -> cautions.add(MILLING);
            case DRILL -> cautions.add(DRILLING);
            case GRINDER -> cautions.add(EYES_LUNGS);
            case FORGE -> {
                if (!Collections.disjoint(traits, HOT)) {
                    cautions.add(FORGE);
                }
            }
            default -> {}
        }
        if (!Collections.disjoint(traits, HAMMERED)) {
            cautions.add(HAMMER);
        }
        if (traits.contains(Trait.TUMBLES)) {
            cautions.add(TUMBLER);
        }
        return cautions;
    }
}
