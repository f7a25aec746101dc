package hiltboard.core.design;

/** What stops the acid. */
public enum Neutraliser {
    SOAP("Soap and water"),
    BAKING_SODA("Baking soda"),
    TRISODIUM_PHOSPHATE("Trisodium phosphate"),
    AMMONIA_CLEANER("Ammonia cleaner");

    private final String words;

    Neutraliser(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
