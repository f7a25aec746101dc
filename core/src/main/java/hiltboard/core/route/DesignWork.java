package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import java.util.Set;

/** From the client's word to a bar that is measured and laid out. */
final class DesignWork {
    private DesignWork() {}

    static void write(Draft draft) {
        draft.add(Operation.at(TABLE, "approve-outline", "Client approves the outline", 15).is(APPROVES).of(Part.KNIFE)
                .toDo("Show the drawing and the agreed numbers beside what was asked.", "Say what was changed and why.")
                .checks("The client has said yes to this drawing"));
        if (draft.place != Place.ALONE) {
            draft.add(Operation.at(LAYOUT, "number-piece", "Number the piece", 5).is(Trait.NUMBERS).of(Part.KNIFE)
                    .toDo("Punch or engrave the number where the handle will hide it.", "Keep the same slot in every rack and load.")
                    .checks("The number can be read on the steel"));
        }
        if (draft.place == Place.LATER_OF_BATCH) {
            draft.add(Operation.at(TABLE, "see-first-piece", "See the proved first piece", 5).is(SEES_FIRST).of(Part.KNIFE)
                    .toDo("Take the proved first piece in hand and read what it changed.")
                    .checks("What the first piece taught is known"));
        }
        if (draft.spec.isMachined()) {
            draft.add(Operation.at(MILL, "build-fixtures", "Build or set the two fixtures", draft.place == Place.LATER_OF_BATCH ? 5 : 90).is(BUILDS_FIXTURES).of(Part.KNIFE)
                    .toDo("Dowels locate, 0.001 in clearance; screws hold.", "A cutter with a corner radius runs below the part by at least that radius.", "Warm the machine; the same zero for fixture and part.")
                    .checks("Spindle warm", "Zero checked on the fixture"));
        }
        draft.add(stock(draft));
        if (!draft.spec.isForged()) {
            draft.add(layOut(draft));
        }
    }

    private static Operation.Builder stock(Draft draft) {
        Operation.Builder stock = Operation.at(LAYOUT, "choose-stock", "Choose and measure the bar", 10).is(MEASURES_STOCK).shapedBy(STEEL, STEEL_FORM, BAR_WIDTH)
                .toDo("Look for bends, pits and cracks.").checks("The grade is marked on the bar: " + draft.spec.steel().designation());
        if (draft.spec.isForged()) {
            return stock.toDo(draft.spec.isFromBillet() ? "Cut the pieces of the stack to one length." : "Bar enough for the shape, lost ends and scale included.");
        }
        return stock.toDo("Measure the thickness at three places and enter the middle one.").shapedBy(STOCK_THICKNESS)
                .targets(PieceDimensions.STOCK_THICKNESS).readings(PieceDimensions.STOCK_THICKNESS);
    }

    static Operation.Builder layOut(Draft draft) {
        return Operation.at(LAYOUT, "lay-out", "Lay out outline and holes", 20).is(LAYS_OUT)
                .shapedBy(CONSTRUCTION, PIN_COUNT, HEAD_LENGTH, EDGE_LENGTH, TANG_LENGTH, TANG_END_WIDTH).shapedBy(BLADE_OUTLINE).shapedBy(draft.spec.hasScales() ? HANDLE_OUTLINE : Set.of(HANDLE_LENGTH))
                .toDo("Paint with layout blue.", "Scribe outline and hole centres, and mark the holes by hand as a check on the numbers.")
                .checks(draft.spec.isForged() ? "Outline lies inside the forging all round" : "Outline lies inside the bar with room for the saw", "Hole centres checked against the drawing");
    }
}
