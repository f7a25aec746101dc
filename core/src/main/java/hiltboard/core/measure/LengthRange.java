package hiltboard.core.measure;

import java.util.List;
import java.util.stream.Stream;

/**
 * The sizes that a field takes, both ends among them; what lies outside is asked back with a guess of what was meant.
 */
public record LengthRange(Length least, Length most) {
    private static final double MILLIMETRES_PER_INCH = 25.4;

    /** @throws ImpossibleQuantity if nothing lies in it */
    public LengthRange {
        if (least.compareTo(most) > 0) {
            throw new ImpossibleQuantity("smallest size", least, units -> "at most " + most.in(units));
        }
    }

    /** Both ends in shop notation, a bare number in inches. */
    public static LengthRange of(String least, String most) {
        return new LengthRange(ShopNotation.inches(least), ShopNotation.inches(most));
    }

    public boolean holds(Length length) {
        return length.compareTo(least) >= 0 && length.compareTo(most) <= 0;
    }

    /** {@code 1/16 in to 1/2 in} as the reader reads it. */
    public String words(Units units) {
        return least.brieflyIn(units) + " to " + most.brieflyIn(units);
    }

    /** Reads an entry that has to lie in it; negative ones only where it reaches below zero. */
    public Understood<Length> read(String entry, Units units) {
        return within(
                least.nanometres() < 0 ? ShopNotation.signedLength(entry, units) : ShopNotation.length(entry, units),
                units);
    }

    /** Reads the size of a hole or of what goes through it, a thread among them. */
    public Understood<Length> readHole(String entry, Units units) {
        return within(ShopNotation.hole(entry, units), units);
    }

    private Understood<Length> within(Understood<Length> read, Units units) {
        return read instanceof Understood.Value<Length> value && !holds(value.value())
                ? new Understood.Refused<>(
                        value.value().brieflyIn(units) + " is not likely here" + meant(value.value(), units),
                        words(units))
                : read;
    }

    /**
     * What was likely meant by a size that does not lie in it, as the end of a sentence; empty where nothing is likely.
     */
    public String meant(Length typed, Units units) {
        List<String> likely = likely(typed, units).toList();
        return likely.isEmpty()
                ? ""
                : "; did you mean "
                        + (likely.size() < 2 ? "" : String.join(", ", likely.subList(0, likely.size() - 1)) + " or ")
                        + likely.get(likely.size() - 1) + "?";
    }

    /** A point that slipped, thousandths written as inches, or the other unit. */
    private Stream<String> likely(Length typed, Units units) {
        Units other = new Units(
                units.length() == Units.LengthUnit.INCH ? Units.LengthUnit.MILLIMETRE : Units.LengthUnit.INCH,
                units.temperature());
        Length inOther =
                typed.times(units.length() == Units.LengthUnit.INCH ? 1 / MILLIMETRES_PER_INCH : MILLIMETRES_PER_INCH);
        Stream<String> slipped = Stream.of(0.001, 0.01, 0.1, 10.0, 100.0)
                .map(typed::times)
                .filter(this::isInside)
                .map(length -> length.in(units));
        Stream<String> unit = Stream.of(inOther).filter(this::isInside).map(length -> length.in(other));
        return Stream.concat(unit, slipped).limit(3);
    }

    private boolean isInside(Length length) {
        return length.nanometres() != 0 && holds(length);
    }
}
