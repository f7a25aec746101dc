package hiltboard.core.blade;

import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * The blade from the side, from its named numbers.
 *
 * @param length from the heel's plane (guard, shoulders or scales' fronts) to the point
 * @param width from the spine's line to the edge at the heel
 */
public record BladeProfile(Length length, Length width, Spine spine, Edge edge, Heel heel) {
    /** Where a slope is too small to measure on a knife. */
    private static final double FLAT = 1e-6;
    /** A limit is named to four places of an inch: what is typed as it was named is taken. */
    private static final double ROUNDED = 0.005;

    /**
     * The spine before the point.
     *
     * @param leaves how far before the point it leaves the straight
     * @param drop of the point below the spine's line; negative above it
     * @param bow greatest distance of the curve from the straight line between its ends
     * @param isCornered whether it leaves with a corner and lies hollow by its bow, as a clip does, instead of smoothly
     */
    public record Spine(Length leaves, Length drop, Length bow, boolean isCornered) {}

    /**
     * The edge.
     *
     * @param bellyStart how far before the point the edge leaves the straight
     * @param bellyDepth how much lower than the heel it leaves it
     * @param bellyBow greatest distance of the belly from the straight line between its ends
     */
    public record Edge(Length bellyStart, Length bellyDepth, Length bellyBow) {}

    /**
     * Where blade and handle meet.
     *
     * @param ricasso from the heel's plane to where the edge begins
     * @param ricassoWidth from the spine's line down; the edge's heel hangs below it by the rest of the width
     * @param choilRadius of the notch at the edge's beginning; zero for none
     */
    public record Heel(Length ricasso, Length ricassoWidth, Length choilRadius) {}

    /** Why there is no such blade; empty if there is. Where there is a fault, no line of it can be drawn. */
    public List<Fault> faults() {
        List<Fault> faults = new ArrayList<>();
        double before = mm(length) - mm(heel.ricasso);
        if (before <= 0) {
            faults.add(Fault.limited("ricasso", "The ricasso leaves no edge", "less than the blade's", mm(length)));
        } else if (mm(edge.bellyStart) >= before) {
            faults.add(Fault.limited("bellyStart", "The belly would begin behind the heel", "less than", before));
        }
        if (mm(spine.leaves) > mm(length)) {
            faults.add(Fault.limited(
                    "spineBreak", "The spine would leave the straight behind the heel", "at most", mm(length)));
        }
        if (heel.ricassoWidth.compareTo(width) > 0) {
            faults.add(Fault.limited("ricassoWidth", "The ricasso is wider than the heel", "at most", mm(width)));
        }
        if (2 * mm(heel.choilRadius) > mm(heel.ricasso)) {
            faults.add(Fault.limited(
                    "choilRadius", "The choil is wider than the ricasso is long", "at most", mm(heel.ricasso) / 2));
        }
        if (faults.isEmpty()) {
            curveFaults(faults);
        }
        return faults;
    }

    private void curveFaults(List<Fault> faults) {
        if (belly().to().minus(belly().from()).cross(belly().along()) > FLAT) {
            faults.add(Fault.limited(
                    "pointDrop",
                    "The edge crosses the spine: the point lies below the edge",
                    "at most",
                    mm(width) + mm(edge.bellyDepth)));
            return;
        }
        if (mm(edge.bellyBow) > belly().most() + ROUNDED) {
            faults.add(Fault.limited("bellyBow", "So full a belly runs past the point", "at most", belly().most()));
        }
        if (!spine.isCornered && mm(spine.bow) > spineCurve().most() + ROUNDED) {
            faults.add(Fault.limited(
                    "spineBow",
                    "So round a spine runs past the point",
                    "at most",
                    spineCurve().most()));
        }
        if (faults.isEmpty()) {
            crossing(faults);
        }
    }

