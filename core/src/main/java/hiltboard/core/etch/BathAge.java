package hiltboard.core.etch;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How much longer a bath takes than it took when it was fresh.
 *
 * <p>What it has eaten is the sum of area × depth of all that was in it. Ferric chloride has an end: every iron that
 * goes into solution takes two of it, Fe + 2 FeCl₃ → 3 FeCl₂. Where nobody has tried the bath, it is taken to slow down
 * as what is left of it does, a guess; a coupon, or a blade whose result was good, says what it really does.
 *
 * @param eaten steel that went into it since it was mixed, in mm³
 * @param strength of its ferric chloride; empty for other baths and where nobody said
 * @param tried since it was last mixed or topped up, the oldest first
 */
public record BathAge(double eaten, LiquidVolume volume, Optional<Strength> strength, List<Tried> tried) {
    /** Grams a cubic millimetre. */
    private static final double STEEL = 7.85e-3;

    private static final double MOLAR_MASS_OF_IRON = 55.845;
    private static final double FERRIC_FOR_AN_IRON = 2;
    /** From here on nothing good comes of it. Common practice: mix anew well before it is empty. */
    private static final double SPENT = 0.8;
    /** What one trial may be off by, and how close several can be trusted. */
    private static final double ONE_TRIAL = 0.2;

    private static final double LEAST_SPREAD = 0.1;
    /** Without a strength, a bath that was used takes up to half as long again: “an hour became an hour and a half”. */
    private static final double USED_UP_TO = 1.5;

    public BathAge {
        tried = List.copyOf(tried);
    }

    /**
     * A coupon or a blade that came out right.
     *
     * @param eaten what the bath had eaten by then, in mm³
     * @param factor how many times the fresh time it took, more than nothing
     */
    public record Tried(double eaten, double factor) {}

    /**
     * The factor and how far it can be trusted.
     *
     * @param isGuess whether nobody has tried this bath since it was mixed or topped up
     * @param words what it stands on
     */
    public record Factor(double least, double likely, double most, boolean isGuess, boolean isSpent, String words) {
        /** Of a bath that takes as long as the recipe says. */
        public static final Factor FRESH = new Factor(1, 1, 1, false, false, "fresh: the recipe’s own time");

        /** What a time of a recipe is in this bath, from the shortest to the longest that is honest. */
        public TimeRange of(TimeRange fresh) {
            return most == 1
                    ? fresh
                    : coarsely(fresh.times(least).least(), fresh.times(most).most());
        }

        /** Nobody knows it to the second, and a clock that says so would be believed. */
        private static TimeRange coarsely(Duration least, Duration most) {
            Duration step = Duration.ofSeconds(
                    most.toSeconds() < 60 ? 1 : most.toSeconds() < 300 ? 5 : most.toSeconds() < 1800 ? 30 : 60);
            Duration from = Span.down(least, step);
            return new TimeRange(from.isZero() ? least : from, Span.up(most, step));
        }
    }

    /** The share of what it can eat that it has eaten; empty where nobody said how strong it is. */
    public Optional<Double> spent() {
        return strength.map(this::capacity).map(capacity -> eaten / capacity);
    }

    /** All the steel that it can eat, in mm³. */
    private double capacity(Strength ferric) {
        return ferric.moles(volume) / FERRIC_FOR_AN_IRON * MOLAR_MASS_OF_IRON / STEEL;
    }

    /** Never less than nothing is left, so that a spent bath is slow and not endless. */
    private double slowness(double atEaten) {
        return strength.map(ferric -> 1 / Math.max(1 - SPENT, 1 - atEaten / capacity(ferric)))
                .orElse(1.0);
    }

    public Factor factor() {
        boolean isSpent = spent().filter(share -> share >= SPENT).isPresent();
        if (!tried.isEmpty()) {
            return ofTrials(isSpent);
        }
        if (eaten == 0) {
            return Factor.FRESH;
        }
        if (strength.isEmpty()) {
            return new Factor(
                    1,
                    (1 + USED_UP_TO) / 2,
                    USED_UP_TO,
                    true,
                    false,
                    "a guess: it was used, and nobody has tried it; how strong it is was not said");
        }
        double guess = slowness(eaten);
        return new Factor(
                1,
                guess,
                guess * guess,
                true,
                isSpent,
                String.format(
                        Locale.ROOT,
                        "a guess: it has eaten %.0f %% of what it can, and nobody has tried it",
                        spent().orElseThrow() * 100));
    }

    private Factor ofTrials(boolean isSpent) {
        double least = Double.MAX_VALUE;
        double most = 0;
        double sum = 0;
        for (Tried each : tried) {
            double now = each.factor() * slowness(eaten) / slowness(each.eaten());
            least = Math.min(least, now);
            most = Math.max(most, now);
            sum += now;
        }
        double likely = sum / tried.size();
        double spread = tried.size() == 1 ? ONE_TRIAL : LEAST_SPREAD;
        return new Factor(
                Math.min(least, likely * (1 - spread)),
                likely,
                Math.max(most, likely * (1 + spread)),
                false,
                isSpent,
                tried.size() == 1 ? "one trial in this bath" : tried.size() + " trials in this bath");
    }

    /** What it has eaten and what is left, with the arithmetic. */
    public Worked<Figure> spentWorked(Units units) {
        List<String> lines = new ArrayList<>();
        lines.add(String.format(Locale.ROOT, "%.1f mm³ of steel × 7.85 g/cm³ ≈ %.2f g eaten", eaten, eaten * STEEL));
        strength.ifPresent(ferric -> lines.add(String.format(
                Locale.ROOT,
                "%s at %s: %.2f mol of ferric chloride ÷ 2 × 55.845 g/mol ≈ %.1f g that it can eat",
                volume.in(units),
                Dilution.percent(ferric),
                ferric.moles(volume),
                capacity(ferric) * STEEL)));
        return new Worked<>(
                Figure.percent(spent().orElse(0.0), 1),
                "",
                lines,
                factor().isSpent() ? List.of("It is nearly spent: mix it anew.") : List.of());
    }

    /** Steel that an etch takes off, in mm³. @param area of both faces in mm² */
    public static double eaten(double area, double depthMicrometres) {
        return area * depthMicrometres / 1000;
    }

    /**
     * How deep ferric chloride goes in a time where nobody measured it: about a micrometre and a half a minute, slower
     * in what is milder. From memory, a rough one.
     */
    public static double usualDepth(Liquid liquid, Duration time) {
        double aMinute = liquid.isFerric() ? 1.5 : liquid.etches() ? 0.15 : 0;
        return time.toMillis() / 60_000.0 * aMinute;
    }
}
