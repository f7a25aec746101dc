package hiltboard.core.design;

/** What the blade is quenched in, where the shop departs from what is usual for the steel. */
public enum QuenchChoice {
    BY_STEEL("As usual for the steel"),
    FAST_OIL("Fast oil"),
    MEDIUM_OIL("Medium oil"),
    WATER_THEN_OIL("Water, then oil"),
    PLATES("Plates and air");

    private final String words;

    QuenchChoice(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
