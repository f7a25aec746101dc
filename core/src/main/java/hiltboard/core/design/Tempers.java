package hiltboard.core.design;

/** How often a blade is tempered. */
public enum Tempers {
    BY_STEEL("As usual for the steel"),
    ONE("Once, long"),
    TWO("Twice"),
    THREE("Three times");

    private final String words;

    Tempers(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
