package hiltboard.core.fit;

import hiltboard.core.blade.Point;
import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.design.HandleForm;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.DrillSeries;
import hiltboard.core.measure.DrillSize;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Judgement.Verdict;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * The cavity of a block, from the tang's own outline and thickness. It is alike on both sides of the knife's middle
 * plane, so that a cut across it is half a thickness at each height. Heights are from the tang's middle, depths from
 * the block's front, both in millimetres.
 */
public final class Cavity {
    /** Least wall to the finished handle. Common practice, from memory. */
    public static final Length LEAST_WALL = Length.ofInchFraction(1, 8);
    /** A stock cutter or a drill that leans on its side reaches so many diameters. Common practice, from memory. */
    private static final double CUTTER_REACHES = 4;
    /** Holes of a chain stand closer than they are wide, so that little is left between them. */
    private static final double CHAIN_PITCH = 0.8;

    private static final double DOWN = 0.5;
    private static final double UP = 0.1;
    private static final double ALONG_THE_WALL = 0.02;

    private final Wanted wanted;
    private final CavityMethod method;
    private final DrillSize drill;
    private final DrillSize longDrill;
    /** By how much each edge of the tang runs towards its middle, in radians. */
    private final double slope;
    /** A slanting hole, cut across, is longer along the height by this. */
    private final double longer;

    private final List<Double> chain;

    private Cavity(Wanted wanted, CavityMethod method, DrillSize drill, DrillSize longDrill) {
        this.wanted = wanted;
        this.method = method;
        this.drill = drill;
        this.longDrill = longDrill;
        this.slope = Math.atan((wanted.halfHigh(0) - wanted.halfHigh(wanted.reach())) / wanted.reach());
        this.longer = 1 / Math.cos(slope);
        this.chain = chain(Math.max(0, wanted.halfHigh(0) - radius()));
    }

    /**
     * What the tang needs in its block.
     *
     * @param front of the block, behind the heel's plane
     * @param depth of the cavity from there
     * @param room both sides together
     * @param tangMiddle height of the tang's middle above the spine's line, in millimetres
     * @param isThrough whether it comes out behind
     */
    public record Wanted(
            MeasuredTang tang,
            HandleForm handle,
            Length front,
            Length depth,
            Length room,
            double tangMiddle,
            boolean isThrough) {
        /** @throws ImpossibleQuantity if the tang does not reach the block */
        public Wanted {
            if (tang.end().compareTo(front) <= 0) {
                throw new ImpossibleQuantity("tang length", tang.end(), units -> "more than " + front.upIn(units));
            }
            if (!depth.isPositive()) {
                throw new ImpossibleQuantity("cavity depth", depth, "more than nothing");
            }
        }

        /** How deep there is handle around it: what holds a tang that comes out behind lies flat on the butt. */
        double walled() {
            return isThrough
                    ? Math.min(depth.millimetres(), handle.buttBegins() - handle.front())
                    : depth.millimetres();
        }

        double reach() {
            return Math.min(depth.millimetres(), tang.end().minus(front).millimetres());
        }

        double halfHigh(double deep) {
            return (tang.widthAt(front.millimetres() + deep) + room.millimetres()) / 2;
        }

        double halfThick(double deep) {
            return (tang.thickestBehind(front.millimetres() + deep) + room.millimetres()) / 2;
        }

        /** The finished handle at a depth: a front that was measured moves the handle with it. */
        Optional<HandleForm.Cut> handleAt(double deep) {
            return handle.at(handle.front() + deep);
        }

        /** Half as thick as the tang wants it, at a height; nothing beside it. */
        double half(double deep, double height) {
            return deep <= reach() && Math.abs(height) <= halfHigh(deep) ? halfThick(deep) : 0;
        }
    }

    /** With the tools that are usual for such a tang. */
    public static Cavity usual(Wanted wanted, CavityMethod method) {
        return new Cavity(wanted, method, usualDrill(wanted, method), usualLongDrill(wanted));
    }

    /** @throws ImpossibleQuantity if no such cavity can be drilled */
    public static Cavity of(Wanted wanted, CavityMethod method, Length drill, Length longDrill) {
        Cavity cavity = new Cavity(wanted, method, named(drill), named(longDrill));
        if (drill.millimetres() / 2 > wanted.halfHigh(0)) {
            throw new ImpossibleQuantity(
                    "drill",
                    drill,
                    units -> "at most "
                            + Length.ofMillimetres(2 * wanted.halfHigh(0)).downIn(units));
        }
        return cavity;
    }

