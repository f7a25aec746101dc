package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.FAIR;
import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fit.HaftTop;
import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Worked;
import java.util.List;

/** Eye and haft. */
final class AxeDimensions {
    /** How deep an eye is beside the length of the edge, where it has not been measured. */
    private static final double EYE_OF_EDGE = 0.6;

    /** An eye is as the drift leaves it, and the haft is shaped to it; common practice, from memory. */
    private static final Allowed DRIFTED = Allowed.eitherWay(Length.ofInchFraction(1, 16));

    private static final Allowed GUESSED = Allowed.eitherWay(Length.ofInchFraction(3, 4));

    private AxeDimensions() {}

    static void write(Specification spec, Numbers numbers) {
        boolean isHatchet = spec.construction() == Construction.HATCHET;
        numbers.followed(EYE_LENGTH, "Eye, front to back", spec.length(SpecificationField.EYE_LENGTH), FAIR, DRIFTED);
        numbers.followed(EYE_WIDTH, "Eye width", spec.length(SpecificationField.EYE_WIDTH), FAIR, DRIFTED);
        numbers.byRule(
                HAFT_TOP_LENGTH,
                "Haft in the eye, front to back",
                List.of(EYE_LENGTH),
                FAIR,
                (known, units) -> new HaftTop(length(known, EYE_LENGTH), isHatchet).size(units));
        numbers.byRule(
                HAFT_TOP_WIDTH,
                "Haft in the eye, width",
                List.of(EYE_WIDTH),
                FAIR,
                (known, units) -> new HaftTop(length(known, EYE_WIDTH), isHatchet).size(units));
        if (isHatchet) {
            Length eyeDepth = spec.length(SpecificationField.EDGE_LENGTH).times(EYE_OF_EDGE);
            numbers.add(new Dimension(
                    EYE_DEPTH,
                    "Eye, top to bottom",
                    List.of(),
                    (known, units) -> Worked.of(eyeDepth, "About 0.6 of the edge's length, until it is measured"),
                    LOOSE,
                    Dimension.within(GUESSED)));
            numbers.byRule(
                    KERF_DEPTH,
                    "Kerf for the wedge",
                    List.of(EYE_DEPTH),
                    LOOSE,
                    (known, units) -> HaftTop.kerf(length(known, EYE_DEPTH), units));
        }
    }
}
