package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.blade.BladeProfile;
import hiltboard.core.blade.BladeSection;
import hiltboard.core.blade.Clipped;
import hiltboard.core.blade.Fault;
import hiltboard.core.blade.HandleProfile;
import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.material.Saw;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The knife as the specification's numbers draw it. */
public final class KnifeShape {
    /** A limit is named to four places of an inch: what is typed as it was named is taken. */
    private static final Length ROUNDED = Length.ofMillimetres("0.005");
    /** Common practice: a quarter of a forging is lost to scale, ends and grinding. */
    private static final double LOST_IN_THE_FIRE = 4 / 3d;

    private static final double FIRST_PIN = 0.16;
    private static final double PINS_SPREAD = 0.68;
    /** A lightening hole leaves this much steel to a pin or to another hole, in millimetres. */
    private static final double LEFT_BETWEEN = 2.5;

    private static final double LEFT_TO_OUTLINE = 4;
    /** A bolster's two pins stand this share of its width off its middle. */
    private static final double OF_THE_FRONT = 0.24;
    /** A tube stands this share of the handle before the butt. */
    private static final double TUBE_AT = 0.93;

    private final Specification spec;
    private final BladeProfile profile;
    private final HandleProfile handle;

    private KnifeShape(Specification spec) {
        this.spec = spec;
        this.profile = profile(spec, spec.length(SPINE_BOW), spec.length(BELLY_BOW));
        this.handle = handle(spec);
    }

    /** A knife's shape. @throws IllegalStateException for an axe, which has none of these numbers */
    static KnifeShape of(Specification spec) {
        return new KnifeShape(spec);
    }

    /** The outline of any piece, knife or axe. */
    public static KnifeOutline outline(Specification spec) {
        return spec.isAxe() ? AxeOutline.of(spec) : new KnifeShape(spec).outline();
    }

    /**
     * What a pin's hole leaves to outline and next hole when it is this far off its place; nothing for a knife without
     * scales.
     */
    public static List<Worked<Length>> leftWhenOff(Specification spec, Length off, Units units) {
        return spec.hasScales() ? RoomAroundHoles.leftWhenOff(spec, off, units) : List.of();
    }

    /** What {@link #weighed} does not count, in words. */
    public static List<String> weighsWithout(Specification spec) {
        return spec.isAxe() ? List.of() : KnifeWeight.leavesOut(spec);
    }

    /** What any piece weighs and where it balances. */
    public static Weighed weighed(Specification spec) {
        return spec.isAxe() ? AxeWeight.of(spec) : KnifeWeight.of(spec);
    }

    /**
     * The stock that it takes. A forging starts with a third more for scale and lost ends; an axe's head is its own
     * block.
     */
    public static Bar bar(Specification spec) {
        Length thickness = spec.length(spec.isAxe() ? HEAD_THICKNESS : STOCK_THICKNESS);
        List<Point> corners = outline(spec).bar().points();
        Length length = Length.ofMillimetres(
                Math.ceil((corners.get(1).x() - corners.get(0).x()) * 10) / 10);
        Length width = spec.isCutFromBar()
                ? spec.length(BAR_WIDTH)
                : Length.ofMillimetres(
                        Math.ceil((corners.get(0).y() - corners.get(2).y()) * 10) / 10);
        double volume = thickness.millimetres()
                * width.millimetres()
                * length.millimetres()
                * (spec.isForged() ? LOST_IN_THE_FIRE : 1);
        return new Bar(
                thickness,
                width,
                length,
                Mass.ofGrams(volume / 1000 * spec.steel().density().gramsPerCubicCentimetre()));
    }

    /**
     * What lies in the fire of a piece.
     *
     * @param isProfiled whether it has its outline already; before, it is a bar or a forging of the bar's size
     */
    public static Mass steelInFire(Specification spec, boolean isProfiled) {
        if (spec.isAxe()) {
            return AxeWeight.of(spec).parts().get(0).mass();
        }
        if (isProfiled) {
            return KnifeWeight.steelInFire(spec);
        }
        Bar bar = bar(spec);
        return Mass.ofGrams(bar.thickness().millimetres()
                * bar.width().millimetres()
                * bar.length().millimetres()
                / 1000
                * spec.steel().density().gramsPerCubicCentimetre());
    }

    /** A knife's blade at five places along it; none for an axe. */
    public static List<BladeSection.Station> stations(Specification spec) {
        return spec.isAxe() ? List.of() : new KnifeShape(spec).section().stations(5);
    }

