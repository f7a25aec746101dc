package hiltboard.core.fit;

import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Optional;

/**
 * A tang and what is pushed onto it, the foremost part first. Whether a part goes on is one number: how far the corner
 * of the thickest tang that passes lies inside its opening.
 */
public record TangInParts(MeasuredTang tang, List<Passage> passages) {
    /** A step along the tang while a part is pushed on, in millimetres. */
    private static final double STEP = 0.05;

    public TangInParts {
        passages = List.copyOf(passages);
    }

    /** What kind of opening the tang goes through. */
    public enum Role {
        LIP,
        POCKET,
        SPACER,
        BLOCK
    }

    /**
     * One opening.
     *
     * @param from and {@code to} where it begins and ends when the part is home, behind the heel's plane
     * @param isMeasured whether its size was read, and is not only wanted
     * @param drive by how much it may be too small and still be driven on
     */
    public record Passage(
            String part,
            Role role,
            Length from,
            Length to,
            RoundedRectangle opening,
            boolean isMeasured,
            Length drive) {}

    /** How a part goes on. */
    public Clearance clearance(Passage passage, Units units) {
        Length gap = gap(passage, passage.from.millimetres());
        return switch (passage.role) {
            case LIP -> Clearance.ofLip(gap, passage.drive, units);
            case POCKET, SPACER -> Clearance.of(gap, passage.drive, units);
            case BLOCK -> Clearance.ofCavity(gap, units);
        };
    }

    /** With the opening at a place and all of the tang behind it pushed through. */
    private Length gap(Passage passage, double behindHeel) {
        double inside = passage.opening.inside(tang.widthAt(behindHeel) / 2, tang.thickestBehind(behindHeel) / 2);
        return Length.ofMillimetres(2 * inside);
    }

    /** Which opening stands around the tang at a place; empty where it is bare. */
    public Optional<Passage> at(double behindHeel) {
        return passages.stream()
                .filter(passage -> behindHeel >= passage.from.millimetres() && behindHeel < passage.to.millimetres())
                .findFirst();
    }

    /** How far before its place an opening stops when it is pushed on by hand; nothing where it goes home. */
    public Length stopsShort(Passage passage) {
        double home = passage.from.millimetres();
        double at = tang.end().millimetres();
        while (at > home && gap(passage, Math.max(home, at - STEP)).nanometres() >= 0) {
            at -= STEP;
        }
        return Length.ofMillimetres(Math.max(0, at - home));
    }
}
