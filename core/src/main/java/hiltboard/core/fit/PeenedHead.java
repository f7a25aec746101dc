package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;

/**
 * The end of a tang that stands proud of its cap and is peened into a countersink. Volume is kept: what stands proud
 * fills the room that the countersink of 45° leaves around the tang, (w + t)·c² + 4/3·c³ for a depth of c. How proud is
 * common practice of the trade.
 *
 * @param proud length that stands out
 * @param wide and {@code thick} of the tang's end
 */
public record PeenedHead(Length proud, Length wide, Length thick) {
    /** Nobody countersinks a cap deeper, in millimetres. */
    private static final double DEEPEST = 25;
    /** Of the tang's thickness: less makes no head, more bends over. */
    private static final double LEAST = 0.5;

    private static final double MOST = 1.5;

    /** @throws ImpossibleQuantity if nothing stands proud, or the tang has no end */
    public PeenedHead {
        if (!proud.isPositive()) {
            throw new ImpossibleQuantity("length to peen", proud, "more than nothing");
        }
        if (!wide.isPositive() || !thick.isPositive()) {
            throw new ImpossibleQuantity("tang's end", wide, "more than nothing");
        }
    }

    public Volume volume() {
        return new Volume(proud.millimetres() * wide.millimetres() * thick.millimetres());
    }

    /** How deep a countersink of 45° around the tang it fills flush. */
    public Worked<Length> fills(Units units) {
        double sides = wide.millimetres() + thick.millimetres();
        double volume = volume().cubicMillimetres();
        double low = 0;
        double high = DEEPEST;
        for (int i = 0; i < 60; i++) {
            double depth = (low + high) / 2;
            if (sides * depth * depth + 4d / 3 * depth * depth * depth < volume) {
                low = depth;
            } else {
                high = depth;
            }
        }
        Length depth = Length.ofMillimetres((low + high) / 2);
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                depth,
                line.of(proud) + " of " + line.of(wide) + " × " + line.of(thick) + " is " + volume().in(units)
                        + ": it fills a countersink of 45°, "
                        + depth.asRead(units).in(units) + " deep, flush");
        double share = proud.millimetres() / thick.millimetres();
        if (share < LEAST) {
            return answer.withCaution(
                    "Too short for a head: " + thick.times(LEAST).upIn(units) + " to "
                            + thick.times(MOST).downIn(units) + " stands proud usually.");
        }
        return share > MOST
                ? answer.withCaution("So much bends over instead of spreading: file it to "
                        + thick.times(MOST).downIn(units) + " or less.")
                : answer;
    }
}
