package hiltboard.core.sheath;

/** Whether leather takes the knife's shape. */
public enum Forming {
    WET("Wet-formed to the knife"),
    PLAIN("Not formed");

    private final String words;

    Forming(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
