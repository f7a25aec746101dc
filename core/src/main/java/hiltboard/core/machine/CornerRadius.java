package hiltboard.core.machine;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A cutter with a corner radius leaves a fillet at its depth: it runs below the part by at least that radius, so that
 * the wall is straight to the bottom. Common practice of the trade.
 */
public record CornerRadius(Length part, Length radius) {
    /** @throws ImpossibleQuantity if the part has no thickness, or the radius is less than nothing */
    public CornerRadius {
        if (!part.isPositive()) {
            throw new ImpossibleQuantity("part", part, "more than nothing");
        }
        if (radius.nanometres() < 0) {
            throw new ImpossibleQuantity("corner radius", radius, "nothing or more");
        }
    }

    /** How deep the tip runs. */
    public Worked<Length> depth(Units units) {
        Length depth = part.plus(radius);
        Working line = new Working(units);
        return Worked.of(
                depth,
                line.of(part) + " + " + line.of(radius) + line.comesTo(depth),
                "The fixture is relieved there by as much");
    }
}
