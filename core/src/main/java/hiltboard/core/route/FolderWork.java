package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.EPOXY;
import static hiltboard.core.route.Cautions.TITANIUM;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import java.time.Duration;

/** Springs, sides, bearings and locks; nothing for a fixed blade. */
final class FolderWork {
    private final Draft draft;
    private final Specification spec;

    private FolderWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
    }

    static void soft(Draft draft) {
        FolderWork work = new FolderWork(draft);
        if (draft.spec.isSlipJoint()) {
            work.softSlipJoint();
        } else if (draft.spec.isFrameLock() && draft.spec.hasBladePocket()) {
            draft.add(Operation.at(MILL, "mill-blade-pocket", "Mill the blade's bearing pockets", 30).is(CUTS_BLADE_POCKET, FILES_SOFT_STEEL).shapedBy(POCKETS, BALL_DIAMETER, ACTION_CLEARANCE)
                    .toDo("Concentric with the pivot, both sides alike, before it is hard.").targets(PieceDimensions.BLADE_POCKET).makes(PieceDimensions.BLADE_POCKET)
                    .checks("Both sides alike"));
        }
    }

    static void heat(Draft draft) {
        if (draft.spec.isSlipJoint()) {
            draft.add(Operation.at(KILN, "harden-spring", "Harden the spring", 30).is(HARDENS_SPRING).of(Part.SPRING).shapedBy(STEEL)
                    .toDo("With the blade or as its own steel asks; oil, wholly under.").cautions(Cautions.QUENCH_OIL, Cautions.UNTEMPERED).checks("A file skates on it"));
            draft.add(Operation.at(KILN, "temper-spring", "Temper the spring", 10).is(TEMPERS_SPRING).of(Part.SPRING).shapedBy(STEEL).rest(Duration.ofHours(1), "tempering")
                    .toDo("Hotter than the blade: it has to bend and come back.").checks("It bends a little and comes back"));
        }
    }

    static void assemble(Draft draft) {
        FolderWork work = new FolderWork(draft);
        if (draft.spec.isSlipJoint()) {
            work.slipJoint();
        } else {
            work.frameLock();
        }
        draft.add(Operation.at(FITTING, "try-action", "Try the action on temporary pins", 30).is(TRIES_ACTION, NEEDS_TEMPERED, GRIPS_BLADE).of(Part.SIDES)
                .toDo("Open, half, closed: centred, no rub, no shake.").checks("The blade stands centred when closed", "No rub on either side"));
        draft.add(Operation.at(FITTING, "close-folder", "Put it together for good", 40).is(CLOSES_FOLDER, ASSEMBLES, GRIPS_BLADE).of(Part.SIDES)
                .toDo("Every screw, pin and cover in the order in which the next part does not hide it.", draft.spec.isSlipJoint() ? "Peen the pivot a little at a time, trying the action." : "Thread lock only on the outside screws.")
                .cautions("Keep the fingers out of the blade's way.").checks("Same action as on trial").sets(Condition.HANDLED).leaves(State.HANDLED));
        HandleWork.finish(draft);
    }

    private void softSlipJoint() {
        draft.add(Operation.at(DRILL, "make-spring", "Make the spring, soft", 60).is(MAKES_SPRING).of(Part.SPRING).shapedBy(BLADE_LENGTH, HANDLE_LENGTH)
                .toDo("Profile and drill the spring and its seat while it is soft.").targets(PieceDimensions.SPRING_THICKNESS).makes(PieceDimensions.SPRING_THICKNESS).checks("Pins go through by hand"));
        draft.add(Operation.at(FILING, "file-spring-notch", "File kick and spring notch", 45).is(FILES_SOFT_STEEL).shapedBy(CONSTRUCTION)
                .toDo("Square to the blade's face; leave a little for the fit after hardening.").checks("Notch and kick square to the face"));
        draft.add(Operation.at(MILL, "cut-nail-nick", "Cut the nail nick", 20).is(CUTS_NICK, FILES_SOFT_STEEL).shapedBy(NICK_DEPTH)
                .toDo("Deeper than what the bevel takes off there and what a nail needs, shallower than what breaks through.", "Measure the depth and enter it.", "Lay it on the granite plate: a lip that the cutter raised is tapped flat now.")
                .targets(PieceDimensions.NICK_DEPTH, PieceDimensions.NICK_LEAST, PieceDimensions.NICK_MOST).readings(PieceDimensions.NICK_DEPTH).checks("The cutter is sharp: it raised no thick lip", "The blade lies flat on granite, no lip stands up", "A nail catches in it"));
    }

    private void slipJoint() {
        String what = spec.hasLiners() ? "Make the liners" : "Mill the sides";
        draft.add(Operation.at(MILL, "make-sides", what, 60).is(MAKES_SIDES).of(Part.SIDES).shapedBy(SIDES, LINER_THICKNESS, PIVOT_DIAMETER, HANDLE_LENGTH)
                .toDo("Drilled as a pair, the blade's pivot hole and the spring as guide.").cautions(spec.hasLiners() ? "" : spec.handleMaterial().dustCaution()).checks("Both sides alike"));
        draft.add(Operation.at(MILL, "relieve-sides", "Relieve the insides around the pivot", 30).is(RELIEVES_PIVOT).of(Part.SIDES).shapedBy(SIDES, PIVOT_DIAMETER)
                .toDo("From spring seat to kick, leaving a ring like a washer; both sides alike.").targets(PieceDimensions.PIVOT_RELIEF, PieceDimensions.RELIEF_OFFSET)
                .makes(PieceDimensions.PIVOT_RELIEF).checks("Both sides alike", "The ring is whole", "Stops and angles of the set-up are written down for the other side and the next knife"));
        draft.add(Operation.at(FITTING, "fit-spring", "Fit the spring", 60).is(FITS_SPRING, NEEDS_TEMPERED).of(Part.SPRING)
                .toDo("Stone kick and notch until spring and back are flush open, half and closed.").cautions("Eyes: a spring under load flies.").checks("Flush open, half and closed"));
        if (spec.hasLiners()) {
            draft.add(Operation.at(GRINDER, "flatten-scales", "Flatten the covers' insides", 20).is(FLATTENS_SCALES).of(Part.SIDES).shapedBy(HANDLE_MATERIAL, SCALE_THICKNESS)
                    .toDo("Rub the inside faces flat on granite.").targets(PieceDimensions.SCALE_THICKNESS).readings(PieceDimensions.SCALE_THICKNESS).cautions(spec.handleMaterial().dustCaution()).checks("No light between cover and granite"));
            draft.add(HandleWork.cleanForGlue(spec, "Roughen liner and cover, solvent, do not touch again."));
            draft.add(Operation.at(GLUING, "glue-handle", "Glue the covers to the liners", 25).is(COVERS_LINERS).of(Part.SIDES).shapedBy(ADHESIVE).clears(Condition.CLEANED).sets(Condition.WET_GLUE)
                    .toDo("Mix exactly as the maker says; thin and even; clamp flat; the pivot holes stay clean.").targets(PieceDimensions.ADHESIVE_WORKING).readings(PieceDimensions.SHOP_TEMPERATURE).cautions(EPOXY).checks("Holes are clean"));
            draft.add(HandleWork.cure(spec));
        }
        draft.add(shapeSides());
    }

    private Operation.Builder shapeSides() {
        return Operation.at(GRINDER, "shape-sides", "Shape the sides", 80).is(SHAPES_OFF_KNIFE).of(Part.SIDES).shapedBy(HANDLE_MATERIAL).shapedBy(HANDLE_OUTLINE)
                .toDo("As a pair on pins: profile, then contour.").cautions(spec.handleMaterial().dustCaution()).checks("Both sides alike");
    }

    private void frameLock() {
        draft.add(Operation.at(MILL, "make-sides", "Mill the plates", 90).is(MAKES_SIDES).of(Part.SIDES).shapedBy(PLATE_THICKNESS, PIVOT_DIAMETER, HANDLE_LENGTH)
                .toDo("Lock side of titanium: it springs back, hardened steel cracks. Measure the plate and enter it.").targets(PieceDimensions.PLATE_THICKNESS).readings(PieceDimensions.PLATE_THICKNESS)
                .cautions(TITANIUM).checks("Both plates alike"));
        draft.add(Operation.at(MILL, "cut-bearing-pockets", "Cut the bearing pockets", 40).is(CUTS_BEARING_POCKETS).of(Part.SIDES).shapedBy(POCKETS, WASHER_THICKNESS, BALL_DIAMETER, ACTION_CLEARANCE, PLATE_THICKNESS)
                .toDo("Concentric with the pivot; counterbore slightly over the bearing.", "Measure the depth and enter it.").targets(PieceDimensions.BEARING_POCKET, PieceDimensions.PIVOT_ROOM).readings(PieceDimensions.BEARING_POCKET).makes(PieceDimensions.BEARING_POCKET)
                .cautions(TITANIUM).checks("Both pockets of one depth", "Stops and angles of the set-up are written down for the other side and the next knife"));
        draft.add(Operation.at(MILL, "make-back-spacer", "Make the back spacer", 40).is(MAKES_BACK_SPACER).of(Part.BACK_SPACER).shapedBy(ACTION_CLEARANCE)
                .toDo("To the blade as it was measured after the last grinding pass.").targets(PieceDimensions.BACK_SPACER).makes(PieceDimensions.BACK_SPACER).checks("Parallel, both faces"));
        draft.add(Operation.at(MILL, "cut-lock-bar", "Cut the lock bar", 40).is(CUTS_LOCK_BAR).of(Part.SIDES).shapedBy(PLATE_THICKNESS)
                .toDo("Thin the bar where it bends, then the slot; leave the lock face long.").cautions(TITANIUM).checks("No step at the bend"));
        draft.add(Operation.at(FITTING, "bend-lock-bar", "Bend the lock bar", 15).is(BENDS_LOCK_BAR).of(Part.SIDES)
                .toDo("Past where it has to stand: titanium springs back.").checks("It presses on the blade's side"));
        draft.add(Operation.at(FITTING, "fit-lock", "Fit the lock face", 60).is(FITS_LOCK, NEEDS_TEMPERED).of(Part.SIDES)
                .toDo("A little at a time on the lock bar, until it engages the first third of the tang.").checks("Engages the first third", "No play up or down"));
        draft.add(shapeSides());
    }
}
