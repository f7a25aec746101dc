package hiltboard.core.fit;

/** How a block's cavity is opened. */
public enum CavityMethod {
    ANGLED_HOLES("Two holes at the tang’s angles, a larger and longer one between"),
    CHAIN("A chain of holes side by side"),
    MILLED("A slot by mill, then a longer hole");

    private final String words;

    CavityMethod(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
