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

    /** @throws ImpossibleQuantity if no drill of the table lies within the fit */
    public Worked<Length> drill(Units units) {
        DrillSize drill = DrillSize.smallestOver(pin.plus(LEAST))
                .filter(size -> size.diameter().compareTo(pin.plus(MOST)) <= 0)
                .orElseThrow(() -> new ImpossibleQuantity("pin diameter", pin.toString(),
                        "one with a drill " + LEAST + " to " + MOST + " over it; turn the pin to a stock size"));
        Length clearance = drill.diameter().minus(pin);
        return Worked.of(drill.diameter(), pin.in(units) + " pin + " + clearance.in(units) + " (" + FIT + ") = "
                + drill.name() + " drill, " + drill.diameter().in(units)).called(drill.name() + " drill");
    }
}
