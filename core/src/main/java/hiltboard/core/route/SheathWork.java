package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.LEATHER;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import java.time.Duration;

/** A stitched leather sheath. */
final class SheathWork {
    private SheathWork() {}

    static void write(Draft draft) {
        draft.add(Operation.at(LEATHER, "cut-leather", "Cut the leather", 40).is(CUTS_LEATHER).of(Part.SHEATH).shapedBy(SHEATH, BLADE_LENGTH, HEEL_WIDTH, EDGE_LENGTH, HEAD_LENGTH)
                .toDo("Outline + half the thickness all round + welt + stitch margin.").targets(PieceDimensions.SHEATH_MARGIN).makes(PieceDimensions.SHEATH_MARGIN)
                .cautions("Cut away from the hand.").checks("Template tried against the knife"));
        draft.add(Operation.at(LEATHER, "sheath-inside", "Finish inside, mouth and belt loop", 30).is(FINISHES_SHEATH_INSIDE).of(Part.SHEATH)
                .toDo("Slick the inside, finish the mouth, sew the loop, stamp the back, after a test strike on scrap: old stamps hit beside.").checks("Nothing left that cannot be reached later"));
        draft.add(Operation.at(LEATHER, "trial-fit-sheath", "Trial fit", 15).is(TRIAL_FITS_SHEATH, GRIPS_BLADE).of(Part.SHEATH)
                .toDo("Clip it together and try the knife in it.").checks("Goes in, holds, comes out"));
        draft.add(Operation.at(LEATHER, "cement-sheath", "Contact cement on welt and edges", 15).is(CEMENTS).of(Part.SHEATH).sets(Condition.CEMENTED).rest(Duration.ofMinutes(15), "until it is tacky")
                .toDo("Two thin coats on both faces.").cautions(Cautions.SOLVENT).checks("The cement is fresh by its date, and still draws threads", "Tacky: it grips the finger and leaves nothing on it"));
        draft.add(Operation.at(LEATHER, "close-sheath", "Close the sheath", 15).is(CLOSES_SHEATH).of(Part.SHEATH).clears(Condition.CEMENTED)
                .toDo("Lay it together once, exactly; press and roll; level the edge.").checks("Edges flush all round"));
        draft.add(Operation.at(LEATHER, "stitch-sheath", "Stitch", 105).is(STITCHES).of(Part.SHEATH)
                .toDo("Groove, mark, pierce, saddle-stitch; thread ten times the seam.").cautions("Awl: never towards the hand.").checks("Stitches even on both sides"));
        draft.add(Operation.at(LEATHER, "finish-sheath", "Finish the sheath", 45).is(FINISHES_SHEATH).of(Part.SHEATH)
                .rest(Duration.ofHours(2), "dye and seal drying").toDo("Edge 320 to 600, slick, dye, seal.").checks("Dry to the hand"));
    }
}
