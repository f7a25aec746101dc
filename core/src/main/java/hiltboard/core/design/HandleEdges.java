package hiltboard.core.design;

/** What a handle's corners are. */
public enum HandleEdges {
    ROUNDED("Rounded"),
    FACETED("Crisp facets");

    private final String words;

    HandleEdges(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
