package hiltboard.core.design;

/** What keeps scale and loss of carbon off the blade in the fire. */
public enum ScaleGuard {
    NONE("Nothing"),
    COATING("A thin coating"),
    FOIL("Foil, opened at the quench");

    private final String words;

    ScaleGuard(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
