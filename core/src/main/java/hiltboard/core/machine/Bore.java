package hiltboard.core.machine;

import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Specification;
import hiltboard.core.measure.DrillSeries;
import hiltboard.core.measure.DrillSize;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.Optional;

/**
 * A hole as it is drilled.
 *
 * @param part diameter of what goes through it; of the hole itself where nothing does
 * @param diameter of the hole
 * @param drill its name; empty where no drill makes it
 */
public record Bore(Use use, Point centre, Length part, Length diameter, String drill) {

    /** A hole of a knife's drawing, which shows what goes through. */
    public static Bore of(Hole hole, Specification spec) {
        Length part = Length.ofMillimetres(hole.diameter());
        return switch (hole.use()) {
            case PIN -> drilled(hole, part, pinDrill(part, spec, Units.INCH_FAHRENHEIT));
            case TUBE, BOLSTER -> drilled(hole, part, new PinHole(part).drill(Units.INCH_FAHRENHEIT));
            case LIGHTENING -> lightening(hole, part);
            // A pivot turns in its hole: it is reamed to the pin, not drilled over it.
            case PIVOT -> new Bore(hole.use(), hole.centre(), part, part, "reamed to the pivot");
        };
    }

    /**
     * What a pin or a screw of the handle is drilled for: a screw that has a thread of this size clears it, everything
     * else is glued in.
     */
    public static Worked<Length> pinDrill(Length part, Specification spec, Units units) {
        Optional<ScrewHole> screw = spec.hasRemovableScales() ? ScrewHole.of(part) : Optional.empty();
        return screw.map(hole -> hole.drill(units)).orElseGet(() -> new PinHole(part).drill(units));
    }

    private static Bore drilled(Hole hole, Length part, Worked<Length> drill) {
        return new Bore(
                hole.use(),
                hole.centre(),
                part,
                drill.value(),
                DrillSeries.of(part).nearest(drill.value()).name());
    }

    /** Nothing goes through it: the largest drill that leaves as much steel as was meant. */
    private static Bore lightening(Hole hole, Length size) {
        Optional<DrillSize> drill = DrillSeries.of(size).largestUnder(size);
        return new Bore(
                hole.use(),
                hole.centre(),
                size,
                drill.map(DrillSize::diameter).orElse(size),
                drill.map(DrillSize::name).orElse(""));
    }

    /** The same hole of a part that is turned over. */
    public Bore at(Point mirrored) {
        return new Bore(use, mirrored, part, diameter, drill);
    }
}
