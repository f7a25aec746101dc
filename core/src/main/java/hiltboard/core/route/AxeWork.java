package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;

/** The haft of a hatchet or a tomahawk: eye and handle must match. */
final class AxeWork {
    private AxeWork() {}

    static void write(Draft draft) {
        Specification spec = draft.spec;
        boolean isHatchet = spec.construction() == Construction.HATCHET;
        Operation.Builder eye = Operation.at(FITTING, "measure-eye", "Clean and measure the eye", Effort.MEASURE_EYE)
                .is(MEASURES_EYE)
                .shapedBy(EYE_LENGTH, EYE_WIDTH)
                .toDo("File the burrs out; measure length and width at top and bottom, enter the narrower.")
                .targets(PieceDimensions.EYE_LENGTH, PieceDimensions.EYE_WIDTH)
                .readings(PieceDimensions.EYE_LENGTH, PieceDimensions.EYE_WIDTH)
                .checks("There is no burr inside the eye.");
        draft.add(isHatchet ? eye.readings(PieceDimensions.EYE_DEPTH) : eye);
        draft.add(
                Operation.at(TABLE, "choose-haft", "Choose the haft blank", Effort.CHOOSE_HAFT)
                        .is(CHOOSES_HAFT)
                        .of(Part.HANDLE)
                        .shapedBy(HANDLE_MATERIAL, HAFT_LENGTH)
                        .toDo("Straight grain, running with the head; dry; no knot.")
                        .checks(
                                "It is dry, straight in the grain and without a knot: one that runs out at the side breaks there."));
        draft.add(Operation.at(GRINDER, "shape-haft", "Shape the haft", Effort.SHAPE_HAFT)
                .is(SHAPES_HAFT)
                .of(Part.HANDLE)
                .shapedBy(CONSTRUCTION, HAFT_LENGTH, HANDLE_MATERIAL)
                .toDo(
                        isHatchet
                                ? "Tenon to the measured eye, driven snug from below."
                                : "Tapered all along; the top swells to fill the eye from above.")
                .targets(PieceDimensions.HAFT_TOP_LENGTH, PieceDimensions.HAFT_TOP_WIDTH)
                .makes(PieceDimensions.HAFT_TOP_LENGTH, PieceDimensions.HAFT_TOP_WIDTH)
                .cautions(spec.handleMaterial().dustCaution())
                .checks("The head hangs straight on the haft: edge and haft lie in one line."));
        if (isHatchet) {
            draft.add(Operation.at(FITTING, "kerf-haft", "Saw the kerf for the wedge", Effort.KERF_HAFT)
                    .is(KERFS)
                    .of(Part.HANDLE)
                    .shapedBy(CONSTRUCTION)
                    .toDo("Along the eye's length, two thirds of its depth.")
                    .targets(PieceDimensions.KERF_DEPTH)
                    .checks("The kerf ends above the eye's bottom."));
        }
        draft.add(Operation.at(
                        FITTING,
                        "fit-haft",
                        isHatchet ? "Drive the head on" : "Slide the head on from above",
                        Effort.FIT_HAFT)
                .is(FITS_HAFT, NEEDS_TEMPERED, GRIPS_BLADE)
                .of(Part.HANDLE)
                .shapedBy(CONSTRUCTION)
                .toDo(
                        isHatchet
                                ? "Hang it head down by the haft and strike the butt with a mallet: the head climbs up the haft by its "
                                        + "own weight. Look for light all round."
                                : "It seats by its taper; mark where it rubs, ease it, try again; then knock the butt on the bench.")
                .cautions("Edge covered; nobody in line with a loose head.")
                .checks("No light shows round the haft.")
                .sets(Condition.HANDLED)
                .leaves(State.HANDLED));
        if (isHatchet) {
            draft.add(Operation.at(FITTING, "wedge-haft", "Wedge it from the top", Effort.WEDGE_HAFT)
                    .is(WEDGES, GRIPS_BLADE)
                    .of(Part.HANDLE)
                    .shapedBy(CONSTRUCTION)
                    .toDo("Dry wedge, a little glue, driven until it moves no more; saw it flush.")
                    .checks("The head does not move."));
        }
        HandleWork.finish(draft);
    }
}
