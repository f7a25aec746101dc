package hiltboard.core.material;

import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;

/** From one temperature to a higher one. */
public record HeatRange(Temperature low, Temperature high) {
    public HeatRange {
        if (!(low.celsius() < high.celsius())) {
            throw new IllegalArgumentException("A range from " + low + " to " + high + " cannot be");
        }
    }

    static HeatRange ofFahrenheit(int low, int high) {
        return new HeatRange(Temperature.ofFahrenheit(low), Temperature.ofFahrenheit(high));
    }

    public String in(Units units) {
        return low.in(units) + " to " + high.in(units);
    }
}
