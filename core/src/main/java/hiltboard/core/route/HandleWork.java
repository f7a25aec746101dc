package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.EPOXY;
import static hiltboard.core.route.Cautions.SOLVENT;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Hand;
import hiltboard.core.design.Specification;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.measure.Units;
import java.time.Duration;

/** Scales, and what joins and shapes any handle of a fixed blade. */
final class HandleWork {
    /** What a finger feels between two parts; common practice of the trade, no published source. */
    private static final String FELT = "0.002 to 0.003 in (0.05 to 0.08 mm)";

    /** Three to five coats of 12 to 24 hours each are usual: four of sixteen; common practice, from memory. */
    private static final Duration OIL_DRIES = Duration.ofHours(64);

    private static final Duration VOIDS_HARDEN = Duration.ofHours(12);

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

    /** Burl has voids, and what is ground into them shows for ever. */
    static void fillVoids(Draft draft) {
        if (draft.spec.handleMaterial() == HandleMaterial.BURL) {
            draft.add(Operation.at(GLUING, "fill-voids", "Fill the voids and let them harden", Effort.FILL_VOIDS)
                    .is(FILLS_VOIDS)
                    .of(draft.spec.isFolder() ? Part.SIDES : Part.HANDLE)
                    .shapedBy(HANDLE_MATERIAL)
                    .rest(VOIDS_HARDEN, "the filling hardens")
                    .toDo(
                            "Blow every void clean, and fill it over the top with resin or cyanoacrylate and dust of the same wood.",
                            "Look again after an hour: what sank is filled once more.")
                    .cautions("Cyanoacrylate gets hot in a mass and on cotton: glasses, fresh air.")
                    .checks("Every void is full and hard to the fingernail."));
        }
    }

    static String shaping(Specification spec) {
        return "Centre lines and a square block first; profile, taper, palm swell, then round"
                + (spec.hand() == Hand.EITHER
                        ? "."
                        : ", for the " + spec.hand().words().toLowerCase(java.util.Locale.ROOT) + " hand.");
    }

    /** Pinned by themselves before any scale is fitted against them. */
    private void bolsters() {
        draft.add(Operation.at(FITTING, "make-bolsters", "Make the bolsters", Effort.MAKE_BOLSTERS)
                .is(MAKES_BOLSTERS)
                .of(Part.HANDLE)
                .shapedBy(SCALE_BOLSTER, SCALE_BOLSTER_MATERIAL, SCALE_BOLSTER_LENGTH, SCALE_THICKNESS)
                .toDo(
                        "Both together, inside faces flat: drill them through the tang’s own holes, one pinned before the "
                                + "other is drilled.",
                        "Shape and polish their fronts to final: nobody reaches them once they are on.",
                        spec.isDovetailed()
                                ? "Cut both backs at " + spec.dovetail().in(Units.INCH_FAHRENHEIT)
                                        + ", leaning over the scale: the scale slides under and is held down."
                                : "Backs square to the tang.",
                        "Taper every hole a little at the outside, so that the peened pin fills it and disappears.")
                .targets(PieceDimensions.BOLSTER_DRILL)
                .makes(PieceDimensions.BOLSTER_DRILL)
                .checks(
                        "Both are of one length, and no light shows under either.",
                        "The fronts are polished to final."));
        draft.add(Operation.at(FITTING, "pin-bolsters", "Pin the bolsters", Effort.PIN_BOLSTERS)
                .is(PINS_BOLSTERS, NEEDS_TEMPERED, GRIPS_BLADE)
                .of(Part.HANDLE)
                .shapedBy(SCALE_BOLSTER, BOLSTER_PIN)
                .toDo(
                        "Pins of the bolsters’ own metal, an eighth of an inch proud at both ends, on a hard flat plate.",
                        "Light blows, both sides in turn, until the taper is full; file flush, and no ring shows.")
                .targets(PieceDimensions.BOLSTER_PIN_LENGTH)
                .checks("No light shows under either, and nothing moves.", "No ring shows around a pin."));
    }

