package hiltboard.core.design;

/** The school of the hardness: when it is tried, and how. */
public enum HardnessTried {
    AFTER_TEMPER("After the temper, with file and tester"),
    BEFORE_TEMPER("Before the temper, with the file"),
    BOTH("File before the temper, tester after");

    private final String words;

    HardnessTried(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
