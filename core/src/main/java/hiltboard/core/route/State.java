package hiltboard.core.route;

/** What a piece looks like when it hangs on the wall, least done first. */
public enum State {
    BAR("bar"),
    PROFILED("profiled"),
    HARDENED("hardened"),
    GROUND("ground"),
    FINISHED("blade finished"),
    GUARDED("guarded"),
    HANDLED("handled"),
    HANDED_OVER("handed over");

    private final String words;

    State(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
