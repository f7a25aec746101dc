package hiltboard.core.route;

/** The usual cautions, short, as they stand at a step. */
public final class Cautions {
    public static final String EYES_LUNGS = "Eyes and lungs: glasses, mask, extraction. Hair and sleeves away.";
    static final String DRILLING = "Clamp the work and give it a stop; key out of the chuck; no gloves at a turning tool.";
    static final String UNTEMPERED = "Untempered steel is brittle like glass: drop nothing, hammer nothing, cover the eyes.";
    static final String EPOXY = "Epoxy: gloves, fresh air; a large mass in the cup gets hot by itself.";
    public static final String SOLVENT = "Solvent: fumes and fire; away from sparks and flames.";
    static final String FERRIC = "Ferric chloride: goggles, gloves; never down the drain, collect it as waste.";
    static final String SHARP = "From here on it is a sharp object: wrap the edge whenever it is put down.";
    public static final String FORGE = "Forge: burns, gas and carbon monoxide; fresh air, a clear way between fire and anvil.";
    public static final String PRESS = "Press and hammer pinch: tongs that hold, nobody else within reach.";
    static final String QUENCH_OIL = "Oil flares: lid and extinguisher at hand, no water near, face shield, wholly under.";
    static final String TITANIUM = "Titanium fines burn: no steel sparks into them, sweep up, class D extinguisher.";

    private Cautions() {}
}
