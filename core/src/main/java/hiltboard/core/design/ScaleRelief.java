package hiltboard.core.design;

import hiltboard.core.measure.Length;

/** Whether the inside of a scale is pocketed, so that its rim takes the pressure. */
public enum ScaleRelief {
    NONE("None"),
    POCKET("Pocket inside the rim");

    /** Deep enough that only the rim bears; usual, common practice. */
    public static final Length DEPTH = Length.ofInches("0.020");
    /** From the outline to the pocket; usual, common practice. */
    public static final Length RIM = Length.ofInches("0.150");

    private final String words;

    ScaleRelief(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
