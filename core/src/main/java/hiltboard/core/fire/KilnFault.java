package hiltboard.core.fire;

import java.util.List;

/**
 * What can go wrong with a kiln, and what is then done. Common practice; the kiln's own manual and a licensed
 * electrician come first.
 */
public enum KilnFault {
    THERMOCOUPLE_OPEN(
            "The thermocouple is open: the kiln does not know how hot it is",
            List.of(
                    "The kiln has cut its own power. Switch it off at the wall before you touch the thermocouple.",
                    "Leave the door shut and write down the time: how long the steel was at heat is known only up to here.",
                    "Nothing is quenched by this kiln's number until it reads again. By magnet and colour only if you "
                            + "would do that anyway.",
                    "Blades that cooled in the kiln are not hardened: begin again from the normalising heat where the steel was forged.")),
    POWER_CUT(
            "The power is gone: the kiln cools",
            List.of(
                    "Leave the door shut: it holds its heat best so.",
                    "When the power is back the programme goes on; the soak counts again only from recovery, and what it had counts on.",
                    "Long time at heat grows grain: if it was out for long, quench at the shortest soak, or normalise and begin again.",
                    "A blade that is quenched already is still brittle: it needs its temper, in another fire if this one stays cold.")),
    TOO_HOT(
            "Far too hot: the kiln does not stop heating",
            List.of(
                    "Switch it off at the wall. A contact that is welded together does not open by itself.",
                    "Door open from the side, face shield on, if the blades can come out at all.",
                    "Overheated steel grows grain: do not quench it. Let it cool, normalise three times, begin again, and count the heat.",
                    "The kiln is not lit again before its relay has been changed by someone who may.")),
    SILENT(
            "The controller does not answer",
            List.of(
                    "Go to the kiln: this page does not know how hot it is. It may lead its programme on by itself.",
                    "Look at its plug, its cable or network, and its own display.",
                    "While it does not answer no soak is counted: take the time by the clock, from the display."));

    private final String words;
    private final List<String> toDo;

    KilnFault(String words, List<String> toDo) {
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
