package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
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
            rule("grind-before-polish", COSTLY).where(spec -> spec.finish() != Finish.TWO_TONE_GROUND).first(FINISH_GRINDS).then(POLISHES, SANDS_RICASSO)
                    .because("Finishing follows the last grinding pass.").otherwise("The belt takes the finish off again.").remedy("Finish the grind."),
            rule("two-tone-etch-before-bevels", STOP).where(spec -> spec.finish() == Finish.TWO_TONE_GROUND).first(TUMBLES).then(GRINDS_BEVELS)
                    .because("Two tones by grinding: etched and tumbled first, bevels after.").otherwise("The bath and the tumbler dull the bevels.").remedy("Etch and tumble, then grind the bevels bright."),
            rule("ricasso-before-dark", COSTLY).where(spec -> spec.finish() == Finish.TWO_TONE_GROUND).first(SANDS_RICASSO).then(DEGREASES_FOR_ETCH)
                    .because("Shoulders and ricasso are sanded before they go dark.").otherwise("Sanding takes the dark off.").remedy("Sand them first."),
            rule("polish-before-texture", COSTLY).first(POLISHES).then(TEXTURES)
                    .because("The texture is cut into a sanded blade.").otherwise("Sanding takes the peaks off.").remedy("Sand first, then texture."),
            rule("texture-before-etch", STOP).first(TEXTURES).then(DEGREASES_FOR_ETCH, ETCHES)
                    .because("The texture is cut before the dark.").otherwise("No peaks, no valleys.").remedy("Cut the texture, then darken it."),
            rule("polish-before-etch", COSTLY).first(POLISHES).then(MASKS, DEGREASES_FOR_ETCH, ETCHES)
                    .because("The blade is polished to the finish's grit before it is etched.").otherwise("Scratches shout.").remedy("Take it to the grit, across the last scratches."),
            rule("polish-before-mark", COSTLY).first(POLISHES).then(MARKS)
                    .because("The mark goes on the finished surface.").otherwise("Sanding takes it off again.").remedy("Finish the surface, then mark."),
            rule("mark-before-acid", COSTLY).where(spec -> isMarked(spec, MarkTiming.BEFORE_ACID)).first(MARKS).then(MASKS, DEGREASES_FOR_ETCH, ETCHES).onlyOrder()
                    .because("This job marks before the acid.").otherwise("Uneven on the dark.").remedy("Mark first."),
            rule("finish-before-mark", COSTLY).where(spec -> isMarked(spec, MarkTiming.AFTER_POLISH)).first(NEUTRALISES, TUMBLES, SANDS_PEAKS).then(MARKS)
                    .because("This job marks after the polish.").otherwise("Acid and polish take the mark with them.").remedy("Finish the polish, then mark."),
            rule("all-before-last-mark", COSTLY).where(spec -> isMarked(spec, MarkTiming.LAST)).first(FINISHES_BLADE, FINISHES_HANDLE, SHARPENS).then(MARKS).onlyOrder()
                    .because("This job marks at the very end.").otherwise("Later work scratches the mark.").remedy("Finish everything else first."),
            rule("mask-before-degreasing", COSTLY).first(MASKS).then(DEGREASES_FOR_ETCH)
                    .because("The mask is on before the last degreasing.").otherwise("Fingers on clean steel: patches.").remedy("Mask, then solvent."),
            rule("degrease-before-etch", STOP).first(DEGREASES_FOR_ETCH).then(ETCHES).within(Duration.ofMinutes(15))
                    .because("Clean beyond doubt before the bath, and soon.").otherwise("Patches that no second bath evens out.").remedy("Solvent until a clean white rag stays clean, then straight into the bath."),
            rule("neutralise-at-once", STOP).first(ETCHES).then(NEUTRALISES).within(Duration.ofMinutes(5))
                    .because("Neutralise straight from the bath.").otherwise("It keeps eating.").remedy("Neutralise at once."),
            rule("neutralise-before-polish", COSTLY).first(NEUTRALISES).then(TUMBLES, SANDS_PEAKS)
                    .because("Neutralise before tumbling or polishing.").otherwise("Rust spots.").remedy("Neutralise, rinse, dry."),
            rule("temporary-pins-before-etch", COSTLY).first(SHAPES_ON_TEMPORARY_PINS).then(DEGREASES_FOR_ETCH, ETCHES).onlyOrder()
                    .because("The handle is shaped on temporary pins before the blade is etched.").otherwise("One slip on the etched blade is all of it again.").remedy("Shape it to about 98 % first."),
            rule("fit-before-etch", COSTLY).where(spec -> spec.finish() != Finish.TWO_TONE_GROUND).first(FITS_GUARD).then(DEGREASES_FOR_ETCH, ETCHES).onlyOrder()
                    .because("The guard is driven on and off before the blade is etched.").otherwise("A scratch on an etched blade means etching it again.").remedy("Fit the guard first."));

    private FinishRules() {}
}
