package hiltboard.core.design;

/** What the edge is put on with. */
public enum SharpenedWith {
    BELTS("Belts"),
    STONES("Stones by hand"),
    GUIDED_RODS("Guided rods"),
    WHEEL("Wet wheel");

    private final String words;

    SharpenedWith(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
