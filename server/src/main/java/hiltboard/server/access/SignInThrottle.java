package hiltboard.server.access;

import hiltboard.server.Refusal;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Makes wrong passwords slow: after three, each further try waits twice as long, up to a minute. */
final class SignInThrottle {
    private static final int FREE_TRIES = 3;
    private static final Duration LONGEST = Duration.ofMinutes(1);
    private static final int REMEMBERED_AT_MOST = 10_000;

    private record Tries(int wrong, Instant last) {
        Instant mayTryAgain() {
            if (wrong < FREE_TRIES) {
                return last;
            }
            Duration wait = Duration.ofSeconds(1L << Math.min(wrong - FREE_TRIES + 1, 6));
            return last.plus(wait.compareTo(LONGEST) > 0 ? LONGEST : wait);
        }
    }

    private final Map<String, Tries> tries = new ConcurrentHashMap<>();

    /** @throws Refusal while it is too soon */
    void check(String who, Instant now) {
        Tries known = tries.get(who);
        if (known != null && now.isBefore(known.mayTryAgain())) {
            long seconds = Duration.between(now, known.mayTryAgain()).toSeconds() + 1;
            throw Refusal.tooSoon("Too many wrong tries. Wait " + seconds + " s and try again.", seconds);
        }
    }

    void wrong(String who, Instant now) {
        if (tries.size() > REMEMBERED_AT_MOST) {
            tries.values().removeIf(old -> old.last().plus(LONGEST).isBefore(now));
        }
        tries.merge(who, new Tries(1, now), (old, fresh) -> new Tries(old.wrong() + 1, now));
    }

    void right(String who) {
        tries.remove(who);
    }
}
