package hiltboard.core.design;

/** What the steel is when work on it begins. */
public enum SteelForm {
    BAR("Bar, ground to shape"),
    FORGED("Bar, forged to shape"),
    LAMINATED("Clad billet, hard core in soft cladding"),
    PATTERN_WELDED("Pattern-welded billet");

    private final String words;

    SteelForm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
