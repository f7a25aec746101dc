package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import java.util.List;

/** Billets, forging and what makes a forging workable again. Common practice. */
final class ForgeRules {
    static final List<OrderRule> ALL = List.of(
            rule("clean-before-stack", STOP)
                    .first(CLEANS_BARS)
                    .then(STACKS)
                    .because("Bars are bright, flat and degreased before they are stacked.")
                    .otherwise("Where there is dirt between the bars they do not weld, and it delaminates later.")
                    .remedy("Grind every face bright, then solvent."),
            rule("stack-before-seal", COSTLY)
                    .first(STACKS)
                    .then(SEALS_EDGES)
                    .because("The stack is sealed as it stands.")
                    .otherwise("Sealed before it is clamped, the stack keeps its gaps for ever.")
                    .remedy("Stack and clamp first."),
            rule("seal-before-weld", STOP)
                    .first(SEALS_EDGES)
                    .then(WELDS)
                    .because("Edges are sealed before welding heat.")
                    .otherwise("Air gets in between the layers, scale forms there, and the joints never weld.")
                    .remedy("Seal every joint."),
            rule("weld-before-crop", COSTLY)
                    .first(WELDS)
                    .then(CROPS_ENDS)
                    .because("The ends are cut off the welded billet.")
                    .otherwise("Before the weld the ends tell nothing, and cutting them wastes sound steel.")
                    .remedy("Weld it first."),
            rule("crop-before-forging-on", COSTLY)
                    .first(CROPS_ENDS)
                    .then(RESTACKS, KNOCKS_CORNERS, TWISTS, FORGES_BOLSTER, FORGES_TANG, DRIFTS_EYE, FORGES_SHAPE)
                    .because("Ends are cut off and cracks are ground out before forging on.")
                    .otherwise("Splits at the ends and cracks at the edges run on into sound steel.")
                    .remedy("Cut both ends, grind cracks out at 60 grit."),
            rule("restack-before-shape", COSTLY)
                    .first(RESTACKS)
                    .then(KNOCKS_CORNERS, TWISTS, FORGES_BOLSTER, FORGES_TANG, DRIFTS_EYE, FORGES_SHAPE)
                    .because("The layers are counted up before the billet is shaped.")
                    .otherwise("A bar that is shaped already cannot be stacked again, and stays at too few layers.")
                    .remedy("Cut, restack and weld first."),
            rule("corners-before-twist", COSTLY)
                    .first(KNOCKS_CORNERS)
                    .then(TWISTS)
                    .because("The corners come off before the twist.")
                    .otherwise("The corners tear open while it is twisted, and the tears run into the blade.")
                    .remedy("Grind the four corners off the bar."),
            rule("twist-before-shape", COSTLY)
                    .first(TWISTS)
                    .then(FORGES_BOLSTER, FORGES_TANG, DRIFTS_EYE, FORGES_SHAPE)
                    .because("The bar is twisted before it is shaped.")
                    .otherwise("Only a straight square bar twists evenly: a shaped one twists where it is thin.")
                    .remedy("Twist it first."),
            rule("bulk-before-shape", COSTLY)
                    .first(FORGES_BOLSTER, DRIFTS_EYE)
                    .then(FORGES_SHAPE)
                    .because("Bolster and eye are made while there is bulk around them.")
                    .otherwise("Nothing is left to upset or to drift.")
                    .remedy("Bolster or eye first, then draw the blade."),
            rule("tang-before-blade", COSTLY)
                    .first(FORGES_TANG)
                    .then(FORGES_SHAPE)
                    .because("An integral is forged tang first, then tip and blade.")
                    .otherwise("Once the blade is drawn, nothing is left to hold it by while the tang is forged.")
                    .remedy("Forge the tang first."),
            rule("forge-before-normalising", COSTLY)
                    .first(FORGES_SHAPE)
                    .then(NORMALISES)
                    .because("Normalising follows the last forging heat.")
                    .otherwise("The next forging heat coarsens the grain again, and normalising was for nothing.")
                    .remedy("Finish the forging."),
            rule("normalise-before-hardening", COSTLY)
                    .first(NORMALISES)
                    .then(SENDS_OUT, HARDENS, COATS_WITH_CLAY, DEGREASES_FOR_FOIL)
                    .because("A forged or once hardened blade is normalised three times before it is hardened.")
                    .otherwise("Coarse grain and stress: it warps, or breaks.")
                    .remedy("Three heats, each cooler than the one before, to black in still air between."),
            rule("forge-before-annealing", COSTLY)
                    .first(FORGES_SHAPE)
                    .then(ANNEALS)
                    .because("The anneal follows the last forging heat.")
                    .otherwise("The next forging heat makes the steel hard again, and the anneal was for nothing.")
                    .remedy("Finish the forging."),
            rule("normalise-before-annealing", COSTLY)
                    .first(NORMALISES)
                    .then(ANNEALS)
                    .because("The anneal comes last of the heats.")
                    .otherwise("A normalising heat after it makes the steel hard again.")
                    .remedy("Normalise first."),
            rule("anneal-before-hardening", COSTLY)
                    .where(spec -> spec.steel().isAirHardening())
                    .first(ANNEALS)
                    .then(SENDS_OUT, HARDENS, DEGREASES_FOR_FOIL)
                    .because(
                            "Steel that hardens in air is annealed in the kiln before it is hardened, or hardened again.")
                    .otherwise("Hard from the forge or the last fire, it cracks on the way up, and its grain grows.")
                    .remedy("A slow fall in the shut kiln."),
            rule("anneal-before-cutting", COSTLY)
                    .first(ANNEALS)
                    .then(CLEANS_FORGING, DRILLS_SOFT_STEEL, PROFILES, FILES_SOFT_STEEL, STAMPS)
                    .because("A forging is annealed before it is drilled and filed.")
                    .otherwise("The steel is still hard: drills burn and files skate.")
                    .remedy("Anneal it overnight."),
            rule("clean-before-layout", COSTLY)
                    .first(CLEANS_FORGING, GRINDS_CLAD_FACES)
                    .then(LAYS_OUT)
                    .because("Lines are scribed on clean, flat steel.")
                    .otherwise("Scale takes the line with it, and hides a crack.")
                    .remedy("Grind the flats clean, look for flaws."),
            rule("clean-before-test-etch", COSTLY)
                    .first(CLEANS_FORGING)
                    .then(TEST_ETCHES_EDGE)
                    .because("The edge is test-etched on clean steel.")
                    .otherwise("Scale hides where the core runs.")
                    .remedy("Grind it clean first."),
            rule("test-etch-before-cladding", STOP)
                    .first(TEST_ETCHES_EDGE)
                    .then(GRINDS_CLAD_FACES, GRINDS_BEVELS)
                    .because("The edge is test-etched before the outer cladding is ground.")
                    .otherwise("One side's layer is lost before anybody sees where the core runs.")
                    .remedy("Test-etch the edge and mark the core."),
            rule("cladding-before-bevels", COSTLY)
                    .first(GRINDS_CLAD_FACES)
                    .then(GRINDS_BEVELS)
                    .because("The clad faces are ground to the core before bevels.")
                    .otherwise("Ground from faces that are not true to it, the core runs out of the edge.")
                    .remedy("Bring the core to the middle first."));

    private ForgeRules() {}
}
