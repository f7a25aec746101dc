package hiltboard.core.forge;

import hiltboard.core.design.Option;
import hiltboard.core.measure.LengthRange;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** One answer that a work at the forge asks for. */
public enum StepField {
    FIRST_STEEL("firstSteel", "First steel, top and bottom", Type.STEEL),
    FIRST_THICKNESS("firstThickness", "Its bars’ thickness", Type.LENGTH),
    SECOND_STEEL("secondSteel", "Second steel, between", Type.STEEL),
    SECOND_THICKNESS("secondThickness", "Its bars’ thickness", Type.LENGTH),
    PIECES("pieces", "Bars in the stack", Type.COUNT),
    CORE_STEEL("coreSteel", "Core", Type.STEEL),
    CORE_THICKNESS("coreThickness", "Core’s thickness", Type.LENGTH),
    CLADDING("cladding", "Cladding", Type.STEEL),
    CLADDING_THICKNESS("claddingThickness", "Thickness of each cladding layer", Type.LENGTH),
    BETWEEN("between", "Every other layer of another steel", Type.MAYBE_STEEL),
    BETWEEN_THICKNESS("betweenThickness", "Its thickness", Type.LENGTH),
    LAYERS_A_SIDE("layersASide", "Layers a side", Type.COUNT),
    WIDTH("width", "Bars’ width", Type.LENGTH),
    LENGTH("length", "Bars’ length", Type.LENGTH),
    WEIGHT("weight", "Or so long that it weighs", Type.MASS),
    SHAPE("shape", "Shape", Type.CHOICE, "FLAT=Flat or square", "ROUND=Round"),
    TO_THICKNESS("toThickness", "To a thickness or diameter of", Type.LENGTH),
    TO_WIDTH("toWidth", "To a width of", Type.LENGTH),
    TO_LENGTH("toLength", "To a length of", Type.LENGTH),
    CUT_INTO("cutInto", "Cut into", Type.COUNT),
    LAID("laid", "Laid", Type.CHOICE, "AS_CUT=As they were cut", "TURNED=Every other one turned over"),
    KERF("kerf", "The saw takes", Type.LENGTH),
    GROUND_OFF("groundOff", "Ground off each face", Type.LENGTH),
    OFF_EACH_END("offEachEnd", "Off each end", Type.LENGTH),
    CORNERS("corners", "Off each corner", Type.LENGTH),
    TURNS("turns", "Full turns in all", Type.DECIMAL),
    PITCH("pitch", "From groove to groove on one face", Type.LENGTH),
    DIMPLES("dimples", "From dimple to dimple", Type.LENGTH),
    DEPTH("depth", "How deep", Type.LENGTH),
    LOSS("loss", "Lost as scale, %", Type.DECIMAL);

    /** What an answer is. */
    public enum Type {
        STEEL,
        MAYBE_STEEL,
        LENGTH,
        MASS,
        COUNT,
        DECIMAL,
        CHOICE
    }

    private final String key;
    private final String label;
    private final Type type;
    private final List<Option> options;

    StepField(String key, String label, Type type, String... options) {
        this.key = key;
        this.label = label;
        this.type = type;
        this.options = Option.all(options);
    }

    public static Optional<StepField> withKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key.equals(key)).findFirst();
    }

    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    public Type type() {
        return type;
    }

    /** What can be chosen; empty where it is written. */
    public List<Option> options() {
        return switch (type) {
            case STEEL -> steels();
            case MAYBE_STEEL ->
                Stream.concat(Stream.of(new Option("", "No")), steels().stream())
                        .toList();
            default -> options;
        };
    }

    /**
     * Which sizes are likely here; only for what is a length. That something is nothing is said by the work itself,
     * where it can be said why.
     */
    LengthRange likely() {
        return LengthRange.of(
                "0",
                switch (this) {
                    case LENGTH, TO_LENGTH -> "240";
                    case WIDTH, TO_WIDTH, TO_THICKNESS -> "24";
                    case OFF_EACH_END, PITCH, DIMPLES -> "12";
                    case CORNERS, DEPTH -> "2";
                    case KERF, GROUND_OFF -> "1/2";
                    default -> "6";
                });
    }

    /** The most of a plain number. A weld that loses half of the bar to scale has burnt. */
    int most() {
        return this == LOSS ? 50 : 500;
    }

    private static List<Option> steels() {
        return ForgeSteel.known().stream()
                .map(steel -> new Option(steel.key(), steel.words()))
                .toList();
    }
}
