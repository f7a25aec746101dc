package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.measure.Length;
import java.util.stream.IntStream;

/**
 * The sizes with which a drawing begins: they follow from the pattern and from the answers before them. Common practice
 * of the trade.
 */
final class UsualShape {
    /** A handle narrower or wider than this is for no hand, in millimetres. */
    private static final double SLIMMEST_HANDLE = 20;

    private static final double WIDEST_HANDLE = 27;
    /** Wider blades get a ricasso of this width, and their heel hangs below it. */
    private static final double WIDEST_RICASSO = 29;

    private static final double SHORTEST_RICASSO = 3;
    /** Five thousandths of an inch: what a drawing is usually rounded to. */
    private static final double STEP = 0.127;
    /** An eighth of an inch stands proud of the cap to be peened into its countersink; common practice, from memory. */
    private static final double HEAD_TO_PEEN = 3.175;

    /** A sixteenth of an inch of thread is left in a pommel nut, so that it draws the stack tight; from memory. */
    private static final double LEFT_IN_NUT = 1.5875;

    private static final double QUARTER_INCH = 6.35;
    private static final int[] WHEELS_IN_INCHES = {8, 10, 12, 14, 20, 24, 36, 48, 72};

    private UsualShape() {}

    /**
     * Three quarters of an inch on a knife; on an axe as high as makes the usual angle out of its cheek. Common
     * practice, from memory.
     */
    static Length bevelHeight(Specification spec) {
        double cheek = spec.isAxe()
                ? mm(spec, CHEEK_THICKNESS) / 2 / Math.tan(Math.toRadians(Use.FELLING.usualDegrees()))
                : 3 * QUARTER_INCH;
        return down(cheek);
    }

    static Length ricasso(Specification spec) {
        double choil = spec.hasChoil() ? 2 * 2.4 : 0;
        return down(Math.max(
                Math.max(SHORTEST_RICASSO, choil + STEP), pattern(spec).heel().ricasso() * mm(spec, BLADE_LENGTH)));
    }

    static Length ricassoWidth(Specification spec) {
        double width = pattern(spec).heel().width() * mm(spec, HEEL_WIDTH);
        return down(
                spec.hasScales()
                        ? Math.min(width, WIDEST_RICASSO)
                        : Math.max(width, spec.hasBlock() ? mm(spec, TANG_WIDTH) + 2 : 0));
    }

    static Length choilRadius(Specification spec) {
        return down(Math.min(2.4, mm(spec, RICASSO) / 2));
    }

    static Length spineBreak(Specification spec) {
        return down(pattern(spec).spine().leaves() * mm(spec, BLADE_LENGTH));
    }

    static Length pointDrop(Specification spec) {
        double drop = pattern(spec).spine().drop() * mm(spec, HEEL_WIDTH);
        return drop < 0 ? Length.ZERO.minus(down(-drop)) : down(drop);
    }

    static Length spineBow(Specification spec) {
        BladePattern.Spine spine = pattern(spec).spine();
        Length bow = spine.isCornered()
                ? spec.length(SPINE_BREAK).times(spine.round())
                : KnifeShape.profile(spec, Length.ZERO, Length.ZERO).spineBow(spine.round());
        return down(bow.millimetres());
    }

    static Length bellyStart(Specification spec) {
        return down(Math.min(
                pattern(spec).edge().bellyStart() * mm(spec, BLADE_LENGTH),
                (mm(spec, BLADE_LENGTH) - mm(spec, RICASSO)) * 0.95));
    }

    static Length bellyDepth(Specification spec) {
        return down(pattern(spec).edge().bellyDepth() * mm(spec, HEEL_WIDTH));
    }

    static Length bellyBow(Specification spec) {
        return down(KnifeShape.profile(spec, spec.length(SPINE_BOW), Length.ZERO)
                .bellyBow(pattern(spec).edge().full())
                .millimetres());
    }

