package hiltboard.core.grind;

/** What came of trying an edge on what it is for, and what it says. Common practice of the trade. */
public enum EdgeTrial {
    CUTS("It cuts along the whole edge", "Done: it is a sharp object from here on; wrap it."),
    SLIPS(
            "It slips at a place",
            "A burr or a dull spot is left there: look against the light, and strop or go back one grit."),
    TURNED(
            "It turned",
            "Too thin, too acute or too soft: a micro bevel, two degrees steeper; turned again, test its hardness."),
    CHIPPED(
            "It chipped",
            "Too thin for this use or too hard: grind past the chip, steeper; chipped again, temper it a little hotter.");

    private final String words;
    private final String advice;

    EdgeTrial(String words, String advice) {
        this.words = words;
        this.advice = advice;
    }

    public String words() {
        return words;
    }

    public String advice() {
        return advice;
    }
}
