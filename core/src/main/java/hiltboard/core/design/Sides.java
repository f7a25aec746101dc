package hiltboard.core.design;

/** What the sides of a slip joint are. */
public enum Sides {
    LINERS("Liners with covers"),
    MILLED_SCALES("Milled scales, no liners");

    private final String words;

    Sides(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
