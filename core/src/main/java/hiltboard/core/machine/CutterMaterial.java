package hiltboard.core.machine;

/** What a cutter is made of. */
public enum CutterMaterial {
    /** Young's modulus about 210 GPa, as any steel's. */
    HIGH_SPEED_STEEL("High-speed steel", 210_000),
    /** Young's modulus about 600 GPa; from memory. */
    CARBIDE("Carbide", 600_000);

    private final String words;
    private final double youngsModulus;

    CutterMaterial(String words, double youngsModulus) {
        this.words = words;
        this.youngsModulus = youngsModulus;
    }

    public String words() {
        return words;
    }

    /** In N/mm². */
    double youngsModulus() {
        return youngsModulus;
    }
}
