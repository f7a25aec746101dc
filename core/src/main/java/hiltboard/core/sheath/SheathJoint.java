package hiltboard.core.sheath;

import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import java.util.List;

/**
 * What holds the parts of a sheath together: stitches, or eyelets.
 *
 * @param pitch from one hole to the next
 * @param hole how wide each is
 */
public record SheathJoint(Length pitch, Length hole, boolean isSewn) {
    /** A pierced hole for two passes of a usual thread; from memory. */
    private static final Length PIERCED = Length.ofMillimetres("1.2");

    public static SheathJoint sewn(Length pitch) {
        return new SheathJoint(pitch, PIERCED, true);
    }

    public static SheathJoint eyelets(Length pitch, Length hole) {
        return new SheathJoint(pitch, hole, false);
    }

    /** Along a seam, from end to end. */
    List<Point> along(List<Point> seam) {
        return new StitchLine(seam, pitch).holes();
    }

    /** Around a rectangle: a box of stitches, or two eyelets side by side. */
    List<Point> around(Point corner, double along, double across) {
        Point far = new Point(corner.x() + along, corner.y() + across);
        if (!isSewn) {
            double middle = corner.x() + along / 2;
            return List.of(new Point(middle, corner.y() + across / 4), new Point(middle, corner.y() + across * 3 / 4));
        }
        List<Point> box =
                along(List.of(corner, new Point(far.x(), corner.y()), far, new Point(corner.x(), far.y()), corner));
        return box.subList(0, box.size() - 1);
    }
}
