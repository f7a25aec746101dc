package hiltboard.core.blade;

/** A point, or a way from one point to another, in millimetres. */
public record Point(double x, double y) {
    /** So much of the way to another point. */
    public Point towards(Point other, double share) {
        return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
    }

    Point plus(Point way) {
        return new Point(x + way.x, y + way.y);
    }

    Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** A quarter turn to the left. */
    Point turned() {
        return new Point(-y, x);
    }

    double cross(Point other) {
        return x * other.y - y * other.x;
    }

    double dot(Point other) {
        return x * other.x + y * other.y;
    }

    double length() {
        return Math.hypot(x, y);
    }

    /** The same way, one millimetre long. */
    Point unit() {
        return times(1 / length());
    }

    public double distanceTo(Point other) {
        return other.minus(this).length();
    }
}
