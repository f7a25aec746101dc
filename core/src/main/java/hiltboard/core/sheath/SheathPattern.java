package hiltboard.core.sheath;

/** How a leather sheath is laid out. */
public enum SheathPattern {
    TWO_PART("Front and back, sewn all round"),
    FOLDED("One piece, folded along the spine");

    private final String words;

    SheathPattern(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
