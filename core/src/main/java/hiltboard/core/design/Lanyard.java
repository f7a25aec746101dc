package hiltboard.core.design;

/** Whether a cord goes through the handle. */
public enum Lanyard {
    NONE("None"),
    TUBE("Brass tube");

    private final String words;

    Lanyard(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
