package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import java.util.List;

/** Head, eye and haft. Common practice. */
final class AxeRules {
    static final List<OrderRule> ALL = List.of(
            rule("heat-before-eye", COSTLY)
                    .first(LAST_TEMPER, SOFTENS)
                    .then(MEASURES_EYE)
                    .because("The eye is measured after the heat.")
                    .otherwise("Heat and scale change the eye, and a haft cut before no longer fits.")
                    .remedy("Harden and temper first."),
            rule("eye-before-haft", COSTLY)
                    .first(MEASURES_EYE)
                    .then(SHAPES_HAFT)
                    .because("The haft is cut to the eye as it was measured.")
                    .otherwise("The haft does not fill the eye, and a loose head flies off.")
                    .remedy("Clean and measure the eye."),
            rule("blank-before-haft", COSTLY)
                    .first(CHOOSES_HAFT)
                    .then(SHAPES_HAFT)
                    .because("The blank is looked at before it is shaped.")
                    .otherwise("Hours of shaping go into wood that splits at the first blow.")
                    .remedy("Straight grain, dry, no knot."),
            rule("haft-before-kerf", COSTLY)
                    .first(SHAPES_HAFT)
                    .then(KERFS)
                    .because("The kerf is sawn into the finished tenon.")
                    .otherwise("Sawn into an unfinished tenon, the kerf runs out of the side.")
                    .remedy("Shape the tenon first."),
            rule("haft-before-head", COSTLY)
                    .first(SHAPES_HAFT)
                    .then(FITS_HAFT)
                    .because("The haft is shaped before the head goes on.")
                    .otherwise("An unshaped haft does not enter the eye.")
                    .remedy("Shape the haft."),
            rule("kerf-before-head", STOP)
                    .first(KERFS)
                    .then(FITS_HAFT)
                    .because("The kerf is sawn before the head is on.")
                    .otherwise("With the head on, the kerf cannot be sawn inside the eye any more.")
                    .remedy("Saw the kerf."),
            rule("head-done-before-haft", COSTLY)
                    .first(FINISHES_BLADE)
                    .then(FITS_HAFT)
                    .because("The head is finished before it goes on the haft.")
                    .otherwise("Cheeks and haft are in each other's way.")
                    .remedy("Finish the head."),
            rule("head-before-wedge", STOP)
                    .first(FITS_HAFT)
                    .then(WEDGES)
                    .because("The wedge is driven with the head in place.")
                    .otherwise("A wedge driven without the head splits the haft.")
                    .remedy("Drive the head on."),
            rule("wedge-before-oil", COSTLY)
                    .first(FITS_HAFT, WEDGES)
                    .then(SANDS_HANDLE, FINISHES_HANDLE)
                    .because("The haft is oiled when the head is fast.")
                    .otherwise("Oil runs into the eye, and the head works loose on it.")
                    .remedy("Head on and fast first."));

    private AxeRules() {}
}
