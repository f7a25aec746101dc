package hiltboard.core.route;

/** The part of a piece that an operation makes or changes, as it would be made anew. */
public enum Part {
    KNIFE("the whole piece"),
    BLADE("the blade"),
    GUARD("the guard"),
    SPACER("the spacer"),
    HANDLE("the handle"),
    SPRING("the spring"),
    SIDES("the sides"),
    BACK_SPACER("the back spacer"),
    SHEATH("the sheath");

    private final String words;

    Part(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a new one can be made without a new blade. */
    public boolean canBeRemade() {
        return this != KNIFE && this != BLADE;
    }
}
