package hiltboard.core.material;

import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TemperatureDifference;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A steel that can be hardened, with usual starting values for its heat treatment.
 *
 * @param hardening temperature to quench from
 * @param soak time at that temperature, counted from recovery of the kiln
 * @param quench what it is usually quenched in
 * @param media all that it takes without cracking or staying soft, as a rule
 * @param cold temperature of the cold treatment that it gains by; empty where it keeps little austenite
 * @param asQuenchedHrc usual hardness straight out of the quench
 * @param tempering temperature of both tempers
 * @param stainless air-hardening stainless: foil, plates, cold treatment before the first temper
 * @param takesHamon whether it hardens so shallowly that a line shows between edge and spine
 */
public record Steel(
        Grade grade,
        Temperature hardening,
        Duration soak,
        Quench quench,
        Set<Quench> media,
        Optional<Temperature> cold,
        double asQuenchedHrc,
        Temperature tempering,
        TemperingCurve curve,
        boolean stainless,
        boolean takesHamon) {

    /** Welding heat of carbon steel, under flux or with its edges welded shut; common practice, from memory. */
    public static final Temperature WELDING = Temperature.ofFahrenheit(2200);
    /**
     * Iron loses its magnetism at 1414 °F (768 °C, its Curie point; from memory), whatever it is alloyed with in a
     * blade.
     */
    public static final Temperature CURIE = Temperature.ofFahrenheit(1414);
    /** How far past the magnet the eye goes on; common practice of the trade, no published source. */
    public static final String PAST_THE_MAGNET = "50 to 100 °F (30 to 55 °C) further";

    /** How long hardened steel may lie untempered; common practice of the trade, no published source. */
    public static final Duration TEMPERED_WITHIN = Duration.ofHours(2);

    private static final TemperatureDifference ANNEALING_FALL = TemperatureDifference.ofFahrenheit(50);
    private static final TemperatureDifference ANNEALING_FALL_AIR = TemperatureDifference.ofFahrenheit(40);

    /** What a forge and an eye can hold; common practice, from memory. */
    private static final Duration LONGEST_SOAK_BY_EYE = Duration.ofMinutes(5);

    /**
     * @throws IllegalArgumentException if the curve does not know the temper, or the soak is none, or it does not take
     *     its own quench
     */
    public Steel {
        media = Set.copyOf(media);
        if (curve.at(tempering).isEmpty() || soak.isZero() || soak.isNegative() || !media.contains(quench)) {
            throw new IllegalArgumentException(grade.designation()
                    + " is tempered outside its own curve, not soaked, or does not take its own quench");
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

    /** How much it may fall in an hour to come out soft; common practice, its own sheet comes first. */
    public TemperatureDifference annealingFall() {
        return isAirHardening() ? ANNEALING_FALL_AIR : ANNEALING_FALL;
    }

    /** Whether it can be quenched in this: common practice, from memory; a steel's own data sheet comes first. */
    public boolean takes(Quench other) {
        return media.contains(other);
    }

    /**
     * What it is welded at: carbon steel far above its forging heats, steel with much chromium at the top of them,
     * since it crumbles above, and in a can, since its scale does not weld. Common practice, from memory.
     */
    public Temperature welding() {
        return isAirHardening() ? grade.forging().map(HeatRange::high).orElse(WELDING) : WELDING;
    }

    /** Whether hard carbides wear abrasives away: much chromium and much carbon. Common practice, from memory. */
    public boolean isWearResistant() {
        return grade.composition().percent(Element.CR) >= 10
                && grade.composition().percent(Element.C) >= 0.9;
    }

    /** Whether it has to stay at heat so long that colour and hand cannot hold it there. */
    public boolean wantsSoak() {
        return soak.compareTo(LONGEST_SOAK_BY_EYE) > 0;
    }

    public Density density() {
        return grade.density();
    }

    public String words() {
        return designation() + ", " + family();
    }
}
