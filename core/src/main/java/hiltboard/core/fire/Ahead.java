package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What comes next at a fire, and in how long: computed from the kiln's own model with the cold work in it, so it is a
 * forecast, not a promise.
 *
 * @param in from now on; nothing for what is due
 */
public record Ahead(What what, Duration in) {
    /** What is waited for. */
    public enum What {
        AT_HEAT("At heat"),
        RECOVERED_AT_ONCE("Recovered, if the work goes in at once"),
        RECOVERED("Recovered"),
        BLADE_AT_HEAT("Blade at heat, by estimate"),
        SOAK_UP("Soak up"),
        LAST_OUT("Last one out"),
        AT_TEMPERING_HEAT("This kiln down at tempering heat");

        private final String words;

        What(String words) {
            this.words = words;
        }
    }

    /** Longer than this nobody waits for a kiln. */
    private static final double LONGEST_SECONDS = 4 * 3600;

    /**
     * @param load with what is still in it or will be
     * @param heat at which it soaks
     * @param shown what the kiln shows now
     * @param soak of the work that is in; empty while the kiln is still empty
     * @param counts from when the shop counts
     */
    public static List<Ahead> of(
            Load load, Temperature heat, Duration wanted, Temperature shown, Optional<Soak> soak, Soak.Counts counts) {
        Kiln kiln = load.kiln();
        List<Ahead> ahead = new ArrayList<>();
        Duration at = Duration.ZERO;
        if (soak.isEmpty()) {
            at = shown.celsius() < heat.celsius()
                    ? kiln.heatingTime(shown, heat)
                    : kiln.coolingTime(shown, heat, false);
            ahead.add(new Ahead(What.AT_HEAT, at));
        }
        Soak now = soak.orElseGet(() -> Soak.from(heat, 0, load.slowest(), counts));
        KilnState state = soak.isEmpty()
                ? withWorkIn(load, heat)
                : KilnState.standing(kiln, 0, shown.celsius(), shown.celsius(), 0)
                        .loaded(load.body(), now.blade().celsius())
                        .lit(List.of(Segment.until(heat)));
        Soak then = counting(state, now);
        double began = now.shown().lastAt();
        if (now.recoveredAt().isEmpty()) {
            ahead.add(new Ahead(
                    soak.isEmpty() ? What.RECOVERED_AT_ONCE : What.RECOVERED,
                    at.plus(since(began, then.recoveredAt()))));
        }
        if (counts == Soak.Counts.BLADE && now.throughAt().isEmpty()) {
            ahead.add(new Ahead(What.BLADE_AT_HEAT, at.plus(since(began, then.throughAt()))));
        }
        at = at.plus(seconds(then.shown().lastAt() - began)).plus(left(wanted, then));
        ahead.add(new Ahead(What.SOAK_UP, at));
        if (load.treatment().isQuenched() && !load.pieces().isEmpty()) {
            at = at.plus(load.cycle().multipliedBy(load.pieces().size() - 1L));
            ahead.add(new Ahead(What.LAST_OUT, at));
            Temperature temper = load.pieces().get(0).need().tempering();
            ahead.add(new Ahead(What.AT_TEMPERING_HEAT, at.plus(kiln.coolingTime(heat, temper, false))));
        }
        return List.copyOf(ahead);
    }

    /** Whether it is the end of the soak. */
    public boolean isSoakUp() {
        return what == What.SOAK_UP;
    }

    /** Whether the kiln alone is waited for: nothing of the load is in it any more. */
    public boolean isOfTheKiln() {
        return what == What.AT_TEMPERING_HEAT;
    }

    public String words() {
        return what.words;
    }

    /** At heat, the door opened, the cold work laid in, the door shut. */
    private static KilnState withWorkIn(Load load, Temperature heat) {
        return KilnState.standing(load.kiln(), 0, heat.celsius(), heat.celsius(), 0)
                .lit(List.of(Segment.until(heat)))
                .door(true)
                .after(Load.DOOR_SECONDS)
                .with(load.body())
                .door(false);
    }

    /** The soak as it will be when it begins to count; as it is where it counts already. */
    private static Soak counting(KilnState state, Soak soak) {
        double began = soak.shown().lastAt();
        Soak then = soak;
        KilnState later = state;
        while (!then.isCounting() && then.shown().lastAt() - began < LONGEST_SECONDS) {
            later = later.after(1);
            then = then.with(then.shown().lastAt() + 1, later.reading());
        }
        return then;
    }

    private static Duration since(double began, Optional<Double> second) {
        return seconds(second.orElse(began + LONGEST_SECONDS) - began);
    }

    private static Duration left(Duration wanted, Soak soak) {
        Duration left = wanted.minus(Duration.ofMillis(Math.round(soak.soaked() * 1000)));
        return left.isNegative() ? Duration.ZERO : seconds(left.toMillis() / 1000.0);
    }

    /** Somebody waits for it: to the next whole second. */
    private static Duration seconds(double seconds) {
        return Duration.ofSeconds((long) Math.ceil(Math.max(0, seconds)));
    }
}
