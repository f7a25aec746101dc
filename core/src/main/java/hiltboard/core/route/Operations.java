package hiltboard.core.route;

import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.Finish;
import hiltboard.core.design.Mark;
import hiltboard.core.design.Notches;
import hiltboard.core.design.SheathKind;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.material.Steel;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** The work that a specification asks for. Which operations, not in which order: that is for the rules. Times are usual ones. */
public final class Operations {
    /** Stands under every list of cautions. */
    public static final String CAUTIONS_DEFER =
            "Usual cautions only: the material's safety sheet, local rules and licensed practice come first.";

    private static final String EYES_LUNGS = "Eyes and lungs: glasses, mask, extraction. Hair and sleeves away.";
    private static final String DRILLING = "Clamp the work and give it a stop; key out of the chuck; no gloves at a turning tool.";
    private static final String UNTEMPERED = "Untempered steel is brittle like glass: drop nothing, hammer nothing, cover the eyes.";
    private static final String EPOXY = "Epoxy: gloves, fresh air; a large mass in the cup gets hot by itself.";
    private static final String SOLVENT = "Solvent: fumes and fire; away from sparks and flames.";
    private static final String FERRIC = "Ferric chloride: goggles, gloves; never down the drain, collect it as waste.";
    private static final String SHARP = "From here on it is a sharp object: wrap the edge whenever it is put down.";

    private final Specification spec;
    private final Place place;
    private final List<Operation> operations = new ArrayList<>();

    private Operations(Specification spec, Place place) {
        this.spec = spec;
        this.place = place;
    }

    /** The operations for one piece; between those that no rule orders, the usual habit of a shop. */
    public static List<Operation> of(Specification spec, Place place) {
        Operations work = new Operations(spec, place);
        work.design();
        work.softWork();
        work.heat();
        work.grinding();
        if (spec.isHiddenTang()) {
            work.guard();
        }
        work.bladeFinish();
        if (spec.isFullTang()) {
            work.scales();
        } else {
            work.hiddenTangHandle();
        }
        work.glue();
        work.handleShape();
        if (spec.sheath() == SheathKind.LEATHER) {
            work.sheath();
        }
        work.edgeAndHandOver();
        return List.copyOf(work.operations);
    }

    private void add(Operation.Builder operation) {
        operations.add(operation.done());
    }

    private void design() {
        add(Operation.at(TABLE, "approve-outline", "Client approves the outline", 15).is(APPROVES)
                .toDo("Show the drawing and the agreed numbers beside what was asked.", "Say what was changed and why.")
                .checks("The client has said yes to this drawing"));
        if (place != Place.ALONE) {
            add(Operation.at(LAYOUT, "number-piece", "Number the piece", 5).is(NUMBERS)
                    .toDo("Punch or engrave the number where the handle will hide it.", "Keep the same slot in every rack and load.")
                    .checks("The number can be read on the steel"));
        }
        if (place == Place.LATER_OF_BATCH) {
            add(Operation.at(TABLE, "see-first-piece", "See the proved first piece", 5).is(SEES_FIRST)
                    .toDo("Take the proved first piece in hand and read what it changed.")
                    .checks("What the first piece taught is known"));
        }
        add(Operation.at(LAYOUT, "choose-stock", "Choose and measure the bar", 10).is(MEASURES_STOCK)
                .toDo("Look for bends, pits and cracks.", "Measure the thickness at three places and enter the middle one.")
                .targets(PieceDimensions.STOCK_THICKNESS).readings(PieceDimensions.STOCK_THICKNESS)
                .checks("The grade is marked on the bar: " + spec.steel().designation()));
        add(Operation.at(LAYOUT, "lay-out", "Lay out outline and holes", 20).is(LAYS_OUT)
                .toDo("Paint with layout blue.", "Scribe outline and hole centres, and mark the holes by hand as a check on the numbers.")
                .checks("Outline lies inside the bar with room for the saw", "Hole centres checked against the drawing"));
    }

