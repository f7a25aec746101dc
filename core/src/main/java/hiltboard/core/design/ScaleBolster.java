package hiltboard.core.design;

/** A piece of metal before each scale, pinned by itself. */
public enum ScaleBolster {
    NONE("None"),
    SQUARE("Square to the scale"),
    DOVETAILED("Dovetailed over the scale");

    private final String words;

    ScaleBolster(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
