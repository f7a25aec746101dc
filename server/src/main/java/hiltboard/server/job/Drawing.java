package hiltboard.server.job;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Specification;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A knife's outline as SVG paths in millimetres, y downwards; a path is empty where the knife has no such part.
 *
 * @param minX left of the butt; with minY, width and height the smallest frame around bar and knife
 */
public record Drawing(
        double minX, double minY, double width, double height, String bar, String blade, String tang, String bevel,
        String guard, String spacer, String handle, List<Spot> pins, double pinDiameter) {

    /** A point in millimetres, y downwards. */
    public record Spot(double x, double y) {}

    public static Drawing of(Specification specification) {
        KnifeOutline outline = KnifeOutline.of(specification);
        List<Point> all = List.of(outline.bar(), outline.blade(), outline.guard(), outline.handle()).stream().flatMap(List::stream).toList();
        double left = all.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = all.stream().mapToDouble(Point::x).max().orElseThrow();
        double top = all.stream().mapToDouble(Point::y).max().orElseThrow();
        double bottom = all.stream().mapToDouble(Point::y).min().orElseThrow();
        return new Drawing(left, -top, right - left, top - bottom, closed(outline.bar()), closed(outline.blade()), closed(outline.tang()),
                line(outline.bevel()), closed(outline.guard()), closed(outline.spacer()), closed(outline.handle()),
                outline.pins().stream().map(pin -> new Spot(pin.x(), -pin.y())).toList(), outline.pinDiameter());
    }

    private static String closed(List<Point> points) {
        return points.isEmpty() ? "" : line(points) + "Z";
    }

    private static String line(List<Point> points) {
        return points.stream().map(point -> String.format(Locale.ROOT, "%.2f %.2f", point.x(), -point.y())).collect(Collectors.joining("L", "M", ""));
    }
}
