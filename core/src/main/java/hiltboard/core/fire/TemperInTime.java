package hiltboard.core.fire;

import hiltboard.core.material.Steel;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether one kiln can harden a load and be down at tempering heat before its first blade has been brittle for too
 * long, and what can be done where it cannot. Known before the fire is lit.
 *
 * @param firstWaits how long the first blade out waits for its temper
 * @param limit how long it may, common practice
 */
public record TemperInTime(Duration firstWaits, Duration limit, List<String> working, List<String> offers) {
    private static final Duration LIMIT = Steel.TEMPERED_WITHIN;

    public TemperInTime {
        working = List.copyOf(working);
        offers = List.copyOf(offers);
    }

    /** Another fire of the shop. @param from what it shows now */
    public record OtherKiln(String name, Kiln kiln, Temperature from) {}

    public boolean isInTime() {
        return firstWaits.compareTo(limit) <= 0;
    }

    /** For a load that is quenched. @param others that could be at tempering heat meanwhile */
    public static TemperInTime of(
            Load load, Temperature hardening, Temperature tempering, List<OtherKiln> others, Units units) {
        int after = Math.max(0, load.pieces().size() - 1);
        Duration quenching = load.cycle().multipliedBy(after);
        Duration shut = load.kiln().coolingTime(hardening, tempering, false);
        Duration waits = quenching.plus(shut);
        List<String> working = new ArrayList<>();
        if (after > 0) {
            working.add(after
                    + (after == 1 ? " more quench, " : " more quenches of ")
                    + Soak.words(load.cycle())
                    + (after == 1 ? "" : ": " + Span.wordsUp(quenching)));
        }
        working.add("Shut kiln from " + hardening.in(units) + " to " + tempering.in(units) + ": τ ln(ΔT₁ ÷ ΔT₂) ≈ "
                + Span.wordsUp(shut));
        working.add("The first blade waits " + Span.wordsUp(waits) + " for its temper; " + Span.words(LIMIT)
                + " is the most");
        return new TemperInTime(
                waits,
                LIMIT,
                working,
                waits.compareTo(LIMIT) <= 0 ? List.of() : offers(load, hardening, tempering, others, quenching, units));
    }

    private static List<String> offers(
            Load load,
            Temperature hardening,
            Temperature tempering,
            List<OtherKiln> others,
            Duration quenching,
            Units units) {
        List<String> offers = new ArrayList<>();
        for (OtherKiln other : others) {
            Duration ready = other.from().celsius() < tempering.celsius()
                    ? other.kiln().heatingTime(other.from(), tempering)
                    : other.kiln().coolingTime(other.from(), tempering, false);
            boolean isHolding = load.pieces().stream()
                    .allMatch(piece -> new Load(Treatment.FIRST_TEMPER, other.kiln(), List.of(), Duration.ZERO)
                            .whyNot(piece.pastItsGate(), units)
                            .isEmpty());
            if (isHolding && ready.compareTo(LIMIT) <= 0) {
                offers.add("Temper in " + other.name() + ": it needs " + Span.wordsUp(ready) + " to "
                        + tempering.in(units) + "; set it before the first quench.");
            }
        }
        Duration ajar = quenching.plus(load.kiln().coolingTime(hardening, tempering, true));
        if (ajar.compareTo(LIMIT) <= 0) {
            offers.add("Door a hand’s breadth open with the power off: about " + Span.wordsUp(ajar)
                    + ". It is hard on the lining; stay by it.");
        }
        offers.add("A household oven that is used for nothing else, checked with its own thermometer, at "
                + tempering.in(units) + " for the first temper.");
        offers.add("At least a first warm-through at about "
                + Temperature.ofFahrenheit(300).in(units)
                + " within " + Span.words(LIMIT)
                + ", then the full temper when the kiln is down: less brittle, not tempered.");
        return offers;
    }
}
