package hiltboard.core.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** A line through points in millimetres, gathered piece by piece. */
final class Path {
    private static final int POINTS_A_CURVE = 16;
    private final List<Point> points = new ArrayList<>();

    static Path from(double x, double y) {
        Path path = new Path();
        path.points.add(new Point(x, y));
        return path;
    }

    Path to(double x, double y) {
        points.add(new Point(x, y));
        return this;
    }

    /** A quadratic curve to a point; the line leaves towards the control and arrives from it. */
    Path curve(double controlX, double controlY, double x, double y) {
        Point start = points.get(points.size() - 1);
        Point control = new Point(controlX, controlY);
        Point end = new Point(x, y);
        IntStream.rangeClosed(1, POINTS_A_CURVE).mapToDouble(i -> (double) i / POINTS_A_CURVE)
                .forEach(t -> points.add(start.towards(control, t).towards(control.towards(end, t), t)));
        return this;
    }

    List<Point> points() {
        return List.copyOf(points);
    }
}
