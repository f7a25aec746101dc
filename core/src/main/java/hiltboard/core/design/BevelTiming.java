package hiltboard.core.design;

/** The school of the bevels: when they are ground. */
public enum BevelTiming {
    BEFORE_HARDENING("Before hardening"),
    ROUGH_THEN_FINISH("Rough before, finish after"),
    AFTER_HARDENING("After hardening");

    private final String words;

    BevelTiming(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
