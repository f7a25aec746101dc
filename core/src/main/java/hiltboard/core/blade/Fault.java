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

    public String accepted(Units units) {
        return limit.map(length -> accepted + " " + length.in(units)).orElse(accepted);
    }
}
