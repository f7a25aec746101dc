package hiltboard.core.blade;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A line of straight segments and cubic curves, in millimetres.
 *
 * @param segments in order; none where the knife has no such part
 */
public record Outline(Point start, List<Segment> segments) {
    private static final Outline NONE = new Outline(new Point(0, 0), List.of());
    /** Finer than anybody scribes or saws. */
    private static final double FINE = 0.01;
    /** 4/3 × (√2 − 1): with handles of this share a cubic is round within 0.03 %. */
    private static final double QUARTER_ROUND = 0.5522847498;

    public Outline {
        segments = List.copyOf(segments);
    }

    /** Where a cubic curve leaves towards and where it arrives from. */
    public record Handles(Point leaving, Point arriving) {}

    /** One segment: straight, or a cubic curve. */
    public record Segment(Optional<Handles> handles, Point end) {}

    /** What stands for a part that the knife does not have. */
    public static Outline none() {
        return NONE;
    }

    public static Outline from(Point start) {
        return new Outline(start, List.of());
    }

    public static Outline from(double x, double y) {
        return from(new Point(x, y));
    }

    /** Straight lines through these points. @throws IllegalArgumentException if there are none */
    public static Outline through(List<Point> points) {
        if (points.isEmpty()) {
            throw new IllegalArgumentException("A line needs a point");
        }
        return new Outline(
                points.get(0),
                points.stream()
                        .skip(1)
                        .map(point -> new Segment(Optional.empty(), point))
                        .toList());
    }

    public Outline to(double x, double y) {
        return to(new Point(x, y));
    }

    public Outline to(Point end) {
        return with(new Segment(Optional.empty(), end));
    }

    /** A quadratic curve that leaves towards its control point and arrives from it. */
    public Outline curve(double controlX, double controlY, double x, double y) {
        return curve(new Point(controlX, controlY), new Point(x, y));
    }

    public Outline curve(Point control, Point end) {
        return cubic(end().towards(control, 2d / 3), end.towards(control, 2d / 3), end);
    }

    /** A quarter of a circle or an ellipse around a corner that would lie here. */
    public Outline rounded(Point corner, Point end) {
        return cubic(end().towards(corner, QUARTER_ROUND), end.towards(corner, QUARTER_ROUND), end);
    }

    public Outline cubic(Point leaving, Point arriving, Point end) {
        return with(new Segment(Optional.of(new Handles(leaving, arriving)), end));
    }

    /** Goes on along another line, with a straight step where it begins elsewhere. */
    public Outline along(Outline other) {
        List<Segment> all = new ArrayList<>(segments);
        if (end().distanceTo(other.start) > 1e-9) {
            all.add(new Segment(Optional.empty(), other.start));
        }
        all.addAll(other.segments);
        return new Outline(start, all);
    }

    public Point end() {
        return segments.isEmpty() ? start : segments.get(segments.size() - 1).end();
    }

    public boolean isEmpty() {
        return segments.isEmpty();
    }

    /** The same line from its other end. */
    public Outline reversed() {
        List<Segment> back = new ArrayList<>();
        for (int i = segments.size() - 1; i >= 0; i--) {
            Point end = i == 0 ? start : segments.get(i - 1).end();
            back.add(new Segment(
                    segments.get(i).handles().map(handles -> new Handles(handles.arriving(), handles.leaving())), end));
        }
        return new Outline(end(), back);
    }

    /** Every point moved the same way; exact for shifts, turns, mirrors and scales. */
    public Outline moved(UnaryOperator<Point> move) {
        return new Outline(
                move.apply(start),
                segments.stream()
                        .map(segment -> new Segment(
                                segment.handles()
                                        .map(handles -> new Handles(
                                                move.apply(handles.leaving()), move.apply(handles.arriving()))),
                                move.apply(segment.end())))
                        .toList());
    }

    /** Points along the line, within a hundredth of a millimetre of it. */
    public List<Point> points() {
        return points(FINE);
    }

    /** Points along the line, nowhere further from it than the tolerance in millimetres. */
    public List<Point> points(double tolerance) {
        List<Point> points = new ArrayList<>();
        if (isEmpty()) {
            return points;
        }
        points.add(start);
        for (Segment segment : segments) {
            Point from = points.get(points.size() - 1);
            segment.handles().ifPresent(handles -> between(from, handles, segment.end(), tolerance, points));
            points.add(segment.end());
        }
        return Collections.unmodifiableList(points);
    }

    /** A cubic lies within ¾ × its greatest second difference ÷ n² of n chords (Wang's formula). */
    private static void between(Point from, Handles handles, Point end, double tolerance, List<Point> points) {
        Point first = from.minus(handles.leaving().times(2)).plus(handles.arriving());
        Point second = handles.leaving().minus(handles.arriving().times(2)).plus(end);
        int steps =
                (int) Math.max(1, Math.ceil(Math.sqrt(0.75 * Math.max(first.length(), second.length()) / tolerance)));
        for (int i = 1; i < steps; i++) {
            points.add(at(from, handles, end, (double) i / steps));
        }
    }

    static Point at(Point from, Handles handles, Point end, double t) {
        double u = 1 - t;
        return from.times(u * u * u)
                .plus(handles.leaving().times(3 * u * u * t))
                .plus(handles.arriving().times(3 * u * t * t))
                .plus(end.times(t * t * t));
    }

    private Outline with(Segment segment) {
        List<Segment> longer = new ArrayList<>(segments);
        longer.add(segment);
        return new Outline(start, longer);
    }
}
