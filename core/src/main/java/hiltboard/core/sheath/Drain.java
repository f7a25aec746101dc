package hiltboard.core.sheath;

/** Whether water finds its way out at the point. */
public enum Drain {
    HOLE("A hole at the point"),
    NONE("None");

    private final String words;

    Drain(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
