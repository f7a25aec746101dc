package hiltboard.core.fit;

import hiltboard.core.blade.Point;
import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.design.HandleForm;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Rings or layers of a block as they will show on the finished handle. They are taken as planes whose direction was
 * read at two faces of the square block: near the heart of a tree they bend, and the surface shows more than that.
 *
 * @param side how they run on the left face against the handle's length, rising towards the butt
 * @param end how they stand on the front end against level, rising towards the right; 90° where they stand upright
 * @param apart from one line to the next, across them
 */
public record Grain(Angle side, Angle end, Length apart) {
    private static final int STATIONS = 90;
    private static final int HEIGHTS = 40;
    private static final double STEEPEST = 80;
    private static final double UPRIGHT = 90;
    /** Lines so near to upright lie along the sides, and no number says where they come out. */
    private static final double ALONG_THE_SIDES = 75;
    /** More than this across the length and a thin place breaks along its lines; common practice, from memory. */
    private static final double RUNS_OUT = 20;

    /** @throws ImpossibleQuantity if lines stand across the block, or have no distance */
    public Grain {
        if (Math.abs(side.degrees()) > STEEPEST) {
            throw new ImpossibleQuantity("grain", side, "at most " + STEEPEST + "° against the length");
        }
        if (Math.abs(end.degrees()) > UPRIGHT) {
            throw new ImpossibleQuantity("grain at the end", end, "at most 90° against level");
        }
        if (!apart.isPositive()) {
            throw new ImpossibleQuantity("lines apart", apart, "more than nothing");
        }
    }

    /** On which side of the handle it is looked at. */
    public enum Face {
        LEFT(-1),
        RIGHT(1);

        private final int sign;

        Face(int sign) {
            this.sign = sign;
        }
    }

    /**
     * Which line a place lies on, whole numbers on a line; x towards the butt, y up, z to the right, in millimetres.
     * The planes hold both directions that were read, (cos s, sin s, 0) and (0, sin e, cos e).
     */
    double lineAt(double x, double y, double z) {
        double s = Math.toRadians(side.degrees());
        double e = Math.toRadians(end.degrees());
        double nx = Math.sin(s) * Math.cos(e);
        double ny = -Math.cos(s) * Math.cos(e);
        double nz = Math.cos(s) * Math.sin(e);
        return (nx * x + ny * y + nz * z) / Math.hypot(nx, Math.hypot(ny, nz)) / apart.millimetres();
    }

    /** A piece of a line on the finished surface: x towards the butt from the heel's plane, y up. */
    public record Seen(Point from, Point to) {}

    /** The lines on one side of the finished handle, as short straight pieces; seen from that side. */
    public List<Seen> on(HandleForm handle, Face face) {
        double[][] line = new double[STATIONS + 1][HEIGHTS + 1];
        Point[][] place = new Point[STATIONS + 1][HEIGHTS + 1];
        boolean[] isThere = new boolean[STATIONS + 1];
        for (int i = 0; i <= STATIONS; i++) {
            double x = handle.front() + (handle.end() - handle.front()) * i / STATIONS;
            Optional<HandleForm.Cut> cut = handle.at(x);
            isThere[i] = cut.isPresent();
            for (int k = 0; k <= HEIGHTS && cut.isPresent(); k++) {
                RoundedRectangle border = cut.get().border();
                // Closer together towards back and belly, where the surface turns away.
                double v = border.halfHigh() * Math.sin(Math.PI * ((double) k / HEIGHTS - 0.5));
                double y = cut.get().middle() + v;
                place[i][k] = new Point(x, y);
                line[i][k] = lineAt(x, y, face.sign * border.halfThickAt(v));
            }
        }
        List<Seen> seen = new ArrayList<>();
        for (int i = 0; i < STATIONS; i++) {
            for (int k = 0; k < HEIGHTS && isThere[i] && isThere[i + 1]; k++) {
                triangle(seen, place, line, i, k, i + 1, k, i + 1, k + 1);
                triangle(seen, place, line, i, k, i + 1, k + 1, i, k + 1);
            }
        }
        return seen;
    }

    /** Where whole numbers cross a triangle of the surface. */
    private static void triangle(
            List<Seen> seen, Point[][] place, double[][] line, int a, int b, int c, int d, int e, int f) {
        double[] at = {line[a][b], line[c][d], line[e][f]};
        Point[] corner = {place[a][b], place[c][d], place[e][f]};
        double least = Math.min(at[0], Math.min(at[1], at[2]));
        double most = Math.max(at[0], Math.max(at[1], at[2]));
        for (double whole = Math.ceil(least); whole <= most; whole++) {
            List<Point> crossings = new ArrayList<>(2);
            for (int i = 0; i < 3; i++) {
                double here = at[i] - whole;
                double there = at[(i + 1) % 3] - whole;
                if (here <= 0 != there <= 0) {
                    crossings.add(corner[i].towards(corner[(i + 1) % 3], here / (here - there)));
                }
            }
            if (crossings.size() == 2) {
                seen.add(new Seen(crossings.get(0), crossings.get(1)));
            }
        }
    }

    /**
     * How much higher a line comes out on the right side than on the left, where the handle is this thick: lines that
     * are matched at the block's faces do not stay so. Empty where they stand along the sides.
     */
    public Optional<Length> higherOnTheRight(Length thick) {
        return Math.abs(end.degrees()) > ALONG_THE_SIDES
                ? Optional.empty()
                : Optional.of(Length.ofMillimetres(Math.tan(Math.toRadians(end.degrees())) * thick.millimetres()));
    }

    /** Whether a thin place breaks along the lines. */
    public boolean runsOut() {
        return Math.abs(side.degrees()) > RUNS_OUT;
    }
}