    private void softWork() {
        if (spec.isFullTang()) {
            int holes = spec.count(SpecificationField.PIN_COUNT);
            add(Operation.at(DRILL, "drill-tang-holes", "Drill the pin holes", 15 + 5 * holes).is(MAKES_TANG_HOLES, CUTS_STEEL)
                    .toDo("Measure the pin itself, not its label.", "Centre-punch and drill " + holes + (holes == 1 ? " hole." : " holes.") , "Chamfer both sides; a few blind divots give the adhesive grip.")
                    .targets(PieceDimensions.PIN_DIAMETER, PieceDimensions.PIN_DRILL).readings(PieceDimensions.PIN_DIAMETER).makes(PieceDimensions.PIN_DRILL)
                    .cautions(DRILLING).checks("A pin goes through every hole by hand"));
        }
        add(Operation.at(GRINDER, "profile", "Cut and grind the profile", 45).is(PROFILES, CUTS_STEEL)
                .toDo("Saw outside the line, grind to it.", "Square edges; keep the steel cool enough to hold.")
                .cautions(EYES_LUNGS).checks("Ground to the scribed line all round").leaves(State.PROFILED));
        if (spec.isHiddenTang()) {
            add(Operation.at(FILING, "file-shoulders", "File shoulders and tang", 45).is(FILES_SOFT_STEEL)
                    .toDo("Clamp the carbide-faced file guide at the shoulder line.", "File both shoulders into one plane; round the inside corners; taper the tang a little.")
                    .targets(PieceDimensions.TANG_WIDTH)
                    .checks("Both shoulders lie in one plane", "Inside corners are rounded, not nicked"));
        }
        if (spec.notches() != Notches.NONE) {
            add(Operation.at(FILING, "file-choil", "File the choil", 15).is(FILES_SOFT_STEEL)
                    .toDo("File the notch where edge meets ricasso; polish it lengthwise.").checks("No file marks across the notch"));
        }
        if (spec.notches() == Notches.CHOIL_AND_THUMB_GRIP) {
            add(Operation.at(FILING, "file-thumb-grip", "File the thumb grip", 25).is(FILES_SOFT_STEEL)
                    .toDo("Mark equal steps on the spine; file to one depth; break the corners.").checks("Steps are even to the eye and the thumb"));
        }
        if (spec.mark() == Mark.STAMPED) {
            add(Operation.at(FILING, "stamp-mark", "Stamp the mark", 10).is(STAMPS)
                    .toDo("Support it on the anvil; one square blow.").cautions("Eyes: a stamp can chip.").checks("The mark reads evenly"));
        }
        add(Operation.at(LAYOUT, "scribe-centre-line", "Scribe the centre line", 10).is(SCRIBES_CENTRE_LINE)
                .toDo("Set the scriber to the height and scribe the edge from both faces.", "Two lines that do not meet show that the height is off.")
                .targets(PieceDimensions.CENTRE_LINE).makes(PieceDimensions.CENTRE_LINE).checks("Lines from both faces meet"));
        if (place == Place.FIRST_OF_BATCH) {
            add(Operation.at(TABLE, "prove-first-piece", "Prove the first piece", 20).is(PROVES)
                    .toDo("Hold the piece against drawing and hole table before the others are cut.", "Write down what has to change.")
                    .checks("Outline, holes and notches agree with the drawing"));
        }
        if (spec.bevels() != BevelTiming.AFTER_HARDENING) {
            boolean all = spec.bevels() == BevelTiming.BEFORE_HARDENING;
            add(Operation.at(GRINDER, "rough-bevels", all ? "Grind the bevels" : "Rough the bevels", all ? 100 : 50).is(GRINDS_BEVELS, BEFORE_HARDENING)
                    .toDo("Break the corners with a worn belt at 45° to the line.", "Walk the bevel to the line; one side, then match the other.")
                    .targets(PieceDimensions.CENTRE_LINE, PieceDimensions.EDGE_BEFORE_HARDENING).readings(PieceDimensions.EDGE_BEFORE_HARDENING)
                    .cautions(EYES_LUNGS, "Gloves are for soft, hot steel only, and away from the belt's in-running side.")
                    .checks("Plunges match on both sides"));
        }
    }

