package hiltboard.core.design;

/** What the blade looks like when it leaves. */
public enum Finish {
    HAND_SATIN("Hand satin"), BELT_SATIN("Belt satin"), ETCHED_DARK_TUMBLED("Etched dark and tumbled");

    private final String words;

    Finish(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