    static Length wheelDiameter(Specification spec) {
        Length least = KnifeShape.section(spec, new BladeSection.Flat()).leastWheel();
        double inches = IntStream.of(WHEELS_IN_INCHES)
                .filter(wheel -> wheel >= least.inches())
                .findFirst()
                .orElse((int) Math.ceil(least.inches()));
        return Length.ofInchFraction((int) inches, 1);
    }

    static Length convexBulge(Specification spec) {
        return Length.ofMillimetres(Math.floor(spec.length(STOCK_THICKNESS)
                                .minus(spec.length(EDGE_THICKNESS))
                                .millimetres()
                        / 16
                        * 1000)
                / 1000);
    }

    static Length coreThickness(Specification spec) {
        return down(mm(spec, STOCK_THICKNESS) / 3);
    }

    static Length frontWidth(Specification spec) {
        return spec.hasScales() ? spec.length(RICASSO_WIDTH) : down(grip(spec) * 0.98);
    }

    static Length waistWidth(Specification spec) {
        return down(grip(spec) * (spec.isFolder() ? 0.96 : 0.86));
    }

    static Length waistAt(Specification spec) {
        return down(mm(spec, HANDLE_LENGTH) * 0.24);
    }

    static Length swellWidth(Specification spec) {
        return down(grip(spec) * 1.02);
    }

    static Length swellAt(Specification spec) {
        return down(mm(spec, HANDLE_LENGTH) * 0.54);
    }

    static Length neckWidth(Specification spec) {
        return down(grip(spec) * 0.90);
    }

    static Length buttWidth(Specification spec) {
        return down(grip(spec) * (spec.isFolder() ? 0.90 : 1.02));
    }

    static Length buttDrop(Specification spec) {
        return down(grip(spec) * (spec.isFolder() ? 0.10 : 0.20));
    }

    static Length handleArch(Specification spec) {
        return down(grip(spec) * 0.08);
    }

    static Length buttRound(Specification spec) {
        return down(grip(spec) * 0.30);
    }

    static Length handleRounding(Specification spec) {
        double deepest = spec.hasBlock() ? mm(spec, HANDLE_THICKNESS) / 2 : mm(spec, SCALE_THICKNESS);
        return down(Math.min(QUARTER_INCH, deepest * 0.75));
    }

    /**
     * To the end of the handle and through what holds it there: cap and a head to peen, or most of its nut's thread;
     * three quarters of the handle where glue holds.
     */
    static Length tangLength(Specification spec) {
        double handle = mm(spec, HANDLE_LENGTH);
        double behind = spec.isPeened()
                ? handle + mm(spec, CAP_THICKNESS) + HEAD_TO_PEEN
                : spec.isTakeDown() ? handle + mm(spec, NUT_THREAD) - LEFT_IN_NUT : handle * 0.75;
        return up(KnifeShape.fitting(spec).millimetres() + behind);
    }

    static Length tangEndWidth(Specification spec) {
        return down(Math.max(4, mm(spec, TANG_WIDTH) * 0.44));
    }

    static Length holeDiameter(Specification spec) {
        return down(KnifeShape.largestLighteningHole(spec) * 0.8);
    }

    static Length barWidth(Specification spec) {
        return Length.ofInchFraction((int) Math.ceil(KnifeShape.sawnWidth(spec).inches() * 4), 4);
    }

    /** Width of a handle that goes with such a blade, in millimetres. */
    private static double grip(Specification spec) {
        return Math.min(WIDEST_HANDLE, Math.max(SLIMMEST_HANDLE, mm(spec, HEEL_WIDTH) * 0.9));
    }

    private static BladePattern pattern(Specification spec) {
        return spec.profile();
    }

    private static Length down(double millimetres) {
        return Length.ofMillimetres(Math.floor(millimetres / STEP + 1e-9) * STEP);
    }

    private static Length up(double millimetres) {
        return Length.ofMillimetres(Math.ceil(millimetres / STEP - 1e-9) * STEP);
    }

    private static double mm(Specification spec, SpecificationField field) {
        return spec.length(field).millimetres();
    }
}