    private void scales() {
        if (spec.hasScaleBolsters()) {
            bolsters();
        }
        fillVoids(draft);
        draft.add(flatten());
        if (spec.hasLinedScales() && spec.isGlued()) {
            draft.add(line());
        }
        if (spec.hasScaleRelief()) {
            draft.add(Operation.at(MILL, "relieve-scales", "Pocket the scales' insides", Effort.RELIEVE_SCALES)
                    .is(RELIEVES_SCALES)
                    .of(Part.HANDLE)
                    .shapedBy(SCALE_RELIEF)
                    .toDo("Leave the rim all round: it takes the pressure.")
                    .targets(PieceDimensions.SCALE_RELIEF_DEPTH, PieceDimensions.SCALE_RELIEF_RIM)
                    .makes(PieceDimensions.SCALE_RELIEF_DEPTH)
                    .cautions(dust)
                    .checks("The rim is whole all round."));
        }
        draft.add(spec.isMachined() ? mill() : drill());
        if (spec.hasCounterbores()) {
            draft.add(Operation.at(MILL, "counterbore-scales", "Counterbore for the fasteners", Effort.COUNTERBORE)
                    .is(COUNTERBORES)
                    .of(Part.HANDLE)
                    .shapedBy(FASTENING, HANDLE_HOLLOW, SCALE_THICKNESS)
                    .toDo(
                            "Zero on the scale's outside face, and measure every depth from there: one depth for all, deeper than the "
                                    + "deepest hollow of the finished handle.")
                    .targets(PieceDimensions.COUNTERBORE_DEPTH, PieceDimensions.COUNTERBORE_LEFT)
                    .readings(PieceDimensions.COUNTERBORE_DEPTH)
                    .cautions(dust)
                    .checks("All are of one depth."));
        }
        draft.add(fronts());
        if (spec.isShapedOnTemporaryPins()) {
            draft.add(Operation.at(FITTING, "pin-temporarily", "Scales on temporary pins", Effort.PIN_TEMPORARILY)
                    .is(PINS_FOR_A_WHILE, NEEDS_TEMPERED, GRIPS_BLADE)
                    .of(Part.HANDLE)
                    .shapedBy(HANDLE_TURN)
                    .toDo("Snug pins that come out again; no adhesive.")
                    .checks("Nothing moves."));
            draft.add(Operation.at(GRINDER, "shape-on-pins", "Shape the handle to about 98 %", Effort.SHAPE_ON_PINS)
                    .is(SHAPES_ON_TEMPORARY_PINS, GRIPS_BLADE)
                    .of(Part.HANDLE)
                    .shapedBy(HANDLE_TURN, HAND)
                    .shapedBy(HANDLE_OUTLINE)
                    .shapedBy(HANDLE_SECTION)
                    .toDo(shaping(spec), "Leave the last sanding.")
                    .cautions(dust)
                    .checks("It lies even in the hand, both sides."));
        }
    }

    private Operation.Builder fronts() {
        Operation.Builder fronts = Operation.at(
                        FINISHING, "finish-fronts", "Finish the scales' fronts", Effort.FINISH_FRONTS)
                .is(FINISHES_FRONTS)
                .of(Part.HANDLE)
                .shapedBy(HANDLE_MATERIAL)
                .cautions(dust)
                .checks("Both fronts match and are polished to final.");
        if (!spec.hasScaleBolsters()) {
            return fronts.toDo("Pin both scales together: shape, sand to final, polish.");
        }
        if (spec.isDovetailed()) {
            fronts.targets(PieceDimensions.DOVETAIL_UNDERCUT);
        }
        return fronts.toDo("Fit both fronts against the pinned bolsters"
                + (spec.isDovetailed() ? ", undercut as the number below," : "")
                + " until no light shows; then no more.");
    }

    private Operation.Builder flatten() {
        return Operation.at(GRINDER, "flatten-scales", "Flatten the scales' insides", Effort.FLATTEN_SCALES)
                .is(FLATTENS_SCALES)
                .of(Part.HANDLE)
                .shapedBy(HANDLE_MATERIAL, SCALE_THICKNESS)
                .toDo(
                        spec.isMachined()
                                ? "Saw the blanks a little over the outline."
                                : "Trace the tang, and saw both scales a little over the line, off the knife: room for a slip, and "
                                        + "no saw near "
                                        + "the blade.",
                        "Rub the inside faces flat on granite.",
                        spec.hasLinedScales() && !spec.isGlued()
                                ? "Cut a liner to each scale: it is drilled with it, and screwed on under it."
                                : "",
                        spec.handleMaterial().sawing())
                .targets(PieceDimensions.SCALE_THICKNESS)
                .readings(PieceDimensions.SCALE_THICKNESS)
                .cautions(dust)
                .checks(
                        "No light shows between scale and granite.",
                        "Scale and tang touch all over: " + FELT + " is felt, and goes to the belt again.");
    }

