package hiltboard.core.design;

/** When the cold treatment comes. */
public enum ColdTurn {
    BEFORE_TEMPER("Straight after the quench"),
    BETWEEN_TEMPERS("Between the first temper and the second");

    private final String words;

    ColdTurn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
