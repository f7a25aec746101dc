package hiltboard.core.design;

/** How handle and blade hold together, or what else is made. */
public enum Construction {
    FULL_TANG("Full tang with scales"),
    HIDDEN_TANG("Hidden tang with guard"),
    INTEGRAL("Integral bolster, hidden tang behind it"),
    SLIP_JOINT("Slip joint folder"),
    FRAME_LOCK("Frame lock folder"),
    MACHINED("Machined full tang, from fixtures"),
    HATCHET("Hatchet, haft wedged from the top"),
    TOMAHAWK("Tomahawk, tapered haft slid in from above");

    private final String words;

    Construction(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Scales on both sides of a tang as wide as the handle. */
    public boolean hasScales() {
        return this == FULL_TANG || this == MACHINED;
    }

    /** A block over a tang that is narrower than the handle. */
    public boolean hasBlock() {
        return this == HIDDEN_TANG || this == INTEGRAL;
    }

    public boolean isFolder() {
        return this == SLIP_JOINT || this == FRAME_LOCK;
    }

    /** A bolster or an eye that only the forge can make. */
    public boolean isForged() {
        return this == INTEGRAL || isAxe();
    }

    /** A head with an eye on a wooden haft. */
    public boolean isAxe() {
        return this == HATCHET || this == TOMAHAWK;
    }
}
