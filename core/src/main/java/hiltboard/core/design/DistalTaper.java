package hiltboard.core.design;

/** Whether the blade thins towards the point. */
public enum DistalTaper {
    NONE("None"),
    TAPERED("Thinner towards the point");

    private final String words;

    DistalTaper(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
