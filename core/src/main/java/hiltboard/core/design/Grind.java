package hiltboard.core.design;

/** The section of the blade. */
public enum Grind {
    FULL_FLAT("Full flat"),
    PARTIAL_FLAT("Flat, part of the width"),
    ZERO_GROUND("Flat, part of the width, down to nothing"),
    HOLLOW("Hollow"),
    CONVEX("Convex");

    private final String words;

    Grind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