    private void heat() {
        Steel steel = spec.steel();
        if (steel.stainless()) {
            add(Operation.at(KILN, "degrease-for-foil", "Degrease for the foil", 5).is(DEGREASES_FOR_FOIL)
                    .toDo("Wipe with solvent, handle with clean gloves.").cautions(SOLVENT).checks("A white rag stays clean"));
            add(Operation.at(KILN, "wrap-foil", "Wrap in foil", 10).is(WRAPS_FOIL)
                    .toDo("Double-fold every seam; pad the tip.").cautions("Foil edges cut like a blade.").checks("No hole in the foil"));
        }
        add(Operation.at(KILN, "harden", "Harden", 40).is(HARDENS)
                .toDo("Let the kiln recover after the door; count the soak from there.", "Quench in " + steel.quench().words()
                        + (steel.quench().isOil() ? ", point first, straight, wholly under." : "; air on the plates, 1½ to 2 minutes."), "Straighten only while it is still warm and soft, in plates or jig.")
                .targets(PieceDimensions.HARDENING_TEMPERATURE, PieceDimensions.SOAK)
                .cautions(steel.quench().isOil() ? "Oil flares: lid and extinguisher at hand, no water near, face shield, wholly under." : "Hot plates and foil: gloves and face shield.", UNTEMPERED)
                .checks("The kiln had recovered before the soak was counted", "A file skates on the edge").leaves(State.HARDENED));
        if (steel.stainless()) {
            add(Operation.at(KILN, "cold-treat", "Cold treatment", 10).is(COLD_TREATS)
                    .rest(Duration.ofHours(1), "in the cold")
                    .toDo("Into the cold as soon as it is at hand warmth.").cautions("Liquid nitrogen: burns, suffocation, never in a sealed vessel.", UNTEMPERED)
                    .checks("It went in the same hour as the quench"));
        }
        add(temper("temper-first", "First temper").is(FIRST_TEMPER).cautions(UNTEMPERED));
        add(temper("temper-second", "Second temper").is(LAST_TEMPER));
        add(Operation.at(GRINDER, "remove-scale", "Take the scale off", 15).is(REMOVES_SCALE, NEEDS_TEMPERED)
                .toDo("Worn belt, flats first.").cautions(EYES_LUNGS).checks("Clean steel on both flats"));
        add(Operation.at(FINISHING, "test-hardness", "Test the hardness", 10).is(TESTS_HARDNESS, NEEDS_TEMPERED)
                .toDo("File beside a soft piece, then the tester: three readings on a flat, enter the middle one.")
                .targets(PieceDimensions.HARDNESS).readings(PieceDimensions.HARDNESS).checks("The file skates along the whole edge"));
        add(Operation.at(FITTING, "straighten", "Sight it and straighten", 15).is(STRAIGHTENS, NEEDS_TEMPERED)
                .toDo("Sight along spine and edge.", "Clamp it shimmed the other way and temper again if it is off.")
                .cautions("Eyes: a blade that breaks in the clamp flies.").checks("Spine and edge are straight"));
    }

    private static Operation.Builder temper(String key, String title) {
        return Operation.at(KILN, key, title, 10).rest(Duration.ofHours(2), "tempering")
                .toDo("Clean a spot to see the colour.", "Two hours at heat, then cool to the hand.")
                .targets(PieceDimensions.TEMPERING_TEMPERATURE).checks("Cooled to room temperature");
    }

