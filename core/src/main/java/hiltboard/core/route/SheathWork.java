package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.LEATHER;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Hand;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.sheath.Carry;
import java.time.Duration;
import java.util.Locale;

/** A sheath: stitched of leather, or pressed of a plastic sheet. Common practice, its times and heats from memory. */
final class SheathWork {
    private static final SpecificationField[] SHAPED_BY = {
        SHEATH,
        BLADE_LENGTH,
        HEEL_WIDTH,
        EDGE_LENGTH,
        HEAD_LENGTH,
        HAND,
        SHEATH_PATTERN,
        HANDLE_IN_SHEATH,
        SHEATH_RETENTION,
        CARRY,
        BELT_WIDTH,
        LEATHER_WEIGHT,
        SHEATH_SHEET
    };

    private final Draft draft;
    private final Specification spec;
    private final String what;

    private SheathWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
        this.what = spec.isAxe() ? "head" : "knife";
    }

    static void write(Draft draft) {
        SheathWork work = new SheathWork(draft);
        if (draft.spec.hasLeatherSheath()) {
            work.leather();
        } else {
            work.formed();
        }
        work.fitted();
    }

    private void add(Operation.Builder operation) {
        draft.add(operation.of(Part.SHEATH));
    }

    private String side() {
        return spec.hand() == Hand.EITHER
                ? ""
                : "Worn on the " + spec.hand().words().toLowerCase(Locale.ROOT)
                        + " side: the loop behind, the front outwards; look twice before the first cut.";
    }

    private String loop() {
        return switch (spec.carry()) {
            case UPRIGHT -> "Sew the loop on the back, upright.";
            case CROSS -> "Sew the loop on the back, turned: the sheath lies along the belt.";
            case SLUNG -> "Sew the hanger on the back, its ring in it; the loop goes on the ring.";
            case NONE -> "";
        };
    }

    private String strap() {
        return spec.isStrappedIn()
                ? "Sew the strap on while the sheath lies open; its snap goes on at the last fit."
                : "";
    }

    private void leather() {
        add(Operation.at(LEATHER, "cut-leather", "Cut the leather", Effort.CUT_LEATHER)
                .is(CUTS_SHEATH)
                .shapedBy(SHAPED_BY)
                .toDo(
                        "Leather of about " + spec.count(LEATHER_WEIGHT)
                                + " oz; outline + half the thickness all round + welt + stitch margin.",
                        "The templates beside this step are at 1:1: mark around them, with holes, brands and loose belly leather left out.",
                        side())
                .targets(PieceDimensions.SHEATH_MARGIN)
                .makes(PieceDimensions.SHEATH_MARGIN)
                .cautions("Cut away from the hand.")
                .checks("The template was tried against the " + what + "."));
        add(Operation.at(LEATHER, "sheath-inside", insideTitle(), Effort.FINISH_SHEATH_INSIDE)
                .is(FINISHES_SHEATH_INSIDE)
                .shapedBy(HAND, CARRY, BELT_WIDTH, SHEATH_RETENTION)
                .toDo(
                        "Try every stamp on scrap first, its top dressed flat: old and cheap ones hit beside and leave shallow marks.",
                        "Stamp the back mark before the front is tooled, or the front is crushed.",
                        "Slick the inside, finish the mouth.",
                        loop(),
                        strap())
                .checks(
                        "Nothing is left that cannot be reached later.",
                        "Tooling runs at one distance from the stitches."));
        trial("Clip it together with its welt and try the wrapped " + what + " in it.");
        add(Operation.at(LEATHER, "prime-sheath", "First coat of contact cement", Effort.PRIME_SHEATH)
                .is(PRIMES_SHEATH)
                .rest(Duration.ofMinutes(20), "until it is dry to the finger")
                .toDo("Roughen the faces that meet; one thin coat on both, into the edge.")
                .cautions(Cautions.SOLVENT)
                .checks("The cement is fresh by its date, and still draws threads."));
        add(Operation.at(LEATHER, "cement-sheath", "Second coat, on welt and edges", Effort.CEMENT_SHEATH)
                .is(CEMENTS)
                .sets(Condition.CEMENTED)
                .rest(Duration.ofMinutes(15), "until it is tacky")
                .toDo("A second thin coat on both faces.")
                .cautions(Cautions.SOLVENT)
                .checks("It is tacky: it grips the finger and leaves nothing on it."));
        add(Operation.at(LEATHER, "close-sheath", "Close the sheath", Effort.CLOSE_SHEATH)
                .is(CLOSES_SHEATH)
                .clears(Condition.CEMENTED)
                .toDo(
                        "Lay it together once, exactly: the welt, the mouth, " + (spec.isAxe() ? "" : "the tip, ")
                                + "then the rest between.",
                        "Press and roll, hammer lightly; level the edge.")
                .checks("The edges are flush all round."));
        add(Operation.at(LEATHER, "stitch-sheath", "Stitch", Effort.STITCH_SHEATH)
                .is(STITCHES)
                .shapedBy(STITCH_PITCH)
                .toDo(
                        "Groove, mark, pierce, saddle-stitch with a thread of the length below, a needle at each end.",
                        "The first two stitches and the last two are sewn twice.")
                .targets(PieceDimensions.SHEATH_THREAD)
                .cautions("Awl: never towards the hand.")
                .checks(
                        "The stitches are even on both sides.",
                        "The distance from stitches to edge is one all along."));
        if (spec.isWetFormed()) {
            wetForm();
        }
        add(Operation.at(LEATHER, "finish-sheath", "Finish the sheath", Effort.FINISH_SHEATH)
                .is(FINISHES_SHEATH)
                .rest(Duration.ofHours(12), "dye and seal drying overnight")
                .toDo(
                        "Edge 320 to 600, slick, dye, seal.",
                        spec.hasDrain() ? "Punch the drain at the point, and seal its edge." : "")
                .cautions("Dye and sealer: fumes and fire; gloves, fresh air.")
                .checks("It is dry to the hand, and leaves no colour on a white cloth."));
    }

    private String insideTitle() {
        return spec.carry() == Carry.NONE ? "Finish inside and mouth" : "Finish inside, mouth and belt loop";
    }

    private void trial(String how) {
        add(Operation.at(LEATHER, "trial-fit-sheath", "Trial fit", Effort.TRIAL_FIT_SHEATH)
                .is(TRIAL_FITS_SHEATH, GRIPS_BLADE)
                .toDo(how)
                .checks("It goes in, holds, and comes out."));
    }

    private void wetForm() {
        add(Operation.at(LEATHER, "wet-form", "Form it wet and let it dry", Effort.WET_FORM)
                .is(WET_FORMS, GRIPS_BLADE)
                .shapedBy(LEATHER_FORMING)
                .rest(Duration.ofHours(24), "drying slowly, no heat")
                .toDo(
                        "Wrap the " + (spec.isAxe() ? "head" : "blade")
                                + " in film, edge and point padded; case the leather damp, press it to the " + what
                                + ", draw it out again.",
                        "Dry it slowly in moving air: heat makes it hard and shrinks it.")
                .cautions("Wet leather rusts steel and " + (spec.isAxe() ? "an edge cuts" : "a point goes")
                        + " through it: film, pad, and nothing left in it overnight.")
                .checks(
                        "The " + what + " goes in, holds, and comes out of the dry sheath.",
                        "No damp is felt inside."));
    }

    /** Five minutes for a sixteenth of an inch; common practice, from memory. */
    private long minutes() {
        return Math.round(5 * 16 * spec.length(SHEATH_SHEET).inches());
    }

    private void formed() {
        add(Operation.at(LEATHER, "cut-sheet", "Cut the sheet", Effort.CUT_SHEET)
                .is(CUTS_SHEATH)
                .shapedBy(SHAPED_BY)
                .shapedBy(EYELET)
                .toDo("With an inch around the template on every side: the sheet draws in when it is pressed.", side())
                .targets(PieceDimensions.SHEATH_MARGIN)
                .makes(PieceDimensions.SHEATH_MARGIN)
                .cautions("Sheet and saw: eyes; what is scored and broken has sharp edges.")
                .checks("The template was tried against the " + what + "."));
        add(Operation.at(LEATHER, "press-sheath", "Heat the sheet and press it", Effort.PRESS_SHEATH)
                .is(PRESSES_SHEATH, GRIPS_BLADE)
                .rest(Duration.ofMinutes(15), "cooling in the press")
                .toDo(
                        "Tape edge, point and flats of the " + what
                                + ", and lay a rod along the edge where water is to run out.",
                        "Heat it evenly until it hangs like cloth: about 325 to 350 °F (165 to 175 °C) by the sheet’s own data, "
                                + "about " + minutes()
                                + " minutes for this one. Lay it on, shut the foam press at once.",
                        "Leave it shut until it is cold.")
                .cautions(
                        "Hot sheet burns and clings: gloves. Smoking sheet is overheated, and its fumes are poison: fresh air, "
                                + "stop, by its safety data sheet. Never an open flame.",
                        "The " + what + " is in the press: edge taped, nobody's hand between.")
                .checks("Both sides show the " + what + "’s own outline, and it comes out without force."));
        add(Operation.at(LEATHER, "set-eyelets", "Drill and set the eyelets", Effort.SET_EYELETS)
                .is(SETS_EYELETS)
                .shapedBy(EYELET_PITCH, CARRY, SHEATH_RETENTION)
                .toDo(
                        "Mark them along the line of the template, clamp both sides, drill through both; the " + what
                                + " is out of it.",
                        "Set each with its own die, a strike at a time.")
                .cautions(
                        "Eyes: glasses against chips; clamp both sides, no hand behind them, no gloves at a turning drill.",
                        Cautions.HAMMER)
                .checks("Every eyelet is tight, its flange whole and flat on both sides."));
        add(Operation.at(LEATHER, "trim-sheath", "Trim the edge, open the mouth", Effort.TRIM_SHEATH)
                .is(TRIMS_SHEATH)
                .toDo(
                        "Saw and grind to the template's edge, flare the mouth, round what touches a hand.",
                        spec.hasDrain() ? "Open the drain at the point." : "",
                        "Blow it out: grit left in it scratches the blade every time it is drawn.")
                .cautions(Cautions.EYES_LUNGS)
                .checks("No dust is left inside."));
        trial("Try the taped " + what
                + ". Too tight: warm the mouth a little and ease it; too loose: warm and press closer.");
        add(Operation.at(LEATHER, "finish-formed", "Finish the sheath", Effort.FINISH_FORMED)
                .is(FINISHES_SHEATH)
                .toDo(
                        "Edge 220 to 600, buffed lightly: plastic melts under a hot wheel.",
                        spec.carry() == Carry.NONE ? "" : "Screw the loop on; glue for screws on the last turn.")
                .cautions(Cautions.BUFFER)
                .checks("No edge is sharp to the hand."));
    }

    private void fitted() {
        add(Operation.at(LEATHER, "fit-sheath", "Knife and sheath together", Effort.FIT_SHEATH)
                .is(FITS_SHEATH)
                .toDo(
                        "Put the finished " + what + " in and draw it ten times.",
                        "Turn it upside down over something soft and shake it.",
                        spec.isStrappedIn() ? "Set the snap with the strap drawn over the handle." : "")
                .cautions(
                        Cautions.SHARP + " A sharp edge cuts its own way out of a soft sheath: no hand along the seam.")
                .checks(
                        "It goes in without cutting the welt, clicks or draws home, and stays.",
                        "It is drawn with one hand, and the edge meets nothing on its way."));
    }
}
