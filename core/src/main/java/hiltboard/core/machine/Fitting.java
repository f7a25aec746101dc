package hiltboard.core.machine;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/**
 * Whether any scale of a batch fits any tang: pins of one size through holes of one size, whose places differ a little
 * in each part.
 *
 * @param pin and hole: diameters, the hole larger
 * @param place how far a hole may be off its place in each direction: three standard deviations
 * @param holes in a part, 1 to 12
 */
public record Fitting(Length pin, Length hole, Length place, int holes) {
    private static final double DEVIATIONS = 3;

    /** @throws ImpossibleQuantity if the pin does not go into the hole, or there is no hole */
    public Fitting {
        if (pin.compareTo(hole) >= 0) {
            throw new ImpossibleQuantity("pin", pin, units -> "less than the hole's " + hole.downIn(units));
        }
        if (place.nanometres() < 0) {
            throw new ImpossibleQuantity("place", place, "nothing or more");
        }
        if (holes < 1 || holes > 12) {
            throw new ImpossibleQuantity("holes", String.valueOf(holes), "1 to 12");
        }
    }

    /** How far a part moves on its dowels, at worst. */
    public Worked<Length> play(Units units) {
        Length play = hole.minus(pin);
        Working line = new Working(units);
        return Worked.of(play, line.of(hole) + " − " + line.of(pin) + line.comesTo(play) + ", from end to end");
    }

    /** Both parts off their places and the play, as far as it can go. */
    public Worked<Length> worst(Units units) {
        Length worst = place.times(2).plus(play(units).value());
        Working line = new Working(units);
        return Worked.of(
                worst,
                line.of(place) + " + " + line.of(place) + " + "
                        + line.of(play(units).value()) + line.comesTo(worst));
    }

    /** As it is to be expected where the errors do not know of each other: the root of their squares' sum. */
    public Worked<Length> expected(Units units) {
        double p = place.millimetres();
        double c = play(units).value().millimetres();
        Length expected = Length.ofMillimetres(Math.sqrt(2 * p * p + c * c));
        Working line = new Working(units);
        return Worked.of(
                expected,
                "√(" + line.of(place) + "² + " + line.of(place) + "² + "
                        + line.of(play(units).value()) + "²)" + line.comesTo(expected));
    }

    /**
     * How likely any scale goes onto any tang: in each hole the places of both parts differ by a distance of Rayleigh's
     * distribution, σ √2, and the pin goes through where that is no more than the play. No part is shifted to help
     * itself, so that it is on the careful side.
     */
    public Worked<Figure> fits(Units units) {
        double sigma = place.millimetres() / DEVIATIONS * Math.sqrt(2);
        double play = play(units).value().millimetres();
        double one = sigma == 0 ? 1 : 1 - Math.exp(-play * play / (2 * sigma * sigma));
        double all = Math.pow(one, holes);
        Worked<Figure> answer = Worked.of(
                Figure.percent(all, 1),
                String.format(Locale.ROOT, "One hole: 1 − e^(−(%.4f mm)² ÷ (2 × (%.4f mm)²)) ≈ %.4f", play, sigma, one),
                String.format(Locale.ROOT, "%d holes: %.4f^%d ≈ %.4f", holes, one, holes, all));
        return all < 0.95
                ? answer.withCaution(
                        "Keep each pair of scales with its own tang, or drill the scales through the tang.")
                : answer;
    }
}
