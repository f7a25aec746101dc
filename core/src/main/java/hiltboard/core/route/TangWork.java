package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.EPOXY;
import static hiltboard.core.route.Cautions.SOLVENT;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import hiltboard.core.material.Quench;
import hiltboard.core.material.TemperingCurve;

/** Guard, spacer and block on a hidden tang, with or without a bolster forged in one. */
final class TangWork {
    private final Draft draft;
    private final Specification spec;

    private TangWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
    }

    static void guard(Draft draft) {
        TangWork work = new TangWork(draft);
        work.measure();
        if (draft.spec.isHiddenTang()) {
            work.makeGuard();
        }
        if (draft.spec.hasSpacer()) {
            work.spacer();
        }
    }

    static void block(Draft draft) {
        new TangWork(draft).block();
    }

    private void measure() {
        String front = spec.isHiddenTang()
                ? "Sand shoulders, ricasso and tang front"
                : "Sand the bolster's back and the tang front";
        draft.add(Operation.at(FITTING, "sand-ricasso", front, Effort.SAND_RICASSO)
                .is(SANDS_RICASSO)
                .toDo(
                        "Almost to final, in one plane: sanding later opens a gap.",
                        "Taper the tang slightly towards its end, a few thousandths: without it the guard goes hard, askew.")
                .checks("All of it lies in one plane, square to the blade.", "The tang gets thinner towards its end."));
        Operation.Builder measure = Operation.at(
                        FITTING,
                        "measure-for-guard",
                        spec.isHiddenTang() ? "Measure tang and guard" : "Measure the tang",
                        Effort.MEASURE_TANG)
                .is(MEASURES_FOR_GUARD)
                .toDo(
                        "Measure the tang's thickness at the shoulder, half an inch behind it and at its end: one tight spot decides the "
                                + "slot.")
                .targets(
                        PieceDimensions.TANG_WIDTH,
                        PieceDimensions.TANG_THICKNESS,
                        PieceDimensions.TANG_BEHIND,
                        PieceDimensions.TANG_END)
                .readings(
                        PieceDimensions.TANG_WIDTH,
                        PieceDimensions.TANG_THICKNESS,
                        PieceDimensions.TANG_BEHIND,
                        PieceDimensions.TANG_END,
                        PieceDimensions.TANG_LENGTH)
                .checks("It was measured after the last sanding.");
        draft.add(
                spec.isHiddenTang()
                        ? measure.toDo("Tang width at the shoulder; guard blank in the middle.")
                                .shapedBy(GUARD_THICKNESS, GUARD_MATERIAL)
                                .targets(PieceDimensions.GUARD_THICKNESS)
                                .readings(PieceDimensions.GUARD_THICKNESS)
                        : measure.toDo("Tang width where the handle begins."));
    }

    private void makeGuard() {
        draft.add(Operation.at(MILL, "mill-guard-slot", "Mill the guard's slot", Effort.MILL_GUARD_SLOT)
                .is(CUTS_GUARD)
                .of(Part.GUARD)
                .shapedBy(GUARD_MATERIAL, GUARD_THICKNESS, GUARD_OVERHANG, GUARD_WIDTH)
                .toDo(
                        "Zero the readout on the blank's edge before anything is cut.",
                        "Drill a chain of holes first, then mill: small cutters snap in solid metal.",
                        "The pocket from the back, the slot through; conventional cutting for the depth, climb only for the last thin "
                                + "skim.",
                        "Leave the lip at the front tight; file it to the tang.",
                        spec.guardMaterial().isHardenable()
                                ? "In tough steel 0.005 in a pass is much for a 1/8 in cutter: carbide, and a spare beside it."
                                : "")
                .targets(
                        PieceDimensions.SLOT_WIDTH,
                        PieceDimensions.SLOT_CUTTER,
                        PieceDimensions.SLOT_LENGTH,
                        PieceDimensions.POCKET_DEPTH,
                        PieceDimensions.LIP_WIDTH)
                .readings(PieceDimensions.GUARD_THICKNESS, PieceDimensions.SLOT_WIDTH, PieceDimensions.LIP_WIDTH)
                .makes(
                        PieceDimensions.SLOT_WIDTH,
                        PieceDimensions.SLOT_CUTTER,
                        PieceDimensions.SLOT_LENGTH,
                        PieceDimensions.POCKET_DEPTH)
                .cautions(Cautions.CLIMB)
                .checks(
                        "The readout was zeroed, and the stops are written down.",
                        "A chain of holes was drilled before the cutter went in.",
                        "The tang enters the pocket, and not yet the lip."));
        if (spec.hasHardenedGuard()) {
            draft.add(Operation.at(KILN, "harden-guard", "Harden the guard", Effort.HARDEN_GUARD)
                    .is(HARDENS_FITTING)
                    .of(Part.GUARD)
                    .shapedBy(GUARD_STATE, GUARD_MATERIAL)
                    .sets(Condition.FITTING_UNTEMPERED)
                    .toDo("As its own steel asks; wholly under, and wire to hold it by.")
                    .cautions(Quench.FAST_OIL.cautions(false), Cautions.UNTEMPERED)
                    .checks("A file skates on it.", "The slot is as wide as it was."));
            draft.add(Operation.at(KILN, "temper-guard", "Temper the guard", Effort.TEMPER_GUARD)
                    .is(TEMPERS_FITTING)
                    .of(Part.GUARD)
                    .shapedBy(GUARD_STATE, GUARD_MATERIAL)
                    .clears(Condition.FITTING_UNTEMPERED)
                    .rest(TemperingCurve.EACH, "tempering")
                    .toDo("Softer than a blade: it has to bear the hammer.")
                    .cautions(Cautions.UNTEMPERED)
                    .checks("It has cooled to room temperature.", "The tang still enters the pocket."));
        }
        draft.add(Operation.at(FITTING, "fit-guard", "Fit the guard", Effort.FIT_GUARD)
                .is(FITS_GUARD, NEEDS_TEMPERED, GRIPS_BLADE)
                .of(Part.GUARD)
                .toDo(
                        "Clamp the blade in the leather-padded vice above the plunge, or it slips down.",
                        "Drive the guard on with a sacrificial plate over it, so that its face is not bruised.",
                        "After every few blows look across the ricasso: level on all sides, or the high side gets the next blow.",
                        "Only when it is level, one firm blow to print the ricasso; take it off and read the print.")
                .cautions("Eyes: hardened steel under the hammer.")
                .checks(
                        "It stayed level on all sides.",
                        "No light shows between guard and shoulders.",
                        "The print is even."));
        draft.add(Operation.at(GRINDER, "shape-guard", "Shape the guard", Effort.SHAPE_GUARD)
                .is(SHAPES_GUARD)
                .of(Part.GUARD)
                .shapedBy(GUARD_OVERHANG, GUARD_WIDTH, HAND)
                .toDo(
                        "Draw the final outline, then outline first, faces after; the overhang as thin as clears the blade's corners and "
                                + "edge.")
                .checks("It is clear of the slot everywhere.", "It stands out no further than it has to.")
                .leaves(State.GUARDED));
        draft.add(Operation.at(FINISHING, "finish-guard", "Finish the guard's front and edges", Effort.FINISH_GUARD)
                .is(FINISHES_GUARD)
                .of(Part.GUARD)
                .toDo(
                        "Take it off the tang; front and edges to their final grit now, since the blade is in the way of the front later.",
                        "Break its corners, and leave the rim at the handle square until it is shaped with it.")
                .checks("No scratch shows on the front in low light."));
    }

    private void spacer() {
        draft.add(Operation.at(
                        MILL,
                        "make-spacer",
                        spec.spacers() > 1 ? "Make the spacers" : "Make the spacer",
                        Effort.MAKE_SPACER)
                .is(MAKES_SPACER)
                .of(Part.SPACER)
                .shapedBy(SPACER, SPACER_MATERIAL, SPACER_THICKNESS)
                .targets(PieceDimensions.SPACER_THICKNESS, PieceDimensions.TANG_SLOT_IN_SPACER)
                .readings(PieceDimensions.SPACER_THICKNESS)
                .makes(PieceDimensions.SPACER_THICKNESS, PieceDimensions.TANG_SLOT_IN_SPACER)
                .toDo("Flat and parallel on both faces; the slot to the measured tang.")
                .checks("On granite no light shows under it."));
    }

    private void block() {
        String dust = spec.handleMaterial().dustCaution();
        HandleWork.fillVoids(draft);
        draft.add(Operation.at(DRILL, "open-cavity", "Open the handle's cavity", Effort.OPEN_CAVITY)
                .is(OPENS_CAVITY)
                .of(Part.HANDLE)
                .shapedBy(HANDLE_MATERIAL, HANDLE_LENGTH)
                .toDo(
                        "Tap the block and listen: solid everywhere, or there is a void or a crack inside.",
                        "Line the grain up in the block before it is marked: later it cannot be moved, and it wanders as the handle is "
                                + "rounded.",
                        "Square the block; two holes at the tang's angles, joined by a longer drill; snug, no gap at the front"
                                + (spec.isPeened() || spec.isTakeDown() ? "; right through." : "."),
                        spec.handleMaterial().drilling())
                .targets(PieceDimensions.BLOCK_LENGTH, PieceDimensions.CAVITY_WIDTH, PieceDimensions.CAVITY_DEPTH)
                .makes(PieceDimensions.BLOCK_LENGTH, PieceDimensions.CAVITY_WIDTH)
                .cautions(dust, Cautions.FLUTES)
                .checks("The tang goes home by hand, and the front shows no gap.", "The block sounds solid."));
        if (spec.hasAlignmentPins()) {
            draft.add(Operation.at(FITTING, "list-stack", "List the stack", Effort.LIST_STACK)
                    .is(LISTS_STACK)
                    .of(Part.HANDLE)
                    .shapedBy(SPACER)
                    .toDo("Guard, every spacer, front of the handle: write them down in order.")
                    .targets(PieceDimensions.STACK_LENGTH)
                    .checks("Nothing will be added to the stack later."));
            draft.add(Operation.at(DRILL, "drill-alignment-pins", "Drill the alignment pins", Effort.DRILL_ALIGNMENT)
                    .is(DRILLS_ALIGNMENT)
                    .of(Part.HANDLE)
                    .shapedBy(ALIGNMENT_PINS)
                    .toDo(
                            "Draw the final outline on the guard: pins stay inside it, or they break out at the rim.",
                            "Clean the mating faces, glue the stack lightly with cyanoacrylate, drill it as one, then part it with gentle "
                                    + "heat.")
                    .cautions(Cautions.PARTING)
                    .checks(
                            "The stack was drilled as one.",
                            "The pins are clear of the final outline and of the slot."));
        }
        ends();
        if (spec.isBedded()) {
            bed(dust);
        }
    }

    private void ends() {
        if (spec.isPeened()) {
            draft.add(Operation.at(MILL, "make-end-cap", "Make the end cap", Effort.MAKE_END_CAP)
                    .is(MAKES_CAP)
                    .of(Part.HANDLE)
                    .shapedBy(HELD_BY, CAP_THICKNESS)
                    .toDo(
                            "Slot it to the tang's end, and countersink it for the head; the tang stands proud by its own thickness.")
                    .targets(PieceDimensions.CAP_THICKNESS, PieceDimensions.TANG_LENGTH)
                    .checks("The tang stands proud of the cap."));
        }
        if (spec.isTakeDown()) {
            draft.add(Operation.at(FILING, "chase-thread", "Chase the thread", Effort.CHASE_THREAD)
                    .is(CHASES_THREAD, NEEDS_TEMPERED)
                    .of(Part.BLADE)
                    .shapedBy(HELD_BY)
                    .toDo("Scale and heat have closed the thread: run the die or a thread file over it, with oil.")
                    .checks("The nut runs on by hand, without shake."));
            draft.add(Operation.at(MILL, "make-pommel-nut", "Make the pommel nut", Effort.MAKE_POMMEL_NUT)
                    .is(MAKES_NUT)
                    .of(Part.HANDLE)
                    .shapedBy(HELD_BY, NUT_THREAD)
                    .toDo("Drill and tap it square; the nut bottoms on the handle, not in the thread.")
                    .targets(PieceDimensions.NUT_THREAD)
                    .checks("It draws the stack tight before the thread ends."));
        }
    }

    private void bed(String dust) {
        boolean isWax = spec.isReleasedByWax();
        draft.add(Operation.at(GLUING, "release-agent", "Release agent on tang and guard", Effort.RELEASE_AGENT)
                .is(RELEASES)
                .of(Part.HANDLE)
                .shapedBy(BEDDING, RELEASE_AGENT)
                .sets(Condition.GREASED)
                .toDo(
                        isWax
                                ? "Paste wax on every face that must come off; buff it thin."
                                : "Petroleum jelly, thin, on every face that must come off.")
                .checks("Every face is covered."));
        draft.add(Operation.at(GLUING, "bed-handle", "Bed the handle", Effort.BED_HANDLE)
                .is(BEDS, GRIPS_BLADE)
                .of(Part.HANDLE)
                .shapedBy(BEDDING, ADHESIVE)
                .sets(Condition.BEDDED)
                .rest(PieceDimensions.ADHESIVE_GRIPS, spec.adhesive().usualGrip(), "until it grips")
                .toDo(
                        "Read the thermometer at the bench and enter it: warmth shortens every time.",
                        "Slow adhesive in the cavity; press home; wipe.")
                .targets(PieceDimensions.ADHESIVE_WORKING, PieceDimensions.ADHESIVE_GRIPS, PieceDimensions.PULL_WINDOW)
                .readings(PieceDimensions.SHOP_TEMPERATURE)
                .cautions(EPOXY)
                .checks("A nail dents the squeeze-out, and it no longer draws strings: now it can be pulled."));
        draft.add(Operation.at(GLUING, "pull-handle", "Pull the bedded handle", Effort.PULL_HANDLE)
                .is(PULLS_BEDDED, GRIPS_BLADE)
                .of(Part.HANDLE)
                .toDo(
                        "Pull it, wipe what has smeared off tang and guard, put release agent on again where it was wiped, put the handle "
                                + "back.")
                .targets(PieceDimensions.PULL_WINDOW)
                .cautions("Wrapped edge, point away from everyone.")
                .checks("It came off and went back."));
        draft.add(Operation.at(GLUING, "cure-bed", "Let the bed cure", Effort.CURE_BED)
                .is(CURES_BEDDED)
                .of(Part.HANDLE)
                .rest(PieceDimensions.ADHESIVE_CURES, spec.adhesive().usualCure(), "curing")
                .toDo("Leave it alone: in a cold shop it takes longer.")
                .targets(PieceDimensions.ADHESIVE_CURES)
                .checks("The rest in the cup is hard to the fingernail."));
        draft.add(Operation.at(GRINDER, "shape-off-knife", "Shape the handle off the knife", Effort.SHAPE_OFF_KNIFE)
                .is(SHAPES_OFF_KNIFE)
                .of(Part.HANDLE)
                .shapedBy(BEDDING)
                .shapedBy(HANDLE_OUTLINE)
                .shapedBy(HANDLE_SECTION)
                .toDo(HandleWork.shaping(spec))
                .cautions(dust)
                .checks("It is flush with guard and spacer when it is put on."));
        draft.add(Operation.at(GLUING, "clean-release", "Take the release agent off", Effort.CLEAN_RELEASE)
                .is(CLEANS_RELEASE)
                .of(Part.HANDLE)
                .shapedBy(RELEASE_AGENT)
                .clears(Condition.GREASED)
                .toDo(
                        isWax
                                ? "Mineral spirits, then a clean solvent, on tang, guard and cavity walls."
                                : "Soap and hot water, then solvent, on tang, guard and cavity walls.",
                        "Notch the tang, roughen the walls.")
                .cautions(SOLVENT)
                .checks("Water spreads on tang and walls: no wax or grease is left."));
    }
}
