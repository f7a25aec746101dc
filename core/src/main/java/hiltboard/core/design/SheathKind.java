package hiltboard.core.design;

/** What the knife is carried in. */
public enum SheathKind {
    NONE("No sheath"),
    LEATHER("Stitched leather sheath"),
    FORMED("Formed plastic sheath");

    private final String words;

    SheathKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
