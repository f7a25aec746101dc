package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.List;
import java.util.stream.Stream;

/**
 * A blank measured at three places before its lines are scribed: each place has its own middle, and a blank that rocks
 * on the plate has none that the plate can give.
 *
 * @param gap that shows under it on the plate, zero where it lies flat
 */
public record MeasuredStock(Length front, Length middle, Length butt, Length gap) {
    /** A scriber's line is no finer. Common practice. */
    private static final Length PARALLEL = Length.ofInches("0.002");

    private static final Length FLAT = Length.ofInches("0.003");

    /** @throws ImpossibleQuantity if a thickness is not positive, or the gap less than nothing */
    public MeasuredStock {
        Stream.of(front, middle, butt).filter(each -> !each.isPositive()).forEach(each -> {
            throw new ImpossibleQuantity("thickness", each, "more than nothing");
        });
        if (gap.nanometres() < 0) {
            throw new ImpossibleQuantity("gap", gap, "nothing or more");
        }
    }

    private List<Length> all() {
        return List.of(front, middle, butt);
    }

    private Length thinnest() {
        return all().stream().min(Length::compareTo).orElseThrow();
    }

    private Length spread() {
        return all().stream().max(Length::compareTo).orElseThrow().minus(thinnest());
    }

    /** The scriber's height: half of the mean, or what has to be done first. */
    public Worked<Length> centreLine(Units units) {
        Length mean = front.plus(middle).plus(butt).times(1 / 3d);
        Length half = mean.half();
        Working line = new Working(units);
        String sum = "(" + line.of(front) + " + " + line.of(middle) + " + " + line.of(butt) + ") ÷ 3 ÷ 2";
        Worked<Length> answer = Worked.of(half, sum + line.comesTo(half));
        if (gap.compareTo(FLAT) > 0) {
            return answer.withCaution("Bent: " + gap.in(units)
                    + " shows under it on the plate, and a line scribed from the plate wanders by as much. Straighten it, "
                    + "or surface grind it, and measure again.");
        }
        return spread().compareTo(PARALLEL) > 0
                ? answer.withCaution("It differs by " + spread().in(units)
                        + " along its length: scribe each place at its own half, " + halves(units)
                        + ", or grind it parallel first.")
                : answer;
    }

    private String halves(Units units) {
        return front.half().in(units) + " in front, " + middle.half().in(units) + " in the middle, "
                + butt.half().in(units) + " at the butt";
    }

    /**
     * The lower of two lines that leave a land between them. @throws ImpossibleQuantity if the land is no part of it
     */
    public Worked<Length> lowerLine(Length land, Units units) {
        return line(land, thinnest().minus(land).half(), "−", units);
    }

    /** The upper of the two. @throws ImpossibleQuantity if the land is no part of it */
    public Worked<Length> upperLine(Length land, Units units) {
        return line(land, thinnest().plus(land).half(), "+", units);
    }

    private Worked<Length> line(Length land, Length height, String sign, Units units) {
        if (land.nanometres() < 0 || land.compareTo(thinnest()) > 0) {
            throw new ImpossibleQuantity(
                    "land",
                    land,
                    reader -> "zero to the thinnest place's " + thinnest().downIn(reader));
        }
        Working line = new Working(units);
        return Worked.of(
                height,
                "(thinnest " + line.of(thinnest()) + " " + sign + " " + line.of(land) + ") ÷ 2" + line.comesTo(height));
    }
}