    /**
     * How high above the edge the hard core of a clad blade shows at the heel; empty where it is not clad or the bevel
     * does not reach it.
     */
    public static Optional<Length> coreShows(Specification spec) {
        return spec.isAxe() || !spec.isLaminated()
                ? Optional.empty()
                : new KnifeShape(spec)
                        .section()
                        .surfaces(spec.length(CORE_THICKNESS).half());
    }

    /** A knife's blade as it is ground; empty for an axe. */
    public static Optional<BladeSection> blade(Specification spec) {
        return spec.isAxe() ? Optional.empty() : Optional.of(new KnifeShape(spec).section());
    }

    /** From butt to point. */
    public static Length overallLength(Specification spec) {
        return Length.ofMillimetres(Math.round(outline(spec).overallLength() * 100) / 100d);
    }

    /**
     * A cut across the knife.
     *
     * @param outline closed; x from side to side around the centre line, y from the edge or the belly up
     */
    public record Section(String name, Outline outline) {}

    /** Cuts across blade and handle; none for an axe or through a folder's handle. */
    public static List<Section> sections(Specification spec) {
        if (spec.isAxe()) {
            return List.of();
        }
        KnifeShape shape = new KnifeShape(spec);
        List<Section> sections = new ArrayList<>(List.of(
                new Section("At the heel", shape.section().across(0)),
                new Section("Half way", shape.section().across(0.5)),
                new Section("Near the point", shape.section().across(0.85))));
        if (spec.answersAll(HANDLE_ROUNDING)) {
            double thick = spec.hasBlock()
                    ? shape.mm(HANDLE_THICKNESS)
                    : 2 * spec.scaleOnTang().millimetres() + shape.mm(STOCK_THICKNESS);
            double high = shape.mm(SWELL_WIDTH);
            sections.add(new Section(
                    "Palm swell",
                    RoundedRectangle.across(high / 2, thick / 2, shape.mm(HANDLE_ROUNDING))
                            .outline(high / 2)));
        }
        return sections;
    }

    /** Why a complete specification has an outline that cannot be; empty if it can. */
    static List<Fault> faults(Specification spec) {
        return spec.isAxe() ? List.of() : new KnifeShape(spec).faults();
    }

    /** Why the blade's outline cannot be, as far as its sizes are there. */
    static List<Fault> faultsOfWhatIsThere(Specification spec) {
        return spec.answersAll(BLADE_LENGTH, HEEL_WIDTH, PROFILE, RICASSO, RICASSO_WIDTH, SPINE_BREAK, POINT_DROP)
                ? profile(spec, Length.ZERO, Length.ZERO).faults()
                : List.of();
    }

    private List<Fault> faults() {
        List<Fault> faults = new ArrayList<>(profile.faults());
        faults.addAll(handle.faults());
        if (!faults.isEmpty()) {
            return faults;
        }
        faults.addAll(section().faults());
        if (spec.isCutFromBar() && sawnWidth(spec).minus(ROUNDED).compareTo(spec.length(BAR_WIDTH)) > 0) {
            faults.add(new Fault(
                    BAR_WIDTH.key(),
                    "The profile with the saw's room is wider than the bar",
                    "at least",
                    Optional.of(sawnWidth(spec))));
        }
        if (spec.hasBlock() && spec.length(TANG_WIDTH).compareTo(spec.length(RICASSO_WIDTH)) >= 0) {
            faults.add(new Fault(
                    RICASSO_WIDTH.key(),
                    "The ricasso is no wider than the tang: there are no shoulders",
                    "more than",
                    Optional.of(spec.length(TANG_WIDTH))));
        }
        if (spec.hasLighteningHoles() && mm(HOLE_DIAMETER) - ROUNDED.millimetres() > largestLighteningHole(spec)) {
            faults.add(new Fault(
                    HOLE_DIAMETER.key(),
                    "So many holes of this size do not fit between the pins",
                    "at most",
                    Optional.of(Length.ofMillimetres(largestLighteningHole(spec)))));
        }
        rounding(faults);
        return faults;
    }

    private void rounding(List<Fault> faults) {
        if (spec.answersAll(HANDLE_ROUNDING)) {
            double most = spec.hasBlock()
                    ? (mm(HANDLE_THICKNESS) - mm(ENDS_THINNER)) / 2
                    : spec.scaleOnTang().millimetres() - mm(ENDS_THINNER) / 2;
            if (mm(HANDLE_ROUNDING) - ROUNDED.millimetres() > most) {
                faults.add(new Fault(
                        HANDLE_ROUNDING.key(),
                        spec.hasBlock()
                                ? "So round a handle is thicker than it is"
                                : "So round a scale is cut into the tang",
                        "at most",
                        Optional.of(Length.ofMillimetres(Math.max(0, most)))));
            }
        }
    }

