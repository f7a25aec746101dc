package hiltboard.core.design;

/** How blade and spine come to their hardness: the school of the tough spine, and who does it. */
public enum Hardening {
    IN_KILN("Through, in the kiln"),
    BY_EYE("Through, in the forge by colour and magnet"),
    CLAY("Edge only, spine under clay"),
    TORCHED_SPINE("Through, spine softened by torch"),
    OUTSIDE("By an outside treater");

    private final String words;

    Hardening(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
