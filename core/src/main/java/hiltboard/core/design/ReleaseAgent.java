package hiltboard.core.design;

/** What keeps the bed off the tang. */
public enum ReleaseAgent {
    PASTE_WAX("Paste wax"),
    PETROLEUM_JELLY("Petroleum jelly");

    private final String words;

    ReleaseAgent(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
