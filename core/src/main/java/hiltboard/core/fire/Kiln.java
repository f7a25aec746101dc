package hiltboard.core.fire;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.time.Duration;

/**
 * A kiln: how strongly it heats, what its lining holds and loses, and what goes into it. Chamber and lining are one
 * body.
 *
 * @param watts of its elements
 * @param joulesPerKelvin what the chamber takes up for each degree
 * @param wattsPerKelvin what it loses through the lining for each degree above the shop
 * @param openWattsPerKelvin what it loses more with the door wide open
 * @param lagSeconds how far the thermocouple lags behind
 * @param most where its safety cuts the power
 * @param doorAllowed how long the elements may stay on with the door open
 */
public record Kiln(
        double watts,
        double joulesPerKelvin,
        double wattsPerKelvin,
        double openWattsPerKelvin,
        double lagSeconds,
        Temperature most,
        Duration doorAllowed,
        Space space) {
    /** Of the shop around it. */
    public static final Temperature SHOP = Temperature.ofCelsius(20);
    /** A door that stands a hand's breadth open, as a share of one wide open; from memory. */
    private static final double AJAR = 0.25;
    /** What an open door of a small shop kiln loses; from memory: a short opening costs 20 to 40 °F. */
    private static final double USUAL_OPEN = 12;

    private static final double USUAL_LAG_SECONDS = 12;

    /** What goes into the chamber. @param slots of its rack, one blade in each */
    public record Space(Length width, Length height, Length depth, int slots) {
        public Space {
            if (!(width.isPositive() && height.isPositive() && depth.isPositive() && slots > 0)) {
                throw new ImpossibleQuantity("kiln", "no size", "a width, height, depth and at least one slot");
            }
        }

        public String words(Units units) {
            return width.brieflyIn(units) + " wide, " + height.brieflyIn(units) + " high, " + depth.brieflyIn(units)
                    + " deep, " + slots + (slots == 1 ? " slot" : " slots");
        }
    }

    /** @throws ImpossibleQuantity if it does not heat, or holds or loses nothing */
    public Kiln {
        if (!(watts > 0
                && joulesPerKelvin > 0
                && wattsPerKelvin > 0
                && openWattsPerKelvin >= 0
                && lagSeconds >= 0
                && Double.isFinite(watts / joulesPerKelvin / wattsPerKelvin))) {
            throw new ImpossibleQuantity(
                    "kiln",
                    watts + " W, " + joulesPerKelvin + " J/K, " + wattsPerKelvin + " W/K",
                    "more than nothing of each");
        }
        if (hottest(watts, wattsPerKelvin) < most.celsius()) {
            throw new ImpossibleQuantity(
                    "kiln",
                    units -> Math.round(watts) + " W",
                    units -> "enough power to reach " + most.in(units) + " against its losses");
        }
    }

    private static double hottest(double watts, double wattsPerKelvin) {
        return SHOP.celsius() + watts / wattsPerKelvin;
    }

    /**
     * A kiln as two times with a clock describe it, empty and shut: from the shop's temperature to {@code to} with all
     * its power, and back from {@code to} to {@code down}. Both follow a lumped body: T = A + (T₀ − A) e^(−t/τ), with τ
     * from the cooling, and the losses from the heating.
     *
     * @throws ImpossibleQuantity if no kiln can be so
     */
    public static Kiln measured(
            double watts,
            Temperature to,
            Duration heatsIn,
            Temperature down,
            Duration coolsIn,
            Temperature most,
            Space space) {
        if (!(heatsIn.toSeconds() > 0
                && coolsIn.toSeconds() > 0
                && down.celsius() > SHOP.celsius() + 20
                && to.celsius() > down.celsius())) {
            throw new ImpossibleQuantity(
                    "kiln",
                    "heated in " + Span.words(heatsIn) + ", cooled in " + Span.words(coolsIn),
                    "times of more than nothing, and a heat above the one it cools to");
        }
        double above = to.celsius() - SHOP.celsius();
        double constant = coolsIn.toSeconds() / Math.log(above / (down.celsius() - SHOP.celsius()));
        double loss = watts * (1 - Math.exp(-heatsIn.toSeconds() / constant)) / above;
        return new Kiln(
                watts, loss * constant, loss, USUAL_OPEN, USUAL_LAG_SECONDS, most, Duration.ofSeconds(30), space);
    }

    /**
     * How long it takes, empty and shut or with the door ajar, to come down; nothing if it is not hotter. @throws
     * ImpossibleQuantity at or below the shop's own temperature
     */
    public Duration coolingTime(Temperature from, Temperature to, boolean isAjar) {
        if (!(to.celsius() > SHOP.celsius())) {
            throw new ImpossibleQuantity("temperature", to, units -> "above the shop's " + SHOP.in(units));
        }
        double loss = wattsPerKelvin + (isAjar ? AJAR * openWattsPerKelvin : 0);
        double seconds =
                joulesPerKelvin / loss * Math.log((from.celsius() - SHOP.celsius()) / (to.celsius() - SHOP.celsius()));
        return Duration.ofSeconds(Math.round(Math.max(0, seconds)));
    }

    /**
     * How long it takes, empty and shut with all its power, to come up; nothing if it is hotter already. @throws
     * ImpossibleQuantity if it never gets there
     */
    public Duration heatingTime(Temperature from, Temperature to) {
        double hottest = hottest(watts, wattsPerKelvin);
        if (!(to.celsius() < hottest)) {
            throw new ImpossibleQuantity(
                    "temperature",
                    to,
                    units -> "below "
                            + Temperature.ofCelsius(Math.floor(hottest)).in(units)
                            + ", where its losses take all its power");
        }
        double seconds =
                joulesPerKelvin / wattsPerKelvin * Math.log((hottest - from.celsius()) / (hottest - to.celsius()));
        return Duration.ofSeconds(Math.round(Math.max(0, seconds)));
    }
}
