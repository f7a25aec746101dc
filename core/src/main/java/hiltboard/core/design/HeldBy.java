package hiltboard.core.design;

/** What holds the handle of a hidden tang. */
public enum HeldBy {
    GLUE("Glue"),
    PEENED("Peened over an end cap"),
    TAKE_DOWN("A nut at the pommel, comes apart");

    private final String words;

    HeldBy(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
