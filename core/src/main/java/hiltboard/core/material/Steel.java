package hiltboard.core.material;

import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * A steel that can be hardened, with usual starting values for its heat treatment.
 *
 * @param hardening temperature to quench from
 * @param soak time at that temperature, counted from recovery of the kiln
 * @param cold temperature of the cold treatment that it gains by; empty where it keeps little austenite
 * @param asQuenchedHrc usual hardness straight out of the quench
 * @param tempering temperature of both tempers
 * @param stainless air-hardening stainless: foil, plates, cold treatment before the first temper
 * @param takesHamon whether it hardens so shallowly that a line shows between edge and spine
 */
public record Steel(Grade grade, Temperature hardening, Duration soak, Quench quench, Optional<Temperature> cold, double asQuenchedHrc,
        Temperature tempering, TemperingCurve curve, boolean stainless, boolean takesHamon) {

    /** @throws IllegalArgumentException if the curve does not know the temper, or the soak is none */
    public Steel {
        if (curve.at(tempering).isEmpty() || soak.isZero() || soak.isNegative()) {
            throw new IllegalArgumentException(grade.designation() + " is tempered outside its own curve, or not soaked");
        }
    }

    /** The grades that the program brings along, by family. */
    public static List<Steel> known() {
        return KnownSteels.ALL;
    }

    public static Optional<Steel> named(String designation) {
        return SteelLibrary.KNOWN.named(designation);
    }

    public String designation() {
        return grade.designation();
    }

    public String family() {
        return grade.family();
    }

    /** Usual hardness after both tempers. */
    public int temperedHrc() {
        return (int) Math.round(curve.at(tempering).orElseThrow());
    }

    /** Whether it hardens in foil between plates instead of in a liquid. */
    public boolean isAirHardening() {
        return quench == Quench.PLATES_AND_AIR;
    }

    public Density density() {
        return grade.density();
    }

    public String words() {
        return designation() + ", " + family();
    }
}
