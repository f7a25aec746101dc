package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Specification;
import java.util.List;

/** Springs, bearings, locks and the action. Common practice. */
final class FolderRules {
    static final List<OrderRule> ALL = List.of(
            rule("grind-before-back-spacer", STOP)
                    .first(FINISH_GRINDS)
                    .then(MAKES_BACK_SPACER, CLOSES_FOLDER)
                    .because("Back spacer and bearing stack follow the blade as measured after the last grinding pass.")
                    .otherwise("A bad action: the wrong spacer tapers the handle.")
                    .remedy("Finish the grind and measure the blade."),
            rule("grind-before-action", COSTLY)
                    .first(FINISH_GRINDS)
                    .then(FITS_SPRING, FITS_LOCK)
                    .because("Spring and lock are fitted to the ground blade.")
                    .otherwise("Grinding the blade afterwards takes the fit away.")
                    .remedy("Finish the grind."),
            rule("sides-before-pockets", COSTLY)
                    .first(MAKES_SIDES)
                    .then(RELIEVES_PIVOT, CUTS_BEARING_POCKETS, CUTS_LOCK_BAR)
                    .because("Pockets, relief and lock bar are cut into drilled, flat sides.")
                    .otherwise("Without the pivot's hole they are cut beside it.")
                    .remedy("Make the sides first."),
            rule("lock-bar-before-bend", COSTLY)
                    .first(CUTS_LOCK_BAR)
                    .then(BENDS_LOCK_BAR)
                    .because("The bar is thinned and cut before it is bent.")
                    .otherwise("A thick bar does not bend where it should.")
                    .remedy("Cut it first."),
            rule("bend-before-lock-fit", COSTLY)
                    .first(BENDS_LOCK_BAR)
                    .then(FITS_LOCK)
                    .because("The lock face is fitted on the bent bar.")
                    .otherwise("The bend moves it out of its fit.")
                    .remedy("Bend it first."),
            rule("ball-before-lock", COSTLY)
                    .first(BENDS_LOCK_BAR)
                    .then(PRESSES_DETENT_BALL)
                    .because("The ball is pressed into the bent bar.")
                    .otherwise("Bent afterwards, the bar gives way at the ball's hole.")
                    .remedy("Bend the bar first."),
            rule("pockets-before-stop", COSTLY)
                    .first(MAKES_SIDES, CUTS_BEARING_POCKETS)
                    .then(FITS_STOP)
                    .because("The stop is fitted with the blade on its bearings.")
                    .otherwise("Without them the blade stands elsewhere, and the stop is wrong.")
                    .remedy("Plates and pockets first."),
            rule("stop-before-lock", COSTLY)
                    .first(FITS_STOP, PRESSES_DETENT_BALL)
                    .then(FITS_LOCK)
                    .because("The lock is fitted to a blade that stands at its stop.")
                    .otherwise("A stop that is fitted later moves the blade away from its lock, which then has play.")
                    .remedy("Fit stop pin and track first."),
            rule("lock-before-detent", COSTLY)
                    .first(FITS_LOCK, FITS_STOP, PRESSES_DETENT_BALL)
                    .then(DRILLS_DETENT)
                    .because("The ball itself marks where its hole goes, with the blade closed at its stop.")
                    .otherwise("A hole that is drilled by guess holds the blade half open, or does not hold it at all.")
                    .remedy("Fit stop and lock, close it, mark it, drill it."),
            rule("bar-before-over-travel-stop", CARE)
                    .first(FITS_LOCK)
                    .then(STOPS_OVER_TRAVEL)
                    .because("The over-travel stop is set to the fitted bar.")
                    .otherwise("It stops the bar too early, or not at all.")
                    .remedy("Fit the lock first."),
            rule("sides-before-clip", CARE)
                    .first(SHAPES_OFF_KNIFE)
                    .then(MAKES_CLIP)
                    .because("The clip is bent to the shaped side.")
                    .otherwise("It stands off, or presses where nothing gives way.")
                    .remedy("Shape the sides first."),
            rule("lock-parts-before-action", COSTLY)
                    .first(DRILLS_DETENT, FITS_STOP, STOPS_OVER_TRAVEL)
                    .then(TRIES_ACTION)
                    .because("The action is tried with stop, detent and over-travel stop.")
                    .otherwise("It proves nothing: the blade may fall open in the pocket.")
                    .remedy("Fit them first."),
            rule("clip-before-closing", CARE)
                    .first(MAKES_CLIP)
                    .then(CLOSES_FOLDER)
                    .because("The clip's holes are drilled and tapped before the folder is closed.")
                    .otherwise("Chips of the late holes fall into the action and grind in it.")
                    .remedy("Make and fit the clip."),
            rule("sides-flat-before-covers", COSTLY)
                    .first(MAKES_SIDES, RELIEVES_PIVOT, FLATTENS_SCALES)
                    .then(COVERS_LINERS)
                    .because("Liners are drilled and relieved, covers are flat, before they are joined.")
                    .otherwise("Once they are joined, they cannot be clamped flat again.")
                    .remedy("Finish liners and covers first."),
            rule("covers-before-cure", STOP)
                    .first(COVERS_LINERS)
                    .then(CURES_HANDLE)
                    .because("There is nothing to cure before the glue.")
                    .otherwise("Waiting for a joint that is not glued yet only loses time.")
                    .remedy("Glue first."),
            rule("cured-before-shaping-covers", STOP)
                    .where(Specification::isFolder)
                    .first(CURES_HANDLE)
                    .then(SHAPES_OFF_KNIFE)
                    .because("Covers are cured before they are ground.")
                    .otherwise("Under the belt the covers shift on wet adhesive.")
                    .remedy("Leave them in the clamps."),
            rule("sides-before-shaping", COSTLY)
                    .first(MAKES_SIDES)
                    .then(SHAPES_OFF_KNIFE)
                    .because("Sides are drilled before they are shaped as a pair.")
                    .otherwise("Holes drilled into shaped sides do not match.")
                    .remedy("Make and drill them first."),
            rule("parts-before-action", COSTLY)
                    .first(
                            MAKES_SIDES,
                            RELIEVES_PIVOT,
                            CUTS_BEARING_POCKETS,
                            MAKES_BACK_SPACER,
                            FITS_SPRING,
                            FITS_LOCK,
                            SHAPES_OFF_KNIFE)
                    .then(TRIES_ACTION)
                    .because("The action is tried with finished parts.")
                    .otherwise("It proves nothing about what is still to change.")
                    .remedy("Finish the parts first."),
            rule("action-before-closing", STOP)
                    .first(TRIES_ACTION)
                    .then(CLOSES_FOLDER)
                    .because("The action is tried before pins are peened and covers closed.")
                    .otherwise("What does not work then has to come apart again, which ruins pins and covers.")
                    .remedy("Try it on temporary pins."),
            rule("finish-before-closing", COSTLY)
                    .first(FINISHES_BLADE)
                    .then(CLOSES_FOLDER)
                    .because("The blade is finished before it is shut in.")
                    .otherwise("Once it is shut in, ricasso and tang cannot be reached any more.")
                    .remedy("Finish the blade."));

    private FolderRules() {}
}
