package hiltboard.core.design;

/** Whether a steeper, tiny bevel is honed onto the edge. */
public enum MicroBevel {
    NONE("None"),
    HONED("Honed: far stronger edge, same feel");

    private final String words;

    MicroBevel(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
