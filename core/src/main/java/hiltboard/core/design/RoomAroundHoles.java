package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.SpecificationClashes.Clash;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What has to stay between a hole and the next one, and between a hole and the edge of every part that it goes through.
 * The least distances are common practice of the trade, with no published source.
 */
public final class RoomAroundHoles {
    /** Between the edges of two pins' holes in a tang, in diameters of the hole. */
    public static final double BETWEEN_HOLES = 1;
    /** From a hole's edge to the finished outline of steel, in millimetres; also between a tube and the next hole. */
    public static final double TO_OUTLINE = 3;
    /** From a hole's edge to the finished outline of wood, horn and bone, in diameters of the hole. */
    public static final double TO_OUTLINE_OF_WOOD = 1;
    /** From a pin to the slot of a guard, in millimetres. */
    public static final double TO_SLOT = 1.5;
    /** An alignment pin, in millimetres; usual, from memory. */
    private static final double ALIGNMENT_PIN = 1.6;
    /** What stands between a guard's slot and its tang on one side, in millimetres. */
    private static final double SLOT_OVER_TANG = 0.1;

    private static final Length HUNDREDTH = Length.ofMillimetres("0.01");

    private final Specification spec;
    private final Units units;
    private final Map<SpecificationField, Clash> clashes = new EnumMap<>(SpecificationField.class);

    private RoomAroundHoles(Specification spec, Units units) {
        this.spec = spec;
        this.units = units;
    }

    /** Where there is too little, by the field that it is shown at; only for a knife that can be drawn. */
    static Map<SpecificationField, Clash> tooLittle(Specification spec, Units units) {
        RoomAroundHoles room = new RoomAroundHoles(spec, units);
        if (spec.hasScales()) {
            room.scales();
        }
        if (spec.hasAlignmentPins()) {
            room.alignmentPins();
        }
        return room.clashes;
    }

    /**
     * What a pin's hole that was drilled this far off its place leaves, at worst: to the outline, and to the next hole.
     *
     * @param spec a knife with scales
     */
    static List<Worked<Length>> leftWhenOff(Specification spec, Length off, Units units) {
        RoomAroundHoles room = new RoomAroundHoles(spec, units);
        KnifeOutline knife = KnifeShape.outline(spec);
        List<Hole> pins = knife.holes(Use.PIN);
        List<Worked<Length>> left = new ArrayList<>();
        double toOutline = pins.stream()
                .mapToDouble(pin -> distance(pin.centre(), knife.handle()) - pin.diameter() / 2)
                .min()
                .orElseThrow();
        left.add(room.left(
                "To the handle’s outline",
                toOutline,
                off,
                room.leastToOutline(pins.get(0).diameter())));
        IntStream.range(1, pins.size())
                .mapToDouble(
                        i -> pins.get(i).centre().distanceTo(pins.get(i - 1).centre())
                                - pins.get(i).diameter())
                .min()
                .ifPresent(between -> left.add(room.left(
                        "To the next hole",
                        between,
                        off,
                        BETWEEN_HOLES * pins.get(0).diameter())));
        return left;
    }

