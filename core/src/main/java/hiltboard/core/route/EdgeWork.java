package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.DESTINATION;
import static hiltboard.core.design.SpecificationField.EDGE_ANGLE;
import static hiltboard.core.design.SpecificationField.EDGE_TOOTH;
import static hiltboard.core.design.SpecificationField.MICRO_BEVEL;
import static hiltboard.core.design.SpecificationField.RECEIVER;
import static hiltboard.core.design.SpecificationField.SHARPENING;
import static hiltboard.core.design.SpecificationField.USE;
import static hiltboard.core.route.Cautions.SHARP;
import static hiltboard.core.route.Station.FINISHING;
import static hiltboard.core.route.Station.TABLE;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Destination;
import hiltboard.core.design.Receiver;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Use;
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
        Operation.Builder sharpen = Operation.at(FINISHING, "sharpen", "Sharpen", Effort.SHARPEN)
                .is(SHARPENS)
                .shapedBy(SHARPENING, EDGE_ANGLE, EDGE_TOOTH, MICRO_BEVEL)
                .clears(Condition.WRAPPED)
                .sets(Condition.SHARP)
                .toDo(
                        "The edge of this knife: " + edge(spec) + ".",
                        "Marker on the bevel shows what is touched: it is gone over the whole width, or the angle is off; stripes say "
                                + "that it is not through yet.",
                        "Raise a burr along the whole edge, then from the other side; a heavy burr comes off first, then the next finer "
                                + "grit, slower and lighter, from both sides in turn.",
                        "Feel how thick it is behind the edge: what is too thick goes back to the grinder now, while it can.")
                .cautions(SHARP);
        switch (spec.sharpenedWith()) {
            case BELTS ->
                sharpen.toDo("Slow belt, edge trailing, the blade moving all the time.")
                        .cautions(
                                "A running belt grabs an edge that meets it: edge trailing, stand aside of the point. Glasses, "
                                        + "mask; sparks away from dust.",
                                "Bare fingers feel the heat: a hot edge has lost its temper. Dip it.");
            case STONES ->
                sharpen.toDo("Same angle by hand or guide, lightest at the end.")
                        .cautions(
                                "Fingers behind the edge, the stone fast on a damp cloth: a stone that slides cuts the hand.");
            case GUIDED_RODS ->
                sharpen.toDo("Clamp at the ricasso, rods set to the angle on both sides.")
                        .cautions(
                                "The clamp holds by the flat: strokes lead away from the hand, and nobody reaches over the edge; a fragile "
                                        + "tip breaks in the clamp.");
            case WHEEL ->
                sharpen.toDo("Wet wheel, turning away from the edge; stop short of the plunge.")
                        .cautions(
                                "The wheel turns away from the edge: towards it, it grabs. Water on the floor is slippery.");
        }
        if (spec.hasMicroBevel()) {
            sharpen.toDo("Last a few light strokes a couple of degrees steeper: the micro bevel.");
        }
        return sharpen.checks(
                "A full burr came up along both sides in turn.",
                "The angle was held: the marker is gone over the whole width.");
    }

    static void write(Draft draft) {
        Specification spec = draft.spec;
        draft.add(Operation.at(TABLE, "read-brief", "Read the brief again", Effort.READ_BRIEF)
                .is(READS_BRIEF)
                .of(Part.KNIFE)
                .toDo(
                        "What did the client say it is for? Edge and angle follow from that.",
                        "Agreed for this knife: " + edge(spec) + ".",
                        spec.isAxe() ? "" : "Coarse tooth for meat, fine for vegetables; thin stays thin.")
                .checks("Whoever sharpens it knows what it is for."));
        draft.add(sharpen(spec));
        draft.add(Operation.at(FINISHING, "strop", "Take the burr off and strop", Effort.STROP)
                .is(STROPS)
                .shapedBy(EDGE_TOOTH)
                .toDo(
                        "Take the burr off with a few strokes of the finest grit, edge leading, lighter each time; then strop, edge "
                                + "trailing, both sides in turn.")
                .cautions(SHARP)
                .checks("No burr is felt from either side: cotton drawn off the edge leaves no thread."));
        draft.add(Operation.at(FINISHING, "cutting-test", "Try it", Effort.TRY_EDGE)
                .is(TRIES_EDGE)
                .shapedBy(USE)
                .toDo(
                        test(spec),
                        "Look at the edge against the light afterwards: a bright spot is a dull or turned place.")
                .cautions(SHARP)
                .checks(
                        "It cuts along the whole edge.",
                        "No spot on the edge shines: one that is turned is too thin or too soft, one that is chipped too thin or too "
                                + "hard."));
        if (draft.spec.isSharpenedBeforeHandle()) {
            draft.add(Operation.at(FINISHING, "wrap-edge", "Wrap the sharp edge", Effort.WRAP_EDGE)
                    .is(WRAPS_EDGE)
                    .shapedBy(SHARPENING)
                    .sets(Condition.WRAPPED)
                    .toDo("Card over the edge, tape around; point and heel covered.")
                    .cautions(SHARP)
                    .checks("No edge shows."));
        }
        draft.add(Operation.at(TABLE, "last-check", "Last check", Effort.LAST_CHECK)
                .is(CHECKS_LAST)
                .of(Part.KNIFE)
                .toDo(
                        spec.isForFood()
                                ? "A thin film of food-safe oil on the blade, wiped away from the edge; print care card and record."
                                : "Wax the blade, rubbing away from the edge; print care card and record.",
                        "See that photographs and readings have all arrived before anything is deleted elsewhere.")
                .cautions(SHARP)
                .checks(
                        spec.isAxe()
                                ? "The head is fast on its haft: it does not move under a tap."
                                : "It is straight and clean, and the edge is whole.",
                        "The blade is waxed or oiled.",
                        "Every must of the brief is met.",
                        "Care card and record are printed."));
        if (spec.isPosted()) {
            draft.add(pack(spec));
        }
        draft.add(Operation.at(TABLE, "hand-over", spec.isPosted() ? "Send it off" : "Hand over", Effort.HAND_OVER)
                .is(HANDS_OVER)
                .of(Part.KNIFE)
                .toDo(
                        spec.isPosted()
                                ? "Note the parcel's number, and tell the client how to keep the knife."
                                : "Show the client how to keep it.",
                        age(spec))
                .cautions(SHARP)
                .checks(
                        spec.isPosted()
                                ? "The client has it, with its care card: the carrier says so."
                                : "The client has it, with its care card.")
                .leaves(State.HANDED_OVER));
    }

    private static String age(Specification spec) {
        return spec.receiver() == Receiver.MINOR
                ? "Its owner is under age: what local law allows is asked first, and a parent or guardian signs."
                : "";
    }

    private static Operation.Builder pack(Specification spec) {
        return Operation.at(TABLE, "pack", "Pack it for the post", Effort.PACK)
                .is(PACKS)
                .of(Part.KNIFE)
                .shapedBy(DESTINATION, RECEIVER)
                .toDo(
                        "A guard over point and edge, tied; then a box in a box, so that nothing comes through when it falls.",
                        "The carrier's own rules for blades; a signature by an adult on delivery.",
                        spec.destination() == Destination.ABROAD
                                ? "Lengths, locks, carry and age differ from law to law, and protected materials need papers: ask customs "
                                        + "and the law of both countries before it leaves."
                                : "")
                .cautions(SHARP)
                .checks(
                        "Shaken, nothing moves in the box.",
                        spec.destination() == Destination.ABROAD
                                ? "The customs papers name knife, material and value as they are."
                                : "Address and sender stand inside the box too.");
    }

    /** What a knife is tried on before it goes; common practice. */
    private static String test(Specification spec) {
        return switch (spec.isAxe() ? Use.FELLING : spec.use()) {
            case VEGETABLES -> "Paper first, then a ripe tomato without pressure.";
            case MEAT -> "Paper first, then rope or card drawn along the whole edge.";
            case OUTDOORS, GENERAL -> "Paper first, then a few cuts in soft wood and rope.";
            case CAMP -> "Shavings from dry hardwood, then paper again.";
            case CHOPPING, FELLING ->
                "A dozen strokes into dry hardwood, then paper again: glasses, feet clear, nobody in line.";
            case SHOWING -> "Paper, along the whole edge, and nothing that could mark the finish.";
        };
    }
}
