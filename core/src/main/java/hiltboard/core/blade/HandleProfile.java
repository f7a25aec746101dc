package hiltboard.core.blade;

import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The handle from the side, from its named numbers: a back that drops and arches, widths at five places below it,
 * rounded at the butt, perhaps with a finger groove ground on a wheel.
 *
 * @param front where it begins behind the heel's plane
 * @param top height of the back at the front, above the spine's line (negative below it), in millimetres
 * @param length from front to butt
 */
public record HandleProfile(
        Length front, double top, Length length, Back back, Widths widths, Butt butt, Groove groove) {
    /** The neck lies at this share of the way from palm swell to butt. */
    private static final double NECK = 0.62;

    /**
     * @param drop of the back at the butt
     * @param arch greatest height of the back above the straight line between its ends
     */
    public record Back(Length drop, Length arch) {}

    /**
     * Widths from the back down, and where: the waist behind the first finger, the palm swell, the neck before the
     * butt.
     */
    public record Widths(Length front, Length waist, Length waistAt, Length swell, Length swellAt, Length neck) {}

    /** @param round radius of its corners, zero for square ones */
    public record Butt(Length width, Length round) {}

    /** @param depth zero for none */
    public record Groove(Length wheelRadius, Length depth, Length at) {
        public static final Groove NONE = new Groove(Length.ZERO, Length.ZERO, Length.ZERO);
    }

    /** Why there is no such handle; empty if there is. */
    public List<Fault> faults() {
        List<Fault> faults = new ArrayList<>();
        if (widths.waistAt.compareTo(widths.swellAt) >= 0) {
            faults.add(
                    Fault.limited("waistAt", "The waist lies behind the palm swell", "less than", mm(widths.swellAt)));
        }
        if (widths.swellAt.compareTo(length) >= 0) {
            faults.add(Fault.limited("swellAt", "The palm swell lies behind the butt", "less than", mm(length)));
        }
        if (2 * mm(butt.round) > mm(butt.width)) {
            faults.add(Fault.limited(
                    "buttRound", "The butt is not wide enough for such round corners", "at most", mm(butt.width) / 2));
        }
        if (faults.isEmpty() && hasGroove()) {
            grooveFaults(faults);
        }
        return faults;
    }

    private void grooveFaults(List<Fault> faults) {
        double at = mm(groove.at);
        if (mm(groove.depth) >= widthAt(at)) {
            faults.add(Fault.limited("grooveDepth", "The groove goes through the handle", "less than", widthAt(at)));
        } else if (mm(groove.depth) > mm(groove.wheelRadius)) {
            faults.add(Fault.limited(
                    "grooveDepth", "The groove is deeper than the wheel's radius", "at most", mm(groove.wheelRadius)));
        } else if (mouth().isEmpty()) {
            faults.add(Fault.of(
                    "grooveAt",
                    "The groove runs out at the end of the handle",
                    "further from the ends, a smaller wheel, or less deep"));
        }
    }

    /** The closed outline, from the front's top over the back and the butt to the belly and the front. */
    public Outline outline() {
        double end = mm(length);
        double round = mm(butt.round);
        Point topEnd = new Point(x(end - round), backAt(end - round));
        Point lowEnd = new Point(x(end - round), bottomAt(end - round));
        Outline line = Outline.from(x(0), top).along(piece(this::backAt, this::backSlope, 0, end - round));
        if (round > 0) {
            Point high = new Point(x(end), topEnd.y() - backSlope(end - round) * -round);
            Point low = new Point(x(end), lowEnd.y() + bottomSlope(end - round) * round);
            double side = Math.min(round, (high.y() - low.y()) / 2);
            line = line.rounded(high, new Point(x(end), high.y() - side))
                    .to(x(end), low.y() + side)
                    .rounded(low, lowEnd);
        } else {
            line = line.to(lowEnd);
        }
        return belly(line, end - round);
    }

    private Outline belly(Outline line, double from) {
        Optional<double[]> mouth = hasGroove() ? mouth() : Optional.empty();
        Outline belly = line;
        double[] knots = knots();
        double at = from;
        for (int i = knots.length - 2; i >= 0; i--) {
            double to = Math.min(knots[i], from);
            belly = mouth.isPresent()
                    ? grooved(belly, at, to, mouth.get())
                    : belly.along(piece(this::bottomAt, this::bottomSlope, at, to));
            at = to;
        }
        return belly;
    }

    /** The part of the belly from one place forward to another, with what the wheel takes out of it. */
    private Outline grooved(Outline line, double from, double to, double[] mouth) {
        Outline whole = line;
        if (from > mouth[1]) {
            whole = whole.along(piece(this::bottomAt, this::bottomSlope, from, Math.max(to, mouth[1])));
        }
        if (from >= mouth[1] && to < mouth[1]) {
            whole = whole.along(arc(mouth));
        }
        return to < mouth[0]
                ? whole.along(piece(this::bottomAt, this::bottomSlope, Math.min(from, mouth[0]), to))
                : whole;
    }

    /** The wheel's arc over the mouth of the groove, in four cubic curves, from its back to its front. */
    private Outline arc(double[] mouth) {
        Point centre = wheel();
        double radius = mm(groove.wheelRadius);
        double start = Math.atan2(bottomAt(mouth[1]) - centre.y(), x(mouth[1]) - centre.x());
        double end = Math.atan2(bottomAt(mouth[0]) - centre.y(), x(mouth[0]) - centre.x());
        double step = (end - start) / 4;
        double handle = radius * 4 / 3 * Math.tan(step / 4);
        Outline arc = Outline.from(onWheel(centre, radius, start));
        for (int i = 1; i <= 4; i++) {
            double from = start + (i - 1) * step;
            double to = start + i * step;
            Point a = onWheel(centre, radius, from);
            Point b = onWheel(centre, radius, to);
            arc = arc.cubic(
                    a.plus(a.minus(centre).turned().unit().times(handle)),
                    b.minus(b.minus(centre).turned().unit().times(handle)),
                    b);
        }
        return arc;
    }

    private static Point onWheel(Point centre, double radius, double angle) {
        return new Point(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle));
    }

    private Point wheel() {
        double at = mm(groove.at);
        return new Point(x(at), bottomAt(at) + mm(groove.depth) - mm(groove.wheelRadius));
    }

    /** Where the wheel enters and leaves the belly, from the front; empty where it runs out at an end. */
    private Optional<double[]> mouth() {
        double at = mm(groove.at);
        double low = edgeOfGroove(at, Math.max(0, at - mm(groove.wheelRadius)));
        double high = edgeOfGroove(at, Math.min(mm(length) - mm(butt.round), at + mm(groove.wheelRadius)));
        return Double.isNaN(low) || Double.isNaN(high) ? Optional.empty() : Optional.of(new double[] {low, high});
    }

    /** Between a place inside the wheel and one outside, where the belly crosses it; not a number if it does not. */
    private double edgeOfGroove(double inside, double outside) {
        if (cutBelow(outside) > 0 || outside == inside) {
            return Double.NaN;
        }
        double in = inside;
        double out = outside;
        for (int i = 0; i < 60; i++) {
            double middle = (in + out) / 2;
            if (cutBelow(middle) > 0) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return (in + out) / 2;
    }

    /** How far inside the wheel the belly lies at a place. */
    private double cutBelow(double at) {
        return mm(groove.wheelRadius) - new Point(x(at), bottomAt(at)).distanceTo(wheel());
    }

    private boolean hasGroove() {
        return groove.depth.isPositive() && groove.wheelRadius.isPositive();
    }

    /** Height of the back at a distance behind the front. */
    public double backAt(double at) {
        double share = at / mm(length);
        return top - mm(back.drop) * share + 4 * mm(back.arch) * share * (1 - share);
    }

    private double backSlope(double at) {
        return (-mm(back.drop) + 4 * mm(back.arch) * (1 - 2 * at / mm(length))) / mm(length);
    }

    private double bottomAt(double at) {
        return backAt(at) - widthAt(at);
    }

    private double bottomSlope(double at) {
        return backSlope(at) - widthSlope(at);
    }

    /** Half way between back and belly, at a distance behind the front. */
    public Point middle(double at) {
        return new Point(x(at), backAt(at) - widthAt(at) / 2);
    }

    private double[] knots() {
        double swellAt = mm(widths.swellAt);
        return new double[] {0, mm(widths.waistAt), swellAt, swellAt + NECK * (mm(length) - swellAt), mm(length)};
    }

    private double[] values() {
        return new double[] {mm(widths.front), mm(widths.waist), mm(widths.swell), mm(widths.neck), mm(butt.width)};
    }

    /**
     * The width at a distance behind the front, before any groove: through the five widths without going beyond them.
     */
    public double widthAt(double at) {
        return smooth().at(at);
    }

    private double widthSlope(double at) {
        return smooth().slopeAt(at);
    }

    private Smooth smooth() {
        return Smooth.through(knots(), values());
    }

    @FunctionalInterface
    private interface Along {
        double at(double place);
    }

    /** One cubic curve, exact because back and belly are cubics of the place along the knife. */
    private Outline piece(Along height, Along slope, double from, double to) {
        double third = (to - from) / 3;
        return Outline.from(x(from), height.at(from))
                .cubic(
                        new Point(x(from + third), height.at(from) + slope.at(from) * third),
                        new Point(x(to - third), height.at(to) - slope.at(to) * third),
                        new Point(x(to), height.at(to)));
    }

    private double x(double behindFront) {
        return -mm(front) - behindFront;
    }

    private static double mm(Length length) {
        return length.millimetres();
    }
}
