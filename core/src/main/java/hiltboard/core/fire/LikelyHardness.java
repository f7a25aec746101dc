package hiltboard.core.fire;

import hiltboard.core.material.Steel;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Temperature;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** What a tester would likely show, for a stand-in that has no blade to press on. */
public final class LikelyHardness {
    /** Of a blade that did not harden: pearlite, with a little of what hardened. */
    private static final double NOT_HARD = 38;

    private LikelyHardness() {}

    public static Hardness notHardened() {
        return of(NOT_HARD);
    }

    public static Hardness quenched(Steel steel) {
        return of(steel.asQuenchedHrc());
    }

    /**
     * After the usual two tempers at this heat; as its own usual temper would leave it where the curve does not reach.
     */
    public static Hardness tempered(Steel steel, Temperature heat) {
        return of(steel.curve().at(heat).orElseGet(() -> (double) steel.temperedHrc()));
    }

    private static Hardness of(double hrc) {
        return new Hardness(BigDecimal.valueOf(hrc).setScale(1, RoundingMode.HALF_UP));
    }
}
