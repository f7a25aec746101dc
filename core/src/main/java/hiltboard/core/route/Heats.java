package hiltboard.core.route;

/**
 * How often a blade has gone or will go through the heat.
 *
 * @param count of hardenings, 1 or more; each costs carbon and grain
 * @param isSoftenedAgain whether it was annealed again so that soft work could be done after a hardening
 */
public record Heats(int count, boolean isSoftenedAgain) {
    public static final Heats ONCE = new Heats(1, false);
    /** From here on the grain suffers so much that a new blade is the better way. */
    private static final int TOO_MANY = 3;

    public Heats {
        if (count < 1) {
            throw new IllegalArgumentException("A blade is hardened at least once, not " + count + " times");
        }
    }

    public Heats again(boolean softened) {
        return new Heats(count + 1, isSoftenedAgain || softened);
    }

    public boolean isTooMany() {
        return count > TOO_MANY;
    }
}
