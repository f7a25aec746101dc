package hiltboard.core.grind;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/**
 * A blade ground down to nothing, with and without a honed micro bevel. Plane geometry; a thin wedge bends with the
 * square of its thickness (beam theory).
 *
 * @param ground angle a side of the bevel that runs to zero
 * @param honed angle a side of the micro bevel, more than that
 * @param width of the micro bevel, as it shows
 */
public record ZeroGround(Angle ground, Angle honed, Length width) {
    /** Where the edge is compared: a tenth of a millimetre behind it. */
    private static final Length BEHIND = Length.ofMillimetres("0.1");

    /** @throws ImpossibleQuantity if the micro bevel is not steeper than the bevel */
    public ZeroGround {
        if (!(ground.degrees() > 0 && honed.degrees() > ground.degrees() && honed.degrees() < 90)) {
            throw new ImpossibleQuantity(
                    "micro bevel's angle",
                    honed,
                    units -> "more than the bevel's " + ground.in(units) + ", less than 90°");
        }
        if (!width.isPositive()) {
            throw new ImpossibleQuantity("micro bevel's width", width, "more than nothing");
        }
    }

    private static double tan(Angle angle) {
        return Math.tan(Math.toRadians(angle.degrees()));
    }

    /** How thick the blade is where the micro bevel begins. */
    public Worked<Length> shoulder(Units units) {
        return new TrialBevel(honed).thickness(width, units);
    }

    /** How much narrower honing makes the blade. */
    public Worked<Length> lost(Units units) {
        Length shoulder = shoulder(units).value();
        Length along = width.times(Math.cos(Math.toRadians(honed.degrees())));
        Length lost = shoulder.times(1 / (2 * tan(ground))).minus(along);
        Working line = new Working(units);
        return Worked.of(
                lost,
                line.of(shoulder) + " ÷ (2 × tan " + line.of(ground) + ") − " + line.of(width) + " × cos "
                        + line.of(honed) + line.comesTo(lost));
    }

    /** How many times more bending the edge bears close behind it. */
    public Worked<Figure> stronger(Units units) {
        Length truly = BEHIND.times(2 * tan(ground));
        Length micro = honedAt(BEHIND);
        double times = micro.magnitude() / truly.magnitude();
        Working line = new Working(units);
        return Worked.of(
                new Figure(times * times, 1, "times"),
                "Behind the edge, at " + line.of(BEHIND) + ": true " + line.of(truly) + ", micro bevel "
                        + line.of(micro),
                String.format(
                        Locale.ROOT, "(%.4f ÷ %.4f)² ≈ %.1f", micro.millimetres(), truly.millimetres(), times * times));
    }

    private Length honedAt(Length behind) {
        Length along = width.times(Math.cos(Math.toRadians(honed.degrees())));
        return behind.compareTo(along) <= 0
                ? behind.times(2 * tan(honed))
                : width.times(2 * Math.sin(Math.toRadians(honed.degrees())))
                        .plus(behind.minus(along).times(2 * tan(ground)));
    }
}
