package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Specification;
import java.util.List;

/** The edge, the last look and the hand-over. Common practice. */
final class EdgeRules {
    static final List<OrderRule> ALL = List.of(
            rule("grip-before-sharpening", CARE)
                    .where(spec -> !spec.isSharpenedBeforeHandle())
                    .first(GRIPS_BLADE)
                    .then(SHARPENS)
                    .onlyOrder()
                    .because("Everything that grips the blade comes before the edge.")
                    .otherwise("Whoever grips the blade cuts a hand on it.")
                    .remedy("Finish what holds the blade, or wrap the edge."),
            rule("edge-before-handle", COSTLY)
                    .where(Specification::isSharpenedBeforeHandle)
                    .first(SHARPENS)
                    .then(DRY_FITS, GLUES_HANDLE, ASSEMBLES, SHAPES_HANDLE_ON_KNIFE)
                    .onlyOrder()
                    .because("This job puts the edge on before the handle.")
                    .otherwise("The handle is in the way of the stone at the heel.")
                    .remedy("Sharpen, then wrap the edge."),
            rule("wrap-the-edge", STOP)
                    .first(WRAPS_EDGE)
                    .then(DRY_FITS, GLUES_HANDLE, ASSEMBLES, SHAPES_HANDLE_ON_KNIFE)
                    .onlyOrder()
                    .because("A sharp blade is wrapped before anybody grips it.")
                    .otherwise("Whoever grips the blade cuts a hand on it.")
                    .remedy("Wrap the edge."),
            rule("sharpen-before-strop", COSTLY)
                    .first(SHARPENS)
                    .then(STROPS)
                    .because("The burr that the stone raised comes off on the strop.")
                    .otherwise("Without a burr there is no edge yet to strop.")
                    .remedy("Sharpen first."),
            rule("strop-before-test", COSTLY)
                    .first(STROPS)
                    .then(TRIES_EDGE)
                    .because("It is tried with its burr off.")
                    .otherwise("A burr cuts well once and is dull after.")
                    .remedy("Take the burr off, strop."),
            rule("test-before-last-check", COSTLY)
                    .first(TRIES_EDGE)
                    .then(CHECKS_LAST)
                    .because("A knife that has not cut is not checked.")
                    .otherwise("The client finds out that it does not cut.")
                    .remedy("Try it as it will be used."),
            rule("last-check-before-packing", COSTLY)
                    .first(CHECKS_LAST)
                    .then(PACKS)
                    .because("It is packed when it is checked.")
                    .otherwise("What is missing is found at the client's.")
                    .remedy("Do the last check."),
            rule("packed-before-sending", STOP)
                    .first(PACKS)
                    .then(HANDS_OVER)
                    .because("A blade goes by post with its point guarded, in two boxes.")
                    .otherwise("It comes through the box and cuts whoever carries it.")
                    .remedy("Guard it and pack it."),
            rule("edge-before-wrapping-it", COSTLY)
                    .first(SHARPENS, TRIES_EDGE)
                    .then(WRAPS_EDGE)
                    .because("The edge is wrapped when it is on.")
                    .otherwise("The wrapping has to come off again for the stone.")
                    .remedy("Sharpen first."),
            rule("brief-after-handle", CARE)
                    .where(spec -> !spec.isSharpenedBeforeHandle())
                    .first(FINISHES_HANDLE)
                    .then(READS_BRIEF)
                    .onlyOrder()
                    .because("The brief is read again just before the edge goes on.")
                    .otherwise("Read too early, what the client said is forgotten again by then.")
                    .remedy("Read it when the knife is otherwise done."),
            rule("brief-before-sharpening", CARE)
                    .first(READS_BRIEF)
                    .then(SHARPENS)
                    .onlyOrder()
                    .because("The brief is read again before sharpening.")
                    .otherwise("It gets the wrong edge for the use that the client named.")
                    .remedy("Read what the client said it is for."),
            rule("brief-before-hand-over", COSTLY)
                    .first(READS_BRIEF)
                    .then(HANDS_OVER)
                    .onlyOrder()
                    .because("Nobody hands a knife over without having read again what it is for.")
                    .otherwise("The client gets a knife for another use, and brings it back.")
                    .remedy("Read the brief, and compare the knife with it."),
            rule("all-done-before-last-check", COSTLY)
                    .first(SHARPENS, MARKS, FINISHES_HANDLE, FITS_SHEATH)
                    .then(CHECKS_LAST)
                    .because("The last check looks at a finished piece.")
                    .otherwise("What is done after the last check is never checked.")
                    .remedy("Finish the work first."),
            rule("sheath-before-hand-over", COSTLY)
                    .first(FITS_SHEATH)
                    .then(PACKS, HANDS_OVER)
                    .because("A knife leaves in its own sheath, fitted to it.")
                    .otherwise("The client gets a bare edge, or a sheath that does not hold it.")
                    .remedy("Finish the sheath, and fit the knife in it."),
            rule("checked-before-hand-over", COSTLY)
                    .first(CHECKS_LAST)
                    .then(HANDS_OVER)
                    .because("Waxed, with its care card and a complete record, before it leaves.")
                    .otherwise("It leaves to rust in its box, and the shop has no record of what it was.")
                    .remedy("Do the last check."));

    private EdgeRules() {}
}
