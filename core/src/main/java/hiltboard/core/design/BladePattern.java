package hiltboard.core.design;

/**
 * The usual patterns of blades, as shares that a drawing begins with; every number can be changed afterwards. The
 * shares are drawn by eye in the way that is common in the trade; no standard fixes them.
 */
public enum BladePattern {
    DROP("Drop point", spine(.45, .38, .64), edge(.45, 0, .73), heel(.07, .93)),
    STRAIGHT_BACK("Straight back", spine(.30, 0, 0), edge(.50, 0, .62), heel(.07, .93)),
    CLIP("Clip point", cornered(.40, .30, .045), edge(.45, 0, .72), heel(.07, .93)),
    UPSWEPT("Upswept", spine(.50, -.16, .60), edge(.62, 0, .66), heel(.07, .93)),
    SHEEPSFOOT("Sheepsfoot", spine(.34, .93, .86), edge(.12, 0, .60), heel(.07, .93)),
    REVERSE_ANGLE("Reverse-angle tip", cornered(.22, .58, 0), edge(.36, 0, .58), heel(.06, .93)),
    TALL_KITCHEN("Tall kitchen knife", spine(.42, .56, .62), edge(.76, 0, .52), heel(.03, .52)),
    SLICER("Slicer", spine(.30, .30, .62), edge(.34, 0, .70), heel(.04, .82)),
    FISH("Narrow fish knife", spine(.72, .34, .52), edge(.58, 0, .62), heel(.05, .93)),
    NORTHERN("Small northern belt knife", spine(.24, .14, .66), edge(.44, 0, .70), heel(.04, 1)),
    LEAF("Leaf-shaped folder blade", spine(.70, .46, .56), edge(.58, .10, .64), heel(.08, .80));

    private final String words;
    private final Spine spine;
    private final Edge edge;
    private final Heel heel;

    BladePattern(String words, Spine spine, Edge edge, Heel heel) {
        this.words = words;
        this.spine = spine;
        this.edge = edge;
        this.heel = heel;
    }

    /**
     * Shares of the blade's length where the spine leaves the straight, of its width for the drop, and of the roundest
     * curve; the bow of a clip is a share of its own length.
     */
    record Spine(double leaves, double drop, double round, boolean isCornered) {}

    /** Shares of the blade's length where the belly begins, of its width for how deep, and of the fullest curve. */
    record Edge(double bellyStart, double bellyDepth, double full) {}

    /** Shares of the blade's length for the ricasso, and of its width for how wide it is. */
    record Heel(double ricasso, double width) {}

    private static Spine spine(double leaves, double drop, double round) {
        return new Spine(leaves, drop, round, false);
    }

    private static Spine cornered(double leaves, double drop, double hollow) {
        return new Spine(leaves, drop, hollow, true);
    }

    private static Edge edge(double bellyStart, double bellyDepth, double full) {
        return new Edge(bellyStart, bellyDepth, full);
    }

    private static Heel heel(double ricasso, double width) {
        return new Heel(ricasso, width);
    }

    public String words() {
        return words;
    }

    Spine spine() {
        return spine;
    }

    Edge edge() {
        return edge;
    }

    Heel heel() {
        return heel;
    }
}
