package hiltboard.core.blade;

/** A point in millimetres. */
public record Point(double x, double y) {
    Point towards(Point other, double share) {
        return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
    }
}
