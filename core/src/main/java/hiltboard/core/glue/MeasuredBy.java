package hiltboard.core.glue;

/** How the maker of an adhesive states its parts. */
public enum MeasuredBy {
    VOLUME("by volume"),
    WEIGHT("by weight");

    private final String words;

    MeasuredBy(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
