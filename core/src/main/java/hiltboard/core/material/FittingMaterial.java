package hiltboard.core.material;

/** What a guard or a spacer is made of. */
public enum FittingMaterial {
    MILD_STEEL("Mild steel"), STAINLESS("Stainless steel"), BRASS("Brass"), NICKEL_SILVER("Nickel silver"),
    COPPER("Copper"), GLASS_EPOXY("Black glass-epoxy laminate");

    private final String words;

    FittingMaterial(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
