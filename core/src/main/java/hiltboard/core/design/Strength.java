package hiltboard.core.design;

/** How firmly the client asked. */
public enum Strength {
    MUST("must"),
    MAY("may"),
    MAKERS_CHOICE("maker's choice");

    private final String words;

    Strength(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