    private static DrillSize named(Length size) {
        DrillSize nearest = DrillSeries.of(size).nearest(size);
        return nearest.diameter().equals(size) ? nearest : new DrillSize("", size);
    }

    private static DrillSize usualDrill(Wanted wanted, CavityMethod method) {
        Length least = Length.ofMillimetres(2 * wanted.halfThick(0));
        DrillSeries series = DrillSeries.of(wanted.tang.thickest());
        return (method == CavityMethod.MILLED ? series.largestUnder(least) : series.smallestOver(least))
                .orElseGet(() -> series.nearest(least));
    }

    /** The smallest that takes the corners of the tang's end, as long as the handle is thick enough for it there. */
    private static DrillSize usualLongDrill(Wanted wanted) {
        double end = wanted.reach();
        double corners =
                2 * Math.hypot(wanted.tang.widthAt(wanted.front.millimetres() + end) / 2, wanted.halfThick(end));
        double most = IntStream.rangeClosed(0, 10)
                .mapToDouble(i -> wanted.walled() * i / 10)
                .mapToObj(wanted::handleAt)
                .flatMap(Optional::stream)
                .mapToDouble(cut ->
                        2 * (cut.border().inside(wanted.tangMiddle - cut.middle(), 0) - LEAST_WALL.millimetres()))
                .min()
                .orElse(corners);
        DrillSeries series = DrillSeries.of(wanted.tang.thickest());
        Length size = Length.ofMillimetres(Math.max(1, Math.min(corners, most)));
        return (corners <= most ? series.smallestOver(size) : series.largestUnder(size))
                .orElseGet(() -> series.nearest(size));
    }

    public CavityMethod method() {
        return method;
    }

    public DrillSize drill() {
        return drill;
    }

    public DrillSize longDrill() {
        return longDrill;
    }

    /** One hole of the plan: where it begins at the front, and how deep it goes. */
    public record Hole(double height, Length deep, DrillSize drill) {}

    /** In the order in which they are drilled. */
    public List<Hole> holes() {
        List<Hole> holes = new ArrayList<>();
        switch (method) {
            case ANGLED_HOLES -> {
                Length deep = Length.ofMillimetres(angledDepth() * longer);
                holes.add(new Hole(centre(0), deep, drill));
                holes.add(new Hole(-centre(0), deep, drill));
            }
            case CHAIN ->
                chain.forEach(height -> holes.add(new Hole(height, Length.ofMillimetres(chainDepth(height)), drill)));
            case MILLED -> holes.add(new Hole(0, Length.ofMillimetres(milledDepth()), drill));
        }
        holes.add(new Hole(0, wanted.depth, longDrill));
        return List.copyOf(holes);
    }

    private double radius() {
        return drill.diameter().millimetres() / 2;
    }

    /** The angle of each of the two holes to the block's axis. */
    public Worked<Angle> angle(Units units) {
        Length front = Length.ofMillimetres(2 * wanted.halfHigh(0)).asRead(units);
        Length back = Length.ofMillimetres(2 * wanted.halfHigh(wanted.reach())).asRead(units);
        Length deep = Length.ofMillimetres(wanted.reach()).asRead(units);
        Angle angle = new Angle(Math.toDegrees(slope));
        Working line = new Working(units);
        return Worked.of(
                angle,
                "atan((" + line.of(front) + " − " + line.of(back) + ") ÷ 2 ÷ " + line.of(deep) + ")"
                        + line.comesTo(angle));
    }

    /** Height of a slanting hole's middle. */
    private double centre(double deep) {
        return Math.max(0, wanted.halfHigh(deep) - radius() * longer);
    }

    /** A slanting hole ends where it reaches the middle, or with the tang. */
    private double angledDepth() {
        double toMiddle = slope == 0 ? Double.MAX_VALUE : centre(0) / Math.tan(slope);
        return Math.min(wanted.reach(), toMiddle);
    }

    /** How deep a web stands between two slanting holes; nothing where they meet at the front already. */
    public Worked<Length> meet(Units units) {
        double apart = centre(0) - radius() * longer;
        double deep = apart <= 0 ? 0 : slope == 0 ? wanted.reach() : Math.min(wanted.reach(), apart / Math.tan(slope));
        Length meet = Length.ofMillimetres(deep).asTaped(units);
        return Worked.of(
                meet,
                deep == 0
                        ? "They overlap at the front already"
                        : deep >= wanted.reach()
                                ? "They do not meet: all of the web between them is broached"
                                : "The web between them ends where their middles are one drill apart");
    }

