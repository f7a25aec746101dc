package hiltboard.core.design;

/** The school of the warp: when a bent blade is clamped straight. */
public enum Straightening {
    AFTER_TEMPER("Clamped only once it is tempered"),
    IN_FIRST_TEMPER("Clamped in the first temper already");

    private final String words;

    Straightening(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
