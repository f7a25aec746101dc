package hiltboard.core.route;

/**
 * What a piece goes through beyond one straight passage.
 *
 * @param heats hardenings in all, 1 or more; each costs carbon and grain
 * @param isSoftenedAgain whether it was annealed again so that soft work could be done after a hardening
 * @param isTakenApart whether its handle comes off again for work that no handle bears
 */
public record Rework(int heats, boolean isSoftenedAgain, boolean isTakenApart) {
    public static final Rework NONE = new Rework(1, false, false);
    /** From here on the grain suffers so much that a new blade is the better way. */
    private static final int NEW_BLADE_FROM = 3;

    public Rework {
        if (heats < 1) {
            throw new IllegalArgumentException("A blade is hardened at least once, not " + heats + " times");
        }
    }

    public Rework heatedAgain() {
        return new Rework(heats + 1, isSoftenedAgain, isTakenApart);
    }

    public Rework softened() {
        return new Rework(heats, true, isTakenApart);
    }

    public Rework takenApart() {
        return new Rework(heats, isSoftenedAgain, true);
    }

    public boolean isHeatedTooOften() {
        return heats >= NEW_BLADE_FROM;
    }
}
