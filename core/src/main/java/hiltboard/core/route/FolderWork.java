package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.EPOXY;
import static hiltboard.core.route.Cautions.TITANIUM;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Hand;
import hiltboard.core.design.Specification;
import java.time.Duration;
import java.util.Locale;

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
            draft.add(Operation.at(
                            MILL, "mill-blade-pocket", "Mill the blade's bearing pockets", Effort.MILL_BLADE_POCKET)
                    .is(CUTS_BLADE_POCKET, FILES_SOFT_STEEL)
                    .shapedBy(POCKETS, BALL_DIAMETER, ACTION_CLEARANCE)
                    .toDo("Concentric with the pivot, both sides alike, before it is hard.")
                    .targets(PieceDimensions.BLADE_POCKET)
                    .makes(PieceDimensions.BLADE_POCKET)
                    .checks("Both sides are alike."));
        }
    }

    static void heat(Draft draft) {
        if (draft.spec.isSlipJoint()) {
            new FolderWork(draft).springHeat();
        }
    }

    private void springHeat() {
        String steel = spec.springSteel().designation();
        boolean isAir = spec.springSteel().isAirHardening();
        draft.add(Operation.at(KILN, "harden-spring", "Harden the spring", Effort.HARDEN_SPRING)
                .is(HARDENS_SPRING)
                .of(Part.SPRING)
                .shapedBy(SPRING_STEEL)
                .toDo("A heat of its own, as " + steel + " asks"
                        + (isAir
                                ? ": in foil, then between cold plates with air."
                                : ": " + spec.springSteel().quench().words()
                                        + ", wholly under, on edge so that it stays straight."))
                .targets(PieceDimensions.SPRING_HARDENING)
                .cautions(spec.springSteel().quench().cautions(false), Cautions.UNTEMPERED)
                .checks("A file skates on it.", "It is straight."));
        draft.add(
                Operation.at(KILN, "temper-spring", "Temper the spring", Effort.TEMPER_SPRING)
                        .is(TEMPERS_SPRING)
                        .of(Part.SPRING)
                        .shapedBy(SPRING_STEEL)
                        .rest(Duration.ofHours(1), "tempering")
                        .toDo("Hotter than the blade, to 46 to 52 HRC: it has to bend and come back.")
                        .targets(PieceDimensions.SPRING_TEMPERING, PieceDimensions.SPRING_HARDNESS)
                        .checks(
                                "It bends a little and comes back: one that stays bent is too soft, one that clicks or cracks too hard."));
    }

    static void assemble(Draft draft) {
        FolderWork work = new FolderWork(draft);
        HandleWork.fillVoids(draft);
        if (draft.spec.isSlipJoint()) {
            work.slipJoint();
        } else {
            work.frameLock();
        }
        work.close();
        HandleWork.finish(draft);
    }

    private void close() {
        draft.add(Operation.at(FITTING, "try-action", "Try the action on temporary pins", Effort.TRY_ACTION)
                .is(TRIES_ACTION, NEEDS_TEMPERED, GRIPS_BLADE)
                .of(Part.SIDES)
                .toDo(
                        "Open, half, closed: centred, no rub, no shake.",
                        spec.isSlipJoint()
                                ? "Close it on a strip of paper over the spring: the paper comes out uncut, the edge is clear "
                                        + "of the spring."
                                : "Close it slowly: the ball falls into its hole and draws the blade shut; shake it, and it stays shut.")
                .checks(
                        "The blade stands centred when it is closed.",
                        "Nothing rubs on either side; where it does, the trace of oil shows where.",
                        spec.isSlipJoint()
                                ? "Closed, the edge is clear of the spring."
                                : "Closed it stays shut, open it locks without play."));
        draft.add(Operation.at(FITTING, "close-folder", "Put it together for good", Effort.CLOSE_FOLDER)
                .is(CLOSES_FOLDER, ASSEMBLES, GRIPS_BLADE)
                .of(Part.SIDES)
                .toDo(
                        "Every screw, pin and cover in the order in which the next part does not hide it: inner pins flat first, covers "
                                + "screwed from inside before the blade is in.",
                        "Snip screw ends before the blade goes in: an end that stands out scratches it.",
                        spec.isSlipJoint()
                                ? "Peen the pivot a little at a time, trying the action."
                                : "Thread lock only on the outside screws.")
                .cautions("Keep the fingers out of the blade's way.", "Snipped ends fly: goggles.")
                .checks("The action is the same as on trial.")
                .sets(Condition.HANDLED)
                .leaves(State.HANDLED));
    }

    private String nickSide() {
        return spec.hand() == Hand.LEFT
                ? "On the right face, for a left thumb."
                : spec.hand() == Hand.EITHER
                        ? "On the side that was agreed, or on both."
                        : "On the left face, for a right thumb.";
    }

    private void softSlipJoint() {
        draft.add(Operation.at(DRILL, "make-spring", "Make the spring, soft", Effort.MAKE_SPRING)
                .is(MAKES_SPRING)
                .of(Part.SPRING)
                .shapedBy(BLADE_LENGTH, HANDLE_LENGTH, SPRING_STEEL)
                .toDo(
                        "Profile and drill the spring and its seat while it is soft; what is carved or filed into it, now: a hard spring "
                                + "breaks small drills, and in the knife it cannot be reached.")
                .targets(PieceDimensions.SPRING_THICKNESS)
                .makes(PieceDimensions.SPRING_THICKNESS)
                .checks(
                        "The pins go through by hand.",
                        "Its grade is written on it: " + spec.springSteel().designation() + "."));
        draft.add(Operation.at(FILING, "file-spring-notch", "File kick and spring notch", Effort.FILE_SPRING_NOTCH)
                .is(FILES_SOFT_STEEL)
                .shapedBy(CONSTRUCTION)
                .toDo(
                        "Square to the blade's face; leave a little for the fit after hardening.",
                        "The kick stays high: it alone holds the edge off the spring when the knife is closed.")
                .checks("Notch and kick are square to the face."));
        draft.add(Operation.at(MILL, "cut-nail-nick", "Cut the nail nick", Effort.CUT_NICK)
                .is(CUTS_NICK, FILES_SOFT_STEEL)
                .shapedBy(NICK_DEPTH, HAND)
                .toDo(
                        nickSide(),
                        "Deeper than what the bevel takes off there and what a nail needs, shallower than what breaks through.",
                        "Measure the depth and enter it.",
                        "Lay it on the granite plate: a lip that the cutter raised is tapped flat now, or it is ground uneven.")
                .targets(PieceDimensions.NICK_DEPTH, PieceDimensions.NICK_LEAST, PieceDimensions.NICK_MOST)
                .readings(PieceDimensions.NICK_DEPTH)
                .checks(
                        "The cutter was sharp: it raised no thick lip.",
                        "The blade lies flat on granite: no lip stands up.",
                        "A nail catches in it."));
    }

    private void slipJoint() {
        String what = spec.hasLiners() ? "Make the liners" : "Mill the sides";
        draft.add(Operation.at(MILL, "make-sides", what, Effort.MAKE_SIDES)
                .is(MAKES_SIDES)
                .of(Part.SIDES)
                .shapedBy(SIDES, LINER_THICKNESS, PIVOT_DIAMETER, HANDLE_LENGTH)
                .toDo("Drilled as a pair, the blade's pivot hole and the spring as guide; covers are shaped to this "
                        + "template, their holes "
                        + "drilled through it.")
                .cautions(spec.hasLiners() ? "" : spec.handleMaterial().dustCaution())
                .checks("Both sides are alike."));
        draft.add(Operation.at(MILL, "relieve-sides", "Relieve the insides around the pivot", Effort.RELIEVE_SIDES)
                .is(RELIEVES_PIVOT)
                .of(Part.SIDES)
                .shapedBy(SIDES, PIVOT_DIAMETER)
                .toDo(
                        "Mark the tang's and the kick's limits open and closed first.",
                        "Centre the rotary table under the spindle with a pin in the pivot hole, then go out by the cutter's way.",
                        "From spring seat to kick, leaving a ring like a washer; the same cutter for both sides and every copy.")
                .targets(PieceDimensions.PIVOT_RELIEF, PieceDimensions.RELIEF_OFFSET)
                .makes(PieceDimensions.PIVOT_RELIEF)
                .cautions(Cautions.CLIMB)
                .checks(
                        "Both sides are alike.",
                        "The ring is whole.",
                        "Stops and angles of the set-up are written down for the other side and the next knife."));
        draft.add(Operation.at(FITTING, "fit-spring", "Fit the spring", Effort.FIT_SPRING)
                .is(FITS_SPRING, NEEDS_TEMPERED)
                .of(Part.SPRING)
                .toDo(
                        "Stone kick and notch until spring and back are flush open, half and closed; of the kick only as much as keeps the "
                                + "edge clear of the spring.")
                .cautions("Eyes: a spring under load flies.")
                .checks(
                        "Spring and back are flush open, half and closed.",
                        "Closed, the edge is clear of the spring."));
        if (spec.hasLiners()) {
            draft.add(Operation.at(GRINDER, "flatten-scales", "Flatten the covers' insides", Effort.FLATTEN_SCALES)
                    .is(FLATTENS_SCALES)
                    .of(Part.SIDES)
                    .shapedBy(HANDLE_MATERIAL, SCALE_THICKNESS)
                    .toDo(
                            "Rub the inside faces flat on granite.",
                            spec.handleMaterial().sawing())
                    .targets(PieceDimensions.SCALE_THICKNESS)
                    .readings(PieceDimensions.SCALE_THICKNESS)
                    .cautions(spec.handleMaterial().dustCaution())
                    .checks("No light shows between cover and granite."));
            draft.add(HandleWork.cleanForGlue(spec, "Roughen liner and cover; solvent; do not touch them again."));
            draft.add(Operation.at(GLUING, "glue-handle", "Glue the covers to the liners", Effort.GLUE_COVERS)
                    .is(COVERS_LINERS)
                    .of(Part.SIDES)
                    .shapedBy(ADHESIVE)
                    .clears(Condition.CLEANED)
                    .sets(Condition.WET_GLUE)
                    .toDo(
                            "Read the thermometer at the bench and enter it: warmth shortens every time.",
                            "Mix exactly as its maker says; thin and even; clamp flat; the pivot holes stay clean.")
                    .targets(PieceDimensions.ADHESIVE_WORKING)
                    .readings(PieceDimensions.SHOP_TEMPERATURE)
                    .cautions(EPOXY)
                    .checks("The holes are clean."));
            draft.add(HandleWork.cure(spec));
        }
        draft.add(shapeSides());
    }

    private Operation.Builder shapeSides() {
        return Operation.at(GRINDER, "shape-sides", "Shape the sides", Effort.SHAPE_SIDES)
                .is(SHAPES_OFF_KNIFE)
                .of(Part.SIDES)
                .shapedBy(HANDLE_MATERIAL)
                .shapedBy(HANDLE_OUTLINE)
                .toDo("As a pair on pins, the frame as template: profile, then contour.")
                .cautions(spec.handleMaterial().dustCaution())
                .checks("Both sides are alike.", "They are flush with the frame.");
    }

    private void frameLock() {
        String lockSide = spec.hand() == Hand.LEFT
                ? "The lock bar goes into the right plate, for a left thumb."
                : "The lock bar goes into the left plate, for a right thumb.";
        draft.add(Operation.at(MILL, "make-sides", "Mill the plates", Effort.MAKE_PLATES)
                .is(MAKES_SIDES)
                .of(Part.SIDES)
                .shapedBy(PLATE_THICKNESS, PIVOT_DIAMETER, HANDLE_LENGTH, HAND)
                .toDo(
                        spec.hand() == Hand.EITHER ? "" : lockSide,
                        "Pivot, stop pin and screws from one table, mirrored for the second plate.",
                        "Lock side of titanium: it springs back, hardened steel cracks. Measure the plate and enter it.")
                .targets(PieceDimensions.PLATE_THICKNESS)
                .readings(PieceDimensions.PLATE_THICKNESS)
                .cautions(TITANIUM)
                .checks("Both plates are alike."));
        draft.add(Operation.at(MILL, "cut-bearing-pockets", "Cut the bearing pockets", Effort.CUT_BEARING_POCKETS)
                .is(CUTS_BEARING_POCKETS)
                .of(Part.SIDES)
                .shapedBy(POCKETS, WASHER_THICKNESS, BALL_DIAMETER, ACTION_CLEARANCE, PLATE_THICKNESS)
                .toDo(
                        "Concentric with the pivot; counterbore slightly over the bearing.",
                        "Washer and balls both go in: a pocket for the washer alone leaves a gap as wide as the ball.",
                        "Measure the depth and enter it.")
                .targets(PieceDimensions.BEARING_POCKET, PieceDimensions.PIVOT_ROOM)
                .readings(PieceDimensions.BEARING_POCKET)
                .makes(PieceDimensions.BEARING_POCKET)
                .cautions(TITANIUM)
                .checks(
                        "Both pockets are of one depth, and the washer lies flush as planned.",
                        "Stops and angles of the set-up are written down for the other side and the next knife."));
        draft.add(Operation.at(MILL, "make-back-spacer", "Make the back spacer", Effort.MAKE_BACK_SPACER)
                .is(MAKES_BACK_SPACER)
                .of(Part.BACK_SPACER)
                .shapedBy(ACTION_CLEARANCE)
                .toDo("To the blade as it was measured after the last grinding pass.")
                .targets(PieceDimensions.BACK_SPACER)
                .makes(PieceDimensions.BACK_SPACER)
                .checks("Both faces are parallel."));
        draft.add(Operation.at(MILL, "cut-lock-bar", "Cut the lock bar", Effort.CUT_LOCK_BAR)
                .is(CUTS_LOCK_BAR)
                .of(Part.SIDES)
                .shapedBy(PLATE_THICKNESS, HAND)
                .toDo("Thin the bar where it bends, then the slot; leave the lock face long.")
                .cautions(TITANIUM)
                .checks("There is no step at the bend."));
        draft.add(Operation.at(FITTING, "bend-lock-bar", "Bend the lock bar", Effort.BEND_LOCK_BAR)
                .is(BENDS_LOCK_BAR)
                .of(Part.SIDES)
                .toDo("Past where it has to stand: titanium springs back.")
                .checks("It presses on the blade's side."));
        draft.add(
                Operation.at(DRILL, "press-detent-ball", "Press the detent ball into the bar", Effort.PRESS_DETENT_BALL)
                        .is(PRESSES_DETENT_BALL)
                        .of(Part.SIDES)
                        .shapedBy(PLATE_THICKNESS)
                        .toDo(
                                "Drill the bar for the ball a little under its size, and press it in until about a third stands proud.")
                        .cautions(TITANIUM)
                        .checks("It does not turn, and stands proud evenly."));
        lock();
        draft.add(shapeSides());
    }

    private void lock() {
        draft.add(Operation.at(FITTING, "fit-stop", "Fit the stop pin and its track", Effort.FIT_STOP)
                .is(FITS_STOP, NEEDS_TEMPERED)
                .of(Part.SIDES)
                .toDo(
                        "The stop pin between both plates; grind its track or its two faces on the tang until the blade stops where it was "
                                + "drawn, open and closed.")
                .cautions("Dip it: heat at the tang softens the lock's seat.")
                .checks("Open and closed the blade meets the pin along its whole width."));
        draft.add(Operation.at(FITTING, "fit-lock", "Fit the lock face", Effort.FIT_LOCK)
                .is(FITS_LOCK, NEEDS_TEMPERED)
                .of(Part.SIDES)
                .toDo(
                        "Grind the blade's lock face to the bar, about 7 to 9° (from memory; each lock has its own), then the bar a little "
                                + "at a time, until it engages the first third of the tang.")
                .checks("It engages the first third.", "There is no play up or down, and it does not stick."));
        draft.add(Operation.at(DRILL, "drill-detent", "Drill the detent hole", Effort.DRILL_DETENT)
                .is(DRILLS_DETENT, NEEDS_TEMPERED)
                .toDo(
                        "Close the blade against its stop: the ball has drawn its track on the tang. Mark where it stands, a hair further "
                                + "on, so that the ball falls in and draws the blade shut.",
                        "Hard steel: a solid carbide drill, short, slow, clamped; smaller than the ball.")
                .checks("Closed, the ball falls into the hole and does not reach its bottom."));
        draft.add(Operation.at(FITTING, "over-travel-stop", "Fit the over-travel stop", Effort.FIT_OVER_TRAVEL_STOP)
                .is(STOPS_OVER_TRAVEL)
                .of(Part.SIDES)
                .toDo("A disc or a tab that holds the bar when it is pushed out: over-bent, it loses its spring.")
                .checks("Pushed out, the bar stops before it bends further."));
        draft.add(Operation.at(MILL, "make-clip", "Make and fit the clip", Effort.MAKE_CLIP)
                .is(MAKES_CLIP)
                .of(Part.SIDES)
                .shapedBy(HAND)
                .toDo(
                        spec.hand() == Hand.EITHER
                                ? "Screw holes on both sides, so that it can be changed over."
                                : "For a pocket on the " + spec.hand().words().toLowerCase(Locale.ROOT)
                                        + ", point up or down as was agreed.",
                        "Titanium bends and comes back; hardened steel cracks.")
                .cautions(TITANIUM)
                .checks(
                        "It holds on cloth and lets go again.",
                        "Its screws do not reach the blade, and its plunges match on both sides."));
    }
}
