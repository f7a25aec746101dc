package hiltboard.core.fire;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;

/**
 * How far a blade is off straight after the fire.
 *
 * @param amount the largest gap to a straight edge
 * @param blade its whole length, heel to point
 */
public record Warp(Place place, Direction direction, Length amount, Length blade) {
    /** A thousandth of the length passes; from memory, each shop has its own eye. */
    private static final int PASSES_PER_LENGTH = 1000;
    /** Up to four thousandths a clamp and a temper usually bring back; from memory. */
    private static final int CLAMPS_PER_LENGTH = 250;

    private static final int NEW_BLADE_FROM = 3;
    private static final Length LEAST = Length.ofMillimetres("0.1");

    /** Where it is off. */
    public enum Place {
        POINT("at the point"),
        BELLY("in the belly"),
        MIDDLE("half way along"),
        HEEL("at the heel"),
        TANG("in the tang"),
        WHOLE("in one bow, all along");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** To which side, point away from the maker and edge down. */
    public enum Direction {
        LEFT("to the left"),
        RIGHT("to the right"),
        UP("towards the spine"),
        DOWN("towards the edge"),
        TWIST("twisted");

        private final String words;

        Direction(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What was done about it. */
    public enum Remedy {
        WHILE_WARM("Straightened while still warm, in plates or jig"),
        CLAMPED_TEMPER("Clamped, shimmed the other way, tempered again"),
        HEATED_AGAIN("Normalised and quenched once more"),
        GROUND_OUT("Left: the grinder takes it out");

        private final String words;

        Remedy(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How much of it passes for such a length. */
    public Length limit() {
        Length share = new Length(blade.nanometres() / PASSES_PER_LENGTH);
        return share.compareTo(LEAST) > 0 ? share : LEAST;
    }

    public boolean passes() {
        return amount.compareTo(limit()) <= 0;
    }

    /**
     * What is usual for this much, the mildest first.
     *
     * @param heats how often it has been hardened
     * @param isTempered whether it is no longer brittle
     * @param isClampedUntempered whether the job's school clamps a blade in its first temper; otherwise none is clamped
     *     before it
     */
    public List<Remedy> remedies(int heats, boolean isTempered, boolean isClampedUntempered) {
        if (passes()) {
            return List.of();
        }
        List<Remedy> remedies = new ArrayList<>();
        if (!isTempered) {
            remedies.add(Remedy.WHILE_WARM);
        }
        if ((isTempered || isClampedUntempered)
                && amount.compareTo(new Length(blade.nanometres() / CLAMPS_PER_LENGTH)) <= 0
                && direction != Direction.UP
                && direction != Direction.DOWN) {
            remedies.add(Remedy.CLAMPED_TEMPER);
        }
        if (direction == Direction.UP || direction == Direction.DOWN) {
            remedies.add(Remedy.GROUND_OUT);
        }
        if (heats < NEW_BLADE_FROM) {
            remedies.add(Remedy.HEATED_AGAIN);
        }
        return List.copyOf(remedies);
    }

    /**
     * What to look at before the next quench; nothing the first time. Common practice.
     *
     * @param times how often it was found off straight after a fire
     * @param heats how often it has been hardened
     */
    public static List<String> lookAtFirst(int times, int heats) {
        List<String> words = new ArrayList<>();
        if (times > 1) {
            words.add("It has warped " + times
                    + " times. Before the next quench look at the bevels (uneven?), at the heat (one side nearer the element, a slanting "
                    + "blade?), at the quench (slanting, moved sideways, oil too cold?) "
                    + "and at stress (forged cold, ground hard, not normalised?). What is not changed bends it again.");
        }
        if (heats >= NEW_BLADE_FROM - 1 && times > 0) {
            words.add("The next heat would be heat " + (heats + 1)
                    + ": from the third on a new blade is the better way.");
        }
        return List.copyOf(words);
    }

    public List<String> working(Units units) {
        return List.of(
                blade.in(units) + " ÷ " + PASSES_PER_LENGTH + " ≈ " + limit().in(units) + " passes, by rule of thumb",
                amount.in(units) + " " + direction.words() + " " + place.words()
                        + (passes() ? ": it passes" : ": it is off"));
    }
}
