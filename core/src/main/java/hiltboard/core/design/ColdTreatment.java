package hiltboard.core.design;

import hiltboard.core.measure.Temperature;
import java.util.Optional;

/**
 * Whether a blade is taken cold after the quench, and how cold: dry ice in alcohol about −70 °C, nitrogen boils at −196
 * °C; from memory.
 */
public enum ColdTreatment {
    BY_STEEL("As usual for the steel", Optional.empty(), ""),
    NONE("None", Optional.empty(), ""),
    DRY_ICE(
            "Dry ice in alcohol",
            Optional.of(Temperature.ofFahrenheit(-95)),
            "Dry ice: frost burns, and its gas suffocates: gloves, fresh air, never in a shut vessel; the alcohol burns."),
    NITROGEN(
            "Liquid nitrogen",
            Optional.of(Temperature.ofCelsius(-196)),
            "Liquid nitrogen: burns, suffocation, never in a sealed vessel; gloves, face shield, fresh air.");

    private final String words;
    private final Optional<Temperature> temperature;
    private final String caution;

    ColdTreatment(String words, Optional<Temperature> temperature, String caution) {
        this.words = words;
        this.temperature = temperature;
        this.caution = caution;
    }

    public String words() {
        return words;
    }

    /** How cold it gets; empty where nothing is cold, or the steel decides. */
    public Optional<Temperature> temperature() {
        return temperature;
    }

    /** What can hurt; empty where nothing is cold. */
    public String caution() {
        return caution;
    }
}
