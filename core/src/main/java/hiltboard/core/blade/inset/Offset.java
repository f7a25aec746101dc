package hiltboard.core.blade.inset;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** The line that the middle of a round cutter runs around an outline. */
public final class Offset {
    /** A quarter of a circle is broken into so many straight lines. */
    private static final int QUARTER = 48;
    /** As {@link #QUARTER}, where scissors and knives cut. */
    private static final int QUARTER_OF_LEATHER = 16;

    private Offset() {}

    /**
     * The outermost ring this far outside the outline, counterclockwise, without its first point again; in millimetres.
     * A notch that the cutter does not go into is bridged.
     */
    public static List<Point> around(Outline outline, Length by) {
        return outermost(Inset.polygon(outline).buffer(by.millimetres(), QUARTER));
    }

    /** As {@link #around(Outline, Length)}, around several parts that lie together, each with its own distance. */
    public static List<Point> around(Map<Outline, Length> parts) {
        return outermost(UnaryUnionOp.union(parts.entrySet().stream()
                .map(part -> Inset.polygon(part.getKey()).buffer(part.getValue().millimetres(), QUARTER_OF_LEATHER))
                .toList()));
    }

    /** The largest piece that is left of an outline when others are cut out of it. */
    public static List<Point> without(Outline outline, List<Outline> others) {
        return outermost(Inset.polygon(outline)
                .difference(
                        UnaryUnionOp.union(others.stream().map(Inset::polygon).toList())));
    }

    private static List<Point> outermost(Geometry whole) {
        Polygon largest = IntStream.range(0, whole.getNumGeometries())
                .mapToObj(i -> (Polygon) whole.getGeometryN(i))
                .max(Comparator.comparingDouble(Geometry::getArea))
                .orElseThrow();
        Coordinate[] ring = largest.getExteriorRing().getCoordinates();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ring.length - 1; i++) {
            points.add(new Point(ring[i].x, ring[i].y));
        }
        return isCounterclockwise(points) ? points : reversed(points);
    }

    private static boolean isCounterclockwise(List<Point> points) {
        double twice = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice > 0;
    }

    /** The other way round. */
    public static List<Point> reversed(List<Point> points) {
        List<Point> turned = new ArrayList<>(points);
        Collections.reverse(turned);
        return List.copyOf(turned);
    }
}
