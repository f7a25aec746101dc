package hiltboard.core.chain;

/** Where a number came from. */
public enum Source {
    DESIGNED("designed"),
    BY_RULE("by rule"),
    MEASURED("measured"),
    MADE_TO("made to");

    private final String words;

    Source(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
