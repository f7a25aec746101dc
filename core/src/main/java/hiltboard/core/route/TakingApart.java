package hiltboard.core.route;

import static hiltboard.core.route.Station.FITTING;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import java.util.EnumSet;
import java.util.Set;

/** How a handle comes off again, and what that leaves of it. Common practice. */
enum TakingApart {
    /** Screws, a nut or a taper: it comes apart and goes together again. */
    COMES_APART,
    /** Adhesive, a peened tang or a wedge: the handle is lost. */
    DESTROYS;

    private static final Set<Trait> JOINED =
            EnumSet.of(Trait.PEENS, Trait.WEDGES, Trait.CLEANS_SQUEEZE_OUT, Trait.CURES_HANDLE, Trait.CHECKS_LAST);

    static final String KEY = "take-handle-off";

    /** As the piece lies: adhesive that has not set lets go without harm. */
    static TakingApart of(Making making) {
        Specification spec = making.spec();
        boolean comesApart = making.is(Condition.WET_GLUE)
                || spec.hasRemovableScales()
                || spec.hasBlock() && spec.isTakeDown()
                || spec.isFolder()
                || spec.construction() == Construction.TOMAHAWK;
        return comesApart ? COMES_APART : DESTROYS;
    }

    /** Finished work that is undone when it comes off. */
    boolean undoes(Operation operation) {
        return operation.sets().contains(Condition.HANDLED) || this == DESTROYS && operation.part() == Part.HANDLE;
    }

    /** Finished work that was built on what is undone and goes with it. */
    boolean spoils(Operation operation) {
        return undoes(operation) || operation.traits().stream().anyMatch(JOINED::contains);
    }

    /**
     * The step itself; what holds the handle may be another thing by now than the specification says, so it speaks of
     * every kind.
     */
    static void write(Draft draft) {
        draft.add(Operation.at(FITTING, KEY, "Take the handle off", Effort.TAKE_HANDLE_OFF)
                .is(Trait.TAKES_HANDLE_OFF)
                .of(Part.KNIFE)
                .clears(Condition.HANDLED, Condition.GLUED, Condition.WET_GLUE, Condition.BEDDED)
                .toDo(
                        "Blade wrapped, point away.",
                        "Screws, nut or taper: undo them in turn, every part into one tray.",
                        "Pins and adhesive: drill or drive the pins out, warm the joint until the adhesive lets go, pull or "
                                + "saw the material off.",
                        "Scrape tang and guard clean down to steel.")
                .cautions(Cautions.PARTING)
                .checks(
                        "No adhesive, wood or wax is left on tang and guard.",
                        "The blade is straight and shows no new colour."));
    }
}
