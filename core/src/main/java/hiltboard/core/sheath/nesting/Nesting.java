package hiltboard.core.sheath.nesting;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.inset.Inset;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Lays parts on a side of leather, the largest first, each as far to the left as it goes, along the side or across it.
 * Leather has a right side: no part is turned over. A good way, not the best: nobody has looked at every order.
 */
public final class Nesting {
    /** Two parts keep this far apart: a knife has to come between them. */
    private static final double APART = 4;
    /** Places are tried this far from each other, in millimetres. */
    private static final double STEP = 5;

    private static final int TURNS = 4;
    private static final int QUARTER = 8;
    private static final GeometryFactory PLANE = new GeometryFactory();

    private final Length length;
    private final Length width;
    private final List<PreparedGeometry> taken = new ArrayList<>();

    private Nesting(Length length, Length width, List<Flaw> flaws) {
        this.length = length;
        this.width = width;
        flaws.forEach(flaw -> taken.add(PreparedGeometryFactory.prepare(PLANE.createPoint(
                        new Coordinate(flaw.along().millimetres(), flaw.up().millimetres()))
                .buffer(flaw.radius().millimetres(), QUARTER))));
    }

    /** A part that is to be cut. @param id by which the caller knows it */
    public record Wanted(String id, Outline cut) {}

    /** Where a part lies, in millimetres from the lower left corner of the side. */
    public record Laid(String id, Outline cut) {}

    /** @param left ids of parts for which there is no room */
    public record Layout(List<Laid> laid, List<String> left) {
        public Layout {
            laid = List.copyOf(laid);
            left = List.copyOf(left);
        }

        /** What is cut out, in square millimetres. */
        public double area() {
            return laid.stream()
                    .mapToDouble(each -> Inset.polygon(each.cut()).getArea())
                    .sum();
        }

        /** How much of the side's length is used up, in millimetres. */
        public double used() {
            return laid.stream()
                    .flatMap(each -> each.cut().points().stream())
                    .mapToDouble(Point::x)
                    .max()
                    .orElse(0);
        }
    }

    /**
     * @param length and {@code width} of the side
     * @throws ImpossibleQuantity if there is no side
     */
    public static Layout of(Length length, Length width, List<Flaw> flaws, List<Wanted> wanted) {
        if (!length.isPositive() || !width.isPositive()) {
            throw new ImpossibleQuantity("side", length, "longer and wider than nothing");
        }
        return new Nesting(length, width, flaws).lay(wanted);
    }

    private Layout lay(List<Wanted> wanted) {
        List<Laid> laid = new ArrayList<>();
        List<String> left = new ArrayList<>();
        wanted.stream()
                .sorted(Comparator.comparingDouble(
                        (Wanted each) -> -Inset.polygon(each.cut()).getArea()))
                .forEach(each -> place(Inset.polygon(each.cut()))
                        .ifPresentOrElse(
                                where -> {
                                    taken.add(PreparedGeometryFactory.prepare(where.buffer(APART, QUARTER)));
                                    laid.add(new Laid(each.id(), outline(where)));
                                },
                                () -> left.add(each.id())));
        return new Layout(laid, left);
    }

    /** The place that ends furthest to the left; of several the lowest. */
    private Optional<Geometry> place(Geometry part) {
        return IntStream.range(0, TURNS)
                .mapToObj(turn -> AffineTransformation.rotationInstance(turn * Math.PI / 2)
                        .transform(part))
                .flatMap(turned -> first(turned).stream())
                .min(Comparator.comparingDouble(
                                (Geometry where) -> where.getEnvelopeInternal().getMaxX())
                        .thenComparingDouble(
                                where -> where.getEnvelopeInternal().getMinY()));
    }

    private Optional<Geometry> first(Geometry part) {
        Envelope box = part.getEnvelopeInternal();
        double roomAlong = length.millimetres() - box.getWidth();
        double roomUp = width.millimetres() - box.getHeight();
        for (double x = 0; x <= roomAlong; x += STEP) {
            for (double y = 0; y <= roomUp; y += STEP) {
                Geometry where = AffineTransformation.translationInstance(x - box.getMinX(), y - box.getMinY())
                        .transform(part);
                if (taken.stream().noneMatch(each -> each.intersects(where))) {
                    return Optional.of(where);
                }
            }
        }
        return Optional.empty();
    }

    private static Outline outline(Geometry polygon) {
        Coordinate[] ring = polygon.getCoordinates();
        return Outline.through(IntStream.range(0, ring.length - 1)
                .mapToObj(i -> new Point(ring[i].x, ring[i].y))
                .toList());
    }
}
