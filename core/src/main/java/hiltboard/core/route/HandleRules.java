package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import java.util.List;

/** Scales, glue and the shape of the handle. Common practice. */
final class HandleRules {
    static final List<OrderRule> ALL = List.of(
            rule("tang-guides-scales", COSTLY)
                    .first(MAKES_TANG_HOLES, FLATTENS_SCALES)
                    .then(DRILLS_SCALES)
                    .because("The tang's holes guide the drill through flat scales.")
                    .otherwise("Holes in tang and scales miss each other, and the pins do not line up.")
                    .remedy("Flat faces and tang holes first."),
            rule("voids-before-shaping", COSTLY)
                    .first(FILLS_VOIDS)
                    .then(FLATTENS_SCALES, OPENS_CAVITY, MAKES_SIDES)
                    .because("Voids are filled, and the filling is hard, before anything is cut or shaped.")
                    .otherwise("What is cut open first takes no filling that holds, and leaves a weak spot that shows.")
                    .remedy("Fill them and let them harden."),
            rule("bolsters-made-before-pinned", COSTLY)
                    .first(MAKES_BOLSTERS)
                    .then(PINS_BOLSTERS)
                    .because("A bolster's front is final before it is pinned.")
                    .otherwise("Against the blade no wheel and no paper reaches it.")
                    .remedy("Shape and polish the fronts first."),
            rule("bolsters-before-scales", COSTLY)
                    .first(PINS_BOLSTERS)
                    .then(FINISHES_FRONTS, DRILLS_SCALES, MILLS_SCALES)
                    .because("Scales are fitted against bolsters that no longer move.")
                    .otherwise("A bolster moves when it is peened, and a gap shows between it and the scale.")
                    .remedy("Pin and peen the bolsters first."),
            rule("bolster-holes-in-soft-steel", STOP)
                    .first(MAKES_TANG_HOLES)
                    .then(MAKES_BOLSTERS)
                    .because("The bolsters are drilled through the tang's own holes.")
                    .otherwise("A hardened tang takes no hole any more.")
                    .remedy("Drill the tang first."),
            rule("flat-before-lining", COSTLY)
                    .first(FLATTENS_SCALES)
                    .then(LINES_SCALES)
                    .because("A liner is glued to a flat scale.")
                    .otherwise("It bridges the hollows, and its edge opens when the handle is shaped.")
                    .remedy("Rub the inside flat first."),
            rule("lined-before-holes", COSTLY)
                    .first(LINES_SCALES)
                    .then(RELIEVES_SCALES, DRILLS_SCALES, MILLS_SCALES, FINISHES_FRONTS)
                    .because("Scale and liner are drilled and fitted as one.")
                    .otherwise(
                            "A liner that is glued on later covers the holes, stands off the front, and makes every pin too short.")
                    .remedy("Glue the liners on first, and let them cure."),
            rule("flat-before-milling", COSTLY)
                    .first(FLATTENS_SCALES)
                    .then(MILLS_SCALES)
                    .because("Scales lie flat in their fixture.")
                    .otherwise("What rocks in the fixture is milled crooked, and fits no other tang.")
                    .remedy("Rub the inside flat first."),
            rule("flat-before-relief", COSTLY)
                    .first(FLATTENS_SCALES)
                    .then(RELIEVES_SCALES)
                    .because("The inside is flat before it is pocketed.")
                    .otherwise("On a face that is not flat the rim does not close, and a gap shows.")
                    .remedy("Rub it flat first."),
            rule("drill-before-counterbore", COSTLY)
                    .first(DRILLS_SCALES, MILLS_SCALES)
                    .then(COUNTERBORES)
                    .because("Counterbores follow the drilled holes.")
                    .otherwise("Without the hole to lead them they run off to one side.")
                    .remedy("Drill the scales first."),
            rule("drill-before-fronts", CARE)
                    .first(DRILLS_SCALES, MILLS_SCALES)
                    .then(FINISHES_FRONTS)
                    .because("Fronts are shaped with both scales pinned together.")
                    .otherwise("Shaped one by one, the left and right fronts do not match.")
                    .remedy("Drill, pin together, then shape."),
            rule("fronts-before-glue", STOP)
                    .where(Specification::hasScales)
                    .first(FLATTENS_SCALES, RELIEVES_SCALES, FINISHES_FRONTS)
                    .then(GLUES_HANDLE, ASSEMBLES)
                    .because("Insides are flat and fronts are finished before the scales go on.")
                    .otherwise("Once they are on, they cannot be reached.")
                    .remedy("Flatten, shape, sand and polish them now."),
            rule("fronts-before-temporary-pins", COSTLY)
                    .first(DRILLS_SCALES, FINISHES_FRONTS)
                    .then(PINS_FOR_A_WHILE)
                    .because("Scales are drilled and their fronts finished before they are pinned for shaping.")
                    .otherwise("The front no longer matches the shaped handle.")
                    .remedy("Drill and finish the fronts first."),
            rule("pins-before-shaping", COSTLY)
                    .first(PINS_FOR_A_WHILE)
                    .then(SHAPES_ON_TEMPORARY_PINS)
                    .because("Scales are pinned before they are shaped.")
                    .otherwise("Loose scales slip on the belt, and the handle is spoiled on one side.")
                    .remedy("Snug temporary pins first."),
            rule("parts-before-dry-fit", COSTLY)
                    .first(
                            DRILLS_SCALES,
                            MILLS_SCALES,
                            CUTS_PINS,
                            RELIEVES_SCALES,
                            COUNTERBORES,
                            FINISHES_FRONTS,
                            SHAPES_ON_TEMPORARY_PINS,
                            SHAPES_GUARD,
                            MAKES_SPACER,
                            OPENS_CAVITY,
                            MAKES_CAP,
                            MAKES_NUT,
                            DRILLS_ALIGNMENT,
                            SHAPES_OFF_KNIFE)
                    .then(DRY_FITS)
                    .because("The dry fit tries finished parts.")
                    .otherwise("It proves nothing about what is still to change.")
                    .remedy("Finish the parts first."),
            rule("holes-before-pins", COSTLY)
                    .first(DRILLS_SCALES)
                    .then(CUTS_PINS)
                    .because("Pins are cut to the drilled stack.")
                    .otherwise("A pin that is cut too short is a hole in the finished handle.")
                    .remedy("Drill the scales first."),
            rule("dry-fit-before-adhesive", STOP)
                    .first(DRY_FITS)
                    .then(CLEANS_FOR_GLUE, GLUES_HANDLE)
                    .because("Everything is put together dry before adhesive is mixed.")
                    .otherwise("What does not fit is found out while it gels.")
                    .remedy("Dry fit with pins and clamps."),
            rule("dry-fit-before-assembly", COSTLY)
                    .first(DRY_FITS)
                    .then(ASSEMBLES)
                    .because("Everything is put together once by hand.")
                    .otherwise("Screws and nut pull a bad fit out of true.")
                    .remedy("Dry fit first."),
            rule("clean-before-glue", COSTLY)
                    .first(CLEANS_FOR_GLUE)
                    .then(GLUES_HANDLE, COVERS_LINERS)
                    .whileIt(Condition.CLEANED)
                    .because("Faces are roughened and degreased before glue.")
                    .otherwise("No bond: the adhesive finds grease or a smooth face, and the handle comes loose.")
                    .remedy("Roughen, solvent, do not touch again."),
            rule("handle-off-first", STOP)
                    .first(TAKES_HANDLE_OFF)
                    .then(HandleOff.ALL)
                    .onlyOrder()
                    .because("The handle comes off before any work that no handle bears.")
                    .otherwise("Fire and acid ruin the handle, and what it hides cannot be reached.")
                    .remedy("Take the handle off."),
            rule("fire-before-handle", STOP)
                    .first(LAST_TEMPER, SOFTENS)
                    .then(GLUES_HANDLE, ASSEMBLES, FITS_HAFT)
                    .onlyOrder()
                    .because("Every heat is over before the handle goes on.")
                    .otherwise("Wood and adhesive burn in the next heat, or the blade stays as it is.")
                    .remedy("Temper and soften first."),
            rule("etch-before-handle", STOP)
                    .where(spec -> !spec.isEtchedOnTheHandle())
                    .first(ETCHES, NEUTRALISES, TUMBLES)
                    .then(GLUES_HANDLE, ASSEMBLES, FITS_HAFT)
                    .onlyOrder()
                    .because("The blade is etched before the handle goes on.")
                    .otherwise("What lies under the handle stays raw, and the acid stains the handle.")
                    .remedy("Etch and neutralise first, or let the job say that the handle comes first."),
            rule("handle-before-its-tape", COSTLY)
                    .first(FINISHES_HANDLE)
                    .then(TAPES_HANDLE)
                    .because("The handle is finished and closed before it is taped off.")
                    .otherwise("Bare wood draws the acid in under the tape.")
                    .remedy("Finish the handle first."),
            rule("tape-before-dip", STOP)
                    .first(TAPES_HANDLE)
                    .then(DEGREASES_FOR_ETCH, ETCHES)
                    .because("The handle is taped off before the blade is dipped.")
                    .otherwise("The acid stains the handle and creeps under its front.")
                    .remedy("Tape and varnish the handle's front and pins."),
            rule("glue-before-squeeze-out", STOP)
                    .first(GLUES_HANDLE)
                    .then(CLEANS_SQUEEZE_OUT)
                    .within(PieceDimensions.ADHESIVE_WORKING)
                    .because("Squeeze-out is cleaned off right after the glue.")
                    .otherwise("Left until the adhesive sets, it is there for ever.")
                    .remedy("Swab the front now, within the working time."),
            rule("squeeze-out-before-cure", STOP)
                    .first(CLEANS_SQUEEZE_OUT)
                    .then(CURES_HANDLE)
                    .because("Squeeze-out comes off while it is wet.")
                    .otherwise("Once it is hard it is there for ever: scraping it off scratches the front.")
                    .remedy("Swab the front, look again after ten minutes."),
            rule("cured-before-load", STOP)
                    .first(CURES_HANDLE)
                    .then(SHAPES_HANDLE_ON_KNIFE, SANDS_HANDLE, FINISHES_HANDLE, TRIAL_FITS_SHEATH)
                    .because("The joint is cured before it is ground, drilled or loaded.")
                    .otherwise("The joint shifts under the load and never comes back into line.")
                    .remedy("Leave it in the clamps."),
            rule("assembly-before-shaping", COSTLY)
                    .first(ASSEMBLES)
                    .then(SHAPES_HANDLE_ON_KNIFE, SANDS_HANDLE, FINISHES_HANDLE, TRIAL_FITS_SHEATH)
                    .because("The handle is shaped as it stands together.")
                    .otherwise("Shaped apart and joined later, every joint shows a step.")
                    .remedy("Put it together first."),
            rule("blade-done-before-wrap", COSTLY)
                    .first(FINISHES_BLADE)
                    .then(WRAPS_BLADE, SHARPENS, TRIAL_FITS_SHEATH)
                    .because("The blade is finished first.")
                    .otherwise("What comes later scratches it or takes it off.")
                    .remedy("Finish the blade."),
            rule("wrap-before-handle", COSTLY)
                    .where(spec -> !spec.isEtchedOnTheHandle())
                    .first(WRAPS_BLADE)
                    .then(SHAPES_HANDLE_ON_KNIFE)
                    .onlyOrder()
                    .because("The finished blade is wrapped before a handle is shaped on the knife.")
                    .otherwise("Grit and vice scratch the finished blade, and it is finished again.")
                    .remedy("Wrap it, tape the edge."),
            rule("wrap-before-glue", CARE)
                    .where(spec -> !spec.isEtchedOnTheHandle())
                    .first(WRAPS_BLADE)
                    .then(GLUES_HANDLE, ASSEMBLES, FITS_HAFT)
                    .onlyOrder()
                    .because("A wrapped blade keeps adhesive, vice and hammer off.")
                    .otherwise("Vice, hammer and adhesive leave marks on the finish.")
                    .remedy("Wrap it first."),
            rule("shape-before-handle-finish", COSTLY)
                    .first(SHAPES_HANDLE_ON_KNIFE, SHAPES_OFF_KNIFE)
                    .then(SANDS_HANDLE, FINISHES_HANDLE)
                    .because("The handle is shaped before it is sanded and oiled.")
                    .otherwise("The belt takes the handle's finish off again.")
                    .remedy("Shape it first."),
            rule("sand-before-handle-finish", COSTLY)
                    .first(SANDS_HANDLE)
                    .then(FINISHES_HANDLE)
                    .because("The handle is sanded before its surface is closed.")
                    .otherwise("Scratches are closed in under the finish.")
                    .remedy("Sand it to its last grit."));

    private HandleRules() {}
}
