package hiltboard.core.sheath;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.inset.Offset;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The leather of a sheath, cut around what goes into it: the point to the right, the mouth at the left, in millimetres.
 *
 * @param inside outline of what goes in, seen from the side, as far as its own end; what lies before the mouth is left
 *     out
 * @param thickness of what goes in
 * @param mouth place of the mouth on the drawing
 */
public record SheathCut(SheathPattern pattern, Outline inside, Length thickness, int leatherOunces, double mouth) {
    /** From the stitches to the cut edge. Common practice. */
    public static final Length TO_THE_EDGE = Length.ofInchFraction(1, 8);

    /** @throws ImpossibleQuantity if nothing goes into it */
    public SheathCut {
        if (inside.points().stream().noneMatch(point -> point.x() > mouth)) {
            throw new ImpossibleQuantity("mouth", Length.ofMillimetres(mouth), "before the point");
        }
    }

    private SheathTemplate template() {
        return new SheathTemplate(thickness, leatherOunces);
    }

    /** From what goes in to the cut edge. */
    public Length margin() {
        return template().margin(Units.MILLIMETRE_CELSIUS).value();
    }

    /** What goes in, cut off at the mouth. */
    public List<Point> held() {
        return clipped(inside.points(), point -> point.x() - mouth);
    }

    /**
     * How high the fold lies: over the spine by half of what is inside, and half of the leather that bends around it.
     */
    double fold() {
        double highest = held().stream().mapToDouble(Point::y).max().orElseThrow();
        return highest
                + thickness.half().millimetres()
                + template().leather().half().millimetres();
    }

    /** The whole piece as it is cut; of two parts, the front. */
    public Outline panel() {
        return Outline.through(pattern == SheathPattern.TWO_PART ? ring(margin()) : unfolded(ring(margin())));
    }

    /** The edge of what is left around it, from the mouth on. */
    private List<Point> ring(Length by) {
        List<Point> around = clipped(Offset.around(Outline.through(held()), by), point -> point.x() - mouth);
        return pattern == SheathPattern.FOLDED ? clipped(around, point -> fold() - point.y()) : around;
    }

    /** The folded piece laid flat: what is below the fold, and the same above it. */
    private List<Point> unfolded(List<Point> below) {
        double fold = fold();
        List<Point> open = opened(below, point -> Math.abs(point.y() - fold) < 1e-6);
        List<Point> flat = new ArrayList<>(open);
        for (int i = open.size() - 1; i >= 0; i--) {
            flat.add(new Point(open.get(i).x(), 2 * fold - open.get(i).y()));
        }
        return flat;
    }

    /** Along the edge, from the mouth round the point: back to the mouth, or up to the fold. */
    public List<Point> seam() {
        List<Point> ring = ring(margin().minus(TO_THE_EDGE));
        return opened(
                ring,
                pattern == SheathPattern.TWO_PART
                        ? point -> Math.abs(point.x() - mouth) < 1e-6
                        : point -> Math.abs(point.x() - mouth) < 1e-6 || Math.abs(point.y() - fold()) < 1e-6);
    }

    /** The strip of leather between both sides, as wide as from the cut edge to what goes in. */
    public Length weltWidth() {
        return margin().minus(thickness.half());
    }

    private interface On {
        boolean test(Point point);
    }

    /** A closed line cut open where its points lie on a border: what runs between its last and its first of them. */
    private static List<Point> opened(List<Point> ring, On border) {
        int size = ring.size();
        int start = 0;
        int longest = -1;
        for (int i = 0; i < size; i++) {
            if (border.test(ring.get(i)) && !border.test(ring.get((i + 1) % size))) {
                int run = 1;
                while (run < size && !border.test(ring.get((i + run) % size))) {
                    run++;
                }
                if (run > longest) {
                    longest = run;
                    start = i;
                }
            }
        }
        List<Point> open = new ArrayList<>();
        for (int k = 0; k <= longest; k++) {
            open.add(ring.get((start + k) % size));
        }
        return open;
    }

    /** What of a closed line lies where a distance is not negative (Sutherland and Hodgman 1974, one edge). */
    private static List<Point> clipped(List<Point> ring, ToDoubleFunction<Point> distance) {
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
                double share = here / (here - there);
                kept.add(new Point(at.x() + (next.x() - at.x()) * share, at.y() + (next.y() - at.y()) * share));
            }
        }
        return kept;
    }
}
