package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What comes next at a fire, and in how long: computed from the kiln's own model, so it is a forecast, not a promise.
 *
 * @param in from now on; nothing for what is due
 */
public record Ahead(String words, Duration in) {

    /**
     * @param shown what the kiln shows now
     * @param load with what is still in it or will be
     * @param heat at which it soaks
     * @param soak of the work that is in; empty while the kiln is still empty
     */
    public static List<Ahead> of(Load load, Temperature heat, Duration wanted, Temperature shown, Optional<Soak> soak) {
        Kiln kiln = load.kiln();
        List<Ahead> ahead = new ArrayList<>();
        Duration toHeat = shown.celsius() < heat.celsius() ? kiln.heatingTime(shown, heat) : kiln.coolingTime(shown, heat, false);
        Duration at;
        if (soak.isEmpty()) {
            at = toHeat;
            ahead.add(new Ahead("At heat", at));
            at = at.plus(recovery(load, heat));
            ahead.add(new Ahead("Recovered, if the work goes in at once", at));
        } else if (soak.get().recoveredAt().isEmpty()) {
            at = toHeat;
            ahead.add(new Ahead("Recovered", at));
        } else {
            at = Duration.ZERO;
        }
        Duration soaked = Duration.ofSeconds(Math.round(soak.map(Soak::soaked).orElse(0.0)));
        Duration left = wanted.minus(soaked).isNegative() ? Duration.ZERO : wanted.minus(soaked);
        at = at.plus(left);
        ahead.add(new Ahead("Soak up", at));
        if (load.treatment().isQuenched() && !load.pieces().isEmpty()) {
            at = at.plus(load.cycle().multipliedBy(load.pieces().size() - 1L));
            ahead.add(new Ahead("Last one out", at));
            Temperature temper = load.pieces().get(0).need().tempering();
            ahead.add(new Ahead("This kiln down at tempering heat", at.plus(kiln.coolingTime(heat, temper, false))));
        }
        return List.copyOf(ahead);
    }

    /** The load's heat, and what the door lost, at what the elements have over their losses. */
    private static Duration recovery(Load load, Temperature heat) {
        Kiln kiln = load.kiln();
        double above = heat.celsius() - Kiln.SHOP.celsius();
        double spare = kiln.watts() - kiln.wattsPerKelvin() * above;
        double joules = load.body().joulesPerKelvin() * above + kiln.openWattsPerKelvin() * above * Load.DOOR_SECONDS;
        return Duration.ofSeconds(Math.round(joules / Math.max(1, spare)));
    }
}
