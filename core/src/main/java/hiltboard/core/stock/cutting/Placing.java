package hiltboard.core.stock.cutting;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.List;

/**
 * How a blank lies on the bar: point to the right and edge down as it is drawn, or otherwise.
 *
 * @param turned end for end, by half a turn
 * @param flipped the other face up
 * @param high against the upper edge of the bar instead of the lower
 */
public record Placing(boolean turned, boolean flipped, boolean high) {

    static final List<Placing> ALL = List.of(
            new Placing(false, false, false),
            new Placing(false, false, true),
            new Placing(true, false, false),
            new Placing(true, false, true),
            new Placing(false, true, false),
            new Placing(false, true, true),
            new Placing(true, true, false),
            new Placing(true, true, true));

    /** In the maker's words: {@code turned, other face up}. */
    public String words() {
        if (turned) {
            return flipped ? "turned, other face up" : "turned";
        }
        return flipped ? "other face up" : "as drawn";
    }

    /**
     * The outline as it lies: its leftmost point at x, and as near to its edge of the bar as it may.
     *
     * @param left in millimetres from the bar's end
     * @param edge in millimetres between blank and bar's edge
     * @param width of the bar in millimetres
     */
    Outline laid(Outline outline, double left, double edge, double width) {
        double alongBar = turned ? -1 : 1;
        double across = turned == flipped ? 1 : -1;
        Outline facing = outline.moved(point -> new Point(point.x() * alongBar, point.y() * across));
        List<Point> points = facing.points(Nest.FINE);
        double least = points.stream().mapToDouble(Point::x).min().orElseThrow();
        double low = points.stream().mapToDouble(Point::y).min().orElseThrow();
        double tall = points.stream().mapToDouble(Point::y).max().orElseThrow() - low;
        double bottom = high ? width - edge - tall : edge;
        return facing.moved(point -> new Point(point.x() - least + left, point.y() - low + bottom));
    }
}
