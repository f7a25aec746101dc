package hiltboard.core.design;

/** What is done to a pattern-welded billet. */
public enum Pattern {
    STRAIGHT("Layers left straight"),
    TWISTED("Twisted");

    private final String words;

    Pattern(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
