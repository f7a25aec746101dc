package hiltboard.core.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** A closed line cut off along a straight one (Sutherland and Hodgman 1974, one edge). */
public final class Clipped {
    private Clipped() {}

    /**
     * What of a ring lies where a distance is not negative, with the places where it crosses; none where nothing does.
     *
     * @param distance from the straight line, linear in the point's place
     */
    public static List<Point> where(List<Point> ring, ToDoubleFunction<Point> distance) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Point at = ring.get(i);
            Point next = ring.get((i + 1) % ring.size());
            double here = distance.applyAsDouble(at);
            double there = distance.applyAsDouble(next);
            if (here >= 0) {
                kept.add(at);
            }
            if (here >= 0 != there >= 0) {
                kept.add(at.towards(next, here / (here - there)));
            }
        }
        return kept;
    }
}
