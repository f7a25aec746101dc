package hiltboard.core.glue;

import hiltboard.core.field.Choice;
import hiltboard.core.field.DecimalNumber;
import hiltboard.core.field.Field;
import hiltboard.core.field.Kind;
import hiltboard.core.field.SomeMass;
import hiltboard.core.field.SomeTimes;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.TimeWithin;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.field.Words;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.List;
import java.util.Set;

/** What the data sheet of an adhesive says. The keys stay the same for ever. */
public enum SheetField implements Field<AdhesiveSheet> {
    NAME("name", "Called", "What it is"),
    KIND("kind", "Used where a job says", "What it is"),
    MEASURED("measured", "Its maker states the parts", "Ratio"),
    FIRST_PARTS("firstParts", "Parts of resin", "Ratio"),
    SECOND_PARTS("secondParts", "Parts of hardener", "Ratio"),
    FIRST_DENSITY("firstDensity", "Density of the resin, g/mL", "Ratio"),
    SECOND_DENSITY("secondDensity", "Density of the hardener, g/mL", "Ratio"),
    OFF("off", "Ratio may be off by, %", "Ratio"),
    STATED_AT("statedAt", "Times are stated at", "Times"),
    STATED_MASS("statedMass", "for a mix of", "Times"),
    WORKING("working", "Worked for", "Times"),
    GRIPS("grips", "Grips after", "Times"),
    SETS("sets", "Set after", "Times"),
    HANDLED("handled", "Out of the clamps after", "Times"),
    CURED("cured", "Full strength after", "Times"),
    KEEPS("keeps", "Keeps once opened, months", "Keeping"),
    WORDS("words", "What else its sheet says", "Keeping");

    private static final int LONGEST = 80;
    private static final Duration LONGEST_TIME = Duration.ofDays(14);

    private final String key;
    private final String label;
    private final String group;

    SheetField(String key, String label, String group) {
        this.key = key;
        this.label = label;
        this.group = group;
    }

    public static List<SheetField> all() {
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
    public Kind<?> kind(AdhesiveSheet known) {
        return switch (this) {
            case NAME -> new Words(LONGEST);
            case WORDS -> new Words(400);
            case KIND -> Choice.of(Adhesive.class, Adhesive::words);
            case MEASURED -> Choice.of(MeasuredBy.class, MeasuredBy::words);
            case FIRST_PARTS, SECOND_PARTS -> DecimalNumber.of("0.1", "1000");
            case FIRST_DENSITY, SECOND_DENSITY -> DecimalNumber.of("0.5", "3");
            case OFF -> DecimalNumber.of("0.5", "25");
            case STATED_AT -> new TemperatureWithin(Temperature.ofCelsius(5), Temperature.ofCelsius(45));
            case STATED_MASS -> new SomeMass();
            case WORKING -> new SomeTimes(Duration.ofHours(12));
            case GRIPS, SETS, HANDLED, CURED -> new TimeWithin(LONGEST_TIME);
            case KEEPS -> new WholeNumber(1, 120);
        };
    }

    /** Parts by volume are weighed by their densities. */
    @Override
    public boolean isAsked(AdhesiveSheet known) {
        return this != FIRST_DENSITY && this != SECOND_DENSITY || known.isByVolume();
    }

    @Override
    public Set<String> onlyWith(AdhesiveSheet known) {
        return this == FIRST_DENSITY || this == SECOND_DENSITY ? Set.of(MeasuredBy.VOLUME.name()) : Set.of();
    }

    @Override
    public boolean isNeeded(AdhesiveSheet known) {
        return switch (this) {
            case NAME, KIND, MEASURED, FIRST_PARTS, SECOND_PARTS, STATED_AT, WORKING, CURED -> true;
            case FIRST_DENSITY -> known.has(SECOND_DENSITY);
            case SECOND_DENSITY -> known.has(FIRST_DENSITY);
            case GRIPS -> known.has(SETS);
            case SETS -> known.has(GRIPS);
            default -> false;
        };
    }

    @Override
    public String usual(AdhesiveSheet known, Units units) {
        return switch (this) {
            case KIND -> Adhesive.SLOW_EPOXY.name();
            case MEASURED -> MeasuredBy.VOLUME.name();
            case FIRST_PARTS, SECOND_PARTS -> "1";
            case OFF -> "5";
            default -> "";
        };
    }
}
