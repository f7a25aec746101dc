package hiltboard.core.design;

/** How hard a guard of steel is. */
public enum GuardState {
    SOFT("Left soft"),
    HARDENED("Hardened and tempered");

    private final String words;

    GuardState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
