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

/** A place of the drawing that can be taken hold of and moved; moving it changes named numbers. */
public record Grip(String key, String words, Point at, List<Pull> pulls) {
    /** Dragged sizes are rounded to this: a hundredth of an inch, or a fifth of a millimetre. */
    private static final Length STEP_INCH = Length.ofInches("0.01");

    private static final Length STEP_MILLIMETRE = Length.ofMillimetres("0.2");

    public Grip {
        pulls = List.copyOf(pulls);
    }

    /**
     * A number that follows a pull.
     *
     * @param along how much it grows for each millimetre towards the point
     * @param across how much it grows for each millimetre away from the edge
     */
    public record Pull(SpecificationField field, double along, double across) {}

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
        grips.add(
                new Grip("point", "The point", blade.point(), List.of(along(BLADE_LENGTH, 1), across(POINT_DROP, -1))));
        grips.add(
                new Grip("spine-break", "Where the spine turns", blade.spineLeaves(), List.of(along(SPINE_BREAK, -1))));
        boolean isHollow = blade.spine().isCornered() || blade.spine().drop().nanometres() < 0;
        // A spine that runs straight to the point cannot be bowed.
        if (blade.spine().isCornered() || blade.spineBow(1).isPositive()) {
            grips.add(new Grip(
                    "spine-bow",
                    "The spine before the point",
                    half(blade.spineLine(), blade.spineLeaves()),
                    List.of(across(SPINE_BOW, isHollow ? -1 : 1))));
        }
        grips.add(new Grip(
                "belly-start",
                "Where the belly begins",
                blade.bellyStart(),
                List.of(along(BELLY_START, -1), across(BELLY_DEPTH, -1))));
        grips.add(new Grip(
                "belly", "The belly", half(blade.edgeLine(), blade.bellyStart()), List.of(across(BELLY_BOW, -1))));
        grips.add(new Grip(
                "heel", "The heel", blade.edgeLine().start(), List.of(along(RICASSO, 1), across(HEEL_WIDTH, -1))));
    }

    private static void handle(HandleProfile handle, Specification spec, List<Grip> grips) {
        grips.add(new Grip(
                "waist",
                "Behind the first finger",
                low(handle, spec, WAIST_AT),
                List.of(along(WAIST_AT, -1), across(WAIST_WIDTH, -1))));
        grips.add(new Grip(
                "swell",
                "The palm swell",
                low(handle, spec, SWELL_AT),
                List.of(along(SWELL_AT, -1), across(SWELL_WIDTH, -1))));
        double length = handle.length().millimetres();
        double front = handle.front().millimetres();
        grips.add(new Grip(
                "arch",
                "The back of the handle",
                new Point(-front - length / 2, handle.backAt(length / 2)),
                List.of(across(HANDLE_ARCH, 1))));
        grips.add(new Grip(
                "butt", "The butt", handle.middle(length), List.of(along(HANDLE_LENGTH, -1), across(BUTT_DROP, -1))));
    }

    private static Pull along(SpecificationField field, double times) {
        return new Pull(field, times, 0);
    }

    private static Pull across(SpecificationField field, double times) {
        return new Pull(field, 0, times);
    }

    private static Point low(HandleProfile handle, Specification spec, SpecificationField where) {
        double at = spec.length(where).millimetres();
        return new Point(-handle.front().millimetres() - at, handle.backAt(at) - handle.widthAt(at));
    }

    /** On a line, half way between where its curve leaves the straight and its end. */
    private static Point half(Outline line, Point leaves) {
        double x = (leaves.x() + line.end().x()) / 2;
        return new Point(x, BladeProfile.heightAt(line.points(), x));
    }

    public boolean movesAlong() {
        return pulls.stream().anyMatch(pull -> pull.along != 0);
    }

    public boolean movesAcross() {
        return pulls.stream().anyMatch(pull -> pull.across != 0);
    }

    /**
     * The entries that change when it is moved by so many millimetres, in these units; what cannot be is refused when
     * they are read.
     */
    public Map<String, String> moved(Specification spec, double towardsPoint, double awayFromEdge, Units units) {
        Map<String, String> entries = new LinkedHashMap<>();
        for (Pull pull : pulls) {
            double more = towardsPoint * pull.along + awayFromEdge * pull.across;
            step(spec.length(pull.field), more, units)
                    .ifPresent(length -> entries.put(pull.field.key(), length.in(units)));
        }
        return entries;
    }

    /**
     * The size after a pull, rounded to what is dragged; empty if it was not moved by as much, so that it keeps what
     * was typed or goes on following.
     */
    private static Optional<Length> step(Length now, double more, Units units) {
        Length step = units.length() == Units.LengthUnit.INCH ? STEP_INCH : STEP_MILLIMETRE;
        return Math.abs(more) * 2 < step.millimetres()
                ? Optional.empty()
                : Optional.of(now.plus(Length.ofMillimetres(more)).nearest(step));
    }
}
