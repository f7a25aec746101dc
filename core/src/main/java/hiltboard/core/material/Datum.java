package hiltboard.core.material;

/** What is known of a steel; each has a source of its own. */
public enum Datum {
    COMPOSITION("Composition"),
    DENSITY("Density"),
    FORGING("Forging heat"),
    NORMALISING("Normalising"),
    HARDENING("Hardening heat, soak and quench"),
    AS_QUENCHED("Hardness as quenched"),
    TEMPERING("Tempering"),
    COLD("Cold treatment");

    private final String words;

    Datum(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
