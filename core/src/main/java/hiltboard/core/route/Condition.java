package hiltboard.core.route;

/** What a piece is at a moment, beyond how far it has come: operations change it, and rules ask for it. */
public enum Condition {
    ANNEALED("annealed"),
    CLAYED("under clay"),
    UNTEMPERED("hardened, untempered: brittle"),
    TEMPERED("tempered"),
    AWAY("at the treater's"),
    MARKED("marked"),
    DEGREASED("degreased for the bath"),
    ACID("acid on it"),
    ETCHED("etched"),
    FINISHED("blade finished"),
    WRAPPED("wrapped"),
    GREASED("release agent on it"),
    BEDDED("bedded"),
    WET_GLUE("adhesive wet"),
    GLUED("glued"),
    CEMENTED("contact cement on it"),
    SHARP("sharp"),
    FLAW_OPEN("a flaw waits for a decision");

    private final String words;

    Condition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
