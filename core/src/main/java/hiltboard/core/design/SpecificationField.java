package hiltboard.core.design;

import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/** One question of the specification: its label, what it accepts, when it is asked, and what is usually answered. */
public enum SpecificationField {
    CONSTRUCTION("construction", "Construction", "Knife", choice(Construction.class, Construction::words), always(), "FULL_TANG"),
    STEEL("steel", "Steel", "Blade", new Choice(Steel.known().stream()
            .map(steel -> new Option(steel.designation(), steel.words())).toList()), always(), "1084"),
    STOCK_THICKNESS("stockThickness", "Stock thickness", "Blade", length("1/16", "1/2"), always(), "5/32"),
    BLADE_LENGTH("bladeLength", "Blade length", "Blade", length("1", "20"), always(), "4"),
    HEEL_WIDTH("heelWidth", "Width at the heel", "Blade", length("3/8", "4"), always(), "1-1/8"),
    GRIND("grind", "Grind", "Blade", choice(Grind.class, Grind::words), always(), "FULL_FLAT"),
    BEVEL_HEIGHT("bevelHeight", "Bevel height", "Blade", length("1/8", "4"),
            spec -> spec.grind() != Grind.FULL_FLAT, "3/4"),
    EDGE_THICKNESS("edgeThickness", "Edge before sharpening", "Blade", length(".003", ".060"), always(), ".020"),
    BEVELS("bevels", "Bevels are ground", "Blade", choice(BevelTiming.class, BevelTiming::words), always(), "ROUGH_THEN_FINISH"),
    NOTCHES("notches", "Notches", "Blade", choice(Notches.class, Notches::words), always(), "CHOIL"),
    FINISH("finish", "Finish", "Blade", choice(Finish.class, Finish::words), always(), "HAND_SATIN"),
    MARK("mark", "Mark", "Blade", choice(Mark.class, Mark::words), always(), "ELECTRO_ETCHED"),
    HANDLE_LENGTH("handleLength", "Handle length", "Handle", length("2", "10"), always(), "4-1/2"),
    HANDLE_MATERIAL("handleMaterial", "Handle material", "Handle", choice(HandleMaterial.class, HandleMaterial::words), always(), "WALNUT"),
    SCALE_THICKNESS("scaleThickness", "Scale thickness", "Handle", length("1/8", "3/4"), onlyFor(Construction.FULL_TANG), "3/8"),
    PIN_COUNT("pinCount", "Pins", "Handle", new Count(1, 6), onlyFor(Construction.FULL_TANG), "2"),
    PIN_DIAMETER("pinDiameter", "Pin diameter", "Handle", length("1/16", "3/8"), onlyFor(Construction.FULL_TANG), "1/4"),
    TANG_WIDTH("tangWidth", "Tang width at the guard", "Handle", length("1/4", "1-1/2"), onlyFor(Construction.HIDDEN_TANG), ".690"),
    GUARD_MATERIAL("guardMaterial", "Guard material", "Handle", choice(FittingMaterial.class, FittingMaterial::words), onlyFor(Construction.HIDDEN_TANG), "BRASS"),
    GUARD_THICKNESS("guardThickness", "Guard thickness", "Handle", length("1/16", "1/2"), onlyFor(Construction.HIDDEN_TANG), "3/8"),
    SPACER("spacer", "Spacer", "Handle", choice(Spacing.class, Spacing::words), onlyFor(Construction.HIDDEN_TANG), "ONE"),
    SPACER_MATERIAL("spacerMaterial", "Spacer material", "Handle", choice(FittingMaterial.class, FittingMaterial::words), Specification::hasSpacer, "NICKEL_SILVER"),
    SPACER_THICKNESS("spacerThickness", "Spacer thickness", "Handle", length("1/32", "1/2"), Specification::hasSpacer, "1/8"),
    ALIGNMENT_PINS("alignmentPins", "Alignment pins", "Handle", choice(AlignmentPins.class, AlignmentPins::words), onlyFor(Construction.HIDDEN_TANG), "NONE"),
    BEDDING("bedding", "Tang is", "Handle", choice(Bedding.class, Bedding::words), onlyFor(Construction.HIDDEN_TANG), "GLUED_AT_ONCE"),
    SHEATH("sheath", "Sheath", "Sheath", choice(SheathKind.class, SheathKind::words), always(), "NONE");

    /** What a field takes. */
    public sealed interface Accepts {}

    /** A length within limits. */
    public record LengthWithin(Length least, Length most) implements Accepts {}

    /** A whole number within limits. */
    public record Count(int least, int most) implements Accepts {}

    /** One of these. */
    public record Choice(List<Option> options) implements Accepts {
        public Choice {
            options = List.copyOf(options);
        }
    }

    /** A choice as it is kept and as it is read. */
    public record Option(String value, String words) {}

    private final String key;
    private final String label;
    private final String group;
    private final Accepts accepts;
    private final Predicate<Specification> asked;
    private final String usual;

    SpecificationField(String key, String label, String group, Accepts accepts, Predicate<Specification> asked, String usual) {
        this.key = key;
        this.label = label;
        this.group = group;
        this.accepts = accepts;
        this.asked = asked;
        this.usual = usual;
    }

    public static Optional<SpecificationField> withKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key.equals(key)).findFirst();
    }

    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    /** The part of the knife that the question is about. */
    public String group() {
        return group;
    }

    public Accepts accepts() {
        return accepts;
    }

    /** What a form starts with, in shop notation. */
    public String usual() {
        return usual;
    }

    /** What a form starts with, in these units. */
    public String usualIn(Units units) {
        return accepts instanceof LengthWithin ? inches(usual).brieflyIn(units) : usual;
    }

    /** Whether this question is asked for such a knife. Fields are ordered so that it looks only at earlier answers. */
    public boolean isAsked(Specification soFar) {
        return asked.test(soFar);
    }

    /** The limits of this field, in words. */
    public String acceptedWords(Units units) {
        if (accepts instanceof LengthWithin within) {
            return within.least().brieflyIn(units) + " to " + within.most().brieflyIn(units);
        }
        if (accepts instanceof Count count) {
            return count.least() + " to " + count.most();
        }
        return String.join("; ", ((Choice) accepts).options().stream().map(Option::words).toList());
    }

    private static Predicate<Specification> always() {
        return spec -> true;
    }

    private static Predicate<Specification> onlyFor(Construction construction) {
        return spec -> spec.construction() == construction;
    }

    private static <E extends Enum<E>> Choice choice(Class<E> type, Function<E, String> words) {
        return new Choice(Arrays.stream(type.getEnumConstants()).map(each -> new Option(each.name(), words.apply(each))).toList());
    }

    private static LengthWithin length(String least, String most) {
        return new LengthWithin(inches(least), inches(most));
    }

    private static Length inches(String entry) {
        if (ShopNotation.length(entry, Units.INCH_FAHRENHEIT) instanceof Understood.Value<Length> value) {
            return value.quantity();
        }
        throw new IllegalStateException(entry);
    }
}
