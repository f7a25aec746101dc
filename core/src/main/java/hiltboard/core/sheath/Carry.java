package hiltboard.core.sheath;

/** How a sheath hangs on the belt. */
public enum Carry {
    UPRIGHT("Upright on the belt"),
    CROSS("Crosswise on the belt"),
    SLUNG("Slung below the belt"),
    NONE("Not on the belt");

    private final String words;

    Carry(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
