package hiltboard.core.design;

/** How it reaches whoever gets it. */
public enum Destination {
    HANDED_OVER("Handed over in the shop"),
    POSTED("Posted within the country"),
    ABROAD("Posted across a border");

    private final String words;

    Destination(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
