package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.SHEATH_MARGIN;
import static hiltboard.core.chain.PieceDimensions.SHEATH_THREAD;

import hiltboard.core.design.SheathShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Length;
import hiltboard.core.sheath.SheathTemplate;
import hiltboard.core.sheath.SheathWall;
import java.util.List;

/** The sheath around what goes into it. */
final class SheathDimensions {
    private static final Length THREAD_CUT = Length.ofInchFraction(1, 1);

    private SheathDimensions() {}

    /** The thickness that goes in first. */
    static String inside(Specification spec) {
        return spec.isAxe()
                ? PieceDimensions.HEAD_THICKNESS
                : spec.isFolder() ? PieceDimensions.HANDLE_STACK : PieceDimensions.BLADE_THICKNESS;
    }

    static void write(Specification spec, Numbers numbers) {
        String inside = inside(spec);
        if (spec.hasFormedSheath()) {
            SheathWall sheet = SheathWall.ofSheet(
                    spec.length(SpecificationField.SHEATH_SHEET), spec.length(SpecificationField.EYELET));
            numbers.byRule(
                    SHEATH_MARGIN,
                    "Added to the outline all round",
                    List.of(inside),
                    LOOSE,
                    (known, units) -> sheet.flanged(length(known, inside), units));
            return;
        }
        int ounces = spec.count(SpecificationField.LEATHER_WEIGHT);
        numbers.byRule(
                SHEATH_MARGIN,
                "Added to the outline all round",
                List.of(inside),
                LOOSE,
                (known, units) -> new SheathTemplate(length(known, inside), ounces).margin(units));
        numbers.byRule(
                SHEATH_THREAD,
                "Thread for the seam",
                List.of(inside),
                THREAD_CUT,
                (known, units) -> SheathShape.of(spec, length(known, inside))
                        .orElseThrow()
                        .thread(units));
    }
}
