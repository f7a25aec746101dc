package hiltboard.core.sheath;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Working;

/** How a knife went into its sheath before it was closed for good. Common practice. */
public enum TrialFit {
    HOLDS("It goes in, holds, and comes out"),
    TIGHT("Too tight"),
    LOOSE("Too loose");

    private final String words;

    TrialFit(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether the sheath may be closed. */
    public boolean isGood() {
        return this == HOLDS;
    }

    /** What is done about it while the welt is not glued, or while the sheet can still be warmed. */
    public String remedy(SheathWall wall, boolean isSewn, Units units) {
        String layer = new Working(units).of(wall.thickness());
        Length nearer = wall.toEdge().half();
        return switch (this) {
            case HOLDS -> "Close it.";
            case TIGHT ->
                isSewn
                        ? "Nothing is glued yet. A second layer of the same leather in the welt gives " + layer
                                + " of room along the edge; where the handle binds, shave the inside. If it still binds, cut a"
                                + " new panel: damp leather gives way once, cement never."
                        : "Warm it where it binds until it gives, put the taped knife in, let it cool on it. It gives a little and"
                                + " not twice; where it binds all along, press a new one.";
            case LOOSE ->
                isSewn
                        ? "Move the stitches in by " + new Working(units).of(nearer)
                                + " at most, and skive the welt to half; wet-forming takes up the rest. A knife that falls out"
                                + " upside down needs a strap."
                        : "Warm it over the guard or where the handle is hollow, and press it closer there with a finger in a glove.";
        };
    }
}
