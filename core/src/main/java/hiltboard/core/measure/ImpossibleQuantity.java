package hiltboard.core.measure;

import java.util.Optional;

/**
 * An argument that no shop could mean: says which quantity, what was given and what would be accepted, in anybody's
 * units.
 */
public final class ImpossibleQuantity extends IllegalArgumentException {
    private final String quantity;
    private final Optional<Quantity> value;
    private final Said given;
    private final Said accepted;

    private ImpossibleQuantity(String quantity, Optional<Quantity> value, Said given, Said accepted) {
        super(words(quantity, given, accepted, Units.MILLIMETRE_CELSIUS));
        this.quantity = quantity;
        this.value = value;
        this.given = given;
        this.accepted = accepted;
    }

    /** Where neither what was given nor what is accepted has a unit that readers differ in. */
    public ImpossibleQuantity(String quantity, String given, String accepted) {
        this(quantity, Optional.empty(), units -> given, units -> accepted);
    }

    public ImpossibleQuantity(String quantity, Said given, Said accepted) {
        this(quantity, Optional.empty(), given, accepted);
    }

    public ImpossibleQuantity(String quantity, Quantity given, String accepted) {
        this(quantity, given, units -> accepted);
    }

    public ImpossibleQuantity(String quantity, Quantity given, Said accepted) {
        this(quantity, Optional.of(given), given::in, accepted);
    }

    private static String words(String quantity, Said given, Said accepted, Units units) {
        return quantity + " of " + given.in(units) + " cannot be: " + accepted.in(units) + " is accepted";
    }

    public String quantity() {
        return quantity;
    }

    /** Whether it is this value that cannot be, so that whoever gave it can be shown the place. */
    public boolean isAbout(Quantity given) {
        return value.filter(given::equals).isPresent();
    }

    public String given(Units units) {
        return given.in(units);
    }

    public String accepted(Units units) {
        return accepted.in(units);
    }

    /** The whole of it as a sentence. */
    public String words(Units units) {
        return words(quantity, given, accepted, units);
    }
}
