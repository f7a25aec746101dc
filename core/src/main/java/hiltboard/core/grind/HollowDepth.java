package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * How deep a wheel hollows over a width: R − √(R² − (w/2)²), the sagitta of a circle.
 *
 * @param wheelDiameter of the contact wheel, more than nothing
 * @param width of the hollow, zero to the wheel's diameter
 */
public record HollowDepth(Length wheelDiameter, Length width) {
    /** @throws ImpossibleQuantity if the hollow is wider than the wheel */
    public HollowDepth {
        if (!wheelDiameter.isPositive()) {
            throw new ImpossibleQuantity("wheel diameter", wheelDiameter, "more than nothing");
        }
        if (width.nanometres() < 0 || width.compareTo(wheelDiameter) > 0) {
            throw new ImpossibleQuantity(
                    "hollow width", width, units -> "zero to the wheel's " + wheelDiameter.downIn(units));
        }
    }

    public Worked<Length> depth(Units units) {
        double radius = wheelDiameter.millimetres() / 2;
        double half = width.millimetres() / 2;
        Length depth = Length.ofMillimetres(radius - Math.sqrt(radius * radius - half * half));
        Length r = wheelDiameter.half();
        Working line = new Working(units);
        String root = line.of(r) + " − √((" + line.of(r) + ")² − (" + line.of(width) + " ÷ 2)²)";
        return Worked.of(depth, root + line.comesTo(depth));
    }
}
