package hiltboard.core.route;

/** How to go on after something went wrong. */
public enum WayBack {
    REDO("Do it again from a step", 0),
    REMAKE("Make a new part", 0),
    HEAT_AGAIN("Heat again", 0),
    GRIND_OUT("Go: grind the flaw out", 30),
    WELD("Weld it", 45),
    WARM("Warm it and pull it off", 45),
    GO_ON("Go on as it is", 0),
    SPARE("Use the spare", 0),
    HOLD("Hold the piece until it is decided", 0),
    SCRAP("Scrap the piece", 0);

    private final String words;
    private final int ownMinutes;

    WayBack(String words, int ownMinutes) {
        this.words = words;
        this.ownMinutes = ownMinutes;
    }

    public String words() {
        return words;
    }

    /** Usual hands-on minutes of the way itself, beside the steps that are done again. */
    int ownMinutes() {
        return ownMinutes;
    }
}
