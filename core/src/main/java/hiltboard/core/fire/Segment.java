package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.Optional;

/**
 * One part of what a kiln is told to do: go to a temperature, stay there.
 *
 * @param kelvinPerHour how fast at most, up or down; nothing for as fast as it can
 * @param stays from when it is there, not from when it set out; empty for until it is told to go on
 */
public record Segment(Temperature to, double kelvinPerHour, Optional<Duration> stays) {
    public Segment {
        if (!(kelvinPerHour >= 0 && Double.isFinite(kelvinPerHour))) {
            throw new IllegalArgumentException("A ramp of " + kelvinPerHour + " K/h cannot be");
        }
    }

    static Segment until(Temperature to) {
        return new Segment(to, 0, Optional.empty());
    }

    static Segment staying(Temperature to, Duration time) {
        return new Segment(to, 0, Optional.of(time));
    }

    Segment atMost(double ramp) {
        return new Segment(to, ramp, stays);
    }
}
