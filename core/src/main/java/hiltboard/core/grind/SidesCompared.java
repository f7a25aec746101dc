package hiltboard.core.grind;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.Optional;

/**
 * Left held against right. What was ground away cannot be put back: the side that has lost less is brought to the
 * other, and where the other is past its line as well, that is said. Common practice of the trade.
 */
public final class SidesCompared {
    /** An eye at arm's length sees no less. Common practice, from memory. */
    public static final Length ALIKE = Length.ofInches("0.010");

    private SidesCompared() {}

    /** What both sides of a place, or both plunges, were measured at. */
    public record Pair(Length left, Length right) {
        private Length apart() {
            return left.minus(right).absolute();
        }

        boolean isAlike() {
            return apart().compareTo(ALIKE) <= 0;
        }

        private Side lower() {
            return left.compareTo(right) < 0 ? Side.LEFT : Side.RIGHT;
        }

        private Length higher() {
            return lower() == Side.LEFT ? right : left;
        }
    }

    /**
     * Which side to touch.
     *
     * @param by how much is between the sides
     * @param words the whole of it for the maker
     */
    public record Touch(Side side, Length by, String words) {}

    /** Heights of the bevels at one place. @param line where both are to end */
    public static Optional<Touch> heights(Pair pair, BladePlace place, Length line, Units units) {
        if (pair.isAlike()) {
            return Optional.empty();
        }
        Side low = pair.lower();
        String words = low.atTheStart() + " " + pair.apart().in(units) + " lower " + place.words() + ": touch the "
                + low.words() + " there, and bring it up to the " + low.other().words();
        Length past = pair.higher().minus(line);
        return Optional.of(new Touch(
                low,
                pair.apart(),
                words
                        + (past.compareTo(ALIKE) > 0
                                ? ". The " + low.other().words() + " is " + past.in(units)
                                        + " past its line and cannot be put back"
                                : "")));
    }

    /** Where the bevels begin, from the heel: the plunge that lies nearer the point was ground less. */
    public static Optional<Touch> plunges(Pair pair, Units units) {
        if (pair.isAlike()) {
            return Optional.empty();
        }
        Side low = pair.lower();
        Side forward = low.other();
        return Optional.of(new Touch(
                forward,
                pair.apart(),
                forward.atTheStart() + " plunge " + pair.apart().in(units) + " nearer the point: touch the "
                        + forward.words() + " plunge, and bring it back to the " + low.words()));
    }

    /** Whether both sides are alike and over the line they were to end at. */
    public static Optional<String> pastTheLine(Pair pair, BladePlace place, Length line, Units units) {
        Length past = pair.higher().minus(line);
        return pair.isAlike() && past.compareTo(ALIKE) > 0
                ? Optional.of("Both sides are " + past.in(units) + " past the line " + place.words()
                        + ": alike, but higher than drawn")
                : Optional.empty();
    }
}
