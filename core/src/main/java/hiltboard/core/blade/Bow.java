package hiltboard.core.blade;

/**
 * A curve between two points that leaves along a given way, or is hollow between two corners. Its bow is the greatest
 * distance of the curve from the straight line between its ends, so it can be measured on the knife with a rule and a
 * feeler.
 *
 * <p>The curve is a parabola: its control point lies twice the bow away from that straight line.
 */
record Bow(Point from, Point along, Point to) {

    /** The control point of the curve that leaves smoothly and has this bow. */
    Point smooth(double bow) {
        return bow == 0 ? from.towards(to, 0.5) : from.plus(along.times(2 * bow / sine()));
    }

    /**
     * The control point of the curve with a corner at its beginning that lies hollow by this bow, on the left of its
     * way.
     */
    Point hollow(double bow) {
        return from.towards(to, 0.5).plus(to.minus(from).unit().turned().times(2 * bow));
    }

    /** The greatest bow for which the smooth curve does not reach past its end along the knife. */
    double most() {
        return sine() * (to.x() - from.x()) / along.x() / 2;
    }

    /** The bow of the smooth curve whose control point lies at this share of the length between the ends. */
    double withShare(double share) {
        return most() * share;
    }

    /** Between the way it leaves and the straight line to its end; never negative. */
    private double sine() {
        return Math.abs(along.cross(to.minus(from).unit()));
    }
}
