package hiltboard.core.stock.cutting;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Length;
import java.util.List;

/**
 * What has to be cut: an outline from a steel of some thickness. Equal blanks are alike and can change places.
 *
 * @param outline closed, in millimetres; x towards the point
 */
public record Blank(Outline outline, String grade, Length thickness) {

    /** The profile of a knife that is cut from a bar. */
    public static Blank of(Specification spec) {
        return new Blank(
                KnifeShape.outline(spec).steel(),
                spec.steel().designation(),
                spec.length(SpecificationField.STOCK_THICKNESS));
    }

    /** From butt to point, in millimetres. */
    double length() {
        List<Point> points = outline.points(Nest.FINE);
        return points.stream().mapToDouble(Point::x).max().orElseThrow()
                - points.stream().mapToDouble(Point::x).min().orElseThrow();
    }

    /** Across the bar, in millimetres. */
    double width() {
        List<Point> points = outline.points(Nest.FINE);
        return points.stream().mapToDouble(Point::y).max().orElseThrow()
                - points.stream().mapToDouble(Point::y).min().orElseThrow();
    }
}
