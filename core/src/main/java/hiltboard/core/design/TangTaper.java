package hiltboard.core.design;

/** Whether a full tang thins towards the butt. */
public enum TangTaper {
    NONE("None"),
    TAPERED("Tapered");

    private final String words;

    TangTaper(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