    /** Glued on first and drilled as one: a loose liner creeps while the handle is glued. */
    private Operation.Builder line() {
        return Operation.at(GLUING, "line-scales", "Glue the liners to the scales", Effort.LINE_SCALES)
                .is(LINES_SCALES)
                .of(Part.HANDLE)
                .shapedBy(SCALE_LINER, SCALE_LINER_MATERIAL, SCALE_LINER_THICKNESS, ADHESIVE)
                .rest(PieceDimensions.ADHESIVE_CURES, spec.adhesive().usualCure(), "curing under weight")
                .toDo(
                        "Cut both a little over the scale; roughen both faces, solvent, and do not touch them again.",
                        "Mix exactly as its maker says; thin and even; flat on granite under weight, release film on both sides.",
                        "Rub the liner’s face flat when it is hard, and measure scale and liner together.")
                .targets(PieceDimensions.SCALE_LINER, PieceDimensions.LINED_SCALE, PieceDimensions.ADHESIVE_WORKING)
                .readings(PieceDimensions.LINED_SCALE)
                .cautions(EPOXY, dust)
                .checks("No line of adhesive shows at the edge.", "No light shows between liner and granite.");
    }

    private Operation.Builder drill() {
        return Operation.at(DRILL, "drill-scales", "Drill the scales through the tang", Effort.DRILL_SCALES)
                .is(DRILLS_SCALES, NEEDS_TEMPERED)
                .of(Part.HANDLE)
                .shapedBy(PIN_COUNT, PIN_DIAMETER, FASTENING)
                .toDo(
                        "The tang is the guide: one scale, pins in, then the other.",
                        spec.handleMaterial().drilling(),
                        "Measure a hole and enter it: the pin must not meet two sizes.")
                .targets(PieceDimensions.SCALE_DRILL)
                .readings(PieceDimensions.SCALE_HOLE)
                .makes(PieceDimensions.SCALE_DRILL)
                .cautions(dust, Cautions.FLUTES)
                .checks("The pins go through scale, tang and scale by hand.");
    }

    private Operation.Builder mill() {
        return Operation.at(MILL, "drill-scales", "Mill the scales from the hole table", Effort.MILL_SCALES)
                .is(MILLS_SCALES)
                .of(Part.HANDLE)
                .shapedBy(PIN_COUNT, PIN_DIAMETER, FASTENING)
                .shapedBy(HANDLE_OUTLINE)
                .toDo(
                        "In their own fixture, by the same table as the tang, mirrored for the second: any scale fits any tang.",
                        "What lies inside first; outline and outside last, or nothing is left to hold it by.",
                        "Rough, then the finishing pass.",
                        spec.handleMaterial().drilling(),
                        "Measure a hole and enter it: the pin must not meet two sizes.")
                .targets(PieceDimensions.SCALE_DRILL)
                .readings(PieceDimensions.SCALE_HOLE)
                .makes(PieceDimensions.SCALE_DRILL)
                .cautions(dust, Cautions.CLIMB)
                .checks(
                        "The scale lies on the tang without wiggle: where it wiggles, there is dirt or a burr under it.",
                        "Any scale of the batch fits this tang within " + FELT + ".");
    }

    private void join() {
        if (spec.isPinned()) {
            draft.add(Operation.at(FITTING, "cut-pins", "Cut and scuff the pins", Effort.CUT_PINS)
                    .is(CUTS_PINS)
                    .of(Part.HANDLE)
                    .shapedBy(PIN_COUNT, PIN_DIAMETER, FASTENING, SCALE_THICKNESS)
                    .toDo(
                            "Saw the pins to length, chamfer both ends, and scuff them lengthwise: adhesive does not hold on drawn metal.",
                            spec.hasLanyardTube() ? "The tube too; flare or leave it proud." : "")
                    .targets(PieceDimensions.PIN_LENGTH)
                    .makes(PieceDimensions.PIN_LENGTH)
                    .checks("Every pin goes through by hand, and is scuffed all round."));
        }
        draft.add(Operation.at(GLUING, "dry-fit", "Dry fit", Effort.DRY_FIT)
                .is(DRY_FITS, NEEDS_TEMPERED, GRIPS_BLADE)
                .of(Part.HANDLE)
                .toDo("All parts, pins and clamps, without adhesive; look for light.")
                .checks("No light shows anywhere.", "Clamps and swabs lie ready."));
        if (spec.isGlued()) {
            glue();
        } else {
            draft.add(Operation.at(
                            FITTING,
                            "assemble-handle",
                            spec.isTakeDown() ? "Draw it together with the nut" : "Screw the scales on",
                            Effort.ASSEMBLE_HANDLE)
                    .is(ASSEMBLES, GRIPS_BLADE)
                    .of(Part.HANDLE)
                    .toDo(
                            spec.isTakeDown()
                                    ? "Stack in order, nut by hand, then a quarter turn."
                                    : "Standoffs in, scales on, screws in turn, by hand: a driver set too hard pulls heads through.")
                    .checks("Nothing rocks.", "It comes apart again.")
                    .sets(Condition.HANDLED)
                    .leaves(State.HANDLED));
        }
    }

