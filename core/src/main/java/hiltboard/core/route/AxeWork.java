package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import java.time.Duration;

/** The haft of a hatchet or a tomahawk: eye and handle must match. */
final class AxeWork {
    private AxeWork() {}

    static void write(Draft draft) {
        Specification spec = draft.spec;
        boolean isHatchet = spec.construction() == Construction.HATCHET;
        String dust = spec.handleMaterial().dustCaution();
        Operation.Builder eye = Operation.at(FITTING, "measure-eye", "Clean and measure the eye", 15).is(MEASURES_EYE).shapedBy(EYE_LENGTH, EYE_WIDTH)
                .toDo("File the burrs out; measure length and width at top and bottom, enter the narrower.")
                .targets(PieceDimensions.EYE_LENGTH, PieceDimensions.EYE_WIDTH).readings(PieceDimensions.EYE_LENGTH, PieceDimensions.EYE_WIDTH).checks("No burr inside the eye");
        draft.add(isHatchet ? eye.readings(PieceDimensions.EYE_DEPTH) : eye);
        draft.add(Operation.at(TABLE, "choose-haft", "Choose the haft blank", 10).is(CHOOSES_HAFT).of(Part.HANDLE).shapedBy(HANDLE_MATERIAL, HAFT_LENGTH)
                .toDo("Straight grain, running with the head; dry; no knot.").checks("Dry, straight grain, no knot"));
        draft.add(Operation.at(GRINDER, "shape-haft", "Shape the haft", 90).is(SHAPES_HAFT).of(Part.HANDLE).shapedBy(CONSTRUCTION, HAFT_LENGTH, HANDLE_MATERIAL)
                .toDo(isHatchet ? "Tenon to the measured eye, driven snug from below." : "Tapered all along; the top swells to fill the eye from above.")
                .targets(PieceDimensions.HAFT_TOP_LENGTH, PieceDimensions.HAFT_TOP_WIDTH).makes(PieceDimensions.HAFT_TOP_LENGTH, PieceDimensions.HAFT_TOP_WIDTH)
                .cautions(dust).checks("Head hangs straight on the haft"));
        if (isHatchet) {
            draft.add(Operation.at(FITTING, "kerf-haft", "Saw the kerf for the wedge", 10).is(KERFS).of(Part.HANDLE).shapedBy(CONSTRUCTION)
                    .toDo("Along the eye's length, two thirds of its depth.").targets(PieceDimensions.KERF_DEPTH).checks("The kerf ends above the eye's bottom"));
        }
        draft.add(Operation.at(FITTING, "fit-haft", isHatchet ? "Drive the head on" : "Slide the head on from above", 20).is(FITS_HAFT, NEEDS_TEMPERED, GRIPS_BLADE).of(Part.HANDLE).shapedBy(CONSTRUCTION)
                .toDo(isHatchet ? "Strike the haft's end, not the head; look for light all round." : "It seats by its taper; mark where it rubs, ease it, again.")
                .cautions("Edge covered; nobody in line with a loose head.").checks("No light round the haft").sets(Condition.HANDLED).leaves(State.HANDLED));
        if (isHatchet) {
            draft.add(Operation.at(FITTING, "wedge-haft", "Wedge it from the top", 15).is(WEDGES, GRIPS_BLADE).of(Part.HANDLE).shapedBy(CONSTRUCTION)
                    .toDo("Dry wedge, a little glue, driven until it moves no more; saw flush.").checks("The head does not move"));
        }
        HandleWork.finish(draft);
    }
}
