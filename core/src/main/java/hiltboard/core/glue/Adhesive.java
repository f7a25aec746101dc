package hiltboard.core.glue;

import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.time.Duration;
import java.util.Locale;
import java.util.function.BinaryOperator;

/**
 * A two-part epoxy as its maker states it, and how the shop's warmth changes its times: about half for every 10 °C
 * warmer, twice for every 10 °C colder (common practice of the trade, no published source). The stated times are usual
 * ones, from memory; what the package says comes first. Valid for 10 to 40 °C; a mass in the cup goes faster still.
 */
public enum Adhesive {
    SLOW_EPOXY("Slow epoxy", 60, 225, 255, 16),
    MEDIUM_EPOXY("Medium epoxy", 30, 100, 120, 12);

    /** The stated times hold for a warm shop. */
    private static final double STATED_AT_CELSIUS = 24;

    private static final double HALVES_EVERY_CELSIUS = 10;
    /** A shop that nobody has measured. */
    public static final Temperature USUAL_SHOP = Temperature.ofCelsius(20);

    private final String words;
    private final int workingMinutes;
    private final int gripMinutes;
    private final int setMinutes;
    private final int loadHours;

    Adhesive(String words, int workingMinutes, int gripMinutes, int setMinutes, int loadHours) {
        this.words = words;
        this.workingMinutes = workingMinutes;
        this.gripMinutes = gripMinutes;
        this.setMinutes = setMinutes;
        this.loadHours = loadHours;
    }

    public String words() {
        return words;
    }

    /** How long it can be spread and pressed together. */
    public Worked<Span> working(Temperature shop, Units units) {
        return at(shop, workingMinutes, Span::down, "worked for", units);
    }

    /** When it grips, so that a bedded handle can be pulled and keeps its shape. */
    public Worked<Span> grips(Temperature shop, Units units) {
        return at(shop, gripMinutes, Span::up, "grips after", units);
    }

    /** When it has set, so that a bedded handle comes off no more. */
    public Worked<Span> sets(Temperature shop, Units units) {
        return at(shop, setMinutes, Span::down, "sets after", units);
    }

    /**
     * How long it rests before it is loaded, ground or drilled: longer in a cold shop, and in a warm one never shorter
     * than stated, since it gains strength overnight.
     */
    public Worked<Span> cures(Temperature shop, Units units) {
        Temperature counted = shop.celsius() > STATED_AT_CELSIUS ? Temperature.ofCelsius(STATED_AT_CELSIUS) : shop;
        return at(counted, loadHours * 60, Span::up, "bears load after", units);
    }

    /** As {@link #grips}, where nobody has read the thermometer. */
    public Duration usualGrip() {
        return grips(USUAL_SHOP, Units.MILLIMETRE_CELSIUS).value().duration();
    }

    /** As {@link #cures}, where nobody has read the thermometer. */
    public Duration usualCure() {
        return cures(USUAL_SHOP, Units.MILLIMETRE_CELSIUS).value().duration();
    }

    /** A rule of thumb is not known to the minute: by fives from three hours on. */
    private static Duration step(double minutes) {
        return Duration.ofMinutes(minutes < 180 ? 1 : 5);
    }

    /** @param rounding up where somebody waits for it, down where it must not be missed */
    private Worked<Span> at(
            Temperature shop, int statedMinutes, BinaryOperator<Duration> rounding, String what, Units units) {
        double factor = Math.pow(2, (STATED_AT_CELSIUS - shop.celsius()) / HALVES_EVERY_CELSIUS);
        Span span = new Span(rounding.apply(
                Duration.ofSeconds(Math.round(statedMinutes * 60 * factor)), step(statedMinutes * factor)));
        return Worked.of(
                span,
                words + " " + what + " " + Span.words(Duration.ofMinutes(statedMinutes)) + " at "
                        + Temperature.ofCelsius(STATED_AT_CELSIUS).in(units) + "; at " + shop.in(units) + " × "
                        + String.format(Locale.ROOT, "%.2f", factor) + " ≈ " + span.in(units));
    }
}
