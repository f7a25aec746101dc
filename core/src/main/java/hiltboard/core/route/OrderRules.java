package hiltboard.core.route;

import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The order rules of the trade for full tangs with pinned scales and hidden tangs with guard and spacer. Common practice. */
public final class OrderRules {
    /** The first piece is another piece's work, so this rule stands outside the order of one route. */
    static final OrderRule FIRST_PIECE_PROVED = rule("first-piece-proved", Set.of(PROVES), Set.of(SEES_FIRST), COSTLY,
            "The first piece proves the process before the rest follow.", "A fault is repeated in every piece.", "Prove the first piece of the batch.");

    private static final Duration TEMPER_WINDOW = Duration.ofHours(2);
    private static final Duration NEUTRALISE_WINDOW = Duration.ofMinutes(5);
    private static final Duration PULL_WINDOW = Duration.ofMinutes(30);
    private static final Duration GLUE_WINDOW = Duration.ofHours(1);

    private static final List<OrderRule> ALL = List.of(
            // design and stock
            rule("approval-before-steel", Set.of(APPROVES), Set.of(CUTS_STEEL), STOP,
                    "The client approves the outline first.", "A wrong shape is a restart.", "Get the client's word on the drawing."),
            rule("approval-before-handle", Set.of(APPROVES), Set.of(FLATTENS_SCALES, OPENS_CAVITY, CUTS_LEATHER), COSTLY,
                    "Handle and leather are cut to the approved shape.", "Material cut for a shape that nobody agreed to.", "Get the client's word on the drawing."),
            rule("number-before-work", Set.of(NUMBERS), Set.of(MEASURES_STOCK, LAYS_OUT, CUTS_STEEL), COSTLY,
                    "Pieces of a batch are numbered before the first operation.", "Look-alikes get swapped.", "Number the piece and its slot."),
            rule("first-piece-before-the-rest", Set.of(SEES_FIRST), Set.of(CUTS_STEEL), COSTLY,
                    "The first piece proves the process.", "A fault is repeated in every piece.", "Prove the first piece, then cut the rest."),
            rule("cut-before-proof", Set.of(CUTS_STEEL, FILES_SOFT_STEEL), Set.of(PROVES), COSTLY,
                    "The first piece is proved on finished soft work.", "A proof of unfinished work proves nothing.", "Finish the soft work of the first piece."),
            rule("proof-before-heat", Set.of(PROVES), Set.of(HARDENS), COSTLY,
                    "The first piece is proved while it is soft.", "A fault found after hardening cannot be mended.", "Check the first piece against the drawing."),
            rule("measure-before-layout", Set.of(MEASURES_STOCK), Set.of(LAYS_OUT), COSTLY,
                    "The bar is measured before it is laid out.", "Every number hangs on a thickness nobody checked.", "Measure the bar."),
            rule("layout-before-cutting", Set.of(LAYS_OUT), Set.of(CUTS_STEEL), COSTLY,
                    "Lines are scribed before steel is cut.", "Holes and outline land where they should not.", "Paint, scribe, check."),
            // soft work
            rule("holes-in-square-stock", Set.of(MAKES_TANG_HOLES), Set.of(PROFILES), COSTLY,
                    "Holes go in while the stock is square.", "Nothing is left to clamp.", "Drill first; if profiled already, clamp in a shaped vice block."),
            rule("profile-before-file-work", Set.of(PROFILES), Set.of(FILES_SOFT_STEEL, STAMPS, SCRIBES_CENTRE_LINE), COSTLY,
                    "Notches, shoulders, stamp and centre line sit on the finished profile.", "The profile takes them off again.", "Profile to the line first."),
            rule("soft-work-before-hardening", Set.of(MAKES_TANG_HOLES, PROFILES, FILES_SOFT_STEEL, STAMPS), Set.of(HARDENS), STOP,
                    "All holes, notches, shoulders and file work are done while the steel is soft.", "Hard steel cannot be drilled or filed.", "Do what is open now, while it can be done."),
            rule("centre-line-before-bevels", Set.of(SCRIBES_CENTRE_LINE), Set.of(GRINDS_BEVELS), COSTLY,
                    "The centre line is scribed before the bevels.", "The edge wanders.", "Scribe it at half the measured thickness."),
            rule("rough-bevels-before-hardening", Set.of(BEFORE_HARDENING), Set.of(HARDENS), COSTLY,
                    "This job grinds bevels before hardening.", "The blade goes into the quench at the wrong thickness.", "Grind to the edge left for the quench."),
            // heat
            rule("soft-work-before-foil", Set.of(MAKES_TANG_HOLES, PROFILES, FILES_SOFT_STEEL, STAMPS, BEFORE_HARDENING), Set.of(DEGREASES_FOR_FOIL), COSTLY,
                    "The blade is degreased when no hand touches it again.", "It is greasy again before the foil.", "Finish the soft work first."),
            rule("degrease-before-foil", Set.of(DEGREASES_FOR_FOIL), Set.of(WRAPS_FOIL), CARE,
                    "Degrease before foil.", "Stains that go deep.", "Wipe with solvent until the rag stays clean."),
            rule("foil-before-hardening", Set.of(WRAPS_FOIL), Set.of(HARDENS), COSTLY,
                    "Stainless hardens in foil.", "Heavy scale and a soft skin.", "Wrap it, double-folded, tip padded."),
            within(TEMPER_WINDOW, rule("temper-at-once", Set.of(HARDENS), Set.of(FIRST_TEMPER), STOP,
                    "Temper at once after hardening.", "Untempered steel cracks by itself.", "Into the tempering kiln within two hours.")),
            rule("harden-before-cold", Set.of(HARDENS), Set.of(COLD_TREATS), STOP,
                    "Cold treatment follows the quench.", "There is nothing to transform yet.", "Harden first."),
            rule("cold-before-temper", Set.of(COLD_TREATS), Set.of(FIRST_TEMPER), COSTLY,
                    "This steel is taken cold before its first temper.", "Soft austenite stays.", "Cold first, then temper the same day."),
            rule("temper-twice", Set.of(FIRST_TEMPER), Set.of(LAST_TEMPER), COSTLY,
                    "The second temper follows the first, cooled between.", "Fresh martensite stays untempered.", "Let it cool to the hand, then again."),
            rule("temper-before-work", Set.of(LAST_TEMPER), Set.of(NEEDS_TEMPERED), STOP,
                    "Nothing is fitted, driven, drilled, ground or straightened on untempered steel.", "It snaps like glass.", "Temper twice first."),
            rule("scale-off-before-belts", Set.of(REMOVES_SCALE), Set.of(USES_FRESH_BELTS), CARE,
                    "Scale comes off with a worn belt first.", "Scale ruins fresh belts and hides colours.", "Worn belt first."),
            rule("scale-off-before-hardness", Set.of(REMOVES_SCALE), Set.of(TESTS_HARDNESS), COSTLY,
                    "Hardness is tested on clean steel.", "Scale and soft skin read low.", "Clean a spot down to steel."),
            rule("hardness-before-grinding", Set.of(TESTS_HARDNESS), Set.of(FINISH_GRINDS), COSTLY,
                    "Hardness is known before the finish grind.", "Hours of work on a soft blade.", "File and tester first."),
            rule("straight-before-grinding", Set.of(STRAIGHTENS), Set.of(HEAVY_GRINDING), COSTLY,
                    "Warp is corrected before heavy grinding.", "Unequal bevels.", "Sight it, correct it, then grind."),
            // blade finish
            rule("grind-before-polish", Set.of(FINISH_GRINDS), Set.of(POLISHES, SANDS_RICASSO), COSTLY,
                    "Finishing follows the last grinding pass.", "The belt takes the finish off again.", "Finish the grind."),
            rule("polish-before-etch", Set.of(POLISHES), Set.of(DEGREASES_FOR_ETCH, ETCHES), COSTLY,
                    "The blade is polished to the finish's grit before it is etched.", "Scratches shout.", "Take it to the grit, across the last scratches."),
            rule("polish-before-mark", Set.of(POLISHES), Set.of(MARKS_BY_ACID_STENCIL), COSTLY,
                    "The mark goes on the finished surface.", "Sanding takes it off again.", "Finish the surface, then mark."),
            rule("mark-before-acid", Set.of(MARKS_BY_ACID_STENCIL), Set.of(DEGREASES_FOR_ETCH, ETCHES), COSTLY,
                    "The mark goes on before the acid.", "Uneven on the dark.", "Mark first."),
            rule("fit-before-etch", Set.of(FITS_GUARD), Set.of(DEGREASES_FOR_ETCH, ETCHES), COSTLY,
                    "The guard is driven on and off before the blade is etched.", "A scratch on an etched blade means etching it again.", "Fit the guard first."),
            rule("degrease-before-etch", Set.of(DEGREASES_FOR_ETCH), Set.of(ETCHES), STOP,
                    "Clean beyond doubt before the bath.", "Patches that no second bath evens out.", "Solvent until a clean white rag stays clean."),
            within(NEUTRALISE_WINDOW, rule("neutralise-at-once", Set.of(ETCHES), Set.of(NEUTRALISES), STOP,
                    "Neutralise straight from the bath.", "It keeps eating.", "Baking soda or soap, at once.")),
            rule("neutralise-before-polish", Set.of(NEUTRALISES), Set.of(TUMBLES), COSTLY,
                    "Neutralise before tumbling or polishing.", "Rust spots.", "Neutralise, rinse, dry."),
            // guard and spacer
            rule("grind-before-measuring", Set.of(FINISH_GRINDS), Set.of(MEASURES_FOR_GUARD, MAKES_SPACER), STOP,
                    "Guard and spacer are made to what is measured after the last grinding pass.", "Made to the wrong number.", "Finish the grind, then measure."),
            rule("ricasso-before-measuring", Set.of(SANDS_RICASSO), Set.of(MEASURES_FOR_GUARD), STOP,
                    "Shoulders, ricasso and the front of the tang are sanded before measuring.", "A gap that no one can close.", "Sand almost to final, then measure."),
            rule("measure-before-slot", Set.of(MEASURES_FOR_GUARD), Set.of(CUTS_GUARD, MAKES_SPACER, LISTS_STACK), STOP,
                    "The slot is cut to the measured tang.", "A slot too wide cannot be made narrower.", "Measure tang and guard."),
            rule("slot-before-fit", Set.of(CUTS_GUARD), Set.of(FITS_GUARD), STOP,
                    "The guard needs its slot.", "There is nothing to drive on.", "Mill the slot."),
            rule("fit-before-outline", Set.of(FITS_GUARD), Set.of(SHAPES_GUARD, DRILLS_ALIGNMENT), COSTLY,
                    "The slot fits and prints before outline and pins.", "Pins break out of the outline.", "Drive it on, read the print."),
            rule("stack-before-pins", Set.of(LISTS_STACK, MAKES_SPACER), Set.of(DRILLS_ALIGNMENT), STOP,
                    "The whole stack is known before alignment holes are drilled.", "Later parts cannot be lined up.", "List guard, spacer and front; make them."),
            rule("cavity-before-pins", Set.of(OPENS_CAVITY), Set.of(DRILLS_ALIGNMENT), COSTLY,
                    "Guard, spacer and handle are drilled as one.", "The block does not line up.", "Open the cavity first."),
            // hidden tang, bedded
            rule("parts-before-bedding", Set.of(OPENS_CAVITY, FITS_GUARD, MAKES_SPACER, DRILLS_ALIGNMENT), Set.of(RELEASES, BEDS), COSTLY,
                    "Everything that the bed touches is there first.", "The bed fits a part that is gone.", "Make and fit the parts first."),
            rule("release-before-bedding", Set.of(RELEASES), Set.of(BEDS), STOP,
                    "Release agent goes on before bedding.", "Glued for ever.", "Wax or jelly on tang and guard, every face."),
            within(PULL_WINDOW, rule("bed-before-pull", Set.of(BEDS), Set.of(PULLS_BEDDED), STOP,
                    "Pull the handle after it grips and before it sets.", "A sledge-hammer.", "Pull it now, blade wrapped, point away.")),
            rule("pull-before-cure", Set.of(PULLS_BEDDED), Set.of(CURES_BEDDED), STOP,
                    "The handle is pulled and put back before the full cure.", "It never comes off whole.", "Pull, clean, put back."),
            rule("cure-before-shaping-off", Set.of(CURES_BEDDED), Set.of(SHAPES_OFF_KNIFE, CLEANS_RELEASE), STOP,
                    "The bed cures before the block is shaped off the knife.", "The bed tears.", "Leave it alone overnight."),
            rule("release-off-before-glue", Set.of(CLEANS_RELEASE), Set.of(CLEANS_FOR_GLUE, GLUES_HANDLE), STOP,
                    "All release agent is off before the final glue.", "No bond.", "Solvent on tang, guard and cavity walls."),
            // glue
            rule("tang-guides-scales", Set.of(MAKES_TANG_HOLES, FLATTENS_SCALES), Set.of(DRILLS_SCALES), COSTLY,
                    "The tang's holes guide the drill through flat scales.", "Pins do not line up.", "Flat faces and tang holes first."),
            rule("drill-before-fronts", Set.of(DRILLS_SCALES), Set.of(FINISHES_FRONTS), CARE,
                    "Fronts are shaped with both scales pinned together.", "Left and right fronts do not match.", "Drill, pin together, then shape."),
            rule("fronts-before-glue", Set.of(FLATTENS_SCALES, FINISHES_FRONTS), Set.of(GLUES_HANDLE), STOP,
                    "Insides are flat and fronts are finished before gluing.", "Once glued they cannot be reached.", "Flatten, shape, sand and polish them now."),
            rule("parts-before-dry-fit", Set.of(DRILLS_SCALES, FINISHES_FRONTS, SHAPES_GUARD, MAKES_SPACER, OPENS_CAVITY, DRILLS_ALIGNMENT, SHAPES_OFF_KNIFE), Set.of(DRY_FITS), COSTLY,
                    "The dry fit tries finished parts.", "It proves nothing about what is still to change.", "Finish the parts first."),
            rule("dry-fit-before-adhesive", Set.of(DRY_FITS), Set.of(CLEANS_FOR_GLUE, GLUES_HANDLE), STOP,
                    "Everything is put together dry before adhesive is mixed.", "What does not fit is found out while it gels.", "Dry fit with pins and clamps."),
            within(GLUE_WINDOW, rule("clean-before-glue", Set.of(CLEANS_FOR_GLUE), Set.of(GLUES_HANDLE), COSTLY,
                    "Faces are roughened and degreased before glue.", "No bond.", "Roughen, solvent, do not touch again.")),
            rule("glue-before-squeeze-out", Set.of(GLUES_HANDLE), Set.of(CLEANS_SQUEEZE_OUT), STOP,
                    "There is no squeeze-out before the glue.", "Nothing to clean.", "Glue first."),
            rule("squeeze-out-before-cure", Set.of(CLEANS_SQUEEZE_OUT), Set.of(CURES_HANDLE), STOP,
                    "Squeeze-out comes off while it is wet.", "It is there for ever.", "Swab the front, look again after ten minutes."),
            rule("cured-before-load", Set.of(CURES_HANDLE), Set.of(SHAPES_HANDLE_ON_KNIFE, FINISHES_HANDLE, TRIAL_FITS_SHEATH), STOP,
                    "The joint is cured before it is ground, drilled or loaded.", "It shifts.", "Leave it in the clamps."),
            rule("blade-done-before-wrap", Set.of(FINISHES_BLADE), Set.of(WRAPS_BLADE, SHARPENS, TRIAL_FITS_SHEATH), COSTLY,
                    "The blade is finished first.", "What comes later scratches it or takes it off.", "Finish the blade."),
            rule("wrap-before-handle", Set.of(WRAPS_BLADE), Set.of(SHAPES_HANDLE_ON_KNIFE), COSTLY,
                    "The finished blade is wrapped before a handle is shaped on the knife.", "Scratches on the finish.", "Wrap it, tape the edge."),
            rule("wrap-before-glue", Set.of(WRAPS_BLADE), Set.of(GLUES_HANDLE), CARE,
                    "A wrapped blade keeps adhesive off.", "Adhesive on the finish.", "Wrap it first."),
            rule("shape-before-handle-finish", Set.of(SHAPES_HANDLE_ON_KNIFE, SHAPES_OFF_KNIFE), Set.of(FINISHES_HANDLE), COSTLY,
                    "The handle is shaped before it is sanded and oiled.", "The belt takes the finish off.", "Shape it first."),
            // sheath, edge, hand-over
            rule("guard-before-sheath", Set.of(SHAPES_GUARD, CUTS_LEATHER), Set.of(TRIAL_FITS_SHEATH), COSTLY,
                    "The sheath is tried on the final outline.", "Too tight or too loose.", "Finish the outline, cut the leather."),
            rule("leather-before-inside", Set.of(CUTS_LEATHER), Set.of(FINISHES_SHEATH_INSIDE), COSTLY,
                    "Leather is cut first.", "There is nothing to finish.", "Cut it to the template."),
            rule("inside-before-closing", Set.of(FINISHES_SHEATH_INSIDE), Set.of(CLOSES_SHEATH), COSTLY,
                    "Inside faces and mouth are finished before the sheath is closed.", "They cannot be reached.", "Finish inside, mouth, loop and stamp."),
            rule("trial-before-welt", Set.of(TRIAL_FITS_SHEATH), Set.of(CLOSES_SHEATH), COSTLY,
                    "Trial fit before the welt is glued.", "Too tight or too loose for ever.", "Clip it together and try the knife."),
            rule("close-before-sheath-finish", Set.of(CLOSES_SHEATH), Set.of(FINISHES_SHEATH), COSTLY,
                    "The edge is finished on the closed sheath.", "The seam is uneven.", "Close and stitch it first."),
            rule("grip-before-sharpening", Set.of(GRIPS_BLADE), Set.of(SHARPENS), CARE,
                    "Everything that grips the blade comes before the edge.", "Cut hands.", "Finish what holds the blade, or wrap the edge."),
            rule("brief-after-handle", Set.of(FINISHES_HANDLE), Set.of(READS_BRIEF), CARE,
                    "The brief is read again just before the edge goes on.", "Read too early it is forgotten again.", "Read it when the knife is otherwise done."),
            rule("brief-before-sharpening", Set.of(READS_BRIEF), Set.of(SHARPENS), CARE,
                    "The brief is read again before sharpening.", "The wrong edge for the use.", "Read what the client said it is for."),
            rule("all-done-before-last-check", Set.of(SHARPENS, FINISHES_HANDLE, FINISHES_SHEATH), Set.of(CHECKS_LAST), COSTLY,
                    "The last check looks at a finished knife.", "What comes later is never checked.", "Finish the work first."),
            rule("checked-before-hand-over", Set.of(CHECKS_LAST), Set.of(HANDS_OVER), COSTLY,
                    "Waxed, with its care card and a complete record, before it leaves.", "Rust, and no record.", "Do the last check."));

    private OrderRules() {}

    /** Every rule. */
    public static List<OrderRule> all() {
        return ALL;
    }

    private static OrderRule rule(String key, Set<Trait> before, Set<Trait> after, Severity severity, String reason, String consequence, String remedy) {
        return new OrderRule(key, before, after, severity, reason, consequence, remedy, Optional.empty());
    }

    private static OrderRule within(Duration time, OrderRule rule) {
        return new OrderRule(rule.key(), rule.before(), rule.after(), rule.severity(), rule.reason(), rule.consequence(), rule.remedy(), Optional.of(time));
    }
}