    private void grinding() {
        int minutes = switch (spec.bevels()) {
            case BEFORE_HARDENING -> 30;
            case ROUGH_THEN_FINISH -> 60;
            case AFTER_HARDENING -> 145;
        };
        Operation.Builder grind = Operation.at(GRINDER, "finish-grind", spec.bevels() == BevelTiming.AFTER_HARDENING ? "Grind the bevels" : "Finish the grind", minutes)
                .is(FINISH_GRINDS, GRINDS_BEVELS, USES_FRESH_BELTS, NEEDS_TEMPERED)
                .toDo("Dip at every pass.", "Compare where the bevel leaves the spine and where it enters at the plunge.", "After the last pass measure the blade at the ricasso and the edge at the heel.")
                .targets(PieceDimensions.EDGE_THICKNESS, PieceDimensions.BLADE_THICKNESS, PieceDimensions.BEVEL_ANGLE)
                .readings(PieceDimensions.BLADE_THICKNESS, PieceDimensions.EDGE_THICKNESS)
                .cautions(EYES_LUNGS, "No gloves: feel the heat. Colour on the edge means that the temper is gone.")
                .checks("Both sides match", "No colour anywhere on the edge").leaves(State.GROUND);
        if (spec.bevels() != BevelTiming.BEFORE_HARDENING) {
            grind.is(HEAVY_GRINDING);
        }
        add(grind);
    }

    private void guard() {
        add(Operation.at(FITTING, "sand-ricasso", "Sand shoulders, ricasso and tang front", 30).is(SANDS_RICASSO)
                .toDo("Almost to final, in one plane.", "Sanding later opens a gap.").checks("Shoulders lie in one plane, square to the blade"));
        add(Operation.at(FITTING, "measure-for-guard", "Measure tang and guard", 10).is(MEASURES_FOR_GUARD)
                .toDo("Tang width and thickness at the shoulder; guard blank in the middle.")
                .targets(PieceDimensions.TANG_WIDTH, PieceDimensions.TANG_THICKNESS, PieceDimensions.GUARD_THICKNESS)
                .readings(PieceDimensions.TANG_WIDTH, PieceDimensions.TANG_THICKNESS, PieceDimensions.GUARD_THICKNESS)
                .checks("Measured after the last sanding"));
        add(Operation.at(MILL, "mill-guard-slot", "Mill the guard's slot", 50).is(CUTS_GUARD)
                .toDo("Drill a chain, then mill: pocket from the back, slot through.", "Leave the lip at the front tight; file it to the tang.")
                .targets(PieceDimensions.SLOT_WIDTH, PieceDimensions.SLOT_CUTTER, PieceDimensions.SLOT_LENGTH, PieceDimensions.POCKET_DEPTH)
                .makes(PieceDimensions.SLOT_WIDTH, PieceDimensions.SLOT_CUTTER, PieceDimensions.SLOT_LENGTH, PieceDimensions.POCKET_DEPTH)
                .cautions(DRILLING).checks("Readout zeroed on the blank's edge", "The tang enters the pocket, not yet the lip"));
        add(Operation.at(FITTING, "fit-guard", "Fit the guard", 60).is(FITS_GUARD, NEEDS_TEMPERED, GRIPS_BLADE)
                .toDo("Leather-padded vice above the plunge; drive it on with a sacrificial plate.", "Check that it stays level as it goes.", "Strike it to print the ricasso; take it off and read the print.")
                .cautions("Eyes: hardened steel under the hammer.").checks("No light between guard and shoulders", "The print is even"));
        add(Operation.at(GRINDER, "shape-guard", "Shape the guard", 60).is(SHAPES_GUARD)
                .toDo("Outline first, then faces; overhang as thin as clears corners and edge.").cautions(EYES_LUNGS)
                .checks("Clear of the slot everywhere").leaves(State.GUARDED));
        if (spec.hasSpacer()) {
            add(Operation.at(MILL, "make-spacer", "Make the spacer", 30).is(MAKES_SPACER)
                    .targets(PieceDimensions.SPACER_THICKNESS, PieceDimensions.TANG_SLOT_IN_SPACER).makes(PieceDimensions.SPACER_THICKNESS, PieceDimensions.TANG_SLOT_IN_SPACER)
                    .toDo("Flat and parallel on both faces; slot to the measured tang.").cautions(DRILLING).checks("Flat on granite, no light"));
        }
    }

