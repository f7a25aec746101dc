package hiltboard.core.material;

import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A steel by its standard designation, with usual starting values for its heat treatment.
 *
 * @param hardening temperature to quench from; common practice, from memory
 * @param soak time at that temperature, counted from recovery of the kiln
 * @param tempering temperature of both tempers
 * @param temperedHrc usual hardness after it, ± 1 HRC, from memory
 * @param stainless air-hardening stainless: foil, plates, cold treatment before the first temper
 */
public record Steel(
        String designation, String family, Temperature hardening, Duration soak, Quench quench,
        Temperature tempering, int temperedHrc, boolean stainless) {

    private static final Set<String> SHALLOW_HARDENING = Set.of("1075", "1095", "W1", "W2");
    private static final List<Steel> KNOWN = List.of(
            carbon("1075", 1570, 2, Quench.FAST_OIL, 60),
            carbon("1084", 1500, 3, Quench.FAST_OIL, 60),
            carbon("1095", 1475, 5, Quench.FAST_OIL, 61),
            carbon("W1", 1450, 10, Quench.FAST_OIL, 61),
            carbon("W2", 1475, 15, Quench.FAST_OIL, 62),
            carbon("5160", 1525, 10, Quench.MEDIUM_OIL, 58),
            carbon("52100", 1500, 10, Quench.MEDIUM_OIL, 61),
            carbon("O1", 1475, 10, Quench.MEDIUM_OIL, 61),
            carbon("80CrV2", 1525, 5, Quench.MEDIUM_OIL, 60),
            carbon("75Ni8", 1525, 5, Quench.MEDIUM_OIL, 59),
            airHardening("A2", 1775, 20, 60),
            airHardening("D2", 1850, 25, 60),
            new Steel("X65Cr13", "stainless steel", Temperature.ofFahrenheit(1920), Duration.ofMinutes(20),
                    Quench.PLATES_AND_AIR, Temperature.ofFahrenheit(400), 58, true),
            new Steel("X46Cr13", "stainless steel", Temperature.ofFahrenheit(1900), Duration.ofMinutes(20),
                    Quench.PLATES_AND_AIR, Temperature.ofFahrenheit(400), 55, true),
            new Steel("440C", "stainless steel", Temperature.ofFahrenheit(1900), Duration.ofMinutes(20),
                    Quench.PLATES_AND_AIR, Temperature.ofFahrenheit(400), 59, true));

    private static Steel carbon(String designation, int hardeningFahrenheit, int soakMinutes, Quench quench, int hrc) {
        return new Steel(designation, "carbon steel", Temperature.ofFahrenheit(hardeningFahrenheit),
                Duration.ofMinutes(soakMinutes), quench, Temperature.ofFahrenheit(400), hrc, false);
    }

    private static Steel airHardening(String designation, int hardeningFahrenheit, int soakMinutes, int hrc) {
        return new Steel(designation, "air-hardening tool steel", Temperature.ofFahrenheit(hardeningFahrenheit),
                Duration.ofMinutes(soakMinutes), Quench.PLATES_AND_AIR, Temperature.ofFahrenheit(400), hrc, false);
    }

    public static List<Steel> known() {
        return KNOWN;
    }

    public static Optional<Steel> named(String designation) {
        return KNOWN.stream().filter(steel -> steel.designation.equalsIgnoreCase(designation.strip())).findFirst();
    }

    /** Whether it hardens so shallowly that a line shows between edge and spine. */
    public boolean takesHamon() {
        return SHALLOW_HARDENING.contains(designation);
    }

    /** Whether it hardens in foil between plates instead of in a liquid. */
    public boolean isAirHardening() {
        return quench == Quench.PLATES_AND_AIR;
    }

    /** Usual for the family, from memory of data sheets: much chromium makes it a little lighter. */
    public Density density() {
        return new Density(stainless || designation.equals("D2") ? 7.7 : 7.85);
    }

    public String words() {
        return designation + ", " + family;
    }
}
