package hiltboard.core.stock.cutting;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;

/**
 * How near blanks may lie to each other along a bar of one width: the least pitch from the left end of one to the left
 * end of the next, so that the saw passes between them everywhere. Lengths in millimetres.
 *
 * <p>Nobody reaches further than to the middle of his neighbour, so that only neighbours can touch.
 */
final class Nest {
    /** Finer than anybody saws. */
    static final double FINE = 0.02;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final List<Blank> blanks;
    private final double width;
    private final CuttingRules rules;
    private final double[] lengths;
    private final double[][] pitches;

    Nest(List<Blank> blanks, double width, CuttingRules rules) {
        this.blanks = List.copyOf(blanks);
        this.width = width;
        this.rules = rules;
        this.lengths = blanks.stream().mapToDouble(Blank::length).toArray();
        this.pitches = pitches();
    }

    List<Blank> blanks() {
        return blanks;
    }

    /** Blanks times placings: a blank that lies in one way. */
    int states() {
        return blanks.size() * Placing.ALL.size();
    }

    int blankOf(int state) {
        return state / Placing.ALL.size();
    }

    Placing placingOf(int state) {
        return Placing.ALL.get(state % Placing.ALL.size());
    }

    double length(int state) {
        return lengths[blankOf(state)];
    }

    /** From the left end of one to the left end of the next. */
    double pitch(int state, int next) {
        return pitches[state][next];
    }

    /** What a blank takes of a bar at least, with the cut behind it, whatever lies beside it. */
    double least(int blank) {
        double least = lengths[blank] + rules.kerf().millimetres();
        for (int state = 0; state < states(); state++) {
            if (blankOf(state) == blank) {
                least = Math.min(least, Arrays.stream(pitches[state]).min().orElseThrow());
            }
        }
        return least;
    }

    /** What the last blank of a row takes at least beyond {@link #least}. */
    double leastEnd() {
        double kerf = rules.kerf().millimetres();
        double least = Double.POSITIVE_INFINITY;
        for (int blank = 0; blank < lengths.length; blank++) {
            least = Math.min(least, lengths[blank] + kerf - least(blank));
        }
        return least;
    }

    /** The outline where it lies. */
    Outline laid(int state, double left) {
        return placingOf(state)
                .laid(blanks.get(blankOf(state)).outline(), left, rules.edge().millimetres(), width);
    }

    private double[][] pitches() {
        double kerf = rules.kerf().millimetres();
        List<Side> rights = new ArrayList<>();
        List<Side> lefts = new ArrayList<>();
        for (int state = 0; state < states(); state++) {
            Geometry polygon = polygon(laid(state, 0));
            lefts.add(Side.left(polygon));
            rights.add(Side.right(BufferOp.bufferOp(polygon, kerf + 3 * FINE)));
        }
        double[][] all = new double[states()][states()];
        for (double[] row : all) {
            Arrays.fill(row, Double.NaN);
        }
        for (int one = 0; one < states(); one++) {
            for (int next = 0; next < states(); next++) {
                if (Double.isNaN(all[one][next])) {
                    double reach = length(one) + kerf - Math.min(length(one), length(next)) / 2;
                    keep(all, one, next, Math.max(reach, rights.get(one).clears(lefts.get(next))));
                }
            }
        }
        return all;
    }

    /** A pitch is the same with the bar's other edge up; seen from the bar's other end, the ends change places. */
    private void keep(double[][] all, int one, int next, double pitch) {
        all[one][next] = pitch;
        all[overEdge(one)][overEdge(next)] = pitch;
        double fromOtherEnd = pitch + length(next) - length(one);
        all[overEnd(next)][overEnd(one)] = fromOtherEnd;
        all[overEdge(overEnd(next))][overEdge(overEnd(one))] = fromOtherEnd;
    }

    private int overEdge(int state) {
        Placing placing = placingOf(state);
        return state(state, new Placing(placing.turned(), !placing.flipped(), !placing.high()));
    }

    private int overEnd(int state) {
        Placing placing = placingOf(state);
        return state(state, new Placing(!placing.turned(), !placing.flipped(), placing.high()));
    }