    static BladeProfile profile(Specification spec, Length spineBow, Length bellyBow) {
        return new BladeProfile(
                spec.length(BLADE_LENGTH),
                spec.length(HEEL_WIDTH),
                new BladeProfile.Spine(
                        spec.length(SPINE_BREAK),
                        spec.length(POINT_DROP),
                        spineBow,
                        spec.profile().spine().isCornered()),
                spec.answersAll(BELLY_START, BELLY_DEPTH)
                        ? new BladeProfile.Edge(spec.length(BELLY_START), spec.length(BELLY_DEPTH), bellyBow)
                        : new BladeProfile.Edge(Length.ZERO, Length.ZERO, Length.ZERO),
                new BladeProfile.Heel(
                        spec.length(RICASSO),
                        spec.length(RICASSO_WIDTH),
                        spec.answersAll(CHOIL_RADIUS) ? spec.length(CHOIL_RADIUS) : Length.ZERO));
    }

    static BladeSection section(Specification spec, BladeSection.Face face) {
        Length stock = spec.length(STOCK_THICKNESS);
        return new BladeSection(
                profile(spec, spec.length(SPINE_BOW), spec.length(BELLY_BOW)),
                stock,
                spec.hasDistalTaper() ? spec.length(TIP_THICKNESS) : stock,
                spec.length(EDGE_THICKNESS),
                spec.bevelHeight(),
                face,
                spec.length(SWEDGE));
    }

    BladeProfile profile() {
        return profile;
    }

    HandleProfile handle() {
        return handle;
    }

    BladeSection section() {
        return section(
                spec,
                switch (spec.grind()) {
                    case HOLLOW -> new BladeSection.Hollow(spec.length(WHEEL_DIAMETER));
                    case CONVEX -> new BladeSection.Convex(spec.length(CONVEX_BULGE));
                    case FULL_FLAT, PARTIAL_FLAT, ZERO_GROUND -> new BladeSection.Flat();
                });
    }

    private static HandleProfile handle(Specification spec) {
        Length behind = spec.hasSpacer() ? spec.length(SPACER_THICKNESS) : Length.ZERO;
        Length front = fitting(spec).plus(behind);
        double top = spec.hasBlock()
                ? (spec.length(FRONT_WIDTH).millimetres()
                                - spec.length(RICASSO_WIDTH).millimetres())
                        / 2
                : 0;
        HandleProfile.Groove groove = spec.hasFingerGroove()
                ? new HandleProfile.Groove(
                        spec.length(GROOVE_RADIUS), spec.length(GROOVE_DEPTH), spec.length(GROOVE_AT))
                : HandleProfile.Groove.NONE;
        return new HandleProfile(
                front,
                top,
                spec.length(HANDLE_LENGTH).minus(behind),
                new HandleProfile.Back(spec.length(BUTT_DROP), spec.length(HANDLE_ARCH)),
                new HandleProfile.Widths(
                        spec.length(FRONT_WIDTH),
                        spec.length(WAIST_WIDTH),
                        spec.length(WAIST_AT),
                        spec.length(SWELL_WIDTH),
                        spec.length(SWELL_AT),
                        spec.length(NECK_WIDTH)),
                new HandleProfile.Butt(spec.length(BUTT_WIDTH), spec.length(BUTT_ROUND)),
                groove);
    }

    /** What stands between blade and handle: guard or bolster. */
    static Length fitting(Specification spec) {
        return spec.isHiddenTang()
                ? spec.length(GUARD_THICKNESS)
                : spec.hasBlock() ? spec.length(BOLSTER_LENGTH) : Length.ZERO;
    }

    private KnifeOutline outline() {
        Outline whole = handle.outline();
        Outline tang = spec.hasScales() ? whole : spec.isFolder() ? folderTang() : hiddenTang();
        BladeSection section = section();
        return new KnifeOutline(
                bar(tang),
                profile.outline(),
                tang,
                section.bevelLine(),
                lines(section),
                guard(),
                spacer(),
                whole,
                holes());
    }

    private List<Outline> lines(BladeSection section) {
        return Stream.concat(Stream.of(section.swedgeLine()), layers().map(section::layerLine))
                .filter(line -> !line.isEmpty())
                .toList();
    }

    /** How far from the centre line each layer ends, from the core outwards; empty where the blade is not clad. */
    private Stream<Length> layers() {
        if (!spec.answersAll(CORE_THICKNESS)) {
            return Stream.empty();
        }
        int count = spec.count(CLAD_LAYERS);
        Length core = spec.length(CORE_THICKNESS).half();
        Length clad = spec.length(STOCK_THICKNESS).half().minus(core);
        return IntStream.range(0, count).mapToObj(i -> core.plus(clad.times((double) i / count)));
    }

