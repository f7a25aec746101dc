package hiltboard.core.blade;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.Optional;

/**
 * Why an outline cannot be.
 *
 * @param number the named number to change
 * @param accepted what would be taken; the limit, if there is one, follows it
 */
public record Fault(String number, String problem, String accepted, Optional<Length> limit) {
    static Fault of(String number, String problem, String accepted) {
        return new Fault(number, problem, accepted, Optional.empty());
    }

    static Fault limited(String number, String problem, String accepted, double limitMillimetres) {
        return new Fault(number, problem, accepted, Optional.of(Length.ofMillimetres(limitMillimetres)));
    }

    /** With the limit as far as it matters, rounded so that what is named is taken. */
    public String accepted(Units units) {
        return limit.map(length -> accepted + " "
                        + (accepted.startsWith("at least") || accepted.startsWith("more")
                                ? length.upIn(units, fineness(length, units))
                                : length.downIn(units, fineness(length, units))))
                .orElse(accepted);
    }

    /** A thousandth in small sizes, a tenth in those of a wheel. */
    private static Length fineness(Length limit, Units units) {
        int tenths = limit.inches() < 1 ? 1 : limit.inches() < 10 ? 10 : 100;
        return units.length() == Units.LengthUnit.INCH
                ? Length.ofInchFraction(tenths, 1000)
                : new Length(tenths * 10_000L);
    }
}
