package hiltboard.core.fire;

import java.util.List;

/** What is wrong with a kiln that itself is sound, and what is then done. Common practice, no published source. */
public enum KilnAlarm {
    ABOVE(
            "The kiln is hotter than this load bears",
            List.of(
                    "Look at the kiln, not only at this page: colour, controller, thermocouple.",
                    "If it rises on, switch it off at the wall and take the work out from the side, face shield on.",
                    "Overheated steel grows grain: normalise it three times before it is hardened again.")),
    DOOR(
            "The door stands open",
            List.of(
                    "Shut the door: the elements are off while it stands open, and the work falls out of its heat.",
                    "The soak counts on when the kiln has recovered.")),
    NOT_TOLD(
            "The controller did not take what it was told",
            List.of(
                    "Go to the kiln and see what it does: it may go on with what it was told before.",
                    "Set it by hand at its own panel, or switch it off at the wall.",
                    "Look at its plug, its cable or network before it is told again."));

    private final String words;
    private final List<String> toDo;

    KilnAlarm(String words, List<String> toDo) {
        this.words = words;
        this.toDo = toDo;
    }

    public String words() {
        return words;
    }

    /** What to do now, in order. */
    public List<String> toDo() {
        return toDo;
    }
}
