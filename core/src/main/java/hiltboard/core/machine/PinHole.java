package hiltboard.core.machine;

import hiltboard.core.measure.DrillSeries;
import hiltboard.core.measure.DrillSize;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The hole for a glued pin in tang and scales: the next drill up, 0.002 to 0.007 in over (common practice of the
 * trade).
 */
public record PinHole(Length pin) {
    /** Name of the fit. */
    public static final String FIT = "free glue fit";

    private static final Length LEAST = Length.ofInches("0.002");
    private static final Length MOST = Length.ofInches("0.007");

    /** @throws ImpossibleQuantity if the pin is not positive */
    public PinHole {
        if (!pin.isPositive()) {
            throw new ImpossibleQuantity("pin diameter", pin, "more than nothing");
        }
    }

    /**
     * The smallest drill that is at least 0.002 in over, of the series that the pin belongs to, so that everybody's
     * number is the same; the drill of the reader's own habit is named beside it. Where it is more than 0.007 in over,
     * as for a pin that came a little under its nominal size, the answer carries a caution.
     *
     * @throws ImpossibleQuantity if the pin is larger than every drill of the table
     */
    public Worked<Length> drill(Units units) {
        DrillSeries series = DrillSeries.of(pin);
        return drill(series, units, beside(series, units));
    }

    /** As {@link #drill(Units)}, with a drill of these units' own series. */
    public Worked<Length> drillByHabit(Units units) {
        return drill(DrillSeries.usualFor(units), units, "");
    }

    private String beside(DrillSeries series, Units units) {
        DrillSeries habit = DrillSeries.usualFor(units);
        return habit == series
                ? ""
                : habit.smallestOver(pin.plus(LEAST))
                        .map(drill -> "; " + drill.name() + " in " + habit.words())
                        .orElse("");
    }

    private Worked<Length> drill(DrillSeries series, Units units, String beside) {
        DrillSize drill = series.smallestOver(pin.plus(LEAST))
                .or(() -> DrillSeries.INCH.smallestOver(pin.plus(LEAST)))
                .orElseThrow(() ->
                        new ImpossibleQuantity("pin diameter", pin, "less than 1 in, where the drill table ends"));
        Length clearance = drill.diameter().minus(pin);
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                        drill.diameter(),
                        line.of(pin) + " pin + " + line.of(clearance) + " (" + FIT + ")"
                                + line.comesTo(drill.diameter()) + ", " + drill.name() + " drill")
                .called(drill.name() + " drill" + beside);
        return clearance.compareTo(MOST) <= 0
                ? answer
                : answer.withCaution("Looser than a " + FIT + " (" + LEAST.in(units) + " to " + MOST.in(units)
                        + " over): ream the hole or turn a fuller pin.");
    }
}
