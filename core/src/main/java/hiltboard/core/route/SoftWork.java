package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.Hand;
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
            tangHoles();
        }
        if (spec.isMachined()) {
            draft.add(Operation.at(DRILL, "ream-dowels", "Ream the dowel holes", Effort.REAM_DOWELS)
                    .is(REAMS_DOWELS, DRILLS_SOFT_STEEL, CUTS_STEEL)
                    .shapedBy(CONSTRUCTION)
                    .toDo("Ream both dowel holes to size, straight through, with cutting oil.")
                    .checks("Both dowels slide in without play."));
        }
        if (spec.hasLighteningHoles()) {
            draft.add(
                    Operation.at(DRILL, "drill-lightening-holes", "Drill the lightening holes", Effort.DRILL_LIGHTENING)
                            .is(DRILLS_SOFT_STEEL, CUTS_STEEL)
                            .shapedBy(LIGHTENING, HOLE_COUNT, HOLE_DIAMETER)
                            .toDo("Drill inside the handle's outline, clear of every pin by a hole's width.")
                            .checks("Every hole is clear of pins and outline."));
        }
        if (spec.isFolder()) {
            draft.add(Operation.at(DRILL, "drill-pivot-hole", "Drill and ream the pivot hole", Effort.REAM_PIVOT)
                    .is(DRILLS_SOFT_STEEL, CUTS_STEEL)
                    .shapedBy(PIVOT_DIAMETER)
                    .toDo("Drill under size, ream to the pivot as measured, square to the face.")
                    .targets(PieceDimensions.PIVOT_DIAMETER)
                    .readings(PieceDimensions.PIVOT_DIAMETER)
                    .checks("The pivot turns without shake."));
        }
    }

    private void tangHoles() {
        int holes = spec.count(PIN_COUNT);
        Operation.Builder drill = Operation.at(
                        spec.isMachined() ? MILL : DRILL,
                        "drill-tang-holes",
                        spec.isMachined() ? "Station one: holes and first face" : "Drill the pin holes",
                        Effort.DRILL_TANG)
                .is(MAKES_TANG_HOLES, DRILLS_SOFT_STEEL, CUTS_STEEL)
                .shapedBy(PIN_COUNT, PIN_DIAMETER, FASTENING, CONSTRUCTION, LANYARD, TUBE_DIAMETER)
                .shapedBy(SCALE_BOLSTER, SCALE_BOLSTER_LENGTH, BOLSTER_PIN)
                .toDo(
                        "Measure the pin itself, not its label.",
                        spec.hasScaleBolsters() ? "The bolsters’ own holes too: hard steel takes none." : "")
                .targets(PieceDimensions.PIN_DIAMETER, PieceDimensions.PIN_DRILL)
                .readings(PieceDimensions.PIN_DIAMETER, PieceDimensions.TANG_HOLE)
                .makes(PieceDimensions.PIN_DRILL)
                .checks("A pin goes through every hole by hand.");
        String count = holes + (holes == 1 ? " hole" : " holes");
        if (spec.isMachined()) {
            drill.toDo(
                            "Drill the " + count
                                    + " and the dowel holes by the table, and face the first side in the same clamping.",
                            "Measure a hole with a gauge pin and enter it.")
                    .checks(
                            "The blank lies flat in the fixture: a crooked one is straightened first, or it is machined crooked.",
                            "Threads and dowels fit while it is still clamped.");
        } else {
            drill.toDo(
                    "Centre-punch and drill " + count + "; where a notch will be filed, drill its start too.",
                    "Chamfer both sides; a few blind divots give the adhesive grip.",
                    "Measure a hole with a gauge pin and enter it.");
        }
        draft.add(drill);
    }

    private void profile() {
        String title = spec.isMachined()
                ? "Station two: profile"
                : spec.isAxe() ? "Grind the head to its outline" : "Cut and grind the profile";
        draft.add(Operation.at(spec.isMachined() ? MILL : GRINDER, "profile", title, Effort.PROFILE)
                .is(PROFILES, CUTS_STEEL)
                .shapedBy(CONSTRUCTION, HEAD_LENGTH, EDGE_LENGTH)
                .shapedBy(BLADE_OUTLINE)
                .shapedBy(spec.hasScales() ? HANDLE_OUTLINE : Set.of(HANDLE_LENGTH))
                .toDo(
                        spec.isMachined()
                                ? "On the dowels, screwed down; rough first, then the finishing pass; check the first part before "
                                        + "the next."
                                : "Saw outside the line first, then grind to it: what the saw takes off, no belt has to.",
                        spec.isMachined() ? "" : "Set the work rest square; keep the steel cool enough to hold.",
                        spec.isMachined()
                                ? "Conventional cutting for the depth; climb only for the last thin skim."
                                : "")
                .cautions(spec.isMachined() ? Cautions.CLIMB : "")
                .checks(
                        "Steel is seen up to the line all round, and the line still stands.",
                        "The edges are square to the faces.")
                .leaves(State.PROFILED));
        if (draft.place != Place.ALONE && !spec.isMachined()) {
            draft.add(Operation.at(FILING, "punch-number", "Punch the number", Effort.PUNCH_NUMBER)
                    .is(STAMPS, PUNCHES_NUMBER)
                    .toDo("Punch or engrave the number on its tag where the " + (spec.isAxe() ? "eye" : "handle")
                            + " will hide it.")
                    .cautions("Eyes: a punch can chip.")
                    .checks("The number can be read on the steel, and is the one on its tag."));
        }
    }

    private void fileWork() {
        if (spec.hasBlock()) {
            draft.add(Operation.at(FILING, "file-shoulders", "File shoulders and tang", Effort.FILE_SHOULDERS)
                    .is(FILES_SOFT_STEEL, FILES_SHOULDERS)
                    .shapedBy(TANG_WIDTH, TANG_LENGTH, TANG_END_WIDTH, CAP_THICKNESS, NUT_THREAD)
                    .toDo(
                            "Clamp the carbide-faced file guide at the shoulder line.",
                            "File both shoulders into one plane; round the inside corners.",
                            "Taper the tang slightly towards its end, or the guard goes on hard and one side tight.")
                    .targets(PieceDimensions.TANG_WIDTH, PieceDimensions.TANG_LENGTH)
                    .checks(
                            "Both shoulders lie in one plane.",
                            "The inside corners are rounded, not nicked.",
                            "The tang is a little thinner and narrower at its end than at the shoulder."));
        }
        if (spec.isTakeDown()) {
            draft.add(Operation.at(FILING, "thread-tang", "Thread the tang's end", Effort.THREAD_TANG)
                    .is(THREADS_TANG, FILES_SOFT_STEEL)
                    .shapedBy(HELD_BY, NUT_THREAD)
                    .toDo("Turn or file the end round, then cut the thread square to the tang.")
                    .targets(PieceDimensions.NUT_THREAD)
                    .checks("The nut runs on by hand."));
        }
        if (spec.hasTaperedTang()) {
            draft.add(Operation.at(GRINDER, "taper-tang", "Taper the tang", Effort.TAPER_TANG)
                    .is(TAPERS_TANG, FILES_SOFT_STEEL)
                    .shapedBy(TANG_TAPER, BUTT_THICKNESS)
                    .toDo(
                            "Hollow the middle, scribe the butt, grind flat to the line on both sides.",
                            "Measure front, middle and butt.")
                    .targets(PieceDimensions.TANG_FRONT, PieceDimensions.TANG_MIDDLE, PieceDimensions.TANG_BUTT)
                    .readings(PieceDimensions.TANG_FRONT, PieceDimensions.TANG_MIDDLE, PieceDimensions.TANG_BUTT)
                    .checks("It is flat from front to butt: no light shows under a straight edge."));
        }
        notches();
        if (spec.mark() == Mark.STAMPED) {
            draft.add(Operation.at(FILING, "stamp-mark", "Stamp the mark", Effort.STAMP)
                    .is(STAMPS)
                    .shapedBy(MARK)
                    .sets(Condition.MARKED)
                    .toDo(
                            "Strike it on scrap of the same steel first; an old stamp's top is dressed flat.",
                            "Support the blade on the anvil: one square blow.")
                    .cautions("Eyes: a stamp can chip.")
                    .checks("The test strike on scrap read whole.", "The mark reads evenly."));
        }
        draft.add(Operation.at(LAYOUT, "scribe-centre-line", "Scribe the centre line", Effort.SCRIBE_CENTRE_LINE)
                .is(SCRIBES_CENTRE_LINE)
                .toDo(
                        "Set the scriber to the height and scribe the edge from both faces.",
                        "Two lines that do not meet show that the height is off.")
                .targets(PieceDimensions.CENTRE_LINE, PieceDimensions.LAND_LINE)
                .makes(PieceDimensions.CENTRE_LINE)
                .checks("The lines from both faces meet."));
        if (draft.place == Place.FIRST_OF_BATCH) {
            draft.add(Operation.at(TABLE, "prove-first-piece", "Prove the first piece", Effort.PROVE_FIRST_PIECE)
                    .is(PROVES)
                    .of(Part.KNIFE)
                    .toDo(
                            "Hold the piece against drawing and hole table before the others are cut.",
                            "Write down what has to change.")
                    .checks("Outline, holes and notches agree with the drawing."));
        }
    }

    private void notches() {
        boolean asked = !spec.isAxe() && !spec.isFolder();
        if (asked && spec.notches() != Notches.NONE) {
            draft.add(Operation.at(FILING, "file-choil", "File the choil", Effort.FILE_CHOIL)
                    .is(FILES_SOFT_STEEL)
                    .shapedBy(NOTCHES, CHOIL_RADIUS)
                    .toDo(
                            "Start from its drilled hole; file the notch where edge meets ricasso, and polish it lengthwise.")
                    .checks("No file mark runs across the notch."));
        }
        if (asked && spec.notches() == Notches.CHOIL_AND_THUMB_GRIP) {
            draft.add(Operation.at(FILING, "file-thumb-grip", "File the thumb grip", Effort.FILE_THUMB_GRIP)
                    .is(FILES_SOFT_STEEL)
                    .shapedBy(NOTCHES, HAND)
                    .toDo(
                            "Mark equal steps on the spine; file to one depth; break the corners.",
                            spec.hand() == Hand.EITHER
                                    ? ""
                                    : "Round the corners for the "
                                            + spec.hand().words().toLowerCase(java.util.Locale.ROOT) + " thumb.")
                    .checks("The steps are even to the eye and to the thumb."));
        }
    }

    private void bevels() {
        if (spec.bevels() == BevelTiming.AFTER_HARDENING) {
            return;
        }
        boolean all = spec.bevels() == BevelTiming.BEFORE_HARDENING;
        String title = all ? "Grind the bevels" : "Rough the bevels";
        Operation.Builder bevels = Operation.at(
                        GRINDER,
                        "rough-bevels",
                        spec.isMachined() ? "Bevel station: " + title.toLowerCase(java.util.Locale.ROOT) : title,
                        all ? Effort.GRIND_SOFT_BEVELS : Effort.ROUGH_BEVELS)
                .is(GRINDS_BEVELS, GRINDS_BEVELS_SOFT)
                .shapedBy(BEVELS, GRIND, BEVEL_HEIGHT, SWEDGE, WHEEL_DIAMETER, CHEEK_THICKNESS)
                .toDo(
                        spec.isMachined()
                                ? "In the bevel jig, pins for the place and bolts to hold: the same stop for every piece."
                                : "",
                        "Break the corners with a worn belt at 45° to the line: a new one loses its grit there. Then "
                                + (spec.startsAtSixtyGrit() ? "60" : "36") + " grit.",
                        "Walk the bevel to the line; finish one side, then match the other.",
                        spec.isAxe() ? "Begin at the cheek, not at the eye; blend it round into the cheek." : "")
                .targets(PieceDimensions.CENTRE_LINE, PieceDimensions.EDGE_BEFORE_HARDENING)
                .readings(PieceDimensions.EDGE_BEFORE_HARDENING)
                .cautions("Gloves are for soft, hot steel only, and away from the belt's in-running side.")
                .checks(
                        spec.isAxe() ? "Both bevels begin at the same height." : "The plunges match on both sides.",
                        "The land that is left is even and in the middle.");
        if (spec.isAxe()) {
            bevels.targets(PieceDimensions.BEVEL_ANGLE);
        }
        if (spec.isLaminated()) {
            bevels.cautions("Evenly from both sides: one side's cladding is soon lost.");
        }
        draft.add(bevels);
    }
}
