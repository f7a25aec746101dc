package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.BLADE_LENGTH;
import static hiltboard.core.chain.PieceDimensions.SHEATH_MARGIN;
import static hiltboard.core.chain.PieceDimensions.SHEATH_THREAD;

import hiltboard.core.design.Specification;
import hiltboard.core.measure.Length;
import hiltboard.core.sheath.SaddleStitch;
import hiltboard.core.sheath.SheathTemplate;
import java.util.List;

/** The sheath around what goes into it. */
final class SheathDimensions {
    private static final Length THREAD_CUT = Length.ofInchFraction(1, 1);

    private SheathDimensions() {}

    static void write(Specification spec, Numbers numbers) {
        String inside = spec.isAxe()
                ? PieceDimensions.HEAD_THICKNESS
                : spec.isFolder() ? PieceDimensions.HANDLE_STACK : PieceDimensions.BLADE_THICKNESS;
        int ounces = SheathTemplate.usualOunces(spec.isFolder());
        numbers.byRule(
                SHEATH_MARGIN,
                "Added to the outline all round",
                List.of(inside),
                LOOSE,
                (known, units) -> new SheathTemplate(length(known, inside), ounces).margin(units));
        numbers.byRule(
                SHEATH_THREAD,
                "Thread for the seam",
                List.of(BLADE_LENGTH),
                THREAD_CUT,
                (known, units) -> new SaddleStitch(spec.sheathSeam(), SheathTemplate.layers(ounces)).thread(units));
    }
}