    private void glue() {
        draft.add(
                cleanForGlue(
                        spec,
                        spec.hasScales()
                                ? "Roughen both faces; solvent on faces, tang and pins; do not touch them again."
                                : "Notch the tang where no pin holds it, roughen it and the walls; solvent; do not touch them again."));
        Operation.Builder glue = Operation.at(GLUING, "glue-handle", "Glue the handle", Effort.GLUE_HANDLE)
                .is(GLUES_HANDLE, GRIPS_BLADE)
                .of(Part.HANDLE)
                .shapedBy(ADHESIVE, FASTENING, HELD_BY)
                .toDo("Mix exactly as its maker says; coat both faces; clamp without starving the joint.")
                .cautions(EPOXY, "A clamp that slips or a rubber band that snaps flies: glasses, face aside.")
                .checks(
                        "Clamps and rubber bands are sound: no band is cracked with age.",
                        "Adhesive has come out all round.")
                .clears(Condition.CLEANED)
                .sets(Condition.WET_GLUE, Condition.HANDLED)
                .leaves(State.HANDLED);
        glue.targets(PieceDimensions.ADHESIVE_WORKING);
        if (!spec.isBedded()) {
            glue.toDo("Read the thermometer at the bench and enter it: warmth shortens every time.")
                    .readings(PieceDimensions.SHOP_TEMPERATURE);
        }
        if (spec.hasShoulderedFasteners()) {
            glue.toDo(
                    "Adhesive on the threads and one nut pressed in; coat the first scale, then the second and its counterbores, then "
                            + "the tang; screw them together gently by hand: a driver squeezes the joint dry.");
        } else if (spec.hasScales()) {
            glue.toDo(
                    "Where pins are mosaic: turn both ends to the same pattern, and compare two pins, before it grips.");
        }
        draft.add(glue);
        if (spec.isPeened()) {
            draft.add(Operation.at(FITTING, "peen-tang", "Peen the tang over the cap", Effort.PEEN_TANG)
                    .is(PEENS, NEEDS_TEMPERED, GRIPS_BLADE)
                    .of(Part.HANDLE)
                    .shapedBy(HELD_BY)
                    .toDo(
                            "Blade wrapped in a padded vice, light blows from the middle outwards while the adhesive is wet.")
                    .cautions("Eyes: peening throws chips.")
                    .checks("The head fills its countersink."));
        }
        draft.add(Operation.at(GLUING, "clean-squeeze-out", "Squeeze-out off the front", Effort.CLEAN_SQUEEZE_OUT)
                .is(CLEANS_SQUEEZE_OUT)
                .of(Part.HANDLE)
                .toDo("Swab the front while it is wet; look again after ten minutes.")
                .cautions(SOLVENT)
                .checks("The front is clean."));
        draft.add(cure(spec));
    }

    static Operation.Builder cleanForGlue(Specification spec, String how) {
        return Operation.at(GLUING, "clean-for-glue", "Roughen and degrease", Effort.CLEAN_FOR_GLUE)
                .is(CLEANS_FOR_GLUE)
                .of(Part.HANDLE)
                .shapedBy(HANDLE_MATERIAL)
                .sets(Condition.CLEANED)
                .toDo(how)
                .cautions(SOLVENT, spec.handleMaterial().gluing())
                .checks("A clean rag stays clean on both faces.");
    }

    static Operation.Builder cure(Specification spec) {
        return Operation.at(GLUING, "cure-handle", "Let the adhesive cure", Effort.CURE_HANDLE)
                .is(CURES_HANDLE)
                .of(Part.HANDLE)
                .shapedBy(ADHESIVE)
                .clears(Condition.WET_GLUE)
                .sets(Condition.GLUED)
                .rest(PieceDimensions.ADHESIVE_CURES, spec.adhesive().usualCure(), "curing")
                .toDo("Leave it in the clamps: in a cold shop it takes longer.")
                .targets(PieceDimensions.ADHESIVE_CURES)
                .checks("The rest in the cup is hard.");
    }

