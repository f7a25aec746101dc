package hiltboard.server.device;

import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.KilnState;
import hiltboard.core.fire.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.UnaryOperator;

/** Stands in for a kiln and its controller. Its door, its faults and the pace of its clock are worked by hand. */
public final class SimulatedKiln implements ConnectedKiln, KilnStandIn {
    /** Between two readings, in seconds of its own clock; a cold kiln that is out shows little. */
    private static final int BETWEEN_READINGS = 5;

    private static final int BETWEEN_COLD_READINGS = 900;
    private static final double COLD_CELSIUS = 60;
    /** Slow change of a cold kiln is not worth a reading each time. */
    private static final double WORTH_SHOWING_KELVIN = 1;

    private final LongSupplier shopMillis;
    private final long beginMillis;
    private final List<Shown> untold = new ArrayList<>();
    private KilnState state;
    private long seenMillis;
    private int pace = 1;
    private double nextReading;
    private double toldCelsius = -1000;

    /** @param shopMillis the shop's clock */
    public SimulatedKiln(Kiln kiln, Optional<Seen> seen, LongSupplier shopMillis) {
        this.shopMillis = shopMillis;
        this.seenMillis = shopMillis.getAsLong();
        this.beginMillis = Math.max(seenMillis, seen.map(Seen::clockMillis).orElse(0L));
        this.state = seen.map(as -> KilnState.standing(kiln, 0, as.chamber(), as.body(), as.drift()))
                .orElseGet(() -> KilnState.cold(kiln));
    }

    @Override
    public synchronized Seen seen() {
        goOn();
        return new Seen(clockMillis(), state.chamber().celsius(), state.body().celsius(), state.drift());
    }

    private long clockMillis() {
        return beginMillis + Math.round(state.seconds() * 1000);
    }

    /** Lets the time pass that has gone by in the shop. */
    private void goOn() {
        long now = shopMillis.getAsLong();
        double end = state.seconds() + Math.max(0, now - seenMillis) / 1000.0 * pace;
        seenMillis = now;
        while (nextReading <= end) {
            state = state.after(Math.max(0, nextReading - state.seconds()));
            tell();
            nextReading = state.seconds()
                    + (state.isLit() || state.chamber().celsius() > COLD_CELSIUS
                            ? BETWEEN_READINGS
                            : BETWEEN_COLD_READINGS);
        }
        state = state.after(end - state.seconds());
    }

    private void tell() {
        Shown shown = reading();
        boolean isWorthIt = state.isLit()
                || shown.celsius()
                        .filter(celsius -> Math.abs(celsius - toldCelsius) < WORTH_SHOWING_KELVIN)
                        .isEmpty();
        if (isWorthIt) {
            untold.add(shown);
            toldCelsius = shown.celsius().orElse(-1000.0);
        }
    }

    private Shown reading() {
        return new Shown(clockMillis(), state.reading(), state.isLit() ? state.setPoint() : 0);
    }

    @Override
    public synchronized List<Shown> shown() {
        goOn();
        List<Shown> shown = isSilent() ? List.of() : List.copyOf(untold);
        untold.removeAll(shown);
        return shown;
    }

    @Override
    public synchronized Status status() {
        goOn();
        if (isSilent()) {
            Shown nothing = new Shown(clockMillis(), Optional.empty(), 0);
            return new Status(nothing, false, 0, List.of(), state.isDoorOpen(), false, state.fault());
        }
        return new Status(
                reading(),
                state.isLit(),
                state.segment(),
                state.programme(),
                state.isDoorOpen(),
                state.watts() > 0,
                state.fault());
    }

    @Override
    public void light(List<Segment> programme) {
        take(at -> at.lit(programme));
    }

    @Override
    public void next() {
        take(KilnState::next);
    }

    @Override
    public void out() {
        take(KilnState::out);
    }

    @Override
    public void holds(HeatBody load) {
        change(at -> load.joulesPerKelvin() > at.load().joulesPerKelvin()
                ? at.with(load.without(at.load()))
                : at.leaving(load));
    }

    @Override
    public void door(boolean isOpen) {
        change(at -> at.door(isOpen));
    }

    @Override
    public void fail(Optional<KilnFault> fault) {
        change(at -> at.failing(fault));
    }

    @Override
    public synchronized void pace(int times) {
        if (times < 1 || times > FASTEST) {
            throw new IllegalArgumentException("No clock runs " + times + " times as fast");
        }
        goOn();
        pace = times;
    }

    @Override
    public synchronized int pace() {
        return pace;
    }

    private boolean isSilent() {
        return state.fault().filter(KilnFault.SILENT::equals).isPresent();
    }

    /** What a controller that does not answer does not take. */
    private synchronized void take(UnaryOperator<KilnState> how) {
        if (isSilent()) {
            throw new IllegalStateException(KilnFault.SILENT.words());
        }
        change(how);
    }

    private synchronized void change(UnaryOperator<KilnState> how) {
        goOn();
        state = how.apply(state);
        nextReading = state.seconds();
    }
}