    private Worked<Length> left(String what, double asDrawn, Length off, double least) {
        Length drawn = Length.ofMillimetres(asDrawn).nearest(HUNDREDTH);
        Length left = drawn.minus(off);
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                left,
                what + ": " + line.of(drawn) + " as drawn − " + line.of(off) + " at worst"
                        + line.comesToOrNothing(left));
        return left.millimetres() < least
                ? answer.withCaution(
                        what + " at least " + shown(least) + " is to stay: drilled so it breaks out or splits.")
                : answer;
    }

    private double leastToOutline(double diameter) {
        return Math.max(TO_OUTLINE, spec.handleMaterial().splitsAtHoles() ? TO_OUTLINE_OF_WOOD * diameter : 0);
    }

    private void scales() {
        KnifeOutline knife = KnifeShape.outline(spec);
        List<Hole> pins = knife.holes(Use.PIN);
        betweenPins(pins);
        pins.forEach(pin -> toOutline(pin, knife.handle()));
        if (spec.hasScaleBolsters()) {
            bolsters(knife, pins);
        }
        for (Hole tube : knife.holes(Use.TUBE)) {
            double toEdge = distance(tube.centre(), knife.handle()) - tube.diameter() / 2;
            double toPin = pins.stream()
                    .mapToDouble(pin -> pin.centre().distanceTo(tube.centre()) - (pin.diameter() + tube.diameter()) / 2)
                    .min()
                    .orElse(TO_OUTLINE);
            if (Math.min(toEdge, toPin) < TO_OUTLINE) {
                clash(
                        TUBE_DIAMETER,
                        "The lanyard tube leaves " + shown(Math.min(toEdge, toPin))
                                + (toPin < toEdge ? " to the last pin" : " to the butt"),
                        "a thinner tube, or a longer handle: at least " + shown(TO_OUTLINE));
            }
        }
    }

    /** A bolster's own pins stand clear of its front and its back, and the first pin of the scale behind it. */
    private void bolsters(KnifeOutline knife, List<Hole> pins) {
        double back = -spec.length(SCALE_BOLSTER_LENGTH).millimetres();
        double toScalePin = back - pins.get(0).centre().x() - pins.get(0).diameter() / 2;
        double toOwn = knife.holes(Use.BOLSTER).stream()
                .mapToDouble(pin -> Math.min(
                                distance(pin.centre(), knife.guard()),
                                pin.centre().x() - back)
                        - pin.diameter() / 2)
                .min()
                .orElseThrow();
        if (toOwn < TO_OUTLINE) {
            clash(
                    SCALE_BOLSTER_LENGTH,
                    "The bolster leaves " + shown(toOwn) + " beside its own pins",
                    "a longer bolster or thinner pins: at least " + shown(TO_OUTLINE));
        } else if (toScalePin < leastToOutline(pins.get(0).diameter())) {
            clash(
                    SCALE_BOLSTER_LENGTH,
                    "The bolster leaves " + shown(toScalePin) + " of scale before its first pin",
                    "a shorter bolster, or fewer pins: at least "
                            + shown(leastToOutline(pins.get(0).diameter())));
        }
    }

    private void betweenPins(List<Hole> pins) {
        for (int i = 1; i < pins.size(); i++) {
            double diameter = pins.get(i).diameter();
            double left = pins.get(i).centre().distanceTo(pins.get(i - 1).centre()) - diameter;
            if (left < BETWEEN_HOLES * diameter) {
                double whole = pins.get(pins.size() - 1)
                        .centre()
                        .distanceTo(pins.get(0).centre());
                int most = 1 + (int) (whole / (diameter * (1 + BETWEEN_HOLES)));
                clash(
                        PIN_COUNT,
                        pins.size() + " pins of " + spec.length(PIN_DIAMETER).entryIn(units)
                                + (left < 0 ? " overlap" : " leave " + shown(left) + " of tang between two holes"),
                        "at most " + most
                                + " of this size, or thinner ones: one diameter of steel stays between two holes");
                return;
            }
        }
    }

    private void toOutline(Hole pin, Outline outline) {
        double fromCentre = distance(pin.centre(), outline);
        boolean isWood = spec.handleMaterial().splitsAtHoles();
        double least = leastToOutline(pin.diameter());
        if (fromCentre - pin.diameter() / 2 < least) {
            double most = Math.min(
                    2 * (fromCentre - TO_OUTLINE), isWood ? fromCentre / (0.5 + TO_OUTLINE_OF_WOOD) : Double.MAX_VALUE);
            clash(
                    PIN_DIAMETER,
                    "A pin of " + spec.length(PIN_DIAMETER).entryIn(units) + " leaves "
                            + shown(fromCentre - pin.diameter() / 2) + " to the handle’s outline",
                    (most > 0 ? "at most " + Length.ofMillimetres(most).downIn(units) : "a wider handle") + ": "
                            + (isWood ? "one diameter of wood, horn or bone stays" : shown(TO_OUTLINE) + " stay"));
        }
    }

    /** Above and below the slot, or at its sides: wherever there is more room. */
    private void alignmentPins() {
        double along = (mm(FRONT_WIDTH) - mm(TANG_WIDTH)) / 2;
        double across = (mm(HANDLE_THICKNESS) - mm(STOCK_THICKNESS)) / 2;
        double needed = SLOT_OVER_TANG + TO_SLOT + ALIGNMENT_PIN + TO_OUTLINE;
        if (Math.max(along, across) < needed) {
            clash(
                    ALIGNMENT_PINS,
                    "Beside the tang’s slot are " + shown(Math.max(along, across))
                            + " of handle: two pins find no room there",
                    "a thicker handle, or none: " + shown(needed) + " are needed on each side");
        }
    }

    private void clash(SpecificationField field, String problem, String accepted) {
        clashes.putIfAbsent(field, new Clash(problem, accepted));
    }

    private String shown(double millimetres) {
        return Length.ofMillimetres(millimetres).tightIn(Length.ofInches("0.030"), units);
    }

    private double mm(SpecificationField field) {
        return spec.length(field).millimetres();
    }

    /** From a place inside to the nearest place of a closed line. */
    static double distance(Point place, Outline outline) {
        List<Point> points = outline.points();
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i < points.size(); i++) {
            nearest = Math.min(nearest, distance(place, points.get(i), points.get((i + 1) % points.size())));
        }
        return nearest;
    }

    private static double distance(Point place, Point from, Point to) {
        double x = to.x() - from.x();
        double y = to.y() - from.y();
        double square = x * x + y * y;
        double along = square == 0
                ? 0
                : Math.max(0, Math.min(1, ((place.x() - from.x()) * x + (place.y() - from.y()) * y) / square));
        return place.distanceTo(new Point(from.x() + along * x, from.y() + along * y));
    }
}
