package hiltboard.core.fit;

import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.Point;
import hiltboard.core.design.HandleForm;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * A void, knot or crack in a block, as large around as it reaches.
 *
 * @param behindFront from the front of the handle
 * @param above the handle's middle line there, below it less than nothing
 * @param right of the knife's plane, to its left less than nothing
 */
public record BlockVoid(Length behindFront, Length above, Length right, Length reach) {

    /** What becomes of it. */
    public enum Fate {
        WASTE("goes with the waste"),
        SHOWS("shows on the finished surface: fill it before shaping, or turn the block"),
        IN_HOLE("lies in a hole’s way: fill it before drilling, or the drill breaks out there"),
        IN_TANG("opens into the tang’s cavity: adhesive runs into it, mix a little more"),
        HIDDEN("stays hidden inside");

        private final String words;

        Fate(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether something is done about it before the handle is shaped. */
        public boolean isTrouble() {
            return this == SHOWS || this == IN_HOLE;
        }
    }

    /**
     * @param holes through the knife's plane, in the drawing's own places
     * @param tangHalf half of the tang's height and half of its thickness where the void lies; empty where no tang is
     */
    public Fate fate(HandleForm handle, List<Hole> holes, Optional<double[]> tangHalf) {
        double x = handle.front() + behindFront.millimetres();
        Optional<HandleForm.Cut> cut = handle.at(x);
        double around = reach.millimetres();
        if (cut.isEmpty()) {
            return Fate.WASTE;
        }
        double inside = cut.get().border().inside(above.millimetres(), right.millimetres());
        if (inside < -around) {
            return Fate.WASTE;
        }
        double y = cut.get().middle() + above.millimetres();
        boolean isInHole = holes.stream()
                .anyMatch(hole -> hole.centre().distanceTo(new Point(-x, y)) < around + hole.diameter() / 2);
        if (isInHole) {
            return Fate.IN_HOLE;
        }
        if (inside <= around) {
            return Fate.SHOWS;
        }
        boolean isInTang = tangHalf.filter(half -> Math.abs(above.millimetres()) < half[0] + around
                        && Math.abs(right.millimetres()) < half[1] + around)
                .isPresent();
        return isInTang ? Fate.IN_TANG : Fate.HIDDEN;
    }
}
