package hiltboard.core.material;

/** What a guard, a spacer or a liner is made of. */
public enum FittingMaterial {
    MILD_STEEL("Mild steel", 7.85),
    STAINLESS("Stainless steel", 7.9),
    TOOL_STEEL("Hardenable steel", 7.85),
    BRASS("Brass", 8.5),
    NICKEL_SILVER("Nickel silver", 8.7),
    COPPER("Copper", 8.94),
    GLASS_EPOXY("Black glass-epoxy laminate", 1.85),
    VULCANISED_FIBRE("Vulcanised fibre", 1.3);

    private final String words;
    private final Density density;

    FittingMaterial(String words, double gramsPerCubicCentimetre) {
        this.words = words;
        this.density = new Density(gramsPerCubicCentimetre);
    }

    public String words() {
        return words;
    }

    /** Whether a fitting of it can be hardened: brittle then like any blade, until it is tempered. */
    public boolean isHardenable() {
        return this == TOOL_STEEL || this == STAINLESS;
    }

    public boolean isMetal() {
        return this != GLASS_EPOXY && this != VULCANISED_FIBRE;
    }

    /** Usual for such material, from memory. */
    public Density density() {
        return density;
    }
}
