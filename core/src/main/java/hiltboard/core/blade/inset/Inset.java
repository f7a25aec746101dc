package hiltboard.core.blade.inset;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * An outline and what lies further inside it than a rim. Holes are not looked at.
 *
 * @param whole area in mm²
 * @param inside area in mm² further than the rim from the outline
 * @param parts in how many pieces that is: an outline with a narrow waist falls into two
 */
public record Inset(double whole, double inside, int parts) {
    private static final GeometryFactory PLANE = new GeometryFactory();
    /** Curves are broken into straight lines that lie closer than this, in millimetres. */
    private static final double TOLERANCE = 0.002;

    /** @throws ImpossibleQuantity if the rim is less than nothing */
    public static Inset of(Outline outline, Length rim) {
        if (rim.nanometres() < 0) {
            throw new ImpossibleQuantity("rim", rim, "nothing or more");
        }
        Geometry whole = polygon(outline);
        Geometry inside = whole.buffer(-rim.millimetres());
        return new Inset(whole.getArea(), inside.getArea(), inside.isEmpty() ? 0 : inside.getNumGeometries());
    }

    /** What an outline encloses, as the geometry library takes it. */
    public static Geometry polygon(Outline outline) {
        List<Point> points = outline.points(TOLERANCE);
        Coordinate[] ring = new Coordinate[points.size() + 1];
        for (int i = 0; i < points.size(); i++) {
            ring[i] = new Coordinate(points.get(i).x(), points.get(i).y());
        }
        ring[points.size()] = ring[0].copy();
        // An outline that touches itself at a point is cleaned by a buffer of nothing.
        return PLANE.createPolygon(ring).buffer(0);
    }

    public double rim() {
        return whole - inside;
    }
}