    /** @param out how far the outermost holes stand from the middle */
    private List<Double> chain(double out) {
        int steps = (int) Math.ceil(2 * out / (2 * radius() * CHAIN_PITCH) - 1e-9);
        return steps == 0
                ? List.of(0d)
                : IntStream.rangeClosed(0, steps)
                        .mapToObj(i -> out - 2 * out * i / steps)
                        .toList();
    }

    /** As far as the tang is wide enough for the hole, with its middle at this height. */
    private double chainDepth(double height) {
        double needed = Math.abs(height) + radius();
        double front = wanted.halfHigh(0);
        double end = wanted.halfHigh(wanted.reach());
        return end >= needed || front == end
                ? wanted.reach()
                : Math.max(2 * radius(), wanted.reach() * (front - needed) / (front - end));
    }

    private double milledDepth() {
        return Math.min(wanted.reach(), CUTTER_REACHES * drill.diameter().millimetres());
    }

    /** Half as thick as the tools leave it, at a height; nothing where they do not reach. */
    double drilled(double deep, double height) {
        double longest = deep <= wanted.depth.millimetres()
                ? half(height, longDrill.diameter().millimetres() / 2, 1)
                : 0;
        return Math.max(
                longest,
                switch (method) {
                    case ANGLED_HOLES ->
                        deep > angledDepth() ? 0 : half(Math.abs(height) - centre(deep), radius(), longer);
                    case CHAIN ->
                        chain.stream()
                                .filter(each -> deep <= chainDepth(each))
                                .mapToDouble(each -> half(height - each, radius(), 1))
                                .max()
                                .orElse(0);
                    case MILLED ->
                        deep > milledDepth()
                                ? 0
                                : RoundedRectangle.across(wanted.halfHigh(0), radius(), radius())
                                        .halfThickAt(height);
                });
    }

    /** A round hole, cut at a slant: longer by a factor along the height. */
    private static double half(double height, double radius, double longer) {
        double share = height / longer / radius;
        return share * share >= 1 ? 0 : radius * Math.sqrt(1 - share * share);
    }

    /** Half as thick as it is in the end, at a height: drilled, and broached to the tang. */
    public double half(double deep, double height) {
        return Math.max(drilled(deep, height), wanted.half(deep, height));
    }

    /** How far it reaches up and down at a depth; nothing where there is none. */
    public double halfHigh(double deep) {
        double most = reachOver(deep);
        for (double height = most; height > 0; height -= UP / 2) {
            if (half(deep, height) > 0) {
                return height;
            }
        }
        return 0;
    }

    private double reachOver(double deep) {
        double holes = Math.max(
                longDrill.diameter().millimetres() / 2,
                method == CavityMethod.ANGLED_HOLES ? centre(deep) + radius() * longer : wanted.halfHigh(0));
        return Math.max(holes, wanted.halfHigh(Math.min(deep, wanted.reach()))) + UP;
    }

    /** As a pin beside it sees it, cut across at a depth. */
    public StackPins.Opening openingAt(double deep) {
        double over = reachOver(deep);
        int strips = (int) Math.ceil(2 * over / UP);
        double[] heights = IntStream.rangeClosed(0, strips)
                .mapToDouble(i -> -over + 2 * over * i / strips)
                .filter(height -> half(deep, height) > 0)
                .toArray();
        double[] halves =
                Arrays.stream(heights).map(height -> half(deep, height)).toArray();
        return (along, across) -> IntStream.range(0, heights.length)
                .mapToDouble(i -> Math.hypot(along - heights[i], Math.max(0, Math.abs(across) - halves[i])))
                .min()
                .orElse(Double.MAX_VALUE);
    }

    @FunctionalInterface
    private interface Half {
        double at(double deep, double height);
    }

    private double volume(Half half) {
        double depth = wanted.depth.millimetres();
        int slices = (int) Math.ceil(depth / DOWN);
        double sum = 0;
        for (int i = 0; i < slices; i++) {
            double deep = (i + 0.5) * depth / slices;
            double over = reachOver(deep);
            int strips = (int) Math.ceil(over / UP);
            for (int k = 0; k < strips; k++) {
                double height = (k + 0.5) * over / strips;
                sum += half.at(deep, height) * over / strips * depth / slices;
            }
        }
        return 4 * sum;
    }

    /** All of the hollow when it is done. */
    public Volume hollow() {
        return new Volume(volume(this::half));
    }

