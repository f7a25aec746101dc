package hiltboard.core.design;

/** Whether guard, spacer and handle are pinned in line. */
public enum AlignmentPins {
    NONE("None"),
    TWO("Two, through guard, spacer and handle");

    private final String words;

    AlignmentPins(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
