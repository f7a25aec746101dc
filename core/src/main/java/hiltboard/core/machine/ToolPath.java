package hiltboard.core.machine;

import hiltboard.core.blade.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A closed line of many short pieces as few straight lines and arcs, none of them further from it than a tolerance. */
public final class ToolPath {
    /** An arc turns less than this, so that its centre lies on the right side beyond doubt. In radians. */
    private static final double MOST_TURN = Math.toRadians(170);

    private static final double LARGEST_RADIUS = 1500;
    private static final double LEAST_RADIUS = 0.05;

    private ToolPath() {}

    /** From where the last move ended to here. @param centre of the arc; empty for a straight line */
    public record Move(Point to, Optional<Point> centre, boolean isCounterclockwise) {
        static Move straight(Point to) {
            return new Move(to, Optional.empty(), false);
        }
    }

    /**
     * Once around from the first point back to it.
     *
     * @param points at least three, the first not again at the end
     * @param tolerance in millimetres
     */
    public static List<Move> around(List<Point> points, double tolerance) {
        List<Point> ring = new ArrayList<>(points);
        ring.add(points.get(0));
        List<Move> moves = new ArrayList<>();
        int from = 0;
        while (from < ring.size() - 1) {
            int to = reach(ring, from, tolerance);
            moves.add(move(ring, from, to, tolerance));
            from = to;
        }
        return List.copyOf(moves);
    }

    /** As far as one move follows the line: doubling, then step by step. */
    private static int reach(List<Point> ring, int from, double tolerance) {
        int good = from + 1;
        for (int to = from + 2; to < ring.size(); to++) {
            if (!isStraight(ring, from, to, tolerance)
                    && arc(ring, from, to, tolerance).isEmpty()) {
                break;
            }
            good = to;
        }
        return good;
    }

    private static Move move(List<Point> ring, int from, int to, double tolerance) {
        if (isStraight(ring, from, to, tolerance)) {
            return Move.straight(ring.get(to));
        }
        return arc(ring, from, to, tolerance).orElseGet(() -> Move.straight(ring.get(to)));
    }

    private static boolean isStraight(List<Point> ring, int from, int to, double tolerance) {
        Point a = ring.get(from);
        Point b = ring.get(to);
        double length = a.distanceTo(b);
        for (int i = from + 1; i < to; i++) {
            Point p = ring.get(i);
            double off = length == 0
                    ? a.distanceTo(p)
                    : Math.abs((b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x())) / length;
            if (off > tolerance) {
                return false;
            }
        }
        return true;
    }

    private static Optional<Move> arc(List<Point> ring, int from, int to, double tolerance) {
        Point a = ring.get(from);
        Point middle = ring.get((from + to) / 2);
        Point b = ring.get(to);
        Optional<Point> centre = centre(a, middle, b);
        if (centre.isEmpty()) {
            return Optional.empty();
        }
        double radius = centre.get().distanceTo(a);
        if (!(radius >= LEAST_RADIUS && radius <= LARGEST_RADIUS)) {
            return Optional.empty();
        }
        for (int i = from; i < to; i++) {
            Point p = ring.get(i);
            Point between = new Point(
                    (p.x() + ring.get(i + 1).x()) / 2, (p.y() + ring.get(i + 1).y()) / 2);
            if (Math.abs(centre.get().distanceTo(p) - radius) > tolerance
                    || Math.abs(centre.get().distanceTo(between) - radius) > tolerance) {
                return Optional.empty();
            }
        }
        boolean left = turn(a, middle, b) > 0;
        double angle = angle(centre.get(), a, b, left);
        return angle > 0 && angle < MOST_TURN ? Optional.of(new Move(b, centre, left)) : Optional.empty();
    }

    private static double turn(Point a, Point b, Point c) {
        return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
    }

    private static double angle(Point centre, Point a, Point b, boolean isCounterclockwise) {
        double from = Math.atan2(a.y() - centre.y(), a.x() - centre.x());
        double to = Math.atan2(b.y() - centre.y(), b.x() - centre.x());
        double turned = isCounterclockwise ? to - from : from - to;
        return turned < 0 ? turned + 2 * Math.PI : turned;
    }

    /** Of the circle through three points; empty where they lie on a line. */
    private static Optional<Point> centre(Point a, Point b, Point c) {
        double d = 2 * (a.x() * (b.y() - c.y()) + b.x() * (c.y() - a.y()) + c.x() * (a.y() - b.y()));
        if (Math.abs(d) < 1e-9) {
            return Optional.empty();
        }
        double a2 = a.x() * a.x() + a.y() * a.y();
        double b2 = b.x() * b.x() + b.y() * b.y();
        double c2 = c.x() * c.x() + c.y() * c.y();
        return Optional.of(new Point(
                (a2 * (b.y() - c.y()) + b2 * (c.y() - a.y()) + c2 * (a.y() - b.y())) / d,
                (a2 * (c.x() - b.x()) + b2 * (a.x() - c.x()) + c2 * (b.x() - a.x())) / d));
    }
}
