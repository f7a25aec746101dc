package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Specification;
import java.time.Duration;
import java.util.List;

/** Scales, glue and the shape of the handle. Common practice. */
final class HandleRules {
    static final List<OrderRule> ALL = List.of(
            rule("tang-guides-scales", COSTLY).first(MAKES_TANG_HOLES, FLATTENS_SCALES).then(DRILLS_SCALES)
                    .because("The tang's holes guide the drill through flat scales.").otherwise("Pins do not line up.").remedy("Flat faces and tang holes first."),
            rule("flat-before-relief", COSTLY).first(FLATTENS_SCALES).then(RELIEVES_SCALES)
                    .because("The inside is flat before it is pocketed.").otherwise("The rim does not close.").remedy("Rub it flat first."),
            rule("drill-before-counterbore", COSTLY).first(DRILLS_SCALES).then(COUNTERBORES)
                    .because("Counterbores follow the drilled holes.").otherwise("They run off the hole.").remedy("Drill through the tang first."),
            rule("drill-before-fronts", CARE).first(DRILLS_SCALES).then(FINISHES_FRONTS)
                    .because("Fronts are shaped with both scales pinned together.").otherwise("Left and right fronts do not match.").remedy("Drill, pin together, then shape."),
            rule("fronts-before-glue", STOP).where(Specification::hasScales).first(FLATTENS_SCALES, RELIEVES_SCALES, FINISHES_FRONTS).then(GLUES_HANDLE, ASSEMBLES)
                    .because("Insides are flat and fronts are finished before the scales go on.").otherwise("Once they are on, they cannot be reached.").remedy("Flatten, shape, sand and polish them now."),
            rule("fronts-before-temporary-pins", COSTLY).first(DRILLS_SCALES, FINISHES_FRONTS).then(PINS_FOR_A_WHILE)
                    .because("Scales are drilled and their fronts finished before they are pinned for shaping.").otherwise("The front no longer matches the shaped handle.").remedy("Drill and finish the fronts first."),
            rule("pins-before-shaping", COSTLY).first(PINS_FOR_A_WHILE).then(SHAPES_ON_TEMPORARY_PINS)
                    .because("Scales are pinned before they are shaped.").otherwise("They slip on the belt.").remedy("Snug temporary pins first."),
            rule("parts-before-dry-fit", COSTLY).first(DRILLS_SCALES, RELIEVES_SCALES, COUNTERBORES, FINISHES_FRONTS, SHAPES_ON_TEMPORARY_PINS, SHAPES_GUARD, MAKES_SPACER, OPENS_CAVITY, MAKES_CAP, MAKES_NUT, DRILLS_ALIGNMENT, SHAPES_OFF_KNIFE).then(DRY_FITS)
                    .because("The dry fit tries finished parts.").otherwise("It proves nothing about what is still to change.").remedy("Finish the parts first."),
            rule("dry-fit-before-adhesive", STOP).first(DRY_FITS).then(CLEANS_FOR_GLUE, GLUES_HANDLE)
                    .because("Everything is put together dry before adhesive is mixed.").otherwise("What does not fit is found out while it gels.").remedy("Dry fit with pins and clamps."),
            rule("dry-fit-before-assembly", COSTLY).first(DRY_FITS).then(ASSEMBLES)
                    .because("Everything is put together once by hand.").otherwise("Screws and nut pull a bad fit out of true.").remedy("Dry fit first."),
            rule("clean-before-glue", COSTLY).first(CLEANS_FOR_GLUE).then(GLUES_HANDLE, COVERS_LINERS).within(Duration.ofHours(1))
                    .because("Faces are roughened and degreased before glue.").otherwise("No bond.").remedy("Roughen, solvent, do not touch again."),
            rule("glue-before-squeeze-out", STOP).first(GLUES_HANDLE).then(CLEANS_SQUEEZE_OUT)
                    .because("There is no squeeze-out before the glue.").otherwise("Nothing to clean.").remedy("Glue first."),
            rule("squeeze-out-before-cure", STOP).first(CLEANS_SQUEEZE_OUT).then(CURES_HANDLE)
                    .because("Squeeze-out comes off while it is wet.").otherwise("It is there for ever.").remedy("Swab the front, look again after ten minutes."),
            rule("cured-before-load", STOP).first(CURES_HANDLE).then(SHAPES_HANDLE_ON_KNIFE, FINISHES_HANDLE, TRIAL_FITS_SHEATH)
                    .because("The joint is cured before it is ground, drilled or loaded.").otherwise("It shifts.").remedy("Leave it in the clamps."),
            rule("assembly-before-shaping", COSTLY).first(ASSEMBLES).then(SHAPES_HANDLE_ON_KNIFE, FINISHES_HANDLE, TRIAL_FITS_SHEATH)
                    .because("The handle is shaped as it stands together.").otherwise("Steps at every joint.").remedy("Put it together first."),
            rule("blade-done-before-wrap", COSTLY).first(FINISHES_BLADE).then(WRAPS_BLADE, SHARPENS, TRIAL_FITS_SHEATH)
                    .because("The blade is finished first.").otherwise("What comes later scratches it or takes it off.").remedy("Finish the blade."),
            rule("wrap-before-handle", COSTLY).first(WRAPS_BLADE).then(SHAPES_HANDLE_ON_KNIFE).onlyOrder()
                    .because("The finished blade is wrapped before a handle is shaped on the knife.").otherwise("Scratches on the finish.").remedy("Wrap it, tape the edge."),
            rule("wrap-before-glue", CARE).first(WRAPS_BLADE).then(GLUES_HANDLE, ASSEMBLES, FITS_HAFT).onlyOrder()
                    .because("A wrapped blade keeps adhesive, vice and hammer off.").otherwise("Marks and adhesive on the finish.").remedy("Wrap it first."),
            rule("shape-before-handle-finish", COSTLY).first(SHAPES_HANDLE_ON_KNIFE, SHAPES_OFF_KNIFE).then(FINISHES_HANDLE)
                    .because("The handle is shaped before it is sanded and oiled.").otherwise("The belt takes the finish off.").remedy("Shape it first."));

    private HandleRules() {}
}
