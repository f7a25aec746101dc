package hiltboard.core.blade;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * What a closed line encloses: a polygon in millimetres whose last point is joined to its first, not crossing itself.
 */
public final class Area {
    /** Strips along the length; the two-point rule in each is exact for anything up to third degree. */
    private static final int STRIPS = 96;

    private static final double GAUSS_TWO = 0.5 / Math.sqrt(3);
    private static final double[] GAUSS_FOUR_AT = {
        0.0694318442029737, 0.3300094782075719, 0.6699905217924281, 0.9305681557970263
    };
    private static final double[] GAUSS_FOUR_WEIGHT = {
        0.1739274225687269, 0.3260725774312731, 0.3260725774312731, 0.1739274225687269
    };

    private final double[] x;
    private final double[] y;

    private Area(List<Point> points) {
        x = points.stream().mapToDouble(Point::x).toArray();
        y = points.stream().mapToDouble(Point::y).toArray();
    }

    public static Area of(Outline outline) {
        return new Area(outline.points());
    }

    /**
     * A cut across the knife.
     *
     * @param breaks heights at which the depth has a corner; between them it is smooth
     * @param depth through the plane of the drawing at a height, in millimetres
     */
    public record Cut(double[] breaks, DoubleUnaryOperator depth) {}

    /** The cut at a place along the knife, where its border is crossed at these heights. */
    @FunctionalInterface
    public interface Cuts {
        Cut at(double x, double[] border);
    }

    /** What of it lies behind a line across the knife, where x is at most this. */
    public Area behind(double limit) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            int next = (i + 1) % x.length;
            if (x[i] <= limit) {
                kept.add(new Point(x[i], y[i]));
            }
            if (x[i] <= limit != x[next] <= limit) {
                kept.add(new Point(limit, y[i] + (limit - x[i]) / (x[next] - x[i]) * (y[next] - y[i])));
            }
        }
        return new Area(kept);
    }

    /** Shoelace formula, in mm². */
    public double squareMillimetres() {
        double twice = 0;
        for (int i = 0; i < x.length; i++) {
            int next = (i + 1) % x.length;
            twice += x[i] * y[next] - x[next] * y[i];
        }
        return Math.abs(twice) / 2;
    }

    /** How far it reaches along the knife, in millimetres: least and most. */
    public double[] reach() {
        return new double[] {
            Arrays.stream(x).min().orElse(0), Arrays.stream(x).max().orElse(0)
        };
    }

    /** The same depth everywhere. */
    public Lump lump(double depth) {
        Cut even = new Cut(new double[0], y -> depth);
        return lump((x, border) -> even);
    }

    /** Volume and its centre: strips along the knife, Gauss's rules along and across them. */
    public Lump lump(Cuts cuts) {
        double[] ends = strips();
        Sweep sweep = new Sweep();
        double volume = 0;
        double alongX = 0;
        double alongY = 0;
        for (int i = 1; i < ends.length; i++) {
            double width = ends[i] - ends[i - 1];
            double middle = (ends[i] + ends[i - 1]) / 2;
            for (double sign : new double[] {-1, 1}) {
                double at = middle + sign * GAUSS_TWO * width;
                double[] border = sweep.to(at);
                double[] across = across(border, cuts.at(at, border));
                volume += across[0] * width / 2;
                alongX += at * across[0] * width / 2;
                alongY += across[1] * width / 2;
            }
        }
        return volume == 0 ? Lump.NOTHING : new Lump(volume, new Point(alongX / volume, alongY / volume));
    }

    /** Even strips, and the knife's own straight corners, so that a step is never averaged away. */
    private double[] strips() {
        double[] reach = reach();
        double step = (reach[1] - reach[0]) / STRIPS;
        List<Double> cuts = new ArrayList<>();
        for (int i = 0; i <= STRIPS; i++) {
            cuts.add(reach[0] + i * step);
        }
        for (int i = 0; i < x.length; i++) {
            int next = (i + 1) % x.length;
            if (Math.abs(x[next] - x[i]) < 1e-9 || Math.hypot(x[next] - x[i], y[next] - y[i]) > 4 * step) {
                cuts.add(x[i]);
                cuts.add(x[next]);
            }
        }
        return cuts.stream().sorted().mapToDouble(Double::doubleValue).toArray();
    }

    private static double[] across(double[] crossings, Cut cut) {
        double sum = 0;
        double moment = 0;
        for (int i = 0; i + 1 < crossings.length; i += 2) {
            double low = crossings[i];
            double high = crossings[i + 1];
            double[] ends = Arrays.stream(cut.breaks())
                    .filter(each -> each > low && each < high)
                    .sorted()
                    .toArray();
            double from = low;
            for (int part = 0; part <= ends.length; part++) {
                double to = part == ends.length ? high : ends[part];
                for (int k = 0; k < GAUSS_FOUR_AT.length; k++) {
                    double atY = from + GAUSS_FOUR_AT[k] * (to - from);
                    double share =
                            GAUSS_FOUR_WEIGHT[k] * (to - from) * cut.depth().applyAsDouble(atY);
                    sum += share;
                    moment += share * atY;
                }
                from = to;
            }
        }
        return new double[] {sum, moment};
    }

    /** Heights at which the border crosses a line across the knife, lowest first; an even number of them. */
    public double[] crossings(double atX) {
        double[] found = new double[8];
        int count = 0;
        for (int i = 0; i < x.length; i++) {
            int next = (i + 1) % x.length;
            if (x[i] <= atX != x[next] <= atX) {
                if (count == found.length) {
                    found = Arrays.copyOf(found, count * 2);
                }
                found[count++] = y[i] + (atX - x[i]) / (x[next] - x[i]) * (y[next] - y[i]);
            }
        }
        double[] sorted = Arrays.copyOf(found, count);
        Arrays.sort(sorted);
        return sorted;
    }

    /** Walks along the knife and keeps at hand the few sides of the border that lie at the place it has come to. */
    private final class Sweep {
        private final Integer[] sides = IntStream.range(0, x.length)
                .boxed()
                .sorted(Comparator.comparingDouble(this::begins))
                .toArray(Integer[]::new);
        private final List<Integer> here = new ArrayList<>();
        private int next;

        private double begins(int side) {
            return Math.min(x[side], x[(side + 1) % x.length]);
        }

        private double ends(int side) {
            return Math.max(x[side], x[(side + 1) % x.length]);
        }

        /** Heights at which the border is crossed, lowest first. @param atX not behind the place before */
        private double[] to(double atX) {
            while (next < sides.length && begins(sides[next]) <= atX) {
                here.add(sides[next++]);
            }
            here.removeIf(side -> ends(side) <= atX);
            double[] heights = new double[here.size()];
            for (int i = 0; i < heights.length; i++) {
                int from = here.get(i);
                int to = (from + 1) % x.length;
                heights[i] = y[from] + (atX - x[from]) / (x[to] - x[from]) * (y[to] - y[from]);
            }
            Arrays.sort(heights);
            return heights;
        }
    }
}
