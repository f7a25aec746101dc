package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.PRESS;
import static hiltboard.core.route.Condition.ANNEALED;
import static hiltboard.core.route.Station.FORGE;
import static hiltboard.core.route.Station.GRINDER;
import static hiltboard.core.route.Station.KILN;
import static hiltboard.core.route.Station.TANK;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Units;
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
            work.normaliseOrAnneal();
        }
    }

    /** Steel that bears no welding heat of carbon steel is welded cooler, in a can that keeps the air out. */
    private boolean isCanned() {
        return spec.steel().isAirHardening();
    }

    private void billet() {
        draft.add(Operation.at(GRINDER, "clean-bars", "Grind the bars bright and degrease", Effort.CLEAN_BARS)
                .is(CLEANS_BARS)
                .shapedBy(STEEL)
                .toDo(
                        "Grind every face that will meet another bright and flat.",
                        "Wipe with solvent last, and handle with clean gloves.")
                .cautions(Cautions.SOLVENT)
                .checks("Every bar is bright all over.", "No bar rocks on the plate."));
        draft.add(Operation.at(FORGE, "stack-billet", "Stack the billet", Effort.STACK_BILLET)
                .is(STACKS)
                .toDo(
                        spec.isLaminated()
                                ? "Lay the core in the middle, with the same cladding on both sides."
                                : "Alternate the two steels; the same steel outside on both sides.",
                        "Clamp it, and write the count down.")
                .checks("The count is written down."));
        draft.add(seal());
        draft.add(weld());
        draft.add(Operation.at(GRINDER, "crop-billet", "Cut the ends off, grind out edge cracks", Effort.CROP_BILLET)
                .is(CROPS_ENDS)
                .toDo(
                        isCanned() ? "Grind the can off all round." : "",
                        "Both ends never weld well: cut them off.",
                        "Grind cracks out before forging on; finish to about 60 grit to see them.")
                .cautions(
                        "Angle grinder: guard on, disc made for its speed, both hands, nobody in line; it kicks back.")
                .checks(
                        "Both ends are sound: a bright line between the layers means another cut.",
                        "No crack is left at 60 grit.",
                        "Its face is flat and shows no void."));
        if (spec.isPatternWelded()) {
            pattern();
        }
    }

    private Operation.Builder seal() {
        Operation.Builder seal = Operation.at(
                        FORGE,
                        "seal-edges",
                        isCanned() ? "Weld it shut in a can" : "Seal the edges",
                        isCanned() ? Effort.CAN_BILLET : Effort.SEAL_EDGES)
                .is(SEALS_EDGES)
                .shapedBy(STEEL)
                .cautions("Arc light: helmet, skin covered, others warned.");
        return isCanned()
                ? seal.toDo(
                                "Weld the stack shut all round in sheet steel, a release paint or paper inside; a small vent hole, "
                                        + "and a handle on one end.",
                                "Chromium scales before it welds: any leak opens the joint.")
                        .checks("The can has no open seam but its vent.")
                : seal.toDo("Weld or seal every joint, and fix a handle to one end.")
                        .checks("No joint is open anywhere.");
    }

    private Operation.Builder weld() {
        Operation.Builder weld = Operation.at(FORGE, "weld-billet", "Weld the billet", Effort.WELD_BILLET)
                .is(WELDS, FORGES_ON)
                .shapedBy(STEEL)
                .clears(ANNEALED)
                .toDo(
                        "Soak it through at welding heat, about "
                                + Units.both(spec.steel().welding()::in)
                                + (isCanned() ? ", in its can, and longer for that." : "."),
                        "Press lightly and evenly first, then firmly, all along.")
                .cautions(PRESS)
                .checks("It rings as one piece: a dull sound is an open weld.");
        return isCanned()
                ? weld.cautions(spec.steel().designation() + " crumbles above about "
                        + Units.both(spec.steel().welding()::in) + ": carbon steel's welding heat of "
                        + Units.both(Steel.WELDING::in) + " ruins it.")
                : weld;
    }

    private void pattern() {
        draft.add(Operation.at(FORGE, "restack", "Cut, restack and weld again", Effort.RESTACK)
                .is(RESTACKS, FORGES_ON)
                .shapedBy(PATTERN)
                .toDo(
                        "Draw it out and cut it into equal lengths; look at every cut face: flat, and no void.",
                        "Grind the faces clean, stack, seal and weld as before.",
                        "Cut both ends off again, and grind out edge cracks.",
                        "n layers cut in k give n · k, less k − 1 where like meets like.")
                .cautions(PRESS)
                .checks(
                        "No cut face showed a void.",
                        "Both ends were cut off again.",
                        "The new count is written down."));
        if (spec.isTwisted()) {
            draft.add(Operation.at(GRINDER, "knock-corners", "Knock the corners off the bar", Effort.KNOCK_CORNERS)
                    .is(KNOCKS_CORNERS)
                    .shapedBy(PATTERN)
                    .toDo("Take a bar ¾ to 1 in square and grind its four corners off, or they tear.")
                    .checks("No corner along the bar is sharp."));
            draft.add(Operation.at(FORGE, "twist", "Twist the bar", Effort.TWIST)
                    .is(TWISTS, FORGES_ON)
                    .shapedBy(PATTERN)
                    .toDo(
                            "Heat it evenly along its length and twist it evenly.",
                            "Cut an end and dip it: the pattern is seen before anything is forged out.",
                            "Leave it thick: a twist looks best where it is ground into deeply.")
                    .cautions(
                            "A long wrench slips and a hot day wears out: a second person at the bar, water to drink, feet clear.")
                    .checks("The twist is even.", "The dipped end shows the pattern."));
        }
    }

    private void shape() {
        if (spec.isAxe()) {
            draft.add(Operation.at(FORGE, "drift-eye", "Slit and drift the eye", Effort.DRIFT_EYE)
                    .is(DRIFTS_EYE, FORGES_ON)
                    .clears(ANNEALED)
                    .shapedBy(CONSTRUCTION, EYE_LENGTH, EYE_WIDTH)
                    .toDo(
                            "Slit on the centre line from both sides, then open it with the drift.",
                            "Cool the drift between heats.")
                    .cautions(PRESS, Cautions.ANVIL)
                    .checks("The drift sits square to the head."));
        }
        if (spec.construction() == Construction.INTEGRAL) {
            draft.add(Operation.at(FORGE, "forge-bolster", "Forge the bolster", Effort.FORGE_BOLSTER)
                    .is(FORGES_BOLSTER, FORGES_ON)
                    .clears(ANNEALED)
                    .shapedBy(CONSTRUCTION, BOLSTER_LENGTH)
                    .toDo(
                            "Scribe both sides, and set the bolster down on both before the blade is drawn.",
                            "Keep it square to the blade.")
                    .cautions(PRESS, Cautions.ANVIL)
                    .checks("The bolster is square, and enough is left to grind."));
            draft.add(Operation.at(FORGE, "forge-tang", "Forge the tang", Effort.FORGE_TANG)
                    .is(FORGES_TANG, FORGES_ON)
                    .clears(ANNEALED)
                    .shapedBy(CONSTRUCTION, TANG_LENGTH)
                    .toDo(
                            "Draw the tang out behind the bolster while the whole bar is there to hold.",
                            "Leave its root thick; no sharp inside corner at the bolster.")
                    .cautions(PRESS, Cautions.ANVIL)
                    .checks("The tang is straight behind the bolster.", "There is no crack at its root."));
        }
        Operation.Builder forge = Operation.at(
                        FORGE,
                        "forge-shape",
                        spec.isAxe() ? "Forge the head to shape" : "Forge to shape",
                        spec.isAxe() ? Effort.FORGE_HEAD : Effort.FORGE_BLADE)
                .is(FORGES_SHAPE, FORGES_ON)
                .clears(ANNEALED)
                .shapedBy(
                        CONSTRUCTION,
                        BLADE_LENGTH,
                        HEEL_WIDTH,
                        STOCK_THICKNESS,
                        HEAD_LENGTH,
                        HEAD_THICKNESS,
                        CHEEK_THICKNESS,
                        EDGE_LENGTH)
                .toDo(order(), forgingHeat(), "Straighten it hot; nothing is straightened cold.")
                .cautions(PRESS, Cautions.ANVIL)
                .checks(
                        "It is straight in all directions.",
                        "Enough is left all round to clean up.",
                        spec.isFromBillet() ? "No crack and no open weld is seen." : "No crack is seen.");
        draft.add(
                spec.isAxe()
                        ? forge.targets(PieceDimensions.CHEEK_THICKNESS).readings(PieceDimensions.CHEEK_THICKNESS)
                        : forge);
    }

    private String order() {
        if (spec.isAxe()) {
            return "The cheeks first, then the bit to its width, then the beard.";
        }
        if (spec.isLaminated()) {
            return "Forge evenly from both sides and leave about 5/16 in (8 mm), or the core wanders.";
        }
        return spec.construction() == Construction.INTEGRAL
                ? "The tang is there to hold it by: the tip first, then the blade and its bevels."
                : "The tip first, then the bevels, then the tang.";
    }

    private String forgingHeat() {
        return spec.steel()
                .grade()
                .forging()
                .map(range -> "Forge " + spec.steel().designation() + " between " + Units.both(range.low()::in)
                        + " and " + Units.both(range.high()::in)
                        + ": colder it cracks, hotter it crumbles.")
                .orElse("The steel's own sheet says between which heats it is forged.");
    }

    private void soften() {
        if (!spec.steel().isAirHardening()) {
            normalise();
        }
        anneal();
    }

    /**
     * Before a blade is hardened once more: what hardens in air would harden in every normalising heat, and is annealed
     * instead.
     */
    private void normaliseOrAnneal() {
        if (spec.steel().isAirHardening()) {
            anneal();
        } else {
            normalise();
        }
    }

    private void anneal() {
        Operation.Builder anneal = Operation.at(KILN, "anneal", "Anneal", Effort.ANNEAL)
                .is(ANNEALS)
                .rest(Duration.ofHours(12), "cooling slowly")
                .shapedBy(STEEL)
                .clears(Condition.UNTEMPERED, Condition.TEMPERED)
                .sets(ANNEALED)
                .cautions("An unattended kiln: nothing that burns stands near it.")
                .checks("A file bites everywhere.");
        draft.add(
                spec.steel().isAirHardening()
                        ? anneal.toDo(
                                spec.steel().designation()
                                        + " hardens in air, also out of the forge: only a slow fall in the shut kiln makes it soft. No "
                                        + "vermiculite, no "
                                        + "ashes.",
                                "In foil, to the heat that its own sheet names, then down no faster than "
                                        + Units.both(spec.steel().annealingFall()::in)
                                        + " an hour to black heat, then to cold.")
                        : anneal.toDo(
                                "Heat it through, then leave it to cool in the kiln or in warm vermiculite overnight."));
    }

    private void normalise() {
        String heats = spec.steel().grade().normalising().stream()
                .map(heat -> Units.both(heat::in))
                .reduce((a, b) -> a + ", then " + b)
                .orElse("each cooler than the last, as its own sheet says");
        draft.add(Operation.at(KILN, "normalise", "Normalise three times, each cooler", Effort.NORMALISE)
                .is(NORMALISES)
                .clears(Condition.UNTEMPERED, Condition.TEMPERED)
                .shapedBy(STEEL)
                .toDo(
                        spec.steel().designation() + ": " + heats + "; to black in still air after each.",
                        "A thin clay or scale-guard wash keeps scale off, and spares the grinder.")
                .cautions("Hot steel looks cold: tongs, and a marked place to cool.")
                .checks("All heats were given, each cooler than the one before."));
    }

    private void clean() {
        Operation.Builder clean = Operation.at(
                        GRINDER, "clean-forging", "Grind the flats clean, look for flaws", Effort.CLEAN_FORGING)
                .is(CLEANS_FORGING)
                .toDo(
                        "Take the scale off with a worn belt, flats parallel; about 60 grit shows cracks that rough marks hide.")
                .checks((spec.isFromBillet() ? "No crack and no open weld" : "No crack")
                        + " is seen at 60 grit; what is found is written down with its place.");
        if (!spec.isAxe()) {
            clean.toDo(
                            "Measure the thickness at the ricasso and enter it; a forging is thicker than the blade will be.")
                    .shapedBy(STOCK_THICKNESS)
                    .targets(PieceDimensions.STOCK_THICKNESS)
                    .readings(PieceDimensions.STOCK_THICKNESS);
        }
        draft.add(clean);
        if (spec.isLaminated()) {
            draft.add(Operation.at(TANK, "test-etch-edge", "Test-etch the edge", Effort.TEST_ETCH)
                    .is(TEST_ETCHES_EDGE)
                    .toDo(
                            "Clean edge and spine, dip, and see where the core runs.",
                            "Mark the middle of the core; grind the faces to it, not to the outside.")
                    .cautions(Cautions.FERRIC)
                    .checks("The core is seen along the whole edge."));
            Operation.Builder faces = Operation.at(
                            GRINDER, "grind-clad-faces", "Grind the clad faces to the core", Effort.GRIND_CLAD_FACES)
                    .is(GRINDS_CLAD_FACES)
                    .toDo("Take off more on the side where the cladding is thicker, until the core runs in the middle.")
                    .checks("The cladding is equal on both sides.");
            draft.add(
                    spec.isAxe()
                            ? faces
                            : faces.toDo(
                                            "Measure the thickness again and enter it: every line from here on hangs on it.")
                                    .targets(PieceDimensions.STOCK_THICKNESS)
                                    .readings(PieceDimensions.STOCK_THICKNESS));
        }
        draft.add(DesignWork.layOut(draft));
    }
}
