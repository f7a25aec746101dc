package hiltboard.server.machine;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.exchange.Template;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Condition;
import hiltboard.server.job.PieceFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A part of a piece as it lies on a machine.
 *
 * @param material in the state that it is in
 * @param thickness empty where nobody has written it down: a forged head, a handle's block
 */
record MachinedPart(Template template, Workpiece material, Optional<Length> thickness) {

    /** All that are cut to an outline, the steel first; none of a mock-up. */
    static List<MachinedPart> of(PieceFile file) {
        Specification spec = file.specification();
        DimensionChain chain = file.chain(Units.MILLIMETRE_CELSIUS);
        boolean isSoft = file.progress().conditions().contains(Condition.ANNEALED);
        List<MachinedPart> parts = new ArrayList<>();
        for (Template template : Template.of(spec)) {
            if (!template.isMockUp()) {
                boolean isSteel = parts.isEmpty();
                parts.add(new MachinedPart(
                        template,
                        isSteel ? Workpiece.of(spec.steel(), !isSoft) : handle(spec),
                        spec.isAxe() ? Optional.empty() : thickness(chain, isSteel)));
            }
        }
        return List.copyOf(parts);
    }

    private static Optional<Length> thickness(DimensionChain chain, boolean isSteel) {
        return (isSteel
                        ? chain.value(PieceDimensions.STOCK_THICKNESS)
                        : chain.value(PieceDimensions.LINED_SCALE)
                                .or(() -> chain.value(PieceDimensions.SCALE_THICKNESS))
                                .or(() -> chain.value(PieceDimensions.PLATE_THICKNESS)))
                .map(Length.class::cast);
    }

    /** A folder's sides without covers are metal, and the hardest to cut of it is taken. */
    private static Workpiece handle(Specification spec) {
        return spec.answersAll(SpecificationField.HANDLE_MATERIAL)
                ? Workpiece.of(spec.handleMaterial())
                : Workpiece.TITANIUM;
    }

    /** As it was before the fire: holes and outlines are cut in soft steel. */
    Workpiece soft(Specification spec) {
        return material == Workpiece.HARDENED ? Workpiece.of(spec.steel(), false) : material;
    }

    boolean hasHoles() {
        return !template.holes().isEmpty();
    }
}
