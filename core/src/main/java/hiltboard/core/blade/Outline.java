package hiltboard.core.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A line of straight and curved segments, in millimetres.
 *
 * @param segments in order; none where the knife has no such part
 */
public record Outline(Point start, List<Segment> segments) {
    private static final int POINTS_A_CURVE = 16;
    private static final Outline NONE = new Outline(new Point(0, 0), List.of());

    public Outline {
        segments = List.copyOf(segments);
    }

    /** One segment: straight, or a quadratic curve that leaves towards its control point and arrives from it. */
    public record Segment(Optional<Point> control, Point end) {}

    /** What stands for a part that the knife does not have. */
    public static Outline none() {
        return NONE;
    }

    static Outline from(double x, double y) {
        return new Outline(new Point(x, y), List.of());
    }

    Outline to(double x, double y) {
        return with(new Segment(Optional.empty(), new Point(x, y)));
    }

    Outline curve(double controlX, double controlY, double x, double y) {
        return with(new Segment(Optional.of(new Point(controlX, controlY)), new Point(x, y)));
    }

    public boolean isEmpty() {
        return segments.isEmpty();
    }

    /** Points along the line, curves in sixteen steps. */
    public List<Point> points() {
        List<Point> points = new ArrayList<>();
        if (!isEmpty()) {
            points.add(start);
        }
        for (Segment segment : segments) {
            Point from = points.get(points.size() - 1);
            points.addAll(segment.control().map(control -> curve(from, control, segment.end()).toList()).orElseGet(() -> List.of(segment.end())));
        }
        return List.copyOf(points);
    }

    private static Stream<Point> curve(Point from, Point control, Point end) {
        return IntStream.rangeClosed(1, POINTS_A_CURVE).mapToDouble(i -> (double) i / POINTS_A_CURVE)
                .mapToObj(t -> from.towards(control, t).towards(control.towards(end, t), t));
    }

    private Outline with(Segment segment) {
        List<Segment> longer = new ArrayList<>(segments);
        longer.add(segment);
        return new Outline(start, longer);
    }
}
