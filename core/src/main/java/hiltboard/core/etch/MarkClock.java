package hiltboard.core.etch;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * How long current flowed through a stencil, reckoned from the moments at which it was switched and from nothing else.
 *
 * @param events in the order in which they were noted
 */
public record MarkClock(List<Event> events) {
    /** A burst is no longer: the blade heats, and the stencil lifts. Common practice: 20 to 30 seconds. */
    public static final Duration BURST = Duration.ofSeconds(30);
    /** After so much it is cooled in water. Common practice: a minute at most. */
    public static final Duration COOL_AFTER = Duration.ofSeconds(60);

    public MarkClock {
        events = List.copyOf(events);
    }

    /** The names stay the same for ever. */
    public enum Moment {
        ON,
        OFF,
        COOLED
    }

    public record Event(Moment moment, Instant at) {}

    public boolean isOn() {
        return !events.isEmpty() && events.get(events.size() - 1).moment() == Moment.ON;
    }

    /** Current flowed for so long in all. */
    public Duration inAll(Instant now) {
        return flowed(now, false);
    }

    /** And for so long since the blade was last cooled. */
    public Duration sinceCooled(Instant now) {
        return flowed(now, true);
    }

    private Duration flowed(Instant now, boolean fromCooling) {
        Duration flowed = Duration.ZERO;
        Instant on = Instant.MAX;
        for (Event event : events) {
            switch (event.moment()) {
                case ON -> on = event.at();
                case OFF -> {
                    flowed = flowed.plus(between(on, event.at()));
                    on = Instant.MAX;
                }
                case COOLED -> flowed = fromCooling ? Duration.ZERO : flowed;
            }
        }
        return flowed.plus(between(on, now));
    }

    /** A clock that was set back takes nothing away. */
    private static Duration between(Instant from, Instant to) {
        return to.isAfter(from) ? Duration.between(from, to) : Duration.ZERO;
    }

    /** Whether it has to be cooled before the next burst. */
    public boolean mustCool(Instant now) {
        return sinceCooled(now).compareTo(COOL_AFTER) >= 0;
    }

    /** Whether such a thing can happen next; current is switched off at any time, and on only while it is cool. */
    public boolean canFollow(Moment moment, Instant now) {
        return switch (moment) {
            case ON -> !isOn() && !mustCool(now);
            case OFF -> isOn();
            case COOLED -> !isOn() && !sinceCooled(now).isZero();
        };
    }
}
