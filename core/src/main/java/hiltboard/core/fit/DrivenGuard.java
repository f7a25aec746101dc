package hiltboard.core.fit;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.List;

/**
 * A guard while it is driven on: what still stands open between it and the shoulders, left and right, after so many
 * blows. It prints true only where it is level and home. The limits are common practice, from memory.
 *
 * @param readings oldest first
 */
public record DrivenGuard(List<Level> readings) {
    private static final Length LEVEL = Length.ofInches("0.002");
    private static final Length ASKEW = Length.ofInches("0.010");
    private static final Length HOME = Length.ofInches("0.002");
    /** A guard that moves less in one blow does not move. */
    private static final Length MOVES = Length.ofInches("0.0005");

    public DrivenGuard {
        readings = List.copyOf(readings);
    }

    /**
     * @param blows since it was set on, all together
     * @param left and {@code right} gap to the shoulders
     */
    public record Level(int blows, Length left, Length right) {
        Length tilt() {
            return left.minus(right);
        }

        Length open() {
            return left.compareTo(right) > 0 ? left : right;
        }
    }

    /** What to do. */
    public enum Turn {
        SET_ON,
        DRIVE,
        TAP_LEFT,
        TAP_RIGHT,
        TAKE_OFF,
        PRINT
    }

    /** @param words what to do, and why */
    public record Next(Turn turn, String words) {}

    public Next next(Units units) {
        if (readings.isEmpty()) {
            return new Next(
                    Turn.SET_ON,
                    "Set it on by hand, a plate over it, and read the gap left and right after the first few blows.");
        }
        Level last = readings.get(readings.size() - 1);
        Length tilt = last.tilt().absolute();
        boolean isLeftHigh = last.tilt().isPositive();
        String side = isLeftHigh ? "left" : "right";
        if (tilt.compareTo(ASKEW) > 0) {
            return new Next(
                    Turn.TAKE_OFF,
                    "Askew: the " + side + " stands " + tilt.in(units)
                            + " further off. Take it off; file where the slot is bright, and set it on again.");
        }
        if (tilt.compareTo(LEVEL) > 0) {
            return new Next(
                    isLeftHigh ? Turn.TAP_LEFT : Turn.TAP_RIGHT,
                    "The " + side + " stands " + tilt.in(units) + " further off: the next blow on the " + side + ".");
        }
        if (last.open().compareTo(HOME) <= 0) {
            return new Next(
                    Turn.PRINT, "Level and home: one firm blow to print the ricasso, then take it off and read it.");
        }
        if (isStuck(last)) {
            return new Next(
                    Turn.TAKE_OFF,
                    "It does not move any more, " + last.open().in(units)
                            + " short. More blows bend it: take it off, ease where the slot is bright.");
        }
        return new Next(Turn.DRIVE, "Level, " + last.open().in(units) + " to go: a few more blows.");
    }

    private boolean isStuck(Level last) {
        if (readings.size() < 2) {
            return false;
        }
        Level before = readings.get(readings.size() - 2);
        int blows = last.blows - before.blows;
        return blows > 0 && before.open().minus(last.open()).compareTo(MOVES.times(blows)) < 0;
    }

    /** Whether the last firm blow prints what is true. */
    public boolean mayPrint(Units units) {
        return next(units).turn == Turn.PRINT;
    }
}
