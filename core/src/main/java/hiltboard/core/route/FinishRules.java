package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Finish;
import hiltboard.core.design.Mark;
import hiltboard.core.design.MarkTiming;
import hiltboard.core.design.Specification;
import java.time.Duration;
import java.util.List;

/** Grinding, polishing, marks and acid. Common practice. */
final class FinishRules {
    private static boolean isMarked(Specification spec, MarkTiming timing) {
        return spec.mark() == Mark.ELECTRO_ETCHED && spec.markTiming() == timing;
    }

    static final List<OrderRule> ALL = List.of(
            rule("grind-before-polish", COSTLY)
                    .where(spec -> spec.finish() != Finish.TWO_TONE_GROUND)
                    .first(FINISH_GRINDS)
                    .then(POLISHES, SANDS_RICASSO)
                    .because("Finishing follows the last grinding pass.")
                    .otherwise("The belt takes the finish off again, and the sanding was for nothing.")
                    .remedy("Finish the grind."),
            rule("grind-before-corners", COSTLY)
                    .where(spec -> spec.finish() != Finish.TWO_TONE_GROUND)
                    .first(FINISH_GRINDS)
                    .then(EASES_CORNERS)
                    .because("Corners are eased on the ground blade.")
                    .otherwise("The last grinding pass makes them sharp again.")
                    .remedy("Finish the grind."),
            rule("corners-before-polish", COSTLY)
                    .first(EASES_CORNERS)
                    .then(POLISHES, DEGREASES_FOR_ETCH)
                    .because("Spine and butt are eased before the finish goes on.")
                    .otherwise("Breaking a corner afterwards scratches the finish, and shows bright in an etched one.")
                    .remedy("Ease the corners."),
            rule("two-tone-etch-before-bevels", STOP)
                    .where(spec -> spec.finish() == Finish.TWO_TONE_GROUND)
                    .first(TUMBLES)
                    .then(FINISH_GRINDS)
                    .because("Two tones by grinding: etched and tumbled first, the bevels ground bright after.")
                    .otherwise("The bath and the tumbler dull the bevels again.")
                    .remedy("Etch and tumble, then grind the bevels bright."),
            rule("ricasso-before-dark", COSTLY)
                    .where(spec -> spec.finish() == Finish.TWO_TONE_GROUND)
                    .first(SANDS_RICASSO)
                    .then(DEGREASES_FOR_ETCH)
                    .because("Shoulders and ricasso are sanded before they go dark.")
                    .otherwise("Sanding takes the dark off again where the guard will sit.")
                    .remedy("Sand them first."),
            rule("polish-before-texture", COSTLY)
                    .first(POLISHES)
                    .then(TEXTURES)
                    .because("The blade is evened out before the texture is cut; every fine polish comes after it.")
                    .otherwise("Sanding takes the peaks off again, and the texture is lost.")
                    .remedy("Even it out first, then texture."),
            rule("texture-before-etch", STOP)
                    .first(TEXTURES)
                    .then(DEGREASES_FOR_ETCH, ETCHES)
                    .because("The texture is cut before the dark.")
                    .otherwise("There are no peaks and no valleys for the dark to stay in, and it comes out plain.")
                    .remedy("Cut the texture, then darken it."),
            rule("polish-before-etch", COSTLY)
                    .first(POLISHES)
                    .then(MASKS, DEGREASES_FOR_ETCH, ETCHES)
                    .because("The blade is polished to the finish's grit before it is etched.")
                    .otherwise("The acid makes every coarse scratch stand out, and no later sanding hides it.")
                    .remedy("Take it to the grit, across the last scratches."),
            rule("polish-before-mark", COSTLY)
                    .first(POLISHES)
                    .then(MARKS)
                    .because("The mark goes on the finished surface.")
                    .otherwise("Sanding takes the mark off again.")
                    .remedy("Finish the surface, then mark."),
            rule("mark-before-acid", COSTLY)
                    .where(spec -> isMarked(spec, MarkTiming.BEFORE_ACID))
                    .first(MARKS)
                    .then(MASKS, DEGREASES_FOR_ETCH, ETCHES)
                    .onlyOrder()
                    .because("This job marks before the acid.")
                    .otherwise("On the dark surface the mark comes out uneven.")
                    .remedy("Mark first."),
            rule("finish-before-mark", COSTLY)
                    .where(spec -> isMarked(spec, MarkTiming.AFTER_POLISH))
                    .first(NEUTRALISES, TUMBLES, SANDS_PEAKS)
                    .then(MARKS)
                    .because("This job marks after the polish.")
                    .otherwise("Acid and polish take the mark with them.")
                    .remedy("Finish the polish, then mark."),
            rule("all-before-last-mark", COSTLY)
                    .where(spec -> isMarked(spec, MarkTiming.LAST))
                    .first(FINISHES_BLADE, FINISHES_HANDLE, SHARPENS, STROPS, TRIES_EDGE)
                    .then(MARKS)
                    .onlyOrder()
                    .because("This job marks at the very end.")
                    .otherwise("What is done afterwards scratches or sands the mark away.")
                    .remedy("Finish everything else first."),
            rule("mask-before-degreasing", COSTLY)
                    .first(MASKS)
                    .then(DEGREASES_FOR_ETCH)
                    .because("The mask is on before the last degreasing.")
                    .otherwise("Fingers touch the clean steel again, and every print is a patch after the bath.")
                    .remedy("Mask, then solvent."),
            rule("degrease-before-etch", STOP)
                    .first(DEGREASES_FOR_ETCH)
                    .then(ETCHES)
                    .whileIt(Condition.DEGREASED)
                    .because("Clean beyond doubt before the bath, and soon.")
                    .otherwise("Grease keeps the acid off in patches that no second bath evens out.")
                    .remedy("Solvent until a clean white rag stays clean, then straight into the bath."),
            rule("neutralise-at-once", STOP)
                    .first(ETCHES)
                    .then(NEUTRALISES)
                    .within(Duration.ofMinutes(5))
                    .because("Neutralise straight from the bath.")
                    .otherwise("The acid keeps eating, deeper than anybody wants.")
                    .remedy("Neutralise at once."),
            rule("wet-into-the-tumbler", CARE)
                    .where(spec -> spec.finish().isTumbled() && spec.isTumbledWet())
                    .first(NEUTRALISES)
                    .then(TUMBLES)
                    .within(Duration.ofMinutes(10))
                    .because("After neutralising it goes into the wet tumbler while it is still wet.")
                    .otherwise("Where it dries first it keeps spots that the tumbler does not take off.")
                    .remedy("Straight from the rinse into the tumbler."),
            rule("neutralise-before-polish", COSTLY)
                    .first(NEUTRALISES)
                    .then(TUMBLES, SANDS_PEAKS)
                    .because("Neutralise before tumbling or polishing.")
                    .otherwise("Acid that is left in the pores comes back as rust spots.")
                    .remedy("Neutralise, rinse, dry."),
            rule("temporary-pins-before-etch", COSTLY)
                    .first(SHAPES_ON_TEMPORARY_PINS)
                    .then(DEGREASES_FOR_ETCH, ETCHES)
                    .onlyOrder()
                    .because("The handle is shaped on temporary pins before the blade is etched.")
                    .otherwise("One slip on the etched blade is all of it again.")
                    .remedy("Shape it to about 98 % first."),
            rule("fit-before-etch", COSTLY)
                    .where(spec -> spec.finish() != Finish.TWO_TONE_GROUND)
                    .first(FITS_GUARD)
                    .then(DEGREASES_FOR_ETCH, ETCHES)
                    .onlyOrder()
                    .because("The guard is driven on and off before the blade is etched.")
                    .otherwise("A scratch on an etched blade means etching it again.")
                    .remedy("Fit the guard first."));

    private FinishRules() {}
}
