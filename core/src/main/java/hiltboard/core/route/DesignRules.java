package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import java.util.List;

/** From the client's word to the first cut. Common practice. */
final class DesignRules {
    static final List<OrderRule> ALL = List.of(
            rule("approval-before-steel", STOP)
                    .first(APPROVES)
                    .then(CUTS_STEEL, FORGES_ON)
                    .onlyOrder()
                    .because("The client approves the outline first.")
                    .otherwise("A wrong shape found in steel means starting again with a new bar.")
                    .remedy("Get the client's word on the drawing."),
            rule("approval-before-handle", COSTLY)
                    .first(APPROVES)
                    .then(FLATTENS_SCALES, OPENS_CAVITY, MAKES_SIDES, SHAPES_HAFT, CUTS_SHEATH)
                    .onlyOrder()
                    .because("Handle and leather are cut to the approved shape.")
                    .otherwise("Material cut for a shape that nobody agreed to.")
                    .remedy("Get the client's word on the drawing."),
            rule("number-before-work", COSTLY)
                    .first(NUMBERS)
                    .then(MEASURES_STOCK, LAYS_OUT, CUTS_STEEL, HARDENS)
                    .onlyOrder()
                    .because("Pieces of a batch are numbered before the first operation.")
                    .otherwise("Pieces that look alike get swapped, and somebody works on the wrong one.")
                    .remedy("Number the piece and its slot."),
            rule("layout-before-punch", CARE)
                    .first(LAYS_OUT)
                    .then(PUNCHES_NUMBER)
                    .because("The number is punched once the layout shows where the handle hides it.")
                    .otherwise("It lands where it is seen for ever.")
                    .remedy("Lay out first; until then paper and tag carry the number."),
            rule("punch-before-heat", COSTLY)
                    .first(PUNCHES_NUMBER)
                    .then(SENDS_OUT, HARDENS)
                    .because("Number and piece stay together through the fire.")
                    .otherwise("Tags burn, and hardened blades look alike: nobody knows which is whose.")
                    .remedy("Punch the number."),
            rule("first-piece-before-the-rest", COSTLY)
                    .first(SEES_FIRST)
                    .then(CUTS_STEEL)
                    .onlyOrder()
                    .because("The first piece proves the process.")
                    .otherwise("A fault that nobody has found yet is repeated in every piece.")
                    .remedy("Prove the first piece, then cut the rest."),
            rule("cut-before-proof", COSTLY)
                    .first(CUTS_STEEL, FILES_SOFT_STEEL)
                    .then(PROVES)
                    .because("The first piece is proved on finished soft work.")
                    .otherwise("A proof of unfinished work proves nothing: the fault may lie in what is still to come.")
                    .remedy("Finish the soft work of the first piece."),
            rule("proof-before-heat", COSTLY)
                    .first(PROVES)
                    .then(SENDS_OUT, HARDENS)
                    .onlyOrder()
                    .because("The first piece is proved while it is soft.")
                    .otherwise("A fault found after hardening cannot be mended.")
                    .remedy("Check the first piece against the drawing."),
            rule("measure-before-layout", COSTLY)
                    .first(MEASURES_STOCK)
                    .then(LAYS_OUT, CLEANS_BARS, FORGES_ON)
                    .because("The bar is chosen and measured before anything is done to it.")
                    .otherwise("Every number hangs on a thickness nobody checked.")
                    .remedy("Measure the bar."),
            rule("layout-before-cutting", COSTLY)
                    .first(LAYS_OUT)
                    .then(CUTS_STEEL)
                    .because("Lines are scribed before steel is cut.")
                    .otherwise("Holes and outline land where they should not.")
                    .remedy("Paint, scribe, check."),
            rule("fixtures-before-stations", COSTLY)
                    .first(BUILDS_FIXTURES)
                    .then(CUTS_STEEL)
                    .onlyOrder()
                    .because("The fixtures stand and are checked before the first part goes on.")
                    .otherwise("Without them each part sits differently, and no two parts are alike.")
                    .remedy("Build the fixtures, check the zero."));

    private DesignRules() {}
}
