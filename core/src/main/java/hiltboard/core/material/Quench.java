package hiltboard.core.material;

/** How the heat leaves the blade. */
public enum Quench {
    FAST_OIL("fast oil", HeatRange.ofFahrenheit(70, 120)), MEDIUM_OIL("medium oil", HeatRange.ofFahrenheit(120, 140)),
    WATER_THEN_OIL("water, then oil", HeatRange.ofFahrenheit(70, 100)), PLATES_AND_AIR("cold plates and air", HeatRange.ofFahrenheit(50, 90));

    private final String words;
    private final HeatRange medium;

    Quench(String words, HeatRange medium) {
        this.words = words;
        this.medium = medium;
    }

    public String words() {
        return words;
    }

    /** How warm oil, water or plates are before the first blade goes in: common practice, from memory; the oil's own sheet comes first. */
    public HeatRange medium() {
        return medium;
    }

    /** Whether the blade goes under a liquid. */
    public boolean isLiquid() {
        return this != PLATES_AND_AIR;
    }
}
