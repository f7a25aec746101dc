package hiltboard.core.design;

/** Whether the inside of a scale is pocketed, so that its rim takes the pressure. */
public enum ScaleRelief {
    NONE("None"),
    POCKET("Pocket inside the rim");

    private final String words;

    ScaleRelief(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
