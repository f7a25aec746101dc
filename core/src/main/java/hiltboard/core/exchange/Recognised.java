package hiltboard.core.exchange;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.BladeProfile;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * An outline from elsewhere, laid as a knife lies and read into the named numbers as far as they can follow it: the
 * blade's by the least squares of its distance from spine and edge, the handle's from its widths.
 *
 * @param numbers by the key of the specification's question
 * @param outline the whole outline as it was laid, in the drawing's coordinates
 */
public record Recognised(Map<String, Length> numbers, boolean isCornered, Outline outline) {
    private static final String ACCEPTED = "one closed outline of a whole knife that does not cross itself";
    private static final int STATIONS = 60;
    private static final int SEARCH = 12;
    private static final int ROUNDS = 4;
    private static final double LEAST_RICASSO = 1;
    private static final double LEAST_STEP = 0.8;
    private static final double STEP_WINDOW = 0.6;
    private static final double STEP_NOISE = 0.02;

    public Recognised {
        numbers = Map.copyOf(numbers);
    }

    /** How it lies in the file: turned round or turned over from what was guessed. */
    public record Laid(boolean isTurned, boolean isFlipped) {}

    /** What came of it. */
    public sealed interface Answer {}

    public record Found(Recognised knife) implements Answer {}

    public record Refused(String problem, String accepted) implements Answer {}

    /**
     * @param overall butt to point
     * @param blade heel's plane to point; empty for a guess
     */
    public static Answer of(List<Outline> closed, Length overall, Optional<Length> blade, Laid laid) {
        Outline largest = closed.stream()
                .max(Comparator.comparingDouble(line -> Area.of(line).squareMillimetres()))
                .orElseThrow();
        double extent = extent(largest.points(1e9));
        if (!(extent > 0)) {
            return new Refused("The outline has no size", ACCEPTED);
        }
        Outline scaled = scaled(largest, overall);
        if (crossesItself(scaled.points(0.2))) {
            return new Refused("The outline crosses itself", ACCEPTED);
        }
        return new Found(new Reading(scaled, overall, laid).read(blade));
    }

    private static double extent(List<Point> points) {
        double width = points.stream().mapToDouble(Point::x).max().orElse(0)
                - points.stream().mapToDouble(Point::x).min().orElse(0);
        double height = points.stream().mapToDouble(Point::y).max().orElse(0)
                - points.stream().mapToDouble(Point::y).min().orElse(0);
        return Math.max(width, height);
    }

    /** Lying along x, as long as stated, its middle at the origin. */
    private static Outline scaled(Outline outline, Length overall) {
        List<Point> rough = outline.points(extent(outline.points(1e9)) / 2000);
        double factor = overall.millimetres() / extent(rough);
        double[] x = rough.stream().mapToDouble(Point::x).sorted().toArray();
        double[] y = rough.stream().mapToDouble(Point::y).sorted().toArray();
        double middleX = (x[0] + x[x.length - 1]) / 2;
        double middleY = (y[0] + y[y.length - 1]) / 2;
        boolean isUpright = y[y.length - 1] - y[0] > x[x.length - 1] - x[0];
        return outline.moved(point -> isUpright
                ? new Point((point.y() - middleY) * factor, -(point.x() - middleX) * factor)
                : new Point((point.x() - middleX) * factor, (point.y() - middleY) * factor));
    }

