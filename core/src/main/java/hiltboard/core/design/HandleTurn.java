package hiltboard.core.design;

/** When the handle of an etched knife is shaped and joined. */
public enum HandleTurn {
    TEMPORARY_PINS("On temporary pins, before the etch"),
    BLADE_FIRST("Blade first, then wrapped"),
    HANDLE_FIRST("Handle first, then taped off and the blade dipped");

    private final String words;

    HandleTurn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
