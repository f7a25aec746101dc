package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.Mark;
import hiltboard.core.design.Notches;
import hiltboard.core.design.Specification;
import java.util.Set;

/** Everything that is drilled, filed, milled or ground while the steel is soft. */
final class SoftWork {
    private final Draft draft;
    private final Specification spec;

    private SoftWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
    }

    static void write(Draft draft) {
        SoftWork work = new SoftWork(draft);
        work.holes();
        work.profile();
        work.fileWork();
        FolderWork.soft(draft);
        work.bevels();
    }

    private void holes() {
        if (spec.hasScales()) {
            int holes = spec.count(PIN_COUNT);
            String title = spec.isMachined() ? "Station one: holes and first face" : "Drill the pin holes";
            draft.add(Operation.at(spec.isMachined() ? MILL : DRILL, "drill-tang-holes", title, 15 + 5 * holes).is(MAKES_TANG_HOLES, DRILLS_SOFT_STEEL, CUTS_STEEL)
                    .shapedBy(PIN_COUNT, PIN_DIAMETER, FASTENING, CONSTRUCTION, LANYARD, TUBE_DIAMETER)
                    .toDo("Measure the pin itself, not its label.", "Centre-punch and drill " + holes + (holes == 1 ? " hole." : " holes."), "Chamfer both sides; a few blind divots give the adhesive grip.",
                            "Measure a hole with a gauge pin and enter it.")
                    .targets(PieceDimensions.PIN_DIAMETER, PieceDimensions.PIN_DRILL).readings(PieceDimensions.PIN_DIAMETER, PieceDimensions.TANG_HOLE).makes(PieceDimensions.PIN_DRILL)
                    .checks("A pin goes through every hole by hand"));
        }
        if (spec.hasLighteningHoles()) {
            draft.add(Operation.at(DRILL, "drill-lightening-holes", "Drill the lightening holes", 25).is(DRILLS_SOFT_STEEL, CUTS_STEEL).shapedBy(LIGHTENING, HOLE_COUNT, HOLE_DIAMETER)
                    .toDo("Inside the handle's outline, clear of every pin by a hole's width.").checks("Clear of pins and outline"));
        }
        if (spec.isFolder()) {
            draft.add(Operation.at(DRILL, "drill-pivot-hole", "Drill and ream the pivot hole", 20).is(DRILLS_SOFT_STEEL, CUTS_STEEL).shapedBy(PIVOT_DIAMETER)
                    .toDo("Drill under, ream to the pivot as measured; square to the face.").targets(PieceDimensions.PIVOT_DIAMETER).readings(PieceDimensions.PIVOT_DIAMETER)
                    .checks("The pivot turns without shake"));
        }
    }

    private void profile() {
        String title = spec.isMachined() ? "Station two: profile" : spec.isAxe() ? "Grind the head to its outline" : "Cut and grind the profile";
        draft.add(Operation.at(spec.isMachined() ? MILL : GRINDER, "profile", title, 45).is(PROFILES, CUTS_STEEL)
                .shapedBy(CONSTRUCTION, HEAD_LENGTH, EDGE_LENGTH).shapedBy(BLADE_OUTLINE).shapedBy(spec.hasScales() ? HANDLE_OUTLINE : Set.of(HANDLE_LENGTH))
                .toDo(spec.isMachined() ? "On the dowels, screwed down; check the first part before the next." : "Saw outside the line, grind to it.", "Square edges; keep the steel cool enough to hold.")
                .checks("To the line all round").leaves(State.PROFILED));
    }

    private void fileWork() {
        if (spec.hasBlock()) {
            draft.add(Operation.at(FILING, "file-shoulders", "File shoulders and tang", 45).is(FILES_SOFT_STEEL, FILES_SHOULDERS).shapedBy(TANG_WIDTH, TANG_LENGTH, TANG_END_WIDTH)
                    .toDo("Clamp the carbide-faced file guide at the shoulder line.", "File both shoulders into one plane; round the inside corners; taper the tang a little.")
                    .targets(PieceDimensions.TANG_WIDTH)
                    .checks("Both shoulders lie in one plane", "Inside corners are rounded, not nicked"));
        }
        if (spec.isTakeDown()) {
            draft.add(Operation.at(FILING, "thread-tang", "Thread the tang's end", 30).is(THREADS_TANG, FILES_SOFT_STEEL).shapedBy(HELD_BY)
                    .toDo("Turn or file the end round, then cut the thread square to the tang.").checks("The nut runs on by hand"));
        }
        if (spec.hasTaperedTang()) {
            draft.add(Operation.at(GRINDER, "taper-tang", "Taper the tang", 40).is(TAPERS_TANG, FILES_SOFT_STEEL).shapedBy(TANG_TAPER, BUTT_THICKNESS)
                    .toDo("Hollow the middle, scribe the butt, grind flat to the line on both sides.", "Measure front, middle and butt.")
                    .targets(PieceDimensions.TANG_FRONT, PieceDimensions.TANG_MIDDLE, PieceDimensions.TANG_BUTT)
                    .readings(PieceDimensions.TANG_FRONT, PieceDimensions.TANG_MIDDLE, PieceDimensions.TANG_BUTT)
                    .checks("Flat from front to butt, no light under a straight edge"));
        }
        notches();
        if (spec.mark() == Mark.STAMPED) {
            draft.add(Operation.at(FILING, "stamp-mark", "Stamp the mark", 10).is(STAMPS).shapedBy(MARK).sets(Condition.MARKED)
                    .toDo("Strike it on scrap of the same steel first; then support it on the anvil, one square blow.").cautions("Eyes: a stamp can chip.").checks("The test strike on scrap read whole", "The mark reads evenly"));
        }
        draft.add(Operation.at(LAYOUT, "scribe-centre-line", "Scribe the centre line", 10).is(SCRIBES_CENTRE_LINE)
                .toDo("Set the scriber to the height and scribe the edge from both faces.", "Two lines that do not meet show that the height is off.")
                .targets(PieceDimensions.CENTRE_LINE, PieceDimensions.LAND_LINE).makes(PieceDimensions.CENTRE_LINE).checks("Lines from both faces meet"));
        if (draft.place == Place.FIRST_OF_BATCH) {
            draft.add(Operation.at(TABLE, "prove-first-piece", "Prove the first piece", 20).is(PROVES).of(Part.KNIFE)
                    .toDo("Hold the piece against drawing and hole table before the others are cut.", "Write down what has to change.")
                    .checks("Outline, holes and notches agree with the drawing"));
        }
    }

    private void notches() {
        boolean asked = !spec.isAxe() && !spec.isFolder();
        if (asked && spec.notches() != Notches.NONE) {
            draft.add(Operation.at(FILING, "file-choil", "File the choil", 15).is(FILES_SOFT_STEEL).shapedBy(NOTCHES, CHOIL_RADIUS)
                    .toDo("File the notch where edge meets ricasso; polish it lengthwise.").checks("No file marks across the notch"));
        }
        if (asked && spec.notches() == Notches.CHOIL_AND_THUMB_GRIP) {
            draft.add(Operation.at(FILING, "file-thumb-grip", "File the thumb grip", 25).is(FILES_SOFT_STEEL).shapedBy(NOTCHES)
                    .toDo("Mark equal steps on the spine; file to one depth; break the corners.").checks("Steps are even to the eye and the thumb"));
        }
    }

    private void bevels() {
        if (spec.bevels() == BevelTiming.AFTER_HARDENING) {
            return;
        }
        boolean all = spec.bevels() == BevelTiming.BEFORE_HARDENING;
        Operation.Builder bevels = Operation.at(GRINDER, "rough-bevels", all ? "Grind the bevels" : "Rough the bevels", all ? 100 : 50).is(GRINDS_BEVELS, GRINDS_BEVELS_SOFT)
                .shapedBy(BEVELS, GRIND, BEVEL_HEIGHT, SWEDGE, WHEEL_DIAMETER)
                .toDo("Break the corners with a worn belt at 45° to the line; then " + (spec.startsAtSixtyGrit() ? "60" : "36") + " grit.", "Walk the bevel to the line; one side, then match the other.")
                .targets(PieceDimensions.CENTRE_LINE, PieceDimensions.EDGE_BEFORE_HARDENING).readings(PieceDimensions.EDGE_BEFORE_HARDENING)
                .cautions("Gloves are for soft, hot steel only, and away from the belt's in-running side.")
                .checks("Plunges match on both sides");
        if (spec.isLaminated()) {
            bevels.cautions("Evenly from both sides: one side's cladding is soon lost.");
        }
        draft.add(bevels);
    }
}
