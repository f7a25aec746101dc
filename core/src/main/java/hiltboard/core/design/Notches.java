package hiltboard.core.design;

/** What is filed into the blank by the handle. */
public enum Notches {
    NONE("None"),
    CHOIL("Sharpening choil"),
    CHOIL_AND_THUMB_GRIP("Choil and thumb grip");

    private final String words;

    Notches(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