    /** What is left to broach, file or burn in after the tools. */
    public Volume broached() {
        return new Volume(volume((deep, height) -> Math.max(0, wanted.half(deep, height) - drilled(deep, height))));
    }

    /** What the tang takes up in it. */
    public Volume tang() {
        double front = wanted.front.millimetres();
        MeasuredTang tang = wanted.tang;
        return new Volume(volume(
                (deep, height) -> deep <= wanted.reach() && Math.abs(height) <= tang.widthAt(front + deep) / 2
                        ? tang.thicknessAt(front + deep) / 2
                        : 0));
    }

    /** What the adhesive has to fill. */
    public Worked<Volume> adhesive(Units units) {
        Volume hollow = hollow();
        Volume tang = tang();
        Volume left = new Volume(Math.max(0, hollow.cubicMillimetres() - tang.cubicMillimetres()));
        return Worked.of(
                left, "Cavity " + hollow.in(units) + " − tang in it " + tang.in(units) + " ≈ " + left.in(units));
    }

    /** Towards what a wall is left. */
    public enum Side {
        BACK("towards the back"),
        BELLY("towards the belly"),
        CHEEK("towards the sides"),
        BUTT("behind it");

        private final String words;

        Side(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @param deep from the block's front */
    public record Wall(Length deep, Side side, Length left) {}

    /** The thinnest wall to the finished handle at each of so many places along the cavity. */
    public List<Wall> walls(int places) {
        List<Wall> walls = new ArrayList<>();
        double depth = wanted.walled();
        for (int i = 0; i < places; i++) {
            double deep = depth * i / Math.max(1, places - 1);
            wall(Math.min(deep, depth - 1e-6)).ifPresent(walls::add);
        }
        return walls;
    }

    private Optional<Wall> wall(double deep) {
        return wanted.handleAt(deep)
                .map(cut -> wall(deep, cut))
                .or(() -> Optional.of(new Wall(Length.ofMillimetres(deep), Side.BUTT, Length.ZERO)));
    }

    private Wall wall(double deep, HandleForm.Cut cut) {
        double lift = wanted.tangMiddle - cut.middle();
        double corner = wanted.halfHigh(Math.min(deep, wanted.reach()));
        double over = reachOver(deep);
        int strips = (int) Math.ceil(2 * over / ALONG_THE_WALL);
        Point nearest = DoubleStream.concat(
                        DoubleStream.of(-corner, corner),
                        IntStream.rangeClosed(0, strips).mapToDouble(i -> -over + 2 * over * i / strips))
                .mapToObj(height -> new Point(height, half(deep, height)))
                .filter(place -> place.y() > 0)
                .min(Comparator.comparingDouble(place -> cut.border().inside(place.x() + lift, place.y())))
                .orElseThrow();
        return new Wall(
                Length.ofMillimetres(deep),
                side(cut.border(), nearest.x() + lift, nearest.y()),
                Length.ofMillimetres(cut.border().inside(nearest.x() + lift, nearest.y())));
    }

    private static Side side(RoundedRectangle border, double height, double half) {
        return border.halfHigh() - Math.abs(height) < border.halfThick() - half
                ? height > 0 ? Side.BACK : Side.BELLY
                : Side.CHEEK;
    }

    /** The thinnest of all, the one behind a blind cavity among them. */
    public Wall thinnest() {
        Wall thinnest = walls((int) Math.ceil(wanted.depth.millimetres()) + 1).stream()
                .reduce((one, other) -> one.left.compareTo(other.left) <= 0 ? one : other)
                .orElseThrow();
        Length behind = Length.ofMillimetres(wanted.handle.end() - wanted.handle.front() - wanted.depth.millimetres());
        return !wanted.isThrough && behind.compareTo(thinnest.left) < 0
                ? new Wall(wanted.depth, Side.BUTT, behind)
                : thinnest;
    }

    /** Whether it can be opened so: out where it breaks through. */
    public Judgement judged(Units units) {
        Wall wall = thinnest();
        String where = wall.side == Side.BUTT
                ? wall.side.words
                : wall.side.words + ", " + wall.deep.asTaped(units).brieflyIn(units) + " behind the block’s front";
        if (!wall.left.isPositive()) {
            return Judgement.out("The cavity breaks through the finished handle " + where + ".");
        }
        return wall.left.compareTo(LEAST_WALL) < 0
                ? new Judgement(
                        Verdict.NEAR,
                        "Only " + wall.left.asRead(units).in(units) + " of wall stays " + where + "; "
                                + LEAST_WALL.in(units) + " is usual.")
                : Judgement.in();
    }
}
