package hiltboard.core.sheath;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * All that a sheath is made of, part by part: panel or front and back, welt, loop, strap, with every hole in its place.
 *
 * @param belt how wide a belt goes through its loop
 * @param girth around the handle where a strap holds it; empty for none
 */
public record SheathPlan(
        SheathCut cut, SheathJoint joint, Carry carry, Length belt, Optional<Length> girth, Drain drain) {
    private static final Length FROM_MOUTH = Length.ofInchFraction(1, 4);
    private static final Length DRAINED = Length.ofInchFraction(1, 8);
    /** A loop keeps this far from fold and hollow, in millimetres. */
    private static final double CLEAR = 3;

    private static final double THREAD_TO_PITCH = 0.2;
    private static final int TAKEN_TWICE = 2;

    /** Every part that is cut out, the largest first. */
    public List<SheathPart> parts(Units units) {
        List<SheathPart> parts = new ArrayList<>(sides());
        if (joint.isSewn()) {
            parts.add(new SheathPart("Welt", cut.welt(), seamHoles(), joint.hole(), List.of(groove())));
        }
        strips(units).forEach(strip -> parts.add(strip.part(joint)));
        return List.copyOf(parts);
    }

    private List<SheathPart> sides() {
        if (cut.pattern() == SheathPattern.FOLDED) {
            List<Point> seam = seamHoles();
            List<Point> holes = new ArrayList<>(seam);
            seam.stream().map(cut::opposite).forEach(holes::add);
            holes.addAll(loopHoles());
            List<Outline> lines = new ArrayList<>(List.of(cut.foldLine(), groove(), groove().moved(cut::opposite)));
            loopPatch().ifPresent(lines::add);
            drainAt().map(SheathPlan::ring).ifPresent(lines::add);
            return List.of(new SheathPart("Panel", cut.panel(), holes, joint.hole(), lines));
        }
        List<Outline> front = new ArrayList<>(List.of(groove()));
        drainAt().map(SheathPlan::ring).ifPresent(front::add);
        List<Point> holes = new ArrayList<>(seamHoles());
        holes.addAll(loopHoles());
        List<Outline> back = new ArrayList<>(front);
        loopPatch().ifPresent(back::add);
        return List.of(
                new SheathPart("Front", cut.panel(), seamHoles(), joint.hole(), front),
                new SheathPart("Back", cut.panel(), holes, joint.hole(), back)
                        .moved("Back", point -> new Point(point.x(), -point.y())));
    }

    public Length seamLength() {
        return new StitchLine(cut.seam(), joint.pitch()).length();
    }

    private Outline groove() {
        return Outline.through(cut.seam());
    }

    /** Along the edge, in the order in which they are sewn. */
    public List<Point> seamHoles() {
        return joint.along(cut.seam());
    }

    /** A place of the loop's held ends, on the back; turned for a sheath that lies along the belt. */
    private Point onBack(Point inPatch) {
        double x = cut.mouth() + FROM_MOUTH.millimetres();
        double y = loopLow();
        Point turned = carry == Carry.CROSS ? new Point(inPatch.y(), inPatch.x()) : inPatch;
        Point front = new Point(x + turned.x(), y + turned.y());
        return cut.pattern() == SheathPattern.FOLDED ? cut.opposite(front) : front;
    }

    private double loopLow() {
        double[] at = hollowAt(cut.mouth() + FROM_MOUTH.millimetres());
        double across = (carry == Carry.CROSS ? Strip.SEWN : loopWidth()).millimetres();
        return (at[0] + at[1] - across) / 2;
    }

    /** Lowest and highest place of the hollow near the mouth. */
    private double[] hollowAt(double x) {
        List<Point> near = cut.hollow().stream().filter(point -> point.x() <= x).toList();
        return new double[] {
            near.stream().mapToDouble(Point::y).min().orElseThrow(),
            near.stream().mapToDouble(Point::y).max().orElseThrow()
        };
    }

    /** As wide as usual, or as there is room on the back. */
    Length loopWidth() {
        double[] at = hollowAt(cut.mouth() + FROM_MOUTH.millimetres());
        Length room = Length.ofMillimetres(at[1] - at[0] - 2 * CLEAR);
        return carry != Carry.CROSS && room.nanometres() < Strip.LOOP_WIDTH.nanometres() ? room : Strip.LOOP_WIDTH;
    }

    private Optional<Outline> loopPatch() {
        if (carry == Carry.NONE) {
            return Optional.empty();
        }
        Outline patch = Strip.rectangle(
                        new Point(0, 0), Strip.SEWN.millimetres(), loopWidth().millimetres())
                .moved(this::onBack);
        return Optional.of(patch.to(patch.start()));
    }

    private List<Point> loopHoles() {
        return carry == Carry.NONE
                ? List.of()
                : strips(Units.MILLIMETRE_CELSIUS).get(0).sewn(new Point(0, 0), joint).stream()
                        .map(this::onBack)
                        .toList();
    }

    /** Beyond the point, where water gathers; it opens the hollow by half of itself. */
    public Optional<Point> drainAt() {
        return drain == Drain.NONE ? Optional.empty() : cut.hollow().stream().max(Comparator.comparingDouble(Point::x));
    }

    private static Outline ring(Point at) {
        double r = DRAINED.half().millimetres();
        return Outline.from(at.x() + r, at.y())
                .rounded(new Point(at.x() + r, at.y() + r), new Point(at.x(), at.y() + r))
                .rounded(new Point(at.x() - r, at.y() + r), new Point(at.x() - r, at.y()))
                .rounded(new Point(at.x() - r, at.y() - r), new Point(at.x(), at.y() - r))
                .rounded(new Point(at.x() + r, at.y() - r), new Point(at.x() + r, at.y()));
    }

    /** Loop, hanger and strap, each with its length. */
    List<Strip> strips(Units units) {
        Length thickness = cut.wall().thickness();
        List<Strip> strips = new ArrayList<>();
        if (carry == Carry.SLUNG) {
            strips.add(Strip.hanger(loopWidth(), units));
        }
        if (carry != Carry.NONE) {
            strips.add(Strip.loop(belt, thickness, loopWidth(), units));
        }
        girth.ifPresent(around -> strips.add(Strip.strap(around, thickness, units)));
        return strips;
    }

    /** How long each strip is, with its arithmetic. */
    public List<Worked<Length>> lengths(Units units) {
        return strips(units).stream()
                .map(strip -> strip.length().called(strip.name()))
                .toList();
    }

    /** Holes of the seam and of what is sewn on; each is pierced through all its layers. */
    public int holes() {
        return seamHoles().size()
                + strips(Units.MILLIMETRE_CELSIUS).stream()
                        .mapToInt(strip -> strip.sewn(new Point(0, 0), joint).size())
                        .sum();
    }

    /** Thread for the seam: its first and last stitches are sewn twice. */
    public Worked<Length> thread(Units units) {
        Length back = joint.pitch().times(TAKEN_TWICE * StitchLine.BACK_STITCHES);
        Length layers = cut.wall().thickness().times(3);
        return new SaddleStitch(seamLength().plus(back), layers, joint.pitch()).thread(units);
    }

    /** Thread for loop, hanger and strap, whose ends are sewn in a box; empty for none. */
    public Optional<Worked<Length>> stripThread(Units units) {
        List<Strip> strips = strips(units);
        if (strips.isEmpty() || !joint.isSewn()) {
            return Optional.empty();
        }
        double stitches = strips.stream()
                .mapToInt(strip -> strip.sewn(new Point(0, 0), joint).size())
                .sum();
        Length layers = cut.wall().thickness().times(3);
        return Optional.of(new SaddleStitch(joint.pitch().times(stitches), layers, joint.pitch()).thread(units));
    }

    /** How thick a thread suits the stitches: a fifth of their length; common practice, from memory. */
    public Length threadThickness() {
        return joint.pitch().times(THREAD_TO_PITCH);
    }

    /** What is cut, side by side in rectangles, in square millimetres. */
    public double area() {
        return parts(Units.MILLIMETRE_CELSIUS).stream()
                .mapToDouble(SheathPlan::rectangle)
                .sum();
    }

    private static double rectangle(SheathPart part) {
        List<Point> points = part.cut().points();
        return span(points.stream().map(Point::x)) * span(points.stream().map(Point::y));
    }

    private static double span(Stream<Double> along) {
        List<Double> sorted = along.sorted().toList();
        return sorted.get(sorted.size() - 1) - sorted.get(0);
    }
}
