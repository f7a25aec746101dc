package hiltboard.core.route;

/** What it means to break an order rule. */
public enum Severity {
    STOP("cannot be undone, or dangerous"),
    COSTLY("means doing it again"),
    CARE("care");

    private final String words;

    Severity(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether the gate stays shut until the owner overrides it; care is only said. */
    public boolean closesGate() {
        return this != CARE;
    }
}
