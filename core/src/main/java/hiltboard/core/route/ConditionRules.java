package hiltboard.core.route;

import static hiltboard.core.route.Condition.*;
import static hiltboard.core.route.ConditionRule.before;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import java.util.List;

/** What a piece has to be, whatever came before: what an order alone no longer says once work was done again. Common practice. */
public final class ConditionRules {
    private static final List<ConditionRule> ALL = List.of(
            before("soft-for-cutting", STOP, DRILLS_SOFT_STEEL, FILES_SOFT_STEEL, STAMPS).needs(ANNEALED)
                    .says("Steel is drilled, filed and stamped annealed.", "Hard steel cannot be drilled or filed: drills burn, a stamp shatters.", "Anneal it first; carbide and abrasive only, otherwise."),
            before("no-force-on-untempered", STOP, NEEDS_TEMPERED, GRIPS_BLADE).forbids(UNTEMPERED)
                    .says("Nothing is driven, hammered, drilled or clamped hard on untempered steel.", "It snaps like glass.", "Temper it first."),
            before("not-while-away", STOP, GRINDS_BEVELS, NEEDS_TEMPERED, GRIPS_BLADE).forbids(AWAY)
                    .says("The blade is at the treater's.", "The wrong piece is worked on.", "Wait until it is back and checked."),
            before("flaw-decided", STOP, GRINDS_BEVELS, SENDS_OUT, HARDENS, POLISHES).forbids(FLAW_OPEN)
                    .says("A flaw is decided before anything is ground or hardened.", "Ground out it thins the blade, which warps in the quench; left, the quench opens it.", "Measure it and record go or no-go."),
            before("clean-for-the-bath", STOP, ETCHES).needs(DEGREASED)
                    .says("Only a degreased blade goes into the bath.", "Patches that no second bath evens out.", "Solvent until a clean white rag stays clean."),
            before("acid-off", STOP, SANDS_PEAKS, TUMBLES, WRAPS_BLADE, GRIPS_BLADE, MARKS).forbids(ACID)
                    .says("No acid is left on it.", "It keeps eating, and rusts what it touches.", "Neutralise, rinse, dry."),
            before("etched-blade-wrapped", COSTLY, SHAPES_HANDLE_ON_KNIFE).when(ETCHED).needs(WRAPPED)
                    .says("An etched blade is wrapped before a handle is ground on it.", "A scratch on an etched blade means etching it again.", "Wrap it, tape the edge."),
            before("greased-for-bedding", STOP, BEDS).needs(GREASED)
                    .says("Tang and guard carry release agent.", "Glued for ever.", "Wax or jelly on every face."),
            before("grease-off-for-glue", STOP, CLEANS_FOR_GLUE, GLUES_HANDLE).forbids(GREASED)
                    .says("No release agent is left in the cavity or on the tang.", "No bond.", "Solvent on tang, guard and cavity walls."),
            before("glue-set", STOP, SHAPES_HANDLE_ON_KNIFE, FINISHES_HANDLE, TRIAL_FITS_SHEATH).forbids(WET_GLUE)
                    .says("The adhesive has set.", "The joint shifts.", "Leave it in the clamps."),
            before("sharp-and-wrapped", CARE, GRIPS_BLADE).when(SHARP).needs(WRAPPED)
                    .says("A sharp blade is wrapped before anybody grips it.", "Cut hands.", "Wrap the edge."));

    private ConditionRules() {}

    /** Every condition rule. */
    public static List<ConditionRule> all() {
        return ALL;
    }
}
