package hiltboard.core.machine;

import hiltboard.core.measure.DrillSize;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;

/**
 * The hole for a glued pin in tang and scales: the next drill up, 0.002 to 0.007 in over (common practice of the trade).
 */
public record PinHole(Length pin) {
    /** Name of the fit. */
    public static final String FIT = "free glue fit";
    private static final Length LEAST = Length.ofInches("0.002");
    private static final Length MOST = Length.ofInches("0.007");

    /** @throws ImpossibleQuantity if the pin is not positive */
    public PinHole {
        if (!pin.isPositive()) {
            throw new ImpossibleQuantity("pin diameter", pin.toString(), "more than nothing");
        }
    }

    /**
     * The smallest drill that is at least 0.002 in over; where it is more than 0.007 in over, as for a pin that came
     * a little under its nominal size, the answer carries a caution.
     *
     * @throws ImpossibleQuantity if the pin is larger than every drill of the table
     */
    public Worked<Length> drill(Units units) {
        DrillSize drill = DrillSize.smallestOver(pin.plus(LEAST))
                .orElseThrow(() -> new ImpossibleQuantity("pin diameter", pin.toString(), "less than 1 in, where the drill table ends"));
        Length clearance = drill.diameter().minus(pin);
        Worked<Length> answer = Worked.of(drill.diameter(), pin.in(units) + " pin + " + clearance.in(units) + " (" + FIT + ") = "
                + drill.name() + " drill, " + drill.diameter().in(units)).called(drill.name() + " drill");
        return clearance.compareTo(MOST) <= 0 ? answer : answer.withCaution("Looser than a " + FIT + " (" + LEAST.in(units) + " to " + MOST.in(units)
                + " over): ream the hole or turn a fuller pin.");
    }
}
