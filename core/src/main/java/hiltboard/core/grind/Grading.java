package hiltboard.core.grind;

/** By which table an abrasive's name stands for a size of grain. */
public enum Grading {
    /** ISO 6344, FEPA: coated abrasives, macrogrits and microgrits. */
    P("P grits (FEPA, ISO 6344)"),
    /** ANSI B74.12 and B74.18, as printed on most plain belts of inch countries. */
    PLAIN("plain grits (ANSI)"),
    /** JIS R 6001, by which most bench stones are named. */
    STONE("stones (JIS R 6001)"),
    /** Structured and fine-grained abrasives that state their micrometres. */
    MICROMETRES("stated in µm");

    private final String words;

    Grading(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
