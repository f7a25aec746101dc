package hiltboard.core.sheath;

/** What keeps a knife in its sheath. */
public enum Retention {
    FIT("Its own fit"),
    STRAP("A strap with a snap");

    private final String words;

    Retention(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
