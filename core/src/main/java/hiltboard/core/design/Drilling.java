package hiltboard.core.design;

/** When the holes are drilled. */
public enum Drilling {
    SQUARE_STOCK("While the stock is square"),
    AFTER_PROFILE("After the profile, in a fixture");

    private final String words;

    Drilling(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
