package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import java.util.List;
import java.util.Optional;

/**
 * A kiln at a moment, with the controller that leads it through its programme: what a stand-in does where there is no
 * kiln. The controller sees only what the thermocouple shows.
 *
 * @param seconds on the kiln's own clock
 * @param doorOpenFor seconds; negative while the door is shut
 * @param drift how much too high the thermocouple reads, in kelvin
 * @param watts of the elements in the last moment
 */
public record KilnState(
        Kiln kiln,
        Firing heat,
        HeatBody load,
        double seconds,
        Told told,
        double doorOpenFor,
        double drift,
        Optional<KilnFault> fault,
        double watts) {

    /** How near it has to be before it counts as being there. */
    public static final double NEAR_KELVIN = 5;

    private static final double PROPORTIONAL_BAND = 15;
    private static final double STEP_SECONDS = 1;
    private static final double SHUT = -1;
    private static final double LONG_SECONDS = 600;
    /**
     * A base-metal thermocouple reads higher with every hour in the heat, about a kelvin in a hundred hours above red;
     * from memory.
     */
    private static final double DRIFT_PER_SECOND = 1 / 360_000.0;

    private static final double DRIFTS_ABOVE = 700;

    public static KilnState cold(Kiln kiln) {
        return standing(kiln, 0, Kiln.SHOP.celsius(), Kiln.SHOP.celsius(), 0);
    }

    /** As a kiln stood when it was last seen, out and empty. */
    public static KilnState standing(Kiln kiln, double seconds, double chamber, double body, double drift) {
        return new KilnState(
                kiln,
                new Firing(chamber, body, chamber, 0, 0),
                HeatBody.NOTHING,
                seconds,
                Told.NOTHING,
                SHUT,
                drift,
                Optional.empty(),
                0);
    }

    public boolean isLit() {
        return told.isLit();
    }

    public boolean isDoorOpen() {
        return doorOpenFor >= 0;
    }

    /** What it is told to do; nothing while it is not lit. */
    public List<Segment> programme() {
        return told.programme();
    }

    /** Which part of its programme it is at, from nothing. */
    public int segment() {
        return told.segment();
    }

    /** Where its controller wants it now, °C; nothing while it is not lit. */
    public double setPoint() {
        return told.setPoint();
    }

    /** What the thermocouple shows, in °C; empty while it is open. */
    public Optional<Double> reading() {
        return isFailing(KilnFault.THERMOCOUPLE_OPEN) ? Optional.empty() : Optional.of(heat.probe() + drift);
    }

    private boolean isFailing(KilnFault how) {
        return fault.filter(how::equals).isPresent();
    }

    /** How hot the chamber really is. */
    public Temperature chamber() {
        return Temperature.ofCelsius(heat.chamber());
    }

    /** How hot what lies in it is. */
    public Temperature body() {
        return Temperature.ofCelsius(heat.body());
    }

    public KilnState lit(List<Segment> programme) {
        return told(new Told(programme, 0, 0, reading().orElse(Kiln.SHOP.celsius())));
    }

    /** The elements off, whatever was told. */
    public KilnState out() {
        return told(Told.NOTHING);
    }

    /** Goes on to the next part of its programme; out after the last. */
    public KilnState next() {
        return told(isLit() ? told.next() : told);
    }

    private KilnState told(Told what) {
        return new KilnState(kiln, heat, load, seconds, what, doorOpenFor, drift, fault, what.isLit() ? watts : 0);
    }

    public KilnState door(boolean isOpen) {
        return new KilnState(
                kiln, heat, load, seconds, told, isOpen ? Math.max(0, doorOpenFor) : SHUT, drift, fault, watts);
    }

    public KilnState failing(Optional<KilnFault> how) {
        return new KilnState(kiln, heat, load, seconds, told, doorOpenFor, drift, how, watts);
    }

    /** With cold work laid beside what is in it already. */
    public KilnState with(HeatBody cold) {
        HeatBody all = load.and(cold);
        double warm = all.joulesPerKelvin() > 0
                ? (load.joulesPerKelvin() * heat.body() + cold.joulesPerKelvin() * Kiln.SHOP.celsius())
                        / all.joulesPerKelvin()
                : heat.body();
        return loaded(all, warm);
    }

    /** With only this left of what was in it. */
    public KilnState leaving(HeatBody rest) {
        return loaded(rest, heat.body());
    }

    /** With work in it that has soaked through. */
    KilnState soaked(HeatBody body) {
        return loaded(body, heat.chamber());
    }

    /** With work in it that is as hot as this. */
    KilnState loaded(HeatBody body, double celsius) {
        return new KilnState(
                kiln,
                new Firing(heat.chamber(), celsius, heat.probe(), heat.in(), heat.lost()),
                body,
                seconds,
                told,
                doorOpenFor,
                drift,
                fault,
                watts);
    }

    /** So many seconds later, in steps of a second; an empty kiln that is shut and out cools by its closed form. */
    public KilnState after(double time) {
        if (!isLit() && !isDoorOpen() && load.joulesPerKelvin() == 0 && time > LONG_SECONDS) {
            return cooled(time);
        }
        KilnState state = this;
        for (double left = time; left > 1e-9; left -= STEP_SECONDS) {
            state = state.step(Math.min(STEP_SECONDS, left));
        }
        return state;
    }

    private KilnState cooled(double time) {
        double left = Math.exp(-time * kiln.wattsPerKelvin() / kiln.joulesPerKelvin());
        double chamber = Kiln.SHOP.celsius() + (heat.chamber() - Kiln.SHOP.celsius()) * left;
        double lost = (heat.chamber() - chamber) * kiln.joulesPerKelvin();
        return new KilnState(
                kiln,
                new Firing(chamber, chamber, chamber, heat.in(), heat.lost() + lost),
                load,
                seconds + time,
                told,
                doorOpenFor,
                drift,
                fault,
                0);
    }

    private KilnState step(double time) {
        Told wanted = told.after(time);
        double on = power(wanted.setPoint());
        Firing later = heat.after(
                time, kiln, load, on, kiln.wattsPerKelvin() + (isDoorOpen() ? kiln.openWattsPerKelvin() : 0));
        double drifted = drift + (later.chamber() > DRIFTS_ABOVE ? DRIFT_PER_SECOND * time : 0);
        KilnState moved = new KilnState(
                kiln,
                later,
                load,
                seconds + time,
                wanted,
                isDoorOpen() ? doorOpenFor + time : SHUT,
                drifted,
                fault,
                on);
        return moved.isThere() ? moved.told(wanted.staying(time)) : moved;
    }

    /**
     * What the elements give. The door's switch and the safety come before everything, also before a controller that
     * does not stop heating.
     */
    private double power(double wanted) {
        boolean isHeld = doorOpenFor >= kiln.doorAllowed().toSeconds()
                || heat.chamber() >= kiln.most().celsius();
        if (isHeld || !isLit() || isFailing(KilnFault.POWER_CUT)) {
            return 0;
        }
        if (isFailing(KilnFault.TOO_HOT)) {
            return kiln.watts();
        }
        return reading()
                .map(shown -> {
                    double holds = kiln.wattsPerKelvin() * (wanted - Kiln.SHOP.celsius());
                    return Math.max(
                            0, Math.min(kiln.watts(), holds + kiln.watts() * (wanted - shown) / PROPORTIONAL_BAND));
                })
                .orElse(0.0);
    }

    /** Whether it shows what this part of its programme wants. */
    public boolean isThere() {
        return isLit()
                && reading()
                        .filter(shown -> Math.abs(shown - told.now().to().celsius()) <= NEAR_KELVIN)
                        .isPresent();
    }
}
