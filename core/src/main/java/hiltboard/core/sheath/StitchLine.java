package hiltboard.core.sheath;

import hiltboard.core.blade.Point;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * Where a seam is pierced: a hole at both ends and in every corner, and between them as near to the pitch as makes
 * whole stitches. The first and the last are sewn twice. Common practice of the trade.
 *
 * @param line the seam, in millimetres, at least two points
 * @param pitch wanted between two holes
 */
public record StitchLine(List<Point> line, Length pitch) {
    /** A seam that turns by more, in radians, has a corner, and a hole in it. */
    private static final double CORNER = Math.toRadians(30);
    /** So many stitches at each end are sewn twice. */
    public static final int BACK_STITCHES = 2;

    /** @throws ImpossibleQuantity if there is no seam or no pitch */
    public StitchLine {
        line = List.copyOf(line);
        if (line.size() < 2) {
            throw new ImpossibleQuantity("seam", line.size() + " points", "two or more");
        }
        if (!pitch.isPositive()) {
            throw new ImpossibleQuantity("pitch", pitch, "more than nothing");
        }
    }

    public Length length() {
        return Length.ofMillimetres(lengthOf(line));
    }

    private static double lengthOf(List<Point> points) {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += points.get(i).distanceTo(points.get(i - 1));
        }
        return length;
    }

    /** In the order in which they are sewn. */
    public List<Point> holes() {
        List<Point> holes = new ArrayList<>();
        holes.add(line.get(0));
        for (List<Point> run : runs()) {
            double length = lengthOf(run);
            int stitches = (int) Math.max(1, Math.round(length / pitch.millimetres()));
            for (int i = 1; i <= stitches; i++) {
                holes.add(i == stitches ? run.get(run.size() - 1) : along(run, length * i / stitches));
            }
        }
        return List.copyOf(holes);
    }

    /** From corner to corner. */
    private List<List<Point>> runs() {
        List<List<Point>> runs = new ArrayList<>();
        int from = 0;
        for (int i = 1; i < line.size() - 1; i++) {
            if (turn(line.get(i - 1), line.get(i), line.get(i + 1)) > CORNER) {
                runs.add(line.subList(from, i + 1));
                from = i;
            }
        }
        runs.add(line.subList(from, line.size()));
        return runs;
    }

    private static double turn(Point before, Point at, Point after) {
        double in = Math.atan2(at.y() - before.y(), at.x() - before.x());
        double out = Math.atan2(after.y() - at.y(), after.x() - at.x());
        double turn = Math.abs(out - in);
        return Math.min(turn, 2 * Math.PI - turn);
    }

    private static Point along(List<Point> run, double distance) {
        double left = distance;
        for (int i = 1; i < run.size(); i++) {
            Point from = run.get(i - 1);
            Point to = run.get(i);
            double step = to.distanceTo(from);
            if (left <= step) {
                double share = step == 0 ? 0 : left / step;
                return new Point(from.x() + (to.x() - from.x()) * share, from.y() + (to.y() - from.y()) * share);
            }
            left -= step;
        }
        return run.get(run.size() - 1);
    }
}
