package hiltboard.core.sheath;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * A strip that is sewn on at its ends: a belt's loop, a hanger, a strap. Sizes are common practice, from memory.
 *
 * @param length with its arithmetic
 * @param sewnEnds one for a strap, two for a loop that lies on itself
 */
record Strip(String name, Worked<Length> length, Length width, int sewnEnds) {
    /** As much of each end lies under the stitches. */
    static final Length SEWN = Length.ofInchFraction(3, 4);

    static final Length LOOP_WIDTH = Length.ofInchFraction(5, 4);
    private static final Length STRAP_WIDTH = Length.ofInchFraction(3, 4);
    private static final Length FROM_EDGE = Length.ofInchFraction(1, 8);
    private static final Length ROOM = Length.ofInchFraction(1, 8);
    private static final Length RING = Length.ofInchFraction(1, 1);
    private static final Length OVERLAP = Length.ofInchFraction(5, 4);
    private static final Length CUT_WITHIN = Length.ofInchFraction(1, 16);

    /** Around a belt and back on itself. */
    static Strip loop(Length belt, Length thickness, Length width, Units units) {
        Working line = new Working(units);
        Length length = belt.plus(ROOM).plus(thickness).plus(SEWN).times(2);
        return new Strip(
                "Belt loop",
                Worked.of(
                        length,
                        "2 × (belt " + line.of(belt) + " + room " + line.of(ROOM) + " + " + line.of(thickness)
                                + " of itself + sewn " + line.of(SEWN) + ")" + line.comesTo(length, CUT_WITHIN)),
                width,
                2);
    }

    /** Through a ring and back: the sheath swings from it. */
    static Strip hanger(Length width, Units units) {
        Working line = new Working(units);
        Length length = RING.plus(SEWN).times(2);
        return new Strip(
                "Hanger, through a ring",
                Worked.of(
                        length,
                        "2 × (" + line.of(RING) + " to the ring + sewn " + line.of(SEWN) + ")"
                                + line.comesTo(length, CUT_WITHIN)),
                width,
                2);
    }

    /** Around a handle, with a snap. @param girth of the handle */
    static Strip strap(Length girth, Length thickness, Units units) {
        Working line = new Working(units);
        Length bent = thickness.times(Math.PI);
        Length length = girth.plus(bent).plus(OVERLAP).plus(SEWN).asTaped(units);
        return new Strip(
                "Strap",
                Worked.of(
                        length,
                        "Around the handle " + line.taped(girth) + " + π × " + line.of(thickness) + " of itself + "
                                + line.of(OVERLAP) + " to snap + sewn " + line.of(SEWN)
                                + line.comesTo(length, CUT_WITHIN)),
                STRAP_WIDTH,
                1);
    }

    /** Lying along x, from its first sewn end. */
    SheathPart part(SheathJoint joint) {
        double reach = length.value().millimetres();
        List<Point> holes = new ArrayList<>(sewn(new Point(0, 0), joint));
        if (sewnEnds > 1) {
            holes.addAll(sewn(new Point(reach - SEWN.millimetres(), 0), joint));
        }
        return new SheathPart(
                name, rectangle(new Point(0, 0), reach, width.millimetres()), holes, joint.hole(), List.of());
    }

    /** The holes of a sewn end whose lower left corner lies here. */
    List<Point> sewn(Point corner, SheathJoint joint) {
        double in = FROM_EDGE.millimetres();
        return joint.around(
                new Point(corner.x() + in, corner.y() + in), SEWN.millimetres() - 2 * in, width.millimetres() - 2 * in);
    }

    static Outline rectangle(Point corner, double along, double across) {
        return Outline.from(corner)
                .to(corner.x() + along, corner.y())
                .to(corner.x() + along, corner.y() + across)
                .to(corner.x(), corner.y() + across);
    }
}