    private void bladeFinish() {
        switch (spec.finish()) {
            case HAND_SATIN -> add(Operation.at(FINISHING, "hand-sand", "Sand by hand to satin", 150).is(POLISHES, FINISHES_BLADE)
                    .toDo("220, 320, 400, 600: each grit across the last scratches until they are gone.", "Last strokes lengthwise, one way, on a hard backing.")
                    .checks("No scratch of an earlier grit in low light").leaves(State.FINISHED));
            case BELT_SATIN -> add(Operation.at(GRINDER, "belt-satin", "Belt satin", 40).is(POLISHES, FINISHES_BLADE)
                    .toDo("120, 220, 400, then non-woven; no step of much more than double.").cautions(EYES_LUNGS)
                    .checks("Lines run even from heel to tip").leaves(State.FINISHED));
            case ETCHED_DARK_TUMBLED -> etched();
        }
        if (spec.mark() == Mark.ELECTRO_ETCHED) {
            Operation.Builder mark = Operation.at(TANK, "electro-mark", "Electro-etch the mark", 15).is(MARKS_BY_ACID_STENCIL)
                    .toDo("Tape the stencil flat; dabs of a few seconds; cool in water between bursts.")
                    .cautions("Use an electrolyte meant for this steel; with salt it makes chlorine and hydrogen: fresh air.").checks("The mark reads sharp at its edges");
            add(spec.finish() == Finish.ETCHED_DARK_TUMBLED ? mark : mark.is(FINISHES_BLADE));
        }
        add(Operation.at(FINISHING, "wrap-blade", "Wrap the blade", 5).is(WRAPS_BLADE)
                .toDo("Oil it, paper it, tape it; edge and point covered.").checks("Nothing of the blade shows"));
    }

    private void etched() {
        add(Operation.at(FINISHING, "sand-for-etch", "Sand for the etch", 70).is(POLISHES)
                .toDo("Even 400 all over; the dark shows every coarser scratch.").checks("No scratch coarser than 400"));
        add(Operation.at(TANK, "degrease-for-etch", "Degrease for the bath", 10).is(DEGREASES_FOR_ETCH)
                .toDo("Solvent until a clean white rag stays clean; alcohol alone has not been enough.").cautions(SOLVENT).checks("A white rag stays clean"));
        add(Operation.at(TANK, "etch", "Etch dark", 30).is(ETCHES)
                .toDo("Look after the first seconds: residue shows while it can still be wiped.", "Two to three minutes, three or four times, fine steel wool between.", "Log the bath: old ones take longer.")
                .cautions(FERRIC).checks("Even grey after the first look", "The bath is logged"));
        add(Operation.at(TANK, "neutralise", "Neutralise", 10).is(NEUTRALISES)
                .toDo("Baking soda or soap, rinse, dry; water bleeds out of the tang's holes.").cautions("Never ammonia cleaner with bleach.").checks("Dry, no yellow water at the tang"));
        add(Operation.at(FINISHING, "tumble", "Tumble", 5).is(TUMBLES, FINISHES_BLADE).rest(Duration.ofMinutes(15), "tumbling")
                .toDo("Dry, fifteen minutes; oil when it comes out.").checks("Even all over, both sides").leaves(State.FINISHED));
    }

    private void scales() {
        String dust = spec.handleMaterial().dustCaution();
        add(Operation.at(GRINDER, "flatten-scales", "Flatten the scales' insides", 20).is(FLATTENS_SCALES)
                .toDo("Cut oversize; rub the inside faces flat on granite.").targets(PieceDimensions.SCALE_THICKNESS).readings(PieceDimensions.SCALE_THICKNESS)
                .cautions(dust).checks("No light between scale and granite"));
        add(Operation.at(DRILL, "drill-scales", "Drill the scales through the tang", 25).is(DRILLS_SCALES, NEEDS_TEMPERED)
                .toDo("The tang is the guide: one scale, pins in, then the other.", spec.handleMaterial().drilling())
                .targets(PieceDimensions.SCALE_DRILL).makes(PieceDimensions.SCALE_DRILL).cautions(DRILLING, dust).checks("Pins go through scale, tang and scale by hand"));
        add(Operation.at(FINISHING, "finish-fronts", "Finish the scales' fronts", 30).is(FINISHES_FRONTS)
                .toDo("Both scales pinned together: shape, sand to final, polish.").cautions(dust).checks("Fronts match and are polished to final"));
    }

