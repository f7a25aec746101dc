package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Lump;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Weighed.Part;
import java.util.List;

/**
 * Weighs an axe: the head hollow from the eye down to the cheek and a wedge from there to the edge, less its eye; the
 * haft as an oval along its outline.
 */
final class AxeWeight {
    private AxeWeight() {}

    static Weighed of(Specification spec) {
        KnifeOutline outline = KnifeShape.outline(spec);
        List<Point> eye = outline.tang().points();
        double eyeTop = eye.get(0).y();
        double eyeBottom = eye.get(2).y();
        double thick = mm(spec, HEAD_THICKNESS);
        double edge = mm(spec, EDGE_THICKNESS);
        double low =
                outline.blade().points().stream().mapToDouble(Point::y).min().orElseThrow();
        double cheek = mm(spec, CHEEK_THICKNESS);
        double bevelTop = Math.min(low + mm(spec, BEVEL_HEIGHT), eyeBottom - 1);
        Lump head = Area.of(outline.blade())
                .lump((x, border) -> new Area.Cut(
                        new double[] {eyeBottom},
                        y -> y >= eyeBottom
                                ? thick
                                : y >= bevelTop
                                        ? cheek + (thick - cheek) * Math.pow((y - bevelTop) / (eyeBottom - bevelTop), 2)
                                        : edge + (cheek - edge) * (y - low) / (bevelTop - low)));
        double pollWidth = eye.get(1).x() - eye.get(0).x();
        Point eyeMiddle = new Point((eye.get(0).x() + eye.get(1).x()) / 2, (eyeTop + eyeBottom) / 2);
        Lump hole = new Lump(Math.PI / 4 * (eyeTop - eyeBottom) * mm(spec, EYE_WIDTH) * pollWidth, eyeMiddle);
        return Weighed.of(List.of(
                new Part("Head", head.minus(hole).grams(spec.steel().density().gramsPerCubicCentimetre())),
                new Part(
                        "Haft",
                        haft(outline.handle(), mm(spec, EYE_WIDTH))
                                .grams(spec.handleMaterial().density().gramsPerCubicCentimetre()))));
    }

    /** An oval across the haft, as wide as the eye. */
    private static Lump haft(Outline side, double width) {
        return Area.of(side).lump(width * Math.PI / 4);
    }

    private static double mm(Specification spec, SpecificationField field) {
        return spec.length(field).millimetres();
    }
}
