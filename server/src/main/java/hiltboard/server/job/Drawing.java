package hiltboard.server.job;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.material.EtchTone;
import hiltboard.core.material.FittingMaterial;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A knife's outline as SVG paths in millimetres, y downwards; a path is empty where the knife has no such part.
 *
 * @param buttX end of the handle; the heel lies at zero
 * @param pointX tip of the blade
 * @param etched how dark its finish leaves the steel, from 0 to 100
 * @param minX left of the butt; with minY, width and height the smallest frame around bar and knife
 */
public record Drawing(
        double minX,
        double minY,
        double width,
        double height,
        double buttX,
        double pointX,
        String bar,
        String blade,
        String tang,
        String bevel,
        List<String> lines,
        String guard,
        String spacer,
        Optional<FittingMaterial> guardMaterial,
        String handle,
        List<Spot> holes,
        int etched) {

    /** A hole, or what goes through it; its centre in millimetres, y downwards. */
    public record Spot(Use use, double x, double y, double diameter) {}

    public static Drawing of(Specification specification) {
        KnifeOutline outline = KnifeShape.outline(specification);
        List<Point> all = Stream.of(outline.bar(), outline.blade(), outline.guard(), outline.handle())
                .map(Outline::points)
                .flatMap(List::stream)
                .toList();
        double left = all.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = all.stream().mapToDouble(Point::x).max().orElseThrow();
        double top = all.stream().mapToDouble(Point::y).max().orElseThrow();
        double bottom = all.stream().mapToDouble(Point::y).min().orElseThrow();
        return new Drawing(
                rounded(left),
                rounded(-top),
                rounded(right - left),
                rounded(top - bottom),
                rounded(outline.bladeLength() - outline.overallLength()),
                rounded(outline.bladeLength()),
                closed(outline.bar()),
                closed(outline.blade()),
                closed(outline.tang()),
                open(outline.bevel()),
                outline.lines().stream().map(Drawing::open).toList(),
                closed(outline.guard()),
                closed(outline.spacer()),
                Stream.of(SpecificationField.GUARD_MATERIAL, SpecificationField.SCALE_BOLSTER_MATERIAL)
                        .filter(specification::answersAll)
                        .map(specification::fitting)
                        .findFirst(),
                closed(outline.handle()),
                outline.holes().stream()
                        .map(hole -> new Spot(
                                hole.use(),
                                rounded(hole.centre().x()),
                                rounded(-hole.centre().y()),
                                rounded(hole.diameter())))
                        .toList(),
                etched(specification));
    }

    private static int etched(Specification specification) {
        EtchTone tone = EtchTone.alone(specification.steel().grade().composition());
        return specification.finish().isEtched() ? (int) Math.round(tone.darkness() * 100) : 0;
    }

    /** A closed outline as a path, y downwards; empty where there is none. */
    public static String closed(Outline outline) {
        return outline.isEmpty() ? "" : open(outline) + "Z";
    }

    /** A line as a path, y downwards. */
    public static String open(Outline outline) {
        return outline.segments().stream()
                .map(segment -> segment.handles()
                                .map(handles -> "C" + at(handles.leaving()) + " " + at(handles.arriving()) + " ")
                                .orElse("L")
                        + at(segment.end()))
                .collect(Collectors.joining("", "M" + at(outline.start()), ""));
    }

    private static String at(Point point) {
        return rounded(point.x()) + " " + rounded(-point.y());
    }

    /** To the hundredth of a millimetre. */
    private static double rounded(double millimetres) {
        return Math.round(millimetres * 100) / 100.0 + 0.0;
    }
}
