package hiltboard.core.fire;

import hiltboard.core.material.HeatRange;
import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * What a temper makes of the hardness of one steel, read from its curve; other times are carried over by
 * {@link TemperingParameter}.
 */
public final class Tempering {
    private static final Duration CURVE_TIME = TemperingCurve.EACH.multipliedBy(TemperingCurve.TIMES);

    private final Steel steel;
    private final Units units;

    public Tempering(Steel steel, Units units) {
        this.steel = steel;
        this.units = units;
    }

    /** The hardness after so many tempers, each so long at this temperature. */
    public Estimate<Hardness> hardnessAfter(Temperature temperature, Duration each, int times) {
        TemperingCurve curve = steel.curve();
        TemperingParameter parameter = TemperingParameter.of(temperature, each.multipliedBy(times));
        Temperature alike = parameter.temperatureIn(CURVE_TIME);
        Optional<Double> read = curve.at(alike);
        if (read.isEmpty()) {
            return new Estimate.Outside<>("Outside what is known: " + temper(temperature, each, times)
                    + " tempers like " + alike.in(units) + " " + TemperingCurve.AS_DRAWN + ", and the curve of "
                    + steel.designation()
                    + " is known from " + range().in(units) + ".");
        }
        return known(
                read.get(),
                List.of(
                        like(temperature, each, times, parameter, alike),
                        alike.in(units) + " on the curve of " + steel.designation() + ": "
                                + hrc(read.get()).in(units),
                        band()));
    }

    /** The temperature that tempers to this hardness in so many tempers, each so long. */
    public Estimate<Temperature> temperatureFor(Hardness wanted, Duration each, int times) {
        Optional<Temperature> onCurve =
                steel.curve().temperatureFor(wanted.hrc().doubleValue());
        if (onCurve.isEmpty()) {
            double softest = steel.curve().points().stream()
                    .mapToDouble(TemperingCurve.Point::hrc)
                    .min()
                    .orElseThrow();
            double hardest = steel.curve().points().stream()
                    .mapToDouble(TemperingCurve.Point::hrc)
                    .max()
                    .orElseThrow();
            return new Estimate.Outside<>("Outside what is known: the curve of " + steel.designation() + " gives "
                    + hrc(softest).in(units) + " to " + hrc(hardest).in(units) + ", not " + wanted.in(units) + ".");
        }
        Temperature alike = carried(onCurve.get(), each, times);
        double band = steel.curve().bandHrc();
        Temperature low = carried(edge(wanted.hrc().doubleValue() + band, range().low()), each, times);
        Temperature high = carried(edge(wanted.hrc().doubleValue() - band, range().high()), each, times);
        return new Estimate.Known<>(
                alike,
                low,
                high,
                List.of(
                        wanted.in(units) + " on the curve of " + steel.designation() + ": "
                                + onCurve.get().in(units) + " " + TemperingCurve.AS_DRAWN,
                        like(
                                onCurve.get(),
                                TemperingCurve.EACH,
                                TemperingCurve.TIMES,
                                TemperingParameter.of(onCurve.get(), CURVE_TIME),
                                alike),
                        band() + ": start low, test, go up"));
    }

    /** Straight out of the quench, at its usual heat. */
    public Estimate<Hardness> asQuenched() {
        return known(
                steel.asQuenchedHrc(),
                List.of(
                        "Usual for " + steel.designation() + " from "
                                + steel.hardening().in(units) + " in "
                                + steel.quench().words(),
                        band()));
    }

    private HeatRange range() {
        return steel.curve().range();
    }

    private Temperature edge(double hrc, Temperature end) {
        return steel.curve().temperatureFor(hrc).orElse(end);
    }

    private static Temperature carried(Temperature onCurve, Duration each, int times) {
        return TemperingParameter.of(onCurve, CURVE_TIME).temperatureIn(each.multipliedBy(times));
    }

    private Estimate<Hardness> known(double hrc, List<String> working) {
        double band = steel.curve().bandHrc();
        return new Estimate.Known<>(hrc(hrc), hrc(Math.max(20, hrc - band)), hrc(Math.min(70, hrc + band)), working);
    }

    private String band() {
        return "Lots, heats and testers differ: ± "
                + BigDecimal.valueOf(steel.curve().bandHrc())
                        .stripTrailingZeros()
                        .toPlainString() + " HRC";
    }

    private String temper(Temperature temperature, Duration each, int times) {
        return temperature.in(units) + " for " + (times == 1 ? "" : times + " × ") + Span.words(each);
    }

    private String like(
            Temperature temperature, Duration each, int times, TemperingParameter parameter, Temperature alike) {
        String of = temper(temperature, each, times) + ": P = T (20 + log t) ≈ " + Math.round(parameter.value());
        return Math.abs(alike.celsius() - temperature.celsius()) < 0.05
                ? of
                : of + ", as " + alike.in(units) + " " + TemperingCurve.AS_DRAWN;
    }

    private static Hardness hrc(double hrc) {
        return new Hardness(BigDecimal.valueOf(hrc).setScale(1, RoundingMode.HALF_UP));
    }
}
