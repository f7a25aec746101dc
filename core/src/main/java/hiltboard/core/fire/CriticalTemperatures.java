package hiltboard.core.fire;

import static hiltboard.core.material.Element.*;

import hiltboard.core.material.Composition;
import hiltboard.core.material.Element;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TemperatureDifference;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Units.TemperatureUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Where a steel begins to turn to austenite on heating (Ac1) and to martensite on cooling (Ms), from its composition in
 * percent by mass, middle of the limits: K. W. Andrews, Journal of the Iron and Steel Institute 203 (1965), linear
 * forms, from memory. Made from low and medium alloyed steels; outside them nothing is answered.
 */
public final class CriticalTemperatures {
    /** Scatter of the steels that the equations were made from, from memory. */
    private static final double AC1_SCATTER = 15;

    private static final double MS_SCATTER = 25;
    private static final double LEAST_CARBON = 0.1;
    private static final double MOST_CARBON = 0.6;
    private static final double MOST_ALLOY = 5;

    private final Composition steel;
    private final Units units;

    public CriticalTemperatures(Composition steel, Units units) {
        this.steel = steel;
        this.units = units;
    }

    /** Ac1 = 723 − 10.7 Mn − 16.9 Ni + 29.1 Si + 16.9 Cr + 6.38 W, in °C. */
    public Estimate<Temperature> ac1() {
        List<String> outside = tooMuchIn(steel);
        return outside.isEmpty()
                ? sum("Ac1", 723, AC1_SCATTER, new double[] {-10.7, -16.9, 29.1, 16.9, 6.38}, MN, NI, SI, CR, W)
                : outside("Ac1", outside);
    }

    /** Ms = 539 − 423 C − 30.4 Mn − 17.7 Ni − 12.1 Cr − 7.5 Mo, in °C. */
    public Estimate<Temperature> ms() {
        List<String> outside = tooMuchIn(steel);
        double carbon = steel.percent(C);
        if (carbon < LEAST_CARBON || carbon > MOST_CARBON + 0.005) {
            outside.add(0, "carbon " + plain(carbon) + " % instead of " + LEAST_CARBON + " to " + MOST_CARBON + " %");
        }
        return outside.isEmpty()
                ? sum("Ms", 539, MS_SCATTER, new double[] {-423, -30.4, -17.7, -12.1, -7.5}, C, MN, NI, CR, MO)
                : outside("Ms", outside);
    }

    /** What is more of an alloy than the equations of low and medium alloyed steels were made from, in words. */
    static List<String> tooMuchIn(Composition steel) {
        List<String> outside = new ArrayList<>();
        for (Element element : List.of(MN, NI, CR, MO)) {
            if (steel.percent(element) > MOST_ALLOY) {
                outside.add(element.symbol() + " " + plain(steel.percent(element)) + " % instead of up to "
                        + plain(MOST_ALLOY) + " %");
            }
        }
        return outside;
    }

    private static Estimate<Temperature> outside(String name, List<String> reasons) {
        return new Estimate.Outside<>("Outside what is known: the equation for " + name
                + " was made from other steels (" + String.join("; ", reasons) + ").");
    }

    private Estimate<Temperature> sum(
            String name, double start, double scatter, double[] factors, Element... elements) {
        StringBuilder working = new StringBuilder(name + " = " + plain(start));
        double celsius = start;
        for (int i = 0; i < factors.length; i++) {
            double percent = steel.percent(elements[i]);
            celsius += factors[i] * percent;
            if (percent > 0) {
                working.append(factors[i] < 0 ? " − " : " + ")
                        .append(plain(Math.abs(factors[i])))
                        .append(" × ")
                        .append(plain(percent))
                        .append(' ')
                        .append(elements[i].symbol());
            }
        }
        Temperature value = Temperature.ofCelsius(celsius);
        working.append(" ≈ ").append(Math.round(celsius)).append(" °C");
        if (units.temperature() == TemperatureUnit.FAHRENHEIT) {
            working.append(", ").append(value.in(units));
        }
        return new Estimate.Known<>(
                value,
                Temperature.ofCelsius(celsius - scatter),
                Temperature.ofCelsius(celsius + scatter),
                List.of(
                        working.toString(),
                        "Andrews 1965, low and medium alloyed steels: " + value.in(units) + " ± "
                                + TemperatureDifference.ofKelvin(scatter).in(units)));
    }

    private static String plain(double number) {
        return String.format(Locale.ROOT, "%.3f", number).replaceAll("\\.?0+$", "");
    }
}