    private int state(int ofSameBlank, Placing placing) {
        return blankOf(ofSameBlank) * Placing.ALL.size() + Placing.ALL.indexOf(placing);
    }

    static Geometry polygon(Outline outline) {
        List<Point> points = outline.points(FINE);
        Coordinate[] ring = new Coordinate[points.size() + 1];
        for (int i = 0; i <= points.size(); i++) {
            Point point = points.get(i % points.size());
            ring[i] = new Coordinate(point.x(), point.y());
        }
        // Lines that touch themselves, as at a choil's lip, become a plain polygon.
        return GEOMETRY.createPolygon(ring).buffer(0);
    }

    /**
     * One side of a polygon as it is met by what slides along the bar.
     *
     * @param heights of its corners, from low to high
     * @param places where it is met first at these heights, the farther out the greater
     * @param edges that are met first between each height and the next
     */
    private record Side(double[] heights, double[] places, Edge[] edges) {

        private record Edge(Coordinate from, Coordinate to, double sign) {

            private boolean isAt(double y) {
                return Math.min(from.y, to.y) <= y && y <= Math.max(from.y, to.y);
            }

            private double place(double y) {
                return from.y == to.y
                        ? Math.max(from.x * sign, to.x * sign)
                        : sign * (from.x + (to.x - from.x) * (y - from.y) / (to.y - from.y));
            }
        }

        static Side right(Geometry polygon) {
            return of(polygon, 1);
        }

        static Side left(Geometry polygon) {
            return of(polygon, -1);
        }

        private static Side of(Geometry polygon, double sign) {
            Coordinate[] ring = polygon.getCoordinates();
            List<Edge> all = new ArrayList<>();
            for (int i = 1; i < ring.length; i++) {
                all.add(new Edge(ring[i - 1], ring[i], sign));
            }
            double[] heights = Arrays.stream(ring)
                    .mapToDouble(point -> point.y)
                    .sorted()
                    .distinct()
                    .toArray();
            double[] places =
                    Arrays.stream(heights).map(y -> met(all, y).place(y)).toArray();
            Edge[] edges = new Edge[heights.length - 1];
            for (int i = 0; i < edges.length; i++) {
                edges[i] = met(all, (heights[i] + heights[i + 1]) / 2);
            }
            return new Side(heights, places, edges);
        }

        private static Edge met(List<Edge> edges, double y) {
            return edges.stream()
                    .filter(edge -> edge.isAt(y))
                    .max(Comparator.comparingDouble(edge -> edge.place(y)))
                    .orElseThrow();
        }

        /**
         * How far a left side has to be shifted to clear this right one. Both are straight between corners, so the
         * corners decide.
         */
        private double clears(Side left) {
            double shift = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < heights.length; i++) {
                shift = Math.max(shift, places[i] + left.at(heights[i]));
            }
            for (int i = 0; i < left.heights.length; i++) {
                shift = Math.max(shift, at(left.heights[i]) + left.places[i]);
            }
            return shift;
        }

        /** Where it is met at a height; nothing is met above or below. */
        private double at(double y) {
            int corner = Arrays.binarySearch(heights, y);
            if (corner >= 0) {
                return places[corner];
            }
            int next = -corner - 1;
            return next == 0 || next == heights.length ? Double.NEGATIVE_INFINITY : edges[next - 1].place(y);
        }
    }

    /**
     * Whether outlines that lie somewhere keep the saw's way between them and stay inside the bar. For tests and as a
     * last look.
     */
    static boolean isClear(List<Outline> laid, double kerf, Envelope bar) {
        List<Geometry> polygons = laid.stream().map(Nest::polygon).toList();
        for (int i = 0; i < polygons.size(); i++) {
            if (!bar.contains(polygons.get(i).getEnvelopeInternal())) {
                return false;
            }
            for (int j = 0; j < i; j++) {
                if (polygons.get(i).distance(polygons.get(j)) < kerf) {
                    return false;
                }
            }
        }
        return true;
    }
}
