package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.EPOXY;
import static hiltboard.core.route.Cautions.SOLVENT;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import java.time.Duration;

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
        String front = spec.isHiddenTang() ? "Sand shoulders, ricasso and tang front" : "Sand the bolster's back and the tang front";
        draft.add(Operation.at(FITTING, "sand-ricasso", front, 30).is(SANDS_RICASSO)
                .toDo("Almost to final, in one plane.", "Sanding later opens a gap.").checks("In one plane, square to the blade"));
        Operation.Builder measure = Operation.at(FITTING, "measure-for-guard", spec.isHiddenTang() ? "Measure tang and guard" : "Measure the tang", 10).is(MEASURES_FOR_GUARD)
                .targets(PieceDimensions.TANG_WIDTH, PieceDimensions.TANG_THICKNESS).readings(PieceDimensions.TANG_WIDTH, PieceDimensions.TANG_THICKNESS)
                .checks("Measured after the last sanding");
        draft.add(spec.isHiddenTang()
                ? measure.toDo("Tang width and thickness at the shoulder; guard blank in the middle.").shapedBy(GUARD_THICKNESS, GUARD_MATERIAL)
                        .targets(PieceDimensions.GUARD_THICKNESS).readings(PieceDimensions.GUARD_THICKNESS)
                : measure.toDo("Tang width and thickness where the handle begins."));
    }

    private void makeGuard() {
        draft.add(Operation.at(MILL, "mill-guard-slot", "Mill the guard's slot", 50).is(CUTS_GUARD).of(Part.GUARD).shapedBy(GUARD_MATERIAL, GUARD_THICKNESS, GUARD_OVERHANG, GUARD_WIDTH)
                .toDo("Drill a chain, then mill: pocket from the back, slot through.", "Leave the lip at the front tight; file it to the tang.")
                .targets(PieceDimensions.SLOT_WIDTH, PieceDimensions.SLOT_CUTTER, PieceDimensions.SLOT_LENGTH, PieceDimensions.POCKET_DEPTH)
                .makes(PieceDimensions.SLOT_WIDTH, PieceDimensions.SLOT_CUTTER, PieceDimensions.SLOT_LENGTH, PieceDimensions.POCKET_DEPTH)
                .checks("Readout zeroed on the blank's edge, stops written down", "The tang enters the pocket, not yet the lip"));
        if (spec.hasHardenedGuard()) {
            draft.add(Operation.at(KILN, "harden-guard", "Harden the guard", 25).is(HARDENS_FITTING).of(Part.GUARD).shapedBy(GUARD_STATE, GUARD_MATERIAL).sets(Condition.FITTING_UNTEMPERED)
                    .toDo("As its own steel asks; wholly under, and wire to hold it by.").cautions(Cautions.QUENCH_OIL, Cautions.UNTEMPERED).checks("A file skates on it", "The slot is as wide as it was"));
            draft.add(Operation.at(KILN, "temper-guard", "Temper the guard", 10).is(TEMPERS_FITTING).of(Part.GUARD).shapedBy(GUARD_STATE, GUARD_MATERIAL).clears(Condition.FITTING_UNTEMPERED)
                    .rest(Duration.ofHours(2), "tempering").toDo("Softer than a blade: it has to bear the hammer.").cautions(Cautions.UNTEMPERED).checks("Cooled to room temperature", "The tang still enters the pocket"));
        }
        draft.add(Operation.at(FITTING, "fit-guard", "Fit the guard", 60).is(FITS_GUARD, NEEDS_TEMPERED, GRIPS_BLADE).of(Part.GUARD)
                .toDo("Leather-padded vice above the plunge; drive it on with a sacrificial plate.", "Check that it stays level as it goes.", "Strike it to print the ricasso; take it off and read the print.")
                .cautions("Eyes: hardened steel under the hammer.").checks("No light between guard and shoulders", "The print is even"));
        draft.add(Operation.at(GRINDER, "shape-guard", "Shape the guard", 60).is(SHAPES_GUARD).of(Part.GUARD)
                .toDo("Outline first, then faces; overhang as thin as clears corners and edge.")
                .checks("Clear of the slot everywhere").leaves(State.GUARDED));
    }

    private void spacer() {
        draft.add(Operation.at(MILL, "make-spacer", "Make the spacer", 30).is(MAKES_SPACER).of(Part.SPACER).shapedBy(SPACER, SPACER_MATERIAL, SPACER_THICKNESS)
                .targets(PieceDimensions.SPACER_THICKNESS, PieceDimensions.TANG_SLOT_IN_SPACER).makes(PieceDimensions.SPACER_THICKNESS, PieceDimensions.TANG_SLOT_IN_SPACER)
                .toDo("Flat and parallel on both faces; slot to the measured tang.").checks("Flat on granite, no light"));
    }

    private void block() {
        String dust = spec.handleMaterial().dustCaution();
        draft.add(Operation.at(DRILL, "open-cavity", "Open the handle's cavity", 45).is(OPENS_CAVITY).of(Part.HANDLE).shapedBy(HANDLE_MATERIAL, HANDLE_LENGTH)
                .toDo("Line the grain up in the block before it is marked: later it cannot be moved.", "Square the block; two holes at the tang's angles, joined; snug, no gap at the front.", spec.handleMaterial().drilling())
                .targets(PieceDimensions.BLOCK_LENGTH, PieceDimensions.CAVITY_WIDTH, PieceDimensions.CAVITY_DEPTH).makes(PieceDimensions.BLOCK_LENGTH, PieceDimensions.CAVITY_WIDTH)
                .cautions(dust).checks("The tang goes home by hand"));
        if (spec.hasAlignmentPins()) {
            draft.add(Operation.at(FITTING, "list-stack", "List the stack", 10).is(LISTS_STACK).of(Part.HANDLE).shapedBy(SPACER)
                    .toDo("Guard, every spacer, front of the handle: write them down in order.").targets(PieceDimensions.STACK_LENGTH).checks("Nothing will be added to the stack later"));
            draft.add(Operation.at(DRILL, "drill-alignment-pins", "Drill the alignment pins", 35).is(DRILLS_ALIGNMENT).of(Part.HANDLE).shapedBy(ALIGNMENT_PINS)
                    .toDo("Draw the final outline on the guard: pins stay inside it.", "Glue the stack lightly with cyanoacrylate, drill it as one, then part it with gentle heat.").cautions(Cautions.PARTING).checks("The stack was drilled as one", "Pins clear of the final outline and of the slot"));
        }
        if (spec.isPeened()) {
            draft.add(Operation.at(MILL, "make-end-cap", "Make the end cap", 35).is(MAKES_CAP).of(Part.HANDLE).shapedBy(HELD_BY)
                    .toDo("Slot to the tang's end, countersunk for the head; the tang stands proud by its own thickness.").checks("The tang stands proud of the cap"));
        }
        if (spec.isTakeDown()) {
            draft.add(Operation.at(MILL, "make-pommel-nut", "Make the pommel nut", 50).is(MAKES_NUT).of(Part.HANDLE).shapedBy(HELD_BY)
                    .toDo("Drill and tap square; the nut bottoms on the handle, not in the thread.").checks("It draws the stack tight before the thread ends"));
        }
        if (spec.isBedded()) {
            bed(dust);
        }
    }

    private void bed(String dust) {
        boolean isWax = spec.isReleasedByWax();
        draft.add(Operation.at(GLUING, "release-agent", "Release agent on tang and guard", 10).is(RELEASES).of(Part.HANDLE).shapedBy(BEDDING, RELEASE_AGENT).sets(Condition.GREASED)
                .toDo(isWax ? "Paste wax on every face that must come off; buff it thin." : "Petroleum jelly, thin, on every face that must come off.").checks("Every face is covered"));
        draft.add(Operation.at(GLUING, "bed-handle", "Bed the handle", 25).is(BEDS, GRIPS_BLADE).of(Part.HANDLE).shapedBy(BEDDING, ADHESIVE).sets(Condition.BEDDED)
                .rest(PieceDimensions.ADHESIVE_GRIPS, Duration.ofMinutes(225), "until it grips")
                .toDo("Read the thermometer at the bench and enter it: warmth shortens every time.", "Slow adhesive in the cavity; press home; wipe.")
                .targets(PieceDimensions.ADHESIVE_WORKING, PieceDimensions.ADHESIVE_GRIPS, PieceDimensions.PULL_WINDOW).readings(PieceDimensions.SHOP_TEMPERATURE)
                .cautions(EPOXY).checks("It grips but does not yet ring hard"));
        draft.add(Operation.at(GLUING, "pull-handle", "Pull the bedded handle", 15).is(PULLS_BEDDED, GRIPS_BLADE).of(Part.HANDLE)
                .toDo("Pull, clean tang and guard, put back.").targets(PieceDimensions.PULL_WINDOW).cautions("Wrapped edge, point away from everyone.").checks("It came off and went back"));
        draft.add(Operation.at(GLUING, "cure-bed", "Let the bed cure", 5).is(CURES_BEDDED).of(Part.HANDLE).rest(Duration.ofHours(12), "curing")
                .toDo("Leave it alone overnight.").checks("Hard to the fingernail"));
        draft.add(Operation.at(GRINDER, "shape-off-knife", "Shape the handle off the knife", 110).is(SHAPES_OFF_KNIFE).of(Part.HANDLE).shapedBy(BEDDING).shapedBy(HANDLE_OUTLINE).shapedBy(HANDLE_SECTION)
                .toDo("Centre lines first; profile, taper, palm swell, then round.").cautions(dust).checks("Flush with guard and spacer when put on"));
        draft.add(Operation.at(GLUING, "clean-release", "Take the release agent off", 15).is(CLEANS_RELEASE).of(Part.HANDLE).shapedBy(RELEASE_AGENT).clears(Condition.GREASED)
                .toDo(isWax ? "Mineral spirits, then a clean solvent, on tang, guard and cavity walls." : "Soap and hot water, then solvent, on tang, guard and cavity walls.", "Notch the tang, roughen the walls.")
                .cautions(SOLVENT).checks("Water spreads on tang and walls: no wax or grease left"));
    }
}