    private static boolean crossesItself(List<Point> points) {
        int count = points.size();
        for (int i = 0; i < count; i++) {
            for (int k = i + 2; k < count; k++) {
                boolean areNeighbours = i == 0 && k == count - 1;
                if (!areNeighbours
                        && cross(
                                points.get(i),
                                points.get((i + 1) % count),
                                points.get(k),
                                points.get((k + 1) % count))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean cross(Point a, Point b, Point c, Point d) {
        return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
    }

    private static double side(Point a, Point b, Point p) {
        return (b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x());
    }

    /** One outline while it is read. */
    private static final class Reading {
        private final double overall;
        private Outline outline;
        private Area area;

        private Reading(Outline scaled, Length overall, Laid laid) {
            this.overall = overall.millimetres();
            lay(scaled);
            boolean pointsLeft = width(-this.overall / 2 * 0.94) < width(this.overall / 2 * 0.94);
            if (pointsLeft != laid.isTurned()) {
                lay(outline.moved(point -> new Point(-point.x(), -point.y())));
            }
            if (isEdgeUp() != laid.isFlipped()) {
                lay(outline.moved(point -> new Point(point.x(), -point.y())));
            }
        }

        private void lay(Outline line) {
            outline = line;
            area = Area.of(line);
        }

        private double top(double x) {
            double[] crossings = area.crossings(x);
            return crossings.length == 0 ? 0 : crossings[crossings.length - 1];
        }

        private double bottom(double x) {
            double[] crossings = area.crossings(x);
            return crossings.length == 0 ? 0 : crossings[0];
        }

        private double width(double x) {
            return top(x) - bottom(x);
        }

        /** The point of most knives lies nearer to the spine than to the edge. */
        private boolean isEdgeUp() {
            double tip = (top(overall / 2 - 0.5) + bottom(overall / 2 - 0.5)) / 2;
            double there = overall / 2 - overall * 0.3;
            return Math.abs(top(there) - tip) > Math.abs(bottom(there) - tip);
        }

        private Recognised read(Optional<Length> blade) {
            double length = blade.map(Length::millimetres)
                    .filter(each -> each < overall * 0.9)
                    .orElseGet(this::guessedBlade);
            standOnSpine(length);
            Map<String, Length> numbers = new LinkedHashMap<>();
            boolean isCornered = blade(length, numbers);
            handle(overall - length, numbers);
            return new Recognised(numbers, isCornered, outline);
        }

        /**
         * From the place where the belly of the knife steps most, as it does at a heel; half of the knife if it steps
         * nowhere.
         */
        private double guessedBlade() {
            double best = 1.5;
            double place = 0;
            for (double x = -overall * 0.15; x < overall * 0.2; x += 1) {
                double step = bottom(x - 1) - bottom(x + 1);
                if (step > best) {
                    best = step;
                    place = x;
                }
            }
            return overall / 2 - place + (best > 1.5 ? 5 : 0);
        }

        /** Turns the spine's first third level and makes its beginning the origin. */
        private void standOnSpine(double length) {
            double heel = overall / 2 - length;
            double rise = (top(heel + length * 0.3) - top(heel + 1)) / (length * 0.3 - 1);
            double turn = -Math.atan(Math.abs(rise) < 0.15 ? rise : 0);
            double y = top(heel + 1);
            lay(outline.moved(point -> new Point(
                    (point.x() - heel) * Math.cos(turn) - (point.y() - y) * Math.sin(turn),
                    (point.x() - heel) * Math.sin(turn) + (point.y() - y) * Math.cos(turn))));
            double reach = area.reach()[1];
            lay(outline.moved(point -> new Point(point.x() - (reach - length), point.y())));
        }

        private boolean blade(double length, Map<String, Length> numbers) {
            Point tip = outline.points().stream()
                    .max(Comparator.comparingDouble(Point::x))
                    .orElseThrow();
            double ricassoWidth = -bottom(0.8);
            double ricasso = heelStep(length);
            double width = Math.max(-bottom(ricasso + 2 * STEP_WINDOW), ricassoWidth);
            BladeProfile.Heel heel = new BladeProfile.Heel(
                    mm(Math.max(LEAST_RICASSO, ricasso)), mm(Math.min(ricassoWidth, width)), Length.ZERO);
            Fit round = spine(length, width, -tip.y(), heel, false);
            Fit cornered = spine(length, width, -tip.y(), heel, true);
            Fit spine = cornered.error < round.error * 0.8 ? cornered : round;
            Fit edge = edge(length, width, spine.profile);
            put(
                    numbers,
                    "bladeLength",
                    length,
                    "heelWidth",
                    width,
                    "ricasso",
                    heel.ricasso().millimetres(),
                    "ricassoWidth",
                    heel.ricassoWidth().millimetres(),
                    "spineBreak",
                    mmOf(spine.profile.spine().leaves()),
                    "pointDrop",
                    -tip.y(),
                    "spineBow",
                    mmOf(spine.profile.spine().bow()),
                    "bellyStart",
                    mmOf(edge.profile.edge().bellyStart()),
                    "bellyDepth",
                    mmOf(edge.profile.edge().bellyDepth()),
                    "bellyBow",
                    mmOf(edge.profile.edge().bellyBow()));
            return spine == cornered;
        }

        /** Where the edge's heel steps down from the ricasso; the least ricasso if it steps nowhere. */
        private double heelStep(double length) {
            double best = LEAST_STEP;
            double first = LEAST_RICASSO;
            double last = LEAST_RICASSO;
            for (double x = LEAST_RICASSO; x < length * 0.25; x += 0.1) {
                double step = bottom(x - STEP_WINDOW) - bottom(x + STEP_WINDOW);
                first = step > best + STEP_NOISE ? x : first;
                last = step > best - STEP_NOISE && best > LEAST_STEP || step > best + STEP_NOISE ? x : last;
                best = Math.max(best, step);
            }
            // A step is seen from half a window before it to half a window behind it.
            return (first + last) / 2;
        }

        private record Fit(double error, BladeProfile profile) {}

        private Fit spine(double length, double width, double drop, BladeProfile.Heel heel, boolean isCornered) {
            BladeProfile.Edge edge = new BladeProfile.Edge(mm(length * 0.4), Length.ZERO, Length.ZERO);
            return search(2, at -> {
                Length leaves = mm(length * (0.04 + 0.9 * at[0]));
                BladeProfile flat = new BladeProfile(
                        mm(length),
                        mm(width),
                        new BladeProfile.Spine(leaves, mm(drop), Length.ZERO, isCornered),
                        edge,
                        heel);
                Length bow = isCornered ? leaves.times(0.15 * at[1]) : flat.spineBow(at[1] * 0.999);
                BladeProfile tried = new BladeProfile(
                        mm(length), mm(width), new BladeProfile.Spine(leaves, mm(drop), bow, isCornered), edge, heel);
                return new Fit(error(tried.spineLine().points(), 0, length, this::top), tried);
            });
        }

        private Fit edge(double length, double width, BladeProfile spined) {
            double ricasso = mmOf(spined.heel().ricasso());
            return search(3, at -> {
                double start = (length - ricasso) * (0.05 + 0.9 * at[0]);
                Length depth = mm(width * 0.35 * at[2]);
                BladeProfile flat = new BladeProfile(
                        spined.length(),
                        spined.width(),
                        spined.spine(),
                        new BladeProfile.Edge(mm(start), depth, Length.ZERO),
                        spined.heel());
                BladeProfile tried = new BladeProfile(
                        spined.length(),
                        spined.width(),
                        spined.spine(),
                        new BladeProfile.Edge(mm(start), depth, flat.bellyBow(at[1] * 0.999)),
                        spined.heel());
                return new Fit(error(tried.edgeLine().points(), ricasso + 1, length, this::bottom), tried);
            });
        }

        @FunctionalInterface
        private interface Trial {
            Fit at(double[] shares);
        }

        @FunctionalInterface
        private interface Height {
            double at(double x);
        }

        /** Looks over all shares between nothing and one, then ever closer around the best. */
        private static Fit search(int count, Trial trial) {
            double[] best =
                    IntStream.range(0, count).mapToDouble(i -> i == 2 ? 0 : 0.5).toArray();
            Fit found = trial.at(best);
            double span = 0.5;
            for (int round = 0; round < ROUNDS; round++) {
                double[] middle = best.clone();
                for (int i = 0; i <= SEARCH; i++) {
                    for (int k = 0; k <= SEARCH; k++) {
                        for (int j = 0; j <= (count == 3 ? 4 : 0); j++) {
                            double[] tried = middle.clone();
                            tried[0] = share(middle[0] + span * (2.0 * i / SEARCH - 1));
                            tried[1] = share(middle[1] + span * (2.0 * k / SEARCH - 1));
                            if (count == 3) {
                                tried[2] = share(round == 0 ? j / 4.0 : middle[2] + span * (j / 2.0 - 1));
                            }
                            Fit fit = trial.at(tried);
                            if (fit.error < found.error) {
                                found = fit;
                                best = tried;
                            }
                        }
                    }
                }
                span /= 4;
            }
            return found;
        }

        private static double share(double value) {
            return Math.min(1, Math.max(0, value));
        }

        private static double error(List<Point> drawn, double from, double to, Height imported) {
            double sum = 0;
            for (int i = 0; i < STATIONS; i++) {
                double x = from + (to - from) * (i + 0.5) / STATIONS;
                double off = BladeProfile.heightAt(drawn, x) - imported.at(x);
                sum += off * off;
            }
            return sum;
        }

        private void handle(double length, Map<String, Length> numbers) {
            double[] back = back(length);
            double waistAt = least(length, 0.12, 0.42);
            double swellAt = most(length, waistAt / length + 0.08, 0.78);
            double neckAt = swellAt + 0.62 * (length - swellAt);
            put(
                    numbers,
                    "handleLength",
                    length,
                    "buttDrop",
                    back[0],
                    "handleArch",
                    back[1],
                    "frontWidth",
                    width(-0.8),
                    "waistWidth",
                    width(-waistAt),
                    "waistAt",
                    waistAt,
                    "swellWidth",
                    width(-swellAt),
                    "swellAt",
                    swellAt,
                    "neckWidth",
                    width(-neckAt),
                    "buttWidth",
                    width(-length * 0.95));
        }

        /** Drop and arch of the back by least squares over its length before the butt is rounded. */
        private double[] back(double length) {
            double aa = 0;
            double ab = 0;
            double bb = 0;
            double ay = 0;
            double by = 0;
            for (int i = 0; i <= STATIONS; i++) {
                double s = 0.02 + 0.84 * i / STATIONS;
                double a = -s;
                double b = 4 * s * (1 - s);
                double y = top(-s * length);
                aa += a * a;
                ab += a * b;
                bb += b * b;
                ay += a * y;
                by += b * y;
            }
            double whole = aa * bb - ab * ab;
            return new double[] {(ay * bb - by * ab) / whole, (by * aa - ay * ab) / whole};
        }

        private double least(double length, double from, double to) {
            return places(length, from, to).stream()
                    .min(Comparator.comparingDouble(at -> width(-at)))
                    .orElseThrow();
        }

        private double most(double length, double from, double to) {
            return places(length, from, to).stream()
                    .max(Comparator.comparingDouble(at -> width(-at)))
                    .orElseThrow();
        }

        private static List<Double> places(double length, double from, double to) {
            List<Double> places = new ArrayList<>();
            for (double s = from; s <= to + 1e-9; s += 0.01) {
                places.add(s * length);
            }
            return places;
        }

        private static void put(Map<String, Length> numbers, Object... keysAndMillimetres) {
            for (int i = 0; i < keysAndMillimetres.length; i += 2) {
                numbers.put((String) keysAndMillimetres[i], mm((Double) keysAndMillimetres[i + 1]));
            }
        }

        private static Length mm(double millimetres) {
            return Length.ofMillimetres(Math.round(millimetres * 100) / 100d);
        }

        private static double mmOf(Length length) {
            return length.millimetres();
        }
    }
}
