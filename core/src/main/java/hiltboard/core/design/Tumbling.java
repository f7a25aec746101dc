package hiltboard.core.design;

/** How an etched blade is tumbled. */
public enum Tumbling {
    DRY("Dry"),
    WET("Wet, mixed media");

    private final String words;

    Tumbling(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