    private void hiddenTangHandle() {
        String dust = spec.handleMaterial().dustCaution();
        add(Operation.at(DRILL, "open-cavity", "Open the handle's cavity", 45).is(OPENS_CAVITY)
                .toDo("Square the block; two holes at the tang's angles, joined; snug, no gap at the front.", spec.handleMaterial().drilling())
                .targets(PieceDimensions.BLOCK_LENGTH).makes(PieceDimensions.BLOCK_LENGTH).cautions(DRILLING, dust).checks("The tang goes home by hand"));
        if (spec.hasAlignmentPins()) {
            add(Operation.at(FITTING, "list-stack", "List the stack", 10).is(LISTS_STACK)
                    .toDo("Guard, every spacer, front of the handle: write them down in order.").checks("Nothing will be added to the stack later"));
            add(Operation.at(DRILL, "drill-alignment-pins", "Drill the alignment pins", 35).is(DRILLS_ALIGNMENT)
                    .toDo("Glue the stack lightly, drill as one, part it with heat.").cautions(DRILLING).checks("Pins clear of the final outline and of the slot"));
        }
        if (spec.isBedded()) {
            bedding(dust);
        }
    }

    private void bedding(String dust) {
        add(Operation.at(GLUING, "release-agent", "Release agent on tang and guard", 10).is(RELEASES)
                .toDo("Paste wax or petroleum jelly on every face that must come off.").checks("Every face is covered"));
        add(Operation.at(GLUING, "bed-handle", "Bed the handle", 25).is(BEDS, GRIPS_BLADE).rest(Duration.ofMinutes(210), "until it grips")
                .toDo("Slow adhesive in the cavity; press home; wipe.").cautions(EPOXY).checks("It grips but does not yet ring hard"));
        add(Operation.at(GLUING, "pull-handle", "Pull the bedded handle", 15).is(PULLS_BEDDED, GRIPS_BLADE)
                .toDo("Pull, clean tang and guard, put back.").cautions("Wrapped edge, point away from everyone.").checks("It came off and went back"));
        add(Operation.at(GLUING, "cure-bed", "Let the bed cure", 5).is(CURES_BEDDED).rest(Duration.ofHours(12), "curing")
                .toDo("Leave it alone overnight.").checks("Hard to the fingernail"));
        add(Operation.at(GRINDER, "shape-off-knife", "Shape the handle off the knife", 110).is(SHAPES_OFF_KNIFE)
                .toDo("Centre lines first; profile, taper, palm swell, then round.").cautions(EYES_LUNGS, dust).checks("Flush with guard and spacer when put on"));
        add(Operation.at(GLUING, "clean-release", "Take the release agent off", 15).is(CLEANS_RELEASE)
                .toDo("Solvent on tang, guard and cavity; notch the tang, roughen the walls.").cautions(SOLVENT).checks("No wax or grease left anywhere"));
    }

    private void glue() {
        add(Operation.at(GLUING, "dry-fit", "Dry fit", 15).is(DRY_FITS, NEEDS_TEMPERED, GRIPS_BLADE)
                .toDo("All parts, pins and clamps, without adhesive; look for light.").checks("No light anywhere", "Clamps and swabs lie ready"));
        add(Operation.at(GLUING, "clean-for-glue", "Roughen and degrease", 10).is(CLEANS_FOR_GLUE)
                .toDo("Roughen both faces, solvent, do not touch again.").cautions(SOLVENT, spec.handleMaterial().gluing()).checks("Clean rag on both faces"));
        Operation.Builder glue = Operation.at(GLUING, "glue-handle", "Glue the handle", 25).is(GLUES_HANDLE, GRIPS_BLADE)
                .toDo("Mix exactly as the maker says; coat both faces; clamp without starving the joint.").cautions(EPOXY).checks("Squeeze-out all round").leaves(State.HANDLED);
        add(spec.isFullTang() ? glue.targets(PieceDimensions.PIN_LENGTH).makes(PieceDimensions.PIN_LENGTH) : glue);
        add(Operation.at(GLUING, "clean-squeeze-out", "Squeeze-out off the front", 10).is(CLEANS_SQUEEZE_OUT)
                .toDo("Swab the front while it is wet; look again after ten minutes.").cautions(SOLVENT).checks("The front is clean"));
        add(Operation.at(GLUING, "cure-handle", "Let the adhesive cure", 5).is(CURES_HANDLE).rest(Duration.ofHours(16), "curing overnight")
                .toDo("Leave it in the clamps.").checks("The rest in the cup is hard"));
    }

