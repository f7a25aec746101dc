package hiltboard.core.blade;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** What a part passes over when it is drawn straight out to the left, past a mouth. */
public final class DrawnOut {
    /** Two heights nearer than this are one, in millimetres. */
    private static final double SAME = 1e-9;

    private DrawnOut() {}

    /**
     * From the mouth to the part's rightmost place at each height, counterclockwise; at a height where nothing reaches
     * past the mouth it is the mouth. None where the whole part lies before it.
     *
     * @param ring of the part, which does not cross itself
     */
    public static List<Point> past(double mouth, List<Point> ring) {
        List<Point> within = Clipped.where(ring, point -> point.x() - mouth);
        List<Line> lines = IntStream.range(0, within.size())
                .mapToObj(i -> new Line(within.get(i), within.get((i + 1) % within.size())))
                .toList();
        List<Double> heights = within.stream().map(Point::y).distinct().sorted().toList();
        List<Point> right = new ArrayList<>();
        for (int i = 1; i < heights.size(); i++) {
            double low = heights.get(i - 1);
            double high = heights.get(i);
            if (high - low > SAME) {
                Line line = rightmost(lines, (low + high) / 2);
                right.add(new Point(line.at(low), low));
                right.add(new Point(line.at(high), high));
            }
        }
        if (right.isEmpty()) {
            return right;
        }
        right.add(new Point(mouth, right.get(right.size() - 1).y()));
        right.add(new Point(mouth, right.get(0).y()));
        return right.stream().distinct().toList();
    }

    /** Lines of one ring do not cross, so that the same one lies furthest right between two heights of its corners. */
    private static Line rightmost(List<Line> ring, double height) {
        return ring.stream()
                .filter(line -> line.passes(height))
                .max(Comparator.comparingDouble(line -> line.at(height)))
                .orElseThrow();
    }

    private record Line(Point from, Point to) {
        private boolean passes(double height) {
            return from.y() < height != to.y() < height;
        }

        private double at(double height) {
            return from.x() + (to.x() - from.x()) * (height - from.y()) / (to.y() - from.y());
        }
    }
}
