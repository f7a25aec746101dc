package hiltboard.core.fire;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.Optional;

/**
 * What one piece asks of the fire: its own numbers, which may differ from what is usual for its steel.
 *
 * @param soak at hardening heat, from recovery
 * @param isClayed whether clay lies on its spine
 * @param tempers how often it is tempered
 * @param temper how long each time
 * @param cold what it is taken down to between quench and temper; empty where it is not
 * @param isAxe whether only its bit goes into the quench
 */
public record HeatNeed(
        Steel steel,
        Temperature hardening,
        Duration soak,
        Quench quench,
        Temperature tempering,
        boolean isClayed,
        int tempers,
        Duration temper,
        Optional<Temperature> cold,
        boolean isAxe) {

    /** Tempered twice for two hours, and taken cold where the steel gains by it. */
    HeatNeed(
            Steel steel, Temperature hardening, Duration soak, Quench quench, Temperature tempering, boolean isClayed) {
        this(
                steel,
                hardening,
                soak,
                quench,
                tempering,
                isClayed,
                TemperingCurve.TIMES,
                TemperingCurve.EACH,
                steel.cold(),
                false);
    }

    /** What the piece's own numbers ask; the usual of its steel where it has none. */
    public static HeatNeed of(Specification spec, DimensionChain chain) {
        Steel steel = spec.steel();
        return new HeatNeed(
                steel,
                temperature(chain, PieceDimensions.HARDENING_TEMPERATURE).orElse(steel.hardening()),
                chain.value(PieceDimensions.SOAK)
                        .filter(Span.class::isInstance)
                        .map(span -> ((Span) span).duration())
                        .orElse(steel.soak()),
                spec.quench(),
                temperature(chain, PieceDimensions.TEMPERING_TEMPERATURE).orElse(steel.tempering()),
                spec.isClayCoated(),
                spec.tempers(),
                spec.temperTime(),
                spec.cold().temperature(),
                spec.isAxe());
    }

    private static Optional<Temperature> temperature(DimensionChain chain, String key) {
        return chain.value(key).filter(Temperature.class::isInstance).map(Temperature.class::cast);
    }

    /** The temperature of its first heat in such a treatment. */
    Temperature heat(Treatment treatment) {
        return switch (treatment) {
            case STRESS_RELIEF -> Programme.STRESS_RELIEF;
            case NORMALISE ->
                steel.grade().normalising().isEmpty()
                        ? hardening
                        : steel.grade().normalising().get(0);
            case ANNEAL -> steel.isAirHardening() ? Programme.ANNEALING_AIR : Programme.ANNEALING;
            case HARDEN -> hardening;
            case FIRST_TEMPER, LAST_TEMPER, STRAIGHTEN -> tempering;
        };
    }

    /** How long it stays at each heat. */
    Duration soak(Treatment treatment) {
        return switch (treatment) {
            case NORMALISE -> Programme.NORMALISING_SOAK;
            case ANNEAL -> Programme.ANNEALING_SOAK;
            case HARDEN -> soak;
            case FIRST_TEMPER, LAST_TEMPER -> temper;
            case STRESS_RELIEF -> Programme.STRESS_RELIEF_SOAK;
            case STRAIGHTEN -> TemperingCurve.EACH;
        };
    }

    /**
     * The longest soak that does no harm: twice as long, or ten minutes more; from memory, the grain of the steel
     * decides. Tempers may run on.
     */
    Duration longest(Treatment treatment) {
        Duration soak = soak(treatment);
        return treatment.isQuenched()
                ? soak.multipliedBy(2).compareTo(soak.plusMinutes(10)) > 0 ? soak.multipliedBy(2) : soak.plusMinutes(10)
                : soak.multipliedBy(2);
    }
}
