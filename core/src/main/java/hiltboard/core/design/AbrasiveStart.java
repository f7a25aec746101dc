package hiltboard.core.design;

/** The first belt. */
public enum AbrasiveStart {
    GRIT_36("36 grit"),
    GRIT_60("60 grit");

    private final String words;

    AbrasiveStart(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
