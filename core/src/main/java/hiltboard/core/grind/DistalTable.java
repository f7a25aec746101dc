package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How thick a blade is to be along its length while its taper is ground: a straight taper of the spine from heel to
 * point.
 */
public record DistalTable(Length heel, Length point, Length blade) {
    private static final int PLACES = 5;

    /** @throws ImpossibleQuantity if it grows thicker towards the point, or has no length */
    public DistalTable {
        if (!point.isPositive() || point.compareTo(heel) > 0) {
            throw new ImpossibleQuantity(
                    "thickness at the point",
                    point,
                    units -> "more than nothing, at most the heel's " + heel.in(units));
        }
        if (!blade.isPositive()) {
            throw new ImpossibleQuantity("blade length", blade, "more than nothing");
        }
    }

    /** @param fromHeel where it is measured */
    public record Place(Length fromHeel, Worked<Length> thickness) {}

    public List<Place> places(Units units) {
        return IntStream.range(0, PLACES)
                .mapToObj(i -> at(blade.times((double) i / (PLACES - 1)), units))
                .toList();
    }

    private Place at(Length fromHeel, Units units) {
        Length thickness = heel.minus(heel.minus(point).times(fromHeel.magnitude() / blade.magnitude()));
        Working line = new Working(units);
        return new Place(
                fromHeel,
                Worked.of(
                        thickness,
                        line.of(heel) + " − (" + line.of(heel) + " − " + line.of(point) + ") × " + line.of(fromHeel)
                                + " ÷ " + line.of(blade) + line.comesTo(thickness)));
    }
}
