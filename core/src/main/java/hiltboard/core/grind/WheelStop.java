package hiltboard.core.grind;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A blade whose jig leans on a bar in front of a wheel: from the wheel's axle to the bar it is √(R² + P² + 2 · R · P ·
 * sin(angle)), by the law of cosines in the triangle of axle, edge and bar. The blade's centre plane goes through the
 * bar's middle; where a jig holds it higher, that is measured with the blade in it.
 *
 * @param perSide more than 0° and less than 60°
 * @param wheelDiameter as it is today: a wheel wears
 * @param projection from the bar to the edge
 */
public record WheelStop(Angle perSide, Length wheelDiameter, Length projection) {
    private static final double STEEPEST = 60;

    /** @throws ImpossibleQuantity if no blade lies so */
    public WheelStop {
        if (!(perSide.degrees() > 0 && perSide.degrees() < STEEPEST)) {
            throw new ImpossibleQuantity("angle a side", perSide, "more than 0° and less than 60°");
        }
        if (!wheelDiameter.isPositive() || !projection.isPositive()) {
            throw new ImpossibleQuantity(
                    "wheel and projection",
                    units -> wheelDiameter.in(units) + " and " + projection.in(units),
                    units -> "more than nothing");
        }
    }

    private Length toAxle() {
        double radius = wheelDiameter.millimetres() / 2;
        double out = projection.millimetres();
        double sine = Math.sin(Math.toRadians(perSide.degrees()));
        return Length.ofMillimetres(Math.sqrt(radius * radius + out * out + 2 * radius * out * sine));
    }

    /** From the bar's middle to the axle's. */
    public Worked<Length> toAxle(Units units) {
        Length r = wheelDiameter.half();
        Working line = new Working(units);
        return Worked.of(
                toAxle(),
                "√((" + line.of(r) + ")² + (" + line.of(projection) + ")² + 2 × " + line.of(r) + " × "
                        + line.of(projection) + " × sin " + line.of(perSide) + ")" + line.comesTo(toAxle()));
    }

    /** From the wheel's rim to the bar's far side, as a caliper reads it. @param bar its diameter */
    public Worked<Length> overBar(Length bar, Units units) {
        Length over = toAxle().minus(wheelDiameter.half()).plus(bar.half());
        Working line = new Working(units);
        return Worked.of(
                over,
                line.of(toAxle()) + " − " + line.of(wheelDiameter.half()) + " + " + line.of(bar) + " ÷ 2"
                        + line.comesTo(over));
    }
}
