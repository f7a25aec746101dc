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
            rule("grip-before-sharpening", CARE).where(spec -> !spec.isSharpenedBeforeHandle()).first(GRIPS_BLADE).then(SHARPENS).onlyOrder()
                    .because("Everything that grips the blade comes before the edge.").otherwise("Cut hands.").remedy("Finish what holds the blade, or wrap the edge."),
            rule("edge-before-handle", COSTLY).where(Specification::isSharpenedBeforeHandle).first(SHARPENS).then(DRY_FITS, GLUES_HANDLE, ASSEMBLES, SHAPES_HANDLE_ON_KNIFE).onlyOrder()
                    .because("This job puts the edge on before the handle.").otherwise("The handle is in the way of the stone at the heel.").remedy("Sharpen, then wrap the edge."),
            rule("wrap-the-edge", STOP).first(WRAPS_EDGE).then(DRY_FITS, GLUES_HANDLE, ASSEMBLES, SHAPES_HANDLE_ON_KNIFE).onlyOrder()
                    .because("A sharp blade is wrapped before anybody grips it.").otherwise("Cut hands.").remedy("Wrap the edge."),
            rule("edge-before-wrapping-it", COSTLY).first(SHARPENS).then(WRAPS_EDGE)
                    .because("The edge is wrapped when it is on.").otherwise("The wrapping comes off again.").remedy("Sharpen first."),
            rule("brief-after-handle", CARE).where(spec -> !spec.isSharpenedBeforeHandle()).first(FINISHES_HANDLE).then(READS_BRIEF).onlyOrder()
                    .because("The brief is read again just before the edge goes on.").otherwise("Read too early it is forgotten again.").remedy("Read it when the knife is otherwise done."),
            rule("brief-before-sharpening", CARE).first(READS_BRIEF).then(SHARPENS).onlyOrder()
                    .because("The brief is read again before sharpening.").otherwise("The wrong edge for the use.").remedy("Read what the client said it is for."),
            rule("all-done-before-last-check", COSTLY).first(SHARPENS, MARKS, FINISHES_HANDLE, FINISHES_SHEATH).then(CHECKS_LAST)
                    .because("The last check looks at a finished piece.").otherwise("What comes later is never checked.").remedy("Finish the work first."),
            rule("checked-before-hand-over", COSTLY).first(CHECKS_LAST).then(HANDS_OVER)
                    .because("Waxed, with its care card and a complete record, before it leaves.").otherwise("Rust, and no record.").remedy("Do the last check."));

    private EdgeRules() {}
}
