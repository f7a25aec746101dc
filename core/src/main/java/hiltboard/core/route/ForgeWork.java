package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.PRESS;
import static hiltboard.core.route.Condition.ANNEALED;
import static hiltboard.core.route.Station.GRINDER;
import static hiltboard.core.route.Station.KILN;
import static hiltboard.core.route.Station.TANK;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import java.time.Duration;

/** Billets, forging to shape, and the heats that make a forging workable again. */
final class ForgeWork {
    private final Draft draft;
    private final Specification spec;

    private ForgeWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
    }

    static void write(Draft draft) {
        ForgeWork work = new ForgeWork(draft);
        if (draft.spec.isFromBillet()) {
            work.billet();
        }
        if (draft.spec.isForged()) {
            work.shape();
            work.soften();
            work.clean();
        } else if (draft.rework.isSoftenedAgain()) {
            work.soften();
        } else if (draft.rework.heats() > 1) {
            work.normalise();
        }
    }

    private void billet() {
        draft.add(Operation.at(GRINDER, "clean-bars", "Grind the bars bright and degrease", 40).is(CLEANS_BARS).shapedBy(STEEL)
                .toDo("Every face that will meet another: bright, flat, then solvent.").cautions(Cautions.SOLVENT).checks("Bright all over, no rocking on the plate"));
        draft.add(Operation.at(Station.FORGE, "stack-billet", "Stack the billet", 20).is(STACKS)
                .toDo(spec.isLaminated() ? "The core in the middle, the same cladding on both sides." : "Alternate the two steels, like outside.", "Clamp; write the count down.")
                .checks("The count is written down"));
        draft.add(Operation.at(Station.FORGE, "seal-edges", "Seal the edges", 30).is(SEALS_EDGES)
                .toDo("Weld or seal every joint, and a handle on one end.").cautions("Arc light: helmet, skin covered, others warned.").checks("No open joint anywhere"));
        draft.add(Operation.at(Station.FORGE, "weld-billet", "Weld the billet", 60).is(WELDS, FORGES_ON).clears(ANNEALED)
                .toDo("Soak through at welding heat, about 2200 °F (1200 °C).", "Light, even pressure first, then firmly, all along.").cautions(PRESS).checks("It rings as one piece"));
        draft.add(Operation.at(GRINDER, "crop-billet", "Cut the ends off, grind out edge cracks", 30).is(CROPS_ENDS)
                .toDo("Both ends never weld well: cut them off.", "Grind cracks out before forging on; finish to about 60 grit to see them.")
                .checks("Both ends are sound", "No crack left at 60 grit"));
        if (spec.isPatternWelded()) {
            pattern();
        }
    }

    private void pattern() {
        draft.add(Operation.at(Station.FORGE, "restack", "Cut and restack", 90).is(RESTACKS, FORGES_ON).shapedBy(PATTERN)
                .toDo("Draw it out, cut into equal lengths, clean, stack, seal, weld again.", "n layers cut in k give n · k, less k − 1 where like meets like.").cautions(PRESS).checks("The new count is written down"));
        if (spec.isTwisted()) {
            draft.add(Operation.at(GRINDER, "knock-corners", "Knock the corners off the bar", 15).is(KNOCKS_CORNERS).shapedBy(PATTERN)
                    .toDo("A bar ¾ to 1 in square; corners off, or they tear.").checks("No sharp corner along the bar"));
            draft.add(Operation.at(Station.FORGE, "twist", "Twist the bar", 30).is(TWISTS, FORGES_ON).shapedBy(PATTERN)
                    .toDo("Even heat along the bar; twist evenly.", "Cut an end and dip it to see the pattern.").checks("Even twist", "The dipped end shows the pattern"));
        }
    }

    private void shape() {
        if (spec.isAxe()) {
            draft.add(Operation.at(Station.FORGE, "drift-eye", "Slit and drift the eye", 60).is(DRIFTS_EYE, FORGES_ON).clears(ANNEALED).shapedBy(CONSTRUCTION, EYE_LENGTH, EYE_WIDTH)
                    .toDo("Slit on centre from both sides, open with the drift.", "Cool the drift between heats.").cautions(PRESS).checks("The drift sits square to the head"));
        }
        if (spec.construction() == Construction.INTEGRAL) {
            draft.add(Operation.at(Station.FORGE, "forge-bolster", "Forge the bolster", 60).is(FORGES_BOLSTER, FORGES_ON).clears(ANNEALED).shapedBy(CONSTRUCTION, BOLSTER_LENGTH)
                    .toDo("Set the bolster down on both sides before the blade is drawn.", "Keep it square to the blade.").cautions(PRESS).checks("Bolster square, enough left to grind"));
        }
        if (spec.construction() == Construction.INTEGRAL) {
            draft.add(Operation.at(Station.FORGE, "forge-tang", "Forge the tang", 40).is(FORGES_TANG, FORGES_ON).clears(ANNEALED).shapedBy(CONSTRUCTION, TANG_LENGTH)
                    .toDo("Draw the tang out behind the bolster while the whole bar is there to hold.", "Leave its root thick; no sharp inside corner at the bolster.").cautions(PRESS).checks("Tang straight behind the bolster", "No crack at its root"));
        }
        draft.add(Operation.at(Station.FORGE, "forge-shape", spec.isAxe() ? "Forge the head to shape" : "Forge to shape", 120).is(FORGES_SHAPE, FORGES_ON).clears(ANNEALED)
                .shapedBy(CONSTRUCTION, BLADE_LENGTH, HEEL_WIDTH, STOCK_THICKNESS, HEAD_LENGTH, HEAD_THICKNESS, EDGE_LENGTH)
                .toDo(spec.isLaminated() ? "Evenly from both sides, about 5/16 in left, or the core wanders." : spec.construction() == Construction.INTEGRAL ? "The tang is there to hold it by: tip first, then the blade and its bevels." : "Tip first, then the bevels, then the tang.", "Straighten hot; nothing cold.")
                .cautions(PRESS).checks("Straight in all directions", "Enough left all round to clean up"));
    }

    private void soften() {
        normalise();
        draft.add(Operation.at(KILN, "anneal", "Anneal", 15).is(ANNEALS).rest(Duration.ofHours(12), "cooling slowly").sets(ANNEALED)
                .toDo("Heat through, then leave it to cool in the kiln or in warm vermiculite overnight.").cautions("An unattended kiln: nothing that burns near it.").checks("A file bites everywhere"));
    }

    /** Also before a blade is hardened once more. */
    private void normalise() {
        draft.add(Operation.at(KILN, "normalise", "Normalise three times, each cooler", 45).is(NORMALISES).clears(Condition.UNTEMPERED, Condition.TEMPERED).shapedBy(STEEL)
                .toDo("Three heats, each cooler than the last, to black in still air between (" + spec.steel().designation() + ").")
                .cautions("Hot steel looks cold: tongs, and a marked place to cool.").checks("Three times, each cooler"));
    }

    private void clean() {
        Operation.Builder clean = Operation.at(GRINDER, "clean-forging", "Grind the flats clean, look for flaws", 45).is(CLEANS_FORGING)
                .toDo("Worn belt through the scale; flats parallel; about 60 grit to see cracks.").checks("No crack or open weld at 60 grit");
        if (!spec.isAxe()) {
            clean.toDo("Measure the thickness at the ricasso and enter it.").shapedBy(STOCK_THICKNESS).targets(PieceDimensions.STOCK_THICKNESS).readings(PieceDimensions.STOCK_THICKNESS);
        }
        draft.add(clean);
        if (spec.isLaminated()) {
            draft.add(Operation.at(TANK, "test-etch-edge", "Test-etch the edge", 15).is(TEST_ETCHES_EDGE)
                    .toDo("Clean edge and spine, dip, and see where the core runs.", "Mark the middle of the core; grind the faces to it, not to the outside.").cautions(Cautions.FERRIC).checks("The core is seen along the whole edge"));
            draft.add(Operation.at(GRINDER, "grind-clad-faces", "Grind the clad faces to the core", 30).is(GRINDS_CLAD_FACES)
                    .toDo("Take off more on the side where the cladding is thicker, until the core runs in the middle.").checks("Cladding equal on both sides"));
        }
        draft.add(DesignWork.layOut(draft));
    }
}
