package hiltboard.core.sheath;

import hiltboard.core.blade.Clipped;
import hiltboard.core.blade.DrawnOut;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.inset.Offset;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** A sheath as it is cut around what goes into it: the point to the right, the mouth at the left, in millimetres. */
public final class SheathCut {
    private static final double ON_A_LINE = 1e-6;
    /** A curve is cut along straight lines that lie this near to it, in millimetres: nearer than leather is cut. */
    private static final double FINE = 0.03;

    private final SheathPattern pattern;
    private final SheathWall wall;
    private final double mouth;
    private final List<Held> free;
    private final double fold;
    private final List<Point> hollow;
    private final List<Point> side;
    private final List<Point> seam;

    /** A part that goes in, seen from the side. */
    public record Held(Outline outline, Length thickness) {
        private double end() {
            return outline.points().stream().mapToDouble(Point::x).max().orElseThrow();
        }

        private double top() {
            return outline.points().stream().mapToDouble(Point::y).max().orElseThrow();
        }

        /** With half of its own thickness. */
        private double around() {
            return top() + thickness.half().millimetres();
        }

        private Held lower(double by) {
            return new Held(outline.moved(point -> new Point(point.x(), point.y() - by)), thickness);
        }
    }

    /**
     * @param inside what goes in, as far as its own end; what lies before the mouth is left out
     * @param mouth place of the mouth on the drawing
     * @throws ImpossibleQuantity if nothing goes into it
     */
    public SheathCut(SheathPattern pattern, List<Held> inside, SheathWall wall, double mouth) {
        this.pattern = pattern;
        this.wall = wall;
        this.mouth = mouth;
        List<Held> held = inside.stream().filter(part -> part.end() > mouth).toList();
        if (held.isEmpty()) {
            throw new ImpossibleQuantity("mouth", Length.ofMillimetres(mouth), "before the point");
        }
        List<Held> drawn = held.stream()
                .map(part -> new Held(
                        Outline.through(DrawnOut.past(mouth, part.outline().points(FINE))), part.thickness()))
                .toList();
        double spine = drawn.stream().mapToDouble(Held::top).max().orElseThrow()
                + drawn.stream()
                        .mapToDouble(part -> part.thickness().half().millimetres())
                        .min()
                        .orElseThrow();
        this.fold = spine + wall.thickness().half().millimetres();
        this.free = pattern == SheathPattern.FOLDED
                ? drawn.stream()
                        .map(part -> part.lower(Math.max(0, part.around() - spine)))
                        .toList()
                : drawn;
        this.hollow = ring(Length.ZERO);
        this.side = ring(wall.beyond());
        this.seam = seam(ring(wall.beyond().minus(wall.toEdge())));
    }

    public SheathPattern pattern() {
        return pattern;
    }

    public SheathWall wall() {
        return wall;
    }

    public double mouth() {
        return mouth;
    }

    /**
     * What has to be free, from the mouth on: what lies deeper comes by there when it is drawn out. A folded piece is
     * bent along one straight line over the thinnest part's back; what a thicker part needs more is left below it.
     */
    public List<Held> free() {
        return free;
    }

    /**
     * How high the fold lies: over the spine by half of the thinnest part, and half of the wall that bends around it.
     */
    public double fold() {
        return fold;
    }

    /** The hollow of one side, flat: as far around as half of what is inside takes. */
    public List<Point> hollow() {
        return hollow;
    }

    /** The sheath from its front, when it is closed. */
    public Outline closed() {
        return Outline.through(side);
    }

    /** How high the hollow is at the mouth: what goes in comes by there. */
    public Length throat() {
        List<Point> open = hollow.stream().filter(this::isOnMouth).toList();
        return Length.ofMillimetres(open.stream().mapToDouble(Point::y).max().orElseThrow()
                - open.stream().mapToDouble(Point::y).min().orElseThrow());
    }

    /** The whole piece as it is cut; of two parts, the front. */
    public Outline panel() {
        return Outline.through(pattern == SheathPattern.FOLDED ? unfolded(side) : side);
    }

    /** The edge of what is left around it, from the mouth on. @param beyond half of what is inside */
    private List<Point> ring(Length beyond) {
        Map<Outline, Length> parts = new LinkedHashMap<>();
        free.forEach(part -> parts.put(part.outline(), part.thickness().half().plus(beyond)));
        List<Point> around = Clipped.where(Offset.around(parts), point -> point.x() - mouth);
        return pattern == SheathPattern.FOLDED ? Clipped.where(around, point -> fold - point.y()) : around;
    }

    /** The folded piece laid flat: what is below the fold, and the same above it. */
    private List<Point> unfolded(List<Point> below) {
        List<Point> open = opened(below, this::isOnFold);
        return Stream.concat(
                        open.stream(),
                        Offset.reversed(open).stream()
                                .filter(point -> !isOnFold(point))
                                .map(this::opposite))
                .toList();
    }

    /**
     * Along the edge, from the mouth round the point: back to the mouth, or up to the fold. It ends as far from both as
     * it lies from the edge.
     */
    public List<Point> seam() {
        return seam;
    }

    private List<Point> seam(List<Point> ring) {
        double begins = mouth + wall.toEdge().millimetres();
        double ends = fold - wall.toEdge().millimetres();
        List<Point> within = Clipped.where(ring, point -> point.x() - begins);
        return pattern == SheathPattern.FOLDED
                ? opened(
                        Clipped.where(within, point -> ends - point.y()),
                        point -> isOn(point.x(), begins) || isOn(point.y(), ends))
                : opened(within, point -> isOn(point.x(), begins));
    }

    /** The strip between both sides, from the cut edge to the hollow; round the point as far as the fold. */
    public Outline welt() {
        List<Outline> open = new ArrayList<>(List.of(Outline.through(hollow)));
        if (pattern == SheathPattern.FOLDED) {
            open.add(overTheHollow());
        }
        return Outline.through(Offset.without(Outline.through(side), open));
    }

    /** Between hollow and fold nothing lies, as far as the stitches: the leather bends there. */
    private Outline overTheHollow() {
        double end = seam.get(seam.size() - 1).x() - wall.toEdge().millimetres();
        double low = hollow.stream()
                .filter(point -> point.x() <= end)
                .min(Comparator.comparingDouble((Point point) -> -point.x()).thenComparingDouble(point -> -point.y()))
                .orElseThrow()
                .y();
        return Outline.from(mouth - 1, low).to(end, low).to(end, fold + 1).to(mouth - 1, fold + 1);
    }

    private boolean isOnMouth(Point point) {
        return isOn(point.x(), mouth);
    }

    private boolean isOnFold(Point point) {
        return isOn(point.y(), fold);
    }

    private static boolean isOn(double place, double line) {
        return Math.abs(place - line) < ON_A_LINE;
    }

    /** Where a folded piece is bent, from the mouth to its edge. */
    Outline foldLine() {
        double end =
                side.stream().filter(this::isOnFold).mapToDouble(Point::x).max().orElse(mouth);
        return Outline.from(mouth, fold).to(end, fold);
    }

    /** The place on the other half of a folded piece that comes to lie on this one. */
    public Point opposite(Point point) {
        return new Point(point.x(), 2 * fold - point.y());
    }

    /** A closed line cut open where its points lie on a border: what runs between its last and its first of them. */
    private static List<Point> opened(List<Point> ring, Predicate<Point> border) {
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
}
