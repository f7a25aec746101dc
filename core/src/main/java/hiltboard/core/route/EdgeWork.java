package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.SHARPENING;
import static hiltboard.core.route.Cautions.SHARP;
import static hiltboard.core.route.Station.FINISHING;
import static hiltboard.core.route.Station.TABLE;
import static hiltboard.core.route.Trait.*;

/** The edge, the last look and the hand-over. */
final class EdgeWork {
    private EdgeWork() {}

    static void write(Draft draft) {
        draft.add(Operation.at(TABLE, "read-brief", "Read the brief again", 5).is(READS_BRIEF).of(Part.KNIFE)
                .toDo("What did the client say it is for? Edge and angle follow from that.", "Coarse tooth for meat, fine for vegetables; thin stays thin.").checks("The use is known to who sharpens"));
        draft.add(Operation.at(FINISHING, "sharpen", "Sharpen", 35).is(SHARPENS).shapedBy(SHARPENING).clears(Condition.WRAPPED).sets(Condition.SHARP)
                .toDo("Burr along the whole edge, then the other side, then finer and slower.", "Marker on the bevel shows what is touched.").cautions(SHARP)
                .checks("Cuts along the whole edge"));
        if (draft.spec.isSharpenedBeforeHandle()) {
            draft.add(Operation.at(FINISHING, "wrap-edge", "Wrap the sharp edge", 5).is(WRAPS_EDGE).shapedBy(SHARPENING).sets(Condition.WRAPPED)
                    .toDo("Card over the edge, tape around; point and heel covered.").cautions(SHARP).checks("No edge shows"));
        }
        draft.add(Operation.at(TABLE, "last-check", "Last check", 20).is(CHECKS_LAST).of(Part.KNIFE)
                .toDo("Wax the blade; print care card and record.").cautions(SHARP)
                .checks("Straight, clean, edge whole", "Waxed or oiled", "Every must of the brief is met", "Care card and record are printed"));
        draft.add(Operation.at(TABLE, "hand-over", "Hand over", 20).is(HANDS_OVER).of(Part.KNIFE)
                .toDo("Show the client how to keep it.").cautions(SHARP).checks("The client has it, with care card").leaves(State.HANDED_OVER));
    }
}
