package hiltboard.core.material;

/** How the heat leaves the blade. */
public enum Quench {
    FAST_OIL("fast oil"), MEDIUM_OIL("medium oil"), WATER_THEN_OIL("water, then oil"), PLATES_AND_AIR("cold plates and air");

    private final String words;

    Quench(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether the blade goes under a liquid. */
    public boolean isLiquid() {
        return this != PLATES_AND_AIR;
    }
}
