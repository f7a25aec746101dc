package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.LEATHER;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Hand;
import hiltboard.core.design.Specification;
import hiltboard.core.sheath.SheathTemplate;
import java.time.Duration;
import java.util.Locale;

/** A stitched leather sheath. */
final class SheathWork {
    private SheathWork() {}

    static void write(Draft draft) {
        Specification spec = draft.spec;
        String what = spec.isAxe() ? "head" : "knife";
        String side = spec.hand() == Hand.EITHER
                ? ""
                : "Worn on the " + spec.hand().words().toLowerCase(Locale.ROOT)
                        + " side: the loop behind, the front outwards; look twice before the first cut.";
        draft.add(Operation.at(LEATHER, "cut-leather", "Cut the leather", Effort.CUT_LEATHER)
                .is(CUTS_LEATHER)
                .of(Part.SHEATH)
                .shapedBy(SHEATH, BLADE_LENGTH, HEEL_WIDTH, EDGE_LENGTH, HEAD_LENGTH, HAND)
                .toDo(
                        "Leather of about " + SheathTemplate.usualOunces(spec.isFolder())
                                + " oz; outline + half the thickness all round + welt + stitch margin.",
                        side)
                .targets(PieceDimensions.SHEATH_MARGIN)
                .makes(PieceDimensions.SHEATH_MARGIN)
                .cautions("Cut away from the hand.")
                .checks("The template was tried against the " + what + "."));
        draft.add(Operation.at(
                        LEATHER, "sheath-inside", "Finish inside, mouth and belt loop", Effort.FINISH_SHEATH_INSIDE)
                .is(FINISHES_SHEATH_INSIDE)
                .of(Part.SHEATH)
                .shapedBy(HAND)
                .toDo(
                        "Try every stamp on scrap first, its top dressed flat: old and cheap ones hit beside and leave shallow marks.",
                        "Stamp the back mark before the front is tooled, or the front is crushed.",
                        "Slick the inside, finish the mouth, sew the loop.")
                .checks(
                        "Nothing is left that cannot be reached later.",
                        "Tooling runs at one distance from the stitches."));
        draft.add(Operation.at(LEATHER, "trial-fit-sheath", "Trial fit", Effort.TRIAL_FIT_SHEATH)
                .is(TRIAL_FITS_SHEATH, GRIPS_BLADE)
                .of(Part.SHEATH)
                .toDo("Clip it together and try the wrapped " + what + " in it.")
                .checks("It goes in, holds, and comes out."));
        draft.add(Operation.at(LEATHER, "cement-sheath", "Contact cement on welt and edges", Effort.CEMENT_SHEATH)
                .is(CEMENTS)
                .of(Part.SHEATH)
                .sets(Condition.CEMENTED)
                .rest(Duration.ofMinutes(15), "until it is tacky")
                .toDo("Two thin coats on both faces.")
                .cautions(Cautions.SOLVENT)
                .checks(
                        "The cement is fresh by its date, and still draws threads.",
                        "It is tacky: it grips the finger and leaves nothing on it."));
        draft.add(Operation.at(LEATHER, "close-sheath", "Close the sheath", Effort.CLOSE_SHEATH)
                .is(CLOSES_SHEATH)
                .of(Part.SHEATH)
                .clears(Condition.CEMENTED)
                .toDo(
                        "Lay it together once, exactly: the welt, the mouth, " + (spec.isAxe() ? "" : "the tip, ")
                                + "then the rest between.",
                        "Press and roll, hammer lightly; level the edge.")
                .checks("The edges are flush all round."));
        draft.add(Operation.at(LEATHER, "stitch-sheath", "Stitch", Effort.STITCH_SHEATH)
                .is(STITCHES)
                .of(Part.SHEATH)
                .toDo("Groove, mark, pierce, saddle-stitch with a thread of the length below.")
                .targets(PieceDimensions.SHEATH_THREAD)
                .cautions("Awl: never towards the hand.")
                .checks(
                        "The stitches are even on both sides.",
                        "The distance from stitches to edge is one all along."));
        draft.add(Operation.at(LEATHER, "wet-form", "Form it wet and let it dry", Effort.WET_FORM)
                .is(WET_FORMS, GRIPS_BLADE)
                .of(Part.SHEATH)
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
        draft.add(Operation.at(LEATHER, "finish-sheath", "Finish the sheath", Effort.FINISH_SHEATH)
                .is(FINISHES_SHEATH)
                .of(Part.SHEATH)
                .rest(Duration.ofHours(12), "dye and seal drying overnight")
                .toDo("Edge 320 to 600, slick, dye, seal.")
                .cautions("Dye and sealer: fumes and fire; gloves, fresh air.")
                .checks("It is dry to the hand, and leaves no colour on a white cloth."));
    }
}
