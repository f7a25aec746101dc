package hiltboard.core.route;

/** How to go on after something went wrong. */
public enum WayBack {
    REDO("Do it again from a step"), REMAKE("Make a new part"), HEAT_AGAIN("Heat again"), GRIND_OUT("Go: grind the flaw out"), WELD("Weld it"),
    GO_ON("Go on as it is"), SPARE("Use the spare"), HOLD("Hold the piece until it is decided"), SCRAP("Scrap the piece");

    private final String words;

    WayBack(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
