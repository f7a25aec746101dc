package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import java.util.List;
import java.util.Optional;

/**
 * A kiln at a moment, with the controller that leads it through its programme: what a stand-in does where there is no kiln. The controller sees
 * only what the thermocouple shows.
 *
 * @param seconds on the kiln's own clock
 * @param programme what it is told to do; empty while it is not lit
 * @param segment which part of it, from nothing
 * @param stayed seconds that it has been where this part wants it
 * @param setPoint where the controller wants it now, °C
 * @param doorOpenFor seconds; negative while the door is shut
 * @param drift how much too high the thermocouple reads, in kelvin
 * @param watts of the elements in the last moment
 */
public record KilnState(Kiln kiln, Firing heat, HeatBody load, double seconds, List<Segment> programme, int segment, double stayed, double setPoint,
        double doorOpenFor, double drift, Optional<KilnFault> fault, double watts) {

    /** How near it has to be before it counts as being there. */
    public static final double NEAR_KELVIN = 5;
    private static final double PROPORTIONAL_BAND = 15;
    private static final double STEP_SECONDS = 1;
    private static final double SHUT = -1;
    private static final double LONG_SECONDS = 600;
    /** A base-metal thermocouple reads higher with every hour in the heat, about a kelvin in a hundred hours above red; from memory. */
    private static final double DRIFT_PER_SECOND = 1 / 360_000.0;
    private static final double DRIFTS_ABOVE = 700;

    public KilnState {
        programme = List.copyOf(programme);
    }

    public static KilnState cold(Kiln kiln) {
        return new KilnState(kiln, Firing.cold(Kiln.SHOP.celsius()), HeatBody.NOTHING, 0, List.of(), 0, 0, 0, SHUT, 0, Optional.empty(), 0);
    }

    /** As a kiln stood when it was last seen. */
    public static KilnState standing(Kiln kiln, double seconds, double chamber, double body, double drift) {
        return new KilnState(kiln, new Firing(chamber, body, chamber, 0, 0), HeatBody.NOTHING, seconds, List.of(), 0, 0, 0, SHUT, drift, Optional.empty(), 0);
    }

    public boolean isLit() {
        return !programme.isEmpty();
    }

    public boolean isDoorOpen() {
        return doorOpenFor >= 0;
    }

    /** What the thermocouple shows, in °C; empty while it is open. */
    public Optional<Double> reading() {
        return fault.filter(KilnFault.THERMOCOUPLE_OPEN::equals).isPresent() ? Optional.empty() : Optional.of(heat.probe() + drift);
    }

    /** How hot the chamber really is. */
    public Temperature chamber() {
        return Temperature.ofCelsius(heat.chamber());
    }

    /** How hot what lies in it is. */
    public Temperature body() {
        return Temperature.ofCelsius(heat.body());
    }

    public KilnState lit(List<Segment> told) {
        return new KilnState(kiln, heat, load, seconds, told, 0, 0, reading().orElse(Kiln.SHOP.celsius()), doorOpenFor, drift, fault, watts);
    }

    /** The elements off, whatever was told. */
    public KilnState out() {
        return new KilnState(kiln, heat, load, seconds, List.of(), 0, 0, 0, doorOpenFor, drift, fault, 0);
    }

    /** Goes on to the next part of its programme; out after the last. */
    public KilnState next() {
        return segment + 1 < programme.size() ? new KilnState(kiln, heat, load, seconds, programme, segment + 1, 0, setPoint, doorOpenFor, drift, fault, watts) : out();
    }

    public KilnState door(boolean isOpen) {
        return new KilnState(kiln, heat, load, seconds, programme, segment, stayed, setPoint, isOpen ? Math.max(0, doorOpenFor) : SHUT, drift, fault, watts);
    }

    public KilnState failing(Optional<KilnFault> how) {
        return new KilnState(kiln, heat, load, seconds, programme, segment, stayed, setPoint, doorOpenFor, drift, how, watts);
    }

    /** With cold work laid beside what is in it already. */
    public KilnState with(HeatBody cold) {
        HeatBody all = load.and(cold);
        double warm = all.joulesPerKelvin() > 0 ? (load.joulesPerKelvin() * heat.body() + cold.joulesPerKelvin() * Kiln.SHOP.celsius()) / all.joulesPerKelvin() : heat.body();
        return holding(all, warm);
    }

    /** With only this left of what was in it. */
    public KilnState leaving(HeatBody rest) {
        return holding(rest, heat.body());
    }

    /** With work in it that has soaked through. */
    KilnState soaked(HeatBody body) {
        return holding(body, heat.chamber());
    }

    private KilnState holding(HeatBody body, double celsius) {
        return new KilnState(kiln, new Firing(heat.chamber(), celsius, heat.probe(), heat.in(), heat.lost()), body, seconds, programme, segment, stayed, setPoint, doorOpenFor, drift, fault, watts);
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
        return new KilnState(kiln, new Firing(chamber, chamber, chamber, heat.in(), heat.lost() + lost), load, seconds + time, programme, segment, stayed, 0, doorOpenFor, drift, fault, 0);
    }

    private KilnState step(double time) {
        double wanted = setPointAfter(time);
        double on = power(wanted);
        double loss = kiln.wattsPerKelvin() + (isDoorOpen() ? kiln.openWattsPerKelvin() : 0);
        Firing later = heat.after(time, kiln, load, on, loss);
        double open = isDoorOpen() ? doorOpenFor + time : SHUT;
        double drifted = drift + (later.chamber() > DRIFTS_ABOVE ? DRIFT_PER_SECOND * time : 0);
        KilnState moved = new KilnState(kiln, later, load, seconds + time, programme, segment, stayed, wanted, open, drifted, fault, on);
        return moved.isThere() ? moved.staying(time) : moved;
    }

    private double setPointAfter(double time) {
        if (!isLit()) {
            return 0;
        }
        double target = now().to().celsius();
        double ramp = now().kelvinPerHour() == 0 ? Double.MAX_VALUE : now().kelvinPerHour() / 3600 * time;
        return setPoint < target ? Math.min(target, setPoint + ramp) : Math.max(target, setPoint - ramp);
    }

    private Segment now() {
        return programme.get(segment);
    }

    /**
     * What the elements give. The door's switch and the safety come before everything, also before a controller that does not stop heating.
     */
    private double power(double wanted) {
        boolean isHeld = doorOpenFor >= kiln.doorAllowed().toSeconds() || heat.chamber() >= kiln.most().celsius();
        if (isHeld || !isLit() || fault.filter(KilnFault.POWER_CUT::equals).isPresent()) {
            return 0;
        }
        if (fault.filter(KilnFault.TOO_HOT::equals).isPresent()) {
            return kiln.watts();
        }
        return reading().map(shown -> {
            double holds = kiln.wattsPerKelvin() * (wanted - Kiln.SHOP.celsius());
            return Math.max(0, Math.min(kiln.watts(), holds + kiln.watts() * (wanted - shown) / PROPORTIONAL_BAND));
        }).orElse(0.0);
    }

    /** Whether it shows what this part of its programme wants. */
    public boolean isThere() {
        return isLit() && reading().filter(shown -> Math.abs(shown - now().to().celsius()) <= NEAR_KELVIN).isPresent();
    }

    private KilnState staying(double time) {
        KilnState longer = new KilnState(kiln, heat, load, seconds, programme, segment, stayed + time, setPoint, doorOpenFor, drift, fault, watts);
        return now().stays().filter(stays -> longer.stayed >= stays.toSeconds()).isPresent() ? longer.next() : longer;
    }
}