    private void handleShape() {
        String dust = spec.handleMaterial().dustCaution();
        if (!spec.isBedded()) {
            add(Operation.at(GRINDER, "shape-handle", "Shape the handle", 100).is(SHAPES_HANDLE_ON_KNIFE, GRIPS_BLADE)
                    .toDo("Centre lines first; profile, taper, palm swell, then round.", "Change to 220 before the belt touches tang or guard.").cautions(EYES_LUNGS, dust)
                    .checks("Even in the hand, both sides"));
        }
        add(Operation.at(FINISHING, "finish-handle", "Finish the handle", 70).is(FINISHES_HANDLE, GRIPS_BLADE)
                .toDo("Hard backing over metal in wood, or the wood dips.", "Oil, wax or buff as the material asks.")
                .cautions("The buffer is the most dangerous wheel: edge down, stand aside.", dust).checks("No scratch, no dip at the pins"));
    }

    private void sheath() {
        add(Operation.at(LEATHER, "cut-leather", "Cut the leather", 40).is(CUTS_LEATHER)
                .toDo("Outline + half the thickness all round + welt + stitch margin.").cautions("Cut away from the hand.").checks("Template tried against the knife"));
        add(Operation.at(LEATHER, "sheath-inside", "Finish inside, mouth and belt loop", 30).is(FINISHES_SHEATH_INSIDE)
                .toDo("Slick the inside, finish the mouth, sew the loop, stamp the back.").checks("Nothing left that cannot be reached later"));
        add(Operation.at(LEATHER, "trial-fit-sheath", "Trial fit", 15).is(TRIAL_FITS_SHEATH, GRIPS_BLADE)
                .toDo("Clip it together and try the knife in it.").checks("Goes in, holds, comes out"));
        add(Operation.at(LEATHER, "close-sheath", "Close and stitch", 120).is(CLOSES_SHEATH)
                .toDo("Contact cement, two coats, tacky; groove, mark, pierce, saddle-stitch; thread ten times the seam.").cautions(SOLVENT)
                .checks("Stitches even on both sides"));
        add(Operation.at(LEATHER, "finish-sheath", "Finish the sheath", 45).is(FINISHES_SHEATH)
                .toDo("Edge 320 to 600, slick, dye, seal.").checks("Dry to the hand"));
    }

    private void edgeAndHandOver() {
        add(Operation.at(TABLE, "read-brief", "Read the brief again", 5).is(READS_BRIEF)
                .toDo("What did the client say it is for? Edge and angle follow from that.").checks("The use is known to who sharpens"));
        add(Operation.at(FINISHING, "sharpen", "Sharpen", 35).is(SHARPENS)
                .toDo("Burr along the whole edge, then the other side, then finer and slower.", "Marker on the bevel shows what is touched.").cautions(SHARP)
                .checks("Cuts from heel to tip"));
        add(Operation.at(TABLE, "last-check", "Last check", 20).is(CHECKS_LAST)
                .toDo("Wax the blade; print care card and record.").cautions(SHARP)
                .checks("Straight, clean, edge whole", "Waxed or oiled", "Every must of the brief is met", "Care card and record are printed"));
        add(Operation.at(TABLE, "hand-over", "Hand over", 20).is(HANDS_OVER)
                .toDo("Show the client how to keep it.").cautions(SHARP).checks("The client has it, with care card").leaves(State.HANDED_OVER));
    }
}
