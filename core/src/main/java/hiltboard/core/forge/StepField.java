package hiltboard.core.forge;

import hiltboard.core.field.Choice;
import hiltboard.core.field.DecimalNumber;
import hiltboard.core.field.Field;
import hiltboard.core.field.Kind;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.SomeMass;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.Optional;

/** What the works at the forge ask for. */
public enum StepField implements Field<StepForm> {
    FIRST_STEEL("firstSteel", "First steel, top and bottom"),
    FIRST_THICKNESS("firstThickness", "Its bars’ thickness"),
    SECOND_STEEL("secondSteel", "Second steel, between"),
    SECOND_THICKNESS("secondThickness", "Its bars’ thickness"),
    PIECES("pieces", "Bars in the stack"),
    CORE_STEEL("coreSteel", "Core"),
    CORE_THICKNESS("coreThickness", "Core’s thickness"),
    CLADDING("cladding", "Cladding"),
    CLADDING_THICKNESS("claddingThickness", "Thickness of each cladding layer"),
    BETWEEN("between", "Every other layer of another steel"),
    BETWEEN_THICKNESS("betweenThickness", "Its thickness"),
    LAYERS_A_SIDE("layersASide", "Layers a side"),
    WIDTH("width", "Bars’ width"),
    LENGTH("length", "Bars’ length"),
    WEIGHT("weight", "Or so long that it weighs"),
    SHAPE("shape", "Shape"),
    TO_THICKNESS("toThickness", "To a thickness or diameter of"),
    TO_WIDTH("toWidth", "To a width of"),
    TO_LENGTH("toLength", "To a length of"),
    CUT_INTO("cutInto", "Cut into"),
    LAID("laid", "Laid"),
    KERF("kerf", "The saw takes"),
    GROUND_OFF("groundOff", "Ground off each face"),
    OFF_EACH_END("offEachEnd", "Off each end"),
    CORNERS("corners", "Off each corner"),
    TURNS("turns", "Full turns in all"),
    PITCH("pitch", "From groove to groove on one face"),
    DIMPLES("dimples", "From dimple to dimple"),
    DEPTH("depth", "How deep"),
    LOSS("loss", "Lost as scale, %");

    private final String key;
    private final String label;

    StepField(String key, String label) {
        this.key = key;
        this.label = label;
    }

    public static Optional<StepField> withKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key.equals(key)).findFirst();
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    /**
     * That something is nothing is said by the work itself, where it can be said why. A weld that loses half of the bar
     * to scale has burnt.
     */
    @Override
    public Kind<?> kind(StepForm known) {
        return switch (this) {
            case FIRST_STEEL, SECOND_STEEL, CORE_STEEL, CLADDING, BETWEEN -> ForgeSteel.anyOf(known.steels());
            case PIECES, LAYERS_A_SIDE, CUT_INTO -> new WholeNumber(1, 200);
            case TURNS -> DecimalNumber.of("0", "500");
            case LOSS -> DecimalNumber.of("0", "50");
            case WEIGHT -> new SomeMass();
            case SHAPE -> Choice.of("FLAT=Flat or square", "ROUND=Round");
            case LAID -> Choice.of("AS_CUT=As they were cut", "TURNED=Every other one turned over");
            case LENGTH, TO_LENGTH -> LengthWithin.of("0", "240");
            case WIDTH, TO_WIDTH, TO_THICKNESS -> LengthWithin.of("0", "24");
            case OFF_EACH_END, PITCH, DIMPLES -> LengthWithin.of("0", "12");
            case CORNERS, DEPTH -> LengthWithin.of("0", "2");
            case KERF, GROUND_OFF -> LengthWithin.of("0", "1/2");
            case FIRST_THICKNESS, SECOND_THICKNESS, CORE_THICKNESS, CLADDING_THICKNESS, BETWEEN_THICKNESS ->
                LengthWithin.of("0", "6");
        };
    }

    /** Sizes that only some answers ask for are missed when the step is worked out, where it can be said why. */
    @Override
    public boolean isNeeded(StepForm known) {
        return switch (this) {
            case BETWEEN, BETWEEN_THICKNESS, TO_WIDTH, LENGTH, WEIGHT -> false;
            default -> true;
        };
    }

    @Override
    public String usual(StepForm known, Units units) {
        return known.work().usual(this);
    }
}
