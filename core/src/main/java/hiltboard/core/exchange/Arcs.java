package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Outline.Handles;
import hiltboard.core.blade.Outline.Segment;
import hiltboard.core.blade.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An outline as straight lines and circular arcs, as cutting machines want it: each curve becomes pairs of arcs that
 * meet without a corner (biarcs), split until they lie within the tolerance.
 */
final class Arcs {
    private static final int SAMPLES = 8;
    private static final int DEEPEST = 12;
    private static final double NOTHING = 1e-9;

    private final double tolerance;
    private final List<Vertex> vertices = new ArrayList<>();

    private Arcs(double tolerance) {
        this.tolerance = tolerance;
    }

    /**
     * A corner of a polyline and how the line leaves it.
     *
     * @param bulge tangent of a quarter of the arc's angle to the next corner, positive to the left; zero for straight
     */
    record Vertex(Point at, double bulge) {}

    /**
     * The corners from the outline's start to before its end, and its end; nowhere further from it than the tolerance
     * in millimetres.
     */
    static List<Vertex> of(Outline outline, double tolerance) {
        Arcs arcs = new Arcs(tolerance);
        Point from = outline.start();
        for (Segment segment : outline.segments()) {
            Optional<Handles> handles = segment.handles();
            if (handles.isPresent()) {
                arcs.curve(
                        new Cubic(from, handles.get().leaving(), handles.get().arriving(), segment.end()), 0);
            } else {
                arcs.vertices.add(new Vertex(from, 0));
            }
            from = segment.end();
        }
        arcs.vertices.add(new Vertex(from, 0));
        return arcs.vertices;
    }

    private void curve(Cubic cubic, int depth) {
        Point start = cubic.startsTowards();
        Point end = cubic.endsTowards();
        Point joint = joint(cubic, start, end);
        double first = bulge(angle(start, way(cubic.a, joint)));
        double second = bulge(angle(way(joint, cubic.d), end));
        if (depth < DEEPEST && deviation(cubic, joint, first, second) > tolerance) {
            Cubic[] halves = cubic.halves();
            curve(halves[0], depth + 1);
            curve(halves[1], depth + 1);
        } else {
            vertices.add(new Vertex(cubic.a, first));
            vertices.add(new Vertex(joint, second));
        }
    }

    /** Where the two arcs meet when both tangent lengths are equal. */
    private static Point joint(Cubic cubic, Point start, Point end) {
        Point chord = way(cubic.a, cubic.d);
        double along = dot(chord, start) + dot(chord, end);
        double spread = 2 * (1 - dot(start, end));
        double chordSquared = dot(chord, chord);
        double length = spread < NOTHING
                ? chordSquared / Math.max(NOTHING, 2 * along)
                : (-along + Math.sqrt(along * along + spread * chordSquared)) / spread;
        return new Point(
                (cubic.a.x() + cubic.d.x() + length * (start.x() - end.x())) / 2,
                (cubic.a.y() + cubic.d.y() + length * (start.y() - end.y())) / 2);
    }

    private static double deviation(Cubic cubic, Point joint, double first, double second) {
        double worst = 0;
        for (int i = 1; i < SAMPLES; i++) {
            Point point = cubic.at((double) i / SAMPLES);
            worst = Math.max(
                    worst, Math.min(fromArc(point, cubic.a, joint, first), fromArc(point, joint, cubic.d, second)));
        }
        return worst;
    }

    /** Distance of a point from the whole circle of an arc, or from its straight line. */
    private static double fromArc(Point point, Point from, Point to, double bulge) {
        Point chord = way(from, to);
        double length = Math.sqrt(dot(chord, chord));
        if (length < NOTHING) {
            return point.distanceTo(from);
        }
        double aside = (chord.x() * (point.y() - from.y()) - chord.y() * (point.x() - from.x())) / length;
        if (Math.abs(bulge) < 1e-7) {
            return Math.abs(aside);
        }
        double radius = length * (1 + bulge * bulge) / (4 * bulge);
        double height = radius - bulge * length / 2;
        Point centre = new Point(
                (from.x() + to.x()) / 2 - chord.y() / length * height,
                (from.y() + to.y()) / 2 + chord.x() / length * height);
        return Math.abs(point.distanceTo(centre) - Math.abs(radius));
    }

    /** An arc whose chord lies at this angle to its tangent turns by twice the angle. */
    private static double bulge(double angle) {
        return Math.tan(angle / 2);
    }

    private static double angle(Point from, Point to) {
        return Math.atan2(from.x() * to.y() - from.y() * to.x(), dot(from, to));
    }

    private static Point way(Point from, Point to) {
        return new Point(to.x() - from.x(), to.y() - from.y());
    }

    private static double dot(Point one, Point other) {
        return one.x() * other.x() + one.y() * other.y();
    }

    private record Cubic(Point a, Point b, Point c, Point d) {
        private Point at(double t) {
            Point ab = between(a, b, t);
            Point bc = between(b, c, t);
            Point cd = between(c, d, t);
            return between(between(ab, bc, t), between(bc, cd, t), t);
        }

        private Cubic[] halves() {
            Point ab = between(a, b, 0.5);
            Point bc = between(b, c, 0.5);
            Point cd = between(c, d, 0.5);
            Point abc = between(ab, bc, 0.5);
            Point bcd = between(bc, cd, 0.5);
            Point middle = between(abc, bcd, 0.5);
            return new Cubic[] {new Cubic(a, ab, abc, middle), new Cubic(middle, bcd, cd, d)};
        }

        private Point startsTowards() {
            return unit(a.distanceTo(b) > NOTHING ? way(a, b) : a.distanceTo(c) > NOTHING ? way(a, c) : way(a, d));
        }

        private Point endsTowards() {
            return unit(c.distanceTo(d) > NOTHING ? way(c, d) : b.distanceTo(d) > NOTHING ? way(b, d) : way(a, d));
        }

        private static Point unit(Point way) {
            double length = Math.max(NOTHING, Math.hypot(way.x(), way.y()));
            return new Point(way.x() / length, way.y() / length);
        }

        private static Point between(Point one, Point other, double t) {
            return new Point(one.x() + (other.x() - one.x()) * t, one.y() + (other.y() - one.y()) * t);
        }
    }
}
