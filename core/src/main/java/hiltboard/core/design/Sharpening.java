package hiltboard.core.design;

/** When the edge goes on. */
public enum Sharpening {
    LAST("Last"),
    BEFORE_HANDLE("Before the handle, then wrapped");

    private final String words;

    Sharpening(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
