package hiltboard.server.access;

import hiltboard.server.Refusal;
import java.time.Duration;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.function.LongSupplier;

/**
 * Makes wrong passwords slow: after three, each further try waits twice as long, up to a minute. A try counts from when
 * it is begun, so that many at once are no more than many one after the other.
 */
final class SignInThrottle {
    private static final int FREE_TRIES = 3;
    private static final Duration LONGEST = Duration.ofMinutes(1);
    private static final int REMEMBERED_AT_MOST = 10_000;

    private record Tries(int wrong, long lastNanos) {
        long waitsUntilNanos() {
            if (wrong < FREE_TRIES) {
                return lastNanos;
            }
            Duration wait = Duration.ofSeconds(1L << Math.min(wrong - FREE_TRIES + 1, 6));
            return lastNanos + (wait.compareTo(LONGEST) > 0 ? LONGEST : wait).toNanos();
        }
    }

    private final Map<String, Tries> tries = new HashMap<>();
    private final LongSupplier nanos;

    /** @param nanos of a clock that nobody can set, such as {@link System#nanoTime} */
    SignInThrottle(LongSupplier nanos) {
        this.nanos = nanos;
    }

    /**
     * Counts a try as a wrong one until it is known to be {@link #right}.
     *
     * @param of by what it is counted: each of these waits for itself
     * @throws Refusal while it is too soon for one of them; it is not counted then
     */
    synchronized void begin(Collection<String> of) {
        long now = nanos.getAsLong();
        for (String each : of) {
            Tries known = tries.get(each);
            if (known != null && known.waitsUntilNanos() - now > 0) {
                long seconds = Duration.ofNanos(known.waitsUntilNanos() - now).toSeconds() + 1;
                throw Refusal.tooSoon("Too many wrong tries. Wait " + seconds + " s and try again.", seconds);
            }
        }
        if (tries.size() > REMEMBERED_AT_MOST) {
            tries.values().removeIf(old -> now - old.lastNanos() > LONGEST.toNanos());
        }
        of.forEach(each -> tries.merge(each, new Tries(1, now), (old, fresh) -> new Tries(old.wrong() + 1, now)));
    }

    synchronized void right(Collection<String> of) {
        of.forEach(tries::remove);
    }
}
