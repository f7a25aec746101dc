package hiltboard.core.machine;

/**
 * How stiff a mill is, by what it bears in a slot and beside a wall in annealed steel: shares of the cutter's diameter.
 * Common practice, from memory.
 */
public enum Stiffness {
    LIGHT("Bench mill, light", 0.25, 0.10, 350),
    MEDIUM("Knee mill, medium", 0.5, 0.25, 1500),
    RIGID("Machining centre, rigid", 1.0, 0.4, 7500);

    private final String words;
    private final double slotDepth;
    private final double sideWidth;
    private final double usualWatts;

    Stiffness(String words, double slotDepth, double sideWidth, double usualWatts) {
        this.words = words;
        this.slotDepth = slotDepth;
        this.sideWidth = sideWidth;
        this.usualWatts = usualWatts;
    }

    public String words() {
        return words;
    }

    double slotDepth() {
        return slotDepth;
    }

    double sideWidth() {
        return sideWidth;
    }

    /** Usual power at the spindle, in watts. */
    double usualWatts() {
        return usualWatts;
    }
}
