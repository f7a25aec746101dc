package hiltboard.core.fit;

import hiltboard.core.measure.DrillSeries;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The slot that a tang goes through, in a guard or a spacer, from the tang as it was measured. Common practice of the
 * trade: 0.007 in wider than the tang is thick; the cutter's centre runs to both edges of the tang, so that its round
 * ends clear the corners.
 */
public record TangSlot(Length tangWidth, Length tangThickness) {
    /** Room for the adhesive and the drive. */
    public static final Length CLEARANCE = Length.ofInches("0.007");
    /** Left at each wall for a clean finishing pass. Common practice, from memory. */
    public static final Length FINISHING_PASS = Length.ofInches("0.010");
    /** With less at a wall the cutter rubs, and wanders to where it was. Common practice, from memory. */
    private static final Length LEAST_PASS = Length.ofInches("0.003");
    /** Stock end-mill sizes of a small shop, smallest first. */
    private static final List<Length> INCH_CUTTERS = Stream.of(2, 3, 4, 5, 6, 8, 10, 12, 16)
            .map(thirtySeconds -> Length.ofInchFraction(thirtySeconds, 32))
            .toList();

    private static final List<Length> METRIC_CUTTERS = Stream.of("1.5", "2", "2.5", "3", "4", "5", "6", "8", "10", "12")
            .map(Length::ofMillimetres)
            .toList();

    /** @throws ImpossibleQuantity if no stock cutter goes into the slot */
    public TangSlot {
        Length thinnest = INCH_CUTTERS.get(0).minus(CLEARANCE);
        if (tangThickness.compareTo(thinnest) <= 0) {
            throw new ImpossibleQuantity(
                    "tang thickness",
                    tangThickness,
                    units -> "more than " + thinnest.upIn(units)
                            + ", so that the smallest stock cutter goes into the slot");
        }
        if (tangWidth.compareTo(tangThickness) < 0) {
            throw new ImpossibleQuantity(
                    "tang width", tangWidth, units -> "at least its thickness of " + tangThickness.upIn(units));
        }
    }

    public Worked<Length> width(Units units) {
        Length width = tangThickness.plus(CLEARANCE);
        Working line = new Working(units);
        return Worked.of(width, line.of(tangThickness) + " + " + line.of(CLEARANCE) + line.comesTo(width));
    }

    /**
     * The largest stock cutter that leaves a finishing pass at each wall; of millimetres where the tang was measured
     * so.
     */
    public Worked<Length> cutter(Units units) {
        Length slot = width(units).value();
        Length cutter = largest(slot.minus(FINISHING_PASS.times(2)))
                .or(() -> largest(slot.minus(LEAST_PASS.times(2))))
                .or(() -> largest(slot.minus(new Length(1))))
                .orElseThrow();
        Length wall = slot.minus(cutter).half();
        Worked<Length> answer = Worked.of(
                cutter,
                "A " + cutter.entryIn(units) + " cutter leaves " + wall.in(units) + " to finish at each wall of "
                        + slot.in(units));
        return wall.compareTo(LEAST_PASS) < 0
                ? answer.withCaution("Too little to finish: the cutter rubs. Mill one pass and file to the tang.")
                : answer;
    }

    private Optional<Length> largest(Length most) {
        List<Length> cutters = DrillSeries.of(tangThickness) == DrillSeries.METRIC ? METRIC_CUTTERS : INCH_CUTTERS;
        return cutters.stream().filter(size -> size.compareTo(most) <= 0).reduce((smaller, larger) -> larger);
    }

    /** Overall, over the round ends that this cutter leaves. */
    public Worked<Length> length(Length cutter, Units units) {
        Length overall = tangWidth.plus(cutter);
        Working line = new Working(units);
        return Worked.of(
                overall,
                "Cutter centre runs " + line.of(tangWidth) + "; overall " + line.of(tangWidth) + " + " + line.of(cutter)
                        + line.comesTo(overall));
    }
}
