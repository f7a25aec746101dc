package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import java.util.List;

/** The sheath. Common practice. */
final class SheathRules {
    static final List<OrderRule> ALL = List.of(
            rule("guard-before-sheath", COSTLY)
                    .first(SHAPES_GUARD, CUTS_SHEATH)
                    .then(TRIAL_FITS_SHEATH, PRESSES_SHEATH)
                    .because("The sheath is tried on the final outline.")
                    .otherwise("Tried on an outline that still changes, it comes out too tight or too loose.")
                    .remedy("Finish the outline, cut the leather."),
            rule("handle-before-sheath", COSTLY)
                    .where(SheathRules::takesHandle)
                    .first(SANDS_HANDLE)
                    .then(TRIAL_FITS_SHEATH, PRESSES_SHEATH, WET_FORMS)
                    .because("A sheath that takes a part of the handle in is tried on the finished shape.")
                    .otherwise("A handle that is sanded after rattles in what was formed around it.")
                    .remedy("Shape and sand the handle first."),
            rule("leather-before-inside", COSTLY)
                    .first(CUTS_SHEATH)
                    .then(FINISHES_SHEATH_INSIDE)
                    .because("Leather is cut first.")
                    .otherwise("Uncut leather has no inside and no mouth to finish.")
                    .remedy("Cut it to the template."),
            rule("inside-before-closing", COSTLY)
                    .first(FINISHES_SHEATH_INSIDE)
                    .then(PRIMES_SHEATH, CEMENTS, CLOSES_SHEATH)
                    .because("Inside faces and mouth are finished before the sheath is closed.")
                    .otherwise("Once it is closed, inside and mouth cannot be reached any more.")
                    .remedy("Finish inside, mouth, loop and stamp."),
            rule("trial-before-welt", COSTLY)
                    .first(TRIAL_FITS_SHEATH)
                    .then(PRIMES_SHEATH, CEMENTS, CLOSES_SHEATH)
                    .because("Trial fit before the welt gets its cement.")
                    .otherwise("What does not fit then stays too tight or too loose for ever.")
                    .remedy("Clip it together and try the knife."),
            rule("two-coats", COSTLY)
                    .first(PRIMES_SHEATH)
                    .then(CEMENTS)
                    .because("Leather drinks the first coat; the second one holds.")
                    .otherwise("One coat is drunk up, and the edge opens when it is sanded.")
                    .remedy("Give it a first coat and let it dry."),
            rule("tacky-before-closing", COSTLY)
                    .first(CEMENTS)
                    .then(CLOSES_SHEATH)
                    .whileIt(Condition.CEMENTED)
                    .because("Contact cement is closed while it is tacky.")
                    .otherwise("Wet it slides, dry it no longer holds.")
                    .remedy("Close it now."),
            rule("close-before-stitching", COSTLY)
                    .first(CLOSES_SHEATH)
                    .then(STITCHES)
                    .because("It is stitched when the layers no longer move.")
                    .otherwise("The layers move under the awl, and the holes do not meet.")
                    .remedy("Close it first."),
            rule("stitch-before-forming", COSTLY)
                    .first(STITCHES)
                    .then(WET_FORMS)
                    .because("It is formed when the seam holds it.")
                    .otherwise("Wet leather pulls an open seam apart.")
                    .remedy("Stitch it first."),
            rule("cut-before-pressing", COSTLY)
                    .first(CUTS_SHEATH)
                    .then(PRESSES_SHEATH)
                    .because("A sheet is cut with room around it, then heated.")
                    .otherwise("A whole sheet does not go soft evenly, and half of it is wasted.")
                    .remedy("Cut it first."),
            rule("press-before-eyelets", COSTLY)
                    .first(PRESSES_SHEATH)
                    .then(SETS_EYELETS)
                    .because("Eyelets are drilled through both pressed sides at once.")
                    .otherwise("Holes drilled in a flat sheet wander when it is pressed, and do not meet.")
                    .remedy("Press it first."),
            rule("eyelets-before-trimming", COSTLY)
                    .first(SETS_EYELETS)
                    .then(TRIMS_SHEATH)
                    .because("The edge is trimmed when the eyelets hold both sides.")
                    .otherwise("Loose sides slip at the belt, and their edges do not meet.")
                    .remedy("Set the eyelets first."),
            rule("trim-before-trial", COSTLY)
                    .first(TRIMS_SHEATH)
                    .then(TRIAL_FITS_SHEATH)
                    .because("It is tried with its mouth open and its edge trimmed.")
                    .otherwise("Untrimmed it holds more than it will, and grinding dust in it scratches the blade.")
                    .remedy("Trim it, blow it out."),
            rule("tried-before-sheath-finish", COSTLY)
                    .first(TRIAL_FITS_SHEATH)
                    .then(FINISHES_SHEATH)
                    .because("It is polished when it holds the knife.")
                    .otherwise("What is heated again to be corrected loses its polish.")
                    .remedy("Try the knife."),
            rule("finished-before-fitting", COSTLY)
                    .first(FINISHES_SHEATH, FINISHES_HANDLE, SHARPENS, MARKS)
                    .then(FITS_SHEATH)
                    .because("Knife and sheath meet when both are finished.")
                    .otherwise("Dye, wax and dust rub off on the other.")
                    .remedy("Finish both first."),
            rule("form-before-sheath-finish", COSTLY)
                    .first(STITCHES, WET_FORMS)
                    .then(FINISHES_SHEATH)
                    .because("Edge, dye and seal go on the stitched, formed and dry sheath.")
                    .otherwise("Water takes the dye along, and an edge that is finished before is uneven after.")
                    .remedy("Form it and let it dry."));

    private SheathRules() {}

    private static boolean takesHandle(Specification spec) {
        return spec.asks(SpecificationField.HANDLE_IN_SHEATH);
    }
}