    private Outline guard() {
        if (spec.hasScaleBolsters()) {
            double back = -mm(SCALE_BOLSTER_LENGTH);
            return Outline.through(Clipped.where(handle.outline().points(), point -> point.x() - back));
        }
        if (!spec.hasBlock()) {
            return Outline.none();
        }
        if (spec.isHiddenTang()) {
            return block(0, fitting(spec).millimetres(), mm(GUARD_OVERHANG), mm(RICASSO_WIDTH) + mm(GUARD_OVERHANG));
        }
        double over = Math.max(0, handle.backAt(0));
        return block(0, mm(BOLSTER_LENGTH), over, Math.max(mm(RICASSO_WIDTH), mm(FRONT_WIDTH) - over));
    }

    private Outline spacer() {
        if (!spec.hasSpacer()) {
            return Outline.none();
        }
        double over = handle.backAt(0);
        return block(fitting(spec).millimetres(), mm(SPACER_THICKNESS), over, mm(FRONT_WIDTH) - over);
    }

    private static Outline block(double front, double thickness, double above, double below) {
        return Outline.from(-front, above)
                .to(-front - thickness, above)
                .to(-front - thickness, -below)
                .to(-front, -below);
    }

    private Outline hiddenTang() {
        double middle = -mm(RICASSO_WIDTH) / 2;
        double half = mm(TANG_WIDTH) / 2;
        double end = mm(TANG_LENGTH);
        double endHalf = mm(TANG_END_WIDTH) / 2;
        return Outline.from(0, middle + half)
                .to(-end + endHalf, middle + endHalf)
                .curve(-end, middle + endHalf, -end, middle)
                .curve(-end, middle - endHalf, -end + endHalf, middle - endHalf)
                .to(0, middle - half);
    }

    /** What is hidden between the sides of a folder: the part around the pivot. */
    private Outline folderTang() {
        double width = mm(RICASSO_WIDTH);
        double back = width * 0.9;
        return Outline.from(0, 0)
                .to(-back, 0)
                .curve(-back - 2, -width * 0.5, -back, -width * 0.85)
                .to(0, -width);
    }

    private List<Hole> holes() {
        List<Hole> holes = new ArrayList<>();
        if (spec.isFolder()) {
            holes.add(new Hole(
                    Use.PIVOT, new Point(-mm(RICASSO_WIDTH) * 0.5, -mm(RICASSO_WIDTH) * 0.5), mm(PIVOT_DIAMETER)));
        }
        if (spec.hasScales()) {
            pins(spec).forEach(at -> holes.add(new Hole(Use.PIN, handle.middle(at), mm(PIN_DIAMETER))));
        }
        if (spec.hasLighteningHoles()) {
            lighteningHoles(spec)
                    .forEach(at -> holes.add(new Hole(Use.LIGHTENING, handle.middle(at), mm(HOLE_DIAMETER))));
        }
        if (spec.hasLanyardTube()) {
            holes.add(new Hole(Use.TUBE, handle.middle(mm(HANDLE_LENGTH) * TUBE_AT), mm(TUBE_DIAMETER)));
        }
        if (spec.hasScaleBolsters()) {
            double middle = -mm(SCALE_BOLSTER_LENGTH) / 2;
            double top = handle.middle(-middle).y() + mm(FRONT_WIDTH) * OF_THE_FRONT;
            double low = handle.middle(-middle).y() - mm(FRONT_WIDTH) * OF_THE_FRONT;
            holes.add(new Hole(Use.BOLSTER, new Point(middle, top), mm(BOLSTER_PIN)));
            holes.add(new Hole(Use.BOLSTER, new Point(middle, low), mm(BOLSTER_PIN)));
        }
        return holes;
    }

    /** What of a handle's outline is its scale, behind a bolster. */
    public static Outline scale(Specification spec) {
        Outline handle = outline(spec).handle();
        if (!spec.hasScaleBolsters()) {
            return handle;
        }
        double back = -spec.length(SCALE_BOLSTER_LENGTH).millimetres();
        return Outline.through(Clipped.where(handle.points(), point -> back - point.x()));
    }

    /** Where the scale begins behind the front of the handle, in millimetres: behind its bolster. */
    static double scaleBegins(Specification spec) {
        return spec.hasScaleBolsters() ? spec.length(SCALE_BOLSTER_LENGTH).millimetres() : 0;
    }

