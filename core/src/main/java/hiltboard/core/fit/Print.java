package hiltboard.core.fit;

/** How the ricasso has printed into a guard, and what is done then. Common practice of the trade. */
public enum Print {
    EVEN("Even all round", "It bears everywhere: outline and pins may follow.", true),
    LEFT_ONLY(
            "Only on the left",
            "The shoulders or the guard stand out of square: file where it printed, print again.",
            false),
    RIGHT_ONLY(
            "Only on the right",
            "The shoulders or the guard stand out of square: file where it printed, print again.",
            false),
    CORNER("Only at a corner", "One corner of a shoulder stands proud: stone it off, print again.", false),
    NOTHING(
            "Nothing to be seen",
            "It is not home, or the blow was too light: read the level, strike once more.",
            false);

    private final String words;
    private final String then;
    private final boolean isGood;

    Print(String words, String then, boolean isGood) {
        this.words = words;
        this.then = then;
        this.isGood = isGood;
    }

    public String words() {
        return words;
    }

    public String then() {
        return then;
    }

    public boolean isGood() {
        return isGood;
    }
}
