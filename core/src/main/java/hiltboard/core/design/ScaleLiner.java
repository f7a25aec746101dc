package hiltboard.core.design;

/** A thin sheet between each scale and the tang: a line that shows, and a face that takes up what wood moves. */
public enum ScaleLiner {
    NONE("None"),
    LINED("One under each scale");

    private final String words;

    ScaleLiner(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
