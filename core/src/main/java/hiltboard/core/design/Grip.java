package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.blade.BladeProfile;
import hiltboard.core.blade.HandleProfile;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A place of the drawing that can be taken hold of and moved; moving it changes named numbers.
 *
 * @param along what moving it towards the point changes, if anything
 * @param across what moving it away from the edge changes, if anything
 */
public record Grip(String key, String words, Point at, Optional<Pull> along, Optional<Pull> across) {
    /** Dragged sizes are rounded to this: a hundredth of an inch, or a fifth of a millimetre. */
    private static final Length STEP_INCH = Length.ofInches("0.01");
    private static final Length STEP_MILLIMETRE = Length.ofMillimetres("0.2");

    /**
     * A number that follows a pull.
     *
     * @param times how much it grows for each millimetre of the pull
     */
    public record Pull(SpecificationField field, double times) {}

    /** The grips of a knife; none for an axe. */
    public static List<Grip> of(Specification spec) {
        if (spec.isAxe()) {
            return List.of();
        }
        List<Grip> grips = new ArrayList<>();
        KnifeShape shape = KnifeShape.of(spec);
        blade(shape.profile(), grips);
        handle(shape.handle(), spec, grips);
        return grips;
    }

    private static void blade(BladeProfile blade, List<Grip> grips) {
        grips.add(new Grip("point", "The point", blade.point(), pull(BLADE_LENGTH, 1), pull(POINT_DROP, -1)));
        grips.add(new Grip("spine-break", "Where the spine leaves the straight", blade.spineLeaves(), pull(SPINE_BREAK, -1), Optional.empty()));
        double hollow = blade.spine().isCornered() ? -1 : blade.spine().drop().nanometres() < 0 ? -1 : 1;
        grips.add(new Grip("spine-bow", "The spine before the point", half(blade.spineLine()), Optional.empty(), pull(SPINE_BOW, hollow)));
        grips.add(new Grip("belly-start", "Where the belly begins", blade.bellyStart(), pull(BELLY_START, -1), pull(BELLY_DEPTH, -1)));
        grips.add(new Grip("belly", "The belly", half(blade.edgeLine()), Optional.empty(), pull(BELLY_BOW, -1)));
        grips.add(new Grip("heel", "The heel", blade.edgeLine().start(), pull(RICASSO, 1), pull(HEEL_WIDTH, -1)));
    }

    private static void handle(HandleProfile handle, Specification spec, List<Grip> grips) {
        grips.add(new Grip("waist", "Behind the first finger", low(handle, spec, WAIST_AT), pull(WAIST_AT, -1), pull(WAIST_WIDTH, -1)));
        grips.add(new Grip("swell", "The palm swell", low(handle, spec, SWELL_AT), pull(SWELL_AT, -1), pull(SWELL_WIDTH, -1)));
        double length = handle.length().millimetres();
        double front = handle.front().millimetres();
        grips.add(new Grip("arch", "The back of the handle", new Point(-front - length / 2, handle.backAt(length / 2)), Optional.empty(), pull(HANDLE_ARCH, 1)));
        grips.add(new Grip("butt", "The butt", handle.middle(length), pull(HANDLE_LENGTH, -1), pull(BUTT_DROP, -1)));
    }

    private static Point low(HandleProfile handle, Specification spec, SpecificationField where) {
        double at = spec.length(where).millimetres();
        return new Point(-handle.front().millimetres() - at, handle.backAt(at) - handle.widthAt(at));
    }

    /** The middle of a line's curve, which is its last segment. */
    private static Point half(Outline line) {
        Outline.Segment curve = line.segments().get(line.segments().size() - 1);
        Point from = line.segments().get(line.segments().size() - 2).end();
        Outline.Handles handles = curve.handles().orElseThrow();
        return new Point((from.x() + 3 * handles.leaving().x() + 3 * handles.arriving().x() + curve.end().x()) / 8,
                (from.y() + 3 * handles.leaving().y() + 3 * handles.arriving().y() + curve.end().y()) / 8);
    }

    private static Optional<Pull> pull(SpecificationField field, double times) {
        return Optional.of(new Pull(field, times));
    }

    /** The entries that change when it is moved by so many millimetres, in these units; what cannot be is refused when they are read. */
    public Map<String, String> moved(Specification spec, double towardsPoint, double awayFromEdge, Units units) {
        Map<String, String> entries = new LinkedHashMap<>();
        along.ifPresent(pull -> entries.put(pull.field().key(), entry(spec.length(pull.field()), towardsPoint * pull.times(), units)));
        across.ifPresent(pull -> entries.put(pull.field().key(), entry(spec.length(pull.field()), awayFromEdge * pull.times(), units)));
        return entries;
    }

    private static String entry(Length now, double more, Units units) {
        Length step = units.length() == Units.LengthUnit.INCH ? STEP_INCH : STEP_MILLIMETRE;
        Length moved = now.plus(Length.ofMillimetres(more));
        // A number that was not moved keeps what was typed for it, rounded or not.
        boolean isMoved = Math.abs(more) * 2 >= step.millimetres();
        return (isMoved ? new Length(Math.round((double) moved.nanometres() / step.nanometres()) * step.nanometres()) : now).in(units);
    }
}
