package hiltboard.core.design;

/** How many spacers stand between guard and handle. */
public enum Spacing {
    NONE(0, "No spacer"),
    ONE(1, "One spacer"),
    TWO(2, "Two spacers, thickness together"),
    THREE(3, "Three spacers, thickness together");

    private final int count;
    private final String words;

    Spacing(int count, String words) {
        this.count = count;
        this.words = words;
    }

    public int count() {
        return count;
    }

    public String words() {
        return words;
    }
}
