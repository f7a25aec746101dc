package hiltboard.core.design;

/** The school of the hidden tang: glued at once, or bedded in a released mould of adhesive first. */
public enum Bedding {
    GLUED_AT_ONCE("Glued at once"),
    BEDDED("Bedded, shaped off the knife");

    private final String words;

    Bedding(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
