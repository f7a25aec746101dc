package hiltboard.core.grind;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;

/**
 * How a measured size stands to the one that this belt is to reach: steel comes off, none goes on.
 *
 * @param words by how much
 */
public record Standing(Where where, String words) {
    /** A maker's calliper at a bevel reads no closer. Common practice. */
    private static final Length WITHIN = Length.ofInches("0.003");

    /** Where it stands. */
    public enum Where {
        TO_GO("to go"),
        THERE("there"),
        PAST("past");

        private final String words;

        Where(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether a thickness is more than another by more than a calliper's doubt. */
    public static boolean isMore(Length measured, Length than) {
        return measured.minus(than).compareTo(WITHIN) > 0;
    }

    /** Of a thickness, which gets less while it is ground. */
    public static Standing ofThickness(Length measured, Length wanted, Units units) {
        return of(measured.minus(wanted), WITHIN, wanted, units);
    }

    /** Of a bevel's height, which grows while it is ground. */
    public static Standing ofHeight(Length measured, Length wanted, Units units) {
        return of(wanted.minus(measured), SidesCompared.ALIKE, wanted, units);
    }

    private static Standing of(Length left, Length within, Length wanted, Units units) {
        if (left.absolute().compareTo(within) <= 0) {
            return new Standing(Where.THERE, "there: " + wanted.asRead(units).in(units) + " wanted");
        }
        return left.isPositive()
                ? new Standing(
                        Where.TO_GO,
                        left.asRead(units).in(units) + " to go to "
                                + wanted.asRead(units).in(units))
                : new Standing(
                        Where.PAST,
                        left.absolute().asRead(units).in(units) + " past the "
                                + wanted.asRead(units).in(units) + " wanted");
    }
}
