package hiltboard.core.blade;

/**
 * A rectangle with four round corners around the middle of its place, in millimetres: a slot as a cutter leaves it, a
 * tang, a handle cut across. {@code v} runs along the knife's height, {@code u} from side to side.
 *
 * @param halfHigh half of its extent along v
 * @param halfThick half of its extent along u
 * @param radius of its corners, at most the smaller of both halves
 */
public record RoundedRectangle(double halfHigh, double halfThick, double radius) {
    public RoundedRectangle {
        if (!(halfHigh > 0 && halfThick > 0 && radius >= 0 && radius <= Math.min(halfHigh, halfThick) + 1e-9)) {
            throw new IllegalArgumentException(
                    "No such rectangle: " + halfHigh + " × " + halfThick + " with corners of " + radius);
        }
    }

    /** With corners as round as this, or as round as there is room. */
    public static RoundedRectangle across(double halfHigh, double halfThick, double radius) {
        return new RoundedRectangle(halfHigh, halfThick, Math.min(radius, Math.min(halfHigh, halfThick)));
    }

    /** How far a place lies inside the border; less than nothing outside. Exact. */
    public double inside(double v, double u) {
        double beyondHigh = Math.abs(v) - (halfHigh - radius);
        double beyondThick = Math.abs(u) - (halfThick - radius);
        double outside = Math.hypot(Math.max(beyondHigh, 0), Math.max(beyondThick, 0));
        return radius - outside - Math.min(Math.max(beyondHigh, beyondThick), 0);
    }

    /** Half its extent from side to side at a height; nothing where it does not reach. */
    public double halfThickAt(double v) {
        double beyond = Math.abs(v) - (halfHigh - radius);
        if (beyond <= 0) {
            return halfThick;
        }
        return beyond > radius ? 0 : halfThick - radius + Math.sqrt(radius * radius - beyond * beyond);
    }

    public double area() {
        return 4 * halfHigh * halfThick - (4 - Math.PI) * radius * radius;
    }

    /** So far from each corner a flat at 45° begins that touches the round one in its middle. */
    public double facet() {
        return radius * (2 - Math.sqrt(2));
    }

    /** The same with flat corners at 45° that touch its round ones in their middle. */
    public Outline faceted(double middle) {
        double leg = facet();
        double top = middle + halfHigh;
        double low = middle - halfHigh;
        return Outline.from(-halfThick + leg, low)
                .to(halfThick - leg, low)
                .to(halfThick, low + leg)
                .to(halfThick, top - leg)
                .to(halfThick - leg, top)
                .to(-halfThick + leg, top)
                .to(-halfThick, top - leg)
                .to(-halfThick, low + leg);
    }

    /** Its closed border: x from side to side, y along its height, around a middle that lies here. */
    public Outline outline(double middle) {
        double top = middle + halfHigh;
        double low = middle - halfHigh;
        if (radius == 0) {
            return Outline.from(-halfThick, low)
                    .to(halfThick, low)
                    .to(halfThick, top)
                    .to(-halfThick, top);
        }
        return Outline.from(-halfThick + radius, low)
                .to(halfThick - radius, low)
                .rounded(new Point(halfThick, low), new Point(halfThick, low + radius))
                .to(halfThick, top - radius)
                .rounded(new Point(halfThick, top), new Point(halfThick - radius, top))
                .to(-halfThick + radius, top)
                .rounded(new Point(-halfThick, top), new Point(-halfThick, top - radius))
                .to(-halfThick, low + radius)
                .rounded(new Point(-halfThick, low), new Point(-halfThick + radius, low));
    }
}
