package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Trait.*;

import java.util.List;

/** The leather sheath. Common practice. */
final class SheathRules {
    static final List<OrderRule> ALL = List.of(
            rule("guard-before-sheath", COSTLY)
                    .first(SHAPES_GUARD, CUTS_LEATHER)
                    .then(TRIAL_FITS_SHEATH)
                    .because("The sheath is tried on the final outline.")
                    .otherwise("Tried on an outline that still changes, it comes out too tight or too loose.")
                    .remedy("Finish the outline, cut the leather."),
            rule("leather-before-inside", COSTLY)
                    .first(CUTS_LEATHER)
                    .then(FINISHES_SHEATH_INSIDE)
                    .because("Leather is cut first.")
                    .otherwise("Uncut leather has no inside and no mouth to finish.")
                    .remedy("Cut it to the template."),
            rule("inside-before-closing", COSTLY)
                    .first(FINISHES_SHEATH_INSIDE)
                    .then(CEMENTS, CLOSES_SHEATH)
                    .because("Inside faces and mouth are finished before the sheath is closed.")
                    .otherwise("Once it is closed, inside and mouth cannot be reached any more.")
                    .remedy("Finish inside, mouth, loop and stamp."),
            rule("trial-before-welt", COSTLY)
                    .first(TRIAL_FITS_SHEATH)
                    .then(CEMENTS, CLOSES_SHEATH)
                    .because("Trial fit before the welt is glued.")
                    .otherwise("What does not fit then stays too tight or too loose for ever.")
                    .remedy("Clip it together and try the knife."),
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
            rule("form-before-sheath-finish", COSTLY)
                    .first(STITCHES, WET_FORMS)
                    .then(FINISHES_SHEATH)
                    .because("Edge, dye and seal go on the stitched, formed and dry sheath.")
                    .otherwise("Water takes the dye along, and an edge that is finished before is uneven after.")
                    .remedy("Form it and let it dry."));

    private SheathRules() {}
}
