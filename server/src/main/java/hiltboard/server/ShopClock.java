package hiltboard.server;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * The clock on the shop's wall. The demo shop turns it back, for its own thread only, while its past is played through.
 */
@Component
public class ShopClock {
    private final Clock clock;
    private final ThreadLocal<Optional<Instant>> pretended = ThreadLocal.withInitial(Optional::empty);

    ShopClock(Clock clock) {
        this.clock = clock;
    }

    public Instant now() {
        return pretended.get().orElseGet(clock::instant);
    }

    public long nowMillis() {
        return now().toEpochMilli();
    }

    /** The wall's own time, to the second. */
    public LocalDateTime localNow() {
        return LocalDateTime.ofInstant(now(), zone()).withNano(0);
    }

    public LocalDate today() {
        return LocalDate.ofInstant(now(), zone());
    }

    /** The clock itself, which nobody has turned back. */
    public Clock clock() {
        return clock;
    }

    public ZoneId zone() {
        return clock.getZone();
    }

    /** Does something as if it were then. */
    public void at(Instant then, Runnable work) {
        pretended.set(Optional.of(then));
        try {
            work.run();
        } finally {
            pretended.remove();
        }
    }
}
