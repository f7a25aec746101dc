package hiltboard.core.design;

/** When the handle of an etched full tang is shaped. */
public enum HandleTurn {
    TEMPORARY_PINS("On temporary pins, before the etch"),
    BLADE_FIRST("Blade first, then wrapped");

    private final String words;

    HandleTurn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
