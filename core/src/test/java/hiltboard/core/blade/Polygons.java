package hiltboard.core.blade;

import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Closed lines as the geometry library has them, to hold the house's own drawing against it. */
public final class Polygons {
    private static final GeometryFactory PLANE = new GeometryFactory();

    private Polygons() {}

    public static Polygon of(Outline outline) {
        return of(outline.points());
    }

    /** @param ring without its first point again; an empty one has no area */
    public static Polygon of(List<Point> ring) {
        return ring.isEmpty()
                ? PLANE.createPolygon()
                : PLANE.createPolygon(IntStream.rangeClosed(0, ring.size())
                        .mapToObj(i -> ring.get(i % ring.size()))
                        .map(point -> new Coordinate(point.x(), point.y()))
                        .toArray(Coordinate[]::new));
    }
}
