package hiltboard.core.forge;

import static hiltboard.core.forge.StepField.*;

import hiltboard.core.route.Cautions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a smith does to a billet, with what it asks and what it usually is. Usual answers are common practice, from
 * memory.
 */
public enum ForgeWork {
    STACK(
            "Stack two steels by turns",
            "Alternate the two steels, like outside. Every face ground bright and degreased before.",
            List.of(Cautions.EYES_LUNGS, Cautions.SOLVENT),
            usual(FIRST_STEEL, "1084"),
            usual(FIRST_THICKNESS, "1/8"),
            usual(SECOND_STEEL, "75Ni8"),
            usual(SECOND_THICKNESS, "1/16"),
            usual(PIECES, "21"),
            usual(WIDTH, "1-1/2"),
            usual(LENGTH, "6"),
            usual(WEIGHT, "")),
    CLAD(
            "Lay cladding on a core",
            "The core in the middle, the same cladding on both sides, in the same order outwards.",
            List.of(Cautions.EYES_LUNGS, Cautions.SOLVENT),
            usual(CORE_STEEL, "W2"),
            usual(CORE_THICKNESS, "1/8"),
            usual(CLADDING, "MILD_STEEL"),
            usual(CLADDING_THICKNESS, "1/8"),
            usual(BETWEEN, ""),
            usual(BETWEEN_THICKNESS, ""),
            usual(LAYERS_A_SIDE, "1"),
            usual(WIDTH, "1-1/2"),
            usual(LENGTH, "6"),
            usual(WEIGHT, "")),
    WRAP(
            "Lay this billet around a core",
            "Cut it in two; the core between; the good faces outside.",
            List.of(Cautions.EYES_LUNGS, Cautions.SOLVENT),
            usual(CORE_STEEL, "W2"),
            usual(CORE_THICKNESS, "1/8"),
            usual(KERF, "1/16")),
    WELD(
            "Weld",
            "Edges sealed first. Soak through at about 2200 °F (1200 °C); light, even pressure first, then firmly, all along.",
            List.of(Cautions.FORGE, Cautions.PRESS, "Arc light at sealing: helmet, skin covered, others warned."),
            usual(LOSS, "3")),
    CROP(
            "Cut the ends off",
            "Both ends never weld well. Grind edge cracks out before forging on; about 60 grit shows them.",
            List.of(Cautions.EYES_LUNGS),
            usual(OFF_EACH_END, "1/2")),
    DRAW(
            "Draw out",
            "Even heats; never cold at the edges.",
            List.of(Cautions.FORGE, Cautions.PRESS),
            usual(SHAPE, "FLAT"),
            usual(TO_THICKNESS, ""),
            usual(TO_WIDTH, ""),
            usual(LOSS, "2")),
    RESTACK(
            "Cut and restack",
            "Equal lengths, faces ground bright, edges sealed. It has to be welded again.",
            List.of(Cautions.EYES_LUNGS, Cautions.SOLVENT),
            usual(CUT_INTO, "4"),
            usual(LAID, "AS_CUT"),
            usual(KERF, "1/16"),
            usual(GROUND_OFF, ".010")),
    BIAS(
            "Square on the bias",
            "Forge the square bar from its corners until it is square again: the layers stand on edge across the corners.",
            List.of(Cautions.FORGE, Cautions.PRESS),
            usual(LOSS, "2")),
    CORNERS_OFF(
            "Knock the corners off",
            "Before a twist, or they tear.",
            List.of(Cautions.EYES_LUNGS),
            usual(CORNERS, "1/8")),
    TWIST(
            "Twist",
            "Even heat along the bar. Cut an end and dip it to see the pattern.",
            List.of(Cautions.FORGE),
            usual(TURNS, "6"),
            usual(LOSS, "1")),
    LADDER(
            "Groove across both faces",
            "Grooves by turns on both faces, pressed or ground, then forged flat.",
            List.of(Cautions.FORGE, Cautions.PRESS, Cautions.EYES_LUNGS),
            usual(PITCH, "3/4"),
            usual(DEPTH, "1/16"),
            usual(LOSS, "4")),
    RIPPLE(
            "Dimple both faces",
            "Hammered or drilled all over, then forged flat: a random pattern.",
            List.of(Cautions.FORGE, Cautions.PRESS),
            usual(DIMPLES, "1/2"),
            usual(DEPTH, "1/16"),
            usual(LOSS, "3")),
    UPSET(
            "Upset",
            "Hot at the middle, straight on the end; straighten as it goes.",
            List.of(Cautions.FORGE, Cautions.PRESS),
            usual(TO_LENGTH, ""),
            usual(LOSS, "2")),
    GRIND(
            "Grind the faces",
            "Alike on both, or the layers come out unequal.",
            List.of(Cautions.EYES_LUNGS),
            usual(GROUND_OFF, "1/32"));

    private record Asked(StepField field, String usual) {}

    private final String title;
    private final String howTo;
    private final List<String> cautions;
    private final Map<StepField, String> asked;

    ForgeWork(String title, String howTo, List<String> cautions, Asked... asked) {
        this.title = title;
        this.howTo = howTo;
        this.cautions = List.copyOf(cautions);
        this.asked = new LinkedHashMap<>();
        Arrays.stream(asked).forEach(each -> this.asked.put(each.field, each.usual));
    }

    private static Asked usual(StepField field, String usual) {
        return new Asked(field, usual);
    }

    public static Optional<ForgeWork> named(String name) {
        return Arrays.stream(values()).filter(work -> work.name().equals(name)).findFirst();
    }

    public String title() {
        return title;
    }

    public String howTo() {
        return howTo;
    }

    /** The usual ones, short. */
    public List<String> cautions() {
        return cautions;
    }

    public List<StepField> fields() {
        return new ArrayList<>(asked.keySet());
    }

    /** What a field usually is, as it would be typed; empty where nothing is usual. */
    public String usual(StepField field) {
        return asked.getOrDefault(field, "");
    }

    /** Whether it makes a billet where there was none. */
    public boolean begins() {
        return this == STACK || this == CLAD;
    }
}
