package hiltboard.core.route;

import hiltboard.core.design.Specification;
import java.util.List;

/**
 * The work that a specification asks for. Which operations, not in which order: that is for the rules. Times are usual
 * ones.
 */
public final class Operations {
    /** Stands under every list of cautions. */
    public static final String CAUTIONS_DEFER =
            "Usual cautions only: the material's safety sheet, local rules and licensed practice come first.";

    private Operations() {}

    /** The operations for a piece that goes straight through. */
    public static List<Operation> of(Specification spec, Place place) {
        return of(spec, place, Rework.NONE);
    }

    /**
     * The operations for one piece; between those that no rule orders, the usual habit of a shop.
     *
     * @param rework what it goes through beyond one straight passage
     */
    public static List<Operation> of(Specification spec, Place place, Rework rework) {
        Draft draft = new Draft(spec, place, rework);
        DesignWork.write(draft);
        if (rework.isTakenApart()) {
            TakingApart.write(draft);
        }
        ForgeWork.write(draft);
        SoftWork.write(draft);
        HeatWork.write(draft);
        BladeWork.grind(draft);
        if (spec.hasBlock()) {
            TangWork.guard(draft);
        }
        BladeWork.finish(draft);
        handle(draft);
        if (spec.hasSheath()) {
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
