package hiltboard.core.etch;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.ImpossibleQuantity;
import java.util.ArrayList;
import java.util.List;

/**
 * A part of a blade's face that a mask leaves open, as a closed line in millimetres in the frame of the blade's
 * outline.
 *
 * @param points three or more, the last joined to the first
 */
public record MaskZone(List<Point> points) {
    private static final int STRIPS = 400;
    private static final int BAND_STEPS = 32;

    /** @throws ImpossibleQuantity if it encloses nothing */
    public MaskZone {
        points = List.copyOf(points);
        if (points.size() < 3) {
            throw new ImpossibleQuantity("zone", points.size() + " corners", "three corners or more");
        }
    }

    /**
     * A band along a blade.
     *
     * @param from and {@code to} along the blade in millimetres, in the outline's frame
     * @param low and {@code high} shares of its height there, from the edge up
     * @throws ImpossibleQuantity if it lies beside the blade or encloses nothing
     */
    public static MaskZone band(Outline blade, double from, double to, double low, double high) {
        if (!(to > from && high > low && low >= 0 && high <= 1)) {
            throw new ImpossibleQuantity(
                    "zone", "a band of nothing", "from one place to a later one, from a lower share to a higher");
        }
        Area area = Area.of(blade);
        List<Point> lower = new ArrayList<>();
        List<Point> upper = new ArrayList<>();
        for (int i = 0; i <= BAND_STEPS; i++) {
            double x = from + (to - from) * i / BAND_STEPS;
            double[] heights = area.crossings(x);
            if (heights.length >= 2) {
                double bottom = heights[0];
                double height = heights[heights.length - 1] - bottom;
                lower.add(new Point(x, bottom + low * height));
                upper.add(0, new Point(x, bottom + high * height));
            }
        }
        lower.addAll(upper);
        return new MaskZone(lower);
    }

    /**
     * What of it lies on the blade, in mm², on one face: strips along the blade, exact for straight sides in the limit.
     */
    public double area(Outline blade) {
        Area zone = Area.of(Outline.through(points));
        Area steel = Area.of(blade);
        double[] reach = zone.reach();
        double step = (reach[1] - reach[0]) / STRIPS;
        double sum = 0;
        for (int i = 0; i < STRIPS; i++) {
            double x = reach[0] + (i + 0.5) * step;
            sum += overlap(zone.crossings(x), steel.crossings(x)) * step;
        }
        return sum;
    }

    private static double overlap(double[] zone, double[] steel) {
        double sum = 0;
        for (int i = 0; i + 1 < zone.length; i += 2) {
            for (int k = 0; k + 1 < steel.length; k += 2) {
                sum += Math.max(0, Math.min(zone[i + 1], steel[k + 1]) - Math.max(zone[i], steel[k]));
            }
        }
        return sum;
    }
}
