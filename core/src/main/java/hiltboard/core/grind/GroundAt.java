package hiltboard.core.grind;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.blade.BladeSection.Convex;
import hiltboard.core.blade.BladeSection.Face;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * A blade at one place along it while it is ground. Its sides may differ.
 *
 * @param width from edge to spine
 * @param spine thickness above the bevels
 * @param edge thickness at the edge, not more than the spine
 * @param left height of the bevel on the left side, zero to the width; zero where none is ground
 * @param right the same on the right
 * @param swedge how far below the spine it is bevelled as well, zero for nowhere
 */
public record GroundAt(Length width, Length spine, Length edge, Length left, Length right, Face face, Length swedge) {
    private static final int STEPS = 24;
    /** Less than this is no bevel: places are known to the micrometre. */
    private static final Length NOTHING = Length.ofMillimetres("0.002");

    /** @throws ImpossibleQuantity if the edge is thicker than the spine, or a bevel higher than the blade is wide */
    public GroundAt {
        if (edge.compareTo(spine) > 0 || edge.nanometres() < 0) {
            Length most = spine;
            throw new ImpossibleQuantity("edge thickness", edge, units -> "zero to the spine's " + most.downIn(units));
        }
        for (Length height : List.of(left, right)) {
            if (height.compareTo(width) > 0 || height.nanometres() < 0) {
                Length most = width;
                throw new ImpossibleQuantity(
                        "bevel height", height, units -> "zero to the blade's width of " + most.downIn(units));
            }
        }
    }

    /** As it will be at this place, or as it is to be with another edge. */
    public static GroundAt designed(BladeSection blade, double share, Length edge) {
        BladeSection.Station at = blade.station(share);
        Length thin = edge.compareTo(at.thickness()) > 0 ? at.thickness() : edge;
        boolean isGround = at.thickness().minus(thin).compareTo(NOTHING) > 0;
        Length height = isGround ? at.bevelHeight() : Length.ZERO;
        Length high = height.compareTo(at.width()) > 0 ? at.width() : height;
        return new GroundAt(
                at.width(),
                at.thickness(),
                thin,
                high,
                high,
                scaled(blade, at.thickness(), thin),
                isGround ? blade.swedgeHeight(share) : Length.ZERO);
    }

    /** Of the same blade as it was measured. */
    public static GroundAt measured(
            BladeSection blade, double share, Length spine, Length edge, Length left, Length right) {
        BladeSection.Station at = blade.station(share);
        return new GroundAt(
                at.width(),
                spine,
                edge,
                left,
                right,
                scaled(blade, spine, edge),
                edge.compareTo(spine) < 0 ? blade.swedgeHeight(share) : Length.ZERO);
    }

    /** A convex bevel swells the less the thinner it is ground. */
    private static Face scaled(BladeSection blade, Length spine, Length edge) {
        double whole = blade.stock().minus(blade.edge()).magnitude();
        return blade.face() instanceof Convex convex && whole > 0
                ? new Convex(convex.bulge().times(spine.minus(edge).magnitude() / whole))
                : blade.face();
    }

    /** Closed; x from the centre line, the left side below zero, y from the edge up; in millimetres. */
    public Outline outline() {
        List<Point> all = new ArrayList<>(face(right, 1));
        List<Point> leftSide = face(left, -1);
        for (int i = leftSide.size() - 1; i >= 0; i--) {
            all.add(leftSide.get(i));
        }
        return Outline.through(all);
    }

    /** From the edge up to the spine. */
    private List<Point> face(Length height, int sign) {
        double bevel = height.millimetres();
        double top = width.millimetres();
        double from = top - swedge.millimetres();
        DoubleStream heights = DoubleStream.concat(
                DoubleStream.of(0, top, bevel, from),
                DoubleStream.concat(
                        between(0, bevel), swedge.isPositive() ? between(from, top) : DoubleStream.empty()));
        return heights.sorted()
                .distinct()
                .mapToObj(y -> new Point(sign * Math.min(at(y, bevel), falling(y, from, top)), y))
                .toList();
    }

    private static DoubleStream between(double low, double high) {
        return IntStream.range(1, STEPS).mapToDouble(i -> low + (high - low) * i / STEPS);
    }

    /** What a swedge leaves of half the spine. */
    private double falling(double y, double from, double top) {
        double half = spine.millimetres() / 2;
        double left = BladeSection.swedgeLeaves();
        return swedge.isPositive() && y > from ? half * (left + (1 - left) * (top - y) / (top - from)) : half;
    }

    private double at(double y, double bevel) {
        double thin = edge.millimetres() / 2;
        double thick = spine.millimetres() / 2;
        if (y >= bevel) {
            return thick;
        }
        return Math.max(0, thin + (thick - thin) * y / bevel + face.swell(y, bevel, 1));
    }

    /** Between this side's bevel and the centre line, as a straight line; zero where none is ground. */
    public Angle angle(Side side) {
        Length height = height(side);
        return new Angle(
                height.isPositive()
                        ? Math.toDegrees(Math.atan(spine.minus(edge).magnitude() / 2 / height.magnitude()))
                        : 0);
    }

    public Length height(Side side) {
        return side == Side.LEFT ? left : right;
    }
}
