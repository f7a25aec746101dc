package hiltboard.core.fire;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Temperature;
import java.time.Duration;

/**
 * How far a temper has gone: equal parameters temper alike. P = T (C + log₁₀ t), T in kelvin, t in hours (Hollomon and
 * Jaffe, Transactions AIME 162, 1945). C is about 20 for steels; their own values for plain carbon steels lie lower.
 *
 * @param value in kelvin
 */
public record TemperingParameter(double value) {
    public static final double CONSTANT = 20;
    private static final double KELVIN = 273.15;
    private static final double LEAST_HOURS = 1 / 60.0;
    private static final double MOST_HOURS = 1000;

    /** @throws ImpossibleQuantity for a time outside a minute to a thousand hours */
    public static TemperingParameter of(Temperature temperature, Duration time) {
        double hours = time.toMillis() / 3_600_000.0;
        if (!(hours >= LEAST_HOURS && hours <= MOST_HOURS)) {
            throw new ImpossibleQuantity("tempering time", time.toMinutes() + " min", "1 min to 1000 h");
        }
        return new TemperingParameter((temperature.celsius() + KELVIN) * (CONSTANT + Math.log10(hours)));
    }

    /**
     * The temperature that tempers as far in this time. @throws ImpossibleQuantity for a time outside a minute to a
     * thousand hours
     */
    public Temperature temperatureIn(Duration time) {
        double oneKelvin = of(Temperature.ofCelsius(1 - KELVIN), time).value;
        return Temperature.ofCelsius(value / oneKelvin - KELVIN);
    }

    /**
     * The time that tempers as far at this temperature.
     *
     * @throws ImpossibleQuantity if that is less than a minute or more than a thousand hours
     */
    public Duration timeAt(Temperature temperature) {
        double hours = Math.pow(10, value / (temperature.celsius() + KELVIN) - CONSTANT);
        if (!(hours >= LEAST_HOURS && hours <= MOST_HOURS)) {
            throw new ImpossibleQuantity(
                    "tempering time", String.format(java.util.Locale.ROOT, "%.3g h", hours), "1 min to 1000 h");
        }
        return Duration.ofMillis(Math.round(hours * 3_600_000));
    }
}
