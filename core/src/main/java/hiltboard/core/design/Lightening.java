package hiltboard.core.design;

/** Whether the tang is drilled for lightness. */
public enum Lightening {
    NONE("None"),
    HOLES("Lightening holes");

    private final String words;

    Lightening(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