    private void shape() {
        if (!spec.isBedded()) {
            boolean isNearlyDone = spec.isShapedOnTemporaryPins() || spec.isMachined();
            draft.add(Operation.at(
                            GRINDER,
                            "shape-handle",
                            isNearlyDone ? "Touch up the handle" : "Shape the handle",
                            isNearlyDone ? Effort.TOUCH_UP_HANDLE : Effort.SHAPE_HANDLE)
                    .is(SHAPES_HANDLE_ON_KNIFE, GRIPS_BLADE)
                    .of(Part.HANDLE)
                    .shapedBy(HANDLE_MATERIAL, HANDLE_TURN, HAND)
                    .shapedBy(HANDLE_OUTLINE)
                    .shapedBy(HANDLE_SECTION)
                    .toDo(
                            spec.isMachined()
                                    ? "Only the edges of scale and tang, flush and even."
                                    : isNearlyDone
                                            ? "Only the last two per cent: pins level, scale and tang flush."
                                            : shaping(spec),
                            "Change to 220 before the belt touches tang or guard: coarser belts leave scratches along the steel.")
                    .cautions(dust)
                    .checks("It lies even in the hand, both sides.", "No deep scratch runs along the tang."));
        }
        finish(draft);
    }

    /** The surface of any handle: sanded, then closed as its material or the job asks. */
    static void finish(Draft draft) {
        Specification spec = draft.spec;
        String what = spec.isAxe() ? "haft" : "handle";
        draft.add(Operation.at(
                        FINISHING,
                        "sand-handle",
                        "Sand the " + what,
                        spec.isAxe() ? Effort.SAND_HAFT : Effort.SAND_HANDLE)
                .is(SANDS_HANDLE, GRIPS_BLADE)
                .of(Part.HANDLE)
                .shapedBy(HANDLE_MATERIAL)
                .toDo(
                        spec.isAxe()
                                ? ""
                                : "Hard backing first over metal in wood, or the wood dips; a soft one only for the last grit.",
                        "Each grit across the last scratches, to "
                                + spec.handleMaterial().finalGrit() + ".",
                        "Ease the butt's corners and every edge that the hand meets.")
                .cautions(spec.handleMaterial().dustCaution())
                .checks(
                        "No scratch shows in low light" + (spec.isAxe() ? "." : ", and no dip at the pins."),
                        "No edge bites the hand."));
        Operation.Builder finish = switch (spec.handleFinish()) {
            case OIL ->
                finish("Oil the " + what, Effort.OIL_HANDLE)
                        .rest(OIL_DRIES, "three to five coats drying, 12 to 24 hours each")
                        .toDo(
                                "Thin coats of oil, wiped off after a quarter of an hour, each dry before the next; the end grain twice.")
                        .cautions(
                                "Oily rags catch fire by themselves: spread them out to dry, or put them under water.")
                        .checks("It is dry to the hand.");
            case WAX ->
                finish("Wax the " + what, Effort.WAX_HANDLE)
                        .toDo("Rub it in warm by hand, let it haze, wipe away from the edge.")
                        .cautions("Rub away from the edge: a rag hides it.")
                        .checks("No wax stands in corners.");
            case CYANOACRYLATE ->
                finish("Close the " + what + " with cyanoacrylate", Effort.CLOSE_HANDLE)
                        .rest(Duration.ofHours(1), "hardening")
                        .toDo("Thin coats, hard between; sand it back wet until no pore is open.")
                        .cautions(
                                "Cyanoacrylate: glasses, fresh air; on cotton it gets hot enough to smoke; it glues skin.")
                        .checks("It is even: no pore and no white spot.");
            case BUFF ->
                finish("Buff the " + what, Effort.BUFF_HANDLE)
                        .toDo(
                                "Buff lightly and look: deep scratches show only now. Where one shows, go back a couple of "
                                        + "grits, then buff "
                                        + "again.")
                        .cautions(Cautions.BUFFER)
                        .checks("No scratch that the first buffing showed is left.");
            case AS_SANDED, BY_MATERIAL ->
                finish("Wipe the " + what + " down", Effort.WIPE_HANDLE)
                        .toDo("Clean it of dust with a damp cloth; look at it in low light.")
                        .checks("It is clean, even in low light.");
        };
        draft.add(finish);
    }

    private static Operation.Builder finish(String title, Effort effort) {
        return Operation.at(FINISHING, "finish-handle", title, effort)
                .is(FINISHES_HANDLE, GRIPS_BLADE)
                .of(Part.HANDLE)
                .shapedBy(HANDLE_MATERIAL, HANDLE_FINISH);
    }
}
