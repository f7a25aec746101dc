package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import java.util.Set;

/** From the client's word to a bar that is measured and laid out. */
final class DesignWork {
    private DesignWork() {}

    static void write(Draft draft) {
        draft.add(Operation.at(TABLE, "approve-outline", "Client approves the outline", Effort.APPROVE_OUTLINE)
                .is(APPROVES)
                .of(Part.KNIFE)
                .toDo(
                        "Show the drawing, and the agreed numbers beside what was asked.",
                        "Put a hardboard cut-out into the client's hand: let them hold it and pretend to cut.",
                        "Say what was changed on the way, and why; what the cut-out changes goes back to the drawing.")
                .checks(
                        "The grip of the cut-out fits the hand; where it does not, the outline is changed first.",
                        "The client has said yes to this drawing."));
        if (draft.place != Place.ALONE) {
            draft.add(Operation.at(LAYOUT, "number-piece", "Give the piece its number", Effort.NUMBER_PIECE)
                    .is(Trait.NUMBERS)
                    .of(Part.KNIFE)
                    .toDo(
                            "Write the number on paper and on a tag that stays with the piece.",
                            "Keep the same slot for it in every rack and load.")
                    .checks("Tag, slot and paper carry the same number."));
        }
        if (draft.place == Place.LATER_OF_BATCH) {
            draft.add(Operation.at(TABLE, "see-first-piece", "See the proved first piece", Effort.SEE_FIRST_PIECE)
                    .is(SEES_FIRST)
                    .of(Part.KNIFE)
                    .toDo("Take the proved first piece in hand and read what it changed.")
                    .checks("Whoever works on this piece knows what the first one taught."));
        }
        if (draft.spec.isMachined()) {
            fixtures(draft);
        }
        draft.add(stock(draft));
        if (!draft.spec.isForged() && !draft.spec.isMachined()) {
            draft.add(layOut(draft));
        }
    }

    private static void fixtures(Draft draft) {
        boolean isThere = draft.place == Place.LATER_OF_BATCH;
        draft.add(Operation.at(
                        MILL,
                        "build-fixtures",
                        isThere ? "Set the fixtures" : "Build the fixtures and the bevel jig",
                        isThere ? Effort.SET_FIXTURES : Effort.BUILD_FIXTURES)
                .is(BUILDS_FIXTURES)
                .of(Part.KNIFE)
                .toDo(
                        "Dowels locate with 0.001 in of clearance; screws hold.",
                        "A cutter with a corner radius runs below the part by at least that radius.",
                        "Warm the machine before the first part, and write down how long; a cold spindle grows during the batch.",
                        "The same zero serves fixture and part.",
                        isThere
                                ? ""
                                : "Thread by hand or with a tapping head; stop the tap at a mark on it, not by eye.")
                .cautions(
                        "A tap in a running spindle breaks, and the handwheel turns with it: hands off the quill, the emergency stop "
                                + "within reach.",
                        "A program that runs alone sees nothing: door shut, coolant on, somebody near, dowels in.")
                .checks(
                        "The spindle is warm.",
                        "The zero was checked on the fixture.",
                        "Threads and dowels fit: what does not is mended now, while it can be."));
    }

    private static Operation.Builder stock(Draft draft) {
        Operation.Builder stock = Operation.at(
                        LAYOUT, "choose-stock", "Choose and measure the bar", Effort.CHOOSE_STOCK)
                .is(MEASURES_STOCK)
                .shapedBy(STEEL, STEEL_FORM, BAR_WIDTH)
                .toDo("Look for bends, pits and cracks.")
                .checks("The grade is marked on the bar: " + draft.spec.steel().designation() + ".");
        if (draft.spec.isForged()) {
            return stock.toDo(
                    draft.spec.isFromBillet()
                            ? "Cut the pieces of the stack to one length."
                            : "Flat, square or round bar: enough for the shape, lost ends and scale included.");
        }
        return stock.toDo("Measure the thickness at both ends and in the middle, and enter the middle one.")
                .shapedBy(STOCK_THICKNESS)
                .targets(PieceDimensions.STOCK_THICKNESS)
                .readings(PieceDimensions.STOCK_THICKNESS)
                .checks(
                        "The three places agree within 0.002 in (0.05 mm): where they do not, the thickest end becomes the tang.");
    }

    static Operation.Builder layOut(Draft draft) {
        Specification spec = draft.spec;
        return Operation.at(
                        LAYOUT,
                        "lay-out",
                        spec.isAxe() ? "Lay out the head" : "Lay out outline and holes",
                        Effort.LAY_OUT)
                .is(LAYS_OUT)
                .shapedBy(CONSTRUCTION, PIN_COUNT, HEAD_LENGTH, EDGE_LENGTH, TANG_LENGTH, TANG_END_WIDTH)
                .shapedBy(BLADE_OUTLINE)
                .shapedBy(spec.hasScales() ? HANDLE_OUTLINE : Set.of(HANDLE_LENGTH))
                .toDo(
                        spec.isForged()
                                ? ""
                                : "Its faces are flat and bright: a bent or scaly bar is ground flat first, or no line is "
                                        + "true.",
                        "Paint the steel with layout blue.",
                        spec.isAxe()
                                ? "Scribe outline, cheeks and edge from the middle of the eye."
                                : "Scribe outline and hole centres, and mark the holes by hand as a check on the numbers.")
                .checks(
                        spec.isForged()
                                ? "The outline lies inside the forging all round."
                                : "The outline lies inside the bar, with room for the saw.",
                        spec.isAxe()
                                ? "Edge and eye lie in one line."
                                : "The hole centres were checked against the drawing.");
    }
}
