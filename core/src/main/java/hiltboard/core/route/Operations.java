package hiltboard.core.route;

import hiltboard.core.design.SheathKind;
import hiltboard.core.design.Specification;
import java.util.List;

/** The work that a specification asks for. Which operations, not in which order: that is for the rules. Times are usual ones. */
public final class Operations {
    /** Stands under every list of cautions. */
    public static final String CAUTIONS_DEFER =
            "Usual cautions only: the material's safety sheet, local rules and licensed practice come first.";

    private Operations() {}

    /** The operations for a piece that goes through the heat once. */
    public static List<Operation> of(Specification spec, Place place) {
        return of(spec, place, Heats.ONCE);
    }

    /**
     * The operations for one piece; between those that no rule orders, the usual habit of a shop.
     *
     * @param heats how often its blade is hardened in all; after the first it is normalised before each
     */
    public static List<Operation> of(Specification spec, Place place, Heats heats) {
        Draft draft = new Draft(spec, place, heats);
        DesignWork.write(draft);
        ForgeWork.write(draft);
        SoftWork.write(draft);
        HeatWork.write(draft);
        BladeWork.grind(draft);
        if (spec.hasBlock()) {
            TangWork.guard(draft);
        }
        BladeWork.finish(draft);
        handle(draft);
        if (spec.sheath() == SheathKind.LEATHER) {
            SheathWork.write(draft);
        }
        EdgeWork.write(draft);
        return draft.operations();
    }

    private static void handle(Draft draft) {
        if (draft.spec.isAxe()) {
            AxeWork.write(draft);
        } else if (draft.spec.isFolder()) {
            FolderWork.assemble(draft);
        } else {
            HandleWork.write(draft);
        }
    }
}
