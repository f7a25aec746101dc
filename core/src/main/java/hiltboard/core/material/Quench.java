package hiltboard.core.material;

/** How the heat leaves the blade. */
public enum Quench {
    FAST_OIL("fast oil"), MEDIUM_OIL("medium oil"), PLATES_AND_AIR("cold plates and air");

    private final String words;

    Quench(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean isOil() {
        return this != PLATES_AND_AIR;
    }
}
