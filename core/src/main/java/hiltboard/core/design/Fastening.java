package hiltboard.core.design;

/** What holds the scales of a full tang. */
public enum Fastening {
    PINS("Pins and epoxy"),
    SHOULDERED_FASTENERS("Shouldered fasteners in counterbores"),
    SCREWS("Screws and standoffs, removable");

    private final String words;

    Fastening(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
