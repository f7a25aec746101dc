package hiltboard.core.design;

/** The school of the mark: when it goes on. */
public enum MarkTiming {
    BEFORE_ACID("Before the acid"),
    AFTER_POLISH("After the polish"),
    LAST("At the very end");

    private final String words;

    MarkTiming(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
