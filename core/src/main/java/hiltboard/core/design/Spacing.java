package hiltboard.core.design;

/** How many spacers stand between guard and handle. */
public enum Spacing {
    NONE("No spacer"),
    ONE("One spacer"),
    TWO("Two spacers, thickness together"),
    THREE("Three spacers, thickness together");

    private final String words;

    Spacing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
