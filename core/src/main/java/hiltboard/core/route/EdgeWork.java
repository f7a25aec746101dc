package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.EDGE_ANGLE;
import static hiltboard.core.design.SpecificationField.EDGE_TOOTH;
import static hiltboard.core.design.SpecificationField.MICRO_BEVEL;
import static hiltboard.core.design.SpecificationField.SHARPENING;
import static hiltboard.core.route.Cautions.SHARP;
import static hiltboard.core.route.Station.FINISHING;
import static hiltboard.core.route.Station.TABLE;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Specification;
import java.util.Locale;

/** The edge, the last look and the hand-over. */
final class EdgeWork {
    private EdgeWork() {}

    static String angleAndTooth(Specification spec) {
        return spec.count(EDGE_ANGLE) + "° a side, " + spec.edgeTooth().words().toLowerCase(Locale.ROOT);
    }

    private static String edge(Specification spec) {
        return angleAndTooth(spec) + (spec.hasMicroBevel() ? ", with a honed micro bevel" : ", no micro bevel");
    }

    private static Operation.Builder sharpen(Specification spec) {
        Operation.Builder sharpen = Operation.at(FINISHING, "sharpen", "Sharpen", 35).is(SHARPENS).shapedBy(SHARPENING, EDGE_ANGLE, EDGE_TOOTH, MICRO_BEVEL).clears(Condition.WRAPPED).sets(Condition.SHARP)
                .toDo("The edge of this knife: " + edge(spec) + ".", "Burr along the whole edge, then the other side, then finer and slower.", "Marker on the bevel shows what is touched: it is gone over the whole width, or the angle is off.")
                .cautions(SHARP);
        switch (spec.sharpenedWith()) {
            case BELTS -> sharpen.toDo("Slow belt, edge trailing, the blade moving all the time.")
                    .cautions("A running belt grabs an edge that meets it: edge trailing, stand aside of the point. Glasses, mask; sparks away from dust.", "Bare fingers feel the heat: a hot edge has lost its temper. Dip it.");
            case STONES -> sharpen.toDo("Same angle by hand or guide, lightest at the end.").cautions("Fingers behind the edge, the stone fast on a damp cloth: a stone that slides cuts the hand.");
            case GUIDED_RODS -> sharpen.toDo("Clamp at the ricasso, rods set to the angle on both sides.").cautions("The clamp holds by the flat: strokes lead away from the hand, and nobody reaches over the edge.");
            case WHEEL -> sharpen.toDo("Wet wheel, turning away from the edge; stop short of the plunge.").cautions("The wheel turns away from the edge: towards it, it grabs. Water on the floor is slippery.");
        }
        if (spec.hasMicroBevel()) {
            sharpen.toDo("Last a few light strokes a couple of degrees steeper: the micro bevel.");
        }
        return sharpen.checks("Full burr came up along both sides and is gone", "Cuts along the whole edge");
    }

    static void write(Draft draft) {
        Specification spec = draft.spec;
        draft.add(Operation.at(TABLE, "read-brief", "Read the brief again", 5).is(READS_BRIEF).of(Part.KNIFE)
                .toDo("What did the client say it is for? Edge and angle follow from that.", "Agreed for this knife: " + edge(spec) + ".", "Coarse tooth for meat, fine for vegetables; thin stays thin.").checks("The use is known to who sharpens"));
        draft.add(sharpen(spec));
        if (draft.spec.isSharpenedBeforeHandle()) {
            draft.add(Operation.at(FINISHING, "wrap-edge", "Wrap the sharp edge", 5).is(WRAPS_EDGE).shapedBy(SHARPENING).sets(Condition.WRAPPED)
                    .toDo("Card over the edge, tape around; point and heel covered.").cautions(SHARP).checks("No edge shows"));
        }
        draft.add(Operation.at(TABLE, "last-check", "Last check", 20).is(CHECKS_LAST).of(Part.KNIFE)
                .toDo("Wax the blade, rubbing away from the edge; print care card and record.").cautions(SHARP)
                .checks("Straight, clean, edge whole", "Waxed or oiled", "Every must of the brief is met", "Care card and record are printed"));
        draft.add(Operation.at(TABLE, "hand-over", "Hand over", 20).is(HANDS_OVER).of(Part.KNIFE)
                .toDo("Show the client how to keep it.").cautions(SHARP).checks("The client has it, with care card").leaves(State.HANDED_OVER));
    }
}
