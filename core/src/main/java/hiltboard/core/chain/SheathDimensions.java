package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.SHEATH_MARGIN;

import hiltboard.core.design.Specification;
import hiltboard.core.sheath.SheathTemplate;
import java.util.List;

/** The sheath around what goes into it. */
final class SheathDimensions {
    private static final int LEATHER_OUNCES = 8;

    private SheathDimensions() {}

    static void write(Specification spec, Numbers numbers) {
        String inside = spec.isAxe() ? PieceDimensions.HEAD_THICKNESS : spec.isFolder() ? PieceDimensions.HANDLE_STACK : PieceDimensions.BLADE_THICKNESS;
        numbers.byRule(SHEATH_MARGIN, "Added to the outline all round", List.of(inside), LOOSE,
                (known, units) -> new SheathTemplate(length(known, inside), LEATHER_OUNCES).margin(units));
    }
}
