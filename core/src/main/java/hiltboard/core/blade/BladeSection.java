package hiltboard.core.blade;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * The blade's thickness everywhere: stock, distal taper, bevels, swedge. Bevels are alike on both sides.
 *
 * <p>The bevel keeps its share of the width along the blade, so that it runs out at the point; at the plunge it comes
 * down in a quarter of an ellipse.
 *
 * @param stock thickness at the heel
 * @param tip thickness of the spine at the point, the stock's where there is no distal taper
 * @param edge thickness left at the edge
 * @param bevelHeight from the edge up, at the heel
 * @param swedge how far before the point the spine is bevelled as well, zero for nowhere
 */
public record BladeSection(
        BladeProfile profile, Length stock, Length tip, Length edge, Length bevelHeight, Face face, Length swedge) {
    private static final double PLUNGE_SHARE = 0.35;
    private static final double SWEDGE_HEIGHT = 0.28;
    private static final double SWEDGE_LEFT = 0.35;
    private static final int LOOKED_AT = 24;
    /** A limit is named to four places of an inch: what is typed as it was named is taken. */
    private static final double ROUNDED = 0.005;

    /** How the bevel lies between edge and spine. */
    public sealed interface Face {
        /**
         * How far one side stands out from the straight line, in millimetres; less than nothing where it is hollowed.
         *
         * @param height above the edge, zero to the bevel's
         * @param bevel its height
         * @param share of the whole bevel's depth that is ground here: its swell shrinks with it
         */
        double swell(double height, double bevel, double share);
    }

    /** Straight. */
    public record Flat() implements Face {
        @Override
        public double swell(double height, double bevel, double share) {
            return 0;
        }
    }

    /** Ground on the rim of a wheel. */
    public record Hollow(Length wheelDiameter) implements Face {
        @Override
        public double swell(double height, double bevel, double share) {
            double radius = wheelDiameter.millimetres() / 2;
            double fromMiddle = height - bevel / 2;
            return Math.sqrt(radius * radius - bevel * bevel / 4)
                    - Math.sqrt(radius * radius - fromMiddle * fromMiddle);
        }
    }

    /** Swelling beyond the straight line by the bulge, at the middle of the bevel. */
    public record Convex(Length bulge) implements Face {
        @Override
        public double swell(double height, double bevel, double share) {
            return bulge.millimetres() * share * 4 * height * (bevel - height) / (bevel * bevel);
        }
    }

    /**
     * The blade at a place along it.
     *
     * @param fromHeel from the heel's plane
     * @param anglePerSide between bevel and centre line, as a straight line from edge to the top of the bevel
     */
    public record Station(Length fromHeel, Length width, Length thickness, Length bevelHeight, Angle anglePerSide) {}

    /** Why it cannot be ground so; empty if it can. The profile must be without fault. */
    public List<Fault> faults() {
        Ground ground = new Ground();
        if (face instanceof Hollow hollow) {
            double least = 2
                    * IntStream.rangeClosed(1, LOOKED_AT)
                            .mapToDouble(i -> ground.leastRadius(place(i)))
                            .max()
                            .orElseThrow();
            if (hollow.wheelDiameter.millimetres() < least - ROUNDED) {
                return List.of(Fault.limited(
                        "wheelDiameter", "So small a wheel grinds the blade thinner than its edge", "at least", least));
            }
        }
        double most = mm(stock.minus(edge)) / 8;
        if (face instanceof Convex convex && mm(convex.bulge) > most + ROUNDED) {
            return List.of(Fault.limited("convexBulge", "The bevel would swell beyond the flats", "at most", most));
        }
        if (swedge.compareTo(profile.length()) > 0) {
            return List.of(
                    Fault.limited("swedge", "The swedge is longer than the blade", "at most", mm(profile.length())));
        }
        return List.of();
    }

    /** The smallest wheel, in millimetres across, that leaves the blade nowhere thinner than its edge. */
    public Length leastWheel() {
        Ground ground = new Ground();
        return Length.ofMillimetres(2
                * IntStream.rangeClosed(1, LOOKED_AT)
                        .mapToDouble(i -> ground.leastRadius(place(i)))
                        .max()
                        .orElseThrow());
    }

    private double place(int i) {
        double first = mm(profile.heel().ricasso()) + plunge();
        return first + (mm(profile.length()) - first) * (i - 1) / (LOOKED_AT + 1);
    }

    /** The blade's volume in mm³ and its centre. */
    public Lump volume() {
        return Area.of(profile.outline()).lump(cuts());
    }

    private Area.Cuts cuts() {
        Ground ground = new Ground();
        return (x, border) -> ground.cut(x);
    }

    /**
     * The blade's steel at one place along it: from its edge or ricasso up to its spine, and how thick it is at each
     * height; all in millimetres.
     */
    public record Slice(double low, double high, DoubleUnaryOperator thickness) {}

    /** Looks at the blade place by place; lines are worked out once. */
    public DoubleFunction<Optional<Slice>> slices() {
        Ground ground = new Ground();
        double ricasso = mm(profile.heel().ricasso());
        return x -> {
            if (x < 0 || x > mm(profile.length())) {
                return Optional.empty();
            }
            double low = x < ricasso ? -mm(profile.heel().ricassoWidth()) : ground.edgeAt(x);
            return Optional.of(new Slice(low, ground.spineAt(x), ground.cut(x).depth()));
        };
    }

    /** The blade at even steps from the plunge towards the point. */
    public List<Station> stations(int count) {
        Ground ground = new Ground();
        double first = mm(profile.heel().ricasso()) + plunge();
        double step = (mm(profile.length()) - first) * 0.92 / (count - 1);
        return IntStream.range(0, count)
                .mapToObj(i -> ground.station(first + i * step))
                .toList();
    }

    /**
     * A cut across the blade at this share of the way from plunge to point: closed, x through the blade from its centre
     * line, y from the edge up.
     */
    public Outline across(double share) {
        Ground ground = new Ground();
        double x = placeAt(share);
        Area.Cut cut = ground.cut(x);
        double low = ground.edgeAt(x);
        double high = ground.spineAt(x);
        List<Point> right = IntStream.rangeClosed(0, 2 * LOOKED_AT)
                .mapToObj(i -> low + (high - low) * i / (2 * LOOKED_AT))
                .map(y -> new Point(cut.depth().applyAsDouble(y) / 2, y - low))
                .toList();
        List<Point> all = new ArrayList<>(right);
        for (int i = right.size() - 1; i >= 0; i--) {
            all.add(new Point(-right.get(i).x(), right.get(i).y()));
        }
        return Outline.through(all);
    }

    /** The blade at this share of the way from plunge to point, zero to less than one. */
    public Station station(double share) {
        return new Ground().station(placeAt(share));
    }

    /** How far below the spine the swedge reaches at this share of the way; nothing where there is none. */
    public Length swedgeHeight(double share) {
        return swedge.isPositive() ? new Ground().swedgeAt(placeAt(share)) : Length.ZERO;
    }

    /** How thick a spine is left by a swedge, of what it was. */
    public static double swedgeLeaves() {
        return SWEDGE_LEFT;
    }

    private double placeAt(double share) {
        double first = mm(profile.heel().ricasso()) + plunge();
        return first + (mm(profile.length()) - first) * share;
    }

    /** The line where the bevel begins, from plunge to point. */
    public Outline bevelLine() {
        Ground ground = new Ground();
        double heel = mm(profile.heel().ricasso());
        return line(heel, x -> Optional.of(ground.edgeAt(x) + ground.bevel(x)));
    }

    /** The line where the swedge ends; none without one. */
    public Outline swedgeLine() {
        if (!swedge.isPositive()) {
            return Outline.none();
        }
        Ground ground = new Ground();
        return line(mm(profile.length()) - mm(swedge), x -> Optional.of(ground.spineAt(x) - ground.swedgeHeight(x)));
    }

    /**
     * The line where a layer that ends at this distance from the centre line comes out on the bevel; none where the
     * bevel does not cut it.
     */
    public Outline layerLine(Length fromCentre) {
        Ground ground = new Ground();
        return line(
                mm(profile.heel().ricasso()) + plunge(),
                x -> ground.surfaces(x, mm(fromCentre)).map(height -> ground.edgeAt(x) + height));
    }

    /**
     * How high above the edge a layer that ends at this distance from the centre line comes out on the bevel behind the
     * plunge; empty where the bevel does not cut it.
     */
    public Optional<Length> surfaces(Length fromCentre) {
        return new Ground()
                .surfaces(mm(profile.heel().ricasso()) + plunge(), mm(fromCentre))
                .map(height -> Length.ofMillimetres(Math.round(height * 1000) / 1000d));
    }

    @FunctionalInterface
    private interface Height {
        Optional<Double> at(double x);
    }

    private Outline line(double from, Height height) {
        List<Point> points = new ArrayList<>();
        int steps = 48;
        for (int i = 0; i <= steps; i++) {
            // Closer together at the plunge, where the line turns quickly.
            double share = Math.pow((double) i / steps, 1.5);
            double x = from + (mm(profile.length()) - from) * share;
            height.at(x).ifPresent(y -> points.add(new Point(x, y)));
        }
        return points.size() < 2 ? Outline.none() : Outline.through(points);
    }

    private double plunge() {
        return Math.min(
                PLUNGE_SHARE * mm(bevelHeight),
                (mm(profile.length()) - mm(profile.heel().ricasso())) / 4);
    }

    private static double mm(Length length) {
        return length.millimetres();
    }

    /** The ground blade, with its lines worked out once. */
    private final class Ground {
        private final List<Point> spine = profile.spineLine().points();
        private final List<Point> edgeLine = profile.edgeLine().points();
        private final double length = mm(profile.length());
        private final double width = mm(profile.width());
        private final double ricasso = mm(profile.heel().ricasso());
        private final double left = mm(edge);

        private double spineAt(double x) {
            return BladeProfile.heightAt(spine, x);
        }

        private double edgeAt(double x) {
            return BladeProfile.heightAt(edgeLine, x);
        }

        private double thickness(double x) {
            return mm(stock) + (mm(tip) - mm(stock)) * Math.max(0, x) / length;
        }

        private double bevel(double x) {
            if (x <= ricasso) {
                return 0;
            }
            double into = Math.min(1, (x - ricasso) / plunge());
            return mm(bevelHeight) * (spineAt(x) - edgeAt(x)) / width * Math.sqrt(1 - (1 - into) * (1 - into));
        }

        private double swedgeHeight(double x) {
            double into = (x - (length - mm(swedge))) / mm(swedge);
            return into <= 0 ? 0 : SWEDGE_HEIGHT * (spineAt(x) - edgeAt(x)) * Math.min(1, 4 * into);
        }

        private Area.Cut cut(double x) {
            double thick = thickness(x);
            double low = edgeAt(x);
            double high = spineAt(x);
            double bevel = bevel(x);
            double swedged = swedge.isPositive() ? swedgeHeight(x) : 0;
            return new Area.Cut(new double[] {low + bevel, high - swedged}, y -> {
                double ground = x <= ricasso || y - low >= bevel ? thick : 2 * half(y - low, bevel, thick);
                double falling = swedged > 0 && y > high - swedged
                        ? thick * (SWEDGE_LEFT + (1 - SWEDGE_LEFT) * (high - y) / swedged)
                        : thick;
                return Math.min(ground, falling);
            });
        }

        /** Half the thickness at a height above the edge, within a bevel of this height. */
        private double half(double height, double bevel, double thick) {
            double thin = Math.min(left, thick);
            double straight = thin / 2 + (thick - thin) / 2 * height / bevel;
            return straight + face.swell(height, bevel, (thick - thin) / (mm(stock) - left));
        }

        /** The radius whose rim leaves the edge along the straight line: a smaller one cuts in behind the edge. */
        private double leastRadius(double x) {
            double slope = (thickness(x) - left) / 2 / bevel(x);
            return slope <= 0 ? Double.MAX_VALUE / 4 : bevel(x) / 2 * Math.sqrt(1 + 1 / (slope * slope));
        }

        /** The height above the edge at which the bevel is as thick as this on one side. */
        private Optional<Double> surfaces(double x, double fromCentre) {
            double bevel = bevel(x);
            double thick = thickness(x);
            if (fromCentre <= left / 2 || fromCentre >= thick / 2) {
                return Optional.empty();
            }
            double low = 0;
            double high = bevel;
            for (int i = 0; i < 50; i++) {
                double middle = (low + high) / 2;
                if (half(middle, bevel, thick) < fromCentre) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return Optional.of((low + high) / 2);
        }

        private Station station(double x) {
            double bevel = bevel(x);
            double angle = Math.toDegrees(Math.atan((thickness(x) - left) / 2 / bevel));
            return new Station(
                    rounded(x),
                    rounded(spineAt(x) - edgeAt(x)),
                    rounded(thickness(x)),
                    rounded(bevel),
                    new Angle(angle));
        }

        private Length swedgeAt(double x) {
            return rounded(swedgeHeight(x));
        }

        private Length rounded(double millimetres) {
            return Length.ofMillimetres(Math.round(millimetres * 1000) / 1000d);
        }
    }
}
