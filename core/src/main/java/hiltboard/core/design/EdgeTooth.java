package hiltboard.core.design;

/** How coarse the edge is left, coarsest first. */
public enum EdgeTooth {
    BY_USE("As usual for the use"),
    COARSE("Coarse tooth, about 220 grit"),
    MEDIUM("Medium, about 600 grit"),
    FINE("Fine, 1000 grit and finer");

    private final String words;

    EdgeTooth(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
