package hiltboard.core.design;

/** Whether a spacer stands between guard and handle. */
public enum Spacing {
    NONE("No spacer"),
    ONE("One spacer");

    private final String words;

    Spacing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
