package hiltboard.core.etch;

import hiltboard.core.field.Choice;
import hiltboard.core.field.Day;
import hiltboard.core.field.DecimalNumber;
import hiltboard.core.field.Field;
import hiltboard.core.field.Kind;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.SomeLiquid;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.Words;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** What is written down of a bath. The keys stay the same for ever. */
public enum BathField implements Field<Bath> {
    NAME("name", "Called", "What it is"),
    LIQUID("liquid", "What it is", "What it is"),
    FIRST_PARTS("firstParts", "Parts of the strong one", "Mixed from"),
    SECOND_PARTS("secondParts", "Parts of water or vinegar", "Mixed from"),
    STOCK("stock", "Strength of the ferric chloride it was mixed from", "Mixed from"),
    VOLUME("volume", "How much", "Mixed from"),
    MIXED_ON("mixedOn", "Mixed on", "Mixed from"),
    ACROSS("across", "Inside diameter, or width of a trough", "The vessel"),
    ALONG("along", "Inside length of a trough", "The vessel"),
    HEIGHT("height", "Inside height", "The vessel"),
    PLACE("place", "Where it stands", "Where"),
    FREE("free", "When it is free there", "Where"),
    TEMPERATURE("temperature", "How warm it is", "Where"),
    WORDS("words", "What else", "Where");

    private static final int LONGEST = 80;

    private final String key;
    private final String label;
    private final String group;

    BathField(String key, String label, String group) {
        this.key = key;
        this.label = label;
        this.group = group;
    }

    public static List<BathField> all() {
        return List.of(values());
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String group() {
        return group;
    }

    @Override
    public Kind<?> kind(Bath known) {
        return switch (this) {
            case NAME, PLACE, FREE -> new Words(LONGEST);
            case WORDS -> new Words(400);
            case LIQUID -> Choice.of(Liquid.class, Liquid::words);
            case FIRST_PARTS -> DecimalNumber.of("0.1", "1000");
            case SECOND_PARTS -> DecimalNumber.of("0", "1000");
            case STOCK -> new StrengthOf(Solute.FERRIC_CHLORIDE);
            case VOLUME -> new SomeLiquid();
            case MIXED_ON -> Day.ANY;
            case ACROSS, ALONG, HEIGHT -> LengthWithin.of("1/4", "80");
            case TEMPERATURE -> new TemperatureWithin(Temperature.ofCelsius(0), Temperature.ofCelsius(100));
        };
    }

    /** A strength is asked of ferric chloride only: what else is in a shop's baths is not sold by it. */
    @Override
    public boolean isAsked(Bath known) {
        return this != STOCK || known.liquid().isFerric();
    }

    @Override
    public Set<String> onlyWith(Bath known) {
        return this == STOCK ? Set.of(Liquid.FERRIC_WATER.name(), Liquid.FERRIC_VINEGAR.name()) : Set.of();
    }

    /** A vessel has all of its sides, or none that anybody said. */
    @Override
    public boolean isNeeded(Bath known) {
        return switch (this) {
            case NAME, LIQUID, VOLUME -> true;
            case FIRST_PARTS -> known.has(SECOND_PARTS);
            case SECOND_PARTS -> known.has(FIRST_PARTS);
            case ACROSS -> Stream.of(ALONG, HEIGHT).anyMatch(known::has);
            case HEIGHT -> Stream.of(ALONG, ACROSS).anyMatch(known::has);
            default -> false;
        };
    }

    @Override
    public String usual(Bath known, Units units) {
        return this == LIQUID ? Liquid.FERRIC_WATER.name() : "";
    }
}
