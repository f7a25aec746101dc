package hiltboard.core.route;

import static hiltboard.core.route.Condition.*;
import static hiltboard.core.route.ConditionRule.before;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import java.util.List;

/**
 * What a piece has to be, whatever came before: what an order alone no longer says once work was done again. Common
 * practice.
 */
public final class ConditionRules {
    private static final List<ConditionRule> ALL = List.of(
            before("soft-for-cutting", STOP, DRILLS_SOFT_STEEL, FILES_SOFT_STEEL, STAMPS)
                    .needs(ANNEALED)
                    .says(
                            "Steel is drilled, filed and stamped annealed.",
                            "Hard steel cannot be drilled or filed: drills burn, a stamp shatters.",
                            "Anneal it first; carbide and abrasive only, otherwise."),
            before("no-force-on-untempered", STOP, NEEDS_TEMPERED, GRIPS_BLADE)
                    .forbids(UNTEMPERED)
                    .says(
                            "Nothing is driven, hammered, drilled or clamped hard on untempered steel.",
                            "It snaps like glass: untempered steel bears no blow and no bend.",
                            "Temper it first."),
            before(
                            "no-force-on-an-untempered-fitting",
                            STOP,
                            FITS_GUARD,
                            SHAPES_GUARD,
                            DRILLS_ALIGNMENT,
                            DRY_FITS,
                            BEDS,
                            PULLS_BEDDED,
                            GLUES_HANDLE,
                            PEENS)
                    .forbids(FITTING_UNTEMPERED)
                    .says(
                            "No hardened fitting is fitted, driven or pulled before it is tempered.",
                            "It snaps in two on the tang.",
                            "Temper the guard first."),
            before("not-while-away", STOP, GRINDS_BEVELS, NEEDS_TEMPERED, GRIPS_BLADE)
                    .forbids(AWAY)
                    .says(
                            "The blade is at the treater's.",
                            "The wrong piece is worked on.",
                            "Wait until it is back and checked."),
            before("flaw-decided", STOP, GRINDS_BEVELS, SENDS_OUT, HARDENS, POLISHES)
                    .forbids(FLAW_OPEN)
                    .says(
                            "A flaw is decided before anything is ground or hardened.",
                            "Ground out it thins the blade, which warps in the quench; left, the quench opens it.",
                            "Measure it and record go or no-go."),
            before("clean-for-the-bath", STOP, ETCHES)
                    .needs(DEGREASED)
                    .says(
                            "Only a degreased blade goes into the bath.",
                            "Grease keeps the acid off in patches that no second bath evens out.",
                            "Solvent until a clean white rag stays clean."),
            before("clean-for-the-glue", COSTLY, GLUES_HANDLE, COVERS_LINERS)
                    .needs(CLEANED)
                    .says(
                            "Faces are roughened and degreased right before the glue.",
                            "Fingers and dust have been on them since, and the joint lets go.",
                            "Roughen and degrease again."),
            before("tacky-for-closing", COSTLY, CLOSES_SHEATH)
                    .needs(CEMENTED)
                    .says(
                            "Contact cement is closed while it is tacky.",
                            "Dry cement no longer holds, and the welt opens.",
                            "Two thin coats again, until they are tacky."),
            before("acid-off", STOP, SANDS_PEAKS, TUMBLES, WRAPS_BLADE, GRIPS_BLADE, MARKS)
                    .forbids(ACID)
                    .says(
                            "No acid is left on it.",
                            "It keeps eating, and rusts what it touches.",
                            "Neutralise, rinse, dry."),
            before("etched-blade-wrapped", COSTLY, SHAPES_HANDLE_ON_KNIFE)
                    .when(ETCHED)
                    .needs(WRAPPED)
                    .says(
                            "An etched blade is wrapped before a handle is ground on it.",
                            "A scratch on an etched blade means etching it again.",
                            "Wrap it, tape the edge."),
            before("greased-for-bedding", STOP, BEDS)
                    .needs(GREASED)
                    .says(
                            "Tang and guard carry release agent.",
                            "Glued for ever: the adhesive takes hold of tang and guard, and the handle never comes off whole.",
                            "Wax or jelly on every face."),
            before("grease-off-for-glue", STOP, CLEANS_FOR_GLUE, GLUES_HANDLE)
                    .forbids(GREASED)
                    .says(
                            "No release agent is left in the cavity or on the tang.",
                            "No bond: the adhesive finds grease or a smooth face, and the handle comes loose.",
                            "Solvent on tang, guard and cavity walls."),
            before("glue-set", STOP, SHAPES_HANDLE_ON_KNIFE, FINISHES_HANDLE, TRIAL_FITS_SHEATH)
                    .forbids(WET_GLUE)
                    .says(
                            "The adhesive has set.",
                            "The joint shifts under the load and never comes back into line.",
                            "Leave it in the clamps."),
            before("no-fire-on-a-handle", STOP, HandleOff.FIRE)
                    .forbids(HANDLED)
                    .says(
                            "Nothing goes into the fire with its handle on.",
                            "Wood and adhesive burn, and the smoke is poisonous.",
                            "Say that it went wrong: the handle is taken off first, and made anew where that destroys it."),
            before("no-bath-on-a-handle", STOP, HandleOff.BATHS)
                    .forbids(HANDLED)
                    .says(
                            "Nothing goes whole into a bath or a tumbler with its handle on.",
                            "Acid runs under the handle and eats on, and the handle is stained or battered.",
                            "Say that it went wrong: the handle is taken off first, and made anew where that destroys it."),
            before("handle-off-for-what-it-hides", STOP, HandleOff.HIDDEN)
                    .forbids(HANDLED)
                    .says(
                            "The handle is on, and this work is done with it off.",
                            "What lies under the handle cannot be reached, and the handle is ruined in the attempt.",
                            "Say that it went wrong: the handle is taken off first, and made anew where that destroys it."),
            before("sharp-and-wrapped", CARE, GRIPS_BLADE)
                    .when(SHARP)
                    .needs(WRAPPED)
                    .says(
                            "A sharp blade is wrapped before anybody grips it.",
                            "Whoever grips the blade cuts a hand on it.",
                            "Wrap the edge."));

    private ConditionRules() {}

    /** Every condition rule. */
    public static List<ConditionRule> all() {
        return ALL;
    }
}
