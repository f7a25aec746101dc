package hiltboard.core.design;

/** How the maker signs. */
public enum Mark {
    NONE("No mark"),
    STAMPED("Stamped while soft"),
    ELECTRO_ETCHED("Electro-etched");

    private final String words;

    Mark(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