    private static double scaleLength(Specification spec) {
        return spec.length(HANDLE_LENGTH).millimetres() - scaleBegins(spec);
    }

    /** Distances of the pins behind the front, in millimetres. */
    private static List<Double> pins(Specification spec) {
        int count = spec.count(PIN_COUNT);
        double length = scaleLength(spec);
        double step = count == 1 ? 0 : length * PINS_SPREAD / (count - 1);
        return IntStream.range(0, count)
                .mapToObj(i -> scaleBegins(spec) + (count == 1 ? length / 2 : length * FIRST_PIN + step * i))
                .toList();
    }

    /**
     * Distances of the lightening holes behind the front: evenly in the gaps between the pins, the first gaps taking
     * one more.
     */
    private static List<Double> lighteningHoles(Specification spec) {
        int count = spec.count(HOLE_COUNT);
        List<double[]> gaps = gaps(spec);
        List<Double> places = new ArrayList<>();
        for (int i = 0; i < gaps.size(); i++) {
            int here = count / gaps.size() + (i < count % gaps.size() ? 1 : 0);
            double from = gaps.get(i)[0];
            double to = gaps.get(i)[1];
            IntStream.rangeClosed(1, here)
                    .mapToDouble(k -> from + (to - from) * k / (here + 1))
                    .forEach(places::add);
        }
        return places;
    }

    /** Where the pins leave room: between each two of them, or on both sides of a single one. */
    private static List<double[]> gaps(Specification spec) {
        List<Double> pins = pins(spec);
        double begins = scaleBegins(spec);
        double length = scaleLength(spec);
        return pins.size() == 1
                ? List.of(
                        new double[] {begins + length * FIRST_PIN, pins.get(0)},
                        new double[] {pins.get(0), begins + length * (FIRST_PIN + PINS_SPREAD)})
                : IntStream.range(1, pins.size())
                        .mapToObj(i -> new double[] {pins.get(i - 1), pins.get(i)})
                        .toList();
    }

    /**
     * The largest lightening hole that leaves steel to pins, to other holes and to the outline, in millimetres; may be
     * less than nothing.
     */
    static double largestLighteningHole(Specification spec) {
        int count = spec.count(HOLE_COUNT);
        List<double[]> gaps = gaps(spec);
        int most = (count + gaps.size() - 1) / gaps.size();
        double pitch = (gaps.get(0)[1] - gaps.get(0)[0]) / (most + 1);
        double narrowest = Stream.of(FRONT_WIDTH, WAIST_WIDTH, SWELL_WIDTH, NECK_WIDTH)
                .mapToDouble(field -> spec.length(field).millimetres())
                .min()
                .orElseThrow();
        double besidePin =
                2 * (pitch - LEFT_BETWEEN) - spec.length(PIN_DIAMETER).millimetres();
        return Math.min(Math.min(pitch - LEFT_BETWEEN, besidePin), narrowest - 2 * LEFT_TO_OUTLINE);
    }

    /** How wide a bar has to be for the profile and the saw. */
    public static Length sawnWidth(Specification spec) {
        List<Point> steel = new KnifeShape(spec).steel();
        double height = steel.stream().mapToDouble(Point::y).max().orElseThrow()
                - steel.stream().mapToDouble(Point::y).min().orElseThrow();
        return Length.ofMillimetres(Math.ceil(height * 100) / 100)
                .plus(Saw.KERF)
                .plus(Saw.KERF);
    }

    private List<Point> steel() {
        Outline tang = spec.hasScales() ? handle.outline() : spec.isFolder() ? folderTang() : hiddenTang();
        return Stream.of(profile.outline(), tang)
                .map(line -> line.points(0.1))
                .flatMap(List::stream)
                .toList();
    }

    private Outline bar(Outline tang) {
        double room = Saw.KERF.millimetres();
        List<Point> steel = Stream.of(profile.outline(), tang)
                .map(Outline::points)
                .flatMap(List::stream)
                .toList();
        double left = steel.stream().mapToDouble(Point::x).min().orElseThrow() - room;
        double right = steel.stream().mapToDouble(Point::x).max().orElseThrow() + room;
        double low = steel.stream().mapToDouble(Point::y).min().orElseThrow();
        double high = steel.stream().mapToDouble(Point::y).max().orElseThrow();
        double spare = spec.isCutFromBar() ? Math.max(room, (mm(BAR_WIDTH) - (high - low)) / 2) : room;
        return Outline.from(left, high + spare)
                .to(right, high + spare)
                .to(right, low - spare)
                .to(left, low - spare);
    }

    private double mm(SpecificationField field) {
        return spec.length(field).millimetres();
    }
}
