package hiltboard.core.machine;

import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Holes of a part held against the table they were drilled from: each in its place and of its size. What lies at a
 * place that another number of the table names was typed or set wrong, and it is said how.
 *
 * @param holes of the part, in the order of the table
 */
public record HoleCheck(List<Bore> holes) {
    private static final double MILLIMETRES_PER_INCH = 25.4;
    /** A drill cuts a little over its size, never much under it; common practice. */
    public static final Allowed DRILLED = new Allowed(Length.ofInches("0.002"), Length.ofInches("0.003"));
    /** What nothing goes through may be off as far as the eye bears it. Common practice. */
    private static final Length FREE = Length.ofInches("0.030");
    /** What turns has to be where it is drawn. Common practice. */
    private static final Length TURNS = Length.ofInches("0.001");
    /** Nobody sets a hole by hand closer than this. Common practice. */
    private static final Length BY_HAND = Length.ofInches("0.003");

    public HoleCheck {
        holes = List.copyOf(holes);
    }

    /** How far the hole may be off its place: where a pin goes through two parts, each may use up half of its play. */
    public Length placeWithin(int hole) {
        Bore bore = holes.get(hole);
        return switch (bore.use()) {
            case LIGHTENING -> FREE;
            case PIVOT -> TURNS;
            case PIN, TUBE, BOLSTER -> {
                Length half = bore.diameter().minus(bore.part()).half();
                yield half.compareTo(BY_HAND) > 0 ? half : BY_HAND;
            }
        };
    }

    /** What counts of a reading: its place, and its size where that was measured too. */
    public Judgement of(HoleRead read, Units units) {
        int hole = read.number() - 1;
        Judgement place = place(hole, read.place(), units);
        return place.isOut()
                ? place
                : read.size().map(size -> size(hole, size, units)).orElse(place);
    }

    /** How its size is held against the drill's. */
    public Judgement size(int hole, Length measured, Units units) {
        Bore bore = holes.get(hole);
        return Judgement.of(
                measured, bore.diameter(), bore.use() == Use.LIGHTENING ? Allowed.eitherWay(FREE) : DRILLED, units);
    }

    /** How its place is held against the table's, with what was likely done where it is off. */
    public Judgement place(int hole, Point measured, Units units) {
        Point wanted = holes.get(hole).centre();
        double off = wanted.distanceTo(measured);
        double within = placeWithin(hole).millimetres();
        if (off <= within) {
            return Judgement.in();
        }
        Length by = Length.ofMillimetres(Math.round(off * 1000) / 1000d);
        return Judgement.out("Hole " + (hole + 1) + " is " + by.in(units) + " off its place, and may be "
                + placeWithin(hole).in(units)
                + meant(hole, measured).map(words -> ": " + words).orElse("") + ".");
    }

    private Optional<String> meant(int hole, Point measured) {
        Point wanted = holes.get(hole).centre();
        return likely(wanted, measured, point -> new Point(-point.x(), point.y()), "the sign of x was turned")
                .or(() -> likely(
                        wanted,
                        measured,
                        point -> new Point(point.x(), -point.y()),
                        "the sign of y was turned, or it is the other scale"))
                .or(() -> likely(
                        wanted, measured, point -> new Point(point.y(), point.x()), "x and y were changed about"))
                .or(() -> likely(
                        wanted,
                        measured,
                        point -> times(point, MILLIMETRES_PER_INCH),
                        "inches were taken for millimetres"))
                .or(() -> likely(
                        wanted,
                        measured,
                        point -> times(point, 1 / MILLIMETRES_PER_INCH),
                        "millimetres were taken for inches"))
                .or(() -> another(hole, measured));
    }

    private static Point times(Point point, double factor) {
        return new Point(point.x() * factor, point.y() * factor);
    }

    /** Near enough that it was done on purpose. */
    private static Optional<String> likely(Point wanted, Point measured, UnaryOperator<Point> mistaken, String words) {
        return mistaken.apply(wanted).distanceTo(measured) < FREE.millimetres() ? Optional.of(words) : Optional.empty();
    }

    private Optional<String> another(int hole, Point measured) {
        for (int i = 0; i < holes.size(); i++) {
            if (i != hole && holes.get(i).centre().distanceTo(measured) < FREE.millimetres()) {
                return Optional.of("that is the place of hole " + (i + 1));
            }
        }
        return Optional.empty();
    }
}
