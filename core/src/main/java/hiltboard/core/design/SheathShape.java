package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.measure.Length;
import hiltboard.core.sheath.Drain;
import hiltboard.core.sheath.SheathCut;
import hiltboard.core.sheath.SheathCut.Held;
import hiltboard.core.sheath.SheathJoint;
import hiltboard.core.sheath.SheathPlan;
import hiltboard.core.sheath.SheathWall;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The sheath as the specification's numbers draw it: around the outline that the knife has. */
public final class SheathShape {
    /** So much of a folder stands out to be gripped; common practice, from memory. */
    private static final double TO_GRIP = 12;
    /** A strap goes around the handle this far behind guard or mouth, in millimetres. */
    private static final double STRAP_BEHIND = 15;
    /** An axe's cover ends this far before the eye, in millimetres. */
    private static final double BEFORE_THE_EYE = 6;

    private static final int PLACES = 8;

    private static final int KEPT = 200;
    /** The last ones: to draw one takes milliseconds, and every chain asks for the thread of its seam. */
    private static final Map<Asked, SheathPlan> DRAWN =
            Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<Asked, SheathPlan> eldest) {
                    return size() > KEPT;
                }
            });

    private SheathShape() {}

    private record Asked(Specification spec, Length thickness) {}

    /** As {@link #of(Specification, Length)} with the thickness that was agreed. */
    public static Optional<SheathPlan> of(Specification spec) {
        return of(spec, thickness(spec));
    }

    /**
     * Empty for a piece that has none.
     *
     * @param thickness of blade, closed folder or axe's head, as it was measured
     */
    public static Optional<SheathPlan> of(Specification spec, Length thickness) {
        if (!spec.hasSheath()) {
            return Optional.empty();
        }
        return Optional.of(DRAWN.computeIfAbsent(new Asked(spec, thickness), asked -> draw(spec, thickness)));
    }

    private static SheathPlan draw(Specification spec, Length thickness) {
        SheathWall wall = spec.hasLeatherSheath()
                ? SheathWall.ofLeather(spec.count(LEATHER_WEIGHT))
                : SheathWall.ofSheet(spec.length(SHEATH_SHEET), spec.length(EYELET));
        SheathJoint joint = spec.hasLeatherSheath()
                ? SheathJoint.sewn(spec.length(STITCH_PITCH))
                : SheathJoint.eyelets(spec.length(EYELET_PITCH), spec.length(EYELET));
        KnifeOutline knife = KnifeShape.outline(spec);
        return new SheathPlan(
                new SheathCut(spec.sheathPattern(), inside(spec, knife, thickness), wall, mouth(spec, knife)),
                joint,
                spec.carry(),
                spec.hasBeltLoop() ? spec.length(BELT_WIDTH) : Length.ZERO,
                girth(spec),
                spec.hasDrain() ? Drain.HOLE : Drain.NONE);
    }

    private static List<Held> inside(Specification spec, KnifeOutline knife, Length thickness) {
        if (spec.isAxe()) {
            return List.of(new Held(knife.blade().moved(SheathShape::edgeToTheRight), thickness));
        }
        if (spec.isFolder()) {
            return List.of(new Held(knife.handle(), thickness));
        }
        List<Held> held = new ArrayList<>(List.of(new Held(knife.blade(), thickness)));
        if (!spec.hasGuard()) {
            Stream.of(knife.guard(), knife.handle())
                    .filter(part -> !part.isEmpty())
                    .forEach(part -> held.add(new Held(part, thickestInside(spec))));
        }
        return held;
    }

    private static Length thickness(Specification spec) {
        if (spec.isAxe()) {
            return spec.length(HEAD_THICKNESS);
        }
        if (!spec.isFolder()) {
            return spec.length(STOCK_THICKNESS);
        }
        Length side = spec.isFrameLock()
                ? spec.length(PLATE_THICKNESS).plus(spec.length(ACTION_CLEARANCE))
                : spec.length(SCALE_THICKNESS).plus(spec.hasLiners() ? spec.length(LINER_THICKNESS) : Length.ZERO);
        return spec.length(STOCK_THICKNESS).plus(side.times(2));
    }

    /** An axe's edge hangs down as it is drawn. */
    private static Point edgeToTheRight(Point point) {
        return new Point(-point.y(), point.x());
    }

    /** Where the mouth lies on the drawing, in millimetres. */
    private static double mouth(Specification spec, KnifeOutline knife) {
        if (spec.isAxe()) {
            double eye =
                    knife.tang().points().stream().mapToDouble(Point::y).min().orElseThrow();
            return -eye + BEFORE_THE_EYE;
        }
        if (spec.isFolder()) {
            return left(knife.handle()) + TO_GRIP;
        }
        return spec.hasGuard() ? 0 : -spec.length(HANDLE_IN_SHEATH).millimetres();
    }

    private static double left(Outline outline) {
        return outline.points().stream().mapToDouble(Point::x).min().orElseThrow();
    }

    /** Of the part of the handle that goes in. */
    private static Length thickestInside(Specification spec) {
        HandleForm handle = HandleForm.of(spec).orElseThrow();
        double deep = spec.length(HANDLE_IN_SHEATH).millimetres();
        double thickest = IntStream.rangeClosed(0, PLACES)
                .mapToObj(i -> handle.at(handle.front() + deep * i / PLACES))
                .flatMap(Optional::stream)
                .mapToDouble(cut -> 2 * cut.border().halfThick())
                .max()
                .orElse(0);
        return Length.ofMillimetres(thickest);
    }

    private static Optional<Length> girth(Specification spec) {
        return spec.isStrappedIn()
                ? HandleForm.of(spec).map(handle -> {
                    double mouth = spec.hasGuard()
                            ? handle.front()
                            : spec.length(HANDLE_IN_SHEATH).millimetres();
                    double behind = Math.max(handle.front(), Math.min(mouth + STRAP_BEHIND, handle.end()));
                    RoundedRectangle cut = handle.at(behind).orElseThrow().border();
                    return Length.ofMillimetres(
                            4 * (cut.halfHigh() + cut.halfThick()) - (8 - 2 * Math.PI) * cut.radius());
                })
                : Optional.empty();
    }
}
