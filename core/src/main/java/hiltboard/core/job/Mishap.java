package hiltboard.core.job;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What goes wrong at the bench, with the ways back that are usual for it. */
public enum Mishap {
    CRACKED("Cracked in the quench", WayBack.SCRAP, WayBack.HOLD),
    WARPED("Warped", WayBack.REDO, WayBack.HOLD, WayBack.SCRAP),
    NOT_HARD("Not hard", WayBack.REDO, WayBack.HOLD, WayBack.SCRAP),
    BURNT_EDGE("Burnt edge", WayBack.REDO, WayBack.HOLD, WayBack.SCRAP),
    HOLE_MISPLACED("Hole misplaced or forgotten", WayBack.REDO, WayBack.HOLD, WayBack.SCRAP),
    WRONG_PIN("Wrong size pin", WayBack.REDO, WayBack.HOLD),
    SLOT_TOO_WIDE("Slot too wide", WayBack.REDO, WayBack.HOLD),
    GUARD_SNAPPED("Guard snapped", WayBack.REDO, WayBack.HOLD),
    STALE_PART("Part made to a number that moved", WayBack.REDO, WayBack.HOLD),
    CUTTER_BROKEN("Cutter broken in the work", WayBack.REDO, WayBack.HOLD, WayBack.SCRAP),
    TEAR_OUT("Tear-out, chip or void", WayBack.REDO, WayBack.HOLD),
    ETCH_PATCHY("Etch patchy", WayBack.REDO, WayBack.HOLD),
    FINISH_SCRATCHED("Finish scratched", WayBack.REDO, WayBack.HOLD),
    HANDLE_STUCK("Bedded handle stuck", WayBack.REDO, WayBack.HOLD, WayBack.SCRAP),
    GLUE_FAILED("Glue starved or not set", WayBack.REDO, WayBack.HOLD),
    SHEATH_TIGHT("Sheath too tight", WayBack.REDO, WayBack.HOLD),
    MATERIAL_BROKEN("Material broken on arrival", WayBack.HOLD),
    OTHER("Something else", WayBack.REDO, WayBack.HOLD, WayBack.SCRAP);

    /** How to go on. */
    public enum WayBack {
        REDO("Do it again from a step"), HOLD("Hold the piece until it is decided"), SCRAP("Scrap the piece");

        private final String words;

        WayBack(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private final String words;
    private final List<WayBack> waysBack;

    Mishap(String words, WayBack... waysBack) {
        this.words = words;
        this.waysBack = List.of(waysBack);
    }

    public static Optional<Mishap> named(String name) {
        return Arrays.stream(values()).filter(each -> each.name().equals(name)).findFirst();
    }

    public String words() {
        return words;
    }

    public List<WayBack> waysBack() {
        return waysBack;
    }
}
