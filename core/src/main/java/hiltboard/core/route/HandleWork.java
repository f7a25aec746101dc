package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.EPOXY;
import static hiltboard.core.route.Cautions.SOLVENT;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import java.time.Duration;

/** Scales, and what joins and shapes any handle of a fixed blade. */
final class HandleWork {
    private final Draft draft;
    private final Specification spec;
    private final String dust;

    private HandleWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
        this.dust = draft.spec.handleMaterial().dustCaution();
    }

    static void write(Draft draft) {
        HandleWork work = new HandleWork(draft);
        if (draft.spec.hasScales()) {
            work.scales();
        } else {
            TangWork.block(draft);
        }
        work.join();
        work.shape();
    }

    private void scales() {
        draft.add(flatten());
        if (spec.hasScaleRelief()) {
            draft.add(Operation.at(MILL, "relieve-scales", "Pocket the scales' insides", 25).is(RELIEVES_SCALES).of(Part.HANDLE).shapedBy(SCALE_RELIEF)
                    .toDo("Leave the rim all round: it takes the pressure.").targets(PieceDimensions.SCALE_RELIEF_DEPTH, PieceDimensions.SCALE_RELIEF_RIM)
                    .makes(PieceDimensions.SCALE_RELIEF_DEPTH).cautions(dust).checks("Rim whole all round"));
        }
        draft.add(Operation.at(DRILL, "drill-scales", "Drill the scales through the tang", 25).is(DRILLS_SCALES, NEEDS_TEMPERED).of(Part.HANDLE).shapedBy(PIN_COUNT, PIN_DIAMETER, FASTENING)
                .toDo("The tang is the guide: one scale, pins in, then the other.", spec.handleMaterial().drilling(), "Measure a hole and enter it: the pin must not meet two sizes.")
                .targets(PieceDimensions.SCALE_DRILL).readings(PieceDimensions.SCALE_HOLE).makes(PieceDimensions.SCALE_DRILL)
                .cautions(dust).checks("Pins go through scale, tang and scale by hand"));
        if (spec.hasCounterbores()) {
            draft.add(Operation.at(MILL, "counterbore-scales", "Counterbore for the fasteners", 30).is(COUNTERBORES).of(Part.HANDLE).shapedBy(FASTENING, HANDLE_HOLLOW, SCALE_THICKNESS)
                    .toDo("One depth for all, from the inside face up; deeper than the deepest hollow of the finished handle.")
                    .targets(PieceDimensions.COUNTERBORE_DEPTH, PieceDimensions.COUNTERBORE_LEFT).readings(PieceDimensions.COUNTERBORE_DEPTH)
                    .cautions(dust).checks("All of one depth"));
        }
        draft.add(Operation.at(FINISHING, "finish-fronts", "Finish the scales' fronts", 30).is(FINISHES_FRONTS).of(Part.HANDLE).shapedBy(HANDLE_MATERIAL)
                .toDo("Both scales pinned together: shape, sand to final, polish.").cautions(dust).checks("Fronts match and are polished to final"));
        if (spec.isShapedOnTemporaryPins()) {
            draft.add(Operation.at(FITTING, "pin-temporarily", "Scales on temporary pins", 15).is(PINS_FOR_A_WHILE, NEEDS_TEMPERED, GRIPS_BLADE).of(Part.HANDLE).shapedBy(HANDLE_TURN)
                    .toDo("Snug pins that come out again; no adhesive.").checks("Nothing moves"));
            draft.add(Operation.at(GRINDER, "shape-on-pins", "Shape the handle to about 98 %", 110).is(SHAPES_ON_TEMPORARY_PINS, GRIPS_BLADE).of(Part.HANDLE).shapedBy(HANDLE_TURN).shapedBy(HANDLE_OUTLINE).shapedBy(HANDLE_SECTION)
                    .toDo("Centre lines first; profile, taper, palm swell, then round; leave the last sanding.").cautions(dust).checks("Even in the hand, both sides"));
        }
    }

    private Operation.Builder flatten() {
        return Operation.at(GRINDER, "flatten-scales", "Flatten the scales' insides", 20).is(FLATTENS_SCALES).of(Part.HANDLE).shapedBy(HANDLE_MATERIAL, SCALE_THICKNESS)
                .toDo("Cut oversize; rub the inside faces flat on granite.").targets(PieceDimensions.SCALE_THICKNESS).readings(PieceDimensions.SCALE_THICKNESS)
                .cautions(dust).checks("No light between scale and granite");
    }

    private void join() {
        draft.add(Operation.at(GLUING, "dry-fit", "Dry fit", 15).is(DRY_FITS, NEEDS_TEMPERED, GRIPS_BLADE).of(Part.HANDLE)
                .toDo("All parts, pins and clamps, without adhesive; look for light.").checks("No light anywhere", "Clamps and swabs lie ready"));
        if (spec.isGlued()) {
            glue();
        } else {
            draft.add(Operation.at(FITTING, "assemble-handle", spec.isTakeDown() ? "Draw it together with the nut" : "Screw the scales on", 20).is(ASSEMBLES, GRIPS_BLADE).of(Part.HANDLE)
                    .toDo(spec.isTakeDown() ? "Stack in order, nut by hand, then a quarter turn." : "Standoffs in, scales on, screws in turn; do not over-tighten.")
                    .checks("Nothing rocks", "It comes apart again").sets(Condition.HANDLED).leaves(State.HANDLED));
        }
    }

    private void glue() {
        draft.add(cleanForGlue(spec, "Roughen both faces, solvent, do not touch again."));
        Operation.Builder glue = Operation.at(GLUING, "glue-handle", "Glue the handle", 25).is(GLUES_HANDLE, GRIPS_BLADE).of(Part.HANDLE).shapedBy(ADHESIVE, FASTENING, HELD_BY)
                .toDo("Mix exactly as the maker says; coat both faces; clamp without starving the joint.").cautions(EPOXY).checks("Clamps and rubber bands are sound: no band is cracked with age", "Squeeze-out all round")
                .clears(Condition.CLEANED).sets(Condition.WET_GLUE, Condition.HANDLED).leaves(State.HANDLED);
        glue.targets(PieceDimensions.ADHESIVE_WORKING);
        if (!spec.isBedded()) {
            glue.toDo("Read the thermometer at the bench and enter it: warmth shortens every time.").readings(PieceDimensions.SHOP_TEMPERATURE);
        }
        draft.add(spec.hasScales() ? glue.toDo("Mosaic pins: turn both ends to the same pattern before it grips.").targets(PieceDimensions.PIN_LENGTH).makes(PieceDimensions.PIN_LENGTH) : glue);
        if (spec.isPeened()) {
            draft.add(Operation.at(FITTING, "peen-tang", "Peen the tang over the cap", 20).is(PEENS, NEEDS_TEMPERED, GRIPS_BLADE).of(Part.HANDLE).shapedBy(HELD_BY)
                    .toDo("Blade wrapped in a padded vice, light blows from the middle outwards while the adhesive is wet.").cautions("Eyes: peening throws chips.").checks("The head fills its countersink"));
        }
        draft.add(Operation.at(GLUING, "clean-squeeze-out", "Squeeze-out off the front", 10).is(CLEANS_SQUEEZE_OUT).of(Part.HANDLE)
                .toDo("Swab the front while it is wet; look again after ten minutes.").cautions(SOLVENT).checks("The front is clean"));
        draft.add(cure(spec));
    }

    static Operation.Builder cleanForGlue(Specification spec, String how) {
        return Operation.at(GLUING, "clean-for-glue", "Roughen and degrease", 10).is(CLEANS_FOR_GLUE).of(Part.HANDLE).shapedBy(HANDLE_MATERIAL).sets(Condition.CLEANED)
                .toDo(how).cautions(SOLVENT, spec.handleMaterial().gluing()).checks("Clean rag on both faces");
    }

    static Operation.Builder cure(Specification spec) {
        return Operation.at(GLUING, "cure-handle", "Let the adhesive cure", 5).is(CURES_HANDLE).of(Part.HANDLE).shapedBy(ADHESIVE).clears(Condition.WET_GLUE).sets(Condition.GLUED)
                .rest(spec.adhesive().cure(), "curing overnight").toDo("Leave it in the clamps.").checks("The rest in the cup is hard");
    }

    private void shape() {
        if (!spec.isBedded()) {
            boolean isNearlyDone = spec.isShapedOnTemporaryPins() || spec.isMachined();
            draft.add(Operation.at(GRINDER, "shape-handle", isNearlyDone ? "Touch up the handle" : "Shape the handle", isNearlyDone ? 30 : 100).is(SHAPES_HANDLE_ON_KNIFE, GRIPS_BLADE).of(Part.HANDLE)
                    .shapedBy(HANDLE_MATERIAL, HANDLE_TURN).shapedBy(HANDLE_OUTLINE).shapedBy(HANDLE_SECTION).toDo("Centre lines first; profile, taper, palm swell, then round.", "Change to 220 before the belt touches tang or guard.").cautions(dust)
                    .checks("Even in the hand, both sides"));
        }
        finish(draft);
    }

    /** The surface of any handle: sanded, then closed as its material or the job asks. */
    static void finish(Draft draft) {
        Specification spec = draft.spec;
        String what = spec.isAxe() ? "haft" : "handle";
        draft.add(Operation.at(FINISHING, "sand-handle", "Sand the " + what, 45).is(SANDS_HANDLE, GRIPS_BLADE).of(Part.HANDLE).shapedBy(HANDLE_MATERIAL)
                .toDo("Hard backing over metal in wood, or the wood dips.", "Each grit across the last scratches, to " + spec.handleMaterial().finalGrit() + ".")
                .cautions(spec.handleMaterial().dustCaution()).checks("No scratch in low light, no dip at the pins"));
        Operation.Builder finish = switch (spec.handleFinish()) {
            case OIL -> finish("Oil the " + what, 25).rest(Duration.ofHours(12), "oil drying").toDo("Thin coats of oil, wiped off, each dry before the next; end grain twice.")
                    .cautions("Oily rags catch fire by themselves: spread them out to dry, or under water.").checks("Dry to the hand");
            case WAX -> finish("Wax the " + what, 15).toDo("Rub it in warm by hand, let it haze, wipe away from the edge.").cautions("Rub away from the edge: a rag hides it.").checks("No wax stands in corners");
            case CYANOACRYLATE -> finish("Close the " + what + " with cyanoacrylate", 60).rest(Duration.ofHours(1), "hardening").toDo("Thin coats, hard between; sand back wet until no pore is open.")
                    .cautions("Cyanoacrylate: glasses, fresh air; on cotton it gets hot enough to smoke; it glues skin.").checks("Even, no pore and no white spot");
            case BUFF -> finish("Buff the " + what, 30).toDo("Buff lightly and look: deep scratches show only now. Where one shows, go back a couple of grits, then buff again.")
                    .cautions(Cautions.BUFFER).checks("No scratch that the first buffing showed is left");
            case AS_SANDED, BY_MATERIAL -> finish("Wipe the " + what + " down", 5).toDo("Clean it of dust with a damp cloth; look at it in low light.").checks("Clean, even in low light");
        };
        draft.add(finish);
    }

    private static Operation.Builder finish(String title, int minutes) {
        return Operation.at(FINISHING, "finish-handle", title, minutes).is(FINISHES_HANDLE, GRIPS_BLADE).of(Part.HANDLE).shapedBy(HANDLE_MATERIAL, HANDLE_FINISH);
    }
}