    /** Looks along the knife for a place where nothing is left between edge and spine. */
    private void crossing(List<Fault> faults) {
        List<Point> spineLine = spineLine().points(0.1);
        List<Point> edgeLine = edgeLine().points(0.1);
        for (Point low : edgeLine.subList(0, edgeLine.size() - 1)) {
            double left = heightAt(spineLine, low.x()) - low.y();
            if (!(left > 0) && mm(length) - low.x() > FLAT) {
                faults.add(Fault.of(
                        spine.isCornered ? "spineBow" : "spineBreak",
                        "The edge crosses the spine " + Length.ofMillimetres(rounded(mm(length) - low.x()))
                                + " before the point",
                        spine.isCornered
                                ? "a shallower hollow, or a smaller drop of the point"
                                : "a spine that leaves the straight elsewhere, or a fuller belly"));
                return;
            }
        }
    }

    private static double rounded(double millimetres) {
        return Math.round(millimetres * 10) / 10d;
    }

    /** From the heel's plane along the spine to the point. */
    public Outline spineLine() {
        Bow curve = spineCurve();
        double bow = mm(spine.bow);
        return Outline.from(0, 0)
                .to(curve.from())
                .curve(spine.isCornered ? curve.hollow(-bow) : curve.smooth(bow), curve.to());
    }

    /** From the heel, where the edge begins, to the point. */
    public Outline edgeLine() {
        Bow belly = belly();
        return Outline.from(heelPoint()).to(belly.from()).curve(belly.smooth(mm(edge.bellyBow)), belly.to());
    }

    /** The closed outline: spine, point, edge, choil, ricasso. */
    public Outline outline() {
        return spineLine().along(edgeLine().reversed()).along(ricassoLine().reversed());
    }

    /** From the heel's plane along the ricasso to the heel. */
    private Outline ricassoLine() {
        double front = mm(heel.ricasso);
        double low = -mm(heel.ricassoWidth);
        double hangs = mm(width) - mm(heel.ricassoWidth);
        double radius = mm(heel.choilRadius);
        Outline line = Outline.from(0, low);
        if (radius > 0) {
            return line.to(front - 2 * radius, low)
                    .rounded(new Point(front - 2 * radius, low + radius), new Point(front - radius, low + radius))
                    .rounded(new Point(front, low + radius), new Point(front, low))
                    .to(heelPoint());
        }
        double round = 0.6 * Math.min(front, hangs);
        return round > 0
                ? line.to(front - round, low)
                        .rounded(new Point(front, low), new Point(front, low - round))
                        .to(heelPoint())
                : line.to(heelPoint());
    }

    private Point heelPoint() {
        return new Point(mm(heel.ricasso), -mm(width));
    }

    public Point point() {
        return new Point(mm(length), -mm(spine.drop));
    }

    /** Where the spine leaves the straight. */
    public Point spineLeaves() {
        return spineCurve().from();
    }

    /** Where the edge leaves the straight. */
    public Point bellyStart() {
        return belly().from();
    }

    private Bow spineCurve() {
        return new Bow(new Point(mm(length) - mm(spine.leaves), 0), new Point(1, 0), point());
    }

    private Bow belly() {
        Point start = new Point(mm(length) - mm(edge.bellyStart), -mm(width) - mm(edge.bellyDepth));
        return new Bow(start, start.minus(heelPoint()).unit(), point());
    }

    /** A belly as full as this share of the fullest that stays behind the point. */
    public Length bellyBow(double share) {
        return Length.ofMillimetres(belly().withShare(share));
    }

    /** A spine as round as this share of the roundest that stays behind the point. */
    public Length spineBow(double share) {
        return Length.ofMillimetres(spineCurve().withShare(share));
    }

    /** The height of a line at a place along the knife; of its last point beyond its end. */
    public static double heightAt(List<Point> line, double x) {
        for (int i = 1; i < line.size(); i++) {
            Point from = line.get(i - 1);
            Point to = line.get(i);
            if (x >= from.x() && x <= to.x() && to.x() > from.x()) {
                return from.y() + (x - from.x()) / (to.x() - from.x()) * (to.y() - from.y());
            }
        }
        return line.get(x < line.get(0).x() ? 0 : line.size() - 1).y();
    }

    private static double mm(Length length) {
        return length.millimetres();
    }
}
