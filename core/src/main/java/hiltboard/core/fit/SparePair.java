package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * A spare pair of scales against one tang: two pins or screws pass both when the distances between the outer holes
 * differ by no more than all the room that both holes leave. Arithmetic of a floating fastener.
 *
 * @param tang and {@code scale} from the first hole's middle to the last one's
 * @param tangHole and {@code scaleHole} diameters
 * @param pin what goes through
 */
public record SparePair(Length tang, Length scale, Length tangHole, Length scaleHole, Length pin) {
    /** @throws ImpossibleQuantity if the pin does not go through a hole at all */
    public SparePair {
        if (pin.compareTo(tangHole) > 0 || pin.compareTo(scaleHole) > 0) {
            throw new ImpossibleQuantity("pin", pin, "less than both holes");
        }
    }

    /** What is left of the room; less than nothing where they do not go together. */
    public Worked<Length> left(Units units) {
        Length room = tangHole.minus(pin).plus(scaleHole.minus(pin));
        Length off = tang.minus(scale).absolute();
        Length left = room.minus(off);
        Working line = new Working(units);
        return Worked.of(
                left,
                "(" + line.of(tangHole) + " − " + line.of(pin) + ") + (" + line.of(scaleHole) + " − " + line.of(pin)
                        + ") − " + line.of(off) + " that the holes lie off" + line.comesToOrNothing(left));
    }

    public boolean goesOn() {
        return left(Units.MILLIMETRE_CELSIUS).value().nanometres() >= 0;
    }
}
